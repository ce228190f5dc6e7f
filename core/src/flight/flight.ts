import { requireLaunch, spinAxisOf, spinRadPerSOf, velocityOf } from '../impact/launch.ts';
import type { BallLaunch } from '../impact/launch.ts';
import { plusZero } from '../line/hand.ts';
import { degToRad, radPerSToRpm, radToDeg } from '../units/units.ts';
import { Forces } from './equations.ts';
import { Stepper, nextStep } from './integrator.ts';
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
const FORCES = new Forces();
const STEPPER = new Stepper(FORCES);
const FIRST_STEP_S = 0.25;
const HEIGHT = 1;
const CLIMB = 4;

interface Run {
  readonly outcome: 'landed' | 'timedOut';
  readonly timeS: number;
  readonly apexM: number;
  /** The last state: [x, y, z, vx, vy, vz, ω]. */
  readonly end: readonly number[];
  readonly knots: readonly PathKnot[];
}

const knotOf = (timeS: number, s: ArrayLike<number>): PathKnot => ({
  timeS,
  position: [s[0]!, s[1]!, s[2]!],
  velocity: [s[3]!, s[4]!, s[5]!],
});

/** Integrates until the ball comes down through `levelM`. */
function run(stepper: Stepper, options: ResolvedFlightOptions, levelM: number): Run {
  const { state, next } = stepper;
  const keep = options.pathPoints > 0;
  const knots: PathKnot[] = keep ? [knotOf(0, state)] : [];
  let timeS = 0;
  let apexM = 0;
  let h = FIRST_STEP_S;
  while (timeS < LONGEST_FLIGHT_S) {
    const error = stepper.attempt(h);
    if (!(error <= options.stepError)) {
      h = Number.isFinite(error) ? nextStep(h, error, options.stepError) : h / 5;
      continue;
    }
    if (state[CLIMB]! > 0 && next[CLIMB]! <= 0) {
      apexM = stepper.at(HEIGHT, stepper.shareWhere(CLIMB, 0, h), h);
    }
    if (next[HEIGHT]! < levelM && next[CLIMB]! < 0 && Math.max(state[HEIGHT]!, apexM) >= levelM) {
      const share = landingShare(stepper, levelM, h);
      const end = stepper.stateAt(share, h);
      if (keep) knots.push(knotOf(timeS + share * h, end));
      return { outcome: 'landed', timeS: timeS + share * h, apexM, end, knots };
    }
    stepper.accept();
    timeS += h;
    if (keep) knots.push(knotOf(timeS, state));
    h = nextStep(h, error, options.stepError);
  }
  return { outcome: 'timedOut', timeS, apexM, end: Array.from(state), knots };
}

/** Share of the last trial step at which the ball lands: after the apex, where that is in it too. */
function landingShare(stepper: Stepper, levelM: number, h: number): number {
  const from = stepper.state[CLIMB]! <= 0 ? 0 : stepper.shareWhere(CLIMB, 0, h);
  return stepper.shareWhere(HEIGHT, levelM, h, from);
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
  FORCES.set({ ...resolved, spinAxis: spinAxisOf(launch) });
  const fly = (levelM: number): Run => {
    STEPPER.start(velocity, spinRadPerSOf(launch));
    return run(STEPPER, resolved, levelM);
  };
  const level = fly(Math.min(0, resolved.landingHeightM));
  const fellShort = level.apexM < resolved.landingHeightM;
  const ran = resolved.landingHeightM > 0 && !fellShort ? fly(resolved.landingHeightM) : level;
  const s = ran.end;
  const start = degToRad(launch.startDirectionDeg);
  const speed = Math.sqrt(s[3]! ** 2 + s[4]! ** 2 + s[5]! ** 2);
  return {
    outcome: fellShort && ran.outcome === 'landed' ? 'fellShort' : ran.outcome,
    carryM: plusZero(s[0]!),
    offlineM: plusZero(s[2]!),
    curveM: plusZero(s[2]! * Math.cos(start) - s[0]! * Math.sin(start)),
    apexM: ran.apexM,
    descentAngleDeg: radToDeg(Math.atan2(-s[4]!, Math.sqrt(s[3]! ** 2 + s[5]! ** 2))),
    flightTimeS: ran.timeS,
    landingSpeedMps: speed,
    landingSpinRpm: radPerSToRpm(s[6]!),
    outsideFit: leavesFit(launch, resolved),
    path: samplePath(ran.knots, resolved.pathPoints),
  };
}

/** Whether the launch itself lies outside the span the coefficients were fitted for. */
function leavesFit(launch: BallLaunch, { aero, air }: ResolvedFlightOptions): boolean {
  const ratio = (spinRadPerSOf(launch) * 0.021335) / launch.ballSpeedMps;
  const reynolds = (air.densityKgM3 * launch.ballSpeedMps * 0.04267) / air.viscosityPaS;
  return ratio > aero.maxSpinRatio || reynolds < aero.minReynolds || reynolds > aero.maxReynolds;
}
