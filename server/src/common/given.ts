import { ValidateBy, ValidateIf } from 'class-validator';

/** A field that may be left out, but holds a value where it is there: null is none. */
export const IfGiven = (): PropertyDecorator => ValidateIf((_body, value) => value !== undefined);

const INSTANT = /^(\d{4})-\d{2}-\d{2}T\d{2}:\d{2}(?::\d{2}(?:\.\d{1,9})?)?(?:Z|[+-]\d{2}:\d{2})$/;
const FIRST_YEAR = 1900;
const LAST_YEAR = 2200;

/** Returns whether a text is a moment: day, time and zone, in a year that a lesson can be in. */
export function isInstant(value: unknown): boolean {
  if (typeof value !== 'string') return false;
  const year = Number(INSTANT.exec(value)?.[1] ?? NaN);
  return year >= FIRST_YEAR && year <= LAST_YEAR && Number.isFinite(Date.parse(value));
}

/** A moment with its time and zone: `2026` is none. */
export const IsInstant = (): PropertyDecorator =>
  ValidateBy({
    name: 'isInstant',
    validator: {
      validate: isInstant,
      defaultMessage: (args) => `${args?.property ?? ''}: give the day, the time and the zone`,
    },
  });

/** Returns whether a text is a day of the calendar. */
export function isDay(value: unknown): boolean {
  if (typeof value !== 'string' || !/^\d{4}-\d{2}-\d{2}$/.test(value)) return false;
  const at = new Date(`${value}T00:00:00Z`);
  return Number.isFinite(at.getTime()) && at.toISOString().startsWith(value);
}

/** A day of the calendar, `2026-05-04`. */
export const IsDay = (): PropertyDecorator =>
  ValidateBy({
    name: 'isDay',
    validator: {
      validate: isDay,
      defaultMessage: (args) => `${args?.property ?? ''}: give a day, such as 2026-05-04`,
    },
  });
