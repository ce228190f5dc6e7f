/** The flight against a general-purpose ODE package: odex, after Hairer, Nørsett & Wanner's ODEX. */
import { landWithOdex } from '../testing/odex-flight.ts';
import { flyBall } from './flight.ts';

const CASES = [
  [
    'drive',
    {
      ballSpeedMps: 75,
      launchAngleDeg: 11,
      spinRateRpm: 2600,
      spinAxisTiltDeg: 3,
      startDirectionDeg: 1,
    },
  ],
  [
    'slice',
    {
      ballSpeedMps: 66,
      launchAngleDeg: 13,
      spinRateRpm: 3200,
      spinAxisTiltDeg: 28,
      startDirectionDeg: -4,
    },
  ],
  [
    'mid iron',
    {
      ballSpeedMps: 52,
      launchAngleDeg: 17,
      spinRateRpm: 6800,
      spinAxisTiltDeg: -6,
      startDirectionDeg: 0,
    },
  ],
  [
    'wedge',
    {
      ballSpeedMps: 38,
      launchAngleDeg: 29,
      spinRateRpm: 9500,
      spinAxisTiltDeg: 4,
      startDirectionDeg: -2,
    },
  ],
] as const;

describe('against odex', () => {
  it.each(CASES)('a %s lands in the same place within 1 cm', (_name, ball) => {
    const peer = landWithOdex(ball, 1e-9);
    const own = flyBall(ball);
    expect(Math.hypot(own.carryM - peer.carryM, own.offlineM - peer.offlineM)).toBeLessThan(0.01);
    const fine = flyBall(ball, { stepError: 1e-9 });
    expect(Math.hypot(fine.carryM - peer.carryM, fine.offlineM - peer.offlineM)).toBeLessThan(1e-4);
  });
});
