/**
 * The chance that a move gains: over every delivery the player's middle one may be, the balls as they land now and with the move
 * made. The move is made by as much as it was asked for; what it starts from is what is not known.
 */
import type { Delivery } from '../delivery/delivery.ts';
import type { Bands } from '../reading/bands.ts';
import { PLAN_DEFAULTS } from './defaults.ts';
import { middleOf, turned } from './outcome.ts';
import type { Deviation, Middle } from './outcome.ts';
import { SLOPED } from './surface.ts';
import type { Landed, SlopedField, Surface } from './surface.ts';
import { shapeOf } from './wanted.ts';
import type { WantedNumbers } from './wanted.ts';

/** What a route changes in all, from now to its end. Degrees positive right. */
export interface WholeMove {
  readonly pathByDeg: number;
  readonly faceByDeg: number;
  /** Everything turned. */
  readonly turnDeg: number;
  /** Whether the strike goes to the middle. */
  readonly toMiddle: boolean;
}
export const NO_MOVE: WholeMove = { pathByDeg: 0, faceByDeg: 0, turnDeg: 0, toMiddle: false };

export interface ChanceContext {
  readonly typical: Delivery;
  readonly surface: Surface;
  /** How the balls lie round their middle. */
  readonly spread: readonly Deviation[];
  readonly wanted: WantedNumbers;
  /** Whether a shape was asked for: then the shape is the gain. */
  readonly isShapeAsked: boolean;
  readonly bands: Bands;
}

/** A delivery that may be the player's middle one, as likely as the others, and what its balls do now. */
export interface Possible {
  readonly delivery: Delivery;
  readonly now: Middle;
}

/** A bend that comes nearer to the shape asked for by less than so many times what flies straight is no gain. */
const LEAST_BEND = 4 / 3;

const FIELDS = Object.keys(SLOPED) as SlopedField[];

/** By how much a delivery's other fields are off the typical ones; the loft beyond what follows the face. */
function apart(delivery: Delivery, { typical }: ChanceContext, toMiddle: boolean) {
  const by: Partial<Record<SlopedField, number>> = {};
  for (const field of FIELDS) by[field] = delivery[field] - typical[field];
  if (toMiddle) by.strikeToeMm = -typical.strikeToeMm;
  return by;
}

/** The balls of a delivery once a move is made. */
export function ballsAfter(
  delivery: Delivery,
  move: WholeMove,
  context: ChanceContext,
): readonly Landed[] {
  const { surface, spread } = context;
  const by = apart(delivery, context, move.toMiddle);
  const [path, face] = [
    delivery.clubPathDeg + move.pathByDeg,
    delivery.faceAngleDeg + move.faceByDeg,
  ];
  const shift = surface.shiftAt(path, face, by);
  return spread.map(({ pathDeg, faceDeg }) => {
    const ball = surface.at(path + pathDeg, face + faceDeg);
    return turned(
      {
        startDeg: ball.startDeg + shift.startDeg,
        curveM: ball.curveM + shift.curveM,
        offlineM: ball.offlineM + shift.offlineM,
        carryM: ball.carryM + shift.carryM,
      },
      move.turnDeg,
    );
  });
}

/** Returns what they do on average. */
export const afterMove = (delivery: Delivery, move: WholeMove, context: ChanceContext): Middle =>
  middleOf(ballsAfter(delivery, move, context), context.wanted);

export const possibleOf = (
  deliveries: readonly Delivery[],
  context: ChanceContext,
): readonly Possible[] =>
  deliveries.map((delivery) => ({ delivery, now: afterMove(delivery, NO_MOVE, context) }));

/** Returns whether what comes after beats now by as much as matters: in metres of miss, or the shape that was asked for. */
export function gains(
  now: Middle,
  after: Middle,
  { typical, wanted, isShapeAsked, bands }: ChanceContext,
): boolean {
  const { smallestGainM, smallestGainShare } = PLAN_DEFAULTS;
  const byM = now.missM - after.missM;
  if (byM >= Math.max(smallestGainM, smallestGainShare * now.missM)) return true;
  if (!isShapeAsked) return false;
  const isShape = shapeOf(now.curveM, now.carryM, typical.hand, bands) === wanted.shape;
  const away = ({ curveM }: Middle): number => Math.abs(curveM - wanted.curveM);
  return !isShape && away(now) - away(after) >= LEAST_BEND * bands.bendNoneShare * now.carryM;
}

/** The share of what may be in which a move gains, and what it makes of the rest on average; null where it gains in all. */
export interface Chance {
  readonly p: number;
  readonly ifWrong: Middle | null;
}

export function chanceOf(
  possible: readonly Possible[],
  move: WholeMove,
  context: ChanceContext,
): Chance {
  const afters = possible.map(({ delivery }) => afterMove(delivery, move, context));
  const lost = possible.flatMap(({ now }, i) =>
    gains(now, afters[i]!, context) ? [] : [afters[i]!],
  );
  const p = possible.length === 0 ? 0 : 1 - lost.length / possible.length;
  return { p, ifWrong: lost.length === 0 ? null : averageOf(lost) };
}

const averageOf = (of: readonly Middle[]): Middle => {
  const at = (pick: (one: Middle) => number): number =>
    of.reduce((sum, one) => sum + pick(one), 0) / of.length;
  return {
    startDeg: at((m) => m.startDeg),
    curveM: at((m) => m.curveM),
    offlineM: at((m) => m.offlineM),
    carryM: at((m) => m.carryM),
    missM: at((m) => m.missM),
  };
};
