import { Menu, Moon, Search, Sun } from 'lucide-react';
import { DropdownMenu } from 'radix-ui';
import { useNavigate } from 'react-router';
import { useIsDark, useTheme } from './theme.ts';

export const PLACES = [
  ['/', 'Day'],
  ['/players', 'Players'],
  ['/yard', 'Yard'],
  ['/workshop', 'Workshop'],
  ['/settings', 'Settings'],
] as const;

const ITEM =
  'flex min-h-12 cursor-pointer items-center gap-3 rounded-lg px-3 text-lg data-highlighted:bg-ink data-highlighted:text-paper';

/** On a phone the places are behind one button. */
export function PlacesMenu({ onPalette }: { onPalette: () => void }) {
  const navigate = useNavigate();
  const isDark = useIsDark();
  const setTheme = useTheme((state) => state.setTheme);
  return (
    <DropdownMenu.Root>
      <DropdownMenu.Trigger
        aria-label="Places"
        className="inline-flex size-12 items-center justify-center rounded-lg hover:bg-line/40 lg:hidden"
      >
        <Menu aria-hidden />
      </DropdownMenu.Trigger>
      <DropdownMenu.Portal>
        <DropdownMenu.Content
          align="start"
          className="z-50 w-60 rounded-xl border border-line bg-sheet p-1 text-ink shadow-xl"
        >
          {PLACES.map(([to, label]) => (
            <DropdownMenu.Item key={to} className={ITEM} onSelect={() => void navigate(to)}>
              {label}
            </DropdownMenu.Item>
          ))}
          <DropdownMenu.Separator className="my-1 h-px bg-line" />
          <DropdownMenu.Item className={ITEM} onSelect={onPalette}>
            <Search aria-hidden size={18} /> Go to …
          </DropdownMenu.Item>
          <DropdownMenu.Item className={ITEM} onSelect={() => setTheme(isDark ? 'light' : 'dark')}>
            {isDark ? <Sun aria-hidden size={18} /> : <Moon aria-hidden size={18} />}
            {isDark ? 'Light theme' : 'Dark theme'}
          </DropdownMenu.Item>
        </DropdownMenu.Content>
      </DropdownMenu.Portal>
    </DropdownMenu.Root>
  );
}
