import { NOTHING_NOTED, isMinorOn, mayOn } from './consent.ts';
import type { Consent } from './consent.ts';

const born = (bornOn: string) => ({ ...NOTHING_NOTED, bornOn });
const consent = (more: Partial<Consent> = {}): Consent => ({
  kind: 'pages',
  until: null,
  notedBy: 'Maren Holt',
  notedOn: '2026-05-04',
  ...more,
});

describe('a minor', () => {
  it.each([
    ['2008-05-05', true],
    ['2008-05-04', false],
    ['2008-05-03', false],
    ['1950-01-01', false],
  ])('is who has not turned eighteen by the day: born %s', (bornOn, isSo) => {
    expect(isMinorOn(born(bornOn), '2026-05-04')).toBe(isSo);
  });

  it('born on a leap day is of age from the first of March', () => {
    expect(isMinorOn(born('2008-02-29'), '2026-02-28')).toBe(true);
    expect(isMinorOn(born('2008-02-29'), '2026-03-01')).toBe(false);
  });

  it('is told from a day of birth, and only without one by what was said', () => {
    expect(isMinorOn({ ...NOTHING_NOTED, isMinor: true }, '2026-05-04')).toBe(true);
    expect(isMinorOn({ ...born('1990-01-01'), isMinor: true }, '2026-05-04')).toBe(false);
    expect(isMinorOn(NOTHING_NOTED, '2026-05-04')).toBe(false);
  });
});

describe('consent', () => {
  const child = (consents: readonly Consent[]) => ({ ...born('2014-01-01'), consents });

  it('is asked for a minor, for each thing by itself, until the day it holds', () => {
    expect(mayOn(child([]), 'pages', '2026-05-04')).toBe(false);
    expect(mayOn(child([consent()]), 'pages', '2026-05-04')).toBe(true);
    expect(mayOn(child([consent()]), 'pictures', '2026-05-04')).toBe(false);
    const until = child([consent({ until: '2026-05-04' })]);
    expect(mayOn(until, 'pages', '2026-05-04')).toBe(true);
    expect(mayOn(until, 'pages', '2026-05-05')).toBe(false);
  });

  it('is no matter for an adult', () => {
    expect(mayOn(born('1990-01-01'), 'pictures', '2026-05-04')).toBe(true);
  });
});
