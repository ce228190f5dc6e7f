// Days and times as the academy's clock has them, wherever the browser stands. A day is text, a moment an instant.
import { addDaysIso, dayIn, instantIn, ownZone, timeIn } from '@loxos/core';
import { keptAccount } from '../api/who.ts';

/** Returns the zone of the academy's days: this browser's until somebody said, and where nobody is signed in. */
export const academyZone = (): string => keptAccount()?.zone ?? ownZone();

export const dayOf = (instant: string): string => dayIn(instant, academyZone());
export const timeOf = (instant: string): string => timeIn(instant, academyZone());
/** Returns the moment of a day and a time as typed: `9:30`. */
export const instantAt = (day: string, time: string): string => instantIn(day, time, academyZone());

export const today = (): string => dayOf(new Date().toISOString());
export const isTodayAt = (instant: string): boolean => dayOf(instant) === today();

/** Returns the moments a day begins and ends at. */
export const spanOf = (from: string, days: number) => ({
  from: instantAt(from, '0:00'),
  to: instantAt(addDaysIso(from, days), '0:00'),
});
