import { flyBall } from '@loxos/core';
import { loosest, rate } from './measure.mjs';
import { landWithCashKarp, landWithOdex } from './peers.mjs';

const LANDING_ERROR_M = 0.01;
const TOLERANCES = Array.from({ length: 29 }, (_, i) => 10 ** (-1 - i / 4));

const launch = (ballSpeedMps, launchAngleDeg, spinRateRpm, spinAxisTiltDeg, startDirectionDeg) => ({
  ballSpeedMps,
  launchAngleDeg,
  spinRateRpm,
  spinAxisTiltDeg,
  startDirectionDeg,
});
export const CASES = [
  launch(75, 11, 2600, 3, 1),
  launch(66, 13, 3200, -20, -4),
  launch(58, 15, 4600, 8, 2),
  launch(52, 17, 6800, -6, 0),
  launch(42, 25, 9000, 4, -2),
];

const exact = new Map(CASES.map((c) => [c, flyBall(c, { stepError: 1e-10 })]));
const errorOf = (landing, c) =>
  Math.hypot(landing.carryM - exact.get(c).carryM, landing.offlineM - exact.get(c).offlineM);

/** Flights per second of ours and of two packages, each at its loosest tolerance within 1 cm. */
export function benchFlight() {
  const run = (name, fly) => {
    const tolerance = loosest(TOLERANCES, CASES, (t, c) => errorOf(fly(c, t), c), LANDING_ERROR_M);
    return { name, tolerance, perSecond: rate((i) => fly(CASES[i % CASES.length], tolerance)) };
  };
  return [
    run('loxos', (c, t) => flyBall(c, { stepError: t })),
    { name: 'loxos, as shipped', tolerance: 0, perSecond: rate((i) => flyBall(CASES[i % 5])) },
    run('odex 2.0.4', landWithOdex),
    run('ode45-cash-karp 1.1.0', landWithCashKarp),
  ];
}
