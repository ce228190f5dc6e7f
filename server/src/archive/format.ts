// The archive: a zip of `academy.jsonl` and the launch files as they came, `files/<id>`. Each line of the first is a JSON
// object: the first says what it is and which version of this format, every other is a row, `{ "in": table, "row": {…} }`.
import { BadRequestException } from '@nestjs/common';
import { strFromU8, strToU8, unzip, zip } from 'fflate';
import type { Zippable } from 'fflate';
import { jsonTrouble } from './json-fields.ts';
import { TABLE_NAMES, columnTrouble, travellingColumns } from './tables.ts';
import type { TableName } from './tables.ts';

const FORMAT = { archive: 'loxos', v: 2 } as const;
/** The first version that is still read. */
const OLDEST = 1;
const ROWS = 'academy.jsonl';
/** A zip that opens to more than this, bytes, is none of ours. */
const MOST_BYTES = 2 * 1024 ** 3;

export type Row = Readonly<Record<string, unknown>>;
export interface ArchivedRow {
  readonly in: TableName;
  readonly row: Row;
}
export interface Archive {
  readonly academy: string;
  readonly at: string;
  readonly rows: readonly ArchivedRow[];
  /** Launch files as they came, by their ids. */
  readonly files: ReadonlyMap<string, Buffer>;
}

export function packed({ academy, at, rows, files }: Archive): Promise<Buffer> {
  const lines = [{ ...FORMAT, academy, at }, ...rows].map((line) => JSON.stringify(line));
  const content: Zippable = { [ROWS]: strToU8(`${lines.join('\n')}\n`) };
  for (const [id, bytes] of files) content[`files/${id}`] = bytes;
  return new Promise((resolve, reject) =>
    zip(content, { level: 6 }, (error, data) =>
      error === null ? resolve(Buffer.from(data)) : reject(error),
    ),
  );
}

const refuse = (why: string): BadRequestException =>
  new BadRequestException(`${why} Nothing was brought in.`);

function unzipped(bytes: Buffer): Promise<Record<string, Uint8Array>> {
  let total = 0;
  const filter = ({ originalSize }: { originalSize: number }): boolean => {
    total += originalSize;
    return total <= MOST_BYTES;
  };
  return new Promise((resolve, reject) =>
    unzip(bytes, { filter }, (error, found) =>
      error === null && total <= MOST_BYTES
        ? resolve(found)
        : reject(refuse('This is no archive of an academy: it cannot be opened as a zip.')),
    ),
  );
}

function parsed(text: string, line: number): Record<string, unknown> {
  try {
    const value: unknown = JSON.parse(text);
    if (typeof value === 'object' && value !== null) return value as Record<string, unknown>;
  } catch {
    // Said below.
  }
  throw refuse(`Line ${line} of the archive cannot be read.`);
}

/** Returns a row of an older version as this one keeps it: a page there knew its lesson, and not whose it was. */
function broughtUp(name: unknown, row: Row, playerOf: ReadonlyMap<unknown, unknown>): Row {
  if (name !== 'sharedPage' || 'playerId' in row) return row;
  return { ...row, playerId: playerOf.get(row['lessonId']) };
}

function rowOf(text: string, line: number, playerOf: Map<unknown, unknown>): ArchivedRow {
  const { in: name, row: given } = parsed(text, line);
  const isRow = typeof given === 'object' && given !== null;
  const row = isRow ? broughtUp(name, given as Row, playerOf) : given;
  if (name === 'lesson' && isRow) playerOf.set((row as Row)['id'], (row as Row)['playerId']);
  if (!TABLE_NAMES.includes(name as TableName) || typeof row !== 'object' || row === null)
    throw refuse(`Line ${line} of the archive is of a kind this version does not know.`);
  const columns = travellingColumns(name as TableName);
  for (const [column, kind] of Object.entries(columns)) {
    const value = (row as Row)[column];
    const trouble = columnTrouble(kind, value) ?? jsonTrouble(name as TableName, column, value);
    if (trouble !== null) throw refuse(`Line ${line} of the archive: ${column} ${trouble}.`);
  }
  const known = Object.entries(row as Row).filter(([column]) => column in columns);
  return { in: name as TableName, row: Object.fromEntries(known) };
}

/** Reads an archive; throws a 400 that says what is wrong and where. */
export async function unpacked(bytes: Buffer): Promise<Archive> {
  const found = await unzipped(bytes);
  const text = found[ROWS];
  if (text === undefined) throw refuse(`This is no archive of an academy: ${ROWS} is not in it.`);
  const [head = '', ...lines] = strFromU8(text).trimEnd().split('\n');
  const { archive, v, academy, at } = parsed(head, 1);
  if (archive !== FORMAT.archive) throw refuse('This is no archive of an academy.');
  if (typeof v !== 'number' || v < OLDEST || v > FORMAT.v)
    throw refuse(`The archive is of version ${String(v)}: update Loxos first.`);
  // Rows stand in the order they refer to each other: a lesson before its pages.
  const playerOf = new Map<unknown, unknown>();
  const files = Object.entries(found).flatMap(([name, data]): [string, Buffer][] =>
    name.startsWith('files/') ? [[name.slice('files/'.length), Buffer.from(data)]] : [],
  );
  return {
    academy: String(academy),
    at: String(at),
    rows: lines.map((line, index) => rowOf(line, index + 2, playerOf)),
    files: new Map(files),
  };
}
