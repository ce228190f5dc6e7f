import { WORKING_HOURS } from '@loxos/core';

const minutesOf = (time: string): number => {
  const [hours = 0, minutes = 0] = time.split(':').map(Number);
  return 60 * hours + minutes;
};
const timeOf = (minutes: number): string =>
  [Math.floor(minutes / 60), minutes % 60].map((part) => String(part).padStart(2, '0')).join(':');

/**
 * Returns the next free slot of a day in working hours, as a time of day; after them, the first slot of the day. `taken`: the times of
 * lessons on that day; `now`: the time of day where it is today, else null.
 */
export function nextFreeSlot(taken: readonly string[], now: string | null): string {
  const { fromHour, untilHour, slotMinutes, lessonMinutes } = WORKING_HOURS;
  const others = taken.map(minutesOf);
  const isFree = (slot: number): boolean =>
    others.every((other) => Math.abs(slot - other) >= lessonMinutes);
  for (let slot = 60 * fromHour; slot < 60 * untilHour; slot += slotMinutes) {
    const isPast = now !== null && slot + slotMinutes < minutesOf(now);
    if (!isPast && isFree(slot)) return timeOf(slot);
  }
  return timeOf(60 * fromHour);
}
