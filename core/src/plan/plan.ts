/**
 * The one place that decides: what was seen and whether it is off, which route the player's own next balls speak for, how likely
 * that it gains, and so what is answered. Every step, page and trend reads its answer.
 */
import type { ReadGroup } from '../reading/group.ts';
import { answerOf, isFileInDoubt, twoWayOf } from './answer.ts';
import type { Answer, Question, TwoWay } from './answer.ts';
import { beliefOf } from './belief.ts';
import { believedIn, chancesAt } from './chances.ts';
import type { OpenTo } from './chances.ts';
import type { Middle } from './outcome.ts';
import { couplingOf } from './coupling.ts';
import type { Coupling } from './coupling.ts';
import { basisOf } from './basis.ts';
import type { PlanContext } from './basis.ts';
import type { Look } from './looks.ts';
import { numberStates } from './off.ts';
import type { NumberState } from './off.ts';
import { cloudFor } from './cloud.ts';
import type { Outcome } from './outcome.ts';
import { straightMissOf } from './routes.ts';
import type { StraightMiss } from './routes.ts';
import { seenOf, spansOf } from './seen.ts';
import type { FlightFact, SeenFact, Span } from './seen.ts';
import { routesOf } from './stages.ts';
import type { Route } from './stages.ts';
import { PLAIN_WANTED, isSaid, plainOf, wantedNumbers } from './wanted.ts';
import type { WantedNumbers } from './wanted.ts';

export interface Plan {
  readonly club: string;
  readonly ballIds: readonly string[];
  readonly wanted: WantedNumbers;
  /** Whether that flight was chosen. */
  readonly isSaid: boolean;
  /** Whether only an eye saw the balls. */
  readonly isByEye: boolean;
  /** Whether the eye told the sides of most of them, and not how much: what they gain has no figure. */
  readonly isSideOnly: boolean;
  /** What the balls did, and from where to where each is as it should be. */
  readonly seen: readonly SeenFact[];
  readonly spans: Readonly<Record<FlightFact, Span>>;
  /** Every number against the wanted; `off` holds those that are off. */
  readonly numbers: readonly NumberState[];
  readonly off: readonly NumberState[];
  readonly coupling: Coupling;
  readonly straightMiss: StraightMiss | null;
  /** Mean strike across the face, mm to the toe: measured, seen, or what explains the balls. */
  readonly strikeToeMm: number;
  readonly now: Outcome;
  readonly routes: readonly Route[];
  readonly answer: Answer;
  /** The chance that the end of the best route gains by as much as matters. */
  readonly p: number;
  /** What the next balls would do on average where it does not; null where it does in all that may be. */
  readonly ifWrong: Middle | null;
  /** What to look at, where the answer is to look. */
  readonly look: Look | null;
  /** What is asked, where the answer is to ask. */
  readonly question: Question | null;
  /** The balls to both sides, where the miss is two-way. */
  readonly twoWay: TwoWay | null;
  /** The balls to both sides, where nobody said how far, and that is asked. */
  readonly openBoth: TwoWay | null;
  /** Index in `routes` of the one that is worked on; −1 when nothing is to be changed. */
  readonly chosen: number;
  /** Who chose it: the balls by their lowest miss, the academy's rule, or the coach in this lesson. */
  readonly chosenBy: 'balls' | 'academy' | 'coach';
  /** Index of the route of the lowest miss, −1 for none: what the coach's choice is held against. */
  readonly best: number;
  /** What the best route gains on the average miss, m; null without one. */
  readonly gainM: number | null;
}

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

/** Returns what is worked on: the coach's choice, else the academy's rule where its route is open, else the balls'. */
function chosenOf(
  routes: readonly Route[],
  best: number,
  answer: Answer,
  { route = null, firstRoute = 'lowest-miss' }: PlanContext,
): Pick<Plan, 'chosen' | 'chosenBy'> {
  const own = routes.findIndex(({ id }) => id === route);
  if (own >= 0) return { chosen: own, chosenBy: 'coach' };
  if (answer !== 'do' && answer !== 'try') return { chosen: -1, chosenBy: 'balls' };
  const ruled = routes.findIndex(({ id }) => id === firstRoute);
  const isRuled = ruled >= 0 && ruled !== best && routes[best]?.id !== 'strike';
  return { chosen: isRuled ? ruled : best, chosenBy: isRuled ? 'academy' : 'balls' };
}

/** Returns where balls go of which nobody said how far: most to one side, or to both: a draw and a fade, or a hook and a slice. */
function openOf(
  read: ReadGroup,
  wanted: WantedNumbers,
  seen: readonly SeenFact[],
): { readonly openTo: OpenTo | null; readonly openBoth: TwoWay | null } {
  if (seen.some(({ open }) => open !== 0)) return { openTo: 'one side', openBoth: null };
  const openBoth = twoWayOf(read, wanted) === null ? twoWayOf(read, wanted, true) : null;
  return { openTo: openBoth === null ? null : 'both sides', openBoth };
}

/** Returns what must be settled before anything is decided; null where nothing is. */
function questionOf(read: ReadGroup, isNotWanted: boolean): Question | null {
  if (isFileInDoubt(read)) return 'check the file';
  return isNotWanted ? 'not wanted of this club' : null;
}

/** Returns the plan for a club's balls already read; null where face and path are not known, or the club is not. */
export function planGroup(read: ReadGroup, context: PlanContext): Plan | null {
  const { group } = read;
  const { typical } = group;
  if (typical === null || group.club === null) return null;
  const { delivery, head } = typical;
  const { hand, bands, flight } = context;
  const base = { hand, head, plain: plainOf(delivery, head), bands, flight };
  const asked = wantedNumbers(context.wanted, base);
  const wanted = asked ?? wantedNumbers(PLAIN_WANTED, base)!;
  const said = asked !== null && isSaid(context.wanted);
  const counted = new Set(group.countedIds);
  const spans = spansOf(read, wanted, said, hand, bands);
  const seen = seenOf(read, spans);
  const numbers = numberStates(group.figures, wanted, bands);
  const coupling = couplingIn(read, counted);
  const belief = beliefOf(read, delivery, context);
  const isByEye = group.inferred?.byEye === true;
  const twoWay = twoWayOf(read, wanted);
  const isTwoWay = twoWay !== null;
  const basis = basisOf(cloudFor(read, typical, belief, isTwoWay), wanted, context, isByEye);
  const believed = believedIn(read, belief, basis, said);
  const middle = { pathDeg: delivery.clubPathDeg, faceDeg: delivery.faceAngleDeg };
  const now = basis.at(middle);
  const chances = chancesAt({ read, believed, basis, coupling, seen, numbers });
  const routes = routesOf(basis, coupling, chances.off, now, believed.middle);
  const best = chances.bestOf(routes);
  const { p, ifWrong } = chances.of(routes[best]);
  const question = questionOf(read, asked === null);
  const { openTo, openBoth } = openOf(read, wanted, seen);
  const isSeenOff = openTo !== null || seen.some(({ off }) => off !== 0);
  const answer = answerOf({ question, balls: counted.size, isTwoWay, isSeenOff, p });
  return {
    club: group.club,
    ballIds: group.countedIds,
    wanted,
    isSaid: said,
    isByEye,
    isSideOnly: group.open.length > 0,
    seen,
    spans,
    numbers,
    off: numbers.filter(({ state }) => state === 'off'),
    coupling,
    straightMiss: straightMissOf({ hand, ...middle, wanted }),
    strikeToeMm: delivery.strikeToeMm,
    now,
    routes,
    answer,
    p,
    ifWrong,
    look: answer === 'look' ? chances.look(p, openTo) : null,
    question,
    twoWay,
    openBoth: answer === 'look' ? openBoth : null,
    ...chosenOf(routes, best, answer, context),
    best,
    gainM: best < 0 ? null : now.missM - routes[best]!.stages.at(-1)!.expected.missM,
  };
}
