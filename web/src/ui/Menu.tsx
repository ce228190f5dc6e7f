import { DropdownMenu } from 'radix-ui';
import type { ReactNode } from 'react';

export const MENU_ITEM =
  'flex min-h-12 cursor-pointer items-center gap-3 rounded-lg px-3 data-highlighted:bg-ink data-highlighted:text-paper';

interface MenuProps {
  readonly label: string;
  readonly icon: ReactNode;
  readonly className?: string;
  /** Its items: `DropdownMenu.Item` with `MENU_ITEM`. */
  readonly children: ReactNode;
}

/** What is behind one button, as a list. */
export function Menu({ label, icon, className = '', children }: MenuProps) {
  return (
    <DropdownMenu.Root>
      <DropdownMenu.Trigger
        aria-label={label}
        className={`inline-flex size-12 shrink-0 items-center justify-center rounded-lg hover:bg-line/40 ${className}`}
      >
        {icon}
      </DropdownMenu.Trigger>
      <DropdownMenu.Portal>
        <DropdownMenu.Content align="start" className="z-50 w-64 panel p-1 text-ink shadow-xl">
          {children}
        </DropdownMenu.Content>
      </DropdownMenu.Portal>
    </DropdownMenu.Root>
  );
}
