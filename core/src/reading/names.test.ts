import { nameShot } from './names.ts';
import type { ShotToName } from './names.ts';

const shot = (
  startDirectionDeg: number,
  bendShare: number,
  hand: 'right' | 'left' = 'right',
): ShotToName => ({
  startDirectionDeg,
  curveM: bendShare * 150,
  carryM: 150,
  hand,
});

// The nine names, for a right-hander: start × bend (common practice, no source).
const NINE = [
  [-4, -0.05, 'pull-draw'],
  [-4, -0.12, 'pull-hook'],
  [-4, 0, 'pull'],
  [-4, 0.05, 'pull-fade'],
  [-4, 0.12, 'pull-slice'],
  [0, -0.05, 'draw'],
  [0, -0.12, 'hook'],
  [0, 0, 'straight'],
  [0, 0.05, 'fade'],
  [0, 0.12, 'slice'],
  [4, -0.05, 'push-draw'],
  [4, -0.12, 'push-hook'],
  [4, 0, 'push'],
  [4, 0.05, 'push-fade'],
  [4, 0.12, 'push-slice'],
] as const;

describe('names of shots', () => {
  it.each(NINE)('start %d°, bend %d of carry: %s', (start, bend, name) => {
    expect(nameShot(shot(start, bend)).name).toBe(name);
  });

  it.each(NINE)('mirrored for a left-hander: start %d°, bend %d is a %s', (start, bend, name) => {
    expect(nameShot(shot(-start, -bend, 'left')).name).toBe(name);
  });

  it('says hook or slice wherever it starts, in the other school', () => {
    const name = (start: number, bend: number) => nameShot(shot(start, bend), {}, 'bend-only').name;
    expect(name(4, -0.05)).toBe('hook');
    expect(name(-4, 0.05)).toBe('slice');
    expect(name(-4, 0)).toBe('pull');
  });

  it('says the side alone of a bend nobody gave a size', () => {
    const open = (startDirectionDeg: number, curveM: number, hand: 'right' | 'left') =>
      nameShot({ startDirectionDeg, curveM, carryM: 150, hand, isBendOpen: true });
    expect(open(-4, 13, 'right')).toMatchObject({ name: 'pull, bends right', isOpen: true });
    expect(open(-4, 13, 'left')).toMatchObject({ name: 'push, bends right', strong: false });
    expect(open(0, -13, 'right').name).toBe('bends left');
    expect(open(4, 0, 'right')).toMatchObject({ name: 'push', isOpen: false });
  });

  it('keeps to the coach’s own bands', () => {
    expect(nameShot(shot(1.5, 0.05)).name).toBe('push-fade');
    expect(nameShot(shot(1.5, 0.05), { startStraightDeg: 2, bendNoneShare: 0.06 }).name).toBe(
      'straight',
    );
    expect(() => nameShot(shot(0, 0), { startStraightDeg: -1 })).toThrow('bands.startStraightDeg');
  });

  it('refuses figures that are no numbers', () => {
    expect(() => nameShot({ ...shot(0, 0), curveM: NaN })).toThrow('shot.curveM');
    expect(() => nameShot({ ...shot(0, 0), startDirectionDeg: Infinity })).toThrow(
      'shot.startDirectionDeg',
    );
  });

  it('names a ball without carry by its start', () => {
    expect(nameShot({ startDirectionDeg: 5, curveM: 3, carryM: 0, hand: 'right' }).name).toBe(
      'push',
    );
  });
});
