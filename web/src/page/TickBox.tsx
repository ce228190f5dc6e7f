import { useState } from 'react';

interface Props {
  label: string;
  isTicked: boolean;
  /** Rejects when the tick could not be kept: the box then goes back. */
  onTick: (done: boolean) => Promise<unknown>;
}

/** A tick that shows in the same moment as the tap, and goes back when it could not be kept. */
export function TickBox({ label, isTicked, onTick }: Props) {
  const [asked, setAsked] = useState<boolean | null>(null);
  const back = (): void => setAsked(null);
  return (
    <input
      type="checkbox"
      aria-label={label}
      className="mt-1 size-7 shrink-0"
      checked={asked ?? isTicked}
      onChange={(event) => {
        const done = event.target.checked;
        setAsked(done);
        onTick(done).then(back, back);
      }}
    />
  );
}
