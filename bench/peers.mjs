// Peers: the same equations of motion handed to general-purpose ODE packages, as their readmes show.
import odex from 'odex';
import ode45 from 'ode45-cash-karp';
import { AERODYNAMICS, STANDARD_AIR, airOf, spinAxisOf, velocityOf } from '@loxos/core';

const RADIUS = 0.04267 / 2;
const MASS = 0.04593;
const GRAVITY = 9.80665;

/** Textbook right-hand side, in a wind along and from the left at 10 m: y = [x, y, z, vx, vy, vz, ω]. */
function equations(launch, [along, right], aero = AERODYNAMICS.modern) {
  const axis = spinAxisOf(launch);
  const k = (0.5 * airOf(STANDARD_AIR).densityKgM3 * Math.PI * RADIUS ** 2) / MASS;
  return (y) => {
    const [, height, , vx, vy, vz, w] = y;
    const share = (Math.max(height, 0.05) / 10) ** (1 / 7);
    const ux = vx - along * share;
    const uz = vz - right * share;
    const speed = Math.hypot(ux, vy, uz);
    const m = [
      axis[1] * uz - axis[2] * vy,
      axis[2] * ux - axis[0] * uz,
      axis[0] * vy - axis[1] * ux,
    ];
    const sine = Math.hypot(...m) / speed;
    const spinRatio = Math.min((w * sine * RADIUS) / speed, aero.maxSpinRatio);
    const drag = k * (aero.dragBase + aero.dragPerSpin * spinRatio) * speed;
    const lift = (k * aero.liftFactor * spinRatio ** aero.liftExponent * speed) / (sine || 1);
    return [
      vx,
      vy,
      vz,
      lift * m[0] - drag * ux,
      lift * m[1] - drag * vy - GRAVITY,
      lift * m[2] - drag * uz,
      (-aero.spinDecay / RADIUS) * w * speed,
    ];
  };
}

const initial = (launch) => [0, 0, 0, ...velocityOf(launch), (launch.spinRateRpm * Math.PI) / 30];

/** Landing by odex: dense output, bisection for the ground. */
export function landWithOdex({ launch, windMps }, tolerance, longestStepS = 30) {
  const f = equations(launch, windMps);
  const solver = new odex.Solver(7);
  solver.denseOutput = true;
  solver.maxStepSize = longestStepS;
  solver.absoluteTolerance = solver.relativeTolerance = tolerance;
  let landing = null;
  solver.solve(
    (_, y) => f(y),
    0,
    initial(launch),
    30,
    (n, from, to, y, dense) => {
      if (n === 1 || y[1] > 0 || y[4] > 0) return undefined;
      let low = from;
      let high = to;
      for (let i = 0; i < 40; i++) {
        const middle = (low + high) / 2;
        if (dense(1, middle) > 0) low = middle;
        else high = middle;
      }
      landing = { carryM: dense(0, low), offlineM: dense(2, low) };
      return false;
    },
  );
  return landing;
}

/** Landing by ode45-cash-karp: adaptive steps, then Hermite interpolation on the last. */
export function landWithCashKarp({ launch, windMps }, tolerance) {
  const f = equations(launch, windMps);
  const right = (out, y) => {
    const d = f(y);
    for (let i = 0; i < 7; i++) out[i] = d[i];
  };
  const solver = ode45(initial(launch), right, 0, 0.01, { tol: tolerance });
  let before = [...solver.y];
  let t = 0;
  while (solver.y[1] > 0 || solver.y[4] > 0) {
    before = [...solver.y];
    t = solver.t;
    solver.step();
  }
  const h = solver.t - t;
  const at = (i, u) => {
    const end = solver.y;
    return (
      (1 + 2 * u) * (1 - u) ** 2 * before[i] +
      u * (1 - u) ** 2 * h * before[i + 3] +
      u * u * (3 - 2 * u) * end[i] +
      u * u * (u - 1) * h * end[i + 3]
    );
  };
  let low = 0;
  let high = 1;
  for (let i = 0; i < 40; i++) {
    const middle = (low + high) / 2;
    if (at(1, middle) > 0) low = middle;
    else high = middle;
  }
  return { carryM: at(0, low), offlineM: at(2, low) };
}
