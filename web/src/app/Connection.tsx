import { useState } from 'react';
import { Link, useLocation } from 'react-router';
import { useSignedOut } from '../api/client.ts';
import { useHealth } from '../api/queries.ts';
import { useLog } from '../sync/log.ts';
import { useNearlyFull } from '../sync/room.ts';
import { Shelf } from './Shelf.tsx';

const changes = (count: number): string => `${count} ${count === 1 ? 'change' : 'changes'}`;

function stateWords(waiting: number, isWriting: boolean, isLost: boolean, isFull: boolean): string {
  // "Not yet stored" promises that the browser has them: said once it has.
  if (waiting > 0)
    return isWriting ? `Keeping ${changes(waiting)} …` : `${changes(waiting)} not yet stored`;
  if (isLost) return 'No answer from the server';
  return isFull ? 'The browser’s store is nearly full: free some room' : 'All stored';
}

/** Whether the server answers, what is not yet stored, and what was not taken. */
export function Connection() {
  const health = useHealth();
  const isOut = useSignedOut((state) => state.isOut);
  const { pathname, search } = useLocation();
  const [isOpen, setOpen] = useState(false);
  const entries = useLog((state) => state.entries);
  const isKept = useLog((state) => state.isKept);
  const isWriting = useLog((state) => state.isKept && state.unwritten > 0);
  const refused = entries.filter(({ refusal }) => refusal !== null).length;
  const waiting = entries.length - refused;
  const isFull = useNearlyFull();
  const isTrouble = waiting > 0 || health.isError || isFull;
  const text = stateWords(waiting, isWriting, health.isError, isFull);
  return (
    <span className="inline-flex items-center gap-2">
      {refused > 0 && (
        <button
          type="button"
          className="min-h-11 rounded-lg px-2 text-sm font-semibold text-look underline"
          onClick={() => setOpen(true)}
        >
          ▲ {refused} not taken
        </button>
      )}
      {isOut && (
        <Link
          to={`/enter?to=${encodeURIComponent(pathname + search)}`}
          className="inline-flex min-h-11 items-center px-2 text-sm font-semibold text-look underline"
        >
          ▲ Signed out: sign in
        </Link>
      )}
      <span
        role="status"
        className={`text-sm ${isTrouble ? 'font-semibold text-look' : 'text-soft'}`}
      >
        {isTrouble ? '▲ ' : ''}
        {text}
        {!isKept && waiting > 0 && ': keep this page open, the browser cannot keep them'}
      </span>
      <Shelf open={isOpen} onClose={() => setOpen(false)} />
    </span>
  );
}
