import { requireLaunch, spinAxisOf, spinRadPerSOf, velocityOf } from '../impact/launch.ts';
import type { BallLaunch } from '../impact/launch.ts';
import { plusZero } from '../line/hand.ts';
import { degToRad, radPerSToRpm, radToDeg } from '../units/units.ts';
import { FlightKernel } from './kernel.ts';
import { resolveFlightOptions } from './options.ts';
import type { FlightOptions, ResolvedFlightOptions } from './options.ts';
import { samplePath } from './path.ts';
import type { PathKnot, PathPoint } from './path.ts';
import { LONGEST_FLIGHT_S } from './tolerances.ts';

/**
 * Where the ball went. Distances in m: `carryM` along the target line, `offlineM` from the target
 * line and `curveM` from the start line, positive right; `apexM` above the ball; descent angle
 * positive down. `landed`: came down on the landing level. `fellShort`: never reached a landing
 * level above the ball, figures are for the ball's own level. `grounded`: never rose.
 * `timedOut`: still up after a minute.
 */
export interface Flight {
  readonly outcome: 'landed' | 'fellShort' | 'grounded' | 'timedOut' | 'notStruck';
  readonly carryM: number;
  readonly offlineM: number;
  readonly curveM: number;
  readonly apexM: number;
  readonly descentAngleDeg: number;
  readonly flightTimeS: number;
  readonly landingSpeedMps: number;
  readonly landingSpinRpm: number;
  /** True where spin ratio or Reynolds number left the span the coefficients were fitted for. */
  readonly outsideFit: boolean;
  /** The flight sampled evenly in time; empty unless `pathPoints` was asked for. */
  readonly path: readonly PathPoint[];
}

export const NO_FLIGHT: Flight = {
  outcome: 'notStruck',
  carryM: 0,
  offlineM: 0,
  curveM: 0,
  apexM: 0,
  descentAngleDeg: 0,
  flightTimeS: 0,
  landingSpeedMps: 0,
  landingSpinRpm: 0,
  outsideFit: false,
  path: [],
};

/** One flight is flown at a time, so all share their memory. */
const KERNEL = new FlightKernel();
/** The ball at the end of the last flight: x, y, z, vx, vy, vz, ω. */
const END = new Float64Array(7);
const FIRST_STEP_S = 0.25;
const SAFETY = 0.9;
const SHRINK_MOST = 0.2;
const GROW_MOST = 8;

interface Run {
  readonly outcome: 'landed' | 'timedOut';
  readonly timeS: number;
  readonly apexM: number;
  readonly knots: readonly PathKnot[];
}

const knotOf = (timeS: number, s: ArrayLike<number>): PathKnot => ({
  timeS,
  position: [s[0]!, s[1]!, s[2]!],
  velocity: [s[3]!, s[4]!, s[5]!],
});

/**
 * Returns how much longer the next step may be, after an error against its allowance: the rule of Hairer, Nørsett & Wanner,
 * §II.4, with a quarter for their fifth as exponent, which is two square roots.
 */
function growth(error: number, allowed: number): number {
  const factor = SAFETY * Math.sqrt(Math.sqrt(allowed / error));
  return Math.min(GROW_MOST, Math.max(SHRINK_MOST, factor));
}

/** Writes the ball at a share of the last trial step. */
function landAt(share: number, h: number): void {
  for (let i = 0; i < 3; i++) {
    const curve = KERNEL.curveOf(i as 0 | 1 | 2, h);
    END[i] = curve.at(share);
    END[i + 3] = curve.slopeAt(share) / h;
  }
  END[6] = KERNEL.spinAt(share, h);
}

/** Integrates until the ball comes down through `levelM`. */
function run({ pathPoints, stepError }: ResolvedFlightOptions, levelM: number): Run {
  const { state, next } = KERNEL;
  const keep = pathPoints > 0;
  const knots: PathKnot[] = keep ? [knotOf(0, state)] : [];
  let timeS = 0;
  let apexM = 0;
  let h = Math.min(FIRST_STEP_S, KERNEL.longestStepS());
  while (timeS < LONGEST_FLIGHT_S) {
    const error = KERNEL.attempt(h);
    if (!(error <= stepError)) {
      h *= Number.isFinite(error) ? growth(error, stepError) : SHRINK_MOST;
      continue;
    }
    const border = KERNEL.shareToBorder(h);
    const turns = state[4]! > 0 && next[4]! <= 0;
    const comesDown = next[1]! < levelM && next[4]! < 0;
    if (turns || comesDown) {
      const height = KERNEL.curveOf(1, h);
      const top = turns ? height.shareOfTop() : 0;
      if (turns && top <= border) apexM = height.at(top);
      if (comesDown && Math.max(state[1]!, apexM) >= levelM) {
        const share = height.shareAt(levelM, top);
        if (share <= border) {
          landAt(share, h);
          timeS += share * h;
          if (keep) knots.push(knotOf(timeS, END));
          return { outcome: 'landed', timeS, apexM, knots };
        }
      }
    }
    if (border < 1) timeS += KERNEL.acceptToBorder(h);
    else {
      KERNEL.accept();
      timeS += h;
    }
    if (keep) knots.push(knotOf(timeS, state));
    h = Math.min(h * growth(error, stepError), KERNEL.longestStepS());
  }
  END.set(state);
  return { outcome: 'timedOut', timeS, apexM, knots };
}

/**
 * Flies a launched ball from the origin. Throws RangeMisuse, naming the field, for a launch or an
 * option that is not a finite number in range.
 */
export function flyBall(launch: BallLaunch, options?: FlightOptions): Flight {
  requireLaunch(launch);
  const resolved = resolveFlightOptions(options);
  const velocity = velocityOf(launch);
  if (launch.ballSpeedMps === 0) return NO_FLIGHT;
  if (velocity[1] <= 0 && resolved.landingHeightM >= 0)
    return { ...NO_FLIGHT, outcome: 'grounded' };
  const axis = spinAxisOf(launch);
  const fly = (levelM: number): Run => {
    KERNEL.start(resolved, axis, velocity, spinRadPerSOf(launch));
    return run(resolved, levelM);
  };
  const level = fly(Math.min(0, resolved.landingHeightM));
  const fellShort = level.apexM < resolved.landingHeightM;
  const ran = resolved.landingHeightM > 0 && !fellShort ? fly(resolved.landingHeightM) : level;
  const start = degToRad(launch.startDirectionDeg);
  const [x, z, vx, vy, vz, spin] = [END[0]!, END[2]!, END[3]!, END[4]!, END[5]!, END[6]!];
  const speed = Math.sqrt(vx * vx + vy * vy + vz * vz);
  return {
    outcome: fellShort && ran.outcome === 'landed' ? 'fellShort' : ran.outcome,
    carryM: plusZero(x),
    offlineM: plusZero(z),
    curveM: plusZero(z * Math.cos(start) - x * Math.sin(start)),
    apexM: ran.apexM,
    descentAngleDeg: radToDeg(Math.atan2(-vy, Math.sqrt(vx * vx + vz * vz))),
    flightTimeS: ran.timeS,
    landingSpeedMps: speed,
    landingSpinRpm: radPerSToRpm(spin),
    outsideFit: leavesFit(launch, resolved),
    path: samplePath(ran.knots, resolved.pathPoints),
  };
}

/** Returns whether the launch itself lies outside the span the coefficients were fitted for. */
function leavesFit(launch: BallLaunch, { aero, air }: ResolvedFlightOptions): boolean {
  const ratio = (spinRadPerSOf(launch) * 0.021335) / launch.ballSpeedMps;
  const reynolds = (air.densityKgM3 * launch.ballSpeedMps * 0.04267) / air.viscosityPaS;
  return ratio > aero.maxSpinRatio || reynolds < aero.minReynolds || reynolds > aero.maxReynolds;
}
