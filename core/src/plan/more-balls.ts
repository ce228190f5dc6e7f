/**
 * Further balls that settle it: what the mean may come to with so many more, and whether a move is then likely to gain, or likely
 * not to. What all balls of a source share stays as it is, however many are hit.
 */
import type { Delivery } from '../delivery/delivery.ts';
import { drawsOf, normalPoints } from '../maths/joint-normal.ts';
import { RATES } from '../maths/rates.ts';
import { deliveriesOf, deliveryAt } from './belief.ts';
import type { Belief, PathFace } from './belief.ts';
import { chanceOf, possibleOf } from './chance.ts';
import type { ChanceContext } from './chance.ts';
import { PLAN_DEFAULTS } from './defaults.ts';
import type { PlanBasis } from './basis.ts';
import type { DecidedRoute } from './looks.ts';

export interface MoreBallsInput {
  readonly belief: Belief;
  readonly basis: PlanBasis;
  /** Balls hit. */
  readonly balls: number;
  readonly chance: ChanceContext;
  readonly routeAt: (delivery: Delivery) => DecidedRoute | null;
}

export interface MoreBalls {
  readonly balls: number;
  readonly promised: number;
}

/** Numbers of balls a coach would ask for. */
const ASKED = [3, 5, 8, 12, 20] as const;
/** Means tried of what they may come to. */
const MEANS = 8;
/** Below this share of what is not known their scatter is not what is in the way: more balls help nothing. */
const OWN_SHARE = 0.3;

/** Returns what is believed once so many more were hit, at a mean they may come to. */
function withMore(
  { belief, balls }: MoreBallsInput,
  more: number,
  moved: readonly [pathDeg: number, faceDeg: number],
): Belief {
  const { fields, normal, scatter } = belief;
  const size = fields.length;
  const [path, face] = [fields.indexOf('clubPathDeg'), fields.indexOf('faceAngleDeg')];
  const less = 1 / balls - 1 / (balls + more);
  const covariance = [...normal.covariance];
  covariance[path * size + path]! -= less * scatter.path;
  covariance[face * size + face]! -= less * scatter.face;
  covariance[path * size + face]! -= less * scatter.both;
  covariance[face * size + path]! -= less * scatter.both;
  const mean = [...normal.mean];
  mean[path]! += moved[0];
  mean[face]! += moved[1];
  return { ...belief, normal: { mean, covariance } };
}

const times = ({ path, face, both }: PathFace, share: number): number[] =>
  [path, both, both, face].map((value) => share * value);

/** Returns whether what is not known of the face is the scatter of these balls, rather than an error they all share. */
function isScatterInTheWay({
  belief: { fields, normal, scatter },
  balls,
}: MoreBallsInput): boolean {
  const face = fields.indexOf('faceAngleDeg');
  return scatter.face / balls >= OWN_SHARE * normal.covariance[face * fields.length + face]!;
}

/** Returns the fewest of the numbers a coach would ask for that settle it in three of four; null where none does. */
export function ballsThatSettle(input: MoreBallsInput): MoreBalls | null {
  const { belief, basis, balls, chance, routeAt } = input;
  if (!isScatterInTheWay(input)) return null;
  const { typical, head } = basis.cloud;
  for (const more of ASKED) {
    if (more > PLAN_DEFAULTS.mostMore) break;
    const share = 1 / balls - 1 / (balls + more);
    const moves = drawsOf(
      { mean: [0, 0], covariance: times(belief.scatter, share) },
      normalPoints(MEANS, 2),
    );
    let [settled, promised] = [0, 0];
    for (const [pathDeg, faceDeg] of moves as readonly (readonly [number, number])[]) {
      const then = withMore(input, more, [pathDeg, faceDeg]);
      const middle = deliveryAt(then, then.normal.mean, typical, head.lieDeg);
      const route = routeAt(middle);
      const possible = possibleOf(deliveriesOf(then, typical, head.lieDeg), chance);
      const p = route === null ? 0 : chanceOf(possible, route.whole, chance).p;
      if (p >= RATES.tryFrom || p < RATES.leaveUnder) settled += 1;
      promised += Math.max(p, 1 - p) / moves.length;
    }
    if (settled >= RATES.ballsSettle * moves.length) return { balls: more, promised };
  }
  return null;
}
