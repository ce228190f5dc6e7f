import type { Unit } from '../../units/units.ts';
import { CONFIDENCE, recogniseHeader, recogniseName } from './header.ts';
import type { RecognisedHeader } from './header.ts';
import { INTAKE_LIMITS } from '../table/limits.ts';
import { isQuantity, isText } from './meaning.ts';
import type { ColumnMeaning } from './meaning.ts';
import { infoOf } from '../quantities.ts';
import { remembered } from '../remembered.ts';
import { sidesOf } from '../side.ts';
import type { Side } from '../side.ts';
import type { RawRow } from '../table/raw.ts';
import { unitInCell } from './value.ts';
import { isMissing, languageOf, plainText, recogniseUnit } from './vocabulary.ts';

/** What the coach says a column is; a meaning of null leaves it out. */
export interface ColumnMapping {
  readonly meaning: ColumnMeaning | null;
  readonly unit?: Unit | null;
  /** What plus stands for; null leaves it to the file. */
  readonly plus?: Side | null;
  /** Whether its signs are the other way round than they are read; false says that they are not. */
  readonly turned?: boolean | null;
  /** Whether a face is given where the ball was struck, and not in its middle. */
  readonly atStrike?: boolean | null;
}

export interface FileColumn {
  readonly index: number;
  /** Its name, with a number where another has the same. */
  readonly header: string;
  readonly meaning: ColumnMeaning | null;
  readonly unit: Unit | null;
  /** Where the unit comes from: the file, the coach, or the quantity's only usual unit. */
  readonly unitFrom: 'file' | 'coach' | 'usual' | 'none';
  /** What plus stands for; null where it is the usual, or the figures are no sideways ones. */
  readonly plus: Side | null;
  readonly plusFrom: 'file' | 'coach' | 'usual' | 'unclear' | 'none';
  /** Whether the coach has said that its signs are turned, or are not; null where nobody was asked. */
  readonly turned: boolean | null;
  /** Whether the coach has said that a face is given where the ball was struck, or is not; null where nobody was asked. */
  readonly atStrike: boolean | null;
  /** How sure the reading is, from 0 to 1, and why. */
  readonly confidence: number;
  readonly reason: string;
  /** The column that was taken for what this one says as well; null where it is none of two. */
  readonly twin: string | null;
  /** Up to three figures of the column, for the coach to recognise it by. */
  readonly examples: readonly string[];
}

/** Returns the column of a quantity. */
export const columnFor = (
  columns: readonly FileColumn[],
  quantity: string,
): FileColumn | undefined => columns.find(({ meaning }) => meaning === quantity);

/** Where the head of a file stands: rows of names, and of units. */
export interface Head {
  readonly from: number;
  /** Index of its last row. */
  readonly to: number;
  readonly names: readonly string[];
  readonly unitsIndex: number | null;
}

/** Rows looked at for the head: anything above it is a preamble. */
const HEAD_SEARCH_ROWS = 60;

/** A row that names so much is the head: what follows it at a distance is looked at as it comes. */
const SURE_NAMES = 3;

/** What a name means in a head of each language. */
const headersIn = remembered((language) => remembered((text) => recogniseHeader(text, language)));
export const headerOf = (text: string, language = 'English'): RecognisedHeader =>
  headersIn(language)(text);
/** The known name a text holds; null for none, without a guess what it may be. */
const nameOf = remembered((text) => recogniseName(text, 'English'));

/** The language a head is in. */
export const languageIn = (names: readonly string[]): string =>
  languageOf(names.map((name) => nameOf(name)?.name ?? undefined));

/** Returns how many different things a row's cells name, sure or likely. */
export function namedIn(cells: readonly string[]): number {
  const names = new Set<ColumnMeaning>();
  for (const cell of cells) {
    if (cell === '' || /^[\s\d.,+-]*$/.test(cell)) continue;
    const known = nameOf(cell);
    if (known === null || known.meaning === null) continue;
    if (known.confidence >= CONFIDENCE.ask) names.add(known.meaning);
  }
  return names.size;
}

const isFigure = (cell: string): boolean => /^\s*[(+\-−–]?[\d.,]+\s*[)%°]?\s*$/.test(cell);
export const holdsFigures = ({ cells }: RawRow): boolean => cells.some(isFigure);

/** Returns a row under the names that holds units and no figures. */
export function isUnitsRow(row: RawRow | undefined): boolean {
  const cells = (row?.cells ?? []).filter((cell) => !isMissing(cell));
  const units = cells.filter((cell) => recogniseUnit(cell) !== null).length;
  return units > 0 && units * 2 >= cells.length && !cells.some(isFigure);
}

/** Names of groups carried over the columns they span: a merged cell gives its text to the first alone. */
function spread(cells: readonly string[]): string[] {
  let last = '';
  return cells.map((cell) => (cell.trim() === '' ? last : (last = cell.trim())));
}

const joined = (above: readonly string[], below: readonly string[]): string[] =>
  Array.from({ length: Math.max(above.length, below.length) }, (_, i) =>
    `${above[i] ?? ''} ${below[i] ?? ''}`.trim(),
  );

/** Names written over two rows: one under the other, or groups over their columns. */
function twoRows(above: RawRow, below: RawRow | undefined): string[] | null {
  if (below === undefined || holdsFigures(above) || holdsFigures(below)) return null;
  const plain = joined(above.cells, below.cells);
  const grouped = joined(spread(above.cells), below.cells);
  const names = namedIn(grouped) > namedIn(plain) ? grouped : plain;
  // A name of its own in the lower row stands for itself: `Spin` over `Spin Rate`.
  return names.map((name, i) => {
    const own = below.cells[i] ?? '';
    return headerOf(name).meaning === null && headerOf(own).meaning !== null ? own : name;
  });
}

/** Returns the row of names most like a head; else the first of two or more texts; null where there is none. */
export function findHead(rows: readonly RawRow[], from = 0): Head | null {
  let best: Head | null = null;
  let bestCount = 0;
  let bestEnd = 0;
  const end = Math.min(rows.length, from + HEAD_SEARCH_ROWS);
  const take = (count: number, at: number, to: number, names: readonly string[]): void => {
    if (count <= bestCount) return;
    [bestCount, bestEnd] = [count, to];
    best = { from: at, to, names, unitsIndex: null };
  };
  for (let at = from; at < end; at++) {
    const row = rows[at]!;
    if (row.cells.length < 2 && bestCount > 0) continue;
    if (bestCount >= SURE_NAMES && at > bestEnd + 3) break;
    const single = namedIn(row.cells);
    take(single, at, at, row.cells);
    const below = rows[at + 1];
    const both = isUnitsRow(below) ? null : twoRows(row, below);
    if (both === null || below === undefined) continue;
    const count = namedIn(both);
    if (count > Math.max(single, namedIn(below.cells))) take(count, at, at + 1, both);
  }
  const found = best ?? firstTexts(rows, from, end);
  return found === null ? null : withUnits(found, rows);
}

function firstTexts(rows: readonly RawRow[], from: number, end: number): Head | null {
  for (let at = from; at < end; at++) {
    const { cells } = rows[at]!;
    const texts = cells.filter((cell) => /\p{L}/u.test(cell) && !/\d/.test(cell));
    if (texts.length >= 2) return { from: at, to: at, names: cells, unitsIndex: null };
  }
  return null;
}

/** Returns a head with the row of units under it, if there is one. */
export function withUnits(head: Head, rows: readonly RawRow[]): Head {
  const under = head.to + 1;
  return isUnitsRow(rows[under]) ? { ...head, to: under, unitsIndex: under } : head;
}

/** Rows under a head that are looked at for examples. */
const EXAMPLE_ROWS = 12;

/** Some rows under a head that are neither names nor titles. */
const someRows = (rows: readonly RawRow[], from: number): RawRow[] =>
  rows
    .slice(from, from + EXAMPLE_ROWS)
    .filter(
      ({ cells }) => namedIn(cells) < 2 && cells.filter((cell) => !isMissing(cell)).length > 1,
    );

const examplesOf = (rows: readonly RawRow[], index: number): string[] =>
  rows
    .map(({ cells }) => (cells[index] ?? '').trim())
    .filter((cell) => !isMissing(cell))
    .slice(0, 3);

/** The unit a column is in, and who says so. */
function unitOf(
  recognised: RecognisedHeader,
  meaning: ColumnMeaning | null,
  unitsCell: string,
  said: Unit | null,
  examples: readonly string[],
): Pick<FileColumn, 'unit' | 'unitFrom'> {
  if (!isQuantity(meaning)) return { unit: null, unitFrom: 'none' };
  const info = infoOf(meaning);
  const fits = (unit: Unit | null): unit is Unit => unit !== null && info.units.includes(unit);
  if (fits(said)) return { unit: said, unitFrom: 'coach' };
  const stated = [recogniseUnit(unitsCell), recognised.unit].find(fits);
  if (stated !== undefined) return { unit: stated, unitFrom: 'file' };
  const inCells = new Set(examples.map((cell) => unitInCell(cell, info.units)));
  const [only = null] = inCells;
  if (only !== null && inCells.size === 1) return { unit: only, unitFrom: 'file' };
  if (info.assumed) return { unit: info.units[0]!, unitFrom: 'usual' };
  return { unit: null, unitFrom: 'none' };
}

/** Returns what plus stands for in a column, and who says so. */
function plusOf(
  { plus }: RecognisedHeader,
  meaning: ColumnMeaning | null,
  said: Side | null,
): Pick<FileColumn, 'plus' | 'plusFrom'> {
  const sides = isQuantity(meaning) ? sidesOf(infoOf(meaning).side) : [];
  if (sides.length === 0) return { plus: null, plusFrom: 'none' };
  if (said !== null && sides.includes(said)) return { plus: said, plusFrom: 'coach' };
  if (plus === null) return { plus: null, plusFrom: 'usual' };
  if (plus === 'unclear' || !sides.includes(plus)) return { plus: null, plusFrom: 'unclear' };
  return { plus, plusFrom: 'file' };
}

function columnOf(
  header: string,
  index: number,
  unitsCell: string,
  said: ColumnMapping | undefined,
  examples: readonly string[],
  language: string,
): FileColumn {
  const recognised = headerOf(header, language);
  const meaning = said === undefined ? recognised.meaning : said.meaning;
  const base = { index, header, meaning, examples };
  // Signs that turned out turned, and nothing else said, leave the name to say what it is.
  const isNamed =
    said === undefined ||
    (said.meaning === recognised.meaning &&
      recognised.confidence >= CONFIDENCE.ask &&
      (said.unit ?? said.plus ?? null) === null);
  const sure = isNamed
    ? { confidence: recognised.confidence, reason: recognised.reason }
    : { confidence: 1, reason: 'The coach says so.' };
  return {
    ...base,
    ...sure,
    turned: said?.turned ?? null,
    atStrike: said?.atStrike ?? null,
    twin: null,
    ...unitOf(recognised, meaning, unitsCell, said?.unit ?? null, examples),
    ...plusOf(recognised, meaning, said?.plus ?? null),
  };
}

const LEFT_OUT = {
  meaning: null,
  unit: null,
  unitFrom: 'none',
  plus: null,
  plusFrom: 'none',
} as const;

/** Of columns that say the same, the one that says it most plainly; the others are left out, and say so. */
function withoutRepeats(columns: readonly FileColumn[]): FileColumn[] {
  const best = new Map<ColumnMeaning, FileColumn>();
  for (const column of columns) {
    const { meaning, confidence } = column;
    if (meaning === null || (isText(meaning) && meaning !== 'club')) continue;
    const other = best.get(meaning);
    if (other === undefined || confidence > other.confidence) best.set(meaning, column);
  }
  return columns.map((column) => {
    const first = column.meaning === null ? undefined : best.get(column.meaning);
    if (first === undefined || first === column) return column;
    const reason =
      first.confidence > column.confidence
        ? `“${first.header}” says it more plainly.`
        : `“${first.header}” says the same.`;
    const isEqual = first.confidence === column.confidence;
    return { ...column, ...LEFT_OUT, confidence: 1, reason, twin: isEqual ? first.header : null };
  });
}

/** Names of columns, each once: a second of the same has a number. */
export function uniqueNames(cells: readonly string[]): string[] {
  const seen = new Map<string, number>();
  return cells.map((cell) => {
    const name = plainText(cell);
    const count = (seen.get(name) ?? 0) + 1;
    seen.set(name, count);
    return count === 1 || name === '' ? name : `${name} (${count})`;
  });
}

/** Returns the columns under a head. `mapping` is by their names. */
export function columnsOf(
  rows: readonly RawRow[],
  head: Head,
  mapping: Readonly<Record<string, ColumnMapping>>,
): FileColumn[] {
  const units = head.unitsIndex === null ? [] : (rows[head.unitsIndex]?.cells ?? []);
  const language = languageIn(head.names);
  const some = someRows(rows, head.to + 1);
  const columns = uniqueNames(head.names.slice(0, INTAKE_LIMITS.columns)).map((header, index) => {
    const said = Object.hasOwn(mapping, header) ? mapping[header] : undefined;
    const examples = examplesOf(some, index);
    return columnOf(header, index, units[index] ?? '', said, examples, language);
  });
  return withoutRepeats(columns);
}
