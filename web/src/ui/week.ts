import { addDaysIso } from '@loxos/core';
import { format, parseISO, startOfMonth, startOfWeek } from 'date-fns';
import { spanOf } from './academy-time.ts';

const text = (day: Date): string => format(day, 'yyyy-MM-dd');

/** Returns the Monday of the week round a day. */
export const mondayOf = (day: string): string =>
  text(startOfWeek(parseISO(day), { weekStartsOn: 1 }));

/** Returns the week round a day, as lessons of it are asked for. */
export const weekOf = (day: string) => spanOf(mondayOf(day), 7);

/** Weeks a picture of a month has at most. */
const MONTH_WEEKS = 6;

/** Returns the weeks a picture of the month round a day shows. */
export const monthOf = (day: string) =>
  spanOf(mondayOf(text(startOfMonth(parseISO(day)))), 7 * MONTH_WEEKS);

/** Returns the seven days from a Monday on. */
export const daysFrom = (monday: string): string[] =>
  Array.from({ length: 7 }, (_, n) => addDaysIso(monday, n));
