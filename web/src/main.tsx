import 'reflect-metadata';
import { QueryClientProvider } from '@tanstack/react-query';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { RouterProvider } from 'react-router';
import { queryClient } from './api/client.ts';
import { startOutbox } from './api/outbox-runner.ts';
import { router } from './app/routes.tsx';
import { applyTheme } from './app/theme.ts';
import './styles.css';

applyTheme();
startOutbox();
createRoot(document.getElementById('root')!).render(
  <StrictMode>
    <QueryClientProvider client={queryClient}>
      <RouterProvider router={router} />
    </QueryClientProvider>
  </StrictMode>,
);
