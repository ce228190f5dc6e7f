import { clubKeyOf } from '@loxos/core';
import type { BallView } from '@loxos/core';
import { ArrowRight } from 'lucide-react';
import { useMemo } from 'react';
import { Link } from 'react-router';
import type { Lesson } from '../../../api/client.ts';
import { useKeys } from '../../../app/shortcuts.ts';
import { Empty } from '../../../ui/Notice.tsx';
import { Catch } from '../../../ui/Panel.tsx';
import { removeBall, toggleKeep } from '../ball-actions.ts';
import { BallTable } from './BallTable.tsx';
import { ClubTabs } from '../ClubTabs.tsx';
import { Drawings } from './Drawings.tsx';
import { Fixes } from './Fixes.tsx';
import { useLessonScreen } from '../lesson-store.ts';
import type { StepProps } from '../lesson-work.ts';
import { LookAsk } from './LookAsk.tsx';
import { ReadingWords } from './ReadingWords.tsx';
import { ForCoach } from '../../../ui/ForCoach.tsx';
import { Why } from './Why.tsx';

/** The keys of the ball list: next, before, leave out, edit, delete. */
function useBallKeys(lesson: Lesson, views: readonly BallView[], chosen: BallView | null): void {
  const { choose, openForm } = useLessonScreen();
  const at = views.findIndex((view) => view.id === chosen?.id);
  const step = (by: 1 | -1) => () => {
    const next = views[Math.max(0, Math.min(views.length - 1, at + by))];
    if (next !== undefined) choose(next.id);
  };
  const ball = lesson.balls.find(({ id }) => id === chosen?.id);
  const withBall = (run: (view: BallView) => void) =>
    ball === undefined || chosen === null ? undefined : () => run(chosen);
  useKeys({
    j: step(1),
    arrowdown: step(1),
    k: step(-1),
    arrowup: step(-1),
    x: withBall((view) => toggleKeep(ball!, view)),
    e: withBall((view) => openForm(view.id)),
    delete: withBall(() => removeBall(ball!)),
  });
}

function NoBalls({ lessonId }: { lessonId: string }) {
  return (
    <div className="p-6">
      <Empty
        action={
          <Link
            to={`/lessons/${lessonId}/watch`}
            className="inline-flex min-h-11 items-center rounded-lg bg-ink px-5 font-semibold text-paper"
          >
            Bring balls in
          </Link>
        }
      >
        The reading comes here: how the balls start and bend, and which angle does it. Drop a launch
        file in Watch, or press B and type a ball in.
      </Empty>
    </div>
  );
}

/** Why the balls start and bend as they do: in words, then the drawing, then the balls. */
export function ReadStep({ lesson, reading, worked }: StepProps) {
  const { club, chosenId } = useLessonScreen();
  const views = useMemo(() => {
    const present = new Set(lesson.balls.map(({ id }) => id));
    const all = (reading?.views ?? []).filter(({ id }) => present.has(id));
    return club === null ? all : all.filter(({ ball }) => clubKeyOf(ball) === club);
  }, [lesson.balls, reading, club]);
  const chosen = views.find(({ id }) => id === chosenId) ?? views[0] ?? null;
  useBallKeys(lesson, views, chosen);
  if (reading === null) return <p className="p-6 text-soft">Reading the balls …</p>;
  if (lesson.balls.length === 0) return <NoBalls lessonId={lesson.id} />;
  const plan = worked.found?.plan ?? null;
  const all = reading.clubs.flatMap(({ blocks: own }) => own);
  const blocks = all.filter(
    (block) => club === null || block.balls.some(({ ball }) => clubKeyOf(ball) === club),
  );
  return (
    <div className="mx-auto grid max-w-[1500px] gap-3 px-3 py-3 lg:grid-cols-[minmax(0,19rem)_minmax(0,1fr)_minmax(0,34rem)] lg:px-4">
      <div className="min-w-0 space-y-3">
        <ClubTabs reading={reading} />
        <Catch name="The reading">
          <ReadingWords reading={reading} wording={worked.wording} />
          {plan !== null && (
            <LookAsk
              lesson={lesson}
              plan={plan}
              isOfMany={club === null && reading.clubs.length > 1}
            />
          )}
          <Fixes lesson={lesson} reading={reading} />
        </Catch>
        <Link
          to={`/lessons/${lesson.id}/work`}
          className="inline-flex min-h-12 items-center gap-2 rounded-lg bg-ink px-5 text-lg font-semibold text-paper"
        >
          {worked.found?.work.stage == null ? 'To the work' : 'Work on it'}
          <ArrowRight aria-hidden size={18} />
        </Link>
        <ForCoach>
          <Why lesson={lesson} worked={worked} />
        </ForCoach>
      </div>
      <Drawings lesson={lesson} views={views} chosen={chosen} plan={plan} />
      <Catch name="The table of balls">
        <BallTable lesson={lesson} views={views} blocks={blocks} chosen={chosen} />
      </Catch>
    </div>
  );
}
