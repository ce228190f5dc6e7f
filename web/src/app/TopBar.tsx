import { Command, Moon, Sun } from 'lucide-react';
import { NavLink } from 'react-router';
import { AccountMenu } from './AccountMenu.tsx';
import { Connection } from './Connection.tsx';
import { PLACES, PlacesMenu } from './PlacesMenu.tsx';
import { useIsDark, useTheme } from './theme.ts';

const LINK =
  'inline-flex min-h-11 items-center px-3 font-semibold border-b-3 border-transparent aria-[current=page]:border-look hover:border-line';

function ThemeButton() {
  const setTheme = useTheme((state) => state.setTheme);
  const isDark = useIsDark();
  return (
    <button
      type="button"
      aria-label={isDark ? 'Light theme' : 'Dark theme'}
      onClick={() => setTheme(isDark ? 'light' : 'dark')}
      className="hidden size-11 items-center justify-center rounded-lg hover:bg-line/40 lg:inline-flex"
    >
      {isDark ? <Sun aria-hidden size={20} /> : <Moon aria-hidden size={20} />}
    </button>
  );
}

/** The place, the academy, the connection: one line, on a phone too. */
export function TopBar({ onPalette }: { onPalette: () => void }) {
  return (
    <header className="flex h-12 items-center gap-x-2 border-b border-line bg-sheet px-1 lg:px-3 print:hidden">
      <PlacesMenu onPalette={onPalette} />
      <NavLink
        to="/"
        className="mr-2 inline-flex min-h-11 items-center gap-2 font-title text-lg font-bold"
        aria-label="Loxos, to the day"
      >
        <img src="/mark.svg" alt="" className="size-7" />
        Loxos
      </NavLink>
      <nav aria-label="Places" className="hidden lg:flex">
        {PLACES.map(([to, label]) => (
          <NavLink key={to} to={to} end={to === '/'} className={LINK}>
            {label}
          </NavLink>
        ))}
      </nav>
      <span className="ml-auto truncate pr-2 lg:pr-0">
        <Connection />
      </span>
      <button
        type="button"
        onClick={onPalette}
        className="hidden min-h-9 items-center gap-2 rounded-lg border border-line px-3 text-soft hover:border-ink lg:inline-flex"
      >
        <Command aria-hidden size={16} /> Go to <kbd className="font-mono">/</kbd>
      </button>
      <ThemeButton />
      <AccountMenu />
    </header>
  );
}
