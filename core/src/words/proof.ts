/** Verdicts in words, and the figures of a proof. */
import Papa from 'papaparse';
import type { BlockVerdict, FigureChange, NamedChange, Verdict } from '../proof/judge.ts';
import type { StationBalls } from '../proof/blocks.ts';
import type { SpreadChange } from '../proof/spread.ts';
import { fromSi } from '../units/units.ts';
import type { ProofFigure } from '../reading/figure.ts';
import { formatNumber } from './format.ts';
import type { DisplayUnits } from './format.ts';
import { figureText, shortFigure } from './labels.ts';
import { capital, countOf } from './sentence.ts';

const unitOf = (
  name: ProofFigure,
  units: DisplayUnits,
): { unit: string; of: (v: number) => number } => {
  if (name === 'strikeToeMm') return { unit: ' mm', of: (v) => v };
  if (name.endsWith('Deg')) return { unit: '°', of: (v) => v };
  const unit = name === 'clubSpeedMps' || name === 'ballSpeedMps' ? units.speed : units.length;
  return { unit: ` ${unit}`, of: (v) => fromSi(v, unit) };
};

/** A change with its interval, positive right or more: `+2.1° (0.9 to 3.4)`. */
export function changeText(
  { figure, difference, low, high }: FigureChange,
  units: DisplayUnits,
): string {
  const { unit, of } = unitOf(figure, units);
  const shown = (value: number): string => formatNumber(of(value), 1, true);
  const text = `${shown(difference)}${unit}`;
  return low === null || high === null ? text : `${text} (${shown(low)} to ${shown(high)})`;
}

const nameOf = (change: FigureChange): string => shortFigure(change.figure).toLowerCase();
const fromTo = (change: FigureChange, units: DisplayUnits): string =>
  `from ${figureText(change.figure, change.beforeMean, units)} to ${figureText(change.figure, change.afterMean, units)}`;

/** What one named figure did. */
export function namedWords(change: NamedChange, units: DisplayUnits): string {
  const what = `${nameOf(change)} went ${fromTo(change, units)}`;
  const aim =
    change.wanted === null ? '' : ` (wanted ${figureText(change.figure, change.wanted, units)})`;
  return `${what}${aim}`;
}

const HEADLINES: Readonly<Record<Verdict, string>> = {
  'on plan': 'On plan',
  there: 'There',
  'no real change': 'No real change',
  'away from plan': 'Away from plan',
  'not yet clear': 'Not yet clear',
};
export const verdictWords = (verdict: Verdict): string => HEADLINES[verdict];

function neededWords(named: readonly NamedChange[], verdict: Verdict): string {
  if (verdict !== 'not yet clear') return '';
  const few = named.some(({ low }) => low === null);
  if (few) return ' Three balls in each block are the least that says anything.';
  const needed = named[0]?.ballsNeeded ?? null;
  return needed === null
    ? ' These balls scatter too much to show a small change.'
    : ` ${countOf(needed, 'ball')} in each block would show the smallest change that matters.`;
}

/** Moved, clearly, and past what was wanted: what is not clear is whether that is nearer. */
function pastWords(named: readonly NamedChange[], verdict: Verdict): string {
  const [change] = named;
  if (verdict !== 'not yet clear' || change === undefined) return '';
  const { wanted, low, high, beforeMean, afterMean } = change;
  if (wanted === null || low === null || high === null || low * high <= 0) return '';
  return (beforeMean - wanted) * (afterMean - wanted) < 0
    ? ` The ${nameOf(change)} moved, clearly, and past what is wanted: whether it is nearer is not clear.`
    : '';
}

/** Said while the second block is being hit. */
const underWayWords = (named: readonly NamedChange[]): string =>
  ` ${named[0]?.afterCount ?? 0} of a set of ten so far: until it is whole, only a change beyond doubt is called.`;

/** The answer first: the verdict, then the figures it was judged on. */
export function judgementWords(judged: BlockVerdict, units: DisplayUnits): string {
  const { verdict, named, isOpen } = judged;
  if (named.length === 0) return 'Neither block holds the figures this change is judged by.';
  const figures = named.map((change) => {
    const words = namedWords(change, units);
    // The headline is of the change as a whole: a figure that does not bear it says so.
    return change.verdict === verdict
      ? words
      : `${words}, ${HEADLINES[change.verdict].toLowerCase()}`;
  });
  const open = isOpen ? underWayWords(named) : '';
  const past = pastWords(named, verdict);
  return `${HEADLINES[verdict]}: ${figures.join('; ')}.${past}${neededWords(named, verdict)}${open}`;
}

/** The spread, where it says anything. */
export function spreadWords(
  spread: SpreadChange | null,
  figure: ProofFigure,
  units: DisplayUnits,
): string {
  if (spread === null) return '';
  const { unit, of } = unitOf(figure, units);
  const sd = (value: number): string => `${formatNumber(of(value), 1)}${unit}`;
  const sizes = `most within ${sd(spread.beforeSd)} before, ${sd(spread.afterSd)} after`;
  const name = shortFigure(figure).toLowerCase();
  if (spread.state === 'not clear') return `Spread of the ${name}: ${sizes}; no clear change.`;
  return `${capital(name)} is ${spread.state}: ${sizes}.`;
}

/** A proof as CSV: figures in their unit (degrees, m, m/s, mm), positive right or to the toe. */
export const proofCsv = ({ named, others }: BlockVerdict): string =>
  Papa.unparse(
    [...named, ...others].map((change) => ({
      figure: change.figure,
      before: change.beforeMean,
      'balls before': change.beforeCount,
      after: change.afterMean,
      'balls after': change.afterCount,
      wanted: change.wanted,
      difference: change.difference,
      low: change.low,
      high: change.high,
      verdict: 'verdict' in change ? change.verdict : null,
    })),
    { newline: '\n' },
  );

/** The launch data of a station in a line. */
export function stationWords(balls: StationBalls, units: DisplayUnits): string {
  const { figure, count, mean, last } = balls;
  const told = (value: number): string =>
    `${shortFigure(figure).toLowerCase()} ${figureText(figure, value, units)}`;
  return mean === null
    ? `Last ball measured: ${told(last)}.`
    : `${countOf(count, 'ball')} measured at this station: ${told(mean)} on average.`;
}
