import { createBrowserRouter, redirect } from 'react-router';
import { keptAccount } from '../api/who.ts';
import { Shell } from './Shell.tsx';
import { NotFound, RouteTrouble } from './RouteTrouble.tsx';

export const router = createBrowserRouter([
  {
    path: '/',
    // Nobody is signed in in this browser: what was asked for is shown after.
    loader: ({ request }) => {
      if (keptAccount() !== null) return null;
      const { pathname, search } = new URL(request.url);
      return redirect(`/enter?to=${encodeURIComponent(pathname + search)}`);
    },
    element: <Shell />,
    errorElement: <RouteTrouble />,
    HydrateFallback: () => null,
    children: [
      {
        index: true,
        lazy: async () => ({ Component: (await import('../features/day/DayPage.tsx')).DayPage }),
      },
      {
        path: 'players',
        lazy: async () => ({
          Component: (await import('../features/player/PlayersPage.tsx')).PlayersPage,
        }),
      },
      {
        path: 'players/:playerId',
        lazy: async () => ({
          Component: (await import('../features/player/PlayerPage.tsx')).PlayerPage,
        }),
      },
      {
        path: 'yard',
        lazy: async () => ({ Component: (await import('../features/yard/YardPage.tsx')).YardPage }),
      },
      {
        path: 'workshop',
        lazy: async () => ({
          Component: (await import('../features/workshop/WorkshopPage.tsx')).WorkshopPage,
        }),
      },
      {
        path: 'settings',
        lazy: async () => ({
          Component: (await import('../features/settings/SettingsPage.tsx')).SettingsPage,
        }),
      },
      {
        path: 'people',
        lazy: async () => ({
          Component: (await import('../features/people/PeoplePage.tsx')).PeoplePage,
        }),
      },
      {
        path: 'account',
        lazy: async () => ({
          Component: (await import('../features/account/AccountPage.tsx')).AccountPage,
        }),
      },
      {
        path: 'lessons/:lessonId',
        loader: ({ params }) => redirect(`/lessons/${params['lessonId']}/read`),
      },
      {
        path: 'lessons/:lessonId/:step',
        lazy: async () => ({
          Component: (await import('../features/lesson/LessonPage.tsx')).LessonPage,
        }),
      },
      { path: '*', element: <NotFound /> },
    ],
  },
  {
    path: '/enter',
    HydrateFallback: () => null,
    lazy: async () => ({ Component: (await import('../features/door/EnterPage.tsx')).EnterPage }),
  },
  {
    path: '/join',
    HydrateFallback: () => null,
    lazy: async () => ({ Component: (await import('../features/door/JoinPage.tsx')).JoinPage }),
  },
]);
