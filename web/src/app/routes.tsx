import { createBrowserRouter, redirect } from 'react-router';
import { keptAccount } from '../api/who.ts';
import { DayPage } from '../features/day/DayPage.tsx';
import { Shell } from './Shell.tsx';
import { NotFound, RouteTrouble } from './RouteTrouble.tsx';

const lessonPage = async () => (await import('../features/lesson/LessonPage.tsx')).LessonPage;

/** What the first page shows comes before where most go next, ms. */
const NEXT_MS = 4000;

/** Fetches where most go next while they look at where they are. */
export function fetchNext(): void {
  // With the network gone it is fetched when it is gone to.
  setTimeout(() => void lessonPage().catch(() => undefined), NEXT_MS);
}

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
      // Where everybody begins: it comes with the app, the other places when they are gone to.
      { index: true, element: <DayPage /> },
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
        path: 'players/:playerId/record',
        lazy: async () => ({
          Component: (await import('../features/record/RecordPage.tsx')).RecordPage,
        }),
      },
      {
        path: 'players/:playerId/report',
        lazy: async () => ({
          Component: (await import('../features/report/ReportPage.tsx')).ReportPage,
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
        path: 'doors',
        lazy: async () => ({
          Component: (await import('../features/doors/DoorsPage.tsx')).DoorsPage,
        }),
      },
      {
        path: 'kept',
        lazy: async () => ({ Component: (await import('../features/kept/KeptPage.tsx')).KeptPage }),
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
        path: 'lessons/:lessonId/across',
        lazy: async () => ({
          Component: (await import('../features/lesson/across/AcrossPage.tsx')).AcrossPage,
        }),
      },
      {
        path: 'lessons/:lessonId/:step',
        lazy: async () => ({ Component: await lessonPage() }),
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
