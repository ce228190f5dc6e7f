import { WORKING_HOURS } from '@loxos/core';
import { addMinutes, isAfter, isBefore, isSameDay, set } from 'date-fns';

/** The next free slot of a day in working hours; after them, the first slot of the day. */
export function nextFreeSlot(day: Date, taken: readonly Date[], now: Date): Date {
  const { fromHour, untilHour, slotMinutes, lessonMinutes } = WORKING_HOURS;
  const first = set(day, { hours: fromHour, minutes: 0, seconds: 0, milliseconds: 0 });
  const end = set(first, { hours: untilHour });
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
