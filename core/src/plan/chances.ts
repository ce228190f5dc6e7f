/** How likely the routes of a plan gain, and which look would tell most. */
import type { Delivery } from '../delivery/delivery.ts';
import { normalTail } from '../maths/normal.ts';
import { RATES } from '../maths/rates.ts';
import { NORMAL_975 } from '../maths/statistics.ts';
import { varianceOf } from '../maths/joint-normal.ts';
import { isBendOpen } from '../reading/ball.ts';
import { faceToPathOf } from '../reading/inferred.ts';
import type { ReadGroup } from '../reading/group.ts';
import { STRIKE_WINDOW_MM } from '../reading/strike.ts';
import { deliveriesOf, deliveryAt, deviationsOf } from './belief.ts';
import type { Belief } from './belief.ts';
import { ballsThatSettle } from './more-balls.ts';
import { afterMove, chanceOf, possibleOf } from './chance.ts';
import type { Chance, ChanceContext } from './chance.ts';
import type { Coupling } from './coupling.ts';
import { PLAN_DEFAULTS } from './defaults.ts';
import type { PlanBasis } from './basis.ts';
import { howMuchLook, monitorLook, postLook, strikeLook } from './looks.ts';
import type { DecidedRoute, Look } from './looks.ts';
import type { NumberState } from './off.ts';
import { cloudAround } from './outcome.ts';
import type { Placement } from './outcome.ts';
import { SLOPED, surfaceOf } from './surface.ts';
import type { SlopedField } from './surface.ts';
import { weighedByTaps } from './taps.ts';
import type { Tapped } from './taps.ts';
import type { RouteInput } from './routes.ts';
import type { FlightFact, SeenFact } from './seen.ts';
import { bestOf, routesOf } from './stages.ts';
import type { PathAndFace, Route } from './stages.ts';

/** What is believed of a player's middle delivery, what may be, and in what that is flown. */
export interface Believed extends Tapped {
  /** The middle from which a move is made: of an eye's taps the believed one, since taps alone name a path wider than players swing. */
  readonly middle: PathAndFace;
  readonly chance: ChanceContext;
}

export interface ChancesInput {
  readonly read: ReadGroup;
  readonly believed: Believed;
  readonly basis: PlanBasis;
  readonly coupling: Coupling;
  readonly seen: readonly SeenFact[];
  readonly numbers: readonly NumberState[];
}

/** Where balls go of which nobody said how far. */
export type OpenTo = 'one side' | 'both sides';

export interface Chances {
  readonly off: Pick<RouteInput, 'isStrikeOff' | 'isFaceToPathOff' | 'isFaceToPathClear'>;
  /** Index of the route that comes first; −1 for none. */
  readonly bestOf: (routes: readonly Route[]) => number;
  readonly of: (route: Route | undefined) => Chance;
  /** The look that tells most, where the best route gains with chance `p`. */
  readonly look: (p: number, openTo: OpenTo | null) => Look;
}

/** Ball speed that is lost is the strike's in so many of ten: another club or other balls lose it too (common practice, no source). */
const STRIKE_OF_SPEED_LOST = 0.8;

/** Returns the chance that the balls are struck beyond the middle of the face; null where they are not, or nothing tells. */
function strikeOffIn({ group }: ReadGroup, seen: readonly SeenFact[]): number | null {
  const own = seen.find(({ figure }) => figure === 'strikeToeMm');
  const fact = group.facts.find(({ kind }) => kind === 'struck' || kind === 'speed-lost');
  if (own !== undefined) {
    if (own.off === 0) return null;
    return own.isCounted ? RATES.tryFrom : beyondWindow(own.value, own.half95);
  }
  if (fact === undefined) return null;
  if (fact.kind === 'speed-lost') return STRIKE_OF_SPEED_LOST;
  return group.strike === null
    ? RATES.tryFrom
    : beyondWindow(group.strike.toeMm, group.strike.half95);
}

const beyondWindow = (toeMm: number, half95: number): number =>
  1 - normalTail((Math.abs(toeMm) - STRIKE_WINDOW_MM) / Math.max(1e-9, half95 / NORMAL_975));

/** Returns the chance that face and path differ by more than a straight ball bears. */
function faceToPathBeyond({ normal, fields }: Belief, basis: PlanBasis): number {
  const weights = faceToPathOf(fields);
  const faceToPath = weights.reduce((sum, weight, i) => sum + weight * normal.mean[i]!, 0);
  const sd = Math.sqrt(Math.max(1e-9, varianceOf(normal, weights)));
  const { faceToPathDeg, windows } = basis.wanted;
  return 1 - normalTail((Math.abs(faceToPath - faceToPathDeg) - windows.faceToPathDeg) / sd);
}

/** Beyond the middles that may be and the wanted ones, degrees: balls scatter, and moves are made. */
const BEYOND_DEG = 9;

/** Returns where balls land for whatever the player may deliver and be moved to. */
function surfaceFor({ fields }: Belief, { cloud, wanted, context }: PlanBasis) {
  const { typical, head } = cloud;
  const span = (a: number, b: number): readonly [number, number] => [
    Math.min(a, b) - BEYOND_DEG,
    Math.max(a, b) + BEYOND_DEG,
  ];
  const reach = {
    path: span(typical.clubPathDeg, wanted.pathDeg),
    face: span(typical.faceAngleDeg, wanted.faceDeg),
  };
  const open = fields.filter((field): field is SlopedField => field in SLOPED);
  return surfaceOf(typical, head, context.flight, reach, open);
}

/** Returns what is believed, and what may be: of an eye's taps weighed by how it would have been tapped. */
export function believedIn(
  read: ReadGroup,
  belief: Belief,
  basis: PlanBasis,
  isShapeAsked: boolean,
): Believed {
  const { cloud, wanted, context } = basis;
  const { typical, head } = cloud;
  const { bands } = context;
  const surface = surfaceFor(belief, basis);
  const spread = deviationsOf(belief.scatter);
  const chance = { typical, surface, spread, wanted, isShapeAsked, bands };
  const { lieDeg } = head;
  if (read.group.inferred?.byEye === true) {
    const tapped = weighedByTaps(read, belief, lieDeg, chance);
    const { normal } = tapped.belief;
    return { ...tapped, middle: deliveryAt(belief, normal.mean, typical, lieDeg), chance };
  }
  const possible = possibleOf(deliveriesOf(belief, typical, lieDeg), chance);
  return { belief, possible, middle: typical, chance };
}

/** Returns a basis for a player whose middle delivery is another, read off the surface: enough to choose a route. */
function quickBasis(delivery: Delivery, chance: ChanceContext, basis: PlanBasis): PlanBasis {
  const at = ({ pathDeg, faceDeg, turnDeg = 0, toeMm }: Placement) => ({
    ...afterMove(
      delivery,
      {
        pathByDeg: pathDeg - delivery.clubPathDeg,
        faceByDeg: faceDeg - delivery.faceAngleDeg,
        turnDeg,
        toMiddle: toeMm === 0,
      },
      chance,
    ),
    shareInWindow: 0,
    name: '',
    nameShare: 0,
    landings: [],
  });
  return { ...basis, cloud: cloudAround(delivery, basis.cloud.head, chance.spread), at };
}

/** Looks cost: a monitor is not at hand, a stick or a post is laid. */
const COST = {
  ...{ 'how far': 0, 'how much': 0, strike: 0 },
  ...{ post: 0.02, stick: 0.05, balls: 0.02, monitor: 0.12 },
} as const;
/** A look that promises less than this more than is known already tells nothing. */
const TELLS_FROM = 0.03;

export function chancesAt(input: ChancesInput): Chances {
  const { read, basis, coupling, seen } = input;
  const { belief, possible, middle, chance } = input.believed;
  const strikeOff = strikeOffIn(read, seen);
  const isStrikeOff = strikeOff !== null;
  const beyond = faceToPathBeyond(belief, basis);
  const off = {
    isFaceToPathOff: beyond >= RATES.faceToPathOff,
    isFaceToPathClear: beyond >= RATES.faceToPathSure,
  };
  const delivered = ({ figure }: NumberState): boolean =>
    figure === 'clubPathDeg' || figure === 'faceAngleDeg' || figure === 'faceToPathDeg';
  const isDeliveryOff = input.numbers.some((one) => delivered(one) && one.state === 'off');

  const of = (route: Route | undefined): Chance => {
    if (route === undefined) return { p: 0, ifWrong: null };
    if (route.id === 'strike') return { p: strikeOff ?? 0, ifWrong: null };
    return chanceOf(possible, route.whole, chance);
  };
  const expectedOf = (route: Route): Route => {
    const stages = route.stages.map((stage) => {
      const move = {
        pathByDeg: stage.pathDeg - middle.clubPathDeg,
        faceByDeg: stage.faceDeg - middle.faceAngleDeg,
        turnDeg: 0,
        toMiddle: route.whole.toMiddle,
      };
      const missM =
        possible.reduce((sum, { delivery }) => sum + afterMove(delivery, move, chance).missM, 0) /
        possible.length;
      return { ...stage, expected: { ...stage.expected, missM } };
    });
    const meanMissM = stages.reduce((sum, { expected }) => sum + expected.missM, 0) / stages.length;
    return { ...route, stages, meanMissM };
  };
  const first = (routes: readonly Route[]): number => {
    const lowest = bestOf(routes.map(expectedOf));
    // A strike that is off costs speed even where it costs nothing sideways, and starts the ball to its own side: where face and
    // path are not off themselves, it comes first.
    const own = routes.findIndex(({ id }) => id === 'strike');
    if (own < 0 || (isDeliveryOff && of(routes[lowest]).p >= RATES.tryFrom)) return lowest;
    return own;
  };
  const routeAt = (delivery: Delivery): DecidedRoute | null => {
    const there = quickBasis(delivery, chance, basis);
    const now = there.at({ pathDeg: delivery.clubPathDeg, faceDeg: delivery.faceAngleDeg });
    const routes = routesOf(there, coupling, { isStrikeOff: false, ...off }, now);
    const route = routes[bestOf(routes)];
    return route === undefined
      ? null
      : { id: route.id, first: route.stages[0]!.move, whole: route.whole };
  };
  return {
    off: { isStrikeOff, ...off },
    bestOf: first,
    of,
    look: (p, openTo) => lookFor({ ...input, routeAt }, p, openTo),
  };
}

interface LookInput extends ChancesInput {
  readonly routeAt: (delivery: Delivery) => DecidedRoute | null;
}

/** Every look that would show something of these balls. */
function looksAt({ read, believed, basis, seen, routeAt }: LookInput): Look[] {
  const { belief, possible, chance } = believed;
  const { inferred, countedIds, open } = read.group;
  const { lieDeg } = basis.cloud.head;
  const at = { belief, lieDeg, possible, context: chance, routeAt };
  const isStrikeSeen = seen.some(({ figure }) => figure === 'strikeToeMm');
  const hasPost = read.views.some(({ ball }) => ball.seen === 'post');
  const balls = countedIds.length;
  const more = ballsThatSettle({ belief, basis, balls, chance, routeAt });
  return [
    ...(open.includes('startDirectionDeg') ? [howMuchLook(at, 'how far')] : []),
    ...(open.includes('curveM') ? [howMuchLook(at, 'how much')] : []),
    ...(!isStrikeSeen && belief.fields.includes('strikeToeMm') ? [strikeLook(at)] : []),
    ...(inferred?.byEye === true && !hasPost ? [postLook(at)] : []),
    ...(inferred === null ? [] : [monitorLook(at)]),
    ...(more === null ? [] : [{ ...HIT_MORE, ...more }]),
  ];
}

/** Returns what nobody said of balls that go to both sides: how much they bend, else how far off line they start. */
const openAmountIn = ({ read }: LookInput): 'how much' | 'how far' =>
  read.views.some(({ ball }) => isBendOpen(ball)) ? 'how much' : 'how far';

const HIT_MORE: Look = { kind: 'balls', promised: 0, balls: null, answers: [] };

/** Returns whether the answers of a look lead anywhere else than each other: else it is no question. */
const parts = ({ answers }: Look): boolean =>
  answers.length === 0 || new Set(answers.map(({ move }) => move)).size > 1;

function lookFor(input: LookInput, p: number, openTo: OpenTo | null): Look {
  // Of a handful the basics are looked at, and a few more are hit.
  if (input.read.group.countedIds.length < PLAN_DEFAULTS.fewBalls)
    return { ...HIT_MORE, promised: p };
  const worth = ({ kind, promised }: Look): number => promised - COST[kind];
  const looks = looksAt(input);
  // What may be fine or far off, by how much it bends, was seen by somebody: that is asked before anything is laid or hit.
  const isOpen = (of: FlightFact): boolean =>
    input.seen.some(({ figure, open }) => figure === of && open !== 0);
  const kinds = [
    ...(isOpen('curveM') ? ['how much'] : []),
    ...(isOpen('startDirectionDeg') ? ['how far'] : []),
  ];
  const asked = looks.find(({ kind }) => kind === kinds[0]);
  if (openTo === 'one side' && asked !== undefined) return asked;
  if (openTo === 'both sides') return { ...HIT_MORE, kind: openAmountIn(input), promised: p };
  const [best] = looks.filter(parts).sort((a, b) => worth(b) - worth(a));
  if (best !== undefined && worth(best) >= p + TELLS_FROM) return best;
  // Nothing tells more of what the ball says: where the body aims is looked at, which no ball says.
  if (input.basis.context.aimDeg === null) return { ...HIT_MORE, kind: 'stick', promised: p };
  return best ?? { ...HIT_MORE, promised: p };
}
