import { format } from 'date-fns';
import { toast } from 'sonner';
import { fromToWords } from '../../../sync/words.ts';
import { useHistory, useUndoChange } from '../../../api/queries.ts';

/** What was changed in the lesson, by whom and when; each can be put back as it was. */
export function Changes({ lessonId }: { lessonId: string }) {
  const changes = useHistory(lessonId).data ?? [];
  const undo = useUndoChange();
  if (changes.length === 0) return null;
  const putBack = (id: string, what: string): void =>
    undo.mutate(id, {
      onSuccess: () => toast(`Put back: ${what}`),
      onError: (error) => toast.error(error.message),
    });
  return (
    <details className="rounded-xl border border-line bg-sheet px-4">
      <summary className="min-h-11 cursor-pointer py-2.5 font-semibold">
        What was changed, {changes.length}
      </summary>
      <ul className="max-h-80 overflow-y-auto pb-3 text-sm" tabIndex={0} aria-label="Changes">
        {changes.map(({ id, thing, at, who, what, before, after, canUndo }) => (
          <li key={id} className="flex items-center gap-2">
            <span className="min-w-0 flex-1">
              <span className="font-mono text-soft">{format(new Date(at), 'd MMM HH:mm:ss')}</span>{' '}
              {what}
              {thing !== 'balls' && Object.keys(after).some((name) => name !== 'deleted') && (
                <>: {fromToWords(before, after)}</>
              )}
              , {who}
            </span>
            {canUndo && (
              <button
                type="button"
                aria-label={`Put back: ${what}`}
                className="min-h-11 shrink-0 px-2 font-semibold underline"
                onClick={() => putBack(id, what)}
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
