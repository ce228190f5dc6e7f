import { useEffect, useState } from 'react';

interface Props {
  label: string;
  isTicked: boolean;
  /** Rejects when the tick could not be kept: the box then goes back. */
  onTick: (done: boolean) => Promise<unknown>;
}

/** A tick that shows in the same moment as the tap, and goes back when it could not be kept. */
export function TickBox({ label, isTicked, onTick }: Props) {
  const [isShown, setShown] = useState(isTicked);
  useEffect(() => setShown(isTicked), [isTicked]);
  return (
    <input
      type="checkbox"
      aria-label={label}
      className="mt-1 size-7 shrink-0"
      checked={isShown}
      onChange={(event) => {
        const done = event.target.checked;
        setShown(done);
        onTick(done).catch(() => setShown(!done));
      }}
    />
  );
}
