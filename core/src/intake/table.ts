import Papa from 'papaparse';

export const DELIMITERS = [',', ';', '\t'] as const;
export type Delimiter = (typeof DELIMITERS)[number];

export interface TableRow {
  /** Line of the file the row starts on, from 1. */
  readonly line: number;
  readonly cells: readonly string[];
  /** Why its cells cannot be trusted; null for almost all. */
  readonly trouble: string | null;
}

/** Text without the byte-order mark. */
export const withoutBom = (text: string): string =>
  text.charCodeAt(0) === 0xfeff ? text.slice(1) : text;

const UNCLOSED = 'A quotation mark is opened and not closed.';

interface Parsed {
  readonly data: readonly string[][];
  readonly errors: readonly { readonly type: string }[];
}
const parse = (text: string, delimiter: Delimiter, preview = 0): Parsed =>
  Papa.parse<string[]>(text, { delimiter, preview });

const hasQuoteError = ({ errors }: Parsed): boolean => errors.some(({ type }) => type === 'Quotes');

/** How many cells most rows have. */
function usualWidth(data: readonly string[][]): number {
  const counts = new Map<number, number>();
  for (const { length } of data) counts.set(length, (counts.get(length) ?? 0) + 1);
  return [...counts].reduce((best, one) => (one[1] > best[1] ? one : best), [0, 0])[0];
}

/**
 * Whether a quotation mark has swallowed lines: one is left open, or a cell holds a line break beside the mark between
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
function readLines(text: string, delimiter: Delimiter): TableRow[] {
  return text.split(/\r\n|\n|\r/).map((words, index) => {
    const parsed = parse(words, delimiter);
    const trouble = hasQuoteError(parsed) ? UNCLOSED : null;
    return { line: index + 1, cells: parsed.data[0] ?? [''], trouble };
  });
}

/** Rows of a delimited text, quoted fields and all, with the lines they start on. */
export function readTable(text: string, delimiter: Delimiter, preview = 0): TableRow[] {
  const bare = withoutBom(text);
  const parsed = parse(bare, delimiter, preview);
  const quoted = text.includes('"');
  if (quoted && isTorn(parsed, delimiter)) {
    const rows = readLines(bare, delimiter);
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
