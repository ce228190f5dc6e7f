import { getTableColumns, getTableName } from 'drizzle-orm';
import type { SQLiteTable } from 'drizzle-orm/sqlite-core';
import type { Handle } from './handle.ts';

/** Rows of one statement, where they are that many; SQLite takes 32 766 values to a statement. */
const MOST_ROWS = 100;

/** Returns the insert of so many rows of some columns; that of whole batches is kept, since it is long. */
function textOf(table: SQLiteTable, columns: readonly string[], rows: number, end: string): string {
  const known = getTableColumns(table);
  const names = columns.map((key) => `"${known[key]!.name}"`).join(', ');
  const marks = `(${columns.map(() => '?').join(', ')})`;
  const all = Array.from({ length: rows }, () => marks).join(', ');
  return `insert into "${getTableName(table)}" (${names}) values ${all} ${end}`;
}

const texts = new Map<string, string>();

/** Puts many rows into a table, each as the values of `columns`; with `isOnce` those that are there are left as they are. */
export async function insertMany(
  db: Handle,
  table: SQLiteTable,
  columns: readonly string[],
  rows: readonly (readonly unknown[])[],
  { isOnce = false } = {},
): Promise<void> {
  const end = isOnce ? 'on conflict do nothing' : '';
  const key = `${getTableName(table)} ${columns.join()} ${end}`;
  const whole = texts.get(key) ?? textOf(table, columns, MOST_ROWS, end);
  texts.set(key, whole);
  for (let at = 0; at < rows.length; at += MOST_ROWS) {
    const some = rows.slice(at, at + MOST_ROWS);
    const text = some.length === MOST_ROWS ? whole : textOf(table, columns, some.length, end);
    // As it is: Drizzle takes ten times as long to write many rows out as SQLite to store them.
    await db.connection.ask(text, some.flat());
  }
}
