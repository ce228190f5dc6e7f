import type { Delivery } from '../delivery/delivery.ts';
import type { AssumedDelivery } from '../inverse/complete.ts';
import type { BallQuantity } from '../intake/quantities.ts';
import { NORMAL_975, mean, standardDeviation } from '../maths/statistics.ts';
import { isBendOpen, isStartOpen } from './ball.ts';
import type { LessonBall } from './ball.ts';
import { readBlockOf } from './blocks.ts';
import type { ResolvedContext } from './context.ts';
import { countByBlock } from './counts.ts';
import { half95Of, sharedSdOf } from './error.ts';
import type { InferredSd } from './error.ts';
import type { GroupFact } from './facts.ts';
import { PROOF_FIGURES } from './figure.ts';
import type { ProofFigure } from './figure.ts';
import { inferredOf } from './inferred.ts';
import type { Inferred } from './inferred.ts';
import type { BallView } from './read-ball.ts';
import type { BendSide, StartWord } from '../line/words.ts';
import { fitStartShare } from './schools.ts';
import type { StartShare } from './schools.ts';
import { estimateStrike } from './strike.ts';
import type { StrikeEstimate } from './strike.ts';

/** A figure over balls; `low` and `high` are the 95 % interval of the mean, shared errors in it. */
export interface FigureSummary {
  readonly count: number;
  readonly mean: number;
  /** Sample standard deviation of the balls; 0 for one. */
  readonly sd: number;
  readonly half95: number;
  readonly low: number;
  readonly high: number;
  /** The part of the error that all these balls share, one standard deviation. */
  readonly sharedSd: number;
  readonly ballIds: readonly string[];
}
export type Figures = Readonly<Partial<Record<ProofFigure, FigureSummary>>>;

/** The most common name and how many balls bore a name of its start and bend. */
export interface GroupPattern {
  readonly name: string;
  /** Whether of most of them it is not said how much they bend: then the name says a side alone. */
  readonly isOpen: boolean;
  /** How most of them start and bend. */
  readonly start: StartWord;
  readonly bend: BendSide;
  readonly count: number;
  readonly of: number;
  readonly ballIds: readonly string[];
  /** Those of them that bend so much more, or less, that they bear another name; null where all bear the one. */
  readonly others: { readonly name: string; readonly ballIds: readonly string[] } | null;
  /** At least five balls, and six in ten alike: a habit, not one ball. */
  readonly isPattern: boolean;
}

export interface GroupReading {
  /** Id of the standard club, or null where the balls name none. */
  readonly club: string | null;
  /** What the file called it, or null. */
  readonly clubText: string | null;
  readonly ballIds: readonly string[];
  /** The balls that are read together: those of one block that count. */
  readonly countedIds: readonly string[];
  /** Balls that do not count, whatever the reason. */
  readonly leftOutIds: readonly string[];
  /** Balls that did not fly as their face and path say, counted or not. */
  readonly suspectIds: readonly string[];
  readonly facts: readonly GroupFact[];
  readonly figures: Figures;
  /** Figures of which an eye told of many of them the side alone, and not how much: their average has no size. */
  readonly open: readonly ('startDirectionDeg' | 'curveM')[];
  readonly pattern: GroupPattern | null;
  /** The typical delivery; null without face and path. */
  readonly typical: AssumedDelivery | null;
  /** Where they are struck across the face, where nothing measured it; null where it cannot be told. */
  readonly strike: StrikeEstimate | null;
  /** Balls whose face and path were read backwards, with how sure they are, degrees. */
  readonly inferred: Inferred | null;
  /** The face's share of the start in these balls. */
  readonly share: StartShare;
}

/** When balls are alike enough to call it a pattern (common practice, no source). */
export const PATTERN_DEFAULTS = { ballsAtLeast: 5, shareAtLeast: 0.6 } as const;

/** Returns a figure of a ball as read; null where it has none. */
export function figureOf(view: BallView, figure: BallQuantity): number | null {
  switch (figure) {
    case 'faceAngleDeg':
    case 'clubPathDeg':
    case 'faceToPathDeg':
      return view[figure];
    case 'startDirectionDeg':
      return view.start?.value ?? null;
    case 'curveM':
      return view.curve?.value ?? null;
    case 'carryM':
      return view.carry?.value ?? null;
    case 'offlineM':
      return view.offline?.value ?? null;
    default:
      return view.ball[figure];
  }
}

export function figuresOf(
  views: readonly BallView[],
  context: ResolvedContext,
  inferred: InferredSd | null,
): Figures {
  const found: Partial<Record<ProofFigure, FigureSummary>> = {};
  for (const figure of PROOF_FIGURES) {
    const known = views.filter((view) => figureOf(view, figure) !== null);
    if (known.length === 0) continue;
    const values = known.map((view) => figureOf(view, figure)!);
    const sharedSd = sharedSdOf(figure, known, context, inferred);
    const half95 = half95Of(values, sharedSd);
    const middle = mean(values);
    found[figure] = {
      count: values.length,
      mean: middle,
      sd: standardDeviation(values),
      half95,
      low: middle - half95,
      high: middle + half95,
      sharedSd,
      ballIds: known.map(({ id }) => id),
    };
  }
  return found;
}

/** Returns the commonest start and bend together; its name is that of most of those balls. */
export function patternOf(views: readonly BallView[]): GroupPattern | null {
  const families = new Map<string, BallView[]>();
  for (const view of views) {
    if (view.name === null) continue;
    const key = `${view.name.start} ${view.name.bend}`;
    families.set(key, [...(families.get(key) ?? []), view]);
  }
  const largest = [...families.values()].sort((a, b) => b.length - a.length)[0];
  if (largest === undefined) return null;
  const said = largest.filter((view) => !view.name!.isOpen);
  const isOpen = said.length * 2 <= largest.length;
  const strong = said.filter((view) => view.name!.strong).length * 2 > said.length;
  const named = isOpen
    ? largest.find((view) => view.name!.isOpen)!
    : (said.find((view) => view.name!.strong === strong) ?? largest[0]!);
  const others = isOpen ? [] : said.filter((view) => view.name!.name !== named.name!.name);
  const of = [...families.values()].reduce((sum, family) => sum + family.length, 0);
  const { ballsAtLeast, shareAtLeast } = PATTERN_DEFAULTS;
  return {
    name: named.name!.name,
    isOpen,
    start: named.name!.start,
    bend: named.name!.bend,
    count: largest.length,
    of,
    ballIds: largest.map((view) => view.id),
    others:
      others.length === 0
        ? null
        : { name: others[0]!.name!.name, ballIds: others.map(({ id }) => id) },
    isPattern: of >= ballsAtLeast && largest.length >= shareAtLeast * of,
  };
}

/** Returns the face's share of the start, from balls whose face, path and start were all measured. */
function shareOf(views: readonly BallView[], context: ResolvedContext): StartShare {
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

const AVERAGED = [
  'clubSpeedMps',
  'attackAngleDeg',
  'clubPathDeg',
  'faceAngleDeg',
  'dynamicLoftDeg',
  'strikeToeMm',
  'strikeHighMm',
] as const satisfies readonly Exclude<keyof Delivery, 'hand'>[];

/** Returns the mean of the balls' deliveries; null where no ball has one. */
export function typicalOf(views: readonly BallView[]): AssumedDelivery | null {
  const known = views.flatMap(({ delivery }) => (delivery === null ? [] : [delivery]));
  const [one] = known;
  if (one === undefined) return null;
  const means = Object.fromEntries(
    AVERAGED.map((field) => [field, mean(known.map(({ delivery }) => delivery[field]))]),
  );
  return { ...one, delivery: { ...one.delivery, ...means } };
}

const inferredSdOf = (inferred: Inferred | null): InferredSd | null =>
  inferred === null
    ? null
    : {
        faceDeg: inferred.faceHalf95Deg / NORMAL_975,
        pathDeg: inferred.pathHalf95Deg / NORMAL_975,
        faceToPathDeg: inferred.faceToPathHalf95Deg / NORMAL_975,
      };

/** A share of balls without a size from which their average has none (common practice, no source). */
const OPEN_FROM = 1 / 3;

function openIn(balls: readonly LessonBall[]): GroupReading['open'] {
  const isMostly = (isOpen: (ball: LessonBall) => boolean): boolean =>
    balls.length > 0 && balls.filter(isOpen).length >= OPEN_FROM * balls.length;
  return [
    ...(isMostly(isStartOpen) ? (['startDirectionDeg'] as const) : []),
    ...(isMostly(isBendOpen) ? (['curveM'] as const) : []),
  ];
}

export interface ReadGroup {
  readonly group: GroupReading;
  readonly views: readonly BallView[];
}

/** Reads the balls of one club together: those of one block, as far as they count. */
export function readGroup(given: readonly BallView[], context: ResolvedContext): ReadGroup {
  const { views, factsOf } = countByBlock(given, context.accuracy);
  const read = readBlockOf(views, ({ ball }) => ball);
  const facts = factsOf(new Set(read.map(({ id }) => id)));
  const counted = read.filter((view) => view.counts);
  const inferred = inferredOf(counted, context);
  const figures = figuresOf(counted, context, inferredSdOf(inferred));
  const group: GroupReading = {
    club: views[0]?.ball.club ?? null,
    clubText: views[0]?.ball.clubText ?? null,
    ballIds: views.map((view) => view.id),
    countedIds: counted.map((view) => view.id),
    leftOutIds: views.filter((view) => !view.counts).map((view) => view.id),
    suspectIds: views.filter((view) => view.agreement.suspect).map((view) => view.id),
    facts,
    figures,
    open: openIn(counted.map(({ ball }) => ball)),
    pattern: patternOf(counted),
    typical: typicalOf(counted),
    strike: estimateStrike(counted, context.accuracy),
    inferred,
    share: shareOf(counted, context),
  };
  return { group, views };
}
