/** What a record says, in words: where a number stands, what changed, what the last visit did, what moved what. */
import type { Drill } from '../drills/drill.ts';
import type { Hand } from '../line/hand.ts';
import { faceWord, pathWord } from '../line/words.ts';
import type { Pooled } from '../maths/pooled.ts';
import { NORMAL_975 } from '../maths/statistics.ts';
import type { Proportion } from '../maths/proportion.ts';
import { CHART_DEFAULTS } from '../record/control-chart.ts';
import type { RecordFinding } from '../record/findings.ts';
import type { Change, Drift, Followed, Now } from '../record/follow.ts';
import type { VisitMark } from '../record/marks.ts';
import type { DrillCredit } from '../drills/effect.ts';
import type { MovedOverAll } from '../record/moved.ts';
import { PLAIN } from '../record/plain-score.ts';
import type { Plain, PlainScore } from '../record/plain-score.ts';
import type { FollowedFigure } from '../record/points.ts';
import type { Standing } from '../record/standing.ts';
import { fromSi } from '../units/units.ts';
import { degrees } from './angles.ts';
import { formatNumber, formatSideLength } from './format.ts';
import type { DisplayUnits } from './format.ts';
import { clubLabel, shortFigure, strikeText, sureDegrees } from './labels.ts';
import { capital, countOf, sideWord } from './sentence.ts';

export interface RecordWording {
  readonly hand: Hand;
  readonly units: DisplayUnits;
  /** How a day is written. */
  readonly dayText: (iso: string) => string;
}

const isAngle = (figure: FollowedFigure): boolean => figure.endsWith('Deg');

/** A size in the player's unit, with no more digits than `half95` allows. */
export function sizeText(
  figure: FollowedFigure,
  size: number,
  half95: number,
  units: DisplayUnits,
): string {
  if (isAngle(figure)) return sureDegrees(size, half95);
  if (figure === 'strikeToeMm') return `${formatNumber(Math.abs(size), 0)} mm`;
  return `${formatNumber(Math.abs(fromSi(size, units.length)), 0)} ${units.length}`;
}

/** The word for the side a number lies to, by the hand; the smallest thing there is stays neutral. */
export function towards(figure: FollowedFigure, value: number, hand: Hand): string {
  switch (figure) {
    case 'faceToPathDeg':
    case 'faceAngleDeg':
      return faceWord(value, hand);
    case 'clubPathDeg':
      return pathWord(value, hand);
    case 'strikeToeMm':
      return value > 0 ? 'the toe' : 'the heel';
    default:
      return sideWord(value);
  }
}

/** A number with its word: `2.3° open`, `4° out-to-in`, `3° right`, `12 mm to the toe`. */
export function standText(
  figure: FollowedFigure,
  value: number,
  half95: number,
  { hand, units }: Pick<RecordWording, 'hand' | 'units'>,
): string {
  if (figure === 'strikeToeMm') return strikeText(value);
  if (!isAngle(figure)) return formatSideLength(value, units.length);
  const size = sureDegrees(value, half95);
  return /[1-9]/.test(size) ? `${size} ${towards(figure, value, hand)}` : size;
}

const nameOf = (figure: FollowedFigure): string => shortFigure(figure);

/** An interval of sizes towards one side: `0.5 to 1.9`. */
function spanText({ value, low, high }: Pooled, digits: number): string {
  const sign = value < 0 ? -1 : 1;
  const ends = [sign * low, sign * high].sort((a, b) => a - b);
  return ends.map((end) => formatNumber(end, digits)).join(' to ');
}

function whereWords(
  finding: Extract<RecordFinding, { kind: 'standing' }>,
  wording: RecordWording,
): string {
  const { figure, now, wanted, beyond, visits } = finding;
  const stands = standText(figure, now.value, now.half95, wording);
  const over = visits === 1 ? 'in the one visit' : `over the last ${visits} visits`;
  const asked =
    wanted === null || Math.abs(wanted) < 0.5
      ? 'what is wanted'
      : `the window round the ${standText(figure, wanted, 1, wording)} that is wanted`;
  const where = {
    within: `within ${asked}`,
    off: `${sizeText(figure, beyond, now.half95, wording.units)} outside ${asked}`,
    'cannot tell': `too unsure to say whether that is within ${asked}`,
  }[now.state];
  const ending = wanted === null ? '' : `, ${where}`;
  return `${nameOf(figure)}: ${stands} ${over}${ending}.`;
}

/** What a change was: `2° open until 5 Nov, 5° open since`. */
export function changeWords(
  figure: FollowedFigure,
  { from, to, half95 }: Pick<Change, 'from' | 'to' | 'half95'>,
  day: string,
  wording: RecordWording,
): string {
  const [before, since] = [from, to].map((value) => standText(figure, value, half95, wording));
  return `${before} until ${wording.dayText(day)}, ${since} since`;
}

/** Said where a change came with another source of figures. */
const MAY_BE_SOURCE =
  'another source wrote the figures since, so it may be the monitor: five balls on each on one day tell them apart.';

function changedWords(
  { figure, change, at, visitsSince }: Extract<RecordFinding, { kind: 'changed' }>,
  wording: RecordWording,
): string {
  const what = changeWords(figure, change, at, wording);
  const visits = countOf(visitsSince, 'visit');
  if (change.isOfSource) return `${nameOf(figure)} reads ${what}; ${MAY_BE_SOURCE}`;
  if (change.isNearer !== false) return `${nameOf(figure)} was ${what}: it has held for ${visits}.`;
  return change.isReturn
    ? `${nameOf(figure)} has come back: ${what}, ${visits}.`
    : `${nameOf(figure)} went away from what is wanted: ${what}, ${visits}.`;
}

/** What the last visit did to what was held, and how surely: `6° more open than held before, by 2° at the least`. */
export function driftWords(
  figure: FollowedFigure,
  drift: Drift,
  { hand, units }: Pick<RecordWording, 'hand' | 'units'>,
): string {
  const size = sizeText(figure, drift.by, drift.half95, units);
  const least = Math.max(0, Math.abs(drift.by) - drift.half95);
  return `${size} more ${towards(figure, drift.by, hand)} than held before, by ${sizeText(figure, least, 0, units)} at the least`;
}

function driftedWords(
  { figure, drift, at }: Extract<RecordFinding, { kind: 'drifted' }>,
  wording: RecordWording,
): string {
  const way = drift.state === 'away' ? 'away from' : 'nearer to';
  const ending = drift.isOfSource ? MAY_BE_SOURCE : `${way} what is wanted.`;
  return `On ${wording.dayText(at)} the ${nameOf(figure).toLowerCase()} was ${driftWords(figure, drift, wording)}: ${ending}`;
}

const STATE_WORDS: Readonly<Record<Now['state'], string>> = {
  within: 'as wanted',
  off: 'outside what is wanted',
  'cannot tell': 'not sure yet',
};
/** Where a figure stands, in a few words: `Path 7° out-to-in, outside what is wanted`. */
export const standingWords = (
  { figure, now, target }: Pick<Standing, 'figure' | 'now' | 'target'>,
  wording: Pick<RecordWording, 'hand' | 'units'>,
): string =>
  `${nameOf(figure)} ${standText(figure, now.value, now.half95, wording)}${target === null ? '' : `, ${STATE_WORDS[now.state]}`}`;

function pooledWords(figure: FollowedFigure, pooled: Pooled, wording: RecordWording): string {
  const { value, count } = pooled;
  const side = towards(figure, value, wording.hand);
  return `${formatNumber(Math.abs(value), 1)}° more ${side} (${spanText(pooled, 1)}, ${countOf(count, 'time')})`;
}

/** A finding as a sentence. */
export function findingWords(finding: RecordFinding, wording: RecordWording): string {
  const { figure } = finding;
  switch (finding.kind) {
    case 'standing':
      return whereWords(finding, wording);
    case 'changed':
      return changedWords(finding, wording);
    case 'steady':
      return `No clear change of the ${nameOf(figure).toLowerCase()} in ${finding.visits} visits, since ${wording.dayText(finding.since)}.`;
    case 'drifted':
      return driftedWords(finding, wording);
    case 'leans':
      return `The ${nameOf(figure).toLowerCase()} of the last visits leans ${towards(figure, finding.side, wording.hand)}: not a change yet, but such a lean comes by chance only once in some ${CHART_DEFAULTS.runLength} visits.`;
    case 'slips':
      return `From the end of a visit to the start of the next the ${nameOf(figure).toLowerCase()} comes out ${pooledWords(figure, finding.pooled, wording)}.`;
    case 'warms up':
      return `In ${nameOf(figure).toLowerCase()} the last five balls of a visit are ${pooledWords(figure, finding.pooled, wording)} than the first five.`;
  }
}

/** What a drill moved: `Overhang: path 3° right (4 times).`, or that it can't be told. */
export function movedWords(credit: DrillCredit, drill: Pick<Drill, 'name'> | null): string {
  const { drillId, figure, byDeg, isClear, times } = credit;
  const what = `${drill?.name ?? 'A drill since taken away'}: ${shortFigure(figure).toLowerCase()}`;
  const often = times === 1 ? 'once' : `${times} times`;
  if (!isClear)
    return `${drill?.name ?? drillId}, ${shortFigure(figure).toLowerCase()}: can’t tell yet (${often}).`;
  return `${what} ${degrees(byDeg)} ${sideWord(byDeg)} (${often}).`;
}

/** What a drill moved over all players: `path 2.9° more in-to-out (2.1 to 3.6, 14 players)`. */
export function movedOverAllWords(moved: MovedOverAll, drill: Pick<Drill, 'name'> | null): string {
  const { drillId, figure, pooled, isClear, players } = moved;
  const what = `${drill?.name ?? drillId}, ${shortFigure(figure).toLowerCase()}`;
  const of = countOf(players, 'player');
  if (!isClear) return `${what}: not enough to say, ${of}.`;
  const side = towards(figure, pooled.value, 'right');
  return `${what}: ${formatNumber(Math.abs(pooled.value), 1)}° more ${side} (${spanText(pooled, 1)}, ${of}).`;
}

const PLAIN_WORDS: Readonly<Record<Plain, string>> = {
  face: 'face where it should point',
  strike: 'struck near the middle',
  path: 'path along the line wanted',
  speed: 'the usual speed',
};
export const plainLabel = (name: Plain | 'all'): string =>
  name === 'all' ? 'all of these' : PLAIN_WORDS[name];

/** The plain score in a sentence; empty where nothing says. */
export function plainWords(score: PlainScore): string {
  const { all } = score;
  if (all.of === 0) return '';
  const asked = PLAIN.filter((name) => score[name].of > 0);
  const names = asked.map((name) => PLAIN_WORDS[name]).join(', ');
  return `${all.had} of ${all.of} balls had everything: ${names}.`;
}

/** A share of landings on the fairway: `14 of 30 (31 to 64 %)`. */
export function fairwayWords(fairway: Proportion | null): string {
  if (fairway === null) return '';
  const per = (share: number): string => formatNumber(100 * share, 0);
  return `${fairway.had} of ${fairway.of} (${per(fairway.low)} to ${per(fairway.high)} %)`;
}

/** What is said where figures of an earlier source stand in a chart; empty where none does. */
export function sourceWords(
  { figure, sources }: Pick<Followed, 'figure' | 'sources'>,
  { hand, units }: Pick<RecordWording, 'hand' | 'units'>,
): string {
  return sources
    .map(({ by, error, days }) => {
      const half95 = NORMAL_975 * error;
      const size = sizeText(figure, by, half95, units);
      const sure = sizeText(figure, half95, 0, units);
      return `Two sources of figures were compared on ${days === 1 ? 'one day' : `${days} days`}: the earlier read ${size} more ${towards(figure, by, hand)} than the later (give or take ${sure}), and is drawn as the later reads. Which of them is right is not known.`;
    })
    .join(' ');
}

/** What changed at a visit beside the player: `8 iron`, `another source`. */
export function markText({ club, isSource }: Pick<VisitMark, 'club' | 'isSource'>): string {
  const name = club === null ? null : clubLabel(club, club);
  if (name === null) return 'another source';
  return isSource ? `${name}, another source` : name;
}

/** A followed figure’s name, as a heading. */
export const followedLabel = (figure: FollowedFigure): string => capital(nameOf(figure));
