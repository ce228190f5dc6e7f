import { dayIn } from '../day.ts';
import { evidenceOf, plainFigure } from '../number.ts';
import type { Decimal } from '../number.ts';
import type { RawRow, RawTable } from './raw.ts';

/** A cell of a spreadsheet as the package gives it. */
export type SheetCell = string | number | boolean | Date | null | undefined;
export interface Sheet {
  readonly name: string;
  readonly cells: readonly (readonly SheetCell[])[];
}

/** Returns a date as text, its time left out at midnight: a spreadsheet has no dates without one, and no zone. */
function dateText(date: Date): string {
  if (Number.isNaN(date.getTime())) return '';
  const [day = '', time = ''] = date.toISOString().split('T');
  return time.startsWith('00:00:00') ? day : `${day} ${time.slice(0, 8)}`;
}

const textOf = (cell: SheetCell): string =>
  cell === null || cell === undefined ? '' : cell instanceof Date ? dateText(cell) : String(cell);

/** Returns a figure somebody wrote as text: its marks must be read. A day is none. */
const isTextFigure = (cell: SheetCell): cell is string =>
  typeof cell === 'string' && /^\s*[-+(]?\d+[.,]\d/.test(cell) && dayIn(cell) === '';

/** The decimal mark of the figures a sheet has as text; null where it has none, or they could be either. */
function markOf(figures: readonly string[]): Decimal | null {
  const found = figures.map((cell) => evidenceOf(plainFigure(cell).text));
  const count = (mark: Decimal): number => found.filter((one) => one === mark).length;
  if (count('dot') + count('comma') === 0) return null;
  return count('comma') > count('dot') ? 'comma' : 'dot';
}

const swapped = (figure: string): string =>
  figure.replace(/[.,]/g, (mark) => (mark === ',' ? '.' : ','));

/**
 * Returns the sheets of a spreadsheet one under the other. Numbers have no marks to guess; figures written as text have those of
 * their sheet, and are written with points here, as the numbers are.
 */
export function sheetTable(sheets: readonly Sheet[]): RawTable {
  const rows: RawRow[] = [];
  let decimal: 'dot' | null = 'dot';
  const begins: { name: string; firstLine: number }[] = [];
  for (const { name, cells } of sheets) {
    begins.push({ name, firstLine: rows.length + 1 });
    const figures = cells.flat().filter(isTextFigure);
    const mark = markOf(figures);
    if (figures.length > 0 && mark === null) decimal = null;
    const plain = (cell: SheetCell): string =>
      mark === 'comma' && isTextFigure(cell) ? swapped(cell) : textOf(cell);
    for (const row of cells)
      rows.push({ line: rows.length + 1, cells: row.map(plain), trouble: null });
  }
  return { rows, delimiter: null, decimal, sheets: begins };
}
