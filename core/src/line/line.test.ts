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
