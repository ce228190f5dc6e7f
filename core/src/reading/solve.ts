import { usualClubOf } from '../delivery/club.ts';
import type { Club } from '../delivery/club.ts';
import type { Delivery } from '../delivery/delivery.ts';
import type { ClubHead } from '../delivery/head.ts';
import type { FlightOptions } from '../flight/options.ts';
import type { Hand } from '../line/hand.ts';
import { ASSUMED_SPREAD, resolveAccuracy } from './accuracy.ts';
import type { DeviceAccuracy } from './accuracy.ts';
import { fitDelivery } from './fit-delivery.ts';
import type { DeliveryField, Observation, ObservedQuantity } from './fit-delivery.ts';

/** A delivery read backwards, or why there is none. */
export type SolvedDelivery =
  | {
      readonly delivery: Delivery;
      /** Half-widths of the 95 % intervals, in the unit of the field. */
      readonly half95: Readonly<Partial<Record<DeliveryField, number>>>;
      /** What was taken for granted, as words. */
      readonly assumed: readonly string[];
      readonly reason?: undefined;
    }
  | { readonly delivery: null; readonly reason: string };

/** What a ball shows; null or missing where nothing was measured. */
export type ObservedBall = { readonly [Q in ObservedQuantity]?: number | null };

export interface SolveOptions {
  readonly hand: Hand;
  /** Known attack, degrees; `solve` finds it from spin and launch; otherwise the club's usual one. */
  readonly attackAngleDeg?: number | 'solve';
  /** Known strike, mm; otherwise the middle is assumed. */
  readonly strikeToeMm?: number;
  readonly strikeHighMm?: number;
  readonly accuracy?: Partial<DeviceAccuracy>;
  readonly flight?: FlightOptions;
  /** False leaves the intervals out, for speed. */
  readonly intervals?: boolean;
}

/** Above this root mean square of residuals, in standard deviations, the ball is not the model's. */
const MOST_MISFIT = 4;

const nothing = (reason: string): SolvedDelivery => ({ delivery: null, reason });

/** First guess from the ball alone: the face near the start, the path from the tilt. */
function firstGuess(ball: ObservedBall, club: Club, hand: Hand): Delivery {
  const start = ball.startDirectionDeg ?? 0;
  const launch = ball.launchAngleDeg ?? club.usualDynamicLoftDeg - 6;
  const loft = Math.min(75, Math.max(2, launch * 1.15 + 1));
  const spinLoft = Math.max(8, loft - club.usualAttackDeg);
  const tilt = ball.spinAxisTiltDeg ?? Math.sign(ball.curveM ?? 0) * 6;
  const gap = Math.tan((Math.min(60, Math.max(-60, tilt)) * Math.PI) / 180) * spinLoft * 0.9;
  const speed = ball.ballSpeedMps ?? (ball.carryM ?? 120) / 2.6;
  return {
    hand,
    clubSpeedMps: Math.min(85, Math.max(1, speed / 1.4)),
    attackAngleDeg: club.usualAttackDeg,
    faceAngleDeg: start + 0.2 * gap,
    clubPathDeg: Math.min(55, Math.max(-55, start - 0.8 * gap)),
    dynamicLoftDeg: loft,
    strikeToeMm: 0,
    strikeHighMm: 0,
  };
}

function observations(ball: ObservedBall, accuracy: DeviceAccuracy): Observation[] {
  // With the axis measured the landing adds only its wind and its own error.
  const bend: readonly ObservedQuantity[] =
    ball.spinAxisTiltDeg == null
      ? ball.offlineM == null
        ? ['curveM']
        : ['offlineM']
      : ['spinAxisTiltDeg'];
  const length: readonly ObservedQuantity[] =
    ball.ballSpeedMps == null ? ['carryM'] : ['ballSpeedMps'];
  const wanted: readonly ObservedQuantity[] = [
    'startDirectionDeg',
    ...bend,
    ...length,
    'launchAngleDeg',
    'spinRateRpm',
  ];
  return wanted.flatMap((quantity) => {
    const value = ball[quantity];
    return value == null ? [] : [{ quantity, value, sd: accuracy[quantity] }];
  });
}

/** Which fields the observations settle. */
function unknownsFor(observed: readonly Observation[], solveAttack: boolean): DeliveryField[] {
  const has = (quantity: ObservedQuantity): boolean =>
    observed.some((o) => o.quantity === quantity);
  const unknown: DeliveryField[] = ['faceAngleDeg', 'clubPathDeg'];
  if (has('ballSpeedMps') || has('carryM')) unknown.push('clubSpeedMps');
  if (has('launchAngleDeg')) unknown.push('dynamicLoftDeg');
  if (solveAttack && has('launchAngleDeg') && has('spinRateRpm')) unknown.push('attackAngleDeg');
  return unknown;
}

/**
 * The delivery behind a ball, from ball data alone. Face and path need a start direction and one of
 * spin axis, offline or curve. Attack cannot be told from a ball's direction: it is taken as known, as
 * usual for the club, or (`solve`) from spin and launch together. Null with a reason where there is none.
 */
export function solveDelivery(
  ball: ObservedBall,
  head: ClubHead,
  options: SolveOptions,
): SolvedDelivery {
  if (ball.startDirectionDeg == null) return nothing('the start direction is not known');
  if (ball.spinAxisTiltDeg == null && ball.offlineM == null && ball.curveM == null) {
    return nothing('nothing tells how it bent: no spin axis, offline or curve');
  }
  const accuracy = resolveAccuracy(options.accuracy);
  const observed = observations(ball, accuracy);
  const club = usualClubOf(head);
  const solveAttack = options.attackAngleDeg === 'solve';
  const unknown = unknownsFor(observed, solveAttack);
  const guess = firstGuess(ball, club, options.hand);
  const { attackAngleDeg: attack, strikeToeMm, strikeHighMm } = options;
  const start: Delivery = {
    ...guess,
    attackAngleDeg: typeof attack === 'number' ? attack : guess.attackAngleDeg,
    dynamicLoftDeg: unknown.includes('dynamicLoftDeg')
      ? guess.dynamicLoftDeg
      : club.usualDynamicLoftDeg,
    clubSpeedMps: unknown.includes('clubSpeedMps') ? guess.clubSpeedMps : 42 * club.speedShare,
    strikeToeMm: strikeToeMm ?? 0,
    strikeHighMm: strikeHighMm ?? 0,
  };
  const assumptions: readonly (readonly [DeliveryField, boolean, string])[] = [
    [
      'attackAngleDeg',
      typeof attack !== 'number' && !unknown.includes('attackAngleDeg'),
      'a usual attack angle',
    ],
    ['dynamicLoftDeg', !unknown.includes('dynamicLoftDeg'), 'a usual dynamic loft'],
    ['strikeToeMm', strikeToeMm === undefined, 'a strike in the middle of the face'],
  ];
  const made = assumptions.filter(([, isAssumed]) => isAssumed);
  const assumed = made.map(
    ([field]) => [field, ASSUMED_SPREAD[field as keyof typeof ASSUMED_SPREAD]] as const,
  );
  const fitted = fitDelivery(
    { observed, head, start, unknown, assumed, flight: options.flight ?? {} },
    options.intervals ?? true,
  );
  if (fitted === null) return nothing('no face and path of this club give such a ball');
  if (fitted.misfit > MOST_MISFIT) {
    return nothing('its figures do not fit together for this club: check the club and the reading');
  }
  const words = made.map(([, , text]) => text);
  return { delivery: fitted.delivery, half95: fitted.half95, assumed: words };
}
