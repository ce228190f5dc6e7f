// A database as an older version left it, with one row in every table it had.
import { createHash } from 'node:crypto';
import { cpSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath, pathToFileURL } from 'node:url';
import { createClient } from '@libsql/client';
import type { Client, InValue } from '@libsql/client';
import { drizzle } from 'drizzle-orm/libsql';
import { migrate } from 'drizzle-orm/libsql/migrator';

const DRIZZLE = fileURLToPath(new URL('../../drizzle', import.meta.url));

interface Journal {
  readonly entries: readonly { readonly tag: string }[];
}
const journalIn = (folder: string): Journal =>
  JSON.parse(readFileSync(join(folder, 'meta/_journal.json'), 'utf8')) as Journal;

/** The names of all migrations, the oldest first. */
export const MIGRATION_TAGS = journalIn(DRIZZLE).entries.map(({ tag }) => tag);

/** The migrations up to one, in a folder of their own. */
export function migrationsUntil(tag: string): string {
  const to = mkdtempSync(join(tmpdir(), 'loxos-drizzle-'));
  cpSync(DRIZZLE, to, { recursive: true });
  const journal = journalIn(to);
  const last = journal.entries.findIndex((entry) => entry.tag === tag);
  const entries = journal.entries.slice(0, last + 1);
  writeFileSync(join(to, 'meta/_journal.json'), JSON.stringify({ ...journal, entries }));
  return to;
}

const AT = '2026-01-02T03:04:05.000Z';
const FILE = Buffer.from('Club,Face angle (deg)\n7 iron,1\n');
/** What a column of this name holds; any other that must hold something holds a text or a nought. */
const VALUES: Readonly<Record<string, InValue>> = {
  name: 'Ada Reed',
  hand: 'left',
  length_unit: 'm',
  speed_unit: 'mph',
  angle_style: 'letters',
  wanted: '{"all":{"shape":"fade"}}',
  first_route: 'lowest-miss',
  seen: 'monitor',
  keep: 'auto',
  carry_m: 123,
  ball_count: 1,
  ordinal: 1,
  part: 'setup',
  value: '{"target":"oak"}',
  naming: 'start-and-bend',
  bands: '{}',
  accuracy: '{}',
  rows: '[]',
  goals: '[]',
  whose: 'all',
  answers: '{}',
  content: JSON.stringify({
    points: ['a'],
    numbers: [],
    slants: [],
    stations: [],
    homework: [],
    nextLook: '2026-01-16',
  }),
  sha256: createHash('sha256').update(FILE).digest('hex'),
  kind: 'baseline',
  thing: 'lesson',
  thing_id: 'lesson',
  version: 1,
  done: 1,
  date: '2026-01-02',
  good: 1,
  drill_id: 'rails',
  expires_at: '2026-01-03T00:00:00.000Z',
};

/** In the order they refer to each other. */
const TABLES = [
  'academy',
  'player',
  'setting',
  'lesson',
  'raw_file',
  'launch_file',
  'source_mapping',
  'block',
  'ball',
  'ball_file',
  'lesson_part',
  'lesson_change',
  'shared_page',
  'homework_tick',
  'page_word',
  'repetition',
  'own_drill',
  'history',
];

const REFERS: Readonly<Record<string, string>> = {
  page_id: 'shared_page',
  launch_file_id: 'launch_file',
};

async function fill(client: Client, table: string): Promise<void> {
  const { rows } = await client.execute(`PRAGMA table_info("${table}")`);
  const columns = rows.flatMap((row): [string, InValue][] => {
    const { name, type, notnull, pk } = row as unknown as Record<string, string | number>;
    const column = String(name);
    if (column === 'id') return [['id', table]];
    if (column.endsWith('_id') && column !== 'thing_id' && column !== 'drill_id' && notnull === 1)
      return [[column, REFERS[column] ?? column.slice(0, -3)]];
    if ((table === 'launch_file' || table === 'raw_file') && column === 'content')
      return [[column, FILE]];
    if (column === 'launch_file_id') return [[column, 'launch_file']];
    // A page may be of no lesson: this one is.
    if (table === 'shared_page' && column === 'lesson_id') return [[column, 'lesson']];
    if (table === 'own_drill' && column === 'value') return [[column, OWN_DRILL]];
    const known = VALUES[column];
    if (known !== undefined && (notnull === 1 || column === 'carry_m')) return [[column, known]];
    if (notnull !== 1 && pk === 0) return [];
    return [
      [column, column.endsWith('_at') || column === 'at' ? AT : type === 'INTEGER' ? 0 : 'x'],
    ];
  });
  if (columns.length === 0) return;
  const names = columns.map(([name]) => `"${name}"`).join(', ');
  const marks = columns.map(() => '?').join(', ');
  await client.execute({
    sql: `insert into "${table}" (${names}) values (${marks})`,
    args: columns.map(([, value]) => value),
  });
}

const OWN_DRILL = JSON.stringify({
  name: 'Low bench',
  movesPath: 0,
  movesFace: 0,
  how: 'x',
  good: 'x',
  parts: [],
});

/** A data folder with a database laid out up to a migration, a row in every table. */
export async function oldDatabase(tag: string): Promise<string> {
  const folder = mkdtempSync(join(tmpdir(), 'loxos-old-'));
  const client = createClient({ url: pathToFileURL(join(folder, 'loxos.db')).href });
  const migrationsFolder = migrationsUntil(tag);
  await migrate(drizzle(client), { migrationsFolder });
  for (const table of TABLES) await fill(client, table);
  client.close();
  rmSync(migrationsFolder, { recursive: true, force: true });
  return folder;
}
