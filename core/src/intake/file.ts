import { unzipSync, zipSync } from 'fflate';
import readSheets from 'read-excel-file/universal';
import { tooMuch, tooMuchTable } from './table/limits.ts';
import { tableOf } from './parse.ts';
import { namedIn } from './columns/layout.ts';
import { decodeText } from './table/encoding.ts';
import { looksLikeJson, readJson } from './table/json.ts';
import type { Reading } from './table/json.ts';
import { NOT_READABLE, TOO_LARGE, plainParts } from './table/sheet-parts.ts';
import { sheetTable } from './table/sheet.ts';
import type { SheetCell } from './table/sheet.ts';

/** Most that a spreadsheet may unfold to, bytes: a small file can hold a very large one. Some 6,000 balls of forty figures. */
const UNFOLDED_BYTES = 12 * 1024 * 1024;

/** Parts that say what is in the cells. */
const PART = /\.xml(\.rels)?$/;

const refuse = (reason: string): Reading => ({ outcome: 'refused', reason });
const starts = (bytes: Uint8Array, ...mark: number[]): boolean =>
  mark.every((byte, at) => bytes[at] === byte);

const OTHERS: readonly (readonly [readonly number[], string])[] = [
  [
    [0xd0, 0xcf, 0x11, 0xe0],
    'This is a spreadsheet of the old kind. Save it as .xlsx or as CSV and drop that.',
  ],
  [
    [0x25, 0x50, 0x44, 0x46],
    'This is a PDF. Export the session as CSV, .xlsx or JSON and drop that.',
  ],
  [[0x1f, 0x8b], 'This file is packed. Unpack it and drop what is in it.'],
];
const NOT_TEXT =
  'This is not a text file. Export the session as CSV (comma, semicolon or tab separated), .xlsx or JSON and drop that.';

/** Returns what a packed file holds, by its own table of contents; null where that cannot be read. */
function contentsOf(bytes: Uint8Array): { names: string[]; size: number } | null {
  const names: string[] = [];
  let size = 0;
  try {
    unzipSync(bytes, {
      filter: ({ name, originalSize }) => {
        names.push(name);
        size += originalSize;
        return false;
      },
    });
    return { names, size };
  } catch {
    return null;
  }
}

async function readSpreadsheet(bytes: Uint8Array): Promise<Reading> {
  const contents = contentsOf(bytes);
  if (contents === null)
    return refuse('This file is packed and cannot be opened: export it again.');
  if (contents.names.includes('academy.jsonl'))
    return refuse('This is an archive of an academy or a player: bring it in at Settings.');
  if (!contents.names.includes('xl/workbook.xml'))
    return refuse(
      'This file is packed and holds no spreadsheet. Unpack it and drop what is in it.',
    );
  if (contents.size > UNFOLDED_BYTES) return refuse(TOO_LARGE);
  try {
    const plain = plainParts(unzipSync(bytes, { filter: ({ name }) => PART.test(name) }));
    if (plain.outcome === 'refused') return plain;
    const { buffer } = new Uint8Array(zipSync(plain.parts, { level: 0 }));
    const sheets = (await readSheets(buffer)).map(({ sheet, data }) => ({
      name: sheet,
      cells: data as unknown as SheetCell[][],
    }));
    return { outcome: 'table', table: sheetTable(sheets) };
  } catch {
    return refuse(NOT_READABLE);
  }
}

/** Returns how much the beginning of a text names. */
const namedInText = (text: string): number =>
  Math.max(0, ...text.split(/\r\n|\n|\r/, 30).map((line) => namedIn(line.split(/[,;\t|]/))));

/** Returns the table in a file's bytes, whatever kind of file it is, or why there is none. Rejects for nothing. */
export async function readFileBytes(bytes: Uint8Array): Promise<Reading> {
  if (bytes.length === 0) return refuse('The file is empty.');
  const reading = await readAnyKind(bytes);
  const trouble = reading.outcome === 'table' ? tooMuchTable(reading.table) : null;
  return trouble === null ? reading : refuse(trouble);
}

async function readAnyKind(bytes: Uint8Array): Promise<Reading> {
  for (const [mark, reason] of OTHERS) if (starts(bytes, ...mark)) return refuse(reason);
  if (starts(bytes, 0x50, 0x4b)) return readSpreadsheet(bytes);
  const text = decodeText(bytes, namedInText);
  if (text === null) return refuse(NOT_TEXT);
  // Commas within JSON part no columns: its table is looked at once it is made.
  if (looksLikeJson(text)) return readJson(text);
  const trouble = tooMuch(text);
  if (trouble !== null) return refuse(trouble);
  // Millions of line ends at the end are no rows.
  return { outcome: 'table', table: tableOf(text.trimEnd()) };
}
