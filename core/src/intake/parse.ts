import type { Hand } from '../line/hand.ts';
import { findLayout, isQuantity } from './layout.ts';
import type { ColumnMapping, FileColumn } from './layout.ts';
import type { MeasuredBall } from './quantities.ts';
import { askSigns, askUnits, findDecimal } from './questions.ts';
import type { IntakeQuestion } from './questions.ts';
import { createRowReader } from './row.ts';
import type { CellProblem } from './row.ts';
import { readTable } from './table.ts';
import type { TableRow } from './table.ts';
import { isMissing } from './value.ts';
import type { SignRule } from './value.ts';

export interface IntakeOptions {
  /** The player's hand; without it I-O and O-I cannot be read. */
  readonly hand?: Hand | null;
  /** What plus and minus mean for a left-hander; without it the file's signs are asked about. */
  readonly signs?: SignRule;
  /** What columns are, by header text; unnamed columns are recognised. */
  readonly mapping?: Readonly<Record<string, ColumnMapping>>;
  readonly decimal?: 'dot' | 'comma';
}

/** What became of a row of the file. `line` counts from 1. */
export interface RowFate {
  readonly line: number;
  readonly fate: 'ball' | 'rejected' | 'header' | 'units' | 'preamble' | 'summary' | 'blank';
  /** Why, in words: for each bad cell of a rejected row, or for the row. */
  readonly reason: string;
  readonly problems: readonly CellProblem[];
  /** Index into `balls` for fate `ball`. */
  readonly ball: number | null;
}

export interface ParsedLaunchFile {
  readonly balls: readonly MeasuredBall[];
  readonly rows: readonly RowFate[];
  readonly columns: readonly FileColumn[];
  /** What must be answered before the balls can be trusted; empty when nothing is open. */
  readonly questions: readonly IntakeQuestion[];
  readonly delimiter: string;
  readonly decimal: 'dot' | 'comma';
}

const SUMMARY =
  /^\W*(?:avg|average|mean|median|std|st\.? ?dev|standard dev|sd\b|min|max|total|sum|consistency|spread)/i;

const NONE: readonly CellProblem[] = [];
const fate = (line: number, name: RowFate['fate'], reason = ''): RowFate => ({
  line,
  fate: name,
  reason,
  problems: NONE,
  ball: null,
});

function unreadable(text: string): ParsedLaunchFile {
  const rows = readTable(text, ',').map((row) =>
    row.cells.every(isMissing)
      ? fate(row.line, 'blank')
      : fate(row.line, 'rejected', 'No row of column names was found above this row.'),
  );
  return {
    balls: [],
    rows,
    columns: [],
    questions: [{ kind: 'columns', text: NO_COLUMNS }],
    delimiter: ',',
    decimal: 'dot',
  };
}

const NO_COLUMNS =
  'No column of this file was recognised. Name the columns that hold face, path, start or any ' +
  'other figure, or export the file again with its row of column names.';

const problemText = (problem: CellProblem): string =>
  problem.header === '' ? problem.reason : `Column “${problem.header}”: ${problem.reason}.`;

/**
 * Launch data from delimited text: commas, semicolons or tabs, quoted fields, a byte-order mark,
 * decimal commas, a row of units, a preamble. Never throws for any text; every row has a fate.
 * A row with a bad figure is refused whole, with the column and why, and the rest is kept.
 */
export function parseLaunchFile(text: string, options: IntakeOptions = {}): ParsedLaunchFile {
  const found = findLayout(text, options.mapping ?? {});
  if (found === null) return unreadable(text);
  const { layout, rows } = found;
  const { columns, headerIndex, unitsIndex } = layout;
  const hand = options.hand ?? null;
  const data = rows.slice((unitsIndex ?? headerIndex) + 1);
  const marks = findDecimal(columns, data);
  const decimal = options.decimal ?? marks.decimal ?? 'dot';
  const readRow = createRowReader(columns, { decimal, hand, signs: options.signs ?? 'target' });

  const balls: MeasuredBall[] = [];
  const fateOf = (row: TableRow, index: number): RowFate => {
    if (index === headerIndex) return fate(row.line, 'header');
    if (index === unitsIndex) return fate(row.line, 'units');
    if (row.trouble !== null) return fate(row.line, 'rejected', row.trouble);
    if (row.cells.every(isMissing)) return fate(row.line, 'blank');
    if (index < headerIndex) return fate(row.line, 'preamble');
    if (SUMMARY.test(row.cells.find((cell) => !isMissing(cell)) ?? '')) {
      return fate(row.line, 'summary', 'A summary of the rows above, not a ball.');
    }
    const read = readRow(row.cells);
    if ('problems' in read) {
      const { problems } = read;
      return {
        line: row.line,
        fate: 'rejected',
        reason: problems.map(problemText).join(' '),
        problems,
        ball: null,
      };
    }
    balls.push(read.ball);
    return { line: row.line, fate: 'ball', reason: '', problems: NONE, ball: balls.length - 1 };
  };
  const fates = rows.map(fateOf);
  const questions: IntakeQuestion[] = [...askUnits(columns)];
  if (options.signs === undefined) questions.push(...askSigns(hand, columns, data));
  if (!columns.some((column) => isQuantity(column.meaning))) {
    questions.push({ kind: 'columns', text: NO_COLUMNS });
  }
  if (options.decimal === undefined && marks.decimal === null) {
    questions.push({
      kind: 'decimal',
      example: marks.example,
      text: `“${marks.example}” could be a decimal comma or a thousands comma. Which is it?`,
    });
  }
  return { balls, rows: fates, columns, questions, delimiter: layout.delimiter, decimal };
}
