import { findClub, flyBall, headOf, plainDelivery, strike } from '@loxos/core';
import { loosest, rate } from './measure.mjs';
import { landWithCashKarp, landWithOdex } from './peers.mjs';

const LANDING_ERROR_M = 0.01;
const TOLERANCES = Array.from({ length: 33 }, (_, i) => 10 ** (-1 - i / 4));
/** Of the reference: no step so long that the bend where the spin ratio meets its cap is missed. */
const FINE = { tolerance: 1e-10, longestStepS: 0.1 };

const BAG = ['driver', '3-wood', '4-iron', '6-iron', '8-iron', 'pw', 'gw', 'sw', 'lw'];
const DRIVER_SPEEDS_MPS = [28, 38, 46, 55];
const SHAPES = [
  { clubPathDeg: 0, faceAngleDeg: 0 },
  { clubPathDeg: -6, faceAngleDeg: 2 },
  { clubPathDeg: 8, faceAngleDeg: 1 },
];
const WINDS = [null, { speedMps: 6, fromDeg: 0 }, { speedMps: 10, fromDeg: 130 }];

/** Every club at every speed, straight, faded and drawn, in each wind. */
const CASES = BAG.flatMap((id) =>
  DRIVER_SPEEDS_MPS.flatMap((speed) =>
    SHAPES.flatMap((shape) => {
      const club = findClub(id);
      const launch = strike({ ...plainDelivery(club, 'right', speed), ...shape }, headOf(club));
      return WINDS.map((wind) => {
        const from = ((wind?.fromDeg ?? 0) * Math.PI) / 180;
        const metres = wind?.speedMps ?? 0;
        const windMps = [-metres * Math.cos(from), -metres * Math.sin(from)];
        return { launch, windMps, options: wind === null ? {} : { wind } };
      });
    }),
  ),
);

const exact = new Map(CASES.map((c) => [c, landWithOdex(c, FINE.tolerance, FINE.longestStepS)]));
const errorOf = (landing, c) =>
  Math.hypot(landing.carryM - exact.get(c).carryM, landing.offlineM - exact.get(c).offlineM);

/** Flights per second of ours and of two packages, each at its loosest tolerance that lands all of them within 1 cm. */
export function benchFlight() {
  const run = (name, fly) => {
    const tolerance = loosest(TOLERANCES, CASES, (t, c) => errorOf(fly(c, t), c), LANDING_ERROR_M);
    const of = (cases) => rate((i) => fly(cases[i % cases.length], tolerance));
    const [still, windy] = [CASES.filter(isStill), CASES.filter((c) => !isStill(c))];
    return { name, tolerance, perSecond: of(still), inWind: of(windy) };
  };
  const worst = Math.max(...CASES.map((c) => errorOf(flyBall(c.launch, c.options), c)));
  return {
    flights: [
      run('loxos', (c, t) => flyBall(c.launch, { ...c.options, stepError: t })),
      run('odex 2.0.4', landWithOdex),
      run('ode45-cash-karp 1.1.0', landWithCashKarp),
    ],
    cases: CASES.length,
    worstMm: worst * 1000,
    shipped: rate((i) => flyBall(CASES[i % CASES.length].launch)),
  };
}
const isStill = ({ options }) => options.wind === undefined;
