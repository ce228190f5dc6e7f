/** How the homework of a page goes: how much of what was due is done, and whether it has stopped. */

export interface HomeworkState {
  /** Days due by now that are ticked, of those that are due. */
  readonly done: number;
  readonly due: number;
  /** All days of the page. */
  readonly of: number;
  readonly isStopped: boolean;
}

/** Missed in a row, at the end, before it counts as stopped (common practice, no source). */
export const STOPPED_AFTER = 2;

/** ISO dates; a day is due once it is past. */
export function homeworkState(
  days: readonly string[],
  ticked: readonly string[],
  today: string,
): HomeworkState {
  const due = days.map((day) => day.slice(0, 10)).filter((day) => day < today);
  const isDone = (day: string): boolean => ticked.some((tick) => tick.slice(0, 10) === day);
  const last = [...due].sort().slice(-STOPPED_AFTER);
  return {
    done: due.filter(isDone).length,
    due: due.length,
    of: days.length,
    isStopped: last.length === STOPPED_AFTER && !last.some(isDone),
  };
}
