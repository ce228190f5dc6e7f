import { addDays, startOfMonth, startOfWeek } from 'date-fns';

/** The Monday of the week round a day. */
export const mondayOf = (day: Date): Date => startOfWeek(day, { weekStartsOn: 1 });

/** The week round a day, as lessons of it are asked for. */
export function weekOf(day: Date): { readonly from: string; readonly to: string } {
  const first = mondayOf(day);
  return { from: first.toISOString(), to: addDays(first, 7).toISOString() };
}

/** Weeks a picture of a month has at most. */
const MONTH_WEEKS = 6;

/** The weeks a picture of the month round a day shows. */
export function monthOf(day: Date): { readonly from: string; readonly to: string } {
  const first = mondayOf(startOfMonth(day));
  return { from: first.toISOString(), to: addDays(first, 7 * MONTH_WEEKS).toISOString() };
}
