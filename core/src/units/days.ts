/**
 * Days and times of day in a zone. A day is text (`2026-05-07`) from end to end and a moment an instant (ISO, UTC); what
 * day a moment is on is a question of whose clock, so the zone (an IANA name) comes in.
 */
import { TZDate } from '@date-fns/tz';
import { addMonths, format, parseISO } from 'date-fns';

const two = (value: number): string => String(value).padStart(2, '0');

/** Returns whether a text names a time zone that this machine knows, such as `Europe/London`. */
export function isZone(text: unknown): text is string {
  if (typeof text !== 'string' || text === '') return false;
  try {
    new Intl.DateTimeFormat('en', { timeZone: text });
    return true;
  } catch {
    return false;
  }
}

/** Returns the zone of the machine this runs on. */
export const ownZone = (): string => new Intl.DateTimeFormat('en').resolvedOptions().timeZone;

const inZone = (instant: string, zone: string): TZDate => new TZDate(Date.parse(instant), zone);

/** Returns the day a moment is on in a zone, as text. */
export function dayIn(instant: string, zone: string): string {
  const at = inZone(instant, zone);
  return `${String(at.getFullYear()).padStart(4, '0')}-${two(at.getMonth() + 1)}-${two(at.getDate())}`;
}

/** Returns a day as it is written where there is little room, and as it is typed: `Wed 25 Nov 2026`; a moment's as the zone has it. */
export const shortDayIn = (iso: string, zone: string): string =>
  format(iso.length === 10 ? parseISO(iso) : inZone(iso, zone), 'EEE d MMM yyyy');

/** Where a day begins first. */
const FIRST_ZONE = 'Pacific/Kiritimati';

/** Returns the latest day that it is anywhere at a moment. */
export const latestDayAt = (instant: string): string => dayIn(instant, FIRST_ZONE);

/** Returns the time of day of a moment in a zone: `09:30`. */
export function timeIn(instant: string, zone: string): string {
  const at = inZone(instant, zone);
  return `${two(at.getHours())}:${two(at.getMinutes())}`;
}

/** Returns the moment of a day and time (`9:30`) in a zone; a time that a change of the clock leaves out is the next there is. */
export function instantIn(day: string, time: string, zone: string): string {
  const [year = 0, month = 1, date = 1] = day.split('-').map(Number);
  const [hours = 0, minutes = 0] = time.split(':').map(Number);
  const at = new TZDate(year, month - 1, date, hours, minutes, 0, 0, zone);
  return new Date(at.getTime()).toISOString();
}

/** Returns the day so many days after another, or before. Of a moment's text its day is taken. */
export function addDaysIso(date: string, days: number): string {
  const [year = 0, month = 1, day = 1] = date.slice(0, 10).split('-').map(Number);
  return new Date(Date.UTC(year, month - 1, day + days)).toISOString().slice(0, 10);
}

/** Returns the day so many months after another, or before; the 31st of a shorter month is its last. Of a moment's text its day is taken. */
export function addMonthsIso(date: string, months: number): string {
  const day = new TZDate(`${date.slice(0, 10)}T00:00:00Z`, 'UTC');
  return dayIn(addMonths(day, months).toISOString(), 'UTC');
}

/** Returns how many days one day is after another. */
export const daysBetween = (from: string, to: string): number =>
  Math.round((Date.parse(to.slice(0, 10)) - Date.parse(from.slice(0, 10))) / 86_400_000);
