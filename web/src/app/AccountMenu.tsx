import { CircleUser } from 'lucide-react';
import { DropdownMenu } from 'radix-ui';
import { useNavigate } from 'react-router';
import { useAccount } from '../api/account.ts';
import { MENU_ITEM, Menu } from '../ui/Menu.tsx';
import { OWN_PLACES } from './PlacesMenu.tsx';

/** Who is signed in, and at which academy. */
export function AccountMenu() {
  const navigate = useNavigate();
  const account = useAccount();
  if (account === null) return null;
  return (
    <Menu
      label={`${account.name}, ${account.academy}`}
      icon={<CircleUser aria-hidden />}
      className="max-lg:hidden"
    >
      <DropdownMenu.Label className="px-3 py-2">
        <b className="block">{account.name}</b>
        <span className="text-soft">
          {account.role} at {account.academy}
        </span>
      </DropdownMenu.Label>
      <DropdownMenu.Separator className="my-1 h-px bg-line" />
      {OWN_PLACES.map(([to, label]) => (
        <DropdownMenu.Item key={to} className={MENU_ITEM} onSelect={() => void navigate(to)}>
          {label}
        </DropdownMenu.Item>
      ))}
    </Menu>
  );
}
