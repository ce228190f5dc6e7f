/**
 * Dormand & Prince (1980), J. Comp. Appl. Math. 6:19, the embedded pair of orders 5 and 4, with the
 * step-size rule and the order-4 dense output of Hairer, Nørsett & Wanner, *Solving Ordinary
 * Differential Equations I*, §II.4–II.6 (their DOPRI5). Landing and apex are roots of the dense
 * output, so finding them costs no evaluation of the forces.
 */
import type { Vec3 } from '../maths/vector.ts';
import { STATE_SIZE } from './equations.ts';
import { ROOT_SHARE } from './tolerances.ts';
import type { Forces } from './equations.ts';

const N = STATE_SIZE;
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
const D1 = -12715105075 / 11282082432;
const D3 = 87487479700 / 32700410799;
const D4 = -10690763975 / 1880347072;
const D5 = 701980252875 / 199316789632;
const D6 = -1453857185 / 822651844;
const D7 = 69997945 / 29380423;

const SAFETY = 0.9;
const SHRINK_MOST = 0.2;
const GROW_MOST = 8;
const BISECTIONS = 60;

/** The memory of an integration: made once and used again by each, so that nothing is allocated. */
export class Stepper {
  readonly state = new Float64Array(N);
  /** The state at the end of the last trial step. */
  readonly next = new Float64Array(N);
  private readonly stage = new Float64Array(N);
  private readonly k = new Float64Array(7 * N);
  private readonly forces: Forces;

  constructor(forces: Forces) {
    this.forces = forces;
  }

  /** Begins at the state (x, y, z, vx, vy, vz, ω) = (0, 0, 0, `velocity`, `spin`). */
  start(velocity: Vec3, spinRadPerS: number): void {
    const { state } = this;
    state.fill(0, 0, 3);
    state.set(velocity, 3);
    state[6] = spinRadPerS;
    this.forces.derivative(state, this.k, 0);
  }

  /** Tries a step of `h` seconds from `state` into `next`; returns the largest local error. */
  attempt(h: number): number {
    const { state: s, stage, next, k, forces } = this;
    for (let i = 0; i < N; i++) stage[i] = s[i]! + h * A21 * k[i]!;
    forces.derivative(stage, k, N);
    for (let i = 0; i < N; i++) stage[i] = s[i]! + h * (A31 * k[i]! + A32 * k[i + N]!);
    forces.derivative(stage, k, 2 * N);
    for (let i = 0; i < N; i++) {
      stage[i] = s[i]! + h * (A41 * k[i]! + A42 * k[i + N]! + A43 * k[i + 2 * N]!);
    }
    forces.derivative(stage, k, 3 * N);
    for (let i = 0; i < N; i++) {
      const early = A51 * k[i]! + A52 * k[i + N]!;
      stage[i] = s[i]! + h * (early + A53 * k[i + 2 * N]! + A54 * k[i + 3 * N]!);
    }
    forces.derivative(stage, k, 4 * N);
    for (let i = 0; i < N; i++) {
      const early = A61 * k[i]! + A62 * k[i + N]! + A63 * k[i + 2 * N]!;
      stage[i] = s[i]! + h * (early + A64 * k[i + 3 * N]! + A65 * k[i + 4 * N]!);
    }
    forces.derivative(stage, k, 5 * N);
    for (let i = 0; i < N; i++) {
      const early = B1 * k[i]! + B3 * k[i + 2 * N]! + B4 * k[i + 3 * N]!;
      next[i] = s[i]! + h * (early + B5 * k[i + 4 * N]! + B6 * k[i + 5 * N]!);
    }
    forces.derivative(next, k, 6 * N);
    return this.localError(h);
  }

  /** Accepts the last trial step; its last stage is the next step's first. */
  accept(): void {
    const { state, next, k } = this;
    for (let i = 0; i < N; i++) {
      state[i] = next[i]!;
      k[i] = k[i + 6 * N]!;
    }
  }

  /** Component `i` at the share `u` in [0, 1] of the last trial step of `h` seconds. */
  at(i: number, u: number, h: number): number {
    const { state, next, k } = this;
    const rise = next[i]! - state[i]!;
    const bend = h * k[i]! - rise;
    const late = rise - h * k[i + 6 * N]! - bend;
    const early = D1 * k[i]! + D3 * k[i + 2 * N]! + D4 * k[i + 3 * N]!;
    const fifth = early + D5 * k[i + 4 * N]! + D6 * k[i + 5 * N]! + D7 * k[i + 6 * N]!;
    const w = 1 - u;
    return state[i]! + u * (rise + w * (bend + u * (late + w * h * fifth)));
  }

  /** The whole state at the share `u` of the last trial step of `h` seconds. */
  stateAt(u: number, h: number): number[] {
    const state = [0, 0, 0, 0, 0, 0, 0];
    for (let i = 0; i < N; i++) state[i] = this.at(i, u, h);
    return state;
  }

  /**
   * The share of the last trial step, after `from`, at which component `i` falls to `target`. Regula
   * falsi with the Illinois rule (an end kept twice counts half) on the dense output's polynomial.
   */
  shareWhere(i: number, target: number, h: number, from = 0): number {
    const { state, next, k } = this;
    const base = state[i]! - target;
    const rise = next[i]! - state[i]!;
    const bend = h * k[i]! - rise;
    const late = rise - h * k[i + 6 * N]! - bend;
    const early = D1 * k[i]! + D3 * k[i + 2 * N]! + D4 * k[i + 3 * N]!;
    const fifth = h * (early + D5 * k[i + 4 * N]! + D6 * k[i + 5 * N]! + D7 * k[i + 6 * N]!);
    let low = from;
    let high = 1;
    let lowValue = base + low * (rise + (1 - low) * (bend + low * (late + (1 - low) * fifth)));
    let highValue = base + rise;
    let u = high;
    for (let n = 0; n < BISECTIONS && high - low > ROOT_SHARE; n++) {
      const guess = low + (lowValue * (high - low)) / (lowValue - highValue);
      if (Math.abs(guess - u) < ROOT_SHARE) return guess;
      u = guess;
      const w = 1 - u;
      const value = base + u * (rise + w * (bend + u * (late + w * fifth)));
      if (value > 0) {
        low = u;
        lowValue = value;
        highValue /= 2;
      } else {
        high = u;
        highValue = value;
        lowValue /= 2;
      }
    }
    return u;
  }

  /** Largest error of position (m) and velocity (m/s); the spin follows the speed and is left out. */
  private localError(h: number): number {
    const { k } = this;
    let worst = 0;
    for (let i = 0; i < 6; i++) {
      const early = E1 * k[i]! + E3 * k[i + 2 * N]! + E4 * k[i + 3 * N]!;
      const late = E5 * k[i + 4 * N]! + E6 * k[i + 5 * N]! + E7 * k[i + 6 * N]!;
      const error = Math.abs(h * (early + late));
      if (!(error <= worst)) worst = error;
    }
    return worst;
  }
}

/** The next step length after a step of `h` with this error against its allowance. */
export function nextStep(h: number, error: number, allowed: number): number {
  if (error === 0) return h * GROW_MOST;
  const factor = SAFETY * (allowed / error) ** 0.2;
  return h * Math.min(GROW_MOST, Math.max(SHRINK_MOST, factor));
}
