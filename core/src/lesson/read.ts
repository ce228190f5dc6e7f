/** A lesson's balls read: each ball, each club's group, what is decided of it, and its blocks. Values only; words come last. */
import { findClub } from '../delivery/club.ts';
import { planGroup } from '../plan/plan.ts';
import type { Plan } from '../plan/plan.ts';
import type { RouteId } from '../plan/routes.ts';
import { DEFAULT_RULES } from '../plan/rules.ts';
import type { FirstRoute } from '../plan/rules.ts';
import { wantedFor } from '../plan/wanted.ts';
import type { Wanted, WantedByClub } from '../plan/wanted.ts';
import { worthOf } from '../plan/worth.ts';
import type { Worth } from '../plan/worth.ts';
import { readBlocks } from '../proof/blocks.ts';
import type { ReadBlock } from '../proof/blocks.ts';
import type { LessonBall } from '../reading/ball.ts';
import { byClub } from '../reading/clubs.ts';
import { resolveContext } from '../reading/context.ts';
import type { ReadingContext, ResolvedContext } from '../reading/context.ts';
import { readGroup } from '../reading/group.ts';
import type { GroupReading } from '../reading/group.ts';
import { viewBall } from '../reading/read-ball.ts';
import type { BallView } from '../reading/read-ball.ts';

/** What a lesson's balls are read in. */
export interface LessonContext extends ReadingContext {
  /** What the player wants, and what this lesson wants instead. */
  readonly wanted?: WantedByClub | null;
  readonly lessonWanted?: Wanted | null;
  /** Where the whole body was seen to aim, degrees right of the target line. */
  readonly aimDeg?: number | null;
  /** The academy's rule, and the route the coach chose in this lesson. */
  readonly firstRoute?: FirstRoute;
  readonly route?: RouteId | null;
}

/** One club of a lesson. */
export interface ReadClub {
  readonly group: GroupReading;
  /** What is decided; null where face and path are not known, or the club is not. */
  readonly plan: Plan | null;
  /** What else is worth working on, where the direction is left. */
  readonly worth: readonly Worth[];
  readonly blocks: readonly ReadBlock[];
}

export interface LessonReading {
  /** Every ball, in the order hit. */
  readonly views: readonly BallView[];
  /** One for each club, in the order first hit. */
  readonly clubs: readonly ReadClub[];
}

/** Every ball read by itself; `onBall` hears how many are done. */
function viewsOf(
  balls: readonly LessonBall[],
  context: ResolvedContext,
  onBall?: (done: number) => void,
): BallView[] {
  return balls.map((ball, index) => {
    onBall?.(index);
    const id: unknown = (ball as LessonBall | null)?.id;
    return viewBall(ball, typeof id === 'string' ? id : String(index + 1), context);
  });
}

function readClub(
  given: readonly BallView[],
  inner: ResolvedContext,
  { wanted, lessonWanted, aimDeg, firstRoute, route }: LessonContext,
): ReadClub & { readonly views: readonly BallView[] } {
  const read = readGroup(given, inner);
  const kind = findClub(read.group.club)?.kind ?? null;
  const plan = planGroup(read, {
    ...inner,
    wanted: wantedFor(wanted, kind, lessonWanted),
    aimDeg: aimDeg ?? null,
    firstRoute: firstRoute ?? DEFAULT_RULES.firstRoute,
    route: route ?? null,
  });
  const worth = plan?.answer === 'leave' ? worthOf(read, inner.flight) : [];
  const { group, views } = read;
  return { group, plan, worth, blocks: readBlocks(views, inner), views };
}

/** Reads a lesson's balls, club by club. Throws RangeMisuse for a bad context, never for a ball. */
export function readLesson(
  balls: readonly LessonBall[],
  context: LessonContext,
  onBall?: (done: number) => void,
): LessonReading {
  const inner = resolveContext(context);
  const views = viewsOf(balls, inner, onBall);
  const read = byClub(views).map((own) => readClub(own, inner, context));
  const decided = new Map(read.flatMap((one) => one.views.map((view) => [view.id, view])));
  return {
    views: views.map((view) => decided.get(view.id) ?? view),
    clubs: read.map(({ group, plan, worth, blocks }) => ({ group, plan, worth, blocks })),
  };
}
