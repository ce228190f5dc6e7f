/** What a record says, in words: where a number stands, what changed, what the last visit did, what moved what. */
import type { Drill } from '../drills/drill.ts';
import type { Hand } from '../line/hand.ts';
import { faceWord, pathWord } from '../line/words.ts';
import type { Pooled } from '../maths/pooled.ts';
import { NORMAL_975 } from '../maths/statistics.ts';
import type { Proportion } from '../maths/proportion.ts';
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
import { capital, countOf, numberWord, sideWord } from './sentence.ts';

export interface RecordWording {
  readonly hand: Hand;
  readonly units: DisplayUnits;
  /** How a day is written. */
  readonly dayText: (iso: string) => string;
}

const isAngle = (figure: FollowedFigure): boolean => figure.endsWith('Deg');

/** Returns a size in the player's unit, with no more digits than `half95` allows. */
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

/** Returns the word for the side a number lies to, by the hand; the smallest thing there is stays neutral. */
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

/** Returns a number with its word: `2.3° open`, `4° out-to-in`, `3° right`, `12 mm to the toe`. */
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

/** Returns an interval of sizes towards one side: `0.5 to 1.9`; of one estimate there is none. */
function spanText({ value, low, high }: Pooled, digits: number): string {
  if (low === null || high === null) return 'from one';
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
  const what = `${nameOf(figure)}: ${stands} (${countOf(visits, 'visit')})`;
  if (wanted === null) return `${what}.`;
  const where = {
    within: ', as wanted.',
    off: `, ${sizeText(figure, beyond, now.half95, wording.units)} outside the window.`,
    'cannot tell': '. Can’t tell yet if that is as wanted.',
  }[now.state];
  return `${what}${where}`;
}

/** From one to another, the word said once where it is the same: `3° → 7° out-to-in`. */
function fromToStand(
  figure: FollowedFigure,
  { from, to, half95 }: Pick<Change, 'from' | 'to' | 'half95'>,
  wording: Pick<RecordWording, 'hand' | 'units'>,
): string {
  const [a, b] = [from, to].map((value) => standText(figure, value, half95, wording));
  const [size, ...word] = a!.split(' ');
  const isAlike = word.length > 0 && b!.endsWith(` ${word.join(' ')}`);
  return `${isAlike ? size : a} → ${b}`;
}

/** Returns what a change was: `2° → 5° open since 5 Nov`. */
export const changeWords = (
  figure: FollowedFigure,
  change: Pick<Change, 'from' | 'to' | 'half95'>,
  day: string,
  wording: RecordWording,
): string => `${fromToStand(figure, change, wording)} since ${wording.dayText(day)}`;

/** Said where a change came with another source of figures. */
const MAY_BE_SOURCE =
  'Another monitor since, so it may be the monitor. Five balls on each in one day would tell.';

function changedWords(
  { figure, change, at, visitsSince }: Extract<RecordFinding, { kind: 'changed' }>,
  wording: RecordWording,
): string {
  const what = changeWords(figure, change, at, wording);
  const name = nameOf(figure);
  const visits = countOf(visitsSince, 'visit');
  if (change.isOfSource) return `${name} reads ${what}. ${MAY_BE_SOURCE}`;
  if (change.isNearer !== false) return `${name} ${what} (${visits}).`;
  return change.isReturn
    ? `The old ${name.toLowerCase()} is back: ${what} (${visits}).`
    : `${name} the wrong way: ${what} (${visits}).`;
}

/** Returns what the last visit did to what was held, and how surely: `6° more open than before, at least 2°`. */
export function driftWords(
  figure: FollowedFigure,
  drift: Drift,
  { hand, units }: Pick<RecordWording, 'hand' | 'units'>,
): string {
  const size = sizeText(figure, drift.by, drift.half95, units);
  const least = Math.max(0, Math.abs(drift.by) - drift.half95);
  return `${size} more ${towards(figure, drift.by, hand)} than before, at least ${sizeText(figure, least, 0, units)}`;
}

function driftedWords(
  { figure, drift, at }: Extract<RecordFinding, { kind: 'drifted' }>,
  wording: RecordWording,
): string {
  const way = drift.state === 'away' ? 'the wrong way' : 'nearer';
  const what = `${nameOf(figure)} on ${wording.dayText(at)}: ${driftWords(figure, drift, wording)}`;
  return drift.isOfSource ? `${what}. ${MAY_BE_SOURCE}` : `${what}, ${way}.`;
}

const STATE_WORDS: Readonly<Record<Now['state'], string>> = {
  within: 'as wanted',
  off: 'off',
  'cannot tell': 'can’t tell yet',
};
/** Where a figure stands, in a few words: `Path 7° out-to-in, off`; of a miss to both sides the counts. */
export function standingWords(
  { figure, now, target, bothWays }: Pick<Standing, 'figure' | 'now' | 'target' | 'bothWays'>,
  wording: Pick<RecordWording, 'hand' | 'units'>,
): string {
  if (bothWays !== null) {
    const { left, right, of } = bothWays;
    return `Both ways: ${left} left, ${right} right of ${of}`;
  }
  const stands = standText(figure, now.value, now.half95, wording);
  return `${nameOf(figure)} ${stands}${target === null ? '' : `, ${STATE_WORDS[now.state]}`}`;
}

function pooledWords(figure: FollowedFigure, pooled: Pooled, wording: RecordWording): string {
  const { value, count } = pooled;
  const side = towards(figure, value, wording.hand);
  return `${degrees(value)} more ${side} (${countOf(count, 'time')})`;
}

/** Returns a finding as a sentence. */
export function findingWords(finding: RecordFinding, wording: RecordWording): string {
  const { figure } = finding;
  switch (finding.kind) {
    case 'standing':
      return whereWords(finding, wording);
    case 'changed':
      return changedWords(finding, wording);
    case 'steady':
      return `${nameOf(figure)}: no change in ${finding.visits} visits, since ${wording.dayText(finding.since)}.`;
    case 'drifted':
      return driftedWords(finding, wording);
    case 'leans':
      return `${nameOf(figure)} leans ${towards(figure, finding.side, wording.hand)} in the last visits: not a change yet.`;
    case 'slips':
      return `Between visits the ${nameOf(figure).toLowerCase()} comes out ${pooledWords(figure, finding.pooled, wording)}.`;
    case 'warms up':
      return `By the end of a visit the ${nameOf(figure).toLowerCase()} is ${pooledWords(figure, finding.pooled, wording)}.`;
  }
}

/** Returns what a drill moved: `Overhang: path 3° right (4 times).`, or that it can't be told. */
export function movedWords(credit: DrillCredit, drill: Pick<Drill, 'name'> | null): string {
  const { drillId, figure, byDeg, isClear, times } = credit;
  const what = `${drill?.name ?? 'A drill since taken away'}: ${shortFigure(figure).toLowerCase()}`;
  const often = times === 1 ? 'once' : `${times} times`;
  if (!isClear)
    return `${drill?.name ?? drillId}, ${shortFigure(figure).toLowerCase()}: can’t tell yet (${often}).`;
  return `${what} ${degrees(byDeg)} ${sideWord(byDeg)} (${often}).`;
}

/** Returns what a drill moved over all players: `path 2.9° more in-to-out (2.1 to 3.6, 14 players)`. */
export function movedOverAllWords(moved: MovedOverAll, drill: Pick<Drill, 'name'> | null): string {
  const { drillId, figure, pooled, isClear, players } = moved;
  const what = `${drill?.name ?? drillId}, ${shortFigure(figure).toLowerCase()}`;
  const of = countOf(players, 'player');
  if (!isClear) return `${what}: can’t tell yet, ${of}.`;
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

/** Returns the plain score in a sentence; empty where nothing says. */
export function plainWords(score: PlainScore): string {
  const { all } = score;
  if (all.of === 0) return '';
  const asked = PLAIN.filter((name) => score[name].of > 0);
  const count = numberWord(asked.length).toLowerCase();
  return `All ${count} at once (${asked.join(', ')}): ${all.had} of ${all.of}.`;
}

/** Returns a share of landings on the fairway: `14 of 30 (31 to 64 %)`. */
export function fairwayWords(fairway: Proportion | null): string {
  if (fairway === null) return '';
  const per = (share: number): string => formatNumber(100 * share, 0);
  return `${fairway.had} of ${fairway.of} (${per(fairway.low)} to ${per(fairway.high)} %)`;
}

/** Returns what is said where figures of an earlier source stand in a chart; empty where none does. */
export function sourceWords(
  { figure, sources }: Pick<Followed, 'figure' | 'sources'>,
  { hand, units }: Pick<RecordWording, 'hand' | 'units'>,
): string {
  return sources
    .map(({ by, error, days }) => {
      const half95 = NORMAL_975 * error;
      const size = sizeText(figure, by, half95, units);
      const sure = sizeText(figure, half95, 0, units);
      const on = days === 1 ? 'one day' : `${days} days`;
      return `Two monitors, compared on ${on}: the earlier read ${size} more ${towards(figure, by, hand)}, give or take ${sure}. It is drawn as the later reads; which is right is not known.`;
    })
    .join(' ');
}

/** Returns what changed at a visit beside the player: `8 iron`, `another source`. */
export function markText({ club, isSource }: Pick<VisitMark, 'club' | 'isSource'>): string {
  const name = club === null ? null : clubLabel(club, club);
  if (name === null) return 'another source';
  return isSource ? `${name}, another source` : name;
}

/** Returns a followed figure’s name, as a heading. */
export const followedLabel = (figure: FollowedFigure): string => capital(nameOf(figure));
