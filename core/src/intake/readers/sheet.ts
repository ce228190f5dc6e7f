import type { RawRow, RawTable } from './raw.ts';

/** A cell of a spreadsheet as the package gives it. */
export type SheetCell = string | number | boolean | Date | null | undefined;
export interface Sheet {
  readonly name: string;
  readonly cells: readonly (readonly SheetCell[])[];
}

/** A date as text, its time left out at midnight: a spreadsheet has no dates without one, and no zone. */
function dateText(date: Date): string {
  if (Number.isNaN(date.getTime())) return '';
  const [day = '', time = ''] = date.toISOString().split('T');
  return time.startsWith('00:00:00') ? day : `${day} ${time.slice(0, 8)}`;
}

const textOf = (cell: SheetCell): string =>
  cell === null || cell === undefined ? '' : cell instanceof Date ? dateText(cell) : String(cell);

/** A figure somebody wrote as text: its marks must be read. */
const isTextFigure = (cell: SheetCell): boolean =>
  typeof cell === 'string' && /^\s*[-+(]?\d+[.,]\d/.test(cell);

/** The sheets of a spreadsheet one under the other; numbers have no marks to guess. */
export function sheetTable(sheets: readonly Sheet[]): RawTable {
  const rows: RawRow[] = [];
  let decimal: 'dot' | null = 'dot';
  const begins: { name: string; firstLine: number }[] = [];
  for (const { name, cells } of sheets) {
    begins.push({ name, firstLine: rows.length + 1 });
    for (const row of cells) {
      if (row.some(isTextFigure)) decimal = null;
      rows.push({ line: rows.length + 1, cells: row.map(textOf), trouble: null });
    }
  }
  return { rows, delimiter: null, decimal, sheets: begins };
}
