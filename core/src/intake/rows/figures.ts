import { QUANTITY_NAMES } from '../quantities.ts';
import type { MeasuredBall, Quantity } from '../quantities.ts';

/** Place of each quantity in a row of figures. */
export const PLACE: Readonly<Record<Quantity, number>> = Object.fromEntries(
  QUANTITY_NAMES.map((name, at) => [name, at]),
) as Record<Quantity, number>;

/** Returns a row of figures by their places, NaN where there is none: one for all rows of a file. */
export const emptyFigures = (): Float64Array => new Float64Array(QUANTITY_NAMES.length).fill(NaN);

/** NaN as null: what was not measured. */
const told = (figure: number): number | null => (figure === figure ? figure : null);

export type DraftBall = { -readonly [K in keyof MeasuredBall]: MeasuredBall[K] };

/** Returns a ball of a row of figures, written out: made so often that it must be made in one go. */
export const ballOf = (f: Float64Array): DraftBall => ({
  clubSpeedMps: told(f[0]!),
  attackAngleDeg: told(f[1]!),
  clubPathDeg: told(f[2]!),
  faceAngleDeg: told(f[3]!),
  faceToPathDeg: told(f[4]!),
  dynamicLoftDeg: told(f[5]!),
  spinLoftDeg: told(f[6]!),
  swingDirectionDeg: told(f[7]!),
  swingPlaneDeg: told(f[8]!),
  strikeToeMm: told(f[9]!),
  strikeHighMm: told(f[10]!),
  ballSpeedMps: told(f[11]!),
  launchAngleDeg: told(f[12]!),
  startDirectionDeg: told(f[13]!),
  spinRateRpm: told(f[14]!),
  spinAxisTiltDeg: told(f[15]!),
  carryM: told(f[18]!),
  totalM: told(f[19]!),
  offlineM: told(f[20]!),
  curveM: told(f[21]!),
  apexM: told(f[22]!),
  descentAngleDeg: told(f[23]!),
  flightTimeS: told(f[24]!),
  club: null,
  clubText: null,
  hitAt: null,
});
