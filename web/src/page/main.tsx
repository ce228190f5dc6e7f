import { createRoot } from 'react-dom/client';
import { showTheme } from '../ui/show-theme.ts';
import { GivenPage } from './GivenPage.tsx';
import { lookAgain, openPage } from './page-store.ts';
import '../styles.css';

const prefersDark = window.matchMedia('(prefers-color-scheme: dark)');
const applyTheme = (): void => showTheme(prefersDark.matches);
applyTheme();
prefersDark.addEventListener('change', applyTheme);

// `/p/<token>`: the only thing this page knows.
const token = window.location.pathname.split('/')[2] ?? '';
void openPage(token);
window.addEventListener('online', () => void lookAgain());
// Kept on the phone, so that it opens at the range where there is no network.
if ('serviceWorker' in navigator)
  void navigator.serviceWorker.register('/page-sw.js', { scope: '/p/' }).catch(() => undefined);
createRoot(document.getElementById('root')!).render(<GivenPage />);
