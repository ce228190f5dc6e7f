/** Rows whose figures are the mean of the rows above them, without a word that says so. */
import { mean, standardDeviation } from '../maths/statistics.ts';
import type { BallQuantity } from './quantities.ts';
import type { Draft } from './row.ts';

export const MEAN_DEFAULTS = {
  /** So many rows at least are summed up. */
  rows: 4,
  /** So many figures at least must be their mean, */
  figures: 5,
  /** to this share of their scatter: the rounding of the figures. */
  shareOfSd: 0.08,
} as const;

/** Whether a row is the mean of some others, in every figure that scatters among them. */
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
  let begin = 0;
  let run = 0;
  drafts.forEach((draft, at) => {
    const next = drafts[at + 1];
    const isLast =
      next === undefined ||
      next.ball.clubText !== draft.ball.clubText ||
      rowOf[at + 1] !== rowOf[at]! + 1;
    if (isLast) {
      const own = drafts.slice(run, at);
      const isMean =
        isMeanOf(draft, own, quantities) ||
        (run !== begin && isMeanOf(draft, drafts.slice(begin, at), quantities));
      if (isMean) {
        found.add(draft);
        begin = at + 1;
      }
      run = at + 1;
    } else if (at > run && drafts[at - 1]!.ball.clubText !== draft.ball.clubText) run = at;
  });
  return found;
}
