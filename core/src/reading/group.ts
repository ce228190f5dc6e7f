import { headOf } from '../delivery/club.ts';
import { clubOrUsual, deliveryOf } from './delivery.ts';
import type { AssumedDelivery } from './delivery.ts';
import { fitStartShare } from './schools.ts';
import type { StartShare } from './schools.ts';
import { solveDelivery } from './solve.ts';
import { splitError, splitMiss } from './split.ts';
import type { MissSplit } from './split.ts';
import { accuracyFor } from './view.ts';
import type { BallView, ViewContext } from './view.ts';
import { EMPTY_BALL } from '../intake/quantities.ts';
import type { MeasuredBall } from '../intake/quantities.ts';
import { mean, summarise } from '../maths/statistics.ts';
import type { Summary } from '../maths/statistics.ts';

/** The figures a reading speaks of, over the balls that count. */
export const GROUP_FIGURES = [
  'faceAngleDeg',
  'clubPathDeg',
  'faceToPathDeg',
  'startDirectionDeg',
  'curveM',
  'carryM',
  'offlineM',
] as const;
export type GroupFigure = (typeof GROUP_FIGURES)[number];

export interface FigureSummary extends Summary {
  readonly ballIds: readonly string[];
}

/** The most common name and how many balls bore a name of its start and bend. */
export interface GroupPattern {
  readonly name: string;
  readonly count: number;
  readonly of: number;
  readonly ballIds: readonly string[];
  /** At least five balls, and six in ten alike: a habit, not one ball. */
  readonly isPattern: boolean;
}

export interface GroupReading {
  /** Id of the standard club, or null where the balls name none. */
  readonly club: string | null;
  readonly clubLabel: string;
  readonly ballIds: readonly string[];
  readonly countedIds: readonly string[];
  readonly suspectIds: readonly string[];
  readonly figures: Readonly<Partial<Record<GroupFigure, FigureSummary>>>;
  readonly pattern: GroupPattern | null;
  /** The typical delivery, and what its miss is made of; null without face and path. */
  readonly typical: AssumedDelivery | null;
  readonly split: MissSplit | null;
  /** 95 % half-widths of the face's and the path's parts of the split, m. */
  readonly splitHalf95: { readonly faceM: number; readonly pathM: number } | null;
  /** Balls whose face and path were read backwards, with the half-widths for a usual one, degrees. */
  readonly inferred: {
    readonly ballIds: readonly string[];
    readonly faceHalf95Deg: number;
    readonly pathHalf95Deg: number;
    readonly assumed: readonly string[];
    readonly byEye: boolean;
  } | null;
  /** The face's share of the start in these balls. */
  readonly share: StartShare;
}

/** When balls are alike enough to call it a pattern (common practice, no source). */
export const PATTERN_DEFAULTS = { ballsAtLeast: 5, shareAtLeast: 0.6 } as const;

const valueOf = (view: BallView, figure: GroupFigure): number | null => {
  switch (figure) {
    case 'faceAngleDeg':
      return view.faceAngleDeg;
    case 'clubPathDeg':
      return view.clubPathDeg;
    case 'faceToPathDeg':
      return view.faceToPathDeg;
    case 'startDirectionDeg':
      return view.start?.value ?? null;
    case 'curveM':
      return view.curve?.value ?? null;
    case 'carryM':
      return view.carry?.value ?? null;
    case 'offlineM':
      return view.offline?.value ?? null;
  }
};

function summariseFigure(views: readonly BallView[], figure: GroupFigure): FigureSummary | null {
  const known = views.filter((view) => valueOf(view, figure) !== null);
  const summary = summarise(known.map((view) => valueOf(view, figure)!));
  return summary === null ? null : { ...summary, ballIds: known.map((view) => view.id) };
}

/** The commonest start and bend together; its name is that of most of those balls. */
export function patternOf(views: readonly BallView[]): GroupPattern | null {
  const families = new Map<string, BallView[]>();
  for (const view of views) {
    if (view.name === null) continue;
    const key = `${view.name.start} ${view.name.bend}`;
    families.set(key, [...(families.get(key) ?? []), view]);
  }
  const largest = [...families.values()].sort((a, b) => b.length - a.length)[0];
  if (largest === undefined) return null;
  const strong = largest.filter((view) => view.name!.strong).length * 2 > largest.length;
  const named = largest.find((view) => view.name!.strong === strong) ?? largest[0]!;
  const of = [...families.values()].reduce((sum, family) => sum + family.length, 0);
  const { ballsAtLeast, shareAtLeast } = PATTERN_DEFAULTS;
  return {
    name: named.name!.name,
    count: largest.length,
    of,
    ballIds: largest.map((view) => view.id),
    isPattern: of >= ballsAtLeast && largest.length >= shareAtLeast * of,
  };
}

const meanOf = (values: readonly (number | null)[]): number | null => {
  const known = values.filter((value) => value !== null);
  return known.length === 0 ? null : mean(known);
};

/** How sure face and path are where they were read backwards, for the balls' average. */
function inferredOf(views: readonly BallView[], context: ViewContext): GroupReading['inferred'] {
  const inferred = views.filter((view) => view.inferred);
  if (inferred.length === 0) return null;
  const average = (pick: (ball: MeasuredBall) => number | null): number | null =>
    meanOf(inferred.map((view) => pick(view.ball)));
  const head = headOf(clubOrUsual(inferred[0]!.ball.club));
  const ball = {
    startDirectionDeg: average((b) => b.startDirectionDeg),
    spinAxisTiltDeg: average((b) => b.spinAxisTiltDeg),
    offlineM: average((b) => b.offlineM),
    curveM: average((b) => b.curveM),
    carryM: average((b) => b.carryM),
    ballSpeedMps: average((b) => b.ballSpeedMps),
    launchAngleDeg: average((b) => b.launchAngleDeg),
    spinRateRpm: average((b) => b.spinRateRpm),
  };
  const byEye = inferred.every((view) => view.ball.seen === 'eye');
  const accuracy = accuracyFor(inferred[0]!.ball, context.accuracy);
  const solved = solveDelivery(ball, head, { ...context, accuracy });
  if (solved.delivery === null) return null;
  return {
    ballIds: inferred.map((view) => view.id),
    faceHalf95Deg: solved.half95.faceAngleDeg ?? Infinity,
    pathHalf95Deg: solved.half95.clubPathDeg ?? Infinity,
    assumed: solved.assumed,
    byEye,
  };
}

/** The face's share of the start, from balls whose face, path and start were all measured. */
function shareOf(views: readonly BallView[], context: ViewContext): StartShare {
  const balls = views.flatMap(({ ball, inferred, modelled, delivery }) =>
    inferred ||
    ball.faceAngleDeg === null ||
    ball.clubPathDeg === null ||
    ball.startDirectionDeg === null ||
    modelled === null ||
    delivery === null
      ? []
      : [
          {
            faceAngleDeg: ball.faceAngleDeg,
            clubPathDeg: ball.clubPathDeg,
            startDirectionDeg: ball.startDirectionDeg,
            impactStartDeg: modelled.launch.startDirectionDeg,
            isWood: delivery.head.kind === 'driver' || delivery.head.kind === 'fairway',
          },
        ],
  );
  return fitStartShare(balls, context.accuracy);
}

/**
 * Standard error of a mean, degrees: the balls' scatter, which holds the monitor's error too, but
 * never less than that error by itself.
 */
const errorOf = (summary: FigureSummary | undefined, accuracyDeg: number): number =>
  summary === undefined
    ? accuracyDeg
    : Math.max(summary.sd, accuracyDeg) / Math.sqrt(summary.count);

/** The balls' average as one ball, of the figures a delivery needs. */
function averageBall(views: readonly BallView[], club: string | null): MeasuredBall {
  const average = (pick: (ball: MeasuredBall) => number | null): number | null =>
    meanOf(views.map((view) => pick(view.ball)));
  return {
    ...EMPTY_BALL,
    club,
    faceAngleDeg: meanOf(views.map((view) => view.faceAngleDeg)),
    clubPathDeg: meanOf(views.map((view) => view.clubPathDeg)),
    attackAngleDeg: average((ball) => ball.attackAngleDeg),
    dynamicLoftDeg: average((ball) => ball.dynamicLoftDeg),
    clubSpeedMps: average((ball) => ball.clubSpeedMps),
    ballSpeedMps: average((ball) => ball.ballSpeedMps),
    strikeToeMm: average((ball) => ball.strikeToeMm),
    strikeHighMm: average((ball) => ball.strikeHighMm),
  };
}

/** Reads the balls of one club together. */
export function readGroup(views: readonly BallView[], context: ViewContext): GroupReading {
  const club = views[0]?.ball.club ?? null;
  const counted = views.filter((view) => view.counts);
  const figures: Partial<Record<GroupFigure, FigureSummary>> = {};
  for (const figure of GROUP_FIGURES) {
    const summary = summariseFigure(counted, figure);
    if (summary !== null) figures[figure] = summary;
  }
  const typical =
    counted.length === 0 ? null : deliveryOf(averageBall(counted, club), context.hand);
  const split = typical === null ? null : splitMiss(typical.delivery, typical.head, context.flight);
  const sd = {
    faceAngleDeg: errorOf(figures.faceAngleDeg, context.accuracy.faceAngleDeg),
    clubPathDeg: errorOf(figures.clubPathDeg, context.accuracy.clubPathDeg),
  };
  const splitHalf95 =
    typical === null ? null : splitError(typical.delivery, typical.head, sd, context.flight);
  return {
    club,
    clubLabel:
      club === null ? (views[0]?.ball.clubText ?? 'club not named') : clubOrUsual(club).label,
    ballIds: views.map((view) => view.id),
    countedIds: counted.map((view) => view.id),
    suspectIds: views.filter((view) => view.agreement.suspect).map((view) => view.id),
    figures,
    pattern: patternOf(counted),
    typical,
    split,
    splitHalf95,
    inferred: inferredOf(counted, context),
    share: shareOf(counted, context),
  };
}
