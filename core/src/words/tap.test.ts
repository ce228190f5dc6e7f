import { EMPTY_BALL } from '../intake/quantities.ts';
import { ballOfTap, passDeg, withPass } from '../inverse/eye.ts';
import type { EyeTap } from '../inverse/eye.ts';
import { DEFAULT_DISPLAY_UNITS } from './format.ts';
import { tapWords } from './tap.ts';

const told = (tap: EyeTap, more: object = {}): string =>
  tapWords({ ...EMPTY_BALL, seen: 'eye', ...ballOfTap(tap, 150), ...more }, DEFAULT_DISPLAY_UNITS);

describe('a tapped ball', () => {
  it('is said by what was told of it, and no more', () => {
    expect(told({ start: 'left', bend: 'right' })).toBe('Starts left, bends right.');
    expect(told({ start: 0, bend: 0 })).toBe('Starts on line, does not bend.');
    expect(told({ start: -2, bend: 1 })).toBe('Starts far left, bends a little right.');
    expect(told({ start: 1, bend: -2, strike: 'toe' })).toBe(
      'Starts a little right, bends far left, off the toe.',
    );
    expect(told({ start: 0, bend: 'left' }, { contact: 'thin' })).toBe(
      'Starts on line, bends left, thin.',
    );
    expect(told({ start: 'right', bend: 'left', finishM: -12 })).toBe(
      'Starts right, finishes 12 m left.',
    );
  });

  it('that passed a post is said in degrees', () => {
    const ball = ballOfTap({ start: 'left', bend: 0 }, 150);
    // A hand's breadth, 10 cm, at 4 m: arctan 0.025 = 1.43°.
    expect(passDeg(0.1, 4)).toBeCloseTo(1.4321, 4);
    expect(withPass(ball, 0.1, 4)).toEqual({
      startDirectionDeg: -passDeg(0.1, 4),
      openAmount: null,
    });
    expect(told({ start: 'left', bend: 0 }, { seen: 'post', ...withPass(ball, 0.5, 4) })).toBe(
      'Starts 7° left, does not bend.',
    );
  });
});
