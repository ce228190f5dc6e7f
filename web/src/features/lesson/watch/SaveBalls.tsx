import { Fragment } from 'react';
import type { Lesson } from '../../../api/client.ts';
import { ballsText } from '../../../ui/balls-text.ts';

/** Forms the balls are written out in. */
const KINDS = { csv: 'CSV', xlsx: 'a spreadsheet', json: 'JSON' } as const;

/** How many balls a lesson has, to be taken along. */
export function SaveBalls({ lesson }: { lesson: Lesson }) {
  if (lesson.balls.length === 0) return null;
  return (
    <p>
      {ballsText(lesson.balls.length)} in this lesson. Save them as{' '}
      {Object.entries(KINDS).map(([kind, words], at) => (
        <Fragment key={kind}>
          {at > 0 && ', '}
          <a
            href={`/api/lessons/${lesson.id}/balls.${kind}`}
            download
            className="inline-flex min-h-6 items-center font-semibold underline"
          >
            {words}
          </a>
        </Fragment>
      ))}
      .
    </p>
  );
}
