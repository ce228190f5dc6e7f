/**
 * Where on the face a ball was struck, from what its face and path leave unexplained: the toe or heel
 * offset whose modelled start and bend come nearest to those measured, both weighed by their errors.
 */
import type { Delivery } from '../delivery/delivery.ts';
import type { ClubHead } from '../delivery/head.ts';
import type { FlightOptions } from '../flight/options.ts';
import { simulateShot } from '../flight/simulate.ts';

export interface Leftover {
  readonly startDirectionDeg: number | null;
  readonly curveM: number | null;
  readonly carryM: number;
}

export interface StrikeGuess {
  /** mm, toe positive. */
  readonly strikeToeMm: number;
  /** Whether a strike there explains start and bend within the errors. */
  readonly explains: boolean;
}

/** Errors of start, degrees, and of curve as a share of carry, from angles and landing together. */
const START_ERROR_DEG = 0.9;
const CURVE_ERROR_SHARE = 0.025;
/** Furthest strike looked for, mm. */
const FURTHEST_MM = 28;
const STEP_MM = 4;
/** Misfits, in standard deviations, up to which a strike explains a ball. */
const EXPLAINED = 2;

/** Null when neither start nor curve was measured. */
export function guessStrike(
  delivery: Delivery,
  head: ClubHead,
  seen: Leftover,
  flight: FlightOptions,
): StrikeGuess | null {
  if (seen.startDirectionDeg === null && seen.curveM === null) return null;
  const misfit = (strikeToeMm: number): number => {
    const shot = simulateShot({ ...delivery, strikeToeMm }, head, flight);
    if (shot.flight.outcome !== 'landed') return Infinity;
    const start =
      seen.startDirectionDeg === null
        ? 0
        : (shot.launch.startDirectionDeg - seen.startDirectionDeg) / START_ERROR_DEG;
    const length = (seen.carryM / Math.max(1, shot.flight.carryM)) ** 2;
    const curve =
      seen.curveM === null
        ? 0
        : (shot.flight.curveM * length - seen.curveM) / (CURVE_ERROR_SHARE * seen.carryM);
    return Math.hypot(start, curve);
  };
  let best = 0;
  for (let mm = -FURTHEST_MM; mm <= FURTHEST_MM; mm += STEP_MM) {
    if (misfit(mm) < misfit(best)) best = mm;
  }
  for (let step = STEP_MM / 2; step >= 1; step /= 2) {
    for (const mm of [best - step, best + step]) if (misfit(mm) < misfit(best)) best = mm;
  }
  return { strikeToeMm: best, explains: Math.abs(best) > STEP_MM / 2 && misfit(best) <= EXPLAINED };
}
