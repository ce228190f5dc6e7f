/**
 * Where balls land for any path and face, as a table flown once: chances ask for thousands of them, and the answer is smooth. Between
 * the nodes it is interpolated by cubic convolution (Keys 1981, IEEE Trans. ASSP 29:1153, a = −½); what else is not known of a
 * delivery moves it to first order.
 */
import { boundDelivery } from '../delivery/delivery.ts';
import type { Delivery } from '../delivery/delivery.ts';
import type { ClubHead } from '../delivery/head.ts';
import { turnFace } from '../delivery/turn.ts';
import type { FlightOptions } from '../flight/options.ts';
import { simulateShot } from '../flight/simulate.ts';
import type { DeliveryField } from '../inverse/fit-delivery.ts';

/** Where a ball starts and lands. Degrees and m, positive right. */
export interface Landed {
  readonly startDeg: number;
  readonly curveM: number;
  readonly offlineM: number;
  readonly carryM: number;
}

/** Fields besides path and face that a belief may leave open, with the step their slope is taken over. */
export const SLOPED = {
  clubSpeedMps: 1,
  attackAngleDeg: 1,
  dynamicLoftDeg: 1,
  strikeToeMm: 4,
  strikeHighMm: 2,
} as const satisfies Partial<Record<DeliveryField, number>>;
export type SlopedField = keyof typeof SLOPED;

/** Nodes apart: of the landings, and of their slopes, degrees. */
const NODE_DEG = 2.5;
const SLOPE_NODE_DEG = 6;
/** Local error allowed to a step of the flight, m and m/s. */
const STEP_ERROR = 1e-2;
/** Figures at a node. */
const FIGURES = 4;

interface Grid {
  readonly path: readonly [from: number, nodes: number, step: number];
  readonly face: readonly [from: number, nodes: number, step: number];
  readonly values: Float64Array;
}

/** From where to where path and face may be asked for, degrees. */
export interface Reach {
  readonly path: readonly [number, number];
  readonly face: readonly [number, number];
}

const nodesOf = ([from, to]: readonly [number, number], step: number) =>
  [from, Math.max(2, Math.ceil((to - from) / step) + 1), step] as const;

function gridOf(reach: Reach, step: number, landed: (path: number, face: number) => Landed): Grid {
  const [path, face] = [nodesOf(reach.path, step), nodesOf(reach.face, step)];
  const values = new Float64Array(path[1] * face[1] * FIGURES);
  for (let i = 0; i < path[1]; i++)
    for (let j = 0; j < face[1]; j++) {
      const { startDeg, curveM, offlineM, carryM } = landed(path[0] + i * step, face[0] + j * step);
      values.set([startDeg, curveM, offlineM, carryM], (i * face[1] + j) * FIGURES);
    }
  return { path, face, values };
}

/** Weights of the four nodes round a place between the middle two. */
function weightsAt(t: number, out: Float64Array): void {
  const [t2, t3] = [t * t, t * t * t];
  out[0] = -0.5 * t3 + t2 - 0.5 * t;
  out[1] = 1.5 * t3 - 2.5 * t2 + 1;
  out[2] = -1.5 * t3 + 2 * t2 + 0.5 * t;
  out[3] = 0.5 * t3 - 0.5 * t2;
}

const WX = new Float64Array(4);
const WY = new Float64Array(4);
const clampNode = (at: number, nodes: number): number =>
  at < 0 ? 0 : at >= nodes ? nodes - 1 : at;

/** Adds `share` of the grid's figures at a place to `out`; beyond its edge it is as at the edge. */
function addAt(grid: Grid, path: number, face: number, share: number, out: Float64Array): void {
  const [pathFrom, pathNodes, pathStep] = grid.path;
  const [faceFrom, faceNodes, faceStep] = grid.face;
  const x = Math.max(0, Math.min(pathNodes - 1, (path - pathFrom) / pathStep));
  const y = Math.max(0, Math.min(faceNodes - 1, (face - faceFrom) / faceStep));
  const [i, j] = [Math.min(pathNodes - 2, Math.floor(x)), Math.min(faceNodes - 2, Math.floor(y))];
  weightsAt(x - i, WX);
  weightsAt(y - j, WY);
  const { values } = grid;
  for (let a = 0; a < 4; a++) {
    const row = clampNode(i + a - 1, pathNodes) * faceNodes;
    const along = share * WX[a]!;
    for (let b = 0; b < 4; b++) {
      const weight = along * WY[b]!;
      const at = (row + clampNode(j + b - 1, faceNodes)) * FIGURES;
      out[0]! += weight * values[at]!;
      out[1]! += weight * values[at + 1]!;
      out[2]! += weight * values[at + 2]!;
      out[3]! += weight * values[at + 3]!;
    }
  }
}

export interface Surface {
  /** Where a ball with this path and face lands. */
  readonly at: (pathDeg: number, faceDeg: number) => Landed;
  /** By how much balls round this path and face land elsewhere whose other fields are off the typical ones by `by`. */
  readonly shiftAt: (
    pathDeg: number,
    faceDeg: number,
    by: Readonly<Partial<Record<SlopedField, number>>>,
  ) => Landed;
}

type Fly = (path: number, face: number, changes?: Partial<Delivery>) => Landed;

/** By how much balls land elsewhere for a step of a field, over the reach. */
function slopeGrid(field: SlopedField, reach: Reach, fly: Fly): Grid {
  const step = SLOPED[field];
  return gridOf(reach, SLOPE_NODE_DEG, (path, face) => {
    const [more, less] = [fly(path, face, { [field]: step }), fly(path, face, { [field]: -step })];
    const slope = (of: keyof Landed): number => (more[of] - less[of]) / (2 * step);
    return {
      startDeg: slope('startDeg'),
      curveM: slope('curveM'),
      offlineM: slope('offlineM'),
      carryM: slope('carryM'),
    };
  });
}

/** Returns the surface round a typical delivery; the loft follows the face. `open`: the fields that may be otherwise. */
export function surfaceOf(
  typical: Delivery,
  head: ClubHead,
  flight: FlightOptions,
  reach: Reach,
  open: readonly SlopedField[],
): Surface {
  const options = { ...flight, stepError: STEP_ERROR };
  const fly: Fly = (path, face, changes = {}) => {
    const faced = turnFace(typical, head, face - typical.faceAngleDeg);
    const delivery = boundDelivery({
      ...faced,
      clubPathDeg: path,
      ...Object.fromEntries(
        Object.entries(changes).map(([field, by]) => [
          field,
          faced[field as SlopedField] + (by as number),
        ]),
      ),
    });
    const { launch, flight: flown } = simulateShot(delivery, head, options);
    const { curveM, offlineM, carryM } = flown;
    return { startDeg: launch.startDirectionDeg, curveM, offlineM, carryM };
  };
  const main = gridOf(reach, NODE_DEG, (path, face) => fly(path, face));
  const slopes = open.map((field) => ({ field, grid: slopeGrid(field, reach, fly) }));
  const out = new Float64Array(FIGURES);
  const landed = (): Landed => ({
    startDeg: out[0]!,
    curveM: out[1]!,
    offlineM: out[2]!,
    carryM: out[3]!,
  });
  return {
    at: (pathDeg, faceDeg) => {
      out.fill(0);
      addAt(main, pathDeg, faceDeg, 1, out);
      return landed();
    },
    shiftAt: (pathDeg, faceDeg, by) => {
      out.fill(0);
      for (const { field, grid } of slopes) {
        const off = by[field] ?? 0;
        if (off !== 0) addAt(grid, pathDeg, faceDeg, off, out);
      }
      return landed();
    },
  };
}
