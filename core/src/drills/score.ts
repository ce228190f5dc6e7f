import { DOSE } from './dose.ts';

/** One repetition at a station. */
export interface Repetition {
  readonly good: boolean;
  /** What went wrong, one of the drill's own misses; empty when good. */
  readonly miss: string;
}

export interface StationScore {
  readonly count: number;
  readonly good: number;
  /** Good ones in a row, up to now. */
  readonly streak: number;
  /** Good ones of the last ten, and how many of those ten there are. */
  readonly lastGood: number;
  readonly lastOf: number;
  readonly advice: 'go on' | 'step up' | 'step back';
  /** The commonest miss, or null. */
  readonly commonMiss: string | null;
}

/** Move on at eight good of ten, step back at under five (common practice, no source). */
export function scoreStation(repetitions: readonly Repetition[]): StationScore {
  const last = repetitions.slice(-DOSE.setOf);
  const lastGood = last.filter(({ good }) => good).length;
  const streak = [...repetitions].reverse().findIndex(({ good }) => !good);
  const full = last.length === DOSE.setOf;
  const advice = !full
    ? 'go on'
    : lastGood >= DOSE.moveOnAt
      ? 'step up'
      : lastGood < DOSE.stepBackUnder
        ? 'step back'
        : 'go on';
  const misses = new Map<string, number>();
  for (const { good, miss } of repetitions)
    if (!good && miss !== '') misses.set(miss, (misses.get(miss) ?? 0) + 1);
  const [common] = [...misses].sort((a, b) => b[1] - a[1]);
  return {
    count: repetitions.length,
    good: repetitions.filter(({ good }) => good).length,
    streak: streak < 0 ? repetitions.length : streak,
    lastGood,
    lastOf: last.length,
    advice,
    commonMiss: common?.[0] ?? null,
  };
}
