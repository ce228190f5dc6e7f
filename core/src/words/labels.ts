import { findClub } from '../delivery/club.ts';
import type { ProofFigure } from '../reading/figure.ts';
import type { StartSchool } from '../reading/schools.ts';
import type { Move, RouteId } from '../plan/routes.ts';
import {
  formatLength,
  formatNumber,
  formatSideAngle,
  formatSideLength,
  formatSpeed,
} from './format.ts';
import type { DisplayUnits } from './format.ts';
import { angleText, wordsOf } from './angles.ts';
import type { AngleName } from './angles.ts';
import type { Wording } from './sentence.ts';

/** Returns what a club is called; a club that was not named is not given a name. */
export const clubLabel = (club: string | null, clubText: string | null): string =>
  findClub(club)?.label ?? clubText ?? 'Club not named';

/** Plain names: each bit of jargon with its word. */
export const PLAIN_FIGURES: Readonly<Record<ProofFigure, string>> = {
  clubPathDeg: 'Path (the way the club travels)',
  faceAngleDeg: 'Face (where the clubface points)',
  faceToPathDeg: 'Face to path (what bends the ball)',
  startDirectionDeg: 'Start (where the ball sets off)',
  curveM: 'Bend',
  offlineM: 'From the target line',
  carryM: 'Carry (how far it flies)',
  strikeToeMm: 'Strike (across the face)',
  ballSpeedMps: 'Ball speed',
  clubSpeedMps: 'Club speed',
};
/** Returns the figure's name without its plain explanation. */
export const shortFigure = (name: ProofFigure): string => PLAIN_FIGURES[name].split(' (')[0]!;

/** What a figure is written in, in files, and which way is positive. */
const FILE_UNITS: Readonly<Record<ProofFigure, string>> = {
  clubPathDeg: '° right',
  faceAngleDeg: '° right',
  faceToPathDeg: '° right',
  startDirectionDeg: '° right',
  curveM: 'm right',
  offlineM: 'm right',
  carryM: 'm',
  strikeToeMm: 'mm to the toe',
  ballSpeedMps: 'm/s',
  clubSpeedMps: 'm/s',
};
/** Returns a figure as the head of a column of a file: `Face to path (° right)`. */
export const figureHead = (name: ProofFigure): string =>
  `${shortFigure(name)} (${FILE_UNITS[name]})`;

export const strikeText = (toeMm: number): string => {
  const mm = Math.abs(toeMm).toFixed(0);
  if (mm === '0') return 'the middle';
  return `${mm} mm to the ${toeMm > 0 ? 'toe' : 'heel'}`;
};

/** Returns a figure of a proof in the player's unit. */
export function figureText(name: ProofFigure, value: number, units: DisplayUnits): string {
  if (name === 'strikeToeMm') return strikeText(value);
  if (name.endsWith('Deg')) return formatSideAngle(value, units.angle);
  if (name === 'clubSpeedMps' || name === 'ballSpeedMps') return formatSpeed(value, units.speed, 1);
  if (name === 'carryM') return formatLength(value, units.length);
  return formatSideLength(value, units.length);
}

const ANGLES: ReadonlySet<ProofFigure> = new Set<AngleName>([
  'faceAngleDeg',
  'clubPathDeg',
  'faceToPathDeg',
  'startDirectionDeg',
]);
/** Returns whether a figure is one of the four angles that have words of their own. */
export const isAngle = (name: ProofFigure): name is AngleName => ANGLES.has(name);

/** Returns a figure as golf says it: `path 3° out-to-in`, `strike 12 mm to the toe`. */
export const toldText = (name: ProofFigure, value: number, w: Wording): string =>
  isAngle(name)
    ? angleText(wordsOf(name, value, w.hand, w.bands))
    : figureText(name, value, w.units);

/** An angle known better than this, degrees, is given to a tenth; otherwise whole degrees are all it carries. */
const TENTHS_BELOW_DEG = 0.5;
const digitsOf = (half95Deg: number): number => (half95Deg < TENTHS_BELOW_DEG ? 1 : 0);

/** Returns the size of an angle with no more digits than its error allows. */
export const sureDegrees = (angleDeg: number, half95Deg: number): string =>
  `${formatNumber(Math.abs(angleDeg), digitsOf(half95Deg))}°`;

const SCHOOL_WORDS: Readonly<Record<StartSchool, string>> = {
  impact: 'impact physics',
  'fixed-split': 'the fixed split',
  'face-only': 'face only',
  'path-only': 'path only',
};
export const schoolWords = (school: StartSchool): string => SCHOOL_WORDS[school];

export const ROUTE_LABELS: Readonly<Record<RouteId, string>> = {
  together: 'Together',
  'face-then-path': 'Face first',
  'path-then-face': 'Path first',
  'together-then-face': 'Together, then the face',
  'gap-first': 'Gap first',
  strike: 'Strike',
  aim: 'Aim',
};

export const MOVE_LABELS: Readonly<Record<Move, string>> = {
  path: 'the path',
  face: 'the face',
  together: 'face and path together',
  strike: 'the strike',
  aim: 'the aim',
};
