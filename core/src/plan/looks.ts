/**
 * The one look that tells most: each look is tried on everything the player may be doing. What it would show of each, what would
 * then be believed and worked on, and whether that gains: the share that gains is what the look promises.
 * (Preposterior analysis; Raiffa & Schlaifer 1961, *Applied Statistical Decision Theory*, ch. 4–5, from memory.)
 */
import type { Delivery } from '../delivery/delivery.ts';
import { EYE_ACCURACY, EYE_AMOUNTS, isMuch } from '../inverse/eye.ts';
import type { EyeStrike } from '../inverse/eye.ts';
import { commonest } from '../maths/commonest.ts';
import { RATES } from '../maths/rates.ts';
import { normalPoints, observed } from '../maths/joint-normal.ts';
import { SEEN_STRIKE_SD_MM } from '../reading/error.ts';
import { pickOf } from '../reading/inferred.ts';
import { deliveryAt } from './belief.ts';
import type { Belief } from './belief.ts';
import { NO_MOVE, afterMove, gains } from './chance.ts';
import type { ChanceContext, Possible, WholeMove } from './chance.ts';
import type { Middle } from './outcome.ts';
import type { Move, RouteId } from './routes.ts';

export const LOOKS = [
  'how far',
  'how much',
  'strike',
  'post',
  'stick',
  'monitor',
  'balls',
] as const;
export type LookKind = (typeof LOOKS)[number];

/** What a look may show. */
export const LOOK_ANSWERS = [
  'a little',
  'much',
  'heel',
  'middle',
  'toe',
  'left',
  'on line',
  'right',
  'face',
  'path',
] as const;
export type LookShows = (typeof LOOK_ANSWERS)[number];

/** One answer of a look: how likely it is, and what it leads to. */
export interface LookAnswer {
  readonly shows: LookShows;
  readonly share: number;
  /** The first move then, and the chance that it gains; null where nothing is to be changed then. */
  readonly route: RouteId | null;
  readonly move: Move | null;
  readonly p: number;
}

export interface Look {
  readonly kind: LookKind;
  /** The chance of a gain to be expected once it is answered. */
  readonly promised: number;
  /** Balls to hit, of `balls`; null where no number settles it. */
  readonly balls: number | null;
  readonly answers: readonly LookAnswer[];
}

/** A route as decided at a delivery: its whole move and its first. */
export interface DecidedRoute {
  readonly id: RouteId;
  readonly first: Move;
  readonly whole: WholeMove;
}

export interface LookBasis {
  readonly belief: Belief;
  readonly lieDeg: number;
  readonly possible: readonly Possible[];
  readonly context: ChanceContext;
  /** The best route of a player whose middle delivery is this. */
  readonly routeAt: (delivery: Delivery) => DecidedRoute | null;
}

/** How far a look itself may be off, one standard deviation: a sprayed face, mm, a start post and a monitor, degrees (common practice). */
const LOOK_ERRORS = { strikeMm: 4, postDeg: 0.5, monitorDeg: 0.5 } as const;
/** Beyond this a strike is said to be off the heel or the toe, mm, and a start left or right of the post, degrees. */
const SHOWS_FROM = { strikeMm: 6, startDeg: 1 } as const;
/** A branch likelier than this is worth a word. */
const LEAST_SHARE = 0.08;

/** What a look measures: sums of the fields that are not known, each with its error, and what that is called. */
interface Measures {
  readonly kind: LookKind;
  readonly weights: readonly (readonly number[])[];
  readonly sd: number;
  /** What is put down of what was seen, where that is less than was seen, and how far it may be off, one standard deviation. */
  readonly putDown?: { readonly of: (seen: number) => number; readonly sd: number };
  readonly shows: (seen: readonly number[], route: DecidedRoute | null) => LookShows;
}

interface Branch {
  readonly shows: LookShows;
  readonly route: DecidedRoute | null;
  readonly isGain: boolean;
}

const dot = (a: readonly number[], b: readonly number[]): number =>
  a.reduce((sum, x, i) => sum + x * b[i]!, 0);

/** Returns what a look would show of each that may be, what is then believed and worked on, and whether that gains. */
function branchesOf(basis: LookBasis, { weights, sd, putDown, shows }: Measures): Branch[] {
  const { belief, possible, context, routeAt, lieDeg } = basis;
  const noises = normalPoints(possible.length, weights.length);
  return possible.map((one, i): Branch => {
    const values = belief.fields.map((field) => one.delivery[field]);
    // Shuffled against the draws by a step that has no factor with their number.
    const noise = noises[(29 * i) % noises.length]!;
    const seen = weights.map((w, k) => dot(w, values) + sd * noise[k]!);
    const then = weights.reduce(
      (normal, w, k) =>
        observed(normal, {
          weights: w,
          value: putDown?.of(seen[k]!) ?? seen[k]!,
          variance: (putDown?.sd ?? sd) ** 2,
        }),
      belief.normal,
    );
    const route = routeAt(deliveryAt(belief, then.mean, context.typical, lieDeg));
    const isGain =
      route !== null && gains(one.now, afterMove(one.delivery, route.whole, context), context);
    return { shows: shows(seen, route), route, isGain };
  });
}

const AMOUNTS = new Set<LookShows>(['a little', 'much']);
/** Answers under which nothing is off: a move is then only made where it likely gains. */
const FINE = new Set<LookShows>(['a little']);

function answerOf(shows: LookShows, own: readonly Branch[], all: number): LookAnswer {
  const routes = commonest(own.map(({ route }) => route?.id ?? null));
  const route = own.find(({ route: r }) => (r?.id ?? null) === routes?.value)?.route ?? null;
  const p = own.filter(({ isGain }) => isGain).length / own.length;
  if (FINE.has(shows) && p < RATES.tryFrom)
    return { shows, share: own.length / all, route: null, move: null, p };
  return {
    shows,
    share: own.length / all,
    route: route?.id ?? null,
    move: route?.first ?? null,
    p,
  };
}

function lookOf(basis: LookBasis, measures: Measures): Look {
  const branches = branchesOf(basis, measures);
  const all = branches.length;
  const answers = LOOK_ANSWERS.flatMap((shows) => {
    const own = branches.filter((branch) => branch.shows === shows);
    return own.length === 0 ? [] : [answerOf(shows, own, all)];
  });
  return {
    kind: measures.kind,
    promised: branches.filter(({ isGain }) => isGain).length / all,
    balls: null,
    // Of how much it was both answers are buttons: where each leads is said however unlikely it is.
    answers: answers.filter(({ share, shows }) => share >= LEAST_SHARE || AMOUNTS.has(shows)),
  };
}

const three = <T extends LookShows>(
  value: number,
  from: number,
  [minus, none, plus]: readonly [T, T, T],
): T => (value < -from ? minus : value > from ? plus : none);

const strikeAt = (toeMm: number): EyeStrike =>
  three(toeMm, SHOWS_FROM.strikeMm, ['heel', 'middle', 'toe']);

/** Returns a face sprayed: where on it the balls are struck; put down in three places, and no finer. */
export const strikeLook = (basis: LookBasis): Look =>
  lookOf(basis, {
    kind: 'strike',
    weights: [pickOf(basis.belief.fields, 'strikeToeMm')],
    sd: LOOK_ERRORS.strikeMm,
    putDown: { of: (toeMm) => EYE_AMOUNTS.strikeToeMm[strikeAt(toeMm)], sd: SEEN_STRIKE_SD_MM },
    shows: ([toeMm]) => strikeAt(toeMm!),
  });

/** Step of a field over which a flight's slope is taken, in its unit. */
const SLOPE_STEP = 0.5;

/** Returns a figure of a flight as a sum of the fields that are not known: their weights, and what is beside them. */
function linearised({ belief, context, lieDeg }: LookBasis, of: (now: Middle) => number) {
  const { fields, normal } = belief;
  const at = (values: readonly number[]): number =>
    of(afterMove(deliveryAt(belief, values, context.typical, lieDeg), NO_MOVE, context));
  const weights = fields.map((_, i) => {
    const moved = (by: number) => normal.mean.map((value, k) => (k === i ? value + by : value));
    return (at(moved(SLOPE_STEP)) - at(moved(-SLOPE_STEP))) / (2 * SLOPE_STEP);
  });
  return { weights, offset: at(normal.mean) - dot(weights, normal.mean) };
}

/** Returns asking the eye how far off line they start, or how much they bend: it told a side alone. */
export function howMuchLook(basis: LookBasis, kind: 'how far' | 'how much'): Look {
  const isStart = kind === 'how far';
  const of = isStart ? 'startDeg' : 'bendShare';
  const { weights, offset } = linearised(basis, ({ startDeg, curveM, carryM }) =>
    isStart ? startDeg : curveM / Math.max(1, carryM),
  );
  const sd = isStart ? EYE_ACCURACY.startSdDeg : EYE_ACCURACY.finishShare;
  const told = (value: number): number =>
    Math.sign(value) * EYE_AMOUNTS[of][isMuch(value, of) ? 2 : 1];
  return lookOf(basis, {
    kind,
    weights: [weights],
    sd,
    // What is put down is a place of the eye, less what the fields do not tell.
    putDown: { of: (seen) => told(seen + offset) - offset, sd },
    shows: ([seen]) => (isMuch(seen! + offset, of) ? 'much' : 'a little'),
  });
}

/** Returns a start post on the line: which side of it the balls pass. */
export function postLook(basis: LookBasis): Look {
  const { weights, offset: beside } = linearised(basis, ({ startDeg }) => startDeg);
  const offset = beside - basis.context.wanted.startDeg;
  return lookOf(basis, {
    kind: 'post',
    weights: [weights],
    sd: LOOK_ERRORS.postDeg,
    shows: ([seen]) => three(seen! + offset, SHOWS_FROM.startDeg, ['left', 'on line', 'right']),
  });
}

/** Returns a monitor: face and path are then known. */
export const monitorLook = (basis: LookBasis): Look =>
  lookOf(basis, {
    kind: 'monitor',
    weights: [
      pickOf(basis.belief.fields, 'clubPathDeg'),
      pickOf(basis.belief.fields, 'faceAngleDeg'),
    ],
    sd: LOOK_ERRORS.monitorDeg,
    shows: (_, route) => (route?.first === 'face' ? 'face' : 'path'),
  });
