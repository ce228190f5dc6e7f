/**
 * Moves and routes. A move is what one change does to the delivery; a route is one or two moves that end in
 * the wanted windows. The schools coaches hold are routes: together, face first, path first, gap first.
 */
import { asRightHanded, handSign } from '../line/hand.ts';
import type { Hand } from '../line/hand.ts';
import type { ProofFigure } from '../reading/figure.ts';
import type { Placement } from './outcome.ts';
import type { WantedNumbers } from './wanted.ts';

export const MOVES = ['path', 'face', 'together', 'strike', 'aim'] as const;
export type Move = (typeof MOVES)[number];

export const ROUTE_IDS = [
  'together',
  'face-then-path',
  'path-then-face',
  'together-then-face',
  'gap-first',
  'strike',
  'aim',
] as const;
export type RouteId = (typeof ROUTE_IDS)[number];

/** At most two figures that say whether a move happened, named before the balls are hit. */
export const JUDGED_BY: Readonly<Record<Move, readonly ProofFigure[]>> = {
  path: ['clubPathDeg', 'faceToPathDeg'],
  face: ['faceToPathDeg', 'startDirectionDeg'],
  together: ['clubPathDeg', 'startDirectionDeg'],
  strike: ['strikeToeMm', 'ballSpeedMps'],
  aim: ['startDirectionDeg', 'offlineM'],
};

/** The same of an eye's taps: it sees the flight, no face and no path. */
export const JUDGED_BY_EYE: Readonly<Record<Move, readonly ProofFigure[]>> = {
  path: ['curveM', 'startDirectionDeg'],
  face: ['startDirectionDeg', 'curveM'],
  together: ['startDirectionDeg', 'curveM'],
  strike: ['strikeToeMm', 'curveM'],
  aim: ['startDirectionDeg', 'offlineM'],
};

export const ROUTE_DEFAULTS = {
  /** Gaps up to this many windows from the wanted one fly straight enough to be a straight pull or push. */
  straightWindows: 2,
  /** How far a straight puller's face is closed to the path first, degrees: enough to see it bend. */
  faceToPathFirstDeg: 2,
  /** Body aim beyond which turning everything is worth offering, degrees (common practice, no source). */
  aimDeg: 2,
} as const;

/** A stage as laid out: the move, and where face and path are to be after it. */
export interface PlacedStage {
  readonly move: Move;
  readonly at: Placement;
}
export interface PlacedRoute {
  readonly id: RouteId;
  readonly stages: readonly PlacedStage[];
}

export interface RouteInput {
  readonly hand: Hand;
  /** Mean path, face and strike. */
  readonly pathDeg: number;
  readonly faceDeg: number;
  readonly toeMm: number;
  readonly wanted: WantedNumbers;
  /** Degrees of face for each degree of path. */
  readonly coupling: number;
  readonly isStrikeOff: boolean;
  /** Whether face to path is off, as likely as not by far; and surely: while it is not, a pull or push may be a straight one. */
  readonly isFaceToPathOff: boolean;
  readonly isFaceToPathClear: boolean;
  /** Where the whole body was seen to aim, degrees right of the target; null where nobody looked. */
  readonly aimDeg: number | null;
}

export type StraightMiss = 'pull' | 'push';

/** Returns a straight pull or push: the path beyond its window, the face about square to it. */
export function straightMissOf({
  hand,
  pathDeg,
  faceDeg,
  wanted,
}: Pick<RouteInput, 'hand' | 'pathDeg' | 'faceDeg' | 'wanted'>): StraightMiss | null {
  const { windows, faceToPathDeg } = wanted;
  const faceToPathOff = Math.abs(faceDeg - pathDeg - faceToPathDeg);
  if (faceToPathOff > ROUTE_DEFAULTS.straightWindows * windows.faceToPathDeg) return null;
  const off = asRightHanded(pathDeg - wanted.pathDeg, hand);
  if (Math.abs(off) <= windows.pathDeg) return null;
  return off < 0 ? 'pull' : 'push';
}

function pathRoute(i: RouteInput): PlacedStage[] {
  const { wanted, pathDeg, faceDeg, coupling } = i;
  const { windows } = wanted;
  const answered = faceDeg + coupling * (wanted.pathDeg - pathDeg);
  const first: PlacedStage = {
    move: 'path',
    at: { pathDeg: wanted.pathDeg, faceDeg: answered },
  };
  const ends =
    Math.abs(answered - wanted.faceDeg) <= windows.faceDeg &&
    Math.abs(answered - wanted.pathDeg - wanted.faceToPathDeg) <= windows.faceToPathDeg;
  return ends
    ? [first]
    : [first, { move: 'face', at: { pathDeg: wanted.pathDeg, faceDeg: wanted.faceDeg } }];
}

/** Returns the face to the line; the path second, the face held where the first stage put it. */
function faceRoute({ wanted, pathDeg }: RouteInput): PlacedStage[] {
  const first: PlacedStage = { move: 'face', at: { pathDeg, faceDeg: wanted.faceDeg } };
  const ends =
    Math.abs(pathDeg - wanted.pathDeg) <= wanted.windows.pathDeg &&
    Math.abs(wanted.faceDeg - pathDeg - wanted.faceToPathDeg) <= 2 * wanted.windows.faceToPathDeg;
  return ends
    ? [first]
    : [first, { move: 'path', at: { pathDeg: wanted.pathDeg, faceDeg: wanted.faceDeg } }];
}

/** Face and path by the same angle: half-way between what each of them would need. */
function togetherRoute({ wanted, pathDeg, faceDeg, isFaceToPathOff }: RouteInput): PlacedStage[] {
  const faceToPathOff = faceDeg - pathDeg - wanted.faceToPathDeg;
  const isSquare = !isFaceToPathOff;
  const by = wanted.pathDeg - pathDeg - (isSquare ? faceToPathOff / 2 : 0);
  const first: PlacedStage = {
    move: 'together',
    at: { pathDeg: pathDeg + by, faceDeg: faceDeg + by },
  };
  return isSquare
    ? [first]
    : [first, { move: 'face', at: { pathDeg: wanted.pathDeg, faceDeg: wanted.faceDeg } }];
}

/** Returns the face to the path (a straight puller's a little past it), let it bend, then both back to the line. */
function faceToPathRoute(i: RouteInput, straight: StraightMiss | null): PlacedStage[] {
  const { wanted, pathDeg, hand } = i;
  const past = straight === 'pull' ? -ROUTE_DEFAULTS.faceToPathFirstDeg * handSign(hand) : 0;
  return [
    { move: 'face', at: { pathDeg, faceDeg: pathDeg + wanted.faceToPathDeg + past } },
    { move: 'together', at: { pathDeg: wanted.pathDeg, faceDeg: wanted.faceDeg } },
  ];
}

/** Returns the routes open to a player, in the order coaches would think of them. */
export function placeRoutes(i: RouteInput): PlacedRoute[] {
  const { wanted, pathDeg, faceDeg } = i;
  const straight = straightMissOf(i);
  const pathMoves = Math.abs(pathDeg - wanted.pathDeg) > wanted.windows.pathDeg;
  const faceMoves = Math.abs(faceDeg - wanted.faceDeg) > wanted.windows.faceDeg;
  const { isFaceToPathOff: faceToPathOff } = i;
  const routes: PlacedRoute[] = [];
  const add = (id: RouteId, stages: PlacedStage[]): void => void routes.push({ id, stages });
  if (pathMoves && !faceToPathOff) add('together', togetherRoute(i));
  // A straight puller's face is shut with the path: to open it alone makes a slice of it, as closing a straight pusher's
  // makes a hook.
  const pathWay = Math.sign(wanted.pathDeg - pathDeg);
  const mayBeStraight = straight !== null || (pathMoves && !i.isFaceToPathClear);
  const faceAlone = mayBeStraight && pathWay === Math.sign(wanted.faceDeg - faceDeg);
  if (faceMoves && !faceAlone) add('face-then-path', faceRoute(i));
  if (pathMoves) add('path-then-face', pathRoute(i));
  if (pathMoves && faceToPathOff) add('together-then-face', togetherRoute(i));
  if (pathMoves && (faceToPathOff || straight === 'pull'))
    add('gap-first', faceToPathRoute(i, straight));
  if (i.isStrikeOff) add('strike', [{ move: 'strike', at: { pathDeg, faceDeg, toeMm: 0 } }]);
  const { aimDeg } = i;
  if (aimDeg !== null && Math.abs(aimDeg) > ROUTE_DEFAULTS.aimDeg) {
    add('aim', [{ move: 'aim', at: { pathDeg, faceDeg, turnDeg: -aimDeg } }]);
  }
  return routes;
}
