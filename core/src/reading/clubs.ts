import { clubKeyOf } from './blocks.ts';
import type { LessonBall } from './ball.ts';
import type { ResolvedContext } from './context.ts';
import { countByBlock } from './counts.ts';
import { viewBall } from './read-ball.ts';
import type { BallView } from './read-ball.ts';

/** Views club by club, in the order first hit. */
export function byClub(views: readonly BallView[]): BallView[][] {
  const clubs = new Map<string, BallView[]>();
  for (const view of views) {
    const key = clubKeyOf(view.ball);
    const own = clubs.get(key);
    if (own === undefined) clubs.set(key, [view]);
    else own.push(view);
  }
  return [...clubs.values()];
}

/** Balls in the order hit read by themselves, then counted among those of their club and block; club by club. */
export const countedClubs = (
  balls: readonly LessonBall[],
  context: ResolvedContext,
): (readonly BallView[])[] =>
  byClub(balls.map((ball, index) => viewBall(ball, ball.id ?? String(index + 1), context))).map(
    (views) => countByBlock(views, context.accuracy).views,
  );
