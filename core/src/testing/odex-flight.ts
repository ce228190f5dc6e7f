// The plain equations of motion handed to a general-purpose solver: an independent peer.
import { spinAxisOf } from '../impact/launch.ts';
import type { BallLaunch } from '../impact/launch.ts';
import { beginningOf, rateOf } from './equations.ts';
import type { Air } from './equations.ts';

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

interface Landing {
  readonly carryM: number;
  readonly offlineM: number;
}

/** Lands a ball by the plain equations of motion, to the solver's tolerance. */
export function landWithOdex(launch: BallLaunch, tolerance: number, air: Air = {}): Landing {
  const axis = spinAxisOf(launch);
  const f = (_time: number, y: number[]): number[] => rateOf(y, axis, air);
  const solver = new Solver(7);
  solver.denseOutput = true;
  solver.absoluteTolerance = solver.relativeTolerance = tolerance;
  let landing: Landing | null = null;
  solver.solve(f, 0, beginningOf(launch), 60, (n, from, to, y, dense) => {
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
