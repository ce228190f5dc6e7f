/** Where a figure of a ball comes from: the row, the flight model, or impact and flight together. */
export type FigureSource = 'measured' | 'flight' | 'model';

export interface SourcedFigure {
  readonly value: number;
  readonly from: FigureSource;
}
