import { BALL_QUANTITIES, EMPTY_BALL } from '@loxos/core';
import type { LessonBall } from '@loxos/core';
import type { Ball, Block } from '../../api/client.ts';

/** A ball of the API as the core reads it, with what its block was hit as. */
export function toLessonBall(
  ball: Ball,
  blocks: readonly Block[],
): LessonBall & { readonly id: string } {
  const figures = Object.fromEntries(BALL_QUANTITIES.map((q) => [q, ball[q] ?? null]));
  const { id, keep, seen, club, clubText, hitAt } = ball;
  const own = blocks.find((block) => block.id === ball.blockId);
  const block = {
    blockId: own?.id ?? null,
    block: own?.kind ?? null,
    drillId: own?.drillId ?? null,
  };
  return { ...EMPTY_BALL, ...figures, id, keep, seen, club, clubText, hitAt, ...block };
}
