import { primaryKey, sqliteTable, text } from 'drizzle-orm/sqlite-core';
import { academy } from './academy.ts';

export const CLOSED_KINDS = ['page', 'feed', 'player'] as const;

/**
 * What was closed for good, kept outside what a copy holds: putting an old copy back opens none of it again. Pages and calendar
 * feeds by the hash of their token, players that were erased by their id.
 */
export const closed = sqliteTable(
  'closed',
  {
    kind: text('kind', { enum: CLOSED_KINDS }).notNull(),
    key: text('key').notNull(),
    academyId: text('academy_id')
      .notNull()
      .references(() => academy.id),
    at: text('at').notNull(),
  },
  (t) => [primaryKey({ columns: [t.kind, t.key] })],
);
