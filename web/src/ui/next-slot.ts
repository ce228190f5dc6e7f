import { addMinutes, isAfter, isBefore, isSameDay, set } from 'date-fns';

/** Lessons are booked from and until these hours, a slot at a time (common practice, no source). */
export const WORKING_HOURS = { from: 8, until: 19, slotMinutes: 30, lessonMinutes: 60 } as const;

/** The next free slot of a day in working hours; after them, the first slot of the day. */
export function nextFreeSlot(day: Date, taken: readonly Date[], now: Date): Date {
  const { from, until, slotMinutes, lessonMinutes } = WORKING_HOURS;
  const first = set(day, { hours: from, minutes: 0, seconds: 0, milliseconds: 0 });
  const end = set(first, { hours: until });
  const isFree = (slot: Date): boolean =>
    !taken.some(
      (other) =>
        isBefore(slot, addMinutes(other, lessonMinutes)) &&
        isAfter(addMinutes(slot, lessonMinutes), other),
    );
  for (let slot = first; isBefore(slot, end); slot = addMinutes(slot, slotMinutes)) {
    const isPast = isSameDay(day, now) && isBefore(addMinutes(slot, slotMinutes), now);
    if (!isPast && isFree(slot)) return slot;
  }
  return first;
}
