/** A file as rows of texts, whatever it was: what all readers make, and all else reads. */

export const DELIMITERS = [',', ';', '\t', '|'] as const;
export type Delimiter = (typeof DELIMITERS)[number];

export interface RawRow {
  /** Line of the file the row starts on, from 1; in a spreadsheet, its rows through all sheets. */
  readonly line: number;
  readonly cells: readonly string[];
  /** Why its cells cannot be trusted; null for almost all. */
  readonly trouble: string | null;
}

export interface RawTable {
  readonly rows: readonly RawRow[];
  /** Null where it is no delimited text. */
  readonly delimiter: Delimiter | null;
  /** The decimal mark of its figures where it is known from the kind of file; null where they must tell. */
  readonly decimal: 'dot' | null;
  /** Sheets, with the line each begins on; none in other files. */
  readonly sheets: readonly { readonly name: string; readonly firstLine: number }[];
}
