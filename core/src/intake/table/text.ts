import Papa from 'papaparse';
import { DELIMITERS } from './raw.ts';
import type { Delimiter, RawRow, RawTable } from './raw.ts';

/** Text without the byte-order mark. */
export const withoutBom = (text: string): string =>
  text.charCodeAt(0) === 0xfeff ? text.slice(1) : text;

const UNCLOSED = 'A quotation mark is opened and not closed.';

interface Parsed {
  readonly data: readonly string[][];
  readonly errors: readonly { readonly type: string }[];
}
/** Returns what ends the lines of a text: looked for here once, as the package looks through all of a quoted text. */
const newlineOf = (text: string): '\r\n' | '\n' | '\r' =>
  text.includes('\r\n') ? '\r\n' : text.includes('\n') ? '\n' : '\r';
const parse = (text: string, delimiter: Delimiter, preview = 0): Parsed =>
  Papa.parse<string[]>(text, { delimiter, preview, newline: newlineOf(text) });

const hasQuoteError = ({ errors }: Parsed): boolean => errors.some(({ type }) => type === 'Quotes');

/** Returns how many cells most rows have. */
function usualWidth(data: readonly string[][]): number {
  const counts = new Map<number, number>();
  for (const { length } of data) counts.set(length, (counts.get(length) ?? 0) + 1);
  return [...counts].reduce((best, one) => (one[1] > best[1] ? one : best), [0, 0])[0];
}

/**
 * Returns whether a quotation mark has swallowed lines: one is left open, or a cell holds a line break beside the mark between
 * cells, or its row is not as wide as the others. A cell of launch data has no lines of its own.
 */
function isTorn(parsed: Parsed, delimiter: Delimiter): boolean {
  if (hasQuoteError(parsed)) return true;
  const isSwallowed = (cell: string): boolean => cell.includes('\n') && cell.includes(delimiter);
  if (parsed.data.some((cells) => cells.some(isSwallowed))) return true;
  const torn = parsed.data.filter((cells) => cells.some((cell) => cell.includes('\n')));
  if (torn.length === 0) return false;
  const width = usualWidth(parsed.data);
  return torn.some(({ length }) => length !== width);
}

/** Line by line, so that a stray quotation mark costs its own line and no other. */
function readLines(text: string, delimiter: Delimiter): RawRow[] {
  return text.split(/\r\n|\n|\r/).map((words, index) => {
    const parsed = parse(words, delimiter);
    const trouble = hasQuoteError(parsed) ? UNCLOSED : null;
    return { line: index + 1, cells: parsed.data[0] ?? [''], trouble };
  });
}

/** Rows of a delimited text, quoted fields and all, with the lines they start on. */
function readRows(text: string, delimiter: Delimiter, preview = 0): RawRow[] {
  const parsed = parse(text, delimiter, preview);
  const quoted = text.includes('"');
  if (quoted && isTorn(parsed, delimiter)) {
    const rows = readLines(text, delimiter);
    return preview > 0 ? rows.slice(0, preview) : rows;
  }
  let line = 1;
  return parsed.data.map((cells) => {
    const row = { line, cells, trouble: null };
    line += 1;
    if (quoted) for (const cell of cells) line += cell.split('\n').length - 1;
    return row;
  });
}

/** Rows looked at to tell what parts the cells. */
const SAMPLE_ROWS = 30;
/** Letters looked at for it, so that a long file is not scanned for each mark. */
const SAMPLE_LENGTH = 64 * 1024;

const SEP_LINE = /^sep=(.)[ \t]*(?:\r\n|\n|\r|$)/i;

/** Returns what a first line `sep=;` says, as sheets write it; null where there is none. */
function statedDelimiter(text: string): Delimiter | null {
  const mark = SEP_LINE.exec(text)?.[1];
  return DELIMITERS.find((delimiter) => delimiter === mark) ?? null;
}

/**
 * Returns the rows of a delimited text. What parts the cells is what the file says (`sep=`), or else the mark under which
 * its head scores best: `score` says how much some rows look like a head.
 */
export function readText(text: string, score: (rows: readonly RawRow[]) => number): RawTable {
  const bare = withoutBom(text);
  const stated = statedDelimiter(bare);
  let delimiter: Delimiter = stated ?? DELIMITERS[0];
  if (stated === null) {
    const head = bare.slice(0, SAMPLE_LENGTH);
    let best = -1;
    for (const mark of DELIMITERS) {
      const rows = head.includes(mark) ? readRows(head, mark, SAMPLE_ROWS) : [];
      const points = score(rows);
      if (points > best) [delimiter, best] = [mark, points];
    }
  }
  return { rows: readRows(bare, delimiter), delimiter, decimal: null, sheets: [] };
}
