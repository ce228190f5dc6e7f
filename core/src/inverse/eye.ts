import type { Club } from '../delivery/club.ts';
import type { ClubHead } from '../delivery/head.ts';
import { UNKNOWN_PLAYER, plainDelivery } from '../delivery/usual.ts';
import type { UsualPlayer } from '../delivery/usual.ts';
import { simulateShot } from '../flight/simulate.ts';
import { radToDeg } from '../units/units.ts';
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

/** What an eye told, beside the sides: whether a post was laid, and the share of the balls whose start or bend it gave no size. */
export interface EyeTold {
  readonly hasPost?: boolean;
  readonly openStartShare?: number;
  readonly openBendShare?: number;
}

/** Returns the eye's errors for a ball of this carry, m, one standard deviation; smaller at the start where a post was laid. */
export function eyeAccuracy(
  carryM: number,
  { hasPost = false, openStartShare = 0, openBendShare = 0 }: EyeTold = {},
): Partial<DeviceAccuracy> {
  const finishSdM = Math.max(1, EYE_ACCURACY.finishShare * carryM);
  const startSdDeg = hasPost ? EYE_ACCURACY.startSdWithPostDeg : EYE_ACCURACY.startSdDeg;
  return {
    startDirectionDeg: Math.hypot(startSdDeg, openStartShare * OPEN_SD.startDeg),
    offlineM: finishSdM,
    curveM: Math.hypot(finishSdM, openBendShare * OPEN_SD.bendShare * carryM),
    carryM: Math.max(1, EYE_ACCURACY.carryShare * carryM),
  };
}

/** What is seen of a flight: which side, and a little or much, positive right. A side alone leaves open how much. */
export const EYE_WAYS = [-2, -1, 0, 1, 2, 'left', 'right'] as const;
export type EyeWay = (typeof EYE_WAYS)[number];
/** Of what a tap left open how much it was. */
export const OPEN_AMOUNTS = ['start', 'bend', 'both'] as const;
export type OpenAmount = (typeof OPEN_AMOUNTS)[number];
export const EYE_STRIKES = ['heel', 'middle', 'toe'] as const;
export type EyeStrike = (typeof EYE_STRIKES)[number];

/** What a coach's words for a flight stand for (common practice, no source). */
export const EYE_AMOUNTS = {
  /** Start off the line, degrees. */
  startDeg: { 0: 0, 1: 3, 2: 6, open: 5.5 },
  /** Bend, as a share of carry: a draw or fade, a hook or slice. */
  bendShare: { 0: 0, 1: 0.055, 2: 0.14, open: 0.09 },
  strikeToeMm: { heel: -15, middle: 0, toe: 15 },
} as const;

/**
 * How far a side alone leaves its size open, one standard deviation: the starts and bends of usual players' balls that an eye sees off
 * line at all, whose means are the open amounts (inverse/eye.test.ts).
 */
export const OPEN_SD = { startDeg: 3.3, bendShare: 0.05 } as const;

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
  readonly openAmount: OpenAmount | null;
}

/** Usual carry of a player with a club, m, by the model. */
export const usualCarryM = (
  club: Club,
  head: ClubHead,
  { kind, driverSpeedMps }: UsualPlayer = UNKNOWN_PLAYER,
): number => simulateShot(plainDelivery(club, 'right', driverSpeedMps, kind), head).flight.carryM;

/** Where the eye's places meet, from the middle out: off line at all, and far; starts in degrees, bends as shares of carry. */
const edgesOf = (of: Readonly<Record<0 | 1 | 2, number>>): readonly [number, number] => [
  (of[0] + of[1]) / 2,
  (of[1] + of[2]) / 2,
];
export const EYE_EDGES = {
  startDeg: edgesOf(EYE_AMOUNTS.startDeg),
  bendShare: edgesOf(EYE_AMOUNTS.bendShare),
} as const;

/** Returns whether a start, degrees, or a bend, a share of carry, is as far off as the eye's much. */
export const isMuch = (value: number, of: keyof typeof EYE_EDGES): boolean =>
  Math.abs(value) >= EYE_EDGES[of][1];

const isOpen = (way: EyeWay): way is 'left' | 'right' => typeof way === 'string';

/** What the ways of a start or a bend stand for. */
type Amounts = Readonly<Record<0 | 1 | 2 | 'open', number>>;

function amount(way: EyeWay, of: Amounts): number {
  if (isOpen(way)) return way === 'left' ? -of.open : of.open;
  return Math.sign(way) * of[Math.abs(way) as 0 | 1 | 2];
}

/** Returns what a tap left open; of a ball whose finish was seen the bend is not. */
export function openAmountOf({ start, bend, finishM }: EyeTap): OpenAmount | null {
  const isBendOpen = isOpen(bend) && finishM === undefined;
  if (isOpen(start)) return isBendOpen ? 'both' : 'start';
  return isBendOpen ? 'bend' : null;
}

/** Returns what is left open of a ball once figures of it are typed: each that is typed is known. */
export function openAfter(
  open: OpenAmount | null,
  typed: Readonly<Partial<Record<'startDirectionDeg' | 'curveM' | 'offlineM', number | null>>>,
): OpenAmount | null {
  const start = typed.startDirectionDeg == null ? open : openWithout(open, 'start');
  return typed.curveM == null && typed.offlineM == null ? start : openWithout(start, 'bend');
}

/** Returns what is left open once the size of a start or a bend is told. */
export function openWithout(
  open: OpenAmount | null | undefined,
  told: 'start' | 'bend',
): OpenAmount | null {
  if (open === 'both') return told === 'start' ? 'bend' : 'start';
  return open === told ? null : (open ?? null);
}

/** What was told of a tapped ball, as it is kept. */
export type TapKept = { readonly openAmount?: OpenAmount | null } & {
  readonly [K in 'startDirectionDeg' | 'curveM' | 'carryM']?: number | null;
};

/** What a ball is changed to once it is told how much it was. */
type Sized = Pick<TappedBall, 'openAmount'> &
  Partial<Pick<TappedBall, 'startDirectionDeg' | 'curveM'>>;

/** Returns a tapped ball's start or bend, a little or much, to the side it had; `carryM` as the tap had it. */
export function withAmount(ball: TapKept, of: 'start' | 'bend', size: 1 | 2): Sized {
  const openAmount = openWithout(ball.openAmount, of);
  if (of === 'start')
    return {
      startDirectionDeg: Math.sign(ball.startDirectionDeg ?? 0) * EYE_AMOUNTS.startDeg[size],
      openAmount,
    };
  const curveM = Math.sign(ball.curveM ?? 0) * EYE_AMOUNTS.bendShare[size] * (ball.carryM ?? 0);
  return { curveM, openAmount };
}

/** Returns whether a tapped ball was told to start, or bend, a little or much; null where that is open, or it is neither. */
export function sizeOfTap(ball: TapKept, of: 'start' | 'bend'): 1 | 2 | null {
  const value =
    of === 'start'
      ? (ball.startDirectionDeg ?? 0)
      : (ball.curveM ?? 0) / Math.max(1, ball.carryM ?? 1);
  if (value === 0 || openWithout(ball.openAmount, of) !== (ball.openAmount ?? null)) return null;
  return isMuch(value, of === 'start' ? 'startDeg' : 'bendShare') ? 2 : 1;
}

/**
 * Where a start post is laid ahead of the ball: nearer it tells little, farther a ball is too high to be judged by it. `usual` and `step`
 * are in the player's own unit, metres or yards, as it is paced off (common practice, no source).
 */
export const POST = { fewestM: 1.8, mostM: 10, usual: 4, step: 0.5 } as const;

/** By how much a ball may be said to pass a post, m (common practice, no source): a hand's breadth, two, half a club and a club. */
export const PASSES_M = {
  'a hand': 0.1,
  'two hands': 0.2,
  'half a club': 0.5,
  'a club': 1,
} as const;

/** How far a start that was read off a post may be from what was said, degrees: half of a hand or so at a usual post (common practice, no source). */
export const POST_HALF_DEG = 0.75;

/** Returns whether a start is none of the eye's places: it was read off a post. Degrees. */
export const isReadOff = (startDeg: number): boolean =>
  ([0, 1, 2] as const).every((way) => Math.abs(startDeg) !== EYE_AMOUNTS.startDeg[way]);

/** Returns the start of a ball that passes a post by so much, degrees. */
export const passDeg = (passedM: number, postM: number): number =>
  radToDeg(Math.atan(passedM / postM));

/** Returns a tapped ball's start, to the side it had, once it is told by how much it passed the post. */
export const withPass = (
  ball: TapKept,
  passedM: number,
  postM: number,
): Pick<TappedBall, 'startDirectionDeg' | 'openAmount'> => ({
  startDirectionDeg: Math.sign(ball.startDirectionDeg ?? 0) * passDeg(passedM, postM),
  openAmount: openWithout(ball.openAmount, 'start'),
});

/** Returns a tapped flight as figures of a ball; a finish that was seen stands instead of the bend. */
export function ballOfTap(tap: EyeTap, carryM: number): TappedBall {
  return {
    startDirectionDeg: amount(tap.start, EYE_AMOUNTS.startDeg),
    curveM: tap.finishM === undefined ? amount(tap.bend, EYE_AMOUNTS.bendShare) * carryM : null,
    offlineM: tap.finishM ?? null,
    carryM,
    strikeToeMm: tap.strike === undefined ? null : EYE_AMOUNTS.strikeToeMm[tap.strike],
    openAmount: openAmountOf(tap),
  };
}
