/**
 * Whether the balls scatter less. One figure: the ratio of two standard deviations, with an interval that stands heavy tails (Bonett
 * 2006, *Applied Psychological Measurement* 30:432, from memory: the variance of ln s² is taken from a pooled kurtosis about
 * trimmed means; small blocks are given Student's t for z). Several figures together, as where the balls start and where they
 * finish: the ratio of their generalised variances per figure, tested by dealing the balls' own deviations to the blocks at
 * random (a permutation test; Good 2005, *Permutation, Parametric and Bootstrap Tests*, 3rd ed., §3.7, from memory), the same each time.
 */
import { seededRandom } from '../maths/random.ts';
import { mean, median, standardDeviation } from '../maths/statistics.ts';
import { tQuantile } from '../maths/student.ts';

export interface SpreadChange {
  readonly beforeSd: number;
  readonly afterSd: number;
  /** After over before: below 1 is tighter. */
  readonly ratio: number;
  readonly low: number;
  readonly high: number;
  readonly state: 'tighter' | 'wider' | 'not clear';
}

/** Fewer balls say nothing of a spread. */
export const SPREAD_BALLS = 5;

/** Mean of the middle values, 1 / (2 √(n − 4)) of them taken off each end. */
function trimmedMean(values: readonly number[]): number {
  const n = values.length;
  const cut = Math.floor(n * Math.min(0.4, 1 / (2 * Math.sqrt(Math.max(1, n - 4)))));
  const sorted = [...values].sort((a, b) => a - b);
  return mean(sorted.slice(cut, n - cut));
}

function sumsOf(values: readonly number[]): { fourth: number; squares: number } {
  const [centre, middle] = [trimmedMean(values), mean(values)];
  return {
    fourth: values.reduce((sum, v) => sum + (v - centre) ** 4, 0),
    squares: values.reduce((sum, v) => sum + (v - middle) ** 2, 0),
  };
}

/** Null with too few balls, or none that scatter. */
export function spreadChange(
  before: readonly number[],
  after: readonly number[],
  confidence: number,
): SpreadChange | null {
  const [n, m] = [before.length, after.length];
  if (n < SPREAD_BALLS || m < SPREAD_BALLS) return null;
  const [beforeSd, afterSd] = [standardDeviation(before), standardDeviation(after)];
  if (!(beforeSd > 0) || !(afterSd > 0)) return null;
  const [b, a] = [sumsOf(before), sumsOf(after)];
  const kurtosis = ((n + m) * (b.fourth + a.fourth)) / (b.squares + a.squares) ** 2;
  const part = (count: number): number =>
    Math.max(0.2, kurtosis - (count - 3) / count) / (count - 1);
  const error = Math.sqrt(part(n) + part(m)) / 2;
  const half = error * tQuantile(1 - (1 - confidence) / 2, n + m - 2);
  const ratio = afterSd / beforeSd;
  const [low, high] = [ratio * Math.exp(-half), ratio * Math.exp(half)];
  const state = high < 1 ? 'tighter' : low > 1 ? 'wider' : 'not clear';
  return { beforeSd, afterSd, ratio, low, high, state };
}

/** Deals of the balls to the blocks: p is good to a third of a hundredth near 0.04. */
const DEALS = 1500;
const SEED = 20261130;

/** Half-way between mean and median: the one alone raises alarms where balls lean to a side, the other finds less (by simulation). */
const middleOf = (values: readonly number[]): number => (mean(values) + median(values)) / 2;

/** Deviations of balls from the middle of their block, one row a ball, with what the middle took of them given back. */
function deviationsOf(rows: readonly (readonly number[])[]): number[][] {
  const figures = rows[0]?.length ?? 0;
  const middles = Array.from({ length: figures }, (_, k) => middleOf(rows.map((row) => row[k]!)));
  const back = Math.sqrt(rows.length / Math.max(1, rows.length - 1));
  return rows.map((row) => row.map((value, k) => back * (value - middles[k]!)));
}

/** Mean squared distance of rows, in pooled standard deviations of independent directions. */
function distancesOf(rows: readonly (readonly number[])[]): number[] {
  const figures = rows[0]?.length ?? 0;
  if (figures < 2) return rows.map(([value]) => value! ** 2);
  const sum = (i: number, j: number): number => mean(rows.map((row) => row[i]! * row[j]!));
  const [xx, yy, xy] = [sum(0, 0), sum(1, 1), sum(0, 1)];
  const determinant = xx * yy - xy * xy;
  if (!(determinant > 1e-9 * xx * yy)) return rows.map(([value]) => value! ** 2 / xx);
  return rows.map(([x, y]) => (x! * x! * yy - 2 * x! * y! * xy + y! * y! * xx) / determinant);
}

/** How likely so much less scatter, or so much more, comes by chance. */
export interface SpreadTest {
  readonly pTighter: number;
  readonly pWider: number;
}

/** One figure, or two together, a row a ball; null with too few balls or none that scatter. */
export function testSpread(
  before: readonly (readonly number[])[],
  after: readonly (readonly number[])[],
): SpreadTest | null {
  if (before.length < SPREAD_BALLS || after.length < SPREAD_BALLS) return null;
  const distances = distancesOf([...deviationsOf(before), ...deviationsOf(after)]);
  const all = distances.reduce((sum, d) => sum + d, 0);
  if (!(all > 0)) return null;
  const [n, m] = [before.length, after.length];
  const ofBefore = (at: readonly number[]): number =>
    at.slice(0, n).reduce((sum, i) => sum + distances[i]!, 0);
  const order = distances.map((_, i) => i);
  const seen = ofBefore(order);
  const random = seededRandom(SEED);
  let [more, less] = [1, 1];
  for (let deal = 0; deal < DEALS; deal++) {
    for (let i = 0; i < n; i++) {
      const j = i + Math.floor(random() * (n + m - i));
      [order[i], order[j]] = [order[j]!, order[i]!];
    }
    const dealt = ofBefore(order);
    if (dealt >= seen - 1e-12 * all) more += 1;
    if (dealt <= seen + 1e-12 * all) less += 1;
  }
  return { pTighter: more / (DEALS + 1), pWider: less / (DEALS + 1) };
}
