import { BALL_QUANTITIES, TOLD_COLUMNS } from '@loxos/core';
import type { MeasuredBall, ToldBall } from '@loxos/core';

/** What a file says of a ball, in the order its figures are handed on in: a row of values is a tenth of an object's work. */
export const MEASURED = ['club', 'clubText', 'hitAt', ...BALL_QUANTITIES] as const;

/** A line of a file as it was read: what it is known by, and its figures in the order of `MEASURED`. */
export interface ReadLine {
  readonly print: string;
  readonly figures: readonly (string | number | null)[];
}

/** What a file of ours tells of a ball beside its figures, in the order it is handed on in. */
export const TOLD = Object.keys(TOLD_COLUMNS) as (keyof typeof TOLD_COLUMNS)[];

export const toldOf = (told: ToldBall): (string | null)[] => TOLD.map((name) => told[name]);

export const figuresOf = (ball: MeasuredBall): (string | number | null)[] =>
  MEASURED.map((name) => ball[name]);
