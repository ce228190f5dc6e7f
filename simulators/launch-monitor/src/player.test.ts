import type { Hand } from '@loxos/core';
import { sentBall } from './message.ts';
import { PATTERNS, SimulatedPlayer } from './player.ts';
import type { Pattern, TrueBall } from './player.ts';

const mean = (values: readonly number[]): number =>
  values.reduce((sum, value) => sum + value, 0) / values.length;
const sd = (values: readonly number[]): number => {
  const middle = mean(values);
  return Math.sqrt(mean(values.map((value) => (value - middle) ** 2)));
};
function hits(
  pattern: Pattern,
  count: number,
  {
    hand = 'right',
    drillId = null,
    seed = 5,
  }: { hand?: Hand; drillId?: string | null; seed?: number } = {},
): TrueBall[] {
  const player = new SimulatedPlayer(pattern, seed);
  return Array.from({ length: count }, () => player.hit({ hand, drillId }));
}
const pathOf = (balls: readonly TrueBall[]) => balls.map(({ clubPathDeg }) => clubPathDeg);

describe('a simulated player', () => {
  it('has the pattern that was asked for, once warm', () => {
    const warm = hits({ ...PATTERNS.slicer, tiring: 0 }, 400).slice(60);
    expect(mean(pathOf(warm))).toBeCloseTo(-6, 0);
    expect(sd(pathOf(warm))).toBeGreaterThan(1.3);
    expect(sd(pathOf(warm))).toBeLessThan(1.9);
    // A slice of a right-hander ends right of where it starts.
    const bent = warm.map(
      ({ offlineM, carryM, startDirectionDeg }) =>
        offlineM - carryM * Math.sin((startDirectionDeg * Math.PI) / 180),
    );
    expect(mean(bent)).toBeGreaterThan(3);
  });

  it('warms up, and tires', () => {
    const firsts = Array.from({ length: 60 }, (_, seed) =>
      pathOf(hits(PATTERNS.steady, 12, { seed })),
    );
    expect(mean(firsts.map((path) => path[0]!))).toBeLessThan(-0.9);
    expect(Math.abs(mean(firsts.map((path) => path[11]!)))).toBeLessThan(0.8);
    const long = pathOf(hits({ ...PATTERNS.steady, coldDeg: 0, tiring: 1 }, 600));
    expect(sd(long.slice(400))).toBeGreaterThan(2 * sd(long.slice(0, 100)));
  });

  it('answers the drill under way by the side it moves, and its own gain', () => {
    const still = { ...PATTERNS.slicer, coldDeg: 0, tiring: 0, pathSdDeg: 0.01 };
    const plain = mean(pathOf(hits(still, 20)));
    const drilled = mean(pathOf(hits(still, 20, { drillId: 'overhang' })));
    expect(drilled - plain).toBeCloseTo(0.7 * 4, 1);
    expect(mean(pathOf(hits(still, 20, { drillId: 'no such drill' })))).toBeCloseTo(plain, 1);
  });

  it('is the mirror image on the other hand', () => {
    const one = { ...PATTERNS.puller, mishitsOf100: 0 };
    const [right, left] = [hits(one, 5), hits(one, 5, { hand: 'left' })];
    right.forEach((ball, n) => {
      expect(left[n]!.clubPathDeg).toBeCloseTo(-ball.clubPathDeg, 9);
      expect(left[n]!.faceAngleDeg).toBeCloseTo(-ball.faceAngleDeg, 9);
    });
  });

  it('hits the same for the same seed, and others for another', () => {
    expect(hits(PATTERNS.hooker, 8)).toEqual(hits(PATTERNS.hooker, 8));
    expect(pathOf(hits(PATTERNS.hooker, 8, { seed: 6 }))).not.toEqual(
      pathOf(hits(PATTERNS.hooker, 8)),
    );
  });

  it('misses the middle now and then', () => {
    const far = hits({ ...PATTERNS.steady, mishitsOf100: 20 }, 300).filter(
      ({ strikeToeMm }) => Math.abs(strikeToeMm) > 10,
    );
    expect(far.length).toBeGreaterThan(35);
    expect(far.length).toBeLessThan(90);
  });
});

it('says its balls in its own units: a mile 1609.344 m, a yard 0.9144 m', () => {
  const [ball] = hits(PATTERNS.steady, 1);
  const { figures, hitAt } = sentBall(3, new Date('2026-05-01T09:00:00Z'), ball!);
  expect(figures['clubSpeed']).toBeCloseTo((ball!.clubSpeedMps * 3600) / 1609.344, 1);
  expect(figures['carry']).toBeCloseTo(ball!.carryM / 0.9144, 1);
  expect(hitAt).toBe('2026-05-01T09:00:00.000Z');
});
