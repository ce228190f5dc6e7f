import { PersistQueryClientProvider } from '@tanstack/react-query-persist-client';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { RouterProvider } from 'react-router';
import { queryClient } from './api/client.ts';
import { fetchNext, router } from './app/routes.tsx';
import { applyTheme } from './app/theme.ts';
import { keptCache } from './sync/kept-cache.ts';
import { followAccount, keptAccount, storeName } from './api/who.ts';
import { keepIn } from './sync/log-db.ts';
import { startSync } from './sync/start.ts';
import './styles.css';

applyTheme();
keepIn(storeName);
if (keptAccount() !== null) void startSync();
// Somebody else in another tab: nothing here may be sent or shown as theirs.
followAccount(() => window.location.reload());
// Kept by the browser for the coach, who works where there is no network.
if ('serviceWorker' in navigator)
  void navigator.serviceWorker.register('/sw.js').catch(() => undefined);
fetchNext();
createRoot(document.getElementById('root')!).render(
  <StrictMode>
    <PersistQueryClientProvider
      client={queryClient}
      persistOptions={keptCache}
      // What the browser kept is shown at once, and never taken for what the server says now.
      onSuccess={() => queryClient.invalidateQueries()}
    >
      <RouterProvider router={router} />
    </PersistQueryClientProvider>
  </StrictMode>,
);
