/** What a route gains on the average miss, how sure that is, and whether it is worth a change. */
import type { ReadGroup } from '../reading/group.ts';
import { PLAN_DEFAULTS } from './defaults.ts';
import type { Desk } from './desk.ts';
import { missAt, thinned } from './outcome.ts';
import type { Outcome } from './outcome.ts';
import type { Route } from './stages.ts';
import type { WantedNumbers } from './wanted.ts';

/** On the average miss, with its standard error, m. */
export interface Gain {
  readonly byM: number;
  readonly errorM: number;
}

/** Ways the mean of the balls may lie elsewhere, one standard deviation each, degrees. */
type MeanError = readonly { readonly pathDeg: number; readonly faceDeg: number }[];

/**
 * Errors of the mean as independent directions: the scatter of the balls (Cholesky factor of the covariance
 * of the mean, face and path together), and what all of them share: a monitor turns both alike, while
 * face and path read backwards are unsure each for itself.
 */
export function meanErrorOf(read: ReadGroup, counted: ReadonlySet<string>): MeanError {
  const balls = read.views.flatMap((view) => {
    const [faceDeg, pathDeg] = [view.faceAngleDeg, view.clubPathDeg];
    return counted.has(view.id) && faceDeg !== null && pathDeg !== null
      ? [{ faceDeg, pathDeg }]
      : [];
  });
  const n = balls.length;
  const { faceAngleDeg: face, clubPathDeg: path } = read.group.figures;
  if (n < 2 || face === undefined || path === undefined) return [];
  const sum = balls.reduce((s, b) => s + (b.faceDeg - face.mean) * (b.pathDeg - path.mean), 0);
  const along = path.sd / Math.sqrt(n);
  const follows = along > 0 ? sum / (n - 1) / n / along : 0;
  const own = [
    { pathDeg: along, faceDeg: follows },
    { pathDeg: 0, faceDeg: Math.sqrt(Math.max(0, face.sd ** 2 / n - follows ** 2)) },
  ];
  const shared =
    read.group.inferred === null
      ? [{ pathDeg: path.sharedSd, faceDeg: face.sharedSd }]
      : [
          { pathDeg: path.sharedSd, faceDeg: 0 },
          { pathDeg: 0, faceDeg: face.sharedSd },
        ];
  return [...own, ...shared];
}

/**
 * Gain of a route's stages on now, and the standard error of where it ends, m: the balls' mean may lie
 * elsewhere, and the moves would then end elsewhere too (first-order propagation of `errors`).
 */
export function gainOf(desk: Desk, route: Route, now: Outcome, errors: MeanError): Gain {
  const { cloud, wanted, context } = desk;
  const end = route.stages.at(-1)!;
  const { typical } = cloud;
  const toeMm = end.move === 'strike' ? 0 : typical.strikeToeMm;
  const few = thinned(cloud, PLAN_DEFAULTS.leanBalls);
  const missFrom = (pathDeg: number, faceDeg: number, toe: number): number =>
    missAt(few, { pathDeg, faceDeg, toeMm: toe }, wanted, context.flight);
  const gainAt = (path: number, face: number): number =>
    missFrom(typical.clubPathDeg + path, typical.faceAngleDeg + face, typical.strikeToeMm) -
    missFrom(end.pathDeg + path, end.faceDeg + face, toeMm);
  const parts = errors.map(
    ({ pathDeg, faceDeg }) => (gainAt(pathDeg, faceDeg) - gainAt(-pathDeg, -faceDeg)) / 2,
  );
  return { byM: now.missM - route.meanMissM, errorM: Math.hypot(...parts) };
}

export function isWorthIt(
  { byM, errorM }: Gain,
  now: Outcome,
  { finishM, halfWidthM }: WantedNumbers,
): boolean {
  const { awayShare, errorsWhenAway, errorsWhenNear, smallestGainM } = PLAN_DEFAULTS;
  const isAway = Math.abs(now.offlineM - finishM) > awayShare * halfWidthM;
  return byM > Math.max(smallestGainM, (isAway ? errorsWhenAway : errorsWhenNear) * errorM);
}
