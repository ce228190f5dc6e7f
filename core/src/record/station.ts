/** How a player does at a station from day to day: how much is good, and whether the dose climbs or is stuck. */
import { DOSE } from '../drills/dose.ts';

/** Repetitions of a drill on a day, in a lesson or at home. */
export interface StationDay {
  /** ISO date. */
  readonly date: string;
  readonly good: number;
  readonly of: number;
  /** Highest step of the dose that day, from 0; null where nobody said. */
  readonly doseStep: number | null;
}

/** Days at one step, with too few good, from which it is stuck (common practice, no source). */
export const STUCK_AFTER = 3;

export interface StationRecord {
  readonly good: number;
  readonly of: number;
  readonly days: number;
  readonly last: StationDay;
  readonly dose: {
    readonly first: number;
    readonly now: number;
    /** `stuck` for three days on one step with fewer good than moves on. */
    readonly state: 'climbed' | 'stuck' | 'as it was' | 'back';
    /** Of the days at the step they are at, the last ones. */
    readonly atStep: { readonly days: number; readonly good: number; readonly of: number };
  } | null;
}

const goodOf = (days: readonly StationDay[]) => ({
  days: days.length,
  good: days.reduce((sum, { good }) => sum + good, 0),
  of: days.reduce((sum, { of }) => sum + of, 0),
});

function doseOf(days: readonly StationDay[]): StationRecord['dose'] {
  const known = days.filter(({ doseStep }) => doseStep !== null);
  const [first, last] = [known[0]?.doseStep, known.at(-1)?.doseStep];
  if (first == null || last == null) return null;
  const left = known.map(({ doseStep }) => doseStep === last).lastIndexOf(false);
  const atStep = goodOf(known.slice(left + 1));
  const isTop = last === DOSE.steps - 1;
  const isStuck =
    !isTop && atStep.days >= STUCK_AFTER && atStep.good * DOSE.setOf < atStep.of * DOSE.moveOnAt;
  const moved = last > first ? 'climbed' : last < first ? 'back' : 'as it was';
  return { first, now: last, state: isStuck ? 'stuck' : moved, atStep };
}

/** Returns a drill's days, the oldest first; null of none. */
export function stationRecord(days: readonly StationDay[]): StationRecord | null {
  const last = days.at(-1);
  if (last === undefined) return null;
  return { ...goodOf(days), last, dose: doseOf(days) };
}
