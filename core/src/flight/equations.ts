/**
 * Equations of motion of a spinning ball: gravity, drag and Magnus lift on the air-relative
 * velocity, spin decaying along a fixed axis (Smits & Smith 1994). Only the part of the spin
 * square to the air velocity lifts, and the spin ratio is that part's.
 *
 * State: [x, y, z, vx, vy, vz, ω], m, m/s, rad/s.
 */
import type { Vec3 } from '../maths/vector.ts';
import { BALL_MASS_KG, BALL_RADIUS_M, GRAVITY_MPS2 } from '../units/units.ts';
import type { Aerodynamics } from './aero.ts';
import type { Air } from './air.ts';
import { LOWEST_WIND_HEIGHT_M } from './tolerances.ts';

export const STATE_SIZE = 7;

/** Height at which a wind speed is stated, m, and the power-law exponent of its profile. */
export const WIND_REFERENCE_M = 10;
export const WIND_EXPONENT = 1 / 7;

/** Relative error of `powerFunction` at which its iteration stops. */
const POWER_ERROR = 1e-13;

/**
 * x ↦ x^exponent for the slowly changing spin ratio of a flight. For the exponent 0.4 of both
 * presets it is the root of q⁵ = x², by Newton from the last value: a third of the cost of `**`,
 * which was over half of a flight's. Anything else, or a start too far off, takes `**`.
 */
export function powerFunction(exponent: number): (x: number) => number {
  if (exponent !== 0.4) return (x) => x ** exponent;
  let q = 0.5;
  return (x) => {
    const square = x * x;
    for (let i = 0; i < 4; i++) {
      const q2 = q * q;
      const next = 0.8 * q + (0.2 * square) / (q2 * q2);
      const change = Math.abs(next - q);
      q = next;
      // The error after a step is twice the square of the change's share.
      if (2 * change * change < POWER_ERROR * q * q) return q;
    }
    return (q = x ** 0.4);
  };
}

export interface FlightModel {
  readonly aero: Aerodynamics;
  readonly air: Air;
  readonly spinAxis: Vec3;
  /** Velocity of the air at WIND_REFERENCE_M, m/s, towards the target and to the right. */
  readonly windAlongMps: number;
  readonly windRightMps: number;
}

/** Writes d(state)/dt of the state at `s` into `out` at `at`. */
export type Derivative = (s: Float64Array, out: Float64Array, at: number) => void;

export function derivativeOf(model: FlightModel): Derivative {
  const { aero, air, windAlongMps, windRightMps } = model;
  const [ax, ay, az] = model.spinAxis;
  const perSpeed = (0.5 * air.densityKgM3 * Math.PI * BALL_RADIUS_M * BALL_RADIUS_M) / BALL_MASS_KG;
  const reynoldsPerSpeed = (air.densityKgM3 * 2 * BALL_RADIUS_M) / air.viscosityPaS;
  const decay = air.densityKgM3 > 0 ? aero.spinDecay / BALL_RADIUS_M : 0;
  const { dragBase, dragPerSpin, dragWave, liftFactor, maxSpinRatio } = aero;
  const power = powerFunction(aero.liftExponent);
  const wave = (re: number): number => {
    const inRange = Math.min(Math.max(re, aero.minReynolds), aero.maxReynolds);
    return Math.sin((Math.PI * (inRange - 90_000)) / 200_000);
  };
  const windy = windAlongMps !== 0 || windRightMps !== 0;

  return (s, out, at) => {
    const vx = s[3]!;
    const vy = s[4]!;
    const vz = s[5]!;
    const w = s[6]!;
    let ux = vx;
    let uz = vz;
    if (windy) {
      const height = Math.max(s[1]!, LOWEST_WIND_HEIGHT_M) / WIND_REFERENCE_M;
      const share = height ** WIND_EXPONENT;
      ux -= windAlongMps * share;
      uz -= windRightMps * share;
    }
    const squared = ux * ux + vy * vy + uz * uz;
    const speed = Math.sqrt(squared);
    // Magnus force along spin axis × air velocity, whose length is speed · sin(angle).
    const mx = ay * uz - az * vy;
    const my = az * ux - ax * uz;
    const mz = ax * vy - ay * ux;
    const crossLength = Math.sqrt(mx * mx + my * my + mz * mz);
    const lifts = crossLength > 0 && w > 0;
    let spinRatio = lifts ? (w * crossLength * BALL_RADIUS_M) / squared : 0;
    if (spinRatio > maxSpinRatio) spinRatio = maxSpinRatio;
    let cd = dragBase + dragPerSpin * spinRatio;
    if (dragWave !== 0) cd += dragWave * wave(reynoldsPerSpeed * speed);
    const drag = perSpeed * cd * speed;
    const cl = lifts ? liftFactor * power(spinRatio) : 0;
    const lift = lifts ? (perSpeed * cl * squared) / crossLength : 0;
    out[at] = vx;
    out[at + 1] = vy;
    out[at + 2] = vz;
    out[at + 3] = lift * mx - drag * ux;
    out[at + 4] = lift * my - drag * vy - GRAVITY_MPS2;
    out[at + 5] = lift * mz - drag * uz;
    out[at + 6] = -decay * w * speed;
  };
}
