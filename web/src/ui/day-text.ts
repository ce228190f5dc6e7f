import { format, isValid, parse, parseISO, startOfDay } from 'date-fns';

/** A day as it is written everywhere: `Wednesday 25 November`. */
export const dayText = (iso: string): string => format(parseISO(iso), 'EEEE d MMMM');
/** With its time: `Wednesday 25 November, 10:30`. */
export const momentText = (iso: string): string => format(parseISO(iso), 'EEEE d MMMM, HH:mm');
/** A day where there is little room, and as it is typed: `Wed 25 Nov 2026`. */
export const shortDay = (iso: string): string => format(parseISO(iso), 'EEE d MMM yyyy');

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

/** What was typed as an ISO date, day before month; null where it is no day. */
export function typedDay(text: string, today: Date): string | null {
  for (const pattern of WRITTEN) {
    const day = parse(text.trim(), pattern, startOfDay(today));
    if (isValid(day) && Math.abs(day.getFullYear() - today.getFullYear()) <= YEARS_NEAR) {
      return format(day, 'yyyy-MM-dd');
    }
  }
  return null;
}

/** A time of day as it is typed: `9:30`, `14:00`. */
export const TIME_PATTERN = /^([01]?\d|2[0-3]):[0-5]\d$/;
export const TIME_TROUBLE = 'Give the time as 14:30.';

/** The instant of a day and a typed time, here. */
export const instantAt = (day: string, time: string): string =>
  new Date(`${day}T${time.padStart(5, '0')}`).toISOString();
