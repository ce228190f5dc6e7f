/**
 * A middle and a spread that a few wild values do not move: Huber's M-estimate of location with the median absolute
 * deviation as its scale (Huber 1981, *Robust Statistics*, ch. 5–6; Venables & Ripley, *Modern Applied Statistics with
 * S*, 4th ed., §5.5, from memory).
 */
import { median } from './statistics.ts';

/** Values further than so many scales from the middle pull no harder than those there. */
export const HUBER_K = 1.5;
/** Makes the median absolute deviation of a normal sample its standard deviation: 1 / Φ⁻¹(¾). */
const MAD_TO_SD = 1.482602;
const STEPS = 50;
const NEAR_ENOUGH = 1e-9;

export interface Robust {
  readonly count: number;
  readonly middle: number;
  /** As the standard deviation of a normal sample; 0 for fewer than two values. */
  readonly spread: number;
  /** Standard error of the middle; infinite for fewer than two values. */
  readonly error: number;
}

const clipped = (value: number): number => Math.max(-HUBER_K, Math.min(HUBER_K, value));

/** Returns the robust middle, spread and error of the middle; null for no values. */
export function robustOf(values: readonly number[]): Robust | null {
  const count = values.length;
  if (count === 0) return null;
  let middle = median(values);
  if (count === 1) return { count, middle, spread: 0, error: Infinity };
  const spread = MAD_TO_SD * median(values.map((value) => Math.abs(value - middle)));
  // More than half of them are the same: they have no scatter to weigh the others by.
  if (spread === 0) return { count, middle, spread, error: 0 };
  for (let i = 0; i < STEPS; i++) {
    const pulls = values.reduce((sum, value) => sum + clipped((value - middle) / spread), 0);
    const step = (spread * pulls) / count;
    middle += step;
    if (Math.abs(step) < NEAR_ENOUGH * spread) break;
  }
  const scaled = values.map((value) => (value - middle) / spread);
  const within = scaled.filter((value) => Math.abs(value) < HUBER_K).length;
  const squares = scaled.reduce((sum, value) => sum + clipped(value) ** 2, 0);
  const error = (spread * Math.sqrt(squares * (count / (count - 1)))) / Math.max(1, within);
  return { count, middle, spread, error };
}
