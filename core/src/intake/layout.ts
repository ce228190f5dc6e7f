import type { Unit } from '../units/units.ts';
import { recogniseHeader, recogniseUnit } from './headers.ts';
import type { ColumnMeaning } from './headers.ts';
import { infoOf } from './quantities.ts';
import type { Quantity } from './quantities.ts';
import { DELIMITERS, readTable } from './table.ts';
import type { Delimiter, TableRow } from './table.ts';
import { isMissing } from './value.ts';

/** What the coach says a column is; null leaves it out. */
export interface ColumnMapping {
  readonly meaning: ColumnMeaning | null;
  readonly unit?: Unit | null;
}

export interface FileColumn {
  readonly index: number;
  readonly header: string;
  readonly meaning: ColumnMeaning | null;
  readonly unit: Unit | null;
  /** Where the unit comes from: the file, the coach, or the quantity's only usual unit. */
  readonly unitFrom: 'file' | 'coach' | 'usual' | 'none';
  /** Up to three figures of the column, for the coach to recognise it by. */
  readonly examples: readonly string[];
}

export interface FileLayout {
  readonly delimiter: Delimiter;
  readonly headerIndex: number;
  readonly unitsIndex: number | null;
  readonly columns: readonly FileColumn[];
}

/** Rows looked at for the header: anything above it is a preamble. */
const HEADER_SEARCH_ROWS = 30;
/** Letters looked at for it, so that a long file is not scanned for each delimiter. */
const HEADER_SEARCH_LENGTH = 64 * 1024;

const textOf = (meaning: ColumnMeaning | null): meaning is 'club' | 'hitAt' =>
  meaning === 'club' || meaning === 'hitAt';
export const isQuantity = (meaning: ColumnMeaning | null): meaning is Quantity =>
  meaning !== null && !textOf(meaning);

const recognisedIn = (cells: readonly string[]): number =>
  new Set(cells.map((cell) => recogniseHeader(cell).meaning).filter((m) => m !== null)).size;

/** The row most like a header: most recognised names; else the first of two or more texts. */
function findHeader(rows: readonly TableRow[]): number {
  let best = -1;
  let bestCount = 0;
  rows.forEach((row, index) => {
    const count = recognisedIn(row.cells);
    if (count > bestCount) [best, bestCount] = [index, count];
  });
  if (best >= 0) return best;
  return rows.findIndex(
    (row) => row.cells.filter((cell) => /[a-z]/i.test(cell) && !/\d/.test(cell)).length >= 2,
  );
}

function chooseDelimiter(text: string): { delimiter: Delimiter; headerIndex: number } {
  let best = { delimiter: DELIMITERS[0] as Delimiter, headerIndex: -1, score: -1 };
  const head = text.slice(0, HEADER_SEARCH_LENGTH);
  for (const delimiter of DELIMITERS) {
    const rows = readTable(head, delimiter, HEADER_SEARCH_ROWS);
    const headerIndex = findHeader(rows);
    const header = rows[headerIndex]?.cells ?? [];
    const score = recognisedIn(header) * 1000 + header.length;
    if (score > best.score) best = { delimiter, headerIndex, score };
  }
  return best;
}

/** A row under the header that holds units and no figures. */
function isUnitsRow(row: TableRow | undefined): boolean {
  const cells = (row?.cells ?? []).filter((cell) => !isMissing(cell));
  const units = cells.filter((cell) => recogniseUnit(cell) !== null).length;
  return units > 0 && units * 2 >= cells.length && !cells.some((cell) => /\d/.test(cell));
}

const examplesOf = (rows: readonly TableRow[], from: number, index: number): string[] =>
  rows
    .slice(from, from + 40)
    .map((row) => (row.cells[index] ?? '').trim())
    .filter((cell) => !isMissing(cell))
    .slice(0, 3);

function columnOf(
  header: string,
  index: number,
  unitsCell: string,
  mapping: ColumnMapping | undefined,
  examples: readonly string[],
): FileColumn {
  const recognised = recogniseHeader(header);
  const meaning = mapping === undefined ? recognised.meaning : mapping.meaning;
  const blank = { index, header, meaning, unit: null, unitFrom: 'none', examples } as const;
  if (!isQuantity(meaning)) return blank;
  const info = infoOf(meaning);
  const fits = (unit: Unit | null | undefined): unit is Unit =>
    unit !== null && unit !== undefined && info.units.includes(unit);
  const fileUnit = [recogniseUnit(unitsCell), recognised.unit].find(fits);
  if (fits(mapping?.unit)) return { ...blank, unit: mapping.unit, unitFrom: 'coach' };
  if (fileUnit !== undefined) return { ...blank, unit: fileUnit, unitFrom: 'file' };
  if (info.assumed) return { ...blank, unit: info.units[0]!, unitFrom: 'usual' };
  return blank;
}

/** Keeps the first column of each meaning; later ones are left out, as the coach can see. */
function withoutRepeats(columns: readonly FileColumn[]): FileColumn[] {
  const seen = new Set<ColumnMeaning>();
  return columns.map((column) => {
    if (column.meaning === null) return column;
    if (seen.has(column.meaning)) return { ...column, meaning: null, unit: null, unitFrom: 'none' };
    seen.add(column.meaning);
    return column;
  });
}

/** How a file is laid out; null when no row looks like a header. `mapping` is by header text. */
export function findLayout(
  text: string,
  mapping: Readonly<Record<string, ColumnMapping>>,
): { layout: FileLayout; rows: TableRow[] } | null {
  const { delimiter, headerIndex } = chooseDelimiter(text);
  if (headerIndex < 0) return null;
  const rows = readTable(text, delimiter);
  const unitsIndex = isUnitsRow(rows[headerIndex + 1]) ? headerIndex + 1 : null;
  const firstData = (unitsIndex ?? headerIndex) + 1;
  const unitCells = unitsIndex === null ? [] : (rows[unitsIndex]?.cells ?? []);
  const columns = (rows[headerIndex]?.cells ?? []).map((cell, index) => {
    const header = cell.trim();
    const said = Object.hasOwn(mapping, header) ? mapping[header] : undefined;
    return columnOf(
      header,
      index,
      unitCells[index] ?? '',
      said,
      examplesOf(rows, firstData, index),
    );
  });
  return {
    layout: { delimiter, headerIndex, unitsIndex, columns: withoutRepeats(columns) },
    rows,
  };
}
