import { acrossTheBay, onPlanWords, streakOf } from '@loxos/core';
import { X } from 'lucide-react';
import { Link, useParams } from 'react-router';
import type { Lesson } from '../../../api/client.ts';
import { useLesson, useSettings } from '../../../api/queries.ts';
import { Drawing } from '../../../drawing/Drawing.tsx';
import { IMPACT_VIEW, impactPlan } from '../../../drawing/impact-plan.ts';
import { useHearing } from '../../../sync/live.ts';
import { Trouble } from '../../../ui/Notice.tsx';
import { describeImpact } from '../describe.ts';
import { useLastHit } from '../last-hit.ts';
import type { LastHit } from '../last-hit.ts';
import { useWorked } from '../lesson-work.ts';
import type { Worked } from '../lesson-work.ts';
import { usePrevious } from '../use-previous.ts';
import { useReading } from '../use-reading.ts';
import { useSounds } from '../watch/bay/tone.ts';

const NO_VISIT = { previousLessonId: null } as const;

/** The slant of a ball as large as there is room, without its figures. */
function Slant({ lesson, last: { view } }: { lesson: Lesson; last: LastHit }) {
  const { hand, angleStyle } = lesson.player;
  const { faceAngleDeg, clubPathDeg, start } = view;
  const angles = { hand, faceAngleDeg, clubPathDeg, startDirectionDeg: start?.value ?? null };
  return (
    <Drawing
      shapes={impactPlan(angles, angleStyle).filter(({ kind }) => kind !== 'text')}
      box={IMPACT_VIEW}
      title={describeImpact(view, hand, angleStyle)}
      className="min-h-0 min-w-0 flex-1"
    />
  );
}

function Words({ last, worked }: { last: LastHit; worked: Worked }) {
  const { view, views, plan, aim } = last;
  const { words, figures, isOnPlan } = acrossTheBay(view, plan, aim, worked.wording);
  const streak = streakOf(views, plan);
  return (
    <div className="flex min-h-0 min-w-0 flex-1 flex-col justify-center gap-[3vmin] p-[3vmin]">
      <p role="status" className="text-[clamp(2.5rem,11vmin,8rem)] leading-none font-bold">
        {words}
      </p>
      <dl className="flex flex-wrap gap-x-[6vmin] gap-y-[2vmin]">
        {figures.map(({ name, text }) => (
          <div key={name}>
            <dt className="text-[clamp(1.25rem,4vmin,3rem)] text-soft">{name}</dt>
            <dd className="text-[clamp(1.75rem,7vmin,5rem)] leading-tight font-semibold">{text}</dd>
          </div>
        ))}
      </dl>
      {isOnPlan !== null && (
        <p className="text-[clamp(1.75rem,7vmin,5rem)] leading-none font-semibold">
          {onPlanWords(isOnPlan)}
          {streak > 1 && <span className="text-soft"> · {streak} in a row</span>}
        </p>
      )}
    </div>
  );
}

function OpenAcross({ lesson }: { lesson: Lesson }) {
  const settings = useSettings();
  const { result } = useReading(lesson, settings.data);
  const worked = useWorked(lesson, result, usePrevious(NO_VISIT));
  const last = useLastHit(lesson, result, worked);
  useSounds(last);
  if (last === null)
    return (
      <p className="m-auto text-[clamp(1.75rem,7vmin,5rem)]">
        {lesson.balls.length === 0 ? 'Waiting for the first ball' : 'Reading the balls …'}
      </p>
    );
  // The words stand behind the player: what they look at is the slant.
  const isLeft = lesson.player.hand === 'left';
  return (
    <div
      className={`flex min-h-0 flex-1 flex-col-reverse ${isLeft ? 'landscape:flex-row-reverse' : 'landscape:flex-row'}`}
    >
      <Words last={last} worked={worked} />
      <Slant lesson={lesson} last={last} />
    </div>
  );
}

/** A lesson as it is read across the bay: the ball just hit and nothing else, over the whole screen. It follows by itself. */
export function AcrossPage() {
  const { lessonId = '' } = useParams();
  const { lesson, error } = useLesson(lessonId);
  useHearing(lessonId, true);
  return (
    <section
      aria-label="Across the bay"
      className="fixed inset-0 z-40 flex flex-col overflow-hidden bg-sheet text-ink"
    >
      {lesson !== null && <OpenAcross lesson={lesson} />}
      {lesson === null && error !== null && <Trouble error={error} />}
      <Link
        to={`/lessons/${lessonId}/watch`}
        aria-label="Back to the lesson"
        className="absolute top-2 right-2 grid size-11 place-items-center rounded-lg text-soft hover:text-ink"
      >
        <X aria-hidden size={20} />
      </Link>
    </section>
  );
}
