import { clubKeyOf } from '@loxos/core';
import type { BallView, BlockAim, LessonReading, Plan, ReadBlock } from '@loxos/core';
import { useEffect, useMemo } from 'react';
import type { Ball, Lesson } from '../../api/client.ts';
import { useLessonScreen } from './lesson-store.ts';
import type { Worked } from './lesson-work.ts';

export interface LastHit {
  readonly ball: Ball;
  readonly view: BallView;
  /** The balls of its club, in the order hit. */
  readonly views: readonly BallView[];
  /** Of its club; null where that has none. */
  readonly plan: Plan | null;
  /** The block it was hit in, as read, and what that is judged on. */
  readonly block: ReadBlock | null;
  readonly aim: BlockAim | null;
}

/** Shows the club of a ball in every step while balls come, as soon as there are several. */
function useClubOf(view: BallView | undefined, isOneOfMany: boolean): void {
  const setClub = useLessonScreen((state) => state.setClub);
  const club = view === undefined || !isOneOfMany ? null : clubKeyOf(view.ball);
  useEffect(() => {
    if (club !== null) setClub(club);
  }, [club, setClub]);
}

/** Returns the ball hit last that is read, since the one before stays while the next is; null where there is none. */
export function useLastHit(
  lesson: Lesson,
  reading: LessonReading | null,
  worked: Worked,
): LastHit | null {
  const ball = lesson.balls.findLast(({ id }) => reading?.views.some((one) => one.id === id));
  const view = reading?.views.find(({ id }) => id === ball?.id);
  const views = useMemo(() => {
    const present = new Set(lesson.balls.map(({ id }) => id));
    const club = view === undefined ? null : clubKeyOf(view.ball);
    return (reading?.views ?? []).filter(
      (one) => present.has(one.id) && clubKeyOf(one.ball) === club,
    );
  }, [lesson.balls, reading, view]);
  useClubOf(view, (reading?.clubs.length ?? 0) > 1);
  if (ball === undefined || view === undefined || reading === null) return null;
  const blocks = reading.clubs.flatMap(({ blocks: own }) => own);
  const block = blocks.find(({ balls }) => balls.some(({ id }) => id === ball.id)) ?? null;
  const aim = lesson.blocks.find(({ id }) => id === ball.blockId)?.aim ?? null;
  const isOfPlan = worked.club?.group.ballIds.includes(view.id) === true;
  return { ball, view, views, plan: isOfPlan ? (worked.found?.plan ?? null) : null, block, aim };
}
