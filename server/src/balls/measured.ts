import { BALL_QUANTITIES } from '@loxos/core';
import type { MeasuredBall } from '@loxos/core';

/** What a file says of a ball, in the order its figures are handed on in: a row of values is a tenth of an object's work. */
export const MEASURED = ['club', 'clubText', 'hitAt', ...BALL_QUANTITIES] as const;

export const figuresOf = (ball: MeasuredBall): (string | number | null)[] =>
  MEASURED.map((name) => ball[name]);
