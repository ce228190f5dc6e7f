import type { ReactNode } from 'react';

interface ChipProps {
  readonly isOn: boolean;
  /** The key that does the same. */
  readonly keyName?: string;
  /** What it is called, where it shows a sign. */
  readonly label?: string;
  readonly onClick: () => void;
  readonly children: ReactNode;
}

/** A word to be touched: on, or off. */
export const Chip = ({ isOn, keyName, label, onClick, children }: ChipProps) => (
  <button
    type="button"
    aria-pressed={isOn}
    aria-label={label}
    onClick={onClick}
    className="inline-flex min-h-11 touch-manipulation items-center justify-center gap-1.5 rounded-lg border border-faint bg-sheet px-2 aria-pressed:border-ink aria-pressed:bg-ink aria-pressed:text-paper sm:px-3"
  >
    {children}
    {keyName !== undefined && (
      <kbd className="hidden font-mono opacity-70 lg:inline">{keyName}</kbd>
    )}
  </button>
);
