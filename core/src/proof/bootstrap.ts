/**
 * Interval of the difference of two means by the studentised bootstrap (bootstrap-t): Efron &
 * Tibshirani, *An Introduction to the Bootstrap* (1993), ch. 12.5. Each group is drawn again from
 * itself with replacement; the spread of (d* − d)/se* gives the ends. For blocks of five to ten balls
 * its error rate stays near the nominal one, where plain percentiles are too narrow.
 */
import { mean, standardDeviation } from '../maths/statistics.ts';
import type { Random } from '../maths/random.ts';

export const BOOTSTRAP_DEFAULTS = { draws: 1500, confidence: 0.95 } as const;

export interface Interval {
  readonly difference: number;
  readonly low: number;
  readonly high: number;
}

const standardError = (a: readonly number[], b: readonly number[]): number =>
  Math.hypot(
    standardDeviation(a) / Math.sqrt(a.length),
    standardDeviation(b) / Math.sqrt(b.length),
  );

/** Mean and squared standard error of a sample drawn again, without keeping it. */
function drawAgain(values: readonly number[], middle: number, random: Random): [number, number] {
  const n = values.length;
  let sum = 0;
  let squares = 0;
  for (let i = 0; i < n; i++) {
    const off = values[Math.floor(random() * n)]! - middle;
    sum += off;
    squares += off * off;
  }
  const off = sum / n;
  return [middle + off, Math.max(0, squares - n * off * off) / (n - 1) / n];
}

/** A quantile of sorted values, by linear interpolation. */
export function quantile(sorted: readonly number[], share: number): number {
  const at = share * (sorted.length - 1);
  const low = Math.floor(at);
  const next = sorted[low + 1];
  return next === undefined ? sorted[low]! : sorted[low]! + (at - low) * (next - sorted[low]!);
}

/** Mean of `after` less mean of `before`, with its interval; null with fewer than three in either. */
export function bootstrapDifference(
  before: readonly number[],
  after: readonly number[],
  random: Random,
  draws: number = BOOTSTRAP_DEFAULTS.draws,
): Interval | null {
  if (before.length < 3 || after.length < 3) return null;
  const difference = mean(after) - mean(before);
  const error = standardError(before, after);
  if (error === 0) return { difference, low: difference, high: difference };
  const scores: number[] = [];
  const [beforeMean, afterMean] = [mean(before), mean(after)];
  for (let i = 0; i < draws; i++) {
    const [b, bSquared] = drawAgain(before, beforeMean, random);
    const [a, aSquared] = drawAgain(after, afterMean, random);
    const own = Math.sqrt(aSquared + bSquared);
    // All alike by chance: no spread to measure by.
    if (own > 1e-9 * error) scores.push((a - b - difference) / own);
  }
  scores.sort((x, y) => x - y);
  const tail = (1 - BOOTSTRAP_DEFAULTS.confidence) / 2;
  return {
    difference,
    low: difference - quantile(scores, 1 - tail) * error,
    high: difference - quantile(scores, tail) * error,
  };
}
