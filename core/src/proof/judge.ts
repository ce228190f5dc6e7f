/**
 * Did it happen: one block against another of the same club, on at most two figures named before the balls
 * were hit. The first of them decides, the second may only object; the rest are listed with intervals that
 * hold for all of them at once (Bonferroni), and make no headline.
 */
import { NORMAL_975, mean, standardDeviation } from '../maths/statistics.ts';
import { tQuantile } from '../maths/student.ts';
import { DEFAULT_BANDS } from '../reading/bands.ts';
import { PROOF_FIGURES } from '../reading/figure.ts';
import type { ProofBall, ProofFigure } from '../reading/figure.ts';
import { RangeMisuse } from '../units/require.ts';
import { BALLS_AT_LEAST, ballsToShow, differenceOf, halfOf } from './difference.ts';
import { spreadChange } from './spread.ts';
import type { SpreadChange } from './spread.ts';

export const VERDICTS = [
  'on plan',
  'there',
  'no real change',
  'away from plan',
  'not yet clear',
] as const;
export type Verdict = (typeof VERDICTS)[number];

export type PerFigure = Readonly<Partial<Record<ProofFigure, number>>>;

export const PROOF_DEFAULTS = {
  /** Nominal 96 %, so that simulated blocks of 3 to 15 balls are held at least 95 times in 100 (proof.test.ts). */
  confidence: 0.96,
  /** While a block is being hit each look spends 1 % of the error of a planned set of ten (alpha spending, Lan & DeMets 1983, Biometrika 70:659). */
  confidenceWhileOpen: 0.99,
  /** Smallest changes that matter: degrees, share of carry or speed, mm (common practice, no source). */
  smallestDeg: 1,
  smallestShare: 0.02,
  smallestStrikeMm: 4,
} as const;

export interface JudgeOptions {
  /** At most two, the one that decides first. */
  readonly figures: readonly ProofFigure[];
  /** What each figure is to be; nearer is better. Speeds and carry without one: more is better. */
  readonly wanted: PerFigure;
  /** Half-widths within which a figure is there. */
  readonly windows?: PerFigure;
  /** Smallest changes that matter, in the figure's unit. */
  readonly smallest?: PerFigure;
  /** Error that all balls of a source share, one standard deviation. */
  readonly sharedSd?: PerFigure;
  /** Whether both blocks come from one source, whose shared error cancels in the change; default true. */
  readonly isSameSource?: boolean;
  /** Whether the second block is still being hit: it is looked at after every ball. */
  readonly isOpen?: boolean;
  /** Kept for callers that resample: the intervals here need no randomness. */
  readonly seed?: number;
}

/** One figure of two blocks, in its unit, positive right. */
export interface FigureChange {
  readonly figure: ProofFigure;
  readonly beforeMean: number;
  readonly afterMean: number;
  readonly beforeCount: number;
  readonly afterCount: number;
  readonly beforeSd: number;
  readonly afterSd: number;
  readonly wanted: number | null;
  /** Mean after less mean before, with its interval; null ends with fewer than three balls in a block. */
  readonly difference: number;
  readonly low: number | null;
  readonly high: number | null;
  /** How much nearer to what is wanted (negative: further), with its interval. */
  readonly nearer: number | null;
  readonly nearerLow: number | null;
  readonly nearerHigh: number | null;
  readonly smallest: number;
}

export interface NamedChange extends FigureChange {
  readonly verdict: Verdict;
  /** Balls in each block that would show the smallest change that matters; null when settled, or when nobody hits so many. */
  readonly ballsNeeded: number | null;
}

export interface BlockVerdict {
  readonly verdict: Verdict;
  /** Judged while it was being hit: a change has to be beyond doubt. */
  readonly isOpen: boolean;
  readonly named: readonly NamedChange[];
  readonly others: readonly FigureChange[];
  /** Spread of the figure that decides; null with too few balls. */
  readonly spread: SpreadChange | null;
}

const MORE_IS_BETTER: ReadonlySet<ProofFigure> = new Set([
  'carryM',
  'clubSpeedMps',
  'ballSpeedMps',
]);

const WINDOWS: PerFigure = {
  clubPathDeg: DEFAULT_BANDS.pathAcceptableDeg,
  faceAngleDeg: DEFAULT_BANDS.faceSquareDeg,
  faceToPathDeg: DEFAULT_BANDS.faceToPathSquareDeg,
  startDirectionDeg: DEFAULT_BANDS.startStraightDeg,
};

const valuesOf = (balls: readonly ProofBall[], figure: ProofFigure): number[] =>
  balls.flatMap((ball) => {
    const value = ball[figure];
    return typeof value === 'number' && Number.isFinite(value) ? [value] : [];
  });

/** The smallest change of a figure that matters, in its unit; distances go by the carry of the blocks. */
export function smallestChange(
  figure: ProofFigure,
  balls: readonly ProofBall[],
  own: PerFigure = {},
): number {
  const given = own[figure];
  if (given !== undefined) return given;
  const { smallestDeg, smallestShare, smallestStrikeMm } = PROOF_DEFAULTS;
  if (figure === 'strikeToeMm') return smallestStrikeMm;
  if (figure.endsWith('Deg')) return smallestDeg;
  const isSpeed = figure === 'clubSpeedMps' || figure === 'ballSpeedMps';
  const sizes = valuesOf(balls, isSpeed ? figure : 'carryM');
  return sizes.length === 0 ? 1 : smallestShare * Math.abs(mean(sizes));
}

interface Bench {
  readonly before: readonly ProofBall[];
  readonly after: readonly ProofBall[];
  readonly options: JudgeOptions;
}

/** How much nearer the mean has come; for figures of which more is better, how much more. */
function nearerBy(
  figure: ProofFigure,
  before: number,
  after: number,
  wanted: number | null,
): number | null {
  if (wanted === null) return MORE_IS_BETTER.has(figure) ? after - before : null;
  return Math.abs(before - wanted) - Math.abs(after - wanted);
}

function changeOf(
  { before, after, options }: Bench,
  figure: ProofFigure,
  confidence: number,
): FigureChange | null {
  const [b, a] = [valuesOf(before, figure), valuesOf(after, figure)];
  if (b.length === 0 || a.length === 0) return null;
  const [beforeMean, afterMean] = [mean(b), mean(a)];
  const wanted = options.wanted[figure] ?? null;
  const isApart = options.isSameSource === false;
  const apartSd = isApart ? Math.SQRT2 * (options.sharedSd?.[figure] ?? 0) : 0;
  const difference = differenceOf(b, a, apartSd);
  const half = difference === null ? null : halfOf(difference, confidence);
  const nearer = nearerBy(figure, beforeMean, afterMean, wanted);
  const off = (value: number | null, by: number | null): number | null =>
    value === null || by === null ? null : value + by;
  return {
    figure,
    beforeMean,
    afterMean,
    beforeCount: b.length,
    afterCount: a.length,
    beforeSd: standardDeviation(b),
    afterSd: standardDeviation(a),
    wanted,
    difference: afterMean - beforeMean,
    low: off(afterMean - beforeMean, half === null ? null : -half),
    high: off(afterMean - beforeMean, half),
    nearer,
    nearerLow: off(nearer, half === null ? null : -half),
    nearerHigh: off(nearer, half),
    smallest: smallestChange(figure, [...before, ...after], options.smallest),
  };
}

/** Inside its window, clearly: an absolute claim, so the shared error counts in full. */
function isThere({ after, options }: Bench, change: FigureChange, confidence: number): boolean {
  const { figure, wanted } = change;
  const window = (options.windows ?? WINDOWS)[figure];
  const values = valuesOf(after, figure);
  if (window === undefined || wanted === null || values.length < BALLS_AT_LEAST) return false;
  const own =
    (change.afterSd / Math.sqrt(values.length)) *
    tQuantile(1 - (1 - confidence) / 2, values.length - 1);
  const half = Math.hypot(own, NORMAL_975 * (options.sharedSd?.[figure] ?? 0));
  return Math.abs(change.afterMean - wanted) + half <= window;
}

function verdictOf(bench: Bench, change: FigureChange, confidence: number): Verdict {
  const { low, high, nearerLow, nearerHigh, smallest } = change;
  if (low === null || high === null || nearerLow === null || nearerHigh === null) {
    return 'not yet clear';
  }
  if (isThere(bench, change, confidence)) return 'there';
  if (low >= -smallest && high <= smallest) return 'no real change';
  if (nearerLow > 0) return 'on plan';
  return nearerHigh < 0 ? 'away from plan' : 'not yet clear';
}

function neededOf(change: FigureChange, verdict: Verdict, confidence: number): number | null {
  if (verdict !== 'not yet clear') return null;
  const { beforeSd, afterSd, beforeCount, afterCount, smallest } = change;
  if (Math.min(beforeCount, afterCount) < 2) return null;
  const sd = Math.sqrt((beforeSd ** 2 + afterSd ** 2) / 2);
  const needed = ballsToShow(smallest, sd, confidence);
  return needed === null || needed <= Math.max(beforeCount, afterCount) ? null : needed;
}

function namedOf(bench: Bench, figure: ProofFigure, confidence: number): NamedChange[] {
  const change = changeOf(bench, figure, confidence);
  if (change === null) return [];
  const verdict = verdictOf(bench, change, confidence);
  return [{ ...change, verdict, ballsNeeded: neededOf(change, verdict, confidence) }];
}

/** The first figure decides; the second only objects: nothing is on plan that left it clearly worse. */
function headlineOf([first, second]: readonly NamedChange[]): Verdict {
  if (first === undefined) return 'not yet clear';
  const objects = second?.verdict === 'away from plan';
  const isGood = first.verdict === 'on plan' || first.verdict === 'there';
  return isGood && objects ? 'not yet clear' : first.verdict;
}

/**
 * Judges one block against another. Throws RangeMisuse without a figure, with more than two, or with one there
 * is not; never for the balls.
 */
export function judgeBlocks(
  before: readonly ProofBall[],
  after: readonly ProofBall[],
  options: JudgeOptions,
): BlockVerdict {
  const { figures, isOpen = false } = options;
  const isKnown = figures.every((figure) => PROOF_FIGURES.includes(figure));
  if (figures.length < 1 || figures.length > 2 || !isKnown) {
    throw new RangeMisuse('options.figures', figures.join(', '), 'one or two proof figures');
  }
  const bench = { before, after, options };
  const { confidence, confidenceWhileOpen } = PROOF_DEFAULTS;
  const level = isOpen ? confidenceWhileOpen : confidence;
  const named = figures.flatMap((figure) => namedOf(bench, figure, level));
  const rest = PROOF_FIGURES.filter(
    (figure) =>
      !figures.includes(figure) &&
      valuesOf(before, figure).length > 0 &&
      valuesOf(after, figure).length > 0,
  );
  // All of them, and the spread, hold at once.
  const joint = 1 - (1 - level) / (rest.length + 1);
  const others = rest.flatMap((figure) => changeOf(bench, figure, joint) ?? []);
  const decides = named[0]?.figure;
  const spread =
    decides === undefined
      ? null
      : spreadChange(valuesOf(before, decides), valuesOf(after, decides), joint);
  return { verdict: headlineOf(named), isOpen, named, others, spread };
}
