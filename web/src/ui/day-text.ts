import { shortDayIn } from '@loxos/core';
import { TZDate } from '@date-fns/tz';
import { format, isValid, parse, parseISO } from 'date-fns';
import { academyZone } from './academy-time.ts';

/** Returns what is formatted: a day as itself, a moment as the academy's clock has it. */
const onTheClock = (iso: string): Date =>
  iso.length === 10 ? parseISO(iso) : new TZDate(Date.parse(iso), academyZone());

/** Returns a day or moment by a pattern of date-fns. */
export const formatDay = (iso: string, pattern: string): string => format(onTheClock(iso), pattern);
/** Returns a day as it is written everywhere: `Wednesday 25 November`. */
export const dayText = (iso: string): string => formatDay(iso, 'EEEE d MMMM');
/** With its time: `Wednesday 25 November, 10:30`. */
export const momentText = (iso: string): string => formatDay(iso, 'EEEE d MMMM, HH:mm');
/** Returns a day where there is little room, and as it is typed: `Wed 25 Nov 2026`. */
export const shortDay = (iso: string): string => shortDayIn(iso, academyZone());

const WRITTEN = [
  'EEE d MMM yyyy',
  'd MMM yyyy',
  'd MMMM yyyy',
  'yyyy-MM-dd',
  'd.M.yyyy',
  'd/M/yyyy',
  'd MMM',
  'd MMMM',
  'd.M.',
] as const;
/** A year further off than this is a slip of the finger. */
const YEARS_NEAR = 20;

/**
 * Returns what was typed as a day, day before month; null where it is none. `today`: whose year it is of where it says none.
 * `yearsAway`: how far off it may be.
 */
export function typedDay(
  text: string,
  today: string,
  yearsAway: number = YEARS_NEAR,
): string | null {
  const near = parseISO(today);
  for (const pattern of WRITTEN) {
    const day = parse(text.trim(), pattern, near);
    if (isValid(day) && Math.abs(day.getFullYear() - near.getFullYear()) <= yearsAway) {
      return format(day, 'yyyy-MM-dd');
    }
  }
  return null;
}

/** A time of day as it is typed: `9:30`, `14:00`. */
export const TIME_PATTERN = /^([01]?\d|2[0-3]):[0-5]\d$/;
export const TIME_TROUBLE = 'Give the time as 14:30.';
