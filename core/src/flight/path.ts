import type { Vec3 } from '../maths/vector.ts';

/** A point of a flight: m towards the target, up and right, at `timeS`. */
export interface PathPoint {
  readonly timeS: number;
  readonly alongM: number;
  readonly upM: number;
  readonly rightM: number;
}

/** An accepted step's end. */
export interface PathKnot {
  readonly timeS: number;
  readonly position: Vec3;
  readonly velocity: Vec3;
}

/** Cubic Hermite between two knots: millimetres off, good for drawing, not for landing. */
function between(a: PathKnot, b: PathKnot, timeS: number): PathPoint {
  const h = b.timeS - a.timeS;
  const u = h === 0 ? 0 : (timeS - a.timeS) / h;
  const h00 = (1 + 2 * u) * (1 - u) ** 2;
  const h10 = u * (1 - u) ** 2 * h;
  const h01 = u * u * (3 - 2 * u);
  const h11 = u * u * (u - 1) * h;
  const at = (i: 0 | 1 | 2): number =>
    h00 * a.position[i] + h10 * a.velocity[i] + h01 * b.position[i] + h11 * b.velocity[i];
  return { timeS, alongM: at(0), upM: at(1), rightM: at(2) };
}

/** `count` points evenly spaced in time from the first knot to the last. */
export function samplePath(knots: readonly PathKnot[], count: number): PathPoint[] {
  const last = knots.at(-1);
  if (last === undefined || count < 2) return [];
  const points: PathPoint[] = [];
  let segment = 1;
  for (let i = 0; i < count; i++) {
    const timeS = (last.timeS * i) / (count - 1);
    while (segment < knots.length - 1 && knots[segment]!.timeS < timeS) segment++;
    points.push(between(knots[segment - 1]!, knots[segment]!, timeS));
  }
  return points;
}
