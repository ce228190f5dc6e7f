/** Where a figure of a ball comes from: the row, the flight model, or impact and flight together. */
export type FigureSource = 'measured' | 'flight' | 'model';

export interface SourcedFigure {
  readonly value: number;
  readonly from: FigureSource;
}

/** The figures a reading averages and a proof compares; degrees, m and m/s, positive right, strike in mm to the toe. */
export const PROOF_FIGURES = [
  'clubPathDeg',
  'faceAngleDeg',
  'faceToPathDeg',
  'startDirectionDeg',
  'curveM',
  'offlineM',
  'carryM',
  'strikeToeMm',
  'ballSpeedMps',
  'clubSpeedMps',
] as const;
export type ProofFigure = (typeof PROOF_FIGURES)[number];
export type ProofBall = { readonly [F in ProofFigure]?: number | null };
