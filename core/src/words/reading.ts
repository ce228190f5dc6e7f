import type { Plan } from '../plan/plan.ts';
import { planGroup } from '../plan/plan.ts';
import type { RouteId } from '../plan/routes.ts';
import { DEFAULT_RULES } from '../plan/rules.ts';
import type { FirstRoute } from '../plan/rules.ts';
import { wantedFor } from '../plan/wanted.ts';
import type { Wanted, WantedByClub } from '../plan/wanted.ts';
import { findClub } from '../delivery/club.ts';
import type { LessonBall } from '../reading/ball.ts';
import { byClub } from '../reading/clubs.ts';
import { resolveContext } from '../reading/context.ts';
import type { ReadingContext as BallContext, ResolvedContext } from '../reading/context.ts';
import { readGroup } from '../reading/group.ts';
import type { GroupReading } from '../reading/group.ts';
import { viewBall } from '../reading/read-ball.ts';
import type { BallView } from '../reading/read-ball.ts';
import {
  causeSentence,
  factSentence,
  flightSentence,
  inferredSentence,
  leftOutSentence,
  shareSentence,
  strikeSentence,
  sureSentence,
} from './balls.ts';
import { DEFAULT_DISPLAY_UNITS, formatLength } from './format.ts';
import type { DisplayUnits } from './format.ts';
import { clubLabel } from './labels.ts';
import { planSentence } from './plan.ts';
import { countOf, figure, sentence } from './sentence.ts';
import type { Sentence, Wording } from './sentence.ts';

export interface ReadingContext extends BallContext {
  readonly units?: DisplayUnits;
  /** What the player wants, and what this lesson wants instead. */
  readonly wanted?: WantedByClub | null;
  readonly lessonWanted?: Wanted | null;
  /** Where the whole body was seen to aim, degrees right of the target line. */
  readonly aimDeg?: number | null;
  /** The academy's rule, and the route the coach chose in this lesson. */
  readonly firstRoute?: FirstRoute;
  readonly route?: RouteId | null;
}

/** What the balls say, in words, with the figures the words use. */
export interface Reading {
  readonly sentences: readonly Sentence[];
  /** One for each club, in the order first hit. */
  readonly groups: readonly GroupReading[];
  /** What is decided of each club, in the same order; null where face and path are not known. */
  readonly plans: readonly (Plan | null)[];
  readonly views: readonly BallView[];
}

/** One club read on its own, in sentences; the shortest answer first. */
export function groupSentences(
  group: GroupReading,
  plan: Plan | null,
  views: readonly BallView[],
  w: Wording,
): Sentence[] {
  const strike = strikeSentence(group);
  const facts = group.facts.filter(({ kind }) => kind !== 'struck');
  const unsettled = plan?.leaveReason === 'check the file';
  const found = [
    flightSentence(group, w),
    causeSentence(group, w),
    ...(unsettled ? facts.map((fact) => factSentence(fact, group)) : []),
    plan === null ? null : planSentence(plan, w),
    strike,
    group.club === null ? clubQuestion(group) : null,
    inferredSentence(group),
    sureSentence(group, w),
    ...(unsettled ? [] : facts.map((fact) => factSentence(fact, group))),
    leftOutSentence(group, views),
    shareSentence(group),
  ].filter((s) => s !== null);
  return found.length > 0 ? found : [sentence('sure', missingWords(group))];
}

/** A club nobody named is asked for, never assumed. */
const clubQuestion = (group: GroupReading): Sentence =>
  sentence(
    'next',
    'Which club was it? Until it is named, ',
    figure(countOf(group.ballIds.length, 'ball'), group.ballIds),
    ' can be listed but not read: a driver bends the same gap far more than an iron.',
  );

const missingWords = (group: GroupReading): string =>
  group.countedIds.length === 0
    ? `${countOf(group.ballIds.length, 'ball')}, none of them to be averaged: keep one in to read it.`
    : `${countOf(group.countedIds.length, 'ball')} without a start direction or face and path: nothing to read yet.`;

/** Each club in a line, and what the difference between them is. */
function acrossClubs(groups: readonly GroupReading[], w: Wording): Sentence[] {
  const lines = groups.flatMap((group) => {
    const flight = flightSentence(group, w);
    if (flight === null) return group.club === null ? [clubQuestion(group)] : [];
    return [
      sentence(
        'flight',
        `${clubLabel(group.club, group.clubText)}, `,
        figure(countOf(group.countedIds.length, 'ball'), group.countedIds),
        ': ',
        ...lowerFirst(flight),
      ),
    ];
  });
  const difference = clubDifference(groups, w);
  return difference === null ? lines : [...lines, difference];
}

const lowerFirst = ({ parts }: Sentence): Sentence['parts'] =>
  parts.map((part, index) =>
    index === 0 ? { ...part, text: part.text.charAt(0).toLowerCase() + part.text.slice(1) } : part,
  );

/** Gaps within this of each other are one delivery through two clubs, degrees. */
const SAME_GAP_DEG = 1.5;
/** Bends that differ by more than this factor are worth a word. */
const BEND_RATIO = 1.5;

/** The same gap bends a long club more: say so, lest the coach change a swing for its driver. */
function clubDifference(groups: readonly GroupReading[], w: Wording): Sentence | null {
  const known = groups.filter((g) => g.figures.faceToPathDeg && g.figures.curveM);
  const byBend = [...known].sort(
    (a, b) => Math.abs(b.figures.curveM!.mean) - Math.abs(a.figures.curveM!.mean),
  );
  const [most, least] = [byBend[0], byBend.at(-1)];
  if (most === undefined || least === undefined || most === least) return null;
  const [mostGap, leastGap] = [most.figures.faceToPathDeg!, least.figures.faceToPathDeg!];
  const [mostCurve, leastCurve] = [most.figures.curveM!, least.figures.curveM!];
  if (Math.abs(mostCurve.mean) < BEND_RATIO * Math.abs(leastCurve.mean)) return null;
  const name = (g: GroupReading): string => clubLabel(g.club, g.clubText).toLowerCase();
  const amount = (m: number): string => formatLength(Math.abs(m), w.units.length);
  const names = `the ${name(most)} bends ${amount(mostCurve.mean)} and the ${name(least)} ${amount(leastCurve.mean)}`;
  const both = [...mostGap.ballIds, ...leastGap.ballIds];
  if (Math.abs(mostGap.mean - leastGap.mean) <= SAME_GAP_DEG) {
    return sentence(
      'clubs',
      'Face to path is much the same with both, yet ',
      figure(names, both),
      ': less loft bends the same gap more.',
    );
  }
  return sentence('clubs', 'Face to path differs between the clubs: ', figure(names, both), '.');
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

/**
 * Reads a set of balls. With one club its sentences; with several a line for each club and what
 * differs (each club's own sentences: `groupSentences`). Throws RangeMisuse for a bad context, never for a ball.
 */
export function readBalls(
  balls: readonly LessonBall[],
  context: ReadingContext,
  onBall?: (done: number) => void,
): Reading {
  const inner = resolveContext(context);
  const units = context.units ?? DEFAULT_DISPLAY_UNITS;
  const wording = { hand: inner.hand, bands: inner.bands, units };
  const views = viewsOf(balls, inner, onBall);
  const read = byClub(views).map((group) => readGroup(group, inner));
  const plans = read.map((one) => {
    const kind = findClub(one.group.club)?.kind ?? null;
    const wanted = wantedFor(context.wanted, kind, context.lessonWanted);
    return planGroup(one, {
      ...inner,
      wanted,
      aimDeg: context.aimDeg ?? null,
      firstRoute: context.firstRoute ?? DEFAULT_RULES.firstRoute,
      route: context.route ?? null,
    });
  });
  const groups = read.map(({ group }) => group);
  const decided = new Map(read.flatMap((one) => one.views.map((view) => [view.id, view])));
  const settled = views.map((view) => decided.get(view.id) ?? view);
  const [only] = groups;
  const sentences =
    only === undefined
      ? [sentence('next', 'No balls yet: drop a launch file here, or type a ball in.')]
      : groups.length === 1
        ? groupSentences(only, plans[0] ?? null, settled, wording)
        : acrossClubs(groups, wording);
  return { sentences, groups, plans, views: settled };
}
