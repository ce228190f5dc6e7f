import { format } from 'date-fns';
import { useChanges } from '../../../api/queries.ts';

/** What was changed in the lesson, by whom and when. */
export function Changes({ lessonId }: { lessonId: string }) {
  const changes = useChanges(lessonId).data ?? [];
  if (changes.length === 0) return null;
  return (
    <details className="rounded-xl border border-line bg-sheet px-4">
      <summary className="min-h-11 cursor-pointer py-2.5 font-semibold">
        What was changed, {changes.length}
      </summary>
      <ul className="max-h-64 overflow-y-auto pb-3 text-sm" tabIndex={0} aria-label="Changes">
        {changes.map(({ at, who, what }, index) => (
          <li key={index}>
            <span className="font-mono text-soft">{format(new Date(at), 'd MMM HH:mm:ss')}</span>{' '}
            {what}, {who}
          </li>
        ))}
      </ul>
    </details>
  );
}
