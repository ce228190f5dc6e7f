import { convert, fromSi, radPerSToRpm, rpmToRadPerS } from './units.ts';
import { RangeMisuse, requireInRange } from './require.ts';

// NIST Special Publication 811 (2008), appendix B.8: the exact factors.
const NIST = [
  ['yd', 'm', 0.9144],
  ['ft', 'm', 0.3048],
  ['in', 'mm', 25.4],
  ['mph', 'm/s', 0.44704],
  ['km/h', 'm/s', 1 / 3.6],
  ['rev/s', 'rpm', 60],
  ['rad', 'deg', 57.29577951308232],
] as const;

describe('conversions', () => {
  it.each(NIST)('one %s in %s is the tabled %d', (from, to, factor) => {
    expect(convert(1, from, to)).toBeCloseTo(factor, 12);
    expect(convert(factor, to, from)).toBeCloseTo(1, 12);
  });

  it('gives what is displayed from what is stored', () => {
    expect(fromSi(91.44, 'yd')).toBeCloseTo(100, 12);
    expect(radPerSToRpm(rpmToRadPerS(2700))).toBeCloseTo(2700, 9);
  });
});

describe('misuse', () => {
  it.each([NaN, Infinity, -Infinity, '5', null, undefined, 10.01, -0.01])(
    'refuses %p by name',
    (bad) => {
      expect(() => requireInRange('speed', bad, 0, 10, 'm/s')).toThrow(RangeMisuse);
      expect(() => requireInRange('speed', bad, 0, 10, 'm/s')).toThrow(/^speed is .*0 to 10 m\/s/);
    },
  );

  it('lets the ends through', () => {
    expect(requireInRange('speed', 0, 0, 10)).toBe(0);
    expect(requireInRange('speed', 10, 0, 10)).toBe(10);
  });
});
