/** Whether it happened, in words: the verdict, then the one or two figures it was judged on. */
import Papa from 'papaparse';
import type { Hand } from '../line/hand.ts';
import type { CountChange } from '../proof/counts.ts';
import type { BlockVerdict, FigureChange, NamedChange } from '../proof/judge.ts';
import type { Verdict } from '../proof/verdict.ts';
import type { StationBalls } from '../proof/blocks.ts';
import type { SpreadChange } from '../proof/spread.ts';
import { DOSE } from '../drills/dose.ts';
import type { ProofFigure } from '../reading/figure.ts';
import { fromTo, wordsOf } from './angles.ts';
import { formatLength, formatNumber, formatSideLength, formatSpeed } from './format.ts';
import type { DisplayUnits } from './format.ts';
import { figureHead, isAngle, shortFigure, toldText } from './labels.ts';
import { capital, countOf, numberWord, shareText, sideWord } from './sentence.ts';
import type { Wording } from './sentence.ts';

/** Returns the size of a figure, without a side: `6°`, `12 mm`, `20 m`. */
export function sizeOf(name: ProofFigure, value: number, units: DisplayUnits): string {
  const size = Math.abs(value);
  if (name === 'strikeToeMm') return `${formatNumber(size, 0)} mm`;
  if (name.endsWith('Deg')) return `${formatNumber(size, size < 1 ? 1 : 0)}°`;
  if (name === 'clubSpeedMps' || name === 'ballSpeedMps') return formatSpeed(size, units.speed, 1);
  return formatLength(size, units.length);
}

/** Returns which way a figure went, in golf's words, by the hand; null for one that only grows or shrinks. */
function wayOf(name: ProofFigure, by: number, hand: Hand, { bands }: Wording): string {
  if (name === 'strikeToeMm') return by > 0 ? 'to the toe' : 'to the heel';
  if (isAngle(name) && name !== 'startDirectionDeg') {
    const { word } = wordsOf(name, Math.sign(by) * 90, hand, bands);
    return `more ${word}`;
  }
  if (name === 'carryM' || name === 'clubSpeedMps' || name === 'ballSpeedMps')
    return by < 0 ? 'less' : 'more';
  return sideWord(by);
}

/** Returns a change with its interval, each end with its side: `4° more in-to-out, from 2° to 6°`. */
export function changeText({ figure, difference, low, high }: FigureChange, w: Wording): string {
  const size = (value: number): string => sizeOf(figure, value, w.units);
  const way = (value: number): string => wayOf(figure, value, w.hand, w);
  if (Math.abs(difference) < 1e-9) return 'no change';
  const text = `${size(difference)} ${way(difference)}`;
  if (low === null || high === null) return text;
  const ends = difference < 0 ? [high, low] : [low, high];
  const [from, to] = ends as [number, number];
  return Math.sign(from) === Math.sign(to)
    ? `${text}, from ${size(from)} to ${size(to)}`
    : `${text}, from ${size(from)} ${way(from)} to ${size(to)} ${way(to)}`;
}

const nameOf = ({ figure }: Pick<FigureChange, 'figure'>): string =>
  shortFigure(figure).toLowerCase();

/** From what it was to what it is: `6° → 2° out-to-in`. */
function fromToText({ figure, beforeMean, afterMean }: FigureChange, w: Wording): string {
  const { units, hand, bands } = w;
  if (isAngle(figure))
    return fromTo(
      wordsOf(figure, beforeMean, hand, bands),
      wordsOf(figure, afterMean, hand, bands),
    );
  const [a, b] = [beforeMean, afterMean];
  if (figure === 'strikeToeMm') {
    const off = (mm: number): string => `off the ${mm > 0 ? 'toe' : 'heel'}`;
    const [x, y] = [a, b].map((mm) => `${formatNumber(Math.abs(mm), 0)} mm`);
    return a * b >= 0 ? `${x} → ${y} ${off(a)}` : `${x} ${off(a)} → ${y} ${off(b)}`;
  }
  if (figure === 'curveM' || figure === 'offlineM') {
    const side = (m: number): string => formatSideLength(m, units.length);
    return a * b > 0
      ? `${formatLength(Math.abs(a), units.length)} → ${side(b)}`
      : `${side(a)} → ${side(b)}`;
  }
  return `${sizeOf(figure, a, units)} → ${sizeOf(figure, b, units)}`;
}

const HEADLINES: Readonly<Record<Verdict, string>> = {
  'on plan': 'On plan',
  there: 'There',
  'past it': 'Past it',
  'no real change': 'No change',
  'away from plan': 'The wrong way',
  'not yet clear': 'Can’t tell yet',
};
export const verdictWords = (verdict: Verdict): string => HEADLINES[verdict];

/** Returns how many balls would tell, where these do not. */
function neededWords(change: NamedChange, w: Wording): string {
  if (change.low === null) return 'Three balls in each block are the least that tells.';
  if (change.ballsNeeded === null) return 'They scatter too much to show a small change.';
  const size = sizeOf(change.figure, change.smallest, w.units);
  return `${countOf(change.ballsNeeded, 'ball')} in each block would show ${size}.`;
}

/** Returns a figure that clearly moved, of which it is not clear whether it came nearer. */
const isMoved = ({ verdict, low, high }: NamedChange): boolean =>
  verdict === 'not yet clear' && low !== null && high !== null && low * high > 0;
const movedText = (change: NamedChange, w: Wording): string =>
  `${capital(nameOf(change))} moved, ${fromToText(change, w)}`;

/** Returns the figure that decides, with the verdict. */
function decidingWords(change: NamedChange, w: Wording): string {
  const name = nameOf(change);
  const what = fromToText(change, w);
  if (change.verdict === 'there') return `${capital(name)} is there: ${what}.`;
  if (isMoved(change)) return `${movedText(change, w)}. Can’t tell yet if that is nearer.`;
  const text = `${HEADLINES[change.verdict]}: ${name} ${what}.`;
  return change.verdict === 'not yet clear' ? `${text} ${neededWords(change, w)}` : text;
}

/** Returns a verdict beside the first: it is so `too` only where that is good as well. */
function besideText(verdict: Exclude<Verdict, 'not yet clear'>, first: Verdict): string {
  const too = first === 'on plan' || first === 'there' ? ' too' : '';
  const words: Readonly<Record<typeof verdict, string>> = {
    'on plan': `on plan${too}`,
    there: `there${too}`,
    'past it': 'further than meant',
    'no real change': 'no change',
    'away from plan': 'the wrong way',
  };
  return words[verdict];
}

/** Returns the second figure, which may only object. */
function besideWords(change: NamedChange, first: Verdict, w: Wording): string {
  const name = capital(nameOf(change));
  if (isMoved(change)) return `${movedText(change, w)}: can’t tell yet if that is nearer.`;
  if (change.verdict === 'not yet clear') return `${name} can’t tell yet.`;
  return `${name} ${fromToText(change, w)}: ${besideText(change.verdict, first)}.`;
}

const COUNTED: Readonly<Record<CountChange['figure'], readonly [string, string, string]>> = {
  startDirectionDeg: ['started too far left', 'started off line', 'started too far right'],
  curveM: ['bent too far left', 'bent too much', 'bent too far right'],
  offlineM: ['finished too far left', 'finished wide', 'finished too far right'],
  strikeToeMm: ['came off the heel', 'missed the middle', 'came off the toe'],
};

/** The same of balls of which nobody said how much they bend. */
const BENT = ['bent left', 'bent', 'bent right'] as const;

/** Returns how a figure scatters in two blocks, where it is the spread that was worked on: `4° → 0.6°`. */
export const scatterText = ({ figure, beforeSd, afterSd }: FigureChange, w: Wording): string =>
  `${sizeOf(figure, beforeSd, w.units)} → ${sizeOf(figure, afterSd, w.units)}`;

/** Returns what an eye counted: `6 of 6 started too far left, then 1 of 6`; of the second what it says beside the `first`. */
function countWords(
  { figure, side, before, after, verdict, isSideOnly }: CountChange,
  first: CountChange | null,
): string {
  const what = isSideOnly ? BENT[side + 1] : COUNTED[figure][side + 1];
  const counted = `${shareText(before.had, before.of)} ${what}, then ${after.had === 0 ? 'none' : shareText(after.had, after.of)}`;
  if (first === null) return `${HEADLINES[verdict]}: ${counted}.`;
  if (verdict === 'not yet clear') return `${capital(counted)}.`;
  return `${capital(counted)}: ${besideText(verdict, first.verdict)}.`;
}

/** Ratios of spread that are called half. */
const HALF = [0.4, 0.6] as const;

/** Returns the spread of where they finish: `Half the spread: 43 m → 19 m.` */
function steadiedWords({ verdict, named, isOpen, spread }: BlockVerdict, w: Wording): string {
  const change = named.find(({ figure }) => figure === 'offlineM') ?? named[0]!;
  if (spread === null) return 'Five balls in each block are the least that tells.';
  const { beforeSd, afterSd } = change;
  const sizes = scatterText(change, w);
  if (verdict === 'away from plan') return `The wrong way, more spread: ${sizes}.`;
  if (verdict !== 'on plan') return `Can’t tell yet: spread ${sizes}.${isOpen ? '' : MORE}`;
  const ratio = afterSd / beforeSd;
  if (ratio < HALF[0]) return `Much less spread: ${sizes}.`;
  return `${ratio <= HALF[1] ? 'Half the' : 'Less'} spread: ${sizes}.`;
}
const MORE = ' Ten balls in each block show half of it.';

/** Balls that a set is short of, while it is being hit. */
function toGoWords({ isOpen, named, counts }: BlockVerdict): string {
  const hit = counts[0]?.after.of ?? named[0]?.afterCount ?? 0;
  const left = DOSE.setOf - hit;
  return isOpen && left > 0 ? ` ${numberWord(left)} ${left === 1 ? 'ball' : 'balls'} to go.` : '';
}

/** The counts worth saying: the first, and others of which any ball had it. */
export const toldCounts = ({ counts }: BlockVerdict): CountChange[] =>
  counts.filter(({ before, after }, index) => index === 0 || before.had + after.had > 0);

/** Returns the answer first: the verdict, then the figures it was judged on. */
export function judgementWords(judged: BlockVerdict, w: Wording): string {
  const { named, counts, isSteadied } = judged;
  const [first, second] = named;
  if (first === undefined && counts.length === 0)
    return 'Neither block holds the figures this change is judged by.';
  const toGo = toGoWords(judged);
  if (isSteadied) return `${steadiedWords(judged, w)}${toGo}`;
  if (counts.length > 0)
    return `${toldCounts(judged)
      .map((count, index, all) => countWords(count, index === 0 ? null : all[0]!))
      .join(' ')}${toGo}`;
  const beside = second === undefined ? '' : ` ${besideWords(second, first!.verdict, w)}`;
  return `${decidingWords(first!, w)}${beside}${toGo}`;
}

/** Returns how the balls of the deciding figure scatter, where that says anything. */
export function spreadWords(
  spread: SpreadChange | null,
  name: ProofFigure,
  { units }: Wording,
): string {
  if (spread === null) return '';
  const sizes = `most within ${sizeOf(name, spread.beforeSd, units)}, then ${sizeOf(name, spread.afterSd, units)}`;
  const what = capital(shortFigure(name).toLowerCase());
  if (spread.state === 'not clear') return `${what} ball to ball: ${sizes}. Can’t tell a change.`;
  return `${what} ball to ball: ${sizes}, ${spread.state}.`;
}

/** Returns a proof as CSV: figures in their unit (degrees, m, m/s, mm), positive right or to the toe. */
export const proofCsv = ({ named, others }: BlockVerdict): string =>
  Papa.unparse(
    [...named, ...others.map((other) => ({ ...other, verdict: null }))].map((change) => ({
      figure: figureHead(change.figure),
      before: change.beforeMean,
      'balls before': change.beforeCount,
      after: change.afterMean,
      'balls after': change.afterCount,
      aim: change.wanted,
      change: change.difference,
      'change from': change.low,
      'change to': change.high,
      verdict: change.verdict === null ? null : verdictWords(change.verdict),
    })),
    { newline: '\n' },
  );

/** Returns the launch data of a station in a line. */
export function stationWords({ figure, count, mean, last }: StationBalls, w: Wording): string {
  const told = (value: number): string =>
    `${isAngle(figure) ? shortFigure(figure).toLowerCase() : 'strike'} ${toldText(figure, value, w)}`;
  return mean === null
    ? `Last ball: ${told(last)}.`
    : `${countOf(count, 'ball')} at this station: ${told(mean)} on average.`;
}
