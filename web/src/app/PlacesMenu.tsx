import { Menu as MenuIcon, Moon, Search, Sun } from 'lucide-react';
import { DropdownMenu } from 'radix-ui';
import { useNavigate } from 'react-router';
import { MENU_ITEM, Menu } from '../ui/Menu.tsx';
import { useIsDark, useTheme } from './theme.ts';

export const PLACES = [
  ['/', 'Day'],
  ['/players', 'Players'],
  ['/yard', 'Yard'],
  ['/workshop', 'Workshop'],
  ['/settings', 'Settings'],
] as const;

/** Places one goes to now and then: behind one's own name on a desk. */
export const OWN_PLACES = [
  ['/people', 'People'],
  ['/account', 'Your account'],
  ['/kept', 'What is kept'],
] as const;

/** On a phone the places are behind one button. */
export function PlacesMenu({ onPalette }: { onPalette: () => void }) {
  const navigate = useNavigate();
  const isDark = useIsDark();
  const setTheme = useTheme((state) => state.setTheme);
  return (
    <Menu label="Places" icon={<MenuIcon aria-hidden />} className="lg:hidden">
      {[...PLACES, ...OWN_PLACES].map(([to, label]) => (
        <DropdownMenu.Item key={to} className={MENU_ITEM} onSelect={() => void navigate(to)}>
          {label}
        </DropdownMenu.Item>
      ))}
      <DropdownMenu.Separator className="my-1 h-px bg-line" />
      <DropdownMenu.Item className={MENU_ITEM} onSelect={onPalette}>
        <Search aria-hidden size={18} /> Go to …
      </DropdownMenu.Item>
      <DropdownMenu.Item className={MENU_ITEM} onSelect={() => setTheme(isDark ? 'light' : 'dark')}>
        {isDark ? <Sun aria-hidden size={18} /> : <Moon aria-hidden size={18} />}
        {isDark ? 'Light theme' : 'Dark theme'}
      </DropdownMenu.Item>
    </Menu>
  );
}
