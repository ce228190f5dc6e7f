import { randomUUID } from 'node:crypto';
import type { ArchivedRow, Row } from './format.ts';

/** What an id is made of; also within another text: a part's `<lesson>.setup`, the balls named in a block's history. */
const WORD = /[\w-]+/g;
/** Shorter than this a word in a text that is no id's column is a word, whatever ids there are. */
const LONG = 20;
/** Drills of an academy's own are told from the catalogue's by this. */
const OWN = 'own-';

/**
 * Gives every row a new id, and every mention of an old one the new: the same archive can be brought in beside what it came
 * from.
 */
export function withNewIds(rows: readonly ArchivedRow[]): {
  readonly rows: readonly ArchivedRow[];
  readonly newIds: ReadonlyMap<string, string>;
} {
  const newIds = new Map<string, string>();
  for (const { row } of rows) {
    if (typeof row['id'] !== 'string') continue;
    newIds.set(row['id'], `${row['id'].startsWith(OWN) ? OWN : ''}${randomUUID()}`);
  }
  const renewed = (column: string, value: unknown): unknown => {
    if (typeof value !== 'string') return value;
    const isId = /^id$|Id$/.test(column);
    return value.replace(WORD, (word) =>
      isId || word.length >= LONG ? (newIds.get(word) ?? word) : word,
    );
  };
  const renew = (row: Row): Row =>
    Object.fromEntries(
      Object.entries(row).map(([column, value]) => [column, renewed(column, value)]),
    );
  return { rows: rows.map(({ in: name, row }) => ({ in: name, row: renew(row) })), newIds };
}
