import { DELIMITERS } from './raw.ts';
import type { RawTable } from './raw.ts';
import { withoutBom } from './text.ts';

/** What is taken of one launch file: far more than a day's balls of a busy studio. */
export const INTAKE_LIMITS = {
  lines: 60_000,
  columns: 200,
  /** Letters of one column name; what is longer is no name. */
  headerLetters: 200,
} as const;

/** Said of more rows than are taken. */
export const tooManyRows = (word = 'rows'): string =>
  `The file has more than ${INTAKE_LIMITS.lines} ${word}, the most taken at once. Export fewer balls, or split the file and drop each part.`;
/** Said of a row with more columns than are taken. */
export const tooManyColumns = (row: number, word = 'Row'): string =>
  `${word} ${row} has more than ${INTAKE_LIMITS.columns} columns, the most taken. Export fewer columns.`;

/** Returns how often a mark stands in a text, up to a number of them. */
function countUpTo(text: string, mark: string, most: number): number {
  let count = 0;
  for (let at = text.indexOf(mark); at >= 0 && count <= most; at = text.indexOf(mark, at + 1))
    count += 1;
  return count;
}

/** Lines of a text, whatever ends them: `\r` alone counts where there is no `\n`. */
const lineEnd = (text: string): string => (text.includes('\n') ? '\n' : '\r');

/**
 * Why a file is more than is taken at once, in a sentence that says what to do; null where it is not.
 * Goes over the text a fixed number of times, and stops as soon as it knows.
 */
export function tooMuch(text: string): string | null {
  const { lines, columns } = INTAKE_LIMITS;
  const body = withoutBom(text).trimEnd();
  const end = lineEnd(body);
  if (countUpTo(body, end, lines) >= lines) return tooManyRows('lines');
  for (const [index, line] of body.split(end).entries()) {
    if (DELIMITERS.some((mark) => countUpTo(line, mark, columns) >= columns))
      return tooManyColumns(index + 1, 'Line');
  }
  return null;
}

/** Returns the same of a table that came from no text. */
export function tooMuchTable({ rows, delimiter }: RawTable): string | null {
  if (delimiter !== null) return null;
  const { lines, columns } = INTAKE_LIMITS;
  if (rows.length > lines) return tooManyRows();
  const wide = rows.find(({ cells }) => cells.length > columns);
  return wide === undefined ? null : tooManyColumns(wide.line);
}
