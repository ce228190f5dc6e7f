/**
 * The flight of one ball, step by step: gravity, drag and Magnus lift on the air-relative velocity, spin
 * decaying along a fixed axis (Smits & Smith 1994). Only the part of the spin square to the air velocity lifts,
 * and the spin ratio is that part's. The same, plainly: testing/equations.ts.
 *
 * Steps by Dormand & Prince (1980), J. Comp. Appl. Math. 6:19, the embedded pair of orders 5 and 4. Forces depend
 * on the velocity (vx, vy, vz), the spin ω and, in wind, the height; so only their rates are kept for each
 * stage, and positions follow by the same weights taken twice. Within a step the height is the quintic through
 * height, climb and its rate at both ends (Hermite), whose roots are landing and apex.
 */
import type { Vec3 } from '../maths/vector.ts';
import { rootOf } from '../maths/root.ts';
import { BALL_MASS_KG, BALL_RADIUS_M, GRAVITY_MPS2 } from '../units/units.ts';
import { AERODYNAMICS } from './aero.ts';
import type { Aerodynamics } from './aero.ts';
import type { Air } from './air.ts';
import { powerOf, powerTable } from './power-table.ts';
import { Quintic } from './quintic.ts';
import { LOWEST_WIND_HEIGHT_M } from './tolerances.ts';

/** Height at which a wind speed is stated, m, and the power-law exponent of its profile. */
export const WIND_REFERENCE_M = 10;
export const WIND_EXPONENT = 1 / 7;

export interface FlightModel {
  readonly aero: Aerodynamics;
  readonly air: Air;
  /** Velocity of the air at WIND_REFERENCE_M, m/s, towards the target and to the right. */
  readonly windAlongMps: number;
  readonly windRightMps: number;
}

// The pair's weights: of stages in stages, of stages in the step, and of the difference of the two orders.
const A21 = 1 / 5;
const A31 = 3 / 40;
const A32 = 9 / 40;
const A41 = 44 / 45;
const A42 = -56 / 15;
const A43 = 32 / 9;
const A51 = 19372 / 6561;
const A52 = -25360 / 2187;
const A53 = 64448 / 6561;
const A54 = -212 / 729;
const A61 = 9017 / 3168;
const A62 = -355 / 33;
const A63 = 46732 / 5247;
const A64 = 49 / 176;
const A65 = -5103 / 18656;
const B1 = 35 / 384;
const B3 = 500 / 1113;
const B4 = 125 / 192;
const B5 = -2187 / 6784;
const B6 = 11 / 84;
const E1 = 71 / 57600;
const E3 = -71 / 16695;
const E4 = 71 / 1920;
const E5 = -17253 / 339200;
const E6 = 22 / 525;
const E7 = -1 / 40;
// When each stage is, and the same weights taken twice: of the rates of the velocity in the position.
const C2 = A21;
const C3 = A31 + A32;
const C4 = A41 + A42 + A43;
const C5 = A51 + A52 + A53 + A54;
const P31 = A32 * A21;
const P41 = A42 * A21 + A43 * A31;
const P42 = A43 * A32;
const P51 = A52 * A21 + A53 * A31 + A54 * A41;
const P52 = A53 * A32 + A54 * A42;
const P53 = A54 * A43;
const P61 = A62 * A21 + A63 * A31 + A64 * A41 + A65 * A51;
const P62 = A63 * A32 + A64 * A42 + A65 * A52;
const P63 = A64 * A43 + A65 * A53;
const P64 = A65 * A54;
const Q1 = B3 * A31 + B4 * A41 + B5 * A51 + B6 * A61;
const Q2 = B3 * A32 + B4 * A42 + B5 * A52 + B6 * A62;
const Q3 = B4 * A43 + B5 * A53 + B6 * A63;
const Q4 = B5 * A54 + B6 * A64;
const Q5 = B6 * A65;

/** How many times its height a ball rising in wind may rise in a step. */
const LAYERS = 6;
/** A spin ratio this near to its cap, as a share of it, is looked at within the step too. */
const GRAZING = 0.1;
/** A share of a step at which the spin ratio is at its cap is found to this. */
const CAP_SHARE = 1e-4;
/** Where the last stage's rates begin. */
export const LAST_RATES = 24;
/** Room for rates that are no stage's. */
const SPARE_RATES = 28;

const WIND_POWERS = powerTable(WIND_EXPONENT);
const LOWEST_SHARE = (LOWEST_WIND_HEIGHT_M / WIND_REFERENCE_M) ** WIND_EXPONENT;
/** What a power of heights in units of 1 m and 100 m is to be multiplied by: a table holds two powers of ten. */
const OF_METRES = (1 / WIND_REFERENCE_M) ** WIND_EXPONENT;
const OF_HUNDREDS = (100 / WIND_REFERENCE_M) ** WIND_EXPONENT;

/** The wind at a height as a share of that at WIND_REFERENCE_M. */
function windShare(heightM: number): number {
  if (heightM <= LOWEST_WIND_HEIGHT_M) return LOWEST_SHARE;
  if (heightM < 1) return OF_METRES * powerOf(heightM, WIND_EXPONENT, WIND_POWERS);
  return OF_HUNDREDS * powerOf(heightM / 100, WIND_EXPONENT, WIND_POWERS);
}

/** The memory of a flight: made once and used again by each, so that nothing is allocated. */
export class FlightKernel {
  /** The ball now: x, y, z, vx, vy, vz, ω; m, m/s, rad/s. */
  readonly state = new Float64Array(7);
  /** The ball at the end of the last trial step. */
  readonly next = new Float64Array(7);
  /** Rates of the seven stages: of vx, vy, vz, ω. */
  readonly rates = new Float64Array(32);
  /** The stage whose rates are asked for: vx, vy, vz, ω and, in wind, the height. */
  private readonly stage = new Float64Array(5);
  private readonly curves = [new Quintic(), new Quintic(), new Quintic()] as const;
  private ax = 0;
  private ay = 0;
  private az = 0;
  private windAlongMps = 0;
  private windRightMps = 0;
  private isWindy = false;
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
  private maxSpinRatio = 0;
  /** Which side of the spin ratio's cap, and of the lowest height of the wind's profile, forces are taken on. */
  private isCapped = false;
  private isLow = true;
  /** The spin ratio, uncapped, at the ball now and at the end of the last trial step. */
  private ratio = 0;
  private nextRatio = 0;
  /** Where the last trial step goes through each, as a share of it; 1 where it does not. */
  private capShare = 1;
  private lowShare = 1;

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

  /** Begins a flight. */
  start(model: FlightModel, axis: Vec3, velocity: Vec3, spinRadPerS: number, heightM = 0): void {
    const { aero, air } = model;
    if (aero !== this.aero || air !== this.air) this.enter(aero, air);
    this.ax = axis[0];
    this.ay = axis[1];
    this.az = axis[2];
    this.windAlongMps = model.windAlongMps;
    this.windRightMps = model.windRightMps;
    this.isWindy = model.windAlongMps !== 0 || model.windRightMps !== 0;
    const { state } = this;
    state[0] = 0;
    state[1] = heightM;
    state[2] = 0;
    state[3] = velocity[0];
    state[4] = velocity[1];
    state[5] = velocity[2];
    state[6] = spinRadPerS;
    const isLow = heightM < LOWEST_WIND_HEIGHT_M;
    this.turnTo(false, isLow);
    if (this.ratio > aero.maxSpinRatio) this.turnTo(true, isLow);
  }

  /** Tries a step of `h` seconds from `state` into `next`; the largest local error of the velocity, m/s. */
  attempt(h: number): number {
    const { state, next, rates, stage, isWindy } = this;
    const y = state[1]!;
    const vx = state[3]!;
    const vy = state[4]!;
    const vz = state[5]!;
    const w = state[6]!;
    const hh = h * h;
    const x1 = rates[0]!;
    const y1 = rates[1]!;
    const z1 = rates[2]!;
    const w1 = rates[3]!;
    stage[0] = vx + h * A21 * x1;
    stage[1] = vy + h * A21 * y1;
    stage[2] = vz + h * A21 * z1;
    stage[3] = w + h * A21 * w1;
    if (isWindy) stage[4] = y + h * C2 * vy;
    this.rateStage(4);
    const x2 = rates[4]!;
    const y2 = rates[5]!;
    const z2 = rates[6]!;
    stage[0] = vx + h * (A31 * x1 + A32 * x2);
    stage[1] = vy + h * (A31 * y1 + A32 * y2);
    stage[2] = vz + h * (A31 * z1 + A32 * z2);
    stage[3] = w + h * (A31 * w1 + A32 * rates[7]!);
    if (isWindy) stage[4] = y + h * C3 * vy + hh * P31 * y1;
    this.rateStage(8);
    const x3 = rates[8]!;
    const y3 = rates[9]!;
    const z3 = rates[10]!;
    const w3 = rates[11]!;
    stage[0] = vx + h * (A41 * x1 + A42 * x2 + A43 * x3);
    stage[1] = vy + h * (A41 * y1 + A42 * y2 + A43 * y3);
    stage[2] = vz + h * (A41 * z1 + A42 * z2 + A43 * z3);
    stage[3] = w + h * (A41 * w1 + A42 * rates[7]! + A43 * w3);
    if (isWindy) stage[4] = y + h * C4 * vy + hh * (P41 * y1 + P42 * y2);
    this.rateStage(12);
    const x4 = rates[12]!;
    const y4 = rates[13]!;
    const z4 = rates[14]!;
    const w4 = rates[15]!;
    stage[0] = vx + h * (A51 * x1 + A52 * x2 + A53 * x3 + A54 * x4);
    stage[1] = vy + h * (A51 * y1 + A52 * y2 + A53 * y3 + A54 * y4);
    stage[2] = vz + h * (A51 * z1 + A52 * z2 + A53 * z3 + A54 * z4);
    stage[3] = w + h * (A51 * w1 + A52 * rates[7]! + A53 * w3 + A54 * w4);
    if (isWindy) stage[4] = y + h * C5 * vy + hh * (P51 * y1 + P52 * y2 + P53 * y3);
    this.rateStage(16);
    const x5 = rates[16]!;
    const y5 = rates[17]!;
    const z5 = rates[18]!;
    const w5 = rates[19]!;
    stage[0] = vx + h * (A61 * x1 + A62 * x2 + A63 * x3 + A64 * x4 + A65 * x5);
    stage[1] = vy + h * (A61 * y1 + A62 * y2 + A63 * y3 + A64 * y4 + A65 * y5);
    stage[2] = vz + h * (A61 * z1 + A62 * z2 + A63 * z3 + A64 * z4 + A65 * z5);
    stage[3] = w + h * (A61 * w1 + A62 * rates[7]! + A63 * w3 + A64 * w4 + A65 * w5);
    if (isWindy) stage[4] = y + h * vy + hh * (P61 * y1 + P62 * y2 + P63 * y3 + P64 * y4);
    this.rateStage(20);
    const x6 = rates[20]!;
    const y6 = rates[21]!;
    const z6 = rates[22]!;
    next[0] = state[0]! + h * vx + hh * (Q1 * x1 + Q2 * x2 + Q3 * x3 + Q4 * x4 + Q5 * x5);
    next[1] = y + h * vy + hh * (Q1 * y1 + Q2 * y2 + Q3 * y3 + Q4 * y4 + Q5 * y5);
    next[2] = state[2]! + h * vz + hh * (Q1 * z1 + Q2 * z2 + Q3 * z3 + Q4 * z4 + Q5 * z5);
    next[3] = vx + h * (B1 * x1 + B3 * x3 + B4 * x4 + B5 * x5 + B6 * x6);
    next[4] = vy + h * (B1 * y1 + B3 * y3 + B4 * y4 + B5 * y5 + B6 * y6);
    next[5] = vz + h * (B1 * z1 + B3 * z3 + B4 * z4 + B5 * z5 + B6 * z6);
    next[6] = w + h * (B1 * w1 + B3 * w3 + B4 * w4 + B5 * w5 + B6 * rates[23]!);
    this.nextRatio = this.rateAt(next, LAST_RATES);
    const ex = E1 * x1 + E3 * x3 + E4 * x4 + E5 * x5 + E6 * x6 + E7 * rates[24]!;
    const ey = E1 * y1 + E3 * y3 + E4 * y4 + E5 * y5 + E6 * y6 + E7 * rates[25]!;
    const ez = E1 * z1 + E3 * z3 + E4 * z4 + E5 * z5 + E6 * z6 + E7 * rates[26]!;
    return h * Math.max(Math.abs(ex), Math.abs(ey), Math.abs(ez));
  }

  /** Writes the rates of a ball at `at`; its spin ratio, uncapped. */
  private rateAt(ball: Float64Array, at: number): number {
    const { stage } = this;
    stage[0] = ball[3]!;
    stage[1] = ball[4]!;
    stage[2] = ball[5]!;
    stage[3] = ball[6]!;
    stage[4] = ball[1]!;
    return this.rateStage(at);
  }

  /** Writes the rates of `stage` at `at`; its spin ratio, uncapped. */
  private rateStage(at: number): number {
    const { stage, rates, ax, ay, az } = this;
    let ux = stage[0]!;
    const uy = stage[1]!;
    let uz = stage[2]!;
    const w = stage[3]!;
    if (this.isWindy) {
      const share = this.isLow ? LOWEST_SHARE : windShare(stage[4]!);
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

  /** A coordinate over the last trial step, of `h` seconds: 0 along, 1 up, 2 to the right. */
  curveOf(i: 0 | 1 | 2, h: number): Quintic {
    const { state, next, rates } = this;
    const [a, b] = [rates[i]!, rates[LAST_RATES + i]!];
    return this.curves[i].fit(h, state[i]!, state[i + 3]!, a, next[i]!, next[i + 3]!, b);
  }

  /**
   * Share of the last trial step, of `h` seconds, up to which its forces hold: 1, or where the spin ratio goes through
   * its cap, or the height through the lowest of the wind's profile, whichever is first. What is on the other side at
   * the start already was turned to at a border that it grazed.
   */
  shareToBorder(h: number): number {
    const { state, next, isLow } = this;
    this.capShare = this.shareAtCap(h);
    const [wasLow, willBeLow] = [state[1]! < LOWEST_WIND_HEIGHT_M, next[1]! < LOWEST_WIND_HEIGHT_M];
    const crossesLow = this.isWindy && wasLow === isLow && willBeLow !== isLow;
    this.lowShare = crossesLow ? this.curveOf(1, h).shareAt(LOWEST_WIND_HEIGHT_M) : 1;
    return Math.min(this.capShare, this.lowShare);
  }

  private shareAtCap(h: number): number {
    const { ratio, nextRatio, maxSpinRatio: cap, isCapped } = this;
    const isAcross = nextRatio > cap !== isCapped;
    // A step so near to the cap may go through it and back.
    const isNear = Math.abs(nextRatio - cap) < GRAZING * cap;
    if (ratio > cap !== isCapped || !(isAcross || isNear)) return 1;
    const [x, y, z] = [this.curveOf(0, h), this.curveOf(1, h), this.curveOf(2, h)];
    const { stage } = this;
    const past = (u: number): number => {
      stage[0] = x.slopeAt(u) / h;
      stage[1] = y.slopeAt(u) / h;
      stage[2] = z.slopeAt(u) / h;
      stage[3] = this.spinAt(u, h);
      stage[4] = y.at(u);
      return this.rateStage(SPARE_RATES) - cap;
    };
    if (isAcross) return rootOf(past, 0, 1, CAP_SHARE);
    return past(0.5) > 0 === isCapped ? 1 : rootOf(past, 0, 0.5, CAP_SHARE);
  }

  /**
   * The longest step from here through which wind is as its stages see it, s. Right above the ground it rises steeply,
   * and the pair's error hardly counts its first stage: a rising ball may not rise by more than some times its height.
   * A falling one may come down, not go on below the ground.
   */
  longestStepS(): number {
    if (!this.isWindy || this.isLow) return Infinity;
    const { state, rates } = this;
    const [height, climb] = [state[1]!, state[4]!];
    if (climb > 0) return (LAYERS * height) / climb;
    const fall = -rates[1]!;
    // One that spin lifts again comes down at no time yet known.
    if (!(fall > 0)) return Infinity;
    return (climb + Math.sqrt(climb * climb + 2 * fall * height)) / fall;
  }

  /** Accepts the last trial step. */
  accept(): void {
    this.moveOn();
    const isCapped = this.ratio > this.aero.maxSpinRatio;
    const isLow = this.state[1]! < LOWEST_WIND_HEIGHT_M;
    if (isCapped !== this.isCapped || isLow !== this.isLow) this.turnTo(isCapped, isLow);
  }

  /** Steps to the border that `shareToBorder` found, and goes on with the forces beyond it; the step, s. */
  acceptToBorder(h: number): number {
    const { capShare, lowShare, isCapped, isLow } = this;
    const step = Math.min(capShare, lowShare) * h;
    this.attempt(step);
    this.moveOn();
    this.turnTo(capShare <= lowShare ? !isCapped : isCapped, lowShare <= capShare ? !isLow : isLow);
    return step;
  }

  /** The spin at a share of the last trial step of `h` seconds, rad/s: the cubic through it and its rate (Hermite). */
  spinAt(u: number, h: number): number {
    const { state, next, rates } = this;
    const rise = next[6]! - state[6]!;
    const bend = h * rates[3]! - rise;
    const late = rise - h * rates[LAST_RATES + 3]! - bend;
    return state[6]! + u * (rise + (1 - u) * (bend + u * late));
  }

  /** The end of the last trial step is where the ball is; its last stage is the next step's first. */
  private moveOn(): void {
    const { state, next, rates } = this;
    for (let i = 0; i < 7; i++) state[i] = next[i]!;
    for (let i = 0; i < 4; i++) rates[i] = rates[LAST_RATES + i]!;
    this.ratio = this.nextRatio;
  }

  /** Takes the forces on the sides said. */
  private turnTo(isCapped: boolean, isLow: boolean): void {
    this.isCapped = isCapped;
    this.isLow = isLow;
    this.ratio = this.rateAt(this.state, 0);
  }
}
