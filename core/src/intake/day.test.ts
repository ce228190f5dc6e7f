/** Days as files write them: in words of five languages, in figures of any order, as machines count. */
import { dayIn, dayOrderOf, dayWords, isoOf, momentIn } from './day.ts';

describe('a day in a text', () => {
  it.each([
    ['2026-04-03 10:12', '2026-04-03'],
    ['2026/4/3', '2026-04-03'],
    ['20260403', '2026-04-03'],
    ['03.04.2026 10:12', '2026-04-03'],
    ['3.4.26', '2026-04-03'],
    ['3 April 2026', '2026-04-03'],
    ['April 3, 2026 10:12 PM', '2026-04-03'],
    ['3 Sept 2026', '2026-09-03'],
    ['3. März 2026', '2026-03-03'],
    ['3 de abril de 2026', '2026-04-03'],
    ['3 août 2026', '2026-08-03'],
    ['3 okt. 2026', '2026-10-03'],
    ['2026年4月3日', '2026-04-03'],
    ['2026. 4. 3', '2026-04-03'],
    ['2026년 4월 3일 오후 2:05', '2026-04-03'],
    // Seconds and milliseconds of POSIX time: 1,775,211,120 is 2026-04-03 10:12 UTC.
    ['1775211120', '2026-04-03'],
    ['1775211120000', '2026-04-03'],
  ])('%s is %s', (text, day) => {
    expect(isoOf(dayIn(text), null)).toBe(day);
  });

  it.each(['10:12', '', '7 Iron', '152.4', '31.02.2026', '2026-13-01'])('%p has none', (text) => {
    expect(isoOf(dayIn(text), null)).toBeNull();
  });

  it('is known by an order where it could be either way round', () => {
    expect(isoOf('03/04/2026', null)).toBeNull();
    expect(isoOf('03/04/2026', 'day-first')).toBe('2026-04-03');
    expect(isoOf('03/04/2026', 'month-first')).toBe('2026-03-04');
    expect(isoOf('04/04/2026', null)).toBe('2026-04-04');
    expect(dayWords('2026-03-04')).toBe('4 March 2026');
  });
});

describe('what stands first in the days of a file', () => {
  it('is told by any that can be read one way alone, or by its language', () => {
    expect(dayOrderOf(['03/04/2026', '25/04/2026'], 'English')).toBe('day-first');
    expect(dayOrderOf(['03/04/2026', '04/25/2026'], 'English')).toBe('month-first');
    expect(dayOrderOf(['03/04/2026'], 'French')).toBe('day-first');
    expect(dayOrderOf(['03/04/2026'], 'English')).toBeNull();
    expect(dayOrderOf(['2026-04-03', '04/04/2026'], 'English')).not.toBeNull();
  });
});

describe('a moment', () => {
  it.each([
    ['2026-04-03T10:12:30+02:00', '2026-04-03T10:12:30+02:00'],
    ['2026-04-03T10:12:30.125Z', '2026-04-03T10:12:30Z'],
    ['03.04.2026 9:05', '2026-04-03T09:05:00'],
    ['April 3, 2026 12:05 AM', '2026-04-03T00:05:00'],
    ['April 3, 2026 12:05 p.m.', '2026-04-03T12:05:00'],
    ['2026년 4월 3일 오후 2:05', '2026-04-03T14:05:00'],
    ['10:12 3 April 2026', '2026-04-03T10:12:00'],
    ['10:12 03-04-2026', null],
    ['10:12 13-04-2026', '2026-04-13T10:12:00'],
    ['2026-04-03', '2026-04-03'],
    ['2026-04-03 25:61', '2026-04-03'],
    ['1775211120', '2026-04-03T10:12:00.000Z'],
  ])('%s is %s', (text, moment) => {
    expect(momentIn(text, null)).toBe(moment);
  });
});
