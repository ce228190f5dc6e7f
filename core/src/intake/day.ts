/** Days and times of balls, as files write them. */
import { format, isExists } from 'date-fns';
import { de } from 'date-fns/locale/de';
import { enGB } from 'date-fns/locale/en-GB';
import { es } from 'date-fns/locale/es';
import { fr } from 'date-fns/locale/fr';
import { sv } from 'date-fns/locale/sv';
import { remembered } from './remembered.ts';

/** What stands first in a day of three numbers: `03/04/2026`. */
export const DAY_ORDERS = ['day-first', 'month-first'] as const;
export type DayOrder = (typeof DAY_ORDERS)[number];

/** A day of some figures by either order, `2026-04-03`; null where it is none. */
type WrittenDay = Readonly<Record<DayOrder, string | null>>;

const DAY =
  /\d{4}\s*[-./年년]\s*\d{1,2}\s*[-./月월]\s*\d{1,2}[日일]?|\d{1,2}[-./]\d{1,2}[-./]\d{2,4}|\d{1,2}\.?(?: de)? \p{L}{3,10}\.?,?(?: de)? \d{4}|\p{L}{3,10}\.? \d{1,2},? \d{4}|\b20\d{6}(?!\d)/u;
/** Seconds or milliseconds since 1970, as machines write moments. */
const EPOCH = /^\d{10}(?:\d{3})?$/;

/** Returns the moment a count of seconds or milliseconds means, in Greenwich; null for any other text. */
function epochIn(text: string): string | null {
  if (!EPOCH.test(text)) return null;
  const count = Number(text);
  return new Date(text.length > 10 ? count : 1000 * count).toISOString();
}

/** Returns whether a text says a moment in universal time, whose days begin anywhere in those of other places. */
export const isUniversal = (text: string): boolean =>
  EPOCH.test(text) || (/:\d{2}(?:[.,]\d+)?\s*Z$/i.test(text) && dayIn(text) !== '');

/** Returns the day in a time as a file writes it, or nothing. */
export const dayIn = (hitAt: string): string =>
  hitAt === '' ? '' : (epochIn(hitAt)?.slice(0, 10) ?? DAY.exec(hitAt)?.[0] ?? '').trim();

const LOCALES = [enGB, de, fr, es, sv];
const WIDTHS = ['wide', 'abbreviated'] as const;

/** Returns the month a text names, from 1 to 12, in any of the languages; null where it names none. */
function monthNamed(text: string): number | null {
  const word = /\p{L}{3,}/u.exec(text)?.[0];
  if (word === undefined) return null;
  for (const { match } of LOCALES) {
    for (const width of WIDTHS) {
      const found = match.month(word, { width });
      // `Sept` has a letter more than the package knows it by.
      if (found !== null && found.rest.length <= 1) return found.value + 1;
    }
  }
  return null;
}

function isoDay(year: number, month: number, day: number): string | null {
  const full = year < 100 ? 2000 + year : year;
  if (full < 1990 || full > 2100 || !isExists(full, month - 1, day)) return null;
  const two = (part: number): string => String(part).padStart(2, '0');
  return `${full}-${two(month)}-${two(day)}`;
}

const either = (day: string | null): WrittenDay => ({ 'day-first': day, 'month-first': day });

function madeOut(text: string): WrittenDay {
  const compact = /^(\d{4})(\d{2})(\d{2})$/.exec(text);
  if (compact !== null)
    return either(isoDay(Number(compact[1]), Number(compact[2]), Number(compact[3])));
  const [a = 0, b = 0, c = 0] = (text.match(/\d+/g) ?? []).map(Number);
  const month = monthNamed(text);
  if (month !== null) return either(isoDay(b, month, a));
  if (a > 31) return either(isoDay(a, b, c));
  const dayFirst = isoDay(c, b, a);
  // Points are written where the day goes first (common practice, no source).
  if (text.includes('.') && dayFirst !== null) return either(dayFirst);
  return { 'day-first': dayFirst, 'month-first': isoDay(c, a, b) };
}

/** The day of a text that `dayIn` found. */
const readDay = remembered(madeOut);

/** Returns the day of a text by an order; null where it cannot be made out, or the order is not known and matters. */
export function isoOf(text: string, order: DayOrder | null): string | null {
  const day = readDay(text);
  if (order !== null) return day[order];
  const can = new Set(DAY_ORDERS.flatMap((one) => day[one] ?? []));
  return can.size === 1 ? [...can][0]! : null;
}

/**
 * Returns what stands first in the days of a file: what all of them can be read by, or else the day where the file is not in
 * English (common practice, no source). Null where both can be, and it matters.
 */
export function dayOrderOf(texts: Iterable<string>, language: string): DayOrder | null {
  const days = [...texts].map(readDay).filter((day) => DAY_ORDERS.some((o) => day[o] !== null));
  if (days.every((day) => day['day-first'] === day['month-first'])) return 'day-first';
  const can = DAY_ORDERS.filter((order) => days.every((day) => day[order] !== null));
  if (can.length === 1) return can[0]!;
  return language === 'English' ? null : 'day-first';
}

/** Returns a day as it is said: `3 April 2026`. */
export const dayWords = (day: string): string => format(new Date(`${day}T12:00:00`), 'd MMMM yyyy');

const TIME = /(\d{1,2}):(\d{2})(?::(\d{2}))?/;
const ZONE = /:\d{2}(?:[.,]\d+)?\s*(Z|[+-]\d{2}:?\d{2})$/i;
const DAY_MS = 24 * 60 * 60 * 1000;

/** Returns whether two moments are of other days, in whatever zones: more than two days apart. */
export const isFarFrom = (one: string, other: string): boolean =>
  Math.abs(Date.parse(one) - Date.parse(other)) > 2 * DAY_MS;

const AFTER_NOON = /p\.?m\b|午後|오후/i;
const BEFORE_NOON = /a\.?m\b|午前|오전/i;

/**
 * Returns the moment in a text, as `2026-04-03T10:12:00+02:00`: its zone only where the text says it, its time as well; null
 * where no day can be made out.
 */
export function momentIn(hitAt: string, order: DayOrder | null): string | null {
  const epoch = epochIn(hitAt);
  if (epoch !== null) return epoch;
  const day = isoOf(dayIn(hitAt), order);
  const time = TIME.exec(hitAt);
  if (day === null || time === null) return day;
  const [, hours = '', minutes = '', seconds = '00'] = time;
  const isHalfDay = AFTER_NOON.test(hitAt) || BEFORE_NOON.test(hitAt);
  const hour = isHalfDay ? (Number(hours) % 12) + (AFTER_NOON.test(hitAt) ? 12 : 0) : Number(hours);
  if (hour > 23 || Number(minutes) > 59 || Number(seconds) > 59) return day;
  const zone = ZONE.exec(hitAt)?.[1]?.toUpperCase() ?? '';
  return `${day}T${String(hour).padStart(2, '0')}:${minutes}:${seconds}${zone}`;
}
