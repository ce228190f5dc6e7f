import { CAUSE_LINKS } from '../causes/links.ts';
import type { LinkValue } from '../causes/links.ts';
import { findClub } from '../delivery/club.ts';
import { findDrill } from '../drills/catalogue.ts';
import { BALL_QUANTITIES, infoOf } from '../intake/quantities.ts';
import type { BallQuantity } from '../intake/quantities.ts';
import type { Wanted, WantedByClub } from '../plan/wanted.ts';
import { valueWords } from '../words/causes.ts';
import { formatLength, formatSideAngle, formatSideLength, formatSpeed } from '../words/format.ts';
import type { DisplayUnits } from '../words/format.ts';
import { wantedWords } from '../words/plan.ts';
import type { Fields } from './fields.ts';

/** How a reader has figures and moments written. */
export interface WrittenFor {
  readonly units: DisplayUnits;
  /** Writes an instant as the reader's clock has it. */
  readonly momentText: (iso: string) => string;
}

const NAMES: Readonly<Record<string, string>> = {
  asked: 'what the player asks for',
  startsAt: 'day and time',
  bodyNotes: 'body notes',
  lengthUnit: 'distances',
  speedUnit: 'speeds',
  angleStyle: 'angles',
  keep: 'counted',
  openAmount: 'how much it was',
  contact: 'how it was struck',
  blockId: 'block',
  drillIds: 'drills given',
  drillId: 'drill',
  doseStep: 'step of the drill',
  nextLook: 'next look',
  firstRoute: 'which route first',
  feetDeg: 'feet line',
  hipDeg: 'hip line',
  shoulderDeg: 'shoulder line',
  ballCm: 'ball position',
  postM: 'start post',
  wanted: 'wanted flight',
  camera: 'camera',
  report: 'the report being written',
  keepUntil: 'kept until',
  isRecordShown: 'the record on it',
};

/** Returns a field as a coach would name it: `observations.chest` is the chest, `bodyNotes` the body notes. */
export function fieldWords(path: string): string {
  const name = path.slice(path.lastIndexOf('.') + 1);
  const quantity = BALL_QUANTITIES.find((known) => known === name);
  if (quantity !== undefined) return infoOf(quantity).label.toLowerCase();
  const link = CAUSE_LINKS.find(({ id }) => path === `observations.${id}`);
  if (link !== undefined) return link.label.toLowerCase();
  const drill = path.startsWith('stations.') ? findDrill(name) : null;
  if (drill !== null) return `station of ${drill.name}`;
  return (
    NAMES[name] ??
    name
      .replace(/(?:Deg|Share|M)$/, '')
      .replace(/([a-z])([A-Z])/g, '$1 $2')
      .replaceAll('-', ' ')
      .toLowerCase()
  );
}

const KEEPS = {
  auto: 'as the balls say',
  in: 'kept in',
  out: 'left out',
  shown: 'shown, not hit for the record',
} as const;
const OPEN_WORDS = {
  start: 'start not said',
  bend: 'bend not said',
  both: 'start and bend not said',
} as const;

const isOne = <T extends string>(all: Readonly<Record<T, string>>, value: unknown): value is T =>
  typeof value === 'string' && value in all;

const plain = (value: number, digits = 2): string =>
  String(Number(value.toFixed(digits))).replace('-', '−');

/** Returns a figure of a ball with its unit, and its side where it has one. */
export function figureWords(quantity: BallQuantity, value: number, units: DisplayUnits): string {
  const { unit, side } = infoOf(quantity);
  const isSided = side === 'ball' || side === 'club';
  if (unit === 'm')
    return isSided
      ? formatSideLength(value, units.length, 1)
      : formatLength(value, units.length, 1);
  if (unit === 'm/s') return formatSpeed(value, units.speed, 1);
  if (unit === 'deg') return isSided ? formatSideAngle(value, units.angle) : `${plain(value, 1)}°`;
  return `${plain(value)} ${unit}`;
}

/** Returns a number whose name says its unit. */
function numberWords(name: string, value: number, units: DisplayUnits): string {
  const quantity = BALL_QUANTITIES.find((known) => known === name);
  if (quantity !== undefined) return figureWords(quantity, value, units);
  if (BODY_LINES.has(name)) return formatSideAngle(value, units.angle, 0);
  if (name === 'postM') return formatLength(value, units.length, 1);
  if (name.endsWith('Deg')) return `${plain(value)}°`;
  if (name.endsWith('Cm')) return `${plain(value)} cm`;
  if (name.endsWith('Share')) return `${plain(100 * value)} %`;
  return plain(value);
}
const BODY_LINES = new Set(['feetDeg', 'hipDeg', 'shoulderDeg']);

const drillWords = (id: string): string => findDrill(id)?.name ?? 'a drill of your own';

/** Returns a text; an id or a moment by what it stands for. */
function textWords(name: string, text: string, momentText: (iso: string) => string): string {
  if (name === 'keep' && isOne(KEEPS, text)) return KEEPS[text];
  if (name === 'openAmount' && isOne(OPEN_WORDS, text)) return OPEN_WORDS[text];
  if (name === 'startsAt') return momentText(text);
  if (name === 'club') return findClub(text)?.label ?? text;
  if (name === 'drillId') return drillWords(text);
  return `“${text}”`;
}

function wantedIn(value: object): string | null {
  if ('shape' in value) return wantedWords(value as Wanted).toLowerCase();
  if ('all' in value) return wantedWords((value as WantedByClub).all).toLowerCase();
  return null;
}

/** Returns the value of a field in words, with its unit; what has more to it than that is not spelt out. */
export function amountWords(
  path: string,
  value: unknown,
  { units, momentText }: WrittenFor,
): string {
  const name = path.slice(path.lastIndexOf('.') + 1);
  if (value === null || value === undefined || value === '') return 'nothing';
  const link = CAUSE_LINKS.find(({ id }) => path === `observations.${id}`);
  if (link !== undefined) return valueWords(link, value as LinkValue);
  if (typeof value === 'number') return numberWords(name, value, units);
  if (typeof value === 'string') return textWords(name, value, momentText);
  if (typeof value === 'boolean') return value ? 'yes' : 'no';
  if (name === 'drillIds' && Array.isArray(value))
    return value.length === 0 ? 'none' : value.map(drillWords).join(' and ');
  if (name === 'goals' && Array.isArray(value))
    return value.length === 0 ? 'none' : `${value.length} of them`;
  if (name === 'report') return 'a draft';
  return wantedIn(value) ?? 'something else';
}

/** Returns what a change of fields was, field by field: from what to what; empty where a thing was made or taken away. */
export const fromToWords = (before: Fields, after: Fields, written: WrittenFor): string =>
  Object.keys(after)
    .filter((name) => name !== 'deleted')
    .map((name) => {
      const [from, to] = [before[name], after[name]].map((v) => amountWords(name, v, written));
      return from === to
        ? `${fieldWords(name)} changed`
        : `${fieldWords(name)} from ${from} to ${to}`;
    })
    .join(', ');
