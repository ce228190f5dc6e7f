import type { CellProblem } from './row.ts';

export const ROW_FATES = [
  'ball',
  'rejected',
  'other',
  'header',
  'units',
  'preamble',
  'title',
  'note',
  'summary',
  'blank',
] as const;

/** What became of a row of the file. `line` counts from 1. */
export interface RowFate {
  readonly line: number;
  readonly fate: (typeof ROW_FATES)[number];
  /** Why, in words: for each bad cell of a rejected row, or for the row. */
  readonly reason: string;
  readonly problems: readonly CellProblem[];
  /** Index into `balls` for fate `ball`. */
  readonly ball: number | null;
}

const NONE: readonly CellProblem[] = [];

export const fateOf = (line: number, fate: RowFate['fate'], reason = ''): RowFate => ({
  line,
  fate,
  reason,
  problems: NONE,
  ball: null,
});

const problemText = (problem: CellProblem): string =>
  problem.header === '' ? problem.reason : `Column “${problem.header}”: ${problem.reason}.`;

export const refused = (line: number, problems: readonly CellProblem[]): RowFate => ({
  line,
  fate: 'rejected',
  reason: problems.map(problemText).join(' '),
  problems,
  ball: null,
});
