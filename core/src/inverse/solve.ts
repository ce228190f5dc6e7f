import { usualClubOf } from '../delivery/club.ts';
import type { Club } from '../delivery/club.ts';
import type { Delivery } from '../delivery/delivery.ts';
import type { ClubHead, ClubKind } from '../delivery/head.ts';
import { UNKNOWN_PLAYER, usualStrike } from '../delivery/usual.ts';
import type { UsualPlayer } from '../delivery/usual.ts';
import type { FlightOptions } from '../flight/options.ts';
import type { Hand } from '../line/hand.ts';
import { ASSUMED_SPREAD, SPIN_MODEL_SHARE, resolveAccuracy } from './accuracy.ts';
import type { DeviceAccuracy } from './accuracy.ts';
import { fitDelivery } from './fit-delivery.ts';
import type {
  DeliveryField,
  JointError,
  Observation,
  ObservedQuantity,
  Prior,
} from './fit-delivery.ts';

/** A delivery read backwards, or why there is none. */
export type SolvedDelivery =
  | {
      readonly delivery: Delivery;
      /** Half-widths of the 95 % intervals, in the unit of the field. */
      readonly half95: Readonly<Partial<Record<DeliveryField, number>>>;
      /** The same of face to path, degrees, whose errors partly go together. */
      readonly faceToPathHalf95Deg: number;
      /** All that is unsure of it together; null where intervals were not asked for. */
      readonly joint: JointError | null;
      /** What was taken for granted, as words. */
      readonly assumed: readonly string[];
      readonly reason?: undefined;
    }
  | { readonly delivery: null; readonly reason: string };

/** What a ball shows; null or missing where nothing was measured. */
export type ObservedBall = { readonly [Q in ObservedQuantity]?: number | null };

export interface SolveOptions {
  readonly hand: Hand;
  /** Known attack, degrees; `solve` finds it from spin and launch alone; otherwise near the club's usual one. */
  readonly attackAngleDeg?: number | 'solve';
  /** Known strike, mm; otherwise near the middle of the face. */
  readonly strikeToeMm?: number;
  /** How far the known strike may be off, one standard deviation, mm; left out, not at all. */
  readonly strikeSdMm?: number;
  readonly strikeHighMm?: number;
  readonly accuracy?: Partial<DeviceAccuracy>;
  readonly flight?: FlightOptions;
  /** What is known of the player; by default nothing. */
  readonly player?: UsualPlayer;
  /** The player's own club; by default the standard one nearest to the head. */
  readonly club?: Club;
  /** False leaves the intervals out, for speed. */
  readonly intervals?: boolean;
}

/** Above this root mean square of residuals, in standard deviations, the ball is not the model's. */
const MOST_MISFIT = 4;
/** Ball speed over club speed of a usual strike, for a first guess only (common practice). */
const USUAL_SMASH: Readonly<Record<ClubKind, number>> = {
  driver: 1.46,
  fairway: 1.44,
  hybrid: 1.43,
  iron: 1.35,
  wedge: 1.22,
};
/** A ball without a launch angle leaves about this much below the dynamic loft, degrees: a first guess. */
const LAUNCH_BELOW_LOFT_DEG = 6;
/** Carry over ball speed of a usual shot, s: a first guess. */
const CARRY_PER_BALL_SPEED_S = 2.6;

const nothing = (reason: string): SolvedDelivery => ({ delivery: null, reason });
const clamp = (value: number, min: number, max: number): number =>
  Math.min(max, Math.max(min, value));
/** A missing or broken figure is no figure. */
const known = (value: number | null | undefined): number | null =>
  typeof value === 'number' && Number.isFinite(value) ? value : null;

function observedOf(ball: ObservedBall): ObservedBall {
  const { ballSpeedMps, carryM } = ball;
  return {
    ballSpeedMps: (ballSpeedMps ?? 0) > 0 ? known(ballSpeedMps) : null,
    launchAngleDeg: known(ball.launchAngleDeg),
    startDirectionDeg: known(ball.startDirectionDeg),
    spinRateRpm: known(ball.spinRateRpm),
    spinAxisTiltDeg: known(ball.spinAxisTiltDeg),
    carryM: (carryM ?? 0) > 0 ? known(carryM) : null,
    offlineM: known(ball.offlineM),
    curveM: known(ball.curveM),
  };
}

/** First guess from the ball alone: the face near the start, the path from the tilt. */
function firstGuess(ball: ObservedBall, club: Club, hand: Hand, player: UsualPlayer): Delivery {
  const start = ball.startDirectionDeg ?? 0;
  const ballSpeed =
    ball.ballSpeedMps ?? (ball.carryM == null ? null : ball.carryM / CARRY_PER_BALL_SPEED_S);
  const unknownSpeed = player.driverSpeedMps * club.speedShare;
  const speed = ballSpeed === null ? unknownSpeed : ballSpeed / USUAL_SMASH[club.kind];
  const clubSpeedMps = clamp(speed, 1, 85);
  const usual = usualStrike(club, clubSpeedMps, player.kind);
  const launch = ball.launchAngleDeg ?? usual.dynamicLoftDeg - LAUNCH_BELOW_LOFT_DEG;
  const loft = clamp(launch * 1.15 + 1, 2, 75);
  const spinLoft = Math.max(8, loft - usual.attackAngleDeg);
  const tilt = clamp(ball.spinAxisTiltDeg ?? Math.sign(ball.curveM ?? 0) * 6, -60, 60);
  const faceToPath = Math.tan((tilt * Math.PI) / 180) * spinLoft * 0.9;
  return {
    hand,
    clubSpeedMps,
    attackAngleDeg: usual.attackAngleDeg,
    faceAngleDeg: clamp(start + 0.2 * faceToPath, -70, 70),
    clubPathDeg: clamp(start - 0.8 * faceToPath, -55, 55),
    dynamicLoftDeg: ball.launchAngleDeg == null ? usual.dynamicLoftDeg : loft,
    strikeToeMm: 0,
    strikeHighMm: usual.strikeHighMm,
  };
}

function observations(ball: ObservedBall, accuracy: DeviceAccuracy): Observation[] {
  // With the axis measured the landing adds only its wind and its own error.
  const bend: ObservedQuantity =
    ball.spinAxisTiltDeg != null
      ? 'spinAxisTiltDeg'
      : ball.offlineM != null
        ? 'offlineM'
        : 'curveM';
  const length: ObservedQuantity = ball.ballSpeedMps == null ? 'carryM' : 'ballSpeedMps';
  const wanted = ['startDirectionDeg', bend, length, 'launchAngleDeg', 'spinRateRpm'] as const;
  return wanted.flatMap((quantity) => {
    const value = ball[quantity];
    if (value == null) return [];
    const own = accuracy[quantity];
    const sd = quantity === 'spinRateRpm' ? Math.hypot(own, SPIN_MODEL_SHARE * value) : own;
    return [{ quantity, value, sd }];
  });
}

const has = (observed: readonly Observation[], quantity: ObservedQuantity): boolean =>
  observed.some((o) => o.quantity === quantity);

/** Returns which fields the observations settle. */
function unknownsFor(observed: readonly Observation[], solveAttack: boolean): DeliveryField[] {
  const unknown: DeliveryField[] = ['faceAngleDeg', 'clubPathDeg'];
  if (has(observed, 'ballSpeedMps') || has(observed, 'carryM')) unknown.push('clubSpeedMps');
  if (has(observed, 'launchAngleDeg')) unknown.push('dynamicLoftDeg');
  if (solveAttack && has(observed, 'launchAngleDeg') && has(observed, 'spinRateRpm')) {
    unknown.push('attackAngleDeg');
  }
  return unknown;
}

interface Assumption {
  readonly field: keyof typeof ASSUMED_SPREAD;
  readonly words: string | null;
}

/** Returns what has to be taken near its usual value. */
function assumptionsFor(
  unknown: readonly DeliveryField[],
  options: SolveOptions,
): readonly Assumption[] {
  const given = {
    attackAngleDeg: typeof options.attackAngleDeg === 'number',
    dynamicLoftDeg: false,
    strikeToeMm: options.strikeToeMm !== undefined && options.strikeSdMm === undefined,
    strikeHighMm: options.strikeHighMm !== undefined,
  };
  const all: readonly Assumption[] = [
    { field: 'attackAngleDeg', words: 'a usual attack angle' },
    { field: 'dynamicLoftDeg', words: 'a usual loft' },
    {
      field: 'strikeToeMm',
      words: options.strikeToeMm === undefined ? 'a middle strike' : null,
    },
    { field: 'strikeHighMm', words: null },
  ];
  return all.filter(({ field }) => !given[field] && !unknown.includes(field));
}

/** Without intervals only what the observations can move is searched: spin and launch move the attack. */
const isMoved = (field: DeliveryField, observed: readonly Observation[]): boolean =>
  field === 'attackAngleDeg' && has(observed, 'spinRateRpm') && has(observed, 'launchAngleDeg');

/**
 * Returns the delivery behind a ball, from ball data alone. Face and path need a start direction and one of
 * spin axis, offline or curve. What a ball cannot tell (attack, strike, often loft) is taken near its usual
 * value and widens the intervals. Never throws for a ball; null with a reason where there is no delivery.
 */
export function solveDelivery(
  given: ObservedBall,
  head: ClubHead,
  options: SolveOptions,
): SolvedDelivery {
  const ball = observedOf(given);
  if (ball.startDirectionDeg == null) return nothing('the start direction is not known');
  if (ball.spinAxisTiltDeg == null && ball.offlineM == null && ball.curveM == null) {
    return nothing('nothing tells how it bent: no spin axis, offline or curve');
  }
  const intervals = options.intervals ?? true;
  const observed = observations(ball, resolveAccuracy(options.accuracy));
  const club = options.club ?? usualClubOf(head);
  const unknown = unknownsFor(observed, options.attackAngleDeg === 'solve');
  const guess = firstGuess(ball, club, options.hand, options.player ?? UNKNOWN_PLAYER);
  const { attackAngleDeg: attack, strikeToeMm, strikeHighMm } = options;
  const loftSolved = unknown.includes('dynamicLoftDeg');
  const start: Delivery = {
    ...guess,
    attackAngleDeg: typeof attack === 'number' ? attack : guess.attackAngleDeg,
    strikeToeMm: strikeToeMm ?? 0,
    strikeHighMm: strikeHighMm ?? guess.strikeHighMm,
    // A loft taken as usual is that of a square face, and follows the face from there.
    ...(!loftSolved && { faceAngleDeg: 0 }),
  };
  const assumptions = assumptionsFor(unknown, options);
  const priors = assumptions
    .filter(({ field }) => intervals || isMoved(field, observed))
    .map(({ field }): Prior => {
      const isSeen = field === 'strikeToeMm' && options.strikeSdMm !== undefined;
      return { field, mean: start[field], sd: isSeen ? options.strikeSdMm : ASSUMED_SPREAD[field] };
    });
  const fitted = fitDelivery(
    {
      observed,
      head,
      start,
      unknown,
      priors,
      flight: options.flight ?? {},
      ...(!loftSolved && { loftFollows: 'face' as const }),
    },
    intervals,
  );
  if (fitted === null) return nothing('no face and path of this club give such a ball');
  if (fitted.misfit > MOST_MISFIT) {
    return nothing('its figures do not fit together for this club: check the club and the reading');
  }
  const words = assumptions.flatMap((a) => a.words ?? []);
  const { delivery, half95, faceToPathHalf95Deg, joint } = fitted;
  return { delivery, half95, faceToPathHalf95Deg, joint, assumed: words };
}
