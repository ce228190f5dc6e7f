import { fromToWords } from '@loxos/core';
import type { DisplayUnits } from '@loxos/core';
import { toast } from 'sonner';
import { useMay } from '../api/account.ts';
import { useHistory, useUndoChange } from '../api/queries.ts';
import type { HistoryEntry } from '../api/client.ts';
import type { HistoryOf } from '../api/queries.ts';
import { formatDay, momentText } from './day-text.ts';

/** Who has no name: a player at their page, and a coach from before there were accounts. */
const WHO: Readonly<Record<string, string>> = { player: 'the player', coach: 'a coach' };

/** What was changed, from what to what, by whom and when; each can be put back as it was. */
export function HistoryList({ of, units }: { of: HistoryOf; units: DisplayUnits }) {
  const changes = useHistory(of).data ?? [];
  const undo = useUndoChange();
  const mayPlan = useMay('plan');
  if (changes.length === 0) return null;
  const putBack = (change: HistoryEntry): void =>
    undo.mutate(change, {
      onSuccess: () => toast(`Put back: ${change.what}`),
      onError: (error) => toast.error(error.message),
    });
  const lines = changes.map((change) => {
    const { what, times, steps } = change;
    const [one, ...others] = steps;
    const isOne = one !== undefined && others.length === 0 && !('blockId' in one.after);
    const fields = isOne ? fromToWords(one.before, one.after, { units, momentText }) : '';
    const often = times === 1 ? what : `${what}, ${times} times`;
    return { change, words: fields === '' ? often : `${often}: ${fields}` };
  });
  return (
    <details className="panel px-4">
      <summary className="min-h-11 cursor-pointer py-2.5 font-semibold">
        What was changed, {changes.length}
      </summary>
      <ul className="max-h-80 overflow-y-auto pb-3 text-sm" tabIndex={0} aria-label="Changes">
        {lines.map(({ change, words }) => (
          <li key={change.id} className="flex items-center gap-2">
            <span className="min-w-0 flex-1">
              <span className="font-mono text-soft">{formatDay(change.at, 'd MMM HH:mm:ss')}</span>{' '}
              {words}, {WHO[change.who] ?? change.who}
            </span>
            {change.canUndo && mayPlan && (
              <button
                type="button"
                aria-label={`Put back: ${change.what}`}
                className="min-h-11 shrink-0 px-2 font-semibold underline"
                onClick={() => putBack(change)}
              >
                Put back
              </button>
            )}
          </li>
        ))}
      </ul>
    </details>
  );
}
