import { Link } from 'react-router';
import { daysBetween, homeworkWords, judgementWords } from '@loxos/core';
import type { Lesson } from '../../api/client.ts';
import { useGivenTo } from '../../api/queries.ts';
import { Panel } from '../../ui/Panel.tsx';
import { dayOf } from '../../ui/academy-time.ts';
import type { Worked } from './lesson-work.ts';

/** What the last visit left: its two points, the homework done, and whether the numbers held. */
export function SinceLast({ lesson, worked }: { lesson: Lesson; worked: Worked }) {
  const given = (useGivenTo(lesson.player.id).data ?? [])
    .filter(({ lessonAt }) => lessonAt < lesson.startsAt)
    .at(-1);
  const held = worked.found?.held ?? null;
  const before = lesson.previousLessonId;
  if (before === null) return null;
  const since = given?.lessonAt;
  const days = since === undefined ? null : daysBetween(dayOf(since), dayOf(lesson.startsAt));
  return (
    <Panel name="Since last time" isTitled>
      {given === undefined ? (
        <p className="text-soft">Nothing was given to take home.</p>
      ) : (
        <>
          <ol className="list-decimal pl-6">
            {given.points.map((point) => (
              <li key={point}>{point}</li>
            ))}
          </ol>
          <p>
            {days !== null && `${days} days ago. `}
            {homeworkWords(given.homeworkDone, given.homeworkDue)}
          </p>
          {given.lastWord !== null && <p>Wrote back: “{given.lastWord.text}”</p>}
        </>
      )}
      {held !== null && (
        <p>
          The end of it against the start of today: {judgementWords(held.judged, worked.wording)}
        </p>
      )}
      <Link
        to={`/lessons/${before}/read`}
        className="inline-flex min-h-11 items-center font-semibold underline"
      >
        Open that lesson
      </Link>
    </Panel>
  );
}
