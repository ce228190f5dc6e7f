/**
 * Did it happen: one block against another of the same club, on at most two figures named before the balls were hit. The first of
 * them decides, the second may only object; the rest make no headline. What may be called a change is held down for all of
 * them together: the first has most of the error rate, the second and the rest what is left, and all of it once the first has
 * clearly changed (a fallback procedure; Wiens 2003, Pharm. Stat. 2:211; the rest by Holm 1979, Scand. J. Stat. 6:65; from memory).
 */
import { RATES } from '../maths/rates.ts';
import { NORMAL_975, mean, standardDeviation } from '../maths/statistics.ts';
import { tCumulative, tQuantile } from '../maths/student.ts';
import { DEFAULT_BANDS } from '../reading/bands.ts';
import { PROOF_FIGURES } from '../reading/figure.ts';
import type { ProofBall, ProofFigure } from '../reading/figure.ts';
import { RangeMisuse } from '../units/require.ts';
import { BALLS_AT_LEAST, ballsToShow, differenceOf, halfOf, trimmedOf } from './difference.ts';
import type { Difference } from './difference.ts';
import { spreadChange, testSpread } from './spread.ts';
import type { CountChange } from './counts.ts';
import type { SpreadChange } from './spread.ts';
import type { Verdict } from './verdict.ts';

export type PerFigure = Readonly<Partial<Record<ProofFigure, number>>>;

/** Smallest changes that matter: degrees, share of carry or speed, mm (common practice, no source). */
export const PROOF_DEFAULTS = {
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
  /** Whether it is the spread that was worked on: the figures are then judged by how they scatter. */
  readonly isSteadied?: boolean;
}

/** One figure of two blocks, in its unit, positive right. */
export interface FigureChange {
  readonly figure: ProofFigure;
  /** Middles of the blocks: trimmed means. */
  readonly beforeMean: number;
  readonly afterMean: number;
  readonly beforeCount: number;
  readonly afterCount: number;
  readonly beforeSd: number;
  readonly afterSd: number;
  readonly wanted: number | null;
  /** Middle after less middle before, with its interval; null ends with fewer than three balls in a block. */
  readonly difference: number;
  readonly low: number | null;
  readonly high: number | null;
  /** How much nearer to the wanted (negative: further), with its interval. */
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
  /** Judged by how the figures scatter. */
  readonly isSteadied: boolean;
  readonly named: readonly NamedChange[];
  /** Balls counted to their sides, where an eye saw them; they decide then. */
  readonly counts: readonly CountChange[];
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

/** Returns the smallest change of a figure that matters, in its unit; distances go by the carry of the blocks. */
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

interface Compared {
  readonly before: readonly ProofBall[];
  readonly after: readonly ProofBall[];
  readonly options: JudgeOptions;
}

/** Returns how much nearer the middle has come; for figures of which more is better, how much more. */
function nearerBy(
  figure: ProofFigure,
  before: number,
  after: number,
  wanted: number | null,
): number | null {
  if (wanted === null) return MORE_IS_BETTER.has(figure) ? after - before : null;
  return Math.abs(before - wanted) - Math.abs(after - wanted);
}

function differenceIn(
  { before, after, options }: Compared,
  figure: ProofFigure,
): Difference | null {
  const isApart = options.isSameSource === false;
  const apartSd = isApart ? Math.SQRT2 * (options.sharedSd?.[figure] ?? 0) : 0;
  return differenceOf(valuesOf(before, figure), valuesOf(after, figure), apartSd);
}

function changeOf(
  compared: Compared,
  figure: ProofFigure,
  confidence: number,
): FigureChange | null {
  const { before, after, options } = compared;
  const [b, a] = [valuesOf(before, figure), valuesOf(after, figure)];
  if (b.length === 0 || a.length === 0) return null;
  const [beforeMean, afterMean] = [trimmedOf(b).middle, trimmedOf(a).middle];
  const wanted = options.wanted[figure] ?? null;
  const difference = differenceIn(compared, figure);
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

/** Half-width of where the block after stands: an absolute claim, so the shared error counts in full. */
function standsHalf({ after, options }: Compared, figure: ProofFigure, confidence: number): number {
  const values = valuesOf(after, figure);
  if (values.length < BALLS_AT_LEAST) return Infinity;
  const { variance, degrees } = trimmedOf(values);
  const own = Math.sqrt(variance) * tQuantile(1 - (1 - confidence) / 2, degrees);
  return Math.hypot(own, NORMAL_975 * (options.sharedSd?.[figure] ?? 0));
}

function verdictOf(compared: Compared, change: FigureChange, confidence: number): Verdict {
  const { figure, low, high, nearerLow, nearerHigh, smallest, wanted, afterMean } = change;
  if (low === null || high === null || nearerLow === null || nearerHigh === null) {
    return 'not yet clear';
  }
  const window = (compared.options.windows ?? WINDOWS)[figure];
  const half = standsHalf(compared, figure, confidence);
  if (window !== undefined && wanted !== null) {
    const [from, to] = [change.beforeMean - wanted, afterMean - wanted];
    if (Math.abs(to) + half <= window) return 'there';
    // Clearly moved, the way that was asked, and clearly out on the other side.
    const isOver = from * to < 0 && low * high > 0 && Math.abs(to) - half > window;
    if (isOver) return 'past it';
  }
  if (low >= -smallest && high <= smallest) return 'no real change';
  // Clearly nearer, and not clearly by less than what matters.
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

function namedOf(compared: Compared, figure: ProofFigure, confidence: number): NamedChange[] {
  const change = changeOf(compared, figure, confidence);
  if (change === null) return [];
  const verdict = verdictOf(compared, change, confidence);
  return [{ ...change, verdict, ballsNeeded: neededOf(change, verdict, confidence) }];
}

/** Verdicts that say something changed. */
const CHANGED: ReadonlySet<Verdict> = new Set(['on plan', 'there', 'past it', 'away from plan']);

/** Returns the verdict of the first figure; the second only objects: nothing is on plan that left it clearly worse. */
export function headlineOf([first, second]: readonly { readonly verdict: Verdict }[]): Verdict {
  if (first === undefined) return 'not yet clear';
  const objects = second?.verdict === 'away from plan';
  const isGood = first.verdict === 'on plan' || first.verdict === 'there';
  return isGood && objects ? 'not yet clear' : first.verdict;
}

/** Holm's: the smallest p first, each at what the ones before it left; the rate a figure is held at. */
function holmRates(ps: readonly number[], rate: number): number[] {
  const order = ps.map((_, i) => i).sort((a, b) => ps[a]! - ps[b]!);
  const rates = ps.map(() => rate / ps.length);
  for (const [rank, i] of order.entries()) {
    rates[i] = rate / (ps.length - rank);
    if (ps[i]! > rates[i]) {
      for (const j of order.slice(rank + 1)) rates[j] = rates[i];
      break;
    }
  }
  return rates;
}

const pOf = ({ by, error, degrees }: Difference): number =>
  error > 0 ? 2 * (1 - tCumulative(Math.abs(by) / error, degrees)) : by === 0 ? 1 : 0;

/** Returns the figures beside the named ones, each with an interval under which all of them hold at once. */
function othersOf(
  compared: Compared,
  figures: readonly ProofFigure[],
  rate: number,
): FigureChange[] {
  const known = figures.flatMap((figure) => {
    const difference = differenceIn(compared, figure);
    return valuesOf(compared.before, figure).length > 0 &&
      valuesOf(compared.after, figure).length > 0
      ? [{ figure, p: difference === null ? 1 : pOf(difference) }]
      : [];
  });
  const rates = holmRates(
    known.map(({ p }) => p),
    rate,
  );
  return known.flatMap(({ figure }, i) => changeOf(compared, figure, 1 - rates[i]!) ?? []);
}

/** Returns whether it scatters less: start and finish together, each ball a row. */
function steadiedOf(compared: Compared): Verdict {
  const rowsOf = (balls: readonly ProofBall[]): number[][] =>
    balls.flatMap((ball) => {
      const row = compared.options.figures.map((figure) => ball[figure]);
      return row.every((value) => typeof value === 'number') ? [row] : [];
    });
  const test = testSpread(rowsOf(compared.before), rowsOf(compared.after));
  if (test === null) return 'not yet clear';
  if (test.pTighter <= RATES.tighter) return 'on plan';
  return test.pWider <= RATES.wider ? 'away from plan' : 'not yet clear';
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
  const { figures, isOpen = false, isSteadied = false } = options;
  const isKnown = figures.every((figure) => PROOF_FIGURES.includes(figure));
  if (figures.length < 1 || figures.length > 2 || !isKnown) {
    throw new RangeMisuse('options.figures', figures.join(', '), 'one or two proof figures');
  }
  const compared = { before, after, options };
  const share = isOpen ? RATES.openShare : 1;
  const [decides, objects] = figures as [ProofFigure, ProofFigure | undefined];
  const first = namedOf(compared, decides, 1 - share * RATES.headline);
  const isChanged = first.some(({ verdict }) => CHANGED.has(verdict));
  const left = share * (isChanged ? RATES.afterHeadline : RATES.besideHeadline);
  const second = objects === undefined ? [] : namedOf(compared, objects, 1 - left / 2);
  const named = [...first, ...second];
  const rest = PROOF_FIGURES.filter((figure) => !figures.includes(figure));
  const spread = spreadChange(
    valuesOf(before, decides),
    valuesOf(after, decides),
    1 - (isSteadied ? 2 * RATES.tighter : left / 8),
  );
  return {
    verdict: isSteadied ? steadiedOf(compared) : headlineOf(named),
    isOpen,
    isSteadied,
    named,
    counts: [],
    others: othersOf(compared, rest, left / 2),
    spread,
  };
}
