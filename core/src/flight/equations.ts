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

/** Relative error of a power at which its iteration stops. */
const POWER_ERROR = 1e-13;
/** The exponent of both presets, whose power has a quick way. */
const QUICK_EXPONENT = 0.4;

export interface FlightModel {
  readonly aero: Aerodynamics;
  readonly air: Air;
  readonly spinAxis: Vec3;
  /** Velocity of the air at WIND_REFERENCE_M, m/s, towards the target and to the right. */
  readonly windAlongMps: number;
  readonly windRightMps: number;
}

/**
 * The forces of one flight after another: set once, then asked many times. Fields rather than a
 * closure, so that the one `derivative` is compiled for all flights (a closure cost a fifth of a flight).
 */
export class Forces {
  private ax = 0;
  private ay = 0;
  private az = 0;
  private windAlongMps = 0;
  private windRightMps = 0;
  private windy = false;
  private forcePerSpeed = 0;
  private reynoldsPerSpeed = 0;
  private decay = 0;
  private dragBase = 0;
  private dragPerSpin = 0;
  private dragWave = 0;
  private minReynolds = 0;
  private maxReynolds = 0;
  private liftFactor = 0;
  private liftExponent = QUICK_EXPONENT;
  private maxSpinRatio = 0;
  /** The last power: the next one lies near it. */
  private lastPower = 0.5;

  set({ aero, air, spinAxis, windAlongMps, windRightMps }: FlightModel): void {
    [this.ax, this.ay, this.az] = spinAxis;
    this.windAlongMps = windAlongMps;
    this.windRightMps = windRightMps;
    this.windy = windAlongMps !== 0 || windRightMps !== 0;
    const area = Math.PI * BALL_RADIUS_M * BALL_RADIUS_M;
    this.forcePerSpeed = (0.5 * air.densityKgM3 * area) / BALL_MASS_KG;
    this.reynoldsPerSpeed = (air.densityKgM3 * 2 * BALL_RADIUS_M) / air.viscosityPaS;
    this.decay = air.densityKgM3 > 0 ? aero.spinDecay / BALL_RADIUS_M : 0;
    this.dragBase = aero.dragBase;
    this.dragPerSpin = aero.dragPerSpin;
    this.dragWave = aero.dragWave;
    this.minReynolds = aero.minReynolds;
    this.maxReynolds = aero.maxReynolds;
    this.liftFactor = aero.liftFactor;
    this.liftExponent = aero.liftExponent;
    this.maxSpinRatio = aero.maxSpinRatio;
    // Every flight begins alike, whatever flew before it.
    this.lastPower = 0.5;
  }

  /** Writes d(state)/dt of the state `s` into `out` at `at`. */
  derivative(s: Float64Array, out: Float64Array, at: number): void {
    const vx = s[3]!;
    const vy = s[4]!;
    const vz = s[5]!;
    const w = s[6]!;
    let ux = vx;
    let uz = vz;
    if (this.windy) {
      const height = Math.max(s[1]!, LOWEST_WIND_HEIGHT_M) / WIND_REFERENCE_M;
      const share = height ** WIND_EXPONENT;
      ux -= this.windAlongMps * share;
      uz -= this.windRightMps * share;
    }
    const squared = ux * ux + vy * vy + uz * uz;
    const speed = Math.sqrt(squared);
    // Magnus force along spin axis × air velocity, whose length is speed · sin(angle).
    const mx = this.ay * uz - this.az * vy;
    const my = this.az * ux - this.ax * uz;
    const mz = this.ax * vy - this.ay * ux;
    const crossLength = Math.sqrt(mx * mx + my * my + mz * mz);
    let spinRatio = 0;
    let lift = 0;
    if (crossLength > 0 && w > 0) {
      spinRatio = Math.min((w * crossLength * BALL_RADIUS_M) / squared, this.maxSpinRatio);
      const cl = this.liftFactor * this.power(spinRatio);
      lift = (this.forcePerSpeed * cl * squared) / crossLength;
    }
    let cd = this.dragBase + this.dragPerSpin * spinRatio;
    if (this.dragWave !== 0) cd += this.dragWave * this.wave(speed);
    const drag = this.forcePerSpeed * cd * speed;
    out[at] = vx;
    out[at + 1] = vy;
    out[at + 2] = vz;
    out[at + 3] = lift * mx - drag * ux;
    out[at + 4] = lift * my - drag * vy - GRAVITY_MPS2;
    out[at + 5] = lift * mz - drag * uz;
    out[at + 6] = -this.decay * w * speed;
  }

  private wave(speed: number): number {
    const re = this.reynoldsPerSpeed * speed;
    const inRange = Math.min(Math.max(re, this.minReynolds), this.maxReynolds);
    return Math.sin((Math.PI * (inRange - 90_000)) / 200_000);
  }

  /**
   * x^exponent for the slowly changing spin ratio of a flight. For the exponent 0.4 it is the root
   * of q⁵ = x², by Newton from the last value: a third of the cost of `**`, which was over half of a
   * flight's. Anything else, or a start too far off, takes `**`.
   */
  private power(x: number): number {
    if (this.liftExponent !== QUICK_EXPONENT) return x ** this.liftExponent;
    const square = x * x;
    let q = this.lastPower;
    for (let i = 0; i < 4; i++) {
      const q2 = q * q;
      const next = 0.8 * q + (0.2 * square) / (q2 * q2);
      const change = Math.abs(next - q);
      q = next;
      // The error after a step is twice the square of the change's share.
      if (2 * change * change < POWER_ERROR * q * q) return (this.lastPower = q);
    }
    return (this.lastPower = x ** QUICK_EXPONENT);
  }
}
