/**
 * The forces on a spinning ball: gravity, drag and Magnus lift on the air-relative velocity, spin decaying along a fixed
 * axis (Smits & Smith 1994). Only the part of the spin square to the air velocity lifts, and the spin ratio is that
 * part's. The same, plainly: testing/equations.ts.
 */
import type { Vec3 } from '../maths/vector.ts';
import { BALL_MASS_KG, BALL_RADIUS_M, GRAVITY_MPS2 } from '../units/units.ts';
import { AERODYNAMICS } from './aero.ts';
import type { Aerodynamics } from './aero.ts';
import type { Air } from './air.ts';
import { powerOf, powerTable } from './power-table.ts';
import { LOWEST_SHARE, windShare } from './wind-profile.ts';

export interface FlightModel {
  readonly aero: Aerodynamics;
  readonly air: Air;
  /** Velocity of the air at the height its speed is stated for, 10 m, m/s, towards the target and to the right. */
  readonly windAlongMps: number;
  readonly windRightMps: number;
}

/** Those of one flight after another: fields, so that nothing is allocated and all flights are compiled as one. */
export class Forces {
  private ax = 0;
  private ay = 0;
  private az = 0;
  private windAlongMps = 0;
  private windRightMps = 0;
  isWindy = false;
  private forcePerSpeed = 0;
  private reynoldsPerSpeed = 0;
  private decay = 0;
  private aero: Aerodynamics = AERODYNAMICS.modern;
  private air: Air | null = null;
  private powers = powerTable(AERODYNAMICS.modern.liftExponent);
  private dragBase = 0;
  private dragPerSpin = 0;
  private liftPerPower = 0;
  private liftExponent = 0;
  maxSpinRatio = 0;
  /** Which side of the spin ratio's cap, and of the lowest height of the wind's profile, forces are taken on. */
  isCapped = false;
  isLow = true;

  /** Takes on a flight. */
  set(model: FlightModel, axis: Vec3): void {
    const { aero, air } = model;
    if (aero !== this.aero || air !== this.air) this.enter(aero, air);
    this.ax = axis[0];
    this.ay = axis[1];
    this.az = axis[2];
    this.windAlongMps = model.windAlongMps;
    this.windRightMps = model.windRightMps;
    this.isWindy = model.windAlongMps !== 0 || model.windRightMps !== 0;
  }

  /** Takes on a ball and an air. */
  private enter(aero: Aerodynamics, air: Air): void {
    this.aero = aero;
    this.air = air;
    const area = Math.PI * BALL_RADIUS_M * BALL_RADIUS_M;
    this.forcePerSpeed = (0.5 * air.densityKgM3 * area) / BALL_MASS_KG;
    this.reynoldsPerSpeed = (air.densityKgM3 * 2 * BALL_RADIUS_M) / air.viscosityPaS;
    this.decay = air.densityKgM3 > 0 ? aero.spinDecay / BALL_RADIUS_M : 0;
    this.powers = powerTable(aero.liftExponent);
    this.dragBase = aero.dragBase;
    this.dragPerSpin = aero.dragPerSpin;
    this.liftPerPower = this.forcePerSpeed * aero.liftFactor;
    this.liftExponent = aero.liftExponent;
    this.maxSpinRatio = aero.maxSpinRatio;
  }

  /**
   * Writes the rates of vx, vy, vz and ω at `at`, of a ball with [vx, vy, vz, ω, height]; its spin ratio, uncapped.
   * Height counts in wind alone.
   */
  write(ball: Float64Array, rates: Float64Array, at: number): number {
    const { ax, ay, az } = this;
    let ux = ball[0]!;
    const uy = ball[1]!;
    let uz = ball[2]!;
    const w = ball[3]!;
    if (this.isWindy) {
      const share = this.isLow ? LOWEST_SHARE : windShare(ball[4]!);
      ux -= this.windAlongMps * share;
      uz -= this.windRightMps * share;
    }
    const squared = ux * ux + uy * uy + uz * uz;
    const speed = Math.sqrt(squared);
    // Magnus force along spin axis × air velocity, whose length is speed · sin(angle).
    const mx = ay * uz - az * uy;
    const my = az * ux - ax * uz;
    const mz = ax * uy - ay * ux;
    const across = Math.sqrt(mx * mx + my * my + mz * mz);
    let raw = 0;
    let ratio = 0;
    let lift = 0;
    if (across > 0 && w > 0) {
      raw = (w * across * BALL_RADIUS_M) / squared;
      ratio = this.isCapped ? this.maxSpinRatio : raw;
      const power = powerOf(ratio, this.liftExponent, this.powers);
      lift = (this.liftPerPower * power * squared) / across;
    }
    let cd = this.dragBase + this.dragPerSpin * ratio;
    if (this.aero.dragWave !== 0) cd += this.aero.dragWave * this.wave(speed);
    const drag = this.forcePerSpeed * cd * speed;
    rates[at] = lift * mx - drag * ux;
    rates[at + 1] = lift * my - drag * uy - GRAVITY_MPS2;
    rates[at + 2] = lift * mz - drag * uz;
    rates[at + 3] = -this.decay * w * speed;
    return raw;
  }

  private wave(speed: number): number {
    const { minReynolds, maxReynolds } = this.aero;
    const inRange = Math.min(Math.max(this.reynoldsPerSpeed * speed, minReynolds), maxReynolds);
    return Math.sin((Math.PI * (inRange - 90_000)) / 200_000);
  }
}
