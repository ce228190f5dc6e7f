/** Routes with what to expect of each stage, and the one these balls speak for. */
import type { Delivery } from '../delivery/delivery.ts';
import type { ProofFigure } from '../reading/figure.ts';
import type { WholeMove } from './chance.ts';
import type { Coupling } from './coupling.ts';
import { PLAN_DEFAULTS } from './defaults.ts';
import type { PlanBasis } from './basis.ts';
import type { Outcome, Placement } from './outcome.ts';
import { JUDGED_BY, JUDGED_BY_EYE, placeRoutes } from './routes.ts';
import type { Move, PlacedStage, RouteId, RouteInput } from './routes.ts';

/** Where a delivery's path and face are, degrees right of the target line. */
export type PathAndFace = Pick<Delivery, 'clubPathDeg' | 'faceAngleDeg'>;

/** One move of a route. Degrees positive right of the target line for both hands. */
export interface Stage {
  readonly move: Move;
  /** Where path and face are to be after it, on average. */
  readonly pathDeg: number;
  readonly faceDeg: number;
  /** How far it moves them. */
  readonly pathByDeg: number;
  readonly faceByDeg: number;
  readonly expected: Outcome;
  /** The one or two figures that say whether it happened, and where each is to be. */
  readonly judged: readonly ProofFigure[];
  readonly targets: Readonly<Partial<Record<ProofFigure, number>>>;
  /** It misses by more than now before it gets better, and that is right. */
  readonly worseForNow: boolean;
}

export interface Route {
  readonly id: RouteId;
  readonly stages: readonly Stage[];
  /** From now to its end: what decides whether it is worth it. */
  readonly whole: WholeMove;
  /** Mean miss over its stages, m: what the default is chosen by. */
  readonly meanMissM: number;
}

/** Returns where each figure a stage is judged on is to be. */
function stageTargets(
  judged: readonly ProofFigure[],
  at: Placement,
  expected: Outcome,
): Stage['targets'] {
  const all: Readonly<Partial<Record<ProofFigure, number>>> = {
    clubPathDeg: at.pathDeg,
    faceToPathDeg: at.faceDeg - at.pathDeg,
    startDirectionDeg: expected.startDeg,
    curveM: expected.curveM,
    offlineM: expected.offlineM,
    strikeToeMm: 0,
  };
  return Object.fromEntries(
    judged.flatMap((figure) => (all[figure] === undefined ? [] : [[figure, all[figure]]])),
  );
}

function stageOf(
  basis: PlanBasis,
  { move, at }: PlacedStage,
  before: Placement,
  now: Outcome,
): Stage {
  const expected = basis.at(at);
  const judged = (basis.isByEye ? JUDGED_BY_EYE : JUDGED_BY)[move];
  return {
    move,
    pathDeg: at.pathDeg + (at.turnDeg ?? 0),
    faceDeg: at.faceDeg + (at.turnDeg ?? 0),
    pathByDeg: at.pathDeg + (at.turnDeg ?? 0) - before.pathDeg,
    faceByDeg: at.faceDeg + (at.turnDeg ?? 0) - before.faceDeg,
    expected,
    judged,
    targets: stageTargets(judged, at, expected),
    worseForNow: expected.missM > now.missM + PLAN_DEFAULTS.smallestGainM,
  };
}

/** Returns what comes to pass in all between the middle that is believed and a place. */
const wholeOf = (end: Placement, middle: PathAndFace): WholeMove => ({
  pathByDeg: end.pathDeg - middle.clubPathDeg,
  faceByDeg: end.faceDeg - middle.faceAngleDeg,
  turnDeg: end.turnDeg ?? 0,
  toMiddle: end.toeMm === 0,
});

export function routesOf(
  basis: PlanBasis,
  coupling: Coupling,
  off: Pick<RouteInput, 'isStrikeOff' | 'isFaceToPathOff' | 'isFaceToPathClear'>,
  now: Outcome,
  middle: PathAndFace = basis.cloud.typical,
): Route[] {
  const { typical } = basis.cloud;
  const start = { pathDeg: typical.clubPathDeg, faceDeg: typical.faceAngleDeg };
  const placed = placeRoutes({
    hand: typical.hand,
    ...start,
    toeMm: typical.strikeToeMm,
    wanted: basis.wanted,
    coupling: coupling.slope,
    ...off,
    aimDeg: basis.context.aimDeg,
  });
  return placed.map(({ id, stages }) => {
    const made = stages.map((stage, index) =>
      stageOf(basis, stage, stages[index - 1]?.at ?? start, now),
    );
    const meanMissM = made.reduce((sum, { expected }) => sum + expected.missM, 0) / made.length;
    return { id, stages: made, whole: wholeOf(stages.at(-1)!.at, middle), meanMissM };
  });
}

/** Returns the route of the lowest mean miss; of those that tie, the one of fewest stages, then of the soonest relief. */
export function bestOf(routes: readonly Route[]): number {
  const least = Math.min(...routes.map(({ meanMissM }) => meanMissM));
  const near = routes.flatMap((route, index) =>
    route.meanMissM <= least * (1 + PLAN_DEFAULTS.tieShare) ? [{ route, index }] : [],
  );
  const firstMiss = (route: Route): number => route.stages[0]!.expected.missM;
  near.sort(
    (a, b) =>
      a.route.stages.length - b.route.stages.length || firstMiss(a.route) - firstMiss(b.route),
  );
  return near[0]?.index ?? -1;
}
