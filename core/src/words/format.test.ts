import { formatLength, formatNumber, formatSideAngle, formatSideLength } from './format.ts';

describe('figures as text', () => {
  it('says the side of an angle', () => {
    expect(formatSideAngle(4.21)).toBe('4.2° R');
    expect(formatSideAngle(-4.21)).toBe('4.2° L');
    expect(formatSideAngle(-0.04)).toBe('0.0°');
    expect(formatSideAngle(-4.21, 'signed')).toBe('−4.2°');
    expect(formatSideAngle(4.21, 'signed')).toBe('+4.2°');
  });

  it('says lengths in the unit asked for', () => {
    expect(formatLength(91.44, 'yd')).toBe('100 yd');
    expect(formatSideLength(-9.144, 'yd')).toBe('10 yd left');
    expect(formatSideLength(0.2, 'm')).toBe('0 m');
    expect(formatNumber(-0.001, 1)).toBe('0.0');
  });
});
