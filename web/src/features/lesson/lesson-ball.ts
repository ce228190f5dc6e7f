import { BALL_QUANTITIES, EMPTY_BALL } from '@loxos/core';
import type { LessonBall } from '@loxos/core';
import type { Ball } from '../../api/client.ts';

/** A ball of the API as the core reads it. */
export function toLessonBall(ball: Ball): LessonBall & { readonly id: string } {
  const figures = Object.fromEntries(BALL_QUANTITIES.map((q) => [q, ball[q] ?? null]));
  const { id, keep, seen, club, clubText, hitAt } = ball;
  return { ...EMPTY_BALL, ...figures, id, keep, seen, club, clubText, hitAt };
}

/** Balls of one club share this: the standard club, or what the file called it. */
export const clubKeyOf = (ball: LessonBall): string => ball.club ?? `text:${ball.clubText ?? ''}`;
