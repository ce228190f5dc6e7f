import { create } from 'zustand';
import { persist } from 'zustand/middleware';
import { showTheme } from '../ui/show-theme.ts';

export type Theme = 'system' | 'light' | 'dark';

interface ThemeState {
  readonly theme: Theme;
  readonly setTheme: (theme: Theme) => void;
}

export const useTheme = create<ThemeState>()(
  persist((set) => ({ theme: 'system', setTheme: (theme) => set({ theme }) }), {
    name: 'loxos-theme',
  }),
);

/** Returns whether the dark theme shows, chosen or by the system. */
export function useIsDark(): boolean {
  const theme = useTheme((state) => state.theme);
  return (
    theme === 'dark' || (theme === 'system' && document.documentElement.dataset['theme'] === 'dark')
  );
}

const prefersDark = (): MediaQueryList => window.matchMedia('(prefers-color-scheme: dark)');

function show(theme: Theme): void {
  const dark = theme === 'dark' || (theme === 'system' && prefersDark().matches);
  showTheme(dark);
}

/** Shows the chosen theme now and whenever it or the system's changes. */
export function applyTheme(): void {
  const now = (): void => show(useTheme.getState().theme);
  useTheme.subscribe(now);
  prefersDark().addEventListener('change', now);
  now();
}
