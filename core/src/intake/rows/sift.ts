/** The balls of a file among its rows: what turns out to be none gets another fate, with its reason. */
import { fateOf, refused } from './fate.ts';
import type { RowFate } from './fate.ts';
import { isQuantity } from '../columns/meaning.ts';
import type { FileColumn } from '../columns/layout.ts';
import { MEAN_DEFAULTS, meansAmong } from './means.ts';
import { BALL_QUANTITIES } from '../quantities.ts';
import type { BallQuantity, MeasuredBall, Quantity } from '../quantities.ts';
import type { Draft } from './row.ts';
import type { Walked } from './walk.ts';
import { noBall, withoutZeros } from './zeros.ts';

const oneProblem = (reason: string) => [{ header: '', value: '', reason }];

/** A fate whose ball gets its place once it is known. */
type Fate = { -readonly [K in keyof RowFate]: RowFate[K] };

/** Drafts that stand, with the fates of all rows. */
export class Drafts {
  /** Those that are still balls. */
  left: readonly Draft[];
  readonly fates: Fate[];
  /** The rows they stand in. */
  rows: readonly number[];

  /** Quantities that are 0 somewhere. */
  readonly zeros: ReadonlySet<Quantity>;

  constructor({ drafts, rowOf, fates, zeros }: Walked) {
    this.zeros = zeros;
    this.left = drafts;
    this.rows = rowOf;
    this.fates = fates as Fate[];
  }

  /** Gives the rows of some drafts another fate, each for its reason; null leaves it a ball. */
  out(
    fate: 'rejected' | 'summary' | 'other',
    why: (draft: Draft, at: number) => string | null,
  ): void {
    const reasons = this.left.map(why);
    if (reasons.every((reason) => reason === null)) return;
    reasons.forEach((reason, at) => {
      if (reason === null) return;
      const row = this.rows[at]!;
      const { line } = this.fates[row]!;
      this.fates[row] =
        fate === 'rejected' ? refused(line, oneProblem(reason)) : fateOf(line, fate, reason);
    });
    this.left = this.left.filter((_, at) => reasons[at] === null);
    this.rows = this.rows.filter((_, at) => reasons[at] === null);
  }

  /** Returns the balls that are left, and the fates with their places. */
  settle(): { balls: MeasuredBall[]; rows: RowFate[] } {
    const balls = this.left.map(({ ball }, at) => {
      this.fates[this.rows[at]!]!.ball = at;
      return ball;
    });
    return { balls, rows: this.fates };
  }
}

const SUM_OF = `Its figures are the mean of the rows above it (${MEAN_DEFAULTS.rows} at least): a summary, not a ball.`;
const NO_FIGURE = 'No figure in this row could be used.';

/** Returns what of a ball the columns of a file say. */
export const quantitiesIn = (columns: readonly FileColumn[]): BallQuantity[] =>
  BALL_QUANTITIES.filter((quantity) =>
    columns.some(({ meaning }) => isQuantity(meaning) && meaning === quantity),
  );

/** Takes out what is no ball, and zeros that are no figures; says in sentences what was done. */
export function sift(drafts: Drafts, columns: readonly FileColumn[]): string[] {
  const has = quantitiesIn(columns);
  const zeros = has.filter((quantity) => drafts.zeros.has(quantity));
  drafts.out('rejected', noBall);
  const means = meansAmong(drafts.left, drafts.rows, has);
  if (means.size > 0) drafts.out('summary', (draft) => (means.has(draft) ? SUM_OF : null));
  const notes = zeros.length === 0 ? [] : withoutZeros(drafts.left, zeros, has);
  if (notes.length > 0)
    drafts.out('rejected', ({ ball, sideSpinRpm }) =>
      sideSpinRpm !== null || has.some((quantity) => ball[quantity] !== null) ? null : NO_FIGURE,
    );
  const estimates = drafts.left.reduce((sum, draft) => sum + draft.estimates, 0);
  if (estimates === 0) return notes;
  const count = estimates === 1 ? '1 figure is' : `${estimates} figures are`;
  return [...notes, `${count} marked in the file as estimated, and taken as written.`];
}
