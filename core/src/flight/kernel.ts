/**
 * The flight of one ball, step by step, by the pair of Dormand & Prince. Forces depend on the velocity (vx, vy, vz),
 * the spin ω and, in wind, the height; so only their rates are kept for each stage, and positions follow by the same
 * weights taken twice. Within a step a coordinate is the quintic through place, speed and acceleration at both ends
 * (Hermite), whose roots are landing and apex. Where forces bend, a step ends: at the cap of the spin ratio, and at the
 * lowest height of the wind's profile.
 */
import type { Vec3 } from '../maths/vector.ts';
import { rootOf } from '../maths/root.ts';
import {
  A21,
  A31,
  A32,
  A41,
  A42,
  A43,
  A51,
  A52,
  A53,
  A54,
  A61,
  A62,
  A63,
  A64,
  A65,
  B1,
  B3,
  B4,
  B5,
  B6,
  E1,
  E3,
  E4,
  E5,
  E6,
  E7,
  C3,
  C4,
  C5,
  P31,
  P41,
  P42,
  P51,
  P52,
  P53,
  P61,
  P62,
  P63,
  P64,
  Q1,
  Q2,
  Q3,
  Q4,
  Q5,
} from './dormand-prince.ts';
import { Forces } from './forces.ts';
import type { FlightModel } from './forces.ts';
import { Quintic } from './quintic.ts';
import { LOWEST_WIND_HEIGHT_M } from './tolerances.ts';

/** How many times its height a ball rising in wind may rise in a step. */
const LAYERS = 6;
/** How much further than to the lowest of the wind's profile the first step of a ball in wind may go. */
const BEYOND = 1.1;
/** A spin ratio this near to its cap, as a share of it, is looked at within the step too. */
const GRAZING = 0.3;
/** A share of a step at which the spin ratio is at its cap is found to this. */
const CAP_SHARE = 1e-4;
/** Where the last stage's rates begin. */
export const LAST_RATES = 24;
/** Room for rates that are no stage's. */
const SPARE_RATES = 28;

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
  private readonly forces = new Forces();
  private readonly curves = [new Quintic(), new Quintic(), new Quintic()] as const;
  /** The spin ratio, uncapped, at the ball now and at the end of the last trial step. */
  private ratio = 0;
  private nextRatio = 0;
  /** Where the last trial step goes through each, as a share of it; 1 where it does not. */
  private capShare = 1;
  private lowShare = 1;

  /** Begins a flight. */
  start(model: FlightModel, axis: Vec3, velocity: Vec3, spinRadPerS: number, heightM = 0): void {
    this.forces.set(model, axis);
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
    if (this.ratio > this.forces.maxSpinRatio) this.turnTo(true, isLow);
  }

  /** Tries a step of `h` seconds from `state` into `next`; the largest local error of the velocity, m/s. */
  attempt(h: number): number {
    this.writeStages(h);
    this.advance(h);
    this.nextRatio = this.rateAt(this.next, LAST_RATES);
    return h * this.errorRate();
  }

  /** Writes the rates of the second to the sixth stage of a step of `h` seconds; those of the first are there. */
  private writeStages(h: number): void {
    const { state, rates, stage, forces } = this;
    const { isWindy } = forces;
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
    if (isWindy) stage[4] = y + h * A21 * vy;
    forces.write(stage, rates, 4);
    const x2 = rates[4]!;
    const y2 = rates[5]!;
    const z2 = rates[6]!;
    stage[0] = vx + h * (A31 * x1 + A32 * x2);
    stage[1] = vy + h * (A31 * y1 + A32 * y2);
    stage[2] = vz + h * (A31 * z1 + A32 * z2);
    stage[3] = w + h * (A31 * w1 + A32 * rates[7]!);
    if (isWindy) stage[4] = y + h * C3 * vy + hh * P31 * y1;
    forces.write(stage, rates, 8);
    const x3 = rates[8]!;
    const y3 = rates[9]!;
    const z3 = rates[10]!;
    const w3 = rates[11]!;
    stage[0] = vx + h * (A41 * x1 + A42 * x2 + A43 * x3);
    stage[1] = vy + h * (A41 * y1 + A42 * y2 + A43 * y3);
    stage[2] = vz + h * (A41 * z1 + A42 * z2 + A43 * z3);
    stage[3] = w + h * (A41 * w1 + A42 * rates[7]! + A43 * w3);
    if (isWindy) stage[4] = y + h * C4 * vy + hh * (P41 * y1 + P42 * y2);
    forces.write(stage, rates, 12);
    const x4 = rates[12]!;
    const y4 = rates[13]!;
    const z4 = rates[14]!;
    const w4 = rates[15]!;
    stage[0] = vx + h * (A51 * x1 + A52 * x2 + A53 * x3 + A54 * x4);
    stage[1] = vy + h * (A51 * y1 + A52 * y2 + A53 * y3 + A54 * y4);
    stage[2] = vz + h * (A51 * z1 + A52 * z2 + A53 * z3 + A54 * z4);
    stage[3] = w + h * (A51 * w1 + A52 * rates[7]! + A53 * w3 + A54 * w4);
    if (isWindy) stage[4] = y + h * C5 * vy + hh * (P51 * y1 + P52 * y2 + P53 * y3);
    forces.write(stage, rates, 16);
    const x5 = rates[16]!;
    const y5 = rates[17]!;
    const z5 = rates[18]!;
    const w5 = rates[19]!;
    stage[0] = vx + h * (A61 * x1 + A62 * x2 + A63 * x3 + A64 * x4 + A65 * x5);
    stage[1] = vy + h * (A61 * y1 + A62 * y2 + A63 * y3 + A64 * y4 + A65 * y5);
    stage[2] = vz + h * (A61 * z1 + A62 * z2 + A63 * z3 + A64 * z4 + A65 * z5);
    stage[3] = w + h * (A61 * w1 + A62 * rates[7]! + A63 * w3 + A64 * w4 + A65 * w5);
    if (isWindy) stage[4] = y + h * vy + hh * (P61 * y1 + P62 * y2 + P63 * y3 + P64 * y4);
    forces.write(stage, rates, 20);
  }

  /** Writes the ball at the end of a step of `h` seconds, by the rates of its stages. */
  private advance(h: number): void {
    const { state, next, rates } = this;
    const hh = h * h;
    const x1 = rates[0]!;
    const x2 = rates[4]!;
    const x3 = rates[8]!;
    const x4 = rates[12]!;
    const x5 = rates[16]!;
    const x6 = rates[20]!;
    const vx = state[3]!;
    next[0] = state[0]! + h * vx + hh * (Q1 * x1 + Q2 * x2 + Q3 * x3 + Q4 * x4 + Q5 * x5);
    next[3] = vx + h * (B1 * x1 + B3 * x3 + B4 * x4 + B5 * x5 + B6 * x6);
    const y1 = rates[1]!;
    const y2 = rates[5]!;
    const y3 = rates[9]!;
    const y4 = rates[13]!;
    const y5 = rates[17]!;
    const y6 = rates[21]!;
    const vy = state[4]!;
    next[1] = state[1]! + h * vy + hh * (Q1 * y1 + Q2 * y2 + Q3 * y3 + Q4 * y4 + Q5 * y5);
    next[4] = vy + h * (B1 * y1 + B3 * y3 + B4 * y4 + B5 * y5 + B6 * y6);
    const z1 = rates[2]!;
    const z2 = rates[6]!;
    const z3 = rates[10]!;
    const z4 = rates[14]!;
    const z5 = rates[18]!;
    const z6 = rates[22]!;
    const vz = state[5]!;
    next[2] = state[2]! + h * vz + hh * (Q1 * z1 + Q2 * z2 + Q3 * z3 + Q4 * z4 + Q5 * z5);
    next[5] = vz + h * (B1 * z1 + B3 * z3 + B4 * z4 + B5 * z5 + B6 * z6);
    const w = B1 * rates[3]! + B3 * rates[11]! + B4 * rates[15]! + B5 * rates[19]!;
    next[6] = state[6]! + h * (w + B6 * rates[23]!);
  }

  /** Returns the largest local error of the velocity for each second of a step, m/s². */
  private errorRate(): number {
    const { rates } = this;
    const x =
      E1 * rates[0]! +
      E3 * rates[8]! +
      E4 * rates[12]! +
      E5 * rates[16]! +
      E6 * rates[20]! +
      E7 * rates[24]!;
    const y =
      E1 * rates[1]! +
      E3 * rates[9]! +
      E4 * rates[13]! +
      E5 * rates[17]! +
      E6 * rates[21]! +
      E7 * rates[25]!;
    const z =
      E1 * rates[2]! +
      E3 * rates[10]! +
      E4 * rates[14]! +
      E5 * rates[18]! +
      E6 * rates[22]! +
      E7 * rates[26]!;
    return Math.max(Math.abs(x), Math.abs(y), Math.abs(z));
  }

  /** Writes the rates of a ball at `at`; its spin ratio, uncapped. */
  private rateAt(ball: Float64Array, at: number): number {
    const { stage, rates, forces } = this;
    stage[0] = ball[3]!;
    stage[1] = ball[4]!;
    stage[2] = ball[5]!;
    stage[3] = ball[6]!;
    stage[4] = ball[1]!;
    return forces.write(stage, rates, at);
  }

  /** Returns a coordinate over the last trial step, of `h` seconds: 0 along, 1 up, 2 to the right. */
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
    const { state, next } = this;
    const { isLow, isWindy } = this.forces;
    this.capShare = this.shareAtCap(h);
    const [wasLow, willBeLow] = [state[1]! < LOWEST_WIND_HEIGHT_M, next[1]! < LOWEST_WIND_HEIGHT_M];
    const crossesLow = isWindy && wasLow === isLow && willBeLow !== isLow;
    this.lowShare = crossesLow ? this.curveOf(1, h).shareAt(LOWEST_WIND_HEIGHT_M) : 1;
    return Math.min(this.capShare, this.lowShare);
  }

  private shareAtCap(h: number): number {
    const { ratio, nextRatio, stage, rates, forces } = this;
    const { maxSpinRatio: cap, isCapped } = forces;
    // At a border just turned at, the start may lie a hair on the side come from.
    const beginsWell = ratio > cap === isCapped;
    const endsWell = nextRatio > cap === isCapped;
    const isNear = Math.min(Math.abs(ratio - cap), Math.abs(nextRatio - cap)) < GRAZING * cap;
    if (beginsWell === endsWell ? !isNear : !beginsWell) return 1;
    const [x, y, z] = [this.curveOf(0, h), this.curveOf(1, h), this.curveOf(2, h)];
    const past = (u: number): number => {
      stage[0] = x.slopeAt(u) / h;
      stage[1] = y.slopeAt(u) / h;
      stage[2] = z.slopeAt(u) / h;
      stage[3] = this.spinAt(u, h);
      stage[4] = y.at(u);
      return forces.write(stage, rates, SPARE_RATES) - cap;
    };
    if (!endsWell && beginsWell) return rootOf(past, 0, 1, CAP_SHARE);
    // It may go through the cap and back: where a parabola through three of its values turns.
    const [from, middle, to] = [ratio - cap, past(0.5), nextRatio - cap];
    const turn = (3 * from - 4 * middle + to) / (4 * (from - 2 * middle + to));
    if (!(turn > 0 && turn < 1) || (past(turn) > 0 === isCapped) === endsWell) return 1;
    return endsWell ? rootOf(past, 0, turn, CAP_SHARE) : rootOf(past, turn, 1, CAP_SHARE);
  }

  /**
   * Returns the longest step from here through which wind is as its stages see it, s. Right above the ground it rises steeply,
   * and the pair's error hardly counts its first stage: a rising ball may not rise by more than some times its height.
   * A falling one may come down, not go on below the ground; one on the ground may rise through the lowest of the
   * profile, not come back through it.
   */
  longestStepS(): number {
    const { isWindy, isLow } = this.forces;
    if (!isWindy) return Infinity;
    const { state, rates } = this;
    const [height, climb] = [state[1]!, state[4]!];
    if (isLow) return climb > 0 ? (BEYOND * (LOWEST_WIND_HEIGHT_M - height)) / climb : Infinity;
    if (climb > 0) return (LAYERS * height) / climb;
    const fall = -rates[1]!;
    // One that spin lifts again comes down at no time yet known.
    if (!(fall > 0)) return Infinity;
    return (climb + Math.sqrt(climb * climb + 2 * fall * height)) / fall;
  }

  /** Accepts the last trial step. */
  accept(): void {
    this.moveOn();
    const { forces } = this;
    const isCapped = this.ratio > forces.maxSpinRatio;
    const isLow = this.state[1]! < LOWEST_WIND_HEIGHT_M;
    if (isCapped !== forces.isCapped || isLow !== forces.isLow) this.turnTo(isCapped, isLow);
  }

  /** Steps to the border that `shareToBorder` found, and goes on with the forces beyond it; the step, s. */
  acceptToBorder(h: number): number {
    const { capShare, lowShare } = this;
    const { isCapped, isLow } = this.forces;
    const step = Math.min(capShare, lowShare) * h;
    this.attempt(step);
    this.moveOn();
    this.turnTo(capShare <= lowShare ? !isCapped : isCapped, lowShare <= capShare ? !isLow : isLow);
    return step;
  }

  /** Returns the spin at a share of the last trial step of `h` seconds, rad/s: the cubic through it and its rate (Hermite). */
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
    this.forces.isCapped = isCapped;
    this.forces.isLow = isLow;
    this.ratio = this.rateAt(this.state, 0);
  }
}
