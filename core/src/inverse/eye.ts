import type { Club } from '../delivery/club.ts';
import type { ClubHead } from '../delivery/head.ts';
import { UNKNOWN_PLAYER, plainDelivery } from '../delivery/usual.ts';
import type { UsualPlayer } from '../delivery/usual.ts';
import { simulateShot } from '../flight/simulate.ts';
import type { DeviceAccuracy } from './accuracy.ts';

/**
 * How far a practised eye may be off, one standard deviation (common practice, no source). It is the same
 * eye for every ball: looking at more balls does not take this error away.
 */
export const EYE_ACCURACY = {
  startSdDeg: 1.5,
  /** With a start post laid on the line, which side the ball passes is seen far better. */
  startSdWithPostDeg: 0.5,
  finishShare: 0.03,
  carryShare: 0.07,
} as const;

/** Returns the eye's errors for a ball of this carry, m, one standard deviation; smaller at the start where a post was laid. */
export function eyeAccuracy(carryM: number, hasPost = false): Partial<DeviceAccuracy> {
  const finishSdM = Math.max(1, EYE_ACCURACY.finishShare * carryM);
  return {
    startDirectionDeg: hasPost ? EYE_ACCURACY.startSdWithPostDeg : EYE_ACCURACY.startSdDeg,
    offlineM: finishSdM,
    curveM: finishSdM,
    carryM: Math.max(1, EYE_ACCURACY.carryShare * carryM),
  };
}

/** Words of the eye: which side, and a little or much; sides positive right. */
export const EYE_WAYS = [-2, -1, 0, 1, 2] as const;
export type EyeWay = (typeof EYE_WAYS)[number];
export const EYE_STRIKES = ['heel', 'middle', 'toe'] as const;
export type EyeStrike = (typeof EYE_STRIKES)[number];

/** What a coach's words for a flight stand for (common practice, no source). */
export const EYE_AMOUNTS = {
  /** Start off the line, degrees. */
  startDeg: { 0: 0, 1: 3, 2: 6 },
  /** Bend, as a share of carry: a draw or fade, a hook or slice. */
  bendShare: { 0: 0, 1: 0.055, 2: 0.14 },
  strikeToeMm: { heel: -15, middle: 0, toe: 15 },
} as const;

export interface EyeTap {
  readonly start: EyeWay;
  readonly bend: EyeWay;
  /** Where it finished from the target line, m, positive right, when it was paced or seen. */
  readonly finishM?: number;
  readonly strike?: EyeStrike;
}

export interface TappedBall {
  readonly startDirectionDeg: number;
  readonly curveM: number | null;
  readonly offlineM: number | null;
  readonly carryM: number;
  readonly strikeToeMm: number | null;
}

/** Usual carry of a player with a club, m, by the model. */
export const usualCarryM = (
  club: Club,
  head: ClubHead,
  { kind, driverSpeedMps }: UsualPlayer = UNKNOWN_PLAYER,
): number => simulateShot(plainDelivery(club, 'right', driverSpeedMps, kind), head).flight.carryM;

const amount = (way: EyeWay, of: Readonly<Record<0 | 1 | 2, number>>): number =>
  Math.sign(way) * of[Math.abs(way) as 0 | 1 | 2];

/** Returns a tapped flight as figures of a ball; a finish that was seen stands instead of the bend. */
export function ballOfTap(tap: EyeTap, carryM: number): TappedBall {
  return {
    startDirectionDeg: amount(tap.start, EYE_AMOUNTS.startDeg),
    curveM: tap.finishM === undefined ? amount(tap.bend, EYE_AMOUNTS.bendShare) * carryM : null,
    offlineM: tap.finishM ?? null,
    carryM,
    strikeToeMm: tap.strike === undefined ? null : EYE_AMOUNTS.strikeToeMm[tap.strike],
  };
}
