import Papa from 'papaparse';

export const DELIMITERS = [',', ';', '\t'] as const;
export type Delimiter = (typeof DELIMITERS)[number];

export interface TableRow {
  /** Line of the file the row starts on, from 1. */
  readonly line: number;
  readonly cells: readonly string[];
}

/** Text without the byte-order mark. */
export const withoutBom = (text: string): string =>
  text.charCodeAt(0) === 0xfeff ? text.slice(1) : text;

/** Rows of a delimited text, quoted fields and all, with the lines they start on. */
export function readTable(text: string, delimiter: Delimiter, preview = 0): TableRow[] {
  const { data } = Papa.parse<string[]>(withoutBom(text), { delimiter, preview });
  const quoted = text.includes('"');
  let line = 1;
  return data.map((cells) => {
    const row = { line, cells };
    line += 1;
    if (quoted) for (const cell of cells) line += cell.split('\n').length - 1;
    return row;
  });
}
