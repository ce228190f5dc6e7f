import { Link } from 'react-router';
import { daysBetween, homeworkWords, judgeWork, judgementWords } from '@loxos/core';
import type { Lesson } from '../../api/client.ts';
import { useGivenTo } from '../../api/queries.ts';
import { Panel } from '../../ui/Panel.tsx';
import { dayOf } from '../../ui/academy-time.ts';
import type { LessonReading } from '../../workers/reading.worker.ts';
import { aimOfBlock, blocksOfPlan, useLessonPlan } from './lesson-work.ts';
import { usePrevious } from './use-previous.ts';
import { wordingOf } from './wording.ts';

/** Whether the numbers held: the last block of the visit before against the first of this one. */
function useHeld(lesson: Lesson, reading: LessonReading | null): string | null {
  const { planned, bands } = useLessonPlan(lesson, reading);
  const previous = usePrevious(lesson);
  const [first] = blocksOfPlan(reading, planned);
  const last = previous.reading?.blocks.filter(({ club }) => club === first?.club).at(-1);
  if (planned === null || first === undefined || last === undefined || previous.lesson === null)
    return null;
  const stage = aimOfBlock(previous.lesson, last) ?? planned.work.stage;
  const { judged } = judgeWork([last, first], {
    plan: planned.plan,
    stage,
    bands,
    isOtherVisit: true,
  });
  return judgementWords(judged, wordingOf(lesson.player).units);
}

/** What the last visit left: its two points, the homework done, and whether the numbers held. */
export function SinceLast({ lesson, reading }: { lesson: Lesson; reading: LessonReading | null }) {
  const given = (useGivenTo(lesson.player.id).data ?? [])
    .filter(({ lessonAt }) => lessonAt < lesson.startsAt)
    .at(-1);
  const held = useHeld(lesson, reading);
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
      {held !== null && <p>Last block then against the first now: {held}</p>}
      <Link
        to={`/lessons/${before}/read`}
        className="inline-flex min-h-11 items-center font-semibold underline"
      >
        Open that lesson
      </Link>
    </Panel>
  );
}
