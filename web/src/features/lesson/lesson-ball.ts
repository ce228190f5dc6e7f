import { BALL_QUANTITIES, EMPTY_BALL } from '@loxos/core';
import type { LessonBall } from '@loxos/core';
import type { Ball } from '../../api/client.ts';

/** A ball of the API as the core reads it. */
export function toLessonBall(ball: Ball): LessonBall & { readonly id: string } {
  const figures = Object.fromEntries(BALL_QUANTITIES.map((q) => [q, ball[q] ?? null]));
  const { id, keep, seen, club, clubText, hitAt, block, drillId } = ball;
  return { ...EMPTY_BALL, ...figures, id, keep, seen, club, clubText, hitAt, block, drillId };
}
