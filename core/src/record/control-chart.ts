/**
 * An exponentially weighted moving average, which notices a small lasting lean sooner than the eye does (Roberts 1959,
 * Technometrics 1:239; NIST/SEMATECH e-Handbook §6.3.2.4). Values come scaled: 0 is the level that was held, 1 a
 * visit's own standard deviation. How often it sounds by chance is computed by the Markov chain of Brook & Evans (1972,
 * Biometrika 59:539), and the limits are those of the run length asked for.
 */
import { eliminate } from '../maths/least-squares.ts';

export const CHART_DEFAULTS = {
  /** Weight of the newest visit (common practice for small lasting shifts: 0.2 to 0.3). */
  weight: 0.3,
  /** Visits between two signals by chance where nothing changed: some two years of weekly lessons. */
  runLength: 100,
} as const;

/** States of the chain: its run lengths are within 1 % of published tables. */
const STATES = 101;

export interface ChartPoint {
  readonly average: number;
  /** Half-width of the band at this visit. */
  readonly limit: number;
  /** 1 above the band, −1 below, 0 within. */
  readonly signal: -1 | 0 | 1;
}

/**
 * Half-width after `visits` visits of a chart with so many limits, in visits' standard deviations. What the level held
 * is itself known by (`levelError`) does not average out.
 */
export function limitAfter(visits: number, limits: number, weight: number, levelError = 0): number {
  const left = (1 - weight) ** visits;
  return (
    limits *
    Math.hypot(Math.sqrt((weight / (2 - weight)) * (1 - left ** 2)), levelError * (1 - left))
  );
}

/** Returns the chart of scaled values; `limits` as of `limitsFor`, `levelError` the standard error of their 0. */
export function ewmaChart(
  values: readonly number[],
  limits: number,
  { weight = CHART_DEFAULTS.weight, levelError = 0 } = {},
): ChartPoint[] {
  let average = 0;
  return values.map((value, n) => {
    average += weight * (value - average);
    const limit = limitAfter(n + 1, limits, weight, levelError);
    return { average, limit, signal: average > limit ? 1 : average < -limit ? -1 : 0 };
  });
}

/** Φ(x) of the standard normal: its series near the middle, its continued fraction in the tails (Abramowitz & Stegun 26.2.11 and 26.2.14, from memory). */
function normalCumulative(x: number): number {
  const size = Math.abs(x);
  if (size > 8) return x > 0 ? 1 : 0;
  let tail: number;
  if (size < 3) {
    let [term, sum] = [size, size];
    for (let n = 1; n < 60; n++) sum += term *= (size * size) / (2 * n + 1);
    tail = 0.5 - (sum * Math.exp((-size * size) / 2)) / Math.sqrt(2 * Math.PI);
  } else {
    let fraction = size;
    for (let n = 40; n >= 1; n--) fraction = size + n / fraction;
    tail = Math.exp((-size * size) / 2) / (fraction * Math.sqrt(2 * Math.PI));
  }
  return x > 0 ? 1 - tail : tail;
}

/** Mean visits to a signal of a chart in its steady band where the level is `shift` standard deviations off. */
export function runLengthOf(limits: number, weight: number, shift = 0): number {
  const band = limits * Math.sqrt(weight / (2 - weight));
  const width = (2 * band) / STATES;
  const middleOf = (state: number): number => -band + (state + 0.5) * width;
  // The chain's equations, their right-hand sides beside them.
  const wide = STATES + 1;
  const rows = new Float64Array(STATES * wide).fill(1);
  for (let from = 0; from < STATES; from++) {
    const kept = (1 - weight) * middleOf(from);
    let below = normalCumulative((-band - kept) / weight - shift);
    for (let to = 0; to < STATES; to++) {
      const above = normalCumulative((-band + (to + 1) * width - kept) / weight - shift);
      rows[from * wide + to] = (to === from ? 1 : 0) - (above - below);
      below = above;
    }
  }
  eliminate(rows, STATES, wide);
  return rows[((STATES - 1) / 2) * wide + STATES]!;
}

const MEMORY = new Map<string, number>();
const HALVINGS = 30;

/** Returns the limits at which a chart sounds by chance once in `runLength` visits, in visits' standard deviations. */
export function limitsFor(
  runLength: number = CHART_DEFAULTS.runLength,
  weight: number = CHART_DEFAULTS.weight,
): number {
  const key = `${runLength} ${weight}`;
  const known = MEMORY.get(key);
  if (known !== undefined) return known;
  let [low, high] = [0.5, 5];
  for (let i = 0; i < HALVINGS; i++) {
    const middle = (low + high) / 2;
    if (runLengthOf(middle, weight) < runLength) low = middle;
    else high = middle;
  }
  MEMORY.set(key, high);
  return high;
}
