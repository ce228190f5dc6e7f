import { useRef } from 'react';
import type { ReactNode } from 'react';
import { Button } from './Button.tsx';

interface PickFileProps {
  /** What is picked, for those who cannot see the button it stands by. */
  readonly label: string;
  /** Endings of the files there may be. */
  readonly accept: string;
  readonly disabled?: boolean;
  readonly onPick: (file: File) => void;
  readonly children: ReactNode;
}

/** A button that lets a file be picked; the same can be picked again. */
export function PickFile({ label, accept, disabled = false, onPick, children }: PickFileProps) {
  const picker = useRef<HTMLInputElement>(null);
  return (
    <>
      <Button disabled={disabled} onClick={() => picker.current?.click()}>
        {children}
      </Button>
      <input
        ref={picker}
        type="file"
        accept={accept}
        aria-label={label}
        className="sr-only"
        tabIndex={-1}
        onChange={(event) => {
          const file = event.target.files?.[0];
          if (file !== undefined) onPick(file);
          event.target.value = '';
        }}
      />
    </>
  );
}
