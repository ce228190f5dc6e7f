/**
 * Splitting a miss among its causes by Shapley values: each factor's share is its marginal effect
 * averaged over every order of switching the factors on (Shapley 1953, "A value for n-person
 * games"). The shares add up to the whole exactly and depend on no order.
 */
import type { Delivery } from '../delivery/delivery.ts';
import type { ClubHead } from '../delivery/head.ts';
import { turnFace } from '../delivery/turn.ts';
import { NO_WIND } from '../flight/options.ts';
import type { FlightOptions } from '../flight/options.ts';
import { simulateShot } from '../flight/simulate.ts';

/** Shares of `value` (of the set of factors switched on, as bits) for each of `count` factors. */
export function shapleyShares(count: number, value: (onBits: number) => number): number[] {
  const sets = 1 << count;
  const values = Array.from({ length: sets }, (_, bits) => value(bits));
  const weights = orderWeights(count);
  return Array.from({ length: count }, (_, factor) => {
    const bit = 1 << factor;
    let share = 0;
    for (let bits = 0; bits < sets; bits++) {
      if (bits & bit) continue;
      share += weights[countBits(bits)]! * (values[bits | bit]! - values[bits]!);
    }
    return share;
  });
}

/** |S|! (n − |S| − 1)! / n! by the size of S. */
function orderWeights(count: number): number[] {
  const factorial = (n: number): number => (n < 2 ? 1 : n * factorial(n - 1));
  return Array.from(
    { length: count },
    (_, size) => (factorial(size) * factorial(count - size - 1)) / factorial(count),
  );
}

function countBits(bits: number): number {
  let n = 0;
  for (let rest = bits; rest > 0; rest &= rest - 1) n++;
  return n;
}

export interface SplitOptions extends FlightOptions {
  /** Where the player is aimed, degrees from the target line, positive right; default 0. */
  readonly aimDeg?: number;
}

/** Offline distance at landing by what caused it, m, positive right; the parts add up to the total. */
export interface MissSplit {
  readonly aimM: number;
  readonly faceM: number;
  readonly pathM: number;
  readonly strikeM: number;
  readonly windM: number;
  readonly totalM: number;
}

/**
 * Returns what each factor costs. With a factor off: aim at the target, the face square to the aim with the loft
 * that follows, the path along the aim, the strike in the middle, no wind. Throws RangeMisuse for numbers out of range.
 */
export function splitMiss(
  delivery: Delivery,
  head: ClubHead,
  options: SplitOptions = {},
): MissSplit {
  const { aimDeg = 0, ...flight } = options;
  const wind = flight.wind ?? NO_WIND;
  const active = [
    aimDeg !== 0,
    delivery.faceAngleDeg !== aimDeg,
    delivery.clubPathDeg !== aimDeg,
    delivery.strikeToeMm !== 0 || delivery.strikeHighMm !== 0,
    wind.speedMps !== 0,
  ];
  const factors = active.flatMap((on, index) => (on ? [index] : []));
  const offline = (onBits: number): number => {
    const on = (factor: number): boolean => {
      const place = factors.indexOf(factor);
      return place >= 0 && (onBits & (1 << place)) !== 0;
    };
    const aim = on(0) ? aimDeg : 0;
    const faceDeg = aim + (on(1) ? delivery.faceAngleDeg - aimDeg : 0);
    const shot = {
      ...turnFace(delivery, head, faceDeg - delivery.faceAngleDeg),
      clubPathDeg: aim + (on(2) ? delivery.clubPathDeg - aimDeg : 0),
      strikeToeMm: on(3) ? delivery.strikeToeMm : 0,
      strikeHighMm: on(3) ? delivery.strikeHighMm : 0,
    };
    return simulateShot(shot, head, { ...flight, wind: on(4) ? wind : NO_WIND }).flight.offlineM;
  };
  const shares = shapleyShares(factors.length, offline);
  const share = (factor: number): number => shares[factors.indexOf(factor)] ?? 0;
  const totalM = offline((1 << factors.length) - 1);
  return {
    aimM: share(0),
    faceM: share(1),
    pathM: share(2),
    strikeM: share(3),
    windM: share(4),
    totalM,
  };
}
