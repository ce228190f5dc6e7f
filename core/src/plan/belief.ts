/**
 * What is believed of the player's middle delivery: the balls' mean, with the scatter of that mean, the errors all balls share and
 * what had to be inferred, together. A handful of balls knows its scatter badly: it is drawn towards what is usual
 * (inverse-Wishart shrinkage; Gelman et al., *Bayesian Data Analysis*, 3rd ed., §3.6, from memory).
 */
import type { Delivery } from '../delivery/delivery.ts';
import { loftOfTurnDeg } from '../delivery/turn.ts';
import { USUAL_SWINGS } from '../delivery/usual.ts';
import { SHARED_ERROR_SHARE } from '../inverse/accuracy.ts';
import type { DeliveryField } from '../inverse/fit-delivery.ts';
import { drawsOf, normalPoints } from '../maths/joint-normal.ts';
import type { JointNormal } from '../maths/joint-normal.ts';
import type { ResolvedContext } from '../reading/context.ts';
import { amongPlayers } from '../reading/inferred.ts';
import type { ReadGroup } from '../reading/group.ts';
import { COUPLING_PRIOR } from './coupling.ts';
import type { Deviation } from './outcome.ts';

/** Variances and covariance of path and face, degrees². */
export interface PathFace {
  readonly path: number;
  readonly face: number;
  readonly both: number;
}

export interface Belief {
  readonly fields: readonly DeliveryField[];
  readonly normal: JointNormal;
  /** Whether the loft follows the face from draw to draw. */
  readonly loftFollows: boolean;
  /** Scatter of the balls round their middle, shrunken. */
  readonly scatter: PathFace;
}

/** Balls' worth of what is usual in the scatter of a handful. */
const USUAL_BALLS = 4;
/** Share of what a monitor's balls have in common that turns face and path alike: its alignment (common practice, no source). */
const ALIGNMENT_SHARE = 0.5;
/** Draws of a belief: their mean is good to a few in a hundred. */
const DRAWS = 64;

const USUAL_SCATTER: PathFace = {
  path: USUAL_SWINGS.ballPathSdDeg ** 2,
  face: USUAL_SWINGS.ballFaceSdDeg ** 2,
  both: COUPLING_PRIOR.slope * USUAL_SWINGS.ballPathSdDeg ** 2,
};

/** Returns the scatter of face and path over balls, drawn towards the usual one; of taps, which come in steps, the usual one alone. */
export function scatterOf(read: ReadGroup, counted: ReadonlySet<string>): PathFace {
  if (read.group.inferred?.byEye === true) return USUAL_SCATTER;
  const balls = read.views.flatMap(({ id, faceAngleDeg: face, clubPathDeg: path }) =>
    counted.has(id) && face !== null && path !== null ? [{ face, path }] : [],
  );
  const n = balls.length;
  const of = (pick: (ball: { face: number; path: number }) => number): number =>
    balls.reduce((sum, ball) => sum + pick(ball), 0) / Math.max(1, n);
  const [face, path] = [of((b) => b.face), of((b) => b.path)];
  const weight = USUAL_BALLS + Math.max(0, n - 1);
  const shrunken = (squares: number, usual: number): number =>
    (n * squares + USUAL_BALLS * usual) / weight;
  return {
    path: shrunken(
      of((b) => (b.path - path) ** 2),
      USUAL_SCATTER.path,
    ),
    face: shrunken(
      of((b) => (b.face - face) ** 2),
      USUAL_SCATTER.face,
    ),
    both: shrunken(
      of((b) => (b.path - path) * (b.face - face)),
      USUAL_SCATTER.both,
    ),
  };
}

/** Returns what all balls of a monitor share: its alignment turns face and path alike, the rest is each figure's own. */
function sharedOf({ accuracy }: ResolvedContext): PathFace {
  const face = (SHARED_ERROR_SHARE * accuracy.faceAngleDeg) ** 2;
  const path = (SHARED_ERROR_SHARE * accuracy.clubPathDeg) ** 2;
  return { path, face, both: ALIGNMENT_SHARE * Math.min(face, path) };
}

/**
 * Returns how much wider a mean is than its scatter says, since a handful does not know that either: the variance of Student's t over that of
 * the normal.
 */
function doubtOf(balls: number): number {
  const degrees = USUAL_BALLS + Math.max(0, balls - 1);
  return degrees / (degrees - 2);
}

/** Returns what is believed of the middle delivery of the counted balls. */
export function beliefOf(read: ReadGroup, typical: Delivery, context: ResolvedContext): Belief {
  const counted = new Set(read.group.countedIds);
  const scatter = scatterOf(read, counted);
  const joint = read.group.inferred?.joint ?? null;
  const fields: readonly DeliveryField[] = joint?.fields ?? ['clubPathDeg', 'faceAngleDeg'];
  const size = fields.length;
  const covariance = [...(joint?.covariance ?? [0, 0, 0, 0])];
  const [path, face] = [fields.indexOf('clubPathDeg'), fields.indexOf('faceAngleDeg')];
  const add = ({ path: p, face: f, both }: PathFace, share: number): void => {
    covariance[path * size + path]! += share * p;
    covariance[face * size + face]! += share * f;
    covariance[path * size + face]! += share * both;
    covariance[face * size + path]! += share * both;
  };
  add(scatter, doubtOf(counted.size) / Math.max(1, counted.size));
  if (joint === null) add(sharedOf(context), 1);
  const mean = fields.map((field) => typical[field]);
  return {
    fields,
    normal: amongPlayers({ mean, covariance }, fields),
    loftFollows: joint?.loftFollows ?? true,
    scatter,
  };
}

const POINTS = new Map<number, readonly (readonly number[])[]>();
function pointsIn(dimensions: number): readonly (readonly number[])[] {
  const known = POINTS.get(dimensions);
  if (known !== undefined) return known;
  const made = normalPoints(DRAWS, dimensions);
  POINTS.set(dimensions, made);
  return made;
}

/**
 * Returns the delivery with the fields of a belief at some values. Its loft is what it is beyond what follows the face from the
 * typical one.
 */
export function deliveryAt(
  { fields, loftFollows }: Pick<Belief, 'fields' | 'loftFollows'>,
  values: readonly number[],
  typical: Delivery,
  lieDeg: number,
): Delivery {
  const delivery = { ...typical };
  fields.forEach((field, i) => {
    delivery[field] = values[i]!;
  });
  if (!loftFollows) {
    const turnedDeg = delivery.faceAngleDeg - typical.faceAngleDeg;
    delivery.dynamicLoftDeg -= loftOfTurnDeg(turnedDeg, lieDeg, typical.hand);
  }
  return delivery;
}

/** Returns deliveries the player's middle one may be, as likely as each other. */
export const deliveriesOf = (
  belief: Pick<Belief, 'fields' | 'normal' | 'loftFollows'>,
  typical: Delivery,
  lieDeg: number,
): readonly Delivery[] =>
  drawsOf(belief.normal, pointsIn(belief.fields.length)).map((draw) =>
    deliveryAt(belief, draw, typical, lieDeg),
  );

/**
 * Places of sixteen balls round their middle, in standard deviations of two independent directions, on two rings: whichever way one
 * looks they have the mean, the variance and the mean distance of a normal scatter (of radii r: mean r² = 2, mean r = √(π/2)).
 */
const RINGS = [
  { radius: 1.9084, turn: 0 },
  { radius: 0.5982, turn: 0.5 },
] as const;
const ON_A_RING = 8;
const PLACES = RINGS.flatMap(({ radius, turn }) =>
  Array.from({ length: ON_A_RING }, (_, i): readonly [number, number] => {
    const angle = (2 * Math.PI * (i + turn)) / ON_A_RING;
    return [radius * Math.cos(angle), radius * Math.sin(angle)];
  }),
);

/** Deviations of sixteen balls that scatter so: those of players whose own do not tell. */
export function deviationsOf({ path, face, both }: PathFace): readonly Deviation[] {
  const sd = Math.sqrt(path);
  const follows = sd > 0 ? both / sd : 0;
  const own = Math.sqrt(Math.max(0, face - follows ** 2));
  return PLACES.map(([a, b]) => ({
    pathDeg: sd * a,
    faceDeg: follows * a + own * b,
    loftDeg: 0,
    attackDeg: 0,
    speedMps: 0,
    toeMm: 0,
  }));
}
