/** Face and path that nothing measured: how sure they are where they were read backwards from what the balls did. */
import { playedClub } from '../delivery/bag.ts';
import { USUAL_SWINGS } from '../delivery/usual.ts';
import type { DeliveryField, JointError } from '../inverse/fit-delivery.ts';
import { solveDelivery } from '../inverse/solve.ts';
import type { MeasuredBall } from '../intake/quantities.ts';
import { observed, varianceOf } from '../maths/joint-normal.ts';
import type { JointNormal } from '../maths/joint-normal.ts';
import { NORMAL_975, mean } from '../maths/statistics.ts';
import { isByEye } from './ball.ts';
import { sharedAccuracy } from './context.ts';
import type { ResolvedContext } from './context.ts';
import { SEEN_STRIKE_SD_MM } from './error.ts';
import type { BallView } from './read-ball.ts';

export interface Inferred {
  readonly ballIds: readonly string[];
  /** 95 % half-widths of the balls' average, degrees. */
  readonly faceHalf95Deg: number;
  readonly pathHalf95Deg: number;
  readonly faceToPathHalf95Deg: number;
  readonly assumed: readonly string[];
  readonly byEye: boolean;
  /** All that is unsure of the average together, before anything is taken of players in general; null where the balls do not settle it. */
  readonly joint: JointError | null;
}

const meanOf = (values: readonly (number | null)[]): number | null => {
  const known = values.filter((value) => value !== null);
  return known.length === 0 ? null : mean(known);
};

const AVERAGED = [
  'startDirectionDeg',
  'spinAxisTiltDeg',
  'offlineM',
  'curveM',
  'carryM',
  'ballSpeedMps',
  'launchAngleDeg',
  'spinRateRpm',
] as const;

/** Weights that pick a field out, and face to path, of the fields of a delivery. */
export const pickOf = (fields: readonly DeliveryField[], of: DeliveryField): number[] =>
  fields.map((field) => (field === of ? 1 : 0));
export const faceToPathOf = (fields: readonly DeliveryField[]): number[] =>
  fields.map((field) => (field === 'faceAngleDeg' ? 1 : field === 'clubPathDeg' ? -1 : 0));

/** Returns what is believed once it is known how players swing at all: nobody's path is twenty degrees off. `mean`: of the fields. */
export function amongPlayers(belief: JointNormal, fields: readonly DeliveryField[]): JointNormal {
  const { pathSdDeg, faceToPathSdDeg } = USUAL_SWINGS;
  const path = { weights: pickOf(fields, 'clubPathDeg'), value: 0, variance: pathSdDeg ** 2 };
  const faceToPath = { weights: faceToPathOf(fields), value: 0, variance: faceToPathSdDeg ** 2 };
  return observed(observed(belief, path), faceToPath);
}

const half = (variance: number): number => NORMAL_975 * Math.sqrt(Math.max(0, variance));

function halvesOf(joint: JointError | null) {
  const { pathSdDeg, faceToPathSdDeg } = USUAL_SWINGS;
  if (joint === null)
    return {
      faceHalf95Deg: half(pathSdDeg ** 2 + faceToPathSdDeg ** 2),
      pathHalf95Deg: half(pathSdDeg ** 2),
      faceToPathHalf95Deg: half(faceToPathSdDeg ** 2),
    };
  const { fields, covariance } = joint;
  const belief = amongPlayers({ mean: fields.map(() => 0), covariance }, fields);
  return {
    faceHalf95Deg: half(varianceOf(belief, pickOf(fields, 'faceAngleDeg'))),
    pathHalf95Deg: half(varianceOf(belief, pickOf(fields, 'clubPathDeg'))),
    faceToPathHalf95Deg: half(varianceOf(belief, faceToPathOf(fields))),
  };
}

/** Returns how sure face and path are where they were read backwards, for the balls' average; null where all were measured. */
export function inferredOf(views: readonly BallView[], context: ResolvedContext): Inferred | null {
  const inferred = views.filter((view) => view.inferred);
  const [first] = inferred;
  const played = playedClub(first?.ball.club, context.bag);
  if (first === undefined || played === null) return null;
  const average = (pick: (ball: MeasuredBall) => number | null): number | null =>
    meanOf(inferred.map((view) => pick(view.ball)));
  const ball = Object.fromEntries(AVERAGED.map((name) => [name, average((b) => b[name])]));
  const byEye = inferred.every((view) => isByEye(view.ball));
  const accuracy = sharedAccuracy(
    inferred.map((view) => view.ball),
    context.accuracy,
  );
  const strikeToeMm = average((b) => b.strikeToeMm);
  const { hand, flight, player } = context;
  const solved = solveDelivery(ball, played.head, {
    hand,
    flight,
    accuracy,
    player,
    club: played.club,
    ...(strikeToeMm !== null && { strikeToeMm, strikeSdMm: SEEN_STRIKE_SD_MM }),
  });
  if (solved.delivery === null) return null;
  return {
    ballIds: inferred.map((view) => view.id),
    ...halvesOf(solved.joint),
    assumed: solved.assumed,
    byEye,
    joint: solved.joint,
  };
}
