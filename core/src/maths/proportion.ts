/**
 * Shares with their interval (Wilson 1927, J. Am. Stat. Assoc. 22:209), whether two differ (Newcombe 1998, Stat. Med. 17:873,
 * method 10), and whether one is more than a half.
 */
import { NORMAL_975 } from './statistics.ts';

/** How many of some had a thing. */
export interface Share {
  readonly had: number;
  readonly of: number;
}

export interface Proportion extends Share {
  readonly share: number;
  /** Its 95 % interval. */
  readonly low: number;
  readonly high: number;
}

/** Returns a share with its 95 % interval; null of nothing. */
export function proportionOf(had: number, of: number): Proportion | null {
  if (of === 0) return null;
  const [share, z2] = [had / of, NORMAL_975 ** 2];
  const middle = (share + z2 / (2 * of)) / (1 + z2 / of);
  const half =
    (NORMAL_975 / (1 + z2 / of)) * Math.sqrt((share * (1 - share)) / of + z2 / (4 * of * of));
  return { share, low: Math.max(0, middle - half), high: Math.min(1, middle + half), had, of };
}

/** Returns the 95 % interval of the share after less the one before; null where one is of nothing. */
export function shareGrew(before: Share, after: Share): { low: number; high: number } | null {
  const [b, a] = [proportionOf(before.had, before.of), proportionOf(after.had, after.of)];
  if (b === null || a === null) return null;
  const by = a.share - b.share;
  return {
    low: by - Math.hypot(a.share - a.low, b.high - b.share),
    high: by + Math.hypot(a.high - a.share, b.share - b.low),
  };
}

/**
 * Returns the chance that at least `count` of `of` fall to one side where each side is as likely: below 1 − level, the exact one-sided
 * lower bound of the share (Clopper & Pearson 1934, Biometrika 26:404) is above one half.
 */
export function tailOfHalf(count: number, of: number): number {
  let [term, tail] = [0.5 ** of, 0];
  for (let k = of; k >= count; k--) {
    tail += term;
    term *= k / (of - k + 1);
  }
  return tail;
}
