/** Rows whose figures are the mean of the rows above them, without a word that says so. */
import { mean, standardDeviation } from '../../maths/statistics.ts';
import type { BallQuantity } from '../quantities.ts';
import type { Draft } from './row.ts';

export const MEAN_DEFAULTS = {
  /** So many rows at least are summed up. */
  rows: 4,
  /** So many figures at least must be their mean, */
  figures: 5,
  /** to this share of their scatter: the rounding of the figures. */
  shareOfSd: 0.08,
} as const;

/** Returns whether a row is the mean of some others, in every figure that scatters among them. */
function isMeanOf(
  { ball }: Draft,
  others: readonly Draft[],
  quantities: readonly BallQuantity[],
): boolean {
  if (others.length < MEAN_DEFAULTS.rows) return false;
  let alike = 0;
  for (const quantity of quantities) {
    const value = ball[quantity];
    const values = others.map((other) => other.ball[quantity]);
    if (value === null || !values.every((one) => one !== null)) continue;
    const sd = standardDeviation(values);
    const middle = mean(values);
    if (sd <= 1e-9 * Math.max(1, Math.abs(middle))) continue;
    if (Math.abs(value - middle) > MEAN_DEFAULTS.shareOfSd * sd) return false;
    alike += 1;
  }
  return alike >= MEAN_DEFAULTS.figures;
}

/** Running sums of the first few quantities: a row that is far from the mean of one needs no closer look. */
class FirstSums {
  private count = 0;
  private next = 0;
  private readonly sums: number[];
  private readonly squares: number[];
  private readonly quantities: readonly BallQuantity[];

  constructor(all: readonly BallQuantity[]) {
    this.quantities = all.slice(0, MEAN_DEFAULTS.figures);
    this.sums = this.quantities.map(() => 0);
    this.squares = [...this.sums];
  }

  /** Begins anew with the draft at a place. */
  beginAt(next: number): void {
    this.next = next;
    this.count = 0;
    this.sums.fill(0);
    this.squares.fill(0);
  }

  /** Adds drafts from where it has come to: most files never ask for it. */
  addUpTo(drafts: readonly Draft[], end: number): void {
    for (; this.next < end; this.next++) {
      const { ball } = drafts[this.next]!;
      this.count += 1;
      this.quantities.forEach((quantity, i) => {
        // A figure that is missing anywhere makes its sums no number: then it tells nothing.
        const value = ball[quantity] ?? NaN;
        this.sums[i]! += value;
        this.squares[i]! += value * value;
      });
    }
  }

  /** Returns whether a row is far from the mean of those added, in any of the quantities. */
  isFar({ ball }: Draft): boolean {
    return this.quantities.some((quantity, i) => {
      const value = ball[quantity];
      if (value === null) return false;
      const middle = this.sums[i]! / this.count;
      const variance = this.squares[i]! / this.count - middle * middle;
      // Twice what is allowed: sums of squares lose digits.
      return (
        Math.abs(value - middle) >
        2 * MEAN_DEFAULTS.shareOfSd * Math.sqrt(Math.max(0, variance)) + 1e-6
      );
    });
  }
}

/**
 * Drafts that are the mean of those above them: the last of a club's, or before a gap, of their run or of all since the
 * last such row. `rowOf` are the rows they stand in, `quantities` what the file has; none where it has too few to tell.
 */
export function meansAmong(
  drafts: readonly Draft[],
  rowOf: readonly number[],
  quantities: readonly BallQuantity[],
): ReadonlySet<Draft> {
  const found = new Set<Draft>();
  if (quantities.length < MEAN_DEFAULTS.figures) return found;
  const sums = new FirstSums(quantities);
  let begin = 0;
  let run = 0;
  drafts.forEach((draft, at) => {
    const next = drafts[at + 1];
    const isLast =
      next === undefined ||
      next.ball.clubText !== draft.ball.clubText ||
      rowOf[at + 1] !== rowOf[at]! + 1;
    if (isLast) {
      let isMean = isMeanOf(draft, drafts.slice(run, at), quantities);
      if (!isMean && run !== begin) {
        sums.addUpTo(drafts, at);
        isMean = !sums.isFar(draft) && isMeanOf(draft, drafts.slice(begin, at), quantities);
      }
      if (isMean) {
        found.add(draft);
        begin = at + 1;
        sums.beginAt(begin);
      }
      run = at + 1;
    }
  });
  return found;
}
