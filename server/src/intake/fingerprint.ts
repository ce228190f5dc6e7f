import { createHash } from 'node:crypto';
import { BALL_QUANTITIES } from '@loxos/core';
import type { MeasuredBall } from '@loxos/core';

/** Returns a ball's figures as one text: the same ball in a longer export has the same. */
export function fingerprintOf(ball: MeasuredBall): string {
  const figures = BALL_QUANTITIES.map((quantity) => ball[quantity]?.toPrecision(7) ?? '');
  const text = [ball.clubText ?? '', ball.hitAt ?? '', ...figures].join('|');
  return createHash('sha256').update(text).digest('hex').slice(0, 32);
}
