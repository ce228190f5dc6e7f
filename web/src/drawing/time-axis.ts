/** The axis of time that pictures of a record share. */
import { addMonths, differenceInMonths, startOfMonth } from 'date-fns';

/** Room beside the first and the last visit, as a share of the time between, and at least, ms. */
const ROOM_SHARE = 0.03;
const LEAST_ROOM_MS = 4 * 864e5;
/** Names of months on a picture at most. */
const MONTHS_SHOWN = 12;

/** Returns the time a picture shows, ms: its visits, in order, with some room beside them. */
export function spanOf(points: readonly { readonly at: string }[]): readonly [number, number] {
  const [first, last] = [Date.parse(points[0]!.at), Date.parse(points.at(-1)!.at)];
  const room = Math.max(LEAST_ROOM_MS, ROOM_SHARE * (last - first));
  return [first - room, last + room];
}

/** Firsts of months between two times, ms, so few that their names fit. */
export function monthsBetween(from: number, to: number, most = MONTHS_SHOWN): number[] {
  const first = startOfMonth(from);
  const months = differenceInMonths(to, first) + 1;
  const step = Math.max(1, Math.ceil(months / most));
  return Array.from({ length: Math.ceil(months / step) + 1 }, (_, n) =>
    addMonths(first, n * step).getTime(),
  ).filter((at) => at >= from && at <= to);
}
