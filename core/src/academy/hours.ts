/** Lessons are booked from and until these hours of the day, a slot at a time (common practice, no source). */
export const WORKING_HOURS = {
  fromHour: 8,
  untilHour: 19,
  slotMinutes: 30,
  lessonMinutes: 60,
} as const;
