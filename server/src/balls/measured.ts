import { BALL_QUANTITIES } from '@loxos/core';
import type { MeasuredBall } from '@loxos/core';

/** What a file says of a ball, in the order its figures are handed on in: a row of values is a tenth of an object's work. */
export const MEASURED = ['club', 'clubText', 'hitAt', ...BALL_QUANTITIES] as const;

/** A line of a file as it was read: what it is known by, and its figures in the order of `MEASURED`. */
export interface ReadLine {
  readonly print: string;
  readonly figures: readonly (string | number | null)[];
}

export const figuresOf = (ball: MeasuredBall): (string | number | null)[] =>
  MEASURED.map((name) => ball[name]);
