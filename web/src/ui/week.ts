import { addDays, startOfWeek } from 'date-fns';

/** The week round a day, from its Monday, as lessons of it are asked for. */
export function weekOf(day: Date): { readonly from: string; readonly to: string } {
  const first = startOfWeek(day, { weekStartsOn: 1 });
  return { from: first.toISOString(), to: addDays(first, 7).toISOString() };
}
