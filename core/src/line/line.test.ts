import { formatLength, formatNumber, formatSideAngle, formatSideLength } from './format.ts';
import { asRightHanded } from './hand.ts';
import { faceWord, pathWord, sideOf, startWord } from './words.ts';

// The table of signs and words of the trade (common practice, no source).
const WORDS = [
  ['right', 3, 'in-to-out', 'open', 'push'],
  ['right', -3, 'out-to-in', 'closed', 'pull'],
  ['left', 3, 'out-to-in', 'closed', 'pull'],
  ['left', -3, 'in-to-out', 'open', 'push'],
] as const;

describe('words for a signed angle', () => {
  it.each(WORDS)(
    '%s-handed, %d°: %s path, %s face, %s start',
    (hand, angleDeg, path, face, start) => {
      expect(pathWord(angleDeg, hand)).toBe(path);
      expect(faceWord(angleDeg, hand)).toBe(face);
      expect(startWord(angleDeg, hand)).toBe(start);
    },
  );

  it('keeps the edge of a band inside it', () => {
    expect(startWord(1, 'right', 1)).toBe('straight');
    expect(startWord(1.0001, 'right', 1)).toBe('push');
    expect(faceWord(-1, 'left', 1)).toBe('square');
    expect(sideOf(0)).toBe('none');
    expect(sideOf(-0)).toBe('none');
  });

  it('never turns a zero into a minus zero', () => {
    expect(Object.is(asRightHanded(0, 'left'), 0)).toBe(true);
  });
});

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
