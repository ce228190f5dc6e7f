import { flyBall } from './flight.ts';
import { FAIRWAY, runM } from './ground.ts';
import type { Landing } from './ground.ts';

const landing = (
  landingSpeedMps: number,
  descentAngleDeg: number,
  landingSpinRpm = 2000,
): Landing => ({
  landingSpeedMps,
  descentAngleDeg,
  landingSpinRpm,
});

describe('bounce and roll', () => {
  it('a flat drive runs on, a steep iron stops sooner, a spun wedge checks', () => {
    const drive = runM(landing(30, 35));
    expect(drive).toBeGreaterThan(10);
    expect(drive).toBeLessThan(40);
    expect(runM(landing(25, 48, 5000))).toBeLessThan(drive / 1.8);
    expect(runM(landing(23, 50, 9000))).toBeLessThan(3);
  });

  it('totals the rules’ distance test near 317 yd', () => {
    // R&A / USGA overall distance: 317 yd with 294 yd of carry (from memory).
    const flight = flyBall({
      ballSpeedMps: 175.5 * 0.44704,
      launchAngleDeg: 10,
      startDirectionDeg: 0,
      spinRateRpm: 42 * 60,
      spinAxisTiltDeg: 0,
    });
    const totalYd = (flight.carryM + runM(flight)) / 0.9144;
    expect(Math.abs(totalYd - 317)).toBeLessThan(8);
  });

  it('in its form from 2028 goes beyond the limit, as today’s balls are said to', () => {
    // R&A / USGA notice of 2023: 125 mph head, 11°, 37 rev/s, still 317 yd; it takes 13 to 15 yd from the
    // longest hitters (from memory). Ball speed by the same ratio to the head as in the older form.
    const flight = flyBall({
      ballSpeedMps: (125 / 120) * 175.5 * 0.44704,
      launchAngleDeg: 11,
      startDirectionDeg: 0,
      spinRateRpm: 37 * 60,
      spinAxisTiltDeg: 0,
    });
    const totalYd = (flight.carryM + runM(flight)) / 0.9144;
    expect(totalYd).toBeGreaterThan(320);
    expect(totalYd).toBeLessThan(348);
  });

  it('runs less uphill and more downhill, and less on soft ground', () => {
    const on = (slopeDeg: number, softness = 1) =>
      runM(landing(28, 38), { ...FAIRWAY, slopeDeg, softness });
    expect(on(4)).toBeLessThan(on(0));
    expect(on(-4)).toBeGreaterThan(on(0));
    expect(on(0, 1.4)).toBeLessThan(on(0, 0.4));
  });

  it('a ball that drops dead stays', () => {
    expect(Math.abs(runM(landing(0, 45, 0)))).toBeLessThan(1e-9);
    expect(() => runM(landing(20, 45), { ...FAIRWAY, slopeDeg: 50 })).toThrow('ground.slopeDeg');
  });
});
