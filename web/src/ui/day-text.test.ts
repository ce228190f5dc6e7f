import { TIME_PATTERN, dayText, shortDay, typedDay } from './day-text.ts';

const today = '2026-11-25';

it.each([
  ['Wed 25 Nov 2026', '2026-11-25'],
  ['3 Dec 2026', '2026-12-03'],
  ['3 december 2026', '2026-12-03'],
  ['2027-01-09', '2027-01-09'],
  ['9.1.2027', '2027-01-09'],
  ['9/1/2027', '2027-01-09'],
  ['9 Jan', '2026-01-09'],
])('%s is typed for %s: the day before the month', (text, iso) => {
  expect(typedDay(text, today)).toBe(iso);
});

it.each(['', 'soon', '31 Feb 2026', '25/13/2026', '1.1.1926'])('“%s” is no day', (text) => {
  expect(typedDay(text, today)).toBeNull();
});

it('a day is written one way, and what is written is read back', () => {
  expect(dayText('2026-11-25')).toBe('Wednesday 25 November');
  expect(typedDay(shortDay('2026-11-25'), today)).toBe('2026-11-25');
});

it('a time is typed with or without its first nought', () => {
  for (const time of ['9:30', '09:30', '23:59']) expect(time).toMatch(TIME_PATTERN);
  for (const time of ['24:00', '9.30', '9:5', '']) expect(time).not.toMatch(TIME_PATTERN);
});
