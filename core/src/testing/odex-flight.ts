// The equations of motion written out plainly for a general-purpose solver: an independent peer.
import type { BallLaunch } from '../impact/launch.ts';
import { AERODYNAMICS } from '../flight/aero.ts';

/** The package ships its source as its types, which this project's stricter settings refuse. */
interface OdexSolver {
  denseOutput: boolean;
  absoluteTolerance: number;
  relativeTolerance: number;
  solve(
    f: (time: number, y: number[]) => number[],
    from: number,
    y0: readonly number[],
    to: number,
    onStep: (
      n: number,
      from: number,
      to: number,
      y: number[],
      dense: (component: number, time: number) => number,
    ) => boolean | undefined,
  ): unknown;
}
const { Solver } = jest.requireActual<{ Solver: new (size: number) => OdexSolver }>('odex');

const RADIUS_M = 0.04267 / 2;
const MASS_KG = 0.04593;
const GRAVITY = 9.80665;
const SEA_LEVEL_DENSITY = 1.225;

interface Landing {
  readonly carryM: number;
  readonly offlineM: number;
}

/** Lands a ball in standard air with the modern coefficients, to the solver's tolerance. */
export function landWithOdex(launch: BallLaunch, tolerance: number): Landing {
  const rad = Math.PI / 180;
  const [e, a, t] = [
    launch.launchAngleDeg * rad,
    launch.startDirectionDeg * rad,
    launch.spinAxisTiltDeg * rad,
  ];
  const v = launch.ballSpeedMps;
  const velocity = [v * Math.cos(e) * Math.cos(a), v * Math.sin(e), v * Math.cos(e) * Math.sin(a)];
  const right = [-Math.sin(a), 0, Math.cos(a)];
  const up = [-Math.sin(e) * Math.cos(a), Math.cos(e), -Math.sin(e) * Math.sin(a)];
  const axis = right.map((r, i) => r * Math.cos(t) - up[i]! * Math.sin(t));
  const k = (SEA_LEVEL_DENSITY * Math.PI * RADIUS_M ** 2) / (2 * MASS_KG);
  const aero = AERODYNAMICS.modern;
  const f = (_time: number, y: number[]): number[] => {
    const [vx, vy, vz, w] = [y[3]!, y[4]!, y[5]!, y[6]!];
    const speed = Math.hypot(vx, vy, vz);
    const m = [
      axis[1]! * vz - axis[2]! * vy,
      axis[2]! * vx - axis[0]! * vz,
      axis[0]! * vy - axis[1]! * vx,
    ];
    const sine = Math.hypot(...m) / speed;
    const ratio = Math.min((w * sine * RADIUS_M) / speed, aero.maxSpinRatio);
    const drag = k * (aero.dragBase + aero.dragPerSpin * ratio) * speed;
    const lift = (k * aero.liftFactor * ratio ** aero.liftExponent * speed) / sine;
    return [
      vx,
      vy,
      vz,
      lift * m[0]! - drag * vx,
      lift * m[1]! - drag * vy - GRAVITY,
      lift * m[2]! - drag * vz,
      (-aero.spinDecay / RADIUS_M) * w * speed,
    ];
  };
  const solver = new Solver(7);
  solver.denseOutput = true;
  solver.absoluteTolerance = solver.relativeTolerance = tolerance;
  let landing: Landing | null = null;
  const start = [0, 0, 0, ...velocity, launch.spinRateRpm * ((2 * Math.PI) / 60)];
  solver.solve(f, 0, start, 30, (n, from, to, y, dense) => {
    if (n === 1 || y[1]! > 0 || y[4]! > 0) return undefined;
    let [low, high] = [from, to];
    for (let i = 0; i < 60; i++) {
      const middle = (low + high) / 2;
      if (dense(1, middle) > 0) low = middle;
      else high = middle;
    }
    landing = { carryM: dense(0, low), offlineM: dense(2, low) };
    return false;
  });
  if (landing === null) throw new Error('the peer did not land');
  return landing;
}
