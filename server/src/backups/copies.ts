import { createClient } from '@libsql/client';
import { pathToFileURL } from 'node:url';
import { newestMigration } from '../db/store.ts';

/** Why a copy was made, and how many of its kind are kept. */
export const KEPT = { daily: 14, 'before-update': 5, 'before-restore': 5, asked: 20 } as const;
export type CopyReason = keyof typeof KEPT;
export const COPY_REASONS = Object.keys(KEPT) as CopyReason[];

const NAME = /^loxos-(\d{4}-\d{2}-\d{2}T\d{2}-\d{2}-\d{2}-\d{3})Z-([a-z-]+)\.db$/;

/** The name of a copy's file: when it was made, and why. */
export const copyName = (at: Date, reason: CopyReason): string =>
  `loxos-${at.toISOString().replace(/[:.]/g, '-').replace(/Z$/, '')}Z-${reason}.db`;

/** What a copy's name says; null for any other file. */
export function readCopyName(name: string): { at: string; reason: CopyReason } | null {
  const [, stamp, why] = NAME.exec(name) ?? [];
  const reason = COPY_REASONS.find((known) => known === why);
  if (stamp === undefined || reason === undefined) return null;
  const at = stamp.replace(/T(\d{2})-(\d{2})-(\d{2})-(\d{3})$/, 'T$1:$2:$3.$4Z');
  return { at, reason };
}

/** The names that are over the number kept of their kind, the oldest of each. */
export function overdue(names: readonly string[]): string[] {
  return COPY_REASONS.flatMap((reason) => {
    const own = names.filter((name) => readCopyName(name)?.reason === reason);
    return own.sort().slice(0, Math.max(0, own.length - KEPT[reason]));
  });
}

/** What is wrong with a file that is to become the database, in a sentence; null for nothing. */
export async function troubleOf(file: string): Promise<string | null> {
  const client = createClient({ url: pathToFileURL(file).href });
  try {
    const check = await client.execute('PRAGMA integrity_check(1)');
    if (check.rows[0]?.[0] !== 'ok') return 'The copy is damaged; choose another.';
    const { rows } = await client.execute(
      'select max(created_at) as last from __drizzle_migrations',
    );
    if (Number(rows[0]?.['last'] ?? 0) > newestMigration())
      return 'The copy is from a newer Loxos; start that version to use it.';
    const { rows: found } = await client.execute('select count(*) as n from academy');
    return Number(found[0]?.['n'] ?? 0) === 1 ? null : 'The copy holds no academy.';
  } catch {
    return 'This file is no copy of Loxos.';
  } finally {
    client.close();
  }
}
