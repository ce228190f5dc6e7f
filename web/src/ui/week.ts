import { addDays, startOfWeek } from 'date-fns';

/** The Monday of the week round a day. */
export const mondayOf = (day: Date): Date => startOfWeek(day, { weekStartsOn: 1 });

/** The week round a day, as lessons of it are asked for. */
export function weekOf(day: Date): { readonly from: string; readonly to: string } {
  const first = mondayOf(day);
  return { from: first.toISOString(), to: addDays(first, 7).toISOString() };
}
