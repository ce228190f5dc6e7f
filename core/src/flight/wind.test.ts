import type { BallLaunch } from '../impact/launch.ts';
import { flyBall } from './flight.ts';
import { FlightKernel } from './kernel.ts';
import { resolveFlightOptions } from './options.ts';

const drive: BallLaunch = {
  ballSpeedMps: 70,
  launchAngleDeg: 12,
  startDirectionDeg: 0,
  spinRateRpm: 2700,
  spinAxisTiltDeg: 0,
};
const blown = (speedMps: number, fromDeg: number) =>
  flyBall(drive, { wind: { speedMps, fromDeg } });
const still = flyBall(drive);

describe('wind', () => {
  it('from the target shortens and lifts, from behind lengthens', () => {
    const [into, behind] = [blown(6, 0), blown(6, 180)];
    expect(into.carryM).toBeLessThan(still.carryM - 10);
    expect(into.apexM).toBeGreaterThan(still.apexM);
    expect(behind.carryM).toBeGreaterThan(still.carryM + 5);
    // Common practice, no source: a headwind takes more than a tailwind gives.
    expect(still.carryM - into.carryM).toBeGreaterThan(behind.carryM - still.carryM);
  });

  it('from the right blows left, and from the left as far right', () => {
    const [fromRight, fromLeft] = [blown(5, 90), blown(5, -90)];
    expect(fromRight.offlineM).toBeLessThan(-5);
    expect(fromLeft.offlineM).toBeCloseTo(-fromRight.offlineM, 6);
    expect(fromLeft.carryM).toBeCloseTo(fromRight.carryM, 6);
  });

  it('of no speed is none, from wherever', () => {
    expect(blown(0, 137).carryM).toBeCloseTo(still.carryM, 9);
    expect(blown(5, 360).carryM).toBeCloseTo(blown(5, 0).carryM, 6);
  });

  it('follows the 1/7 power of the height: a ball at rest is pushed by its square', () => {
    const { aero, air } = resolveFlightOptions();
    const push = (heightM: number): number => {
      const kernel = new FlightKernel();
      const model = { aero, air, windAlongMps: 0, windRightMps: 5 };
      kernel.start(model, [0, 0, 1], [0, 0, 0], 0, heightM);
      return kernel.rates[2]!;
    };
    expect(push(10) / push(1)).toBeCloseTo(10 ** (2 / 7), 7);
    // Drag of the textbook at the reference height: ½ ρ C_D A v² / m.
    const area = Math.PI * (0.04267 / 2) ** 2;
    expect(push(10)).toBeCloseTo((0.5 * 1.225 * aero.dragBase * area * 25) / 0.04593, 5);
  });
});

describe('thinner air', () => {
  it('carries a drive further and bends it less', () => {
    const sliced = { ...drive, spinAxisTiltDeg: 18 };
    const [low, high] = [flyBall(sliced), flyBall(sliced, { air: { altitudeM: 1800 } })];
    expect(high.carryM).toBeGreaterThan(low.carryM);
    expect(Math.abs(high.curveM) / high.carryM).toBeLessThan(Math.abs(low.curveM) / low.carryM);
  });
});

describe('landing above or below the ball', () => {
  it('is shorter on a raised green, longer on a lower one', () => {
    const at = (landingHeightM: number) => flyBall(drive, { landingHeightM });
    expect(at(10).carryM).toBeLessThan(still.carryM);
    expect(at(-10).carryM).toBeGreaterThan(still.carryM);
    expect(at(10).outcome).toBe('landed');
  });

  it('says when the ball never got so high', () => {
    expect(flyBall(drive, { landingHeightM: 90 })).toMatchObject({ outcome: 'fellShort' });
  });
});

describe('the path sampled', () => {
  it('starts at the ball, ends at the landing, and peaks at the apex', () => {
    const flight = flyBall(drive, { pathPoints: 200 });
    expect(flight.path).toHaveLength(200);
    expect(flight.path[0]).toMatchObject({ timeS: 0, alongM: 0, upM: 0, rightM: 0 });
    expect(flight.path.at(-1)!.alongM).toBeCloseTo(flight.carryM, 6);
    expect(flight.path.at(-1)!.timeS).toBeCloseTo(flight.flightTimeS, 9);
    expect(Math.max(...flight.path.map((p) => p.upM))).toBeCloseTo(flight.apexM, 1);
  });
});
