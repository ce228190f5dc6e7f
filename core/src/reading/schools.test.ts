import { STANDARD_BAG, headOf } from '../delivery/club.ts';
import { strike } from '../impact/strike.ts';
import { gaussian, seededRandom } from '../maths/random.ts';
import { usualDelivery } from '../testing/deliveries.ts';
import { fitStartShare, predictBySchools } from './schools.ts';
import type { ShareBall } from './schools.ts';

const iron = STANDARD_BAG.find(({ id }) => id === '7-iron')!;

describe('the four start rules', () => {
  it('each start the ball where they say', () => {
    const says = Object.fromEntries(
      predictBySchools(usualDelivery(iron, { clubPathDeg: -4, faceAngleDeg: 2 }), headOf(iron)).map(
        (p) => [p.school, p],
      ),
    );
    expect(says['face-only']!.startDirectionDeg).toBe(2);
    expect(says['path-only']!.startDirectionDeg).toBe(-4);
    expect(says['fixed-split']!.startDirectionDeg).toBeCloseTo(0.75 * 2 + 0.25 * -4, 12);
    expect(says['impact']!.startDirectionDeg).toBeGreaterThan(0);
    expect(says['impact']!.startDirectionDeg).toBeLessThan(2);
    for (const { curveM } of Object.values(says)) expect(curveM).toBeGreaterThan(5);
  });

  it('agree when face and path do', () => {
    for (const p of predictBySchools(
      usualDelivery(iron, { clubPathDeg: 3, faceAngleDeg: 3 }),
      headOf(iron),
    )) {
      expect(p.startDirectionDeg).toBeCloseTo(3, 9);
    }
  });
});

describe('a player’s own share', () => {
  function balls(count: number, spreadDeg: number, seed: number, ruleShare?: number): ShareBall[] {
    const random = seededRandom(seed);
    return Array.from({ length: count }, () => {
      const [face, path] = [spreadDeg * gaussian(random), spreadDeg * gaussian(random) - 2];
      const start = strike(
        usualDelivery(iron, { clubPathDeg: path, faceAngleDeg: face }),
        headOf(iron),
      ).startDirectionDeg;
      const ruled = ruleShare === undefined ? start : ruleShare * face + (1 - ruleShare) * path;
      return {
        faceAngleDeg: face,
        clubPathDeg: path,
        startDirectionDeg: ruled + 0.3 * gaussian(random),
        impactStartDeg: start,
        isWood: false,
      };
    });
  }

  it('comes back from balls that obey a rule, within its interval', () => {
    const fit = fitStartShare(balls(40, 2.5, 1, 0.75));
    expect(fit.share).not.toBeNull();
    if (fit.share === null) return;
    expect(fit.low).toBeLessThan(0.75);
    expect(fit.high).toBeGreaterThan(0.75);
    expect(fit.high - fit.low).toBeLessThan(0.15);
  });

  it('of balls from the collision keeps that school and rules out face only and path only', () => {
    const fit = fitStartShare(balls(40, 2.5, 2));
    if (fit.share === null) throw new Error(fit.reason);
    const ruledOut = fit.schools.filter((s) => s.ruledOut).map((s) => s.school);
    expect(ruledOut).toEqual(expect.arrayContaining(['face-only', 'path-only']));
    expect(ruledOut).not.toContain('impact');
  });

  it('lies in its interval though face and path are misread, for any share', () => {
    const error = { faceAngleDeg: 0.7, clubPathDeg: 0.7 };
    for (const truth of [0.2, 0.5, 0.75, 0.95]) {
      const random = seededRandom(Math.round(100 * truth));
      const misread = balls(120, 2.5, 9, truth).map((ball) => ({
        ...ball,
        faceAngleDeg: ball.faceAngleDeg + error.faceAngleDeg * gaussian(random),
        clubPathDeg: ball.clubPathDeg + error.clubPathDeg * gaussian(random),
      }));
      const fit = fitStartShare(misread, error);
      if (fit.share === null) throw new Error(fit.reason);
      expect(fit.low).toBeLessThan(truth);
      expect(fit.high).toBeGreaterThan(truth);
    }
  });

  it('cannot be told from few balls, or from balls whose face and path agree', () => {
    expect(fitStartShare(balls(5, 2.5, 3)).share).toBeNull();
    const square = balls(20, 0, 4).map((b) => ({ ...b, clubPathDeg: b.faceAngleDeg + 0.1 }));
    const fit = fitStartShare(square);
    expect(fit.share).toBeNull();
    expect(fit.reason).toContain('too close together');
  });
});
