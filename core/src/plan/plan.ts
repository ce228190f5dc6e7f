/**
 * The one place that decides: what is off, whether these balls can tell, which route the player's own next
 * balls speak for, and what to expect of each stage. Every step, page and trend reads its answer.
 */
import type { Bag } from '../delivery/bag.ts';
import type { FlightOptions } from '../flight/options.ts';
import type { DeviceAccuracy } from '../inverse/accuracy.ts';
import type { Hand } from '../line/hand.ts';
import type { Bands } from '../reading/bands.ts';
import type { LessonBall } from '../reading/ball.ts';
import { resolveContext } from '../reading/context.ts';
import { readGroup } from '../reading/group.ts';
import type { ReadGroup } from '../reading/group.ts';
import { viewBall } from '../reading/read-ball.ts';
import { couplingOf } from './coupling.ts';
import type { Coupling } from './coupling.ts';
import { PLAN_DEFAULTS } from './defaults.ts';
import { deskOf } from './desk.ts';
import type { PlanContext } from './desk.ts';
import { gainOf, isWorthIt, meanErrorOf } from './gain.ts';
import type { Gain } from './gain.ts';
import { CAUSING, leaveReasonOf } from './leave.ts';
import type { LeaveReason } from './leave.ts';
import { numberStates } from './off.ts';
import type { NumberState } from './off.ts';
import { cloudOf } from './outcome.ts';
import type { Outcome } from './outcome.ts';
import { straightMissOf } from './routes.ts';
import type { RouteId, StraightMiss } from './routes.ts';
import type { FirstRoute } from './rules.ts';
import { bestOf, routesOf } from './stages.ts';
import type { Route } from './stages.ts';
import { PLAIN_WANTED, plainOf, shapeOf, wantedNumbers } from './wanted.ts';
import type { Wanted, WantedNumbers } from './wanted.ts';

export interface Plan {
  readonly club: string;
  readonly ballIds: readonly string[];
  readonly wanted: WantedNumbers;
  /** Every number against what is wanted; `off` holds those that are off. */
  readonly numbers: readonly NumberState[];
  readonly off: readonly NumberState[];
  readonly coupling: Coupling;
  readonly straightMiss: StraightMiss | null;
  /** Mean strike across the face, mm to the toe: measured, seen, or what explains the balls. */
  readonly strikeToeMm: number;
  readonly now: Outcome;
  readonly routes: readonly Route[];
  /** Index in `routes` of the one that is worked on; −1 when nothing is to be changed. */
  readonly chosen: number;
  /** Who chose it: the balls by their lowest miss, the academy's rule, or the coach in this lesson. */
  readonly chosenBy: 'balls' | 'academy' | 'coach';
  /** Index of the route these balls speak for, −1 for none: what the coach's choice is held against. */
  readonly best: number;
  readonly leaveAlone: boolean;
  readonly leaveReason: LeaveReason | null;
  /** What the chosen route gains on the average miss, and the error of that, m; null without one. */
  readonly gain: Gain | null;
  /** More balls that would settle the least sure of the numbers that cannot be told; null for none. */
  readonly ballsMore: number | null;
}

/** Numbers that are the delivery's own, whatever the strike does to the ball. */
const DELIVERED: ReadonlySet<NumberState['figure']> = new Set([
  'clubPathDeg',
  'faceAngleDeg',
  'faceToPathDeg',
]);

/** Coupling from the balls whose face and path were measured. */
function couplingIn(read: ReadGroup, counted: ReadonlySet<string>): Coupling {
  return couplingOf(
    read.views.flatMap(({ id, inferred, faceAngleDeg, clubPathDeg }) =>
      counted.has(id) && !inferred && faceAngleDeg !== null && clubPathDeg !== null
        ? [{ faceDeg: faceAngleDeg, pathDeg: clubPathDeg }]
        : [],
    ),
  );
}

/** What is worked on: the coach's choice, else the academy's rule where its route is open, else the balls'. */
function chosenOf(
  routes: readonly Route[],
  best: number,
  leaveReason: LeaveReason | null,
  { route = null, firstRoute = 'lowest-miss' }: PlanContext,
): Pick<Plan, 'chosen' | 'chosenBy' | 'best' | 'leaveAlone' | 'leaveReason'> {
  const own = routes.findIndex(({ id }) => id === route);
  if (own >= 0) {
    return { chosen: own, chosenBy: 'coach', best, leaveAlone: false, leaveReason: null };
  }
  const ruled = best < 0 ? -1 : routes.findIndex(({ id }) => id === firstRoute);
  const isRuled = ruled >= 0 && ruled !== best;
  return {
    chosen: isRuled ? ruled : best,
    chosenBy: isRuled ? 'academy' : 'balls',
    best,
    leaveAlone: leaveReason !== null,
    leaveReason,
  };
}

/** The plan for a club's balls already read; null where face and path are not known, or the club is not. */
export function planGroup(read: ReadGroup, context: PlanContext): Plan | null {
  const { group, views } = read;
  const { typical } = group;
  if (typical === null || group.club === null) return null;
  const { delivery, head } = typical;
  const { hand, bands, flight } = context;
  const plain = plainOf(delivery, head);
  const base = { hand, head, plain, bands, flight };
  const asked = wantedNumbers(context.wanted, base);
  const wanted = asked ?? wantedNumbers(PLAIN_WANTED, base)!;
  const counted = new Set(group.countedIds);
  const cloud = cloudOf(
    delivery,
    head,
    views.flatMap((view) =>
      counted.has(view.id) && view.delivery !== null ? [view.delivery.delivery] : [],
    ),
  );
  const numbers = numberStates(group.figures, wanted, bands);
  const off = numbers.filter(({ state }) => state === 'off');
  const coupling = couplingIn(read, counted);
  const desk = deskOf(cloud, wanted, context);
  const now = desk.at({ pathDeg: delivery.clubPathDeg, faceDeg: delivery.faceAngleDeg });
  const isStrikeOff =
    off.some(({ figure }) => figure === 'strikeToeMm') ||
    group.facts.some(({ kind }) => kind === 'struck');
  const isGapClear = off.some(({ figure }) => figure === 'faceToPathDeg');
  const routes = routesOf(desk, coupling, { isStrikeOff, isGapClear }, now);
  const reason =
    asked === null
      ? 'not wanted of this club'
      : leaveReasonOf(read, counted, wanted, numbers, isStrikeOff);
  const lowest = bestOf(routes);
  const gain = lowest < 0 ? null : gainOf(desk, routes[lowest]!, now, meanErrorOf(read, counted));
  // A shape that was asked for is not there yet, however near the balls finish.
  const isOtherShape =
    wanted.shape !== 'straight' && shapeOf(now.curveM, now.carryM, hand, bands) !== wanted.shape;
  const isBetter = gain !== null && (isOtherShape || isWorthIt(gain, now, wanted));
  // A strike that is off costs speed even where it costs nothing sideways, and it starts the ball to its own
  // side: where face and path are not off themselves, it comes first.
  const isDeliveryOff = off.some(({ figure }) => DELIVERED.has(figure));
  const strike = isBetter && isDeliveryOff ? -1 : routes.findIndex(({ id }) => id === 'strike');
  const best = strike >= 0 ? strike : lowest;
  const leaveReason = reason ?? (isBetter || strike >= 0 ? null : 'no route is better');
  const waiting = numbers.flatMap(({ figure, ballsMore }) =>
    CAUSING.has(figure) && ballsMore !== null ? [ballsMore] : [],
  );
  return {
    club: group.club,
    ballIds: group.countedIds,
    wanted,
    numbers,
    off,
    coupling,
    straightMiss: straightMissOf({
      hand,
      pathDeg: delivery.clubPathDeg,
      faceDeg: delivery.faceAngleDeg,
      wanted,
    }),
    strikeToeMm: delivery.strikeToeMm,
    now,
    routes,
    ...chosenOf(routes, leaveReason === null ? best : -1, leaveReason, context),
    gain: leaveReason === null ? gain : null,
    ballsMore:
      waiting.length === 0 || group.countedIds.length < PLAN_DEFAULTS.tellsFrom
        ? null
        : Math.max(...waiting),
  };
}

export interface PlanInput {
  readonly balls: readonly LessonBall[];
  readonly hand: Hand;
  /** Id of the club; balls of other clubs are passed over, those that name none are taken as it. */
  readonly club: string;
  readonly wanted?: Wanted;
  readonly bands?: Partial<Bands>;
  readonly accuracy?: Partial<DeviceAccuracy>;
  readonly bag?: Bag;
  readonly flight?: FlightOptions;
  /** Where the whole body was seen to aim, degrees right of the target line. */
  readonly aimDeg?: number | null;
  readonly firstRoute?: FirstRoute;
  readonly route?: RouteId | null;
}

/** The plan for balls of one club; null where they hold no face and path, measured or read backwards. */
export function planFor(input: PlanInput): Plan | null {
  const { balls, club, wanted = PLAIN_WANTED, aimDeg = null, firstRoute, route, ...rest } = input;
  const context = resolveContext(rest);
  const views = balls
    .map((ball, index) => ({ ball: { ...ball, club: ball.club ?? club }, index }))
    .filter(({ ball }) => ball.club === club)
    .map(({ ball, index }) => viewBall(ball, ball.id ?? String(index + 1), context));
  if (views.length === 0) return null;
  const choice = { ...(firstRoute !== undefined && { firstRoute }), route: route ?? null };
  return planGroup(readGroup(views, context), { ...context, wanted, aimDeg, ...choice });
}
