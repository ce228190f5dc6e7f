import { blob, index, integer, sqliteTable, text, uniqueIndex } from 'drizzle-orm/sqlite-core';
import { academy } from './academy.ts';
import { user } from './account.ts';

/** A key that a device keeps, and with which it signs somebody in without a password. */
export const passkey = sqliteTable(
  'passkey',
  {
    /** The device's own name for it, base64url. */
    id: text('id').primaryKey(),
    academyId: text('academy_id')
      .notNull()
      .references(() => academy.id),
    userId: text('user_id')
      .notNull()
      .references(() => user.id),
    publicKey: blob('public_key', { mode: 'buffer' }).notNull(),
    /** How often it has signed, as the device counts: one that falls back is a copy. */
    counter: integer('counter').notNull(),
    /** JSON: how a browser reaches it. */
    transports: text('transports').notNull(),
    /** The address it is for. */
    site: text('site').notNull(),
    /** What the browser called itself when it was made. */
    device: text('device').notNull(),
    createdAt: text('created_at').notNull(),
    usedAt: text('used_at'),
  },
  (t) => [index('passkey_by_user').on(t.userId)],
);

/** A code that stands in once for one of the phone's. */
export const recoveryCode = sqliteTable(
  'recovery_code',
  {
    id: text('id').primaryKey(),
    academyId: text('academy_id')
      .notNull()
      .references(() => academy.id),
    userId: text('user_id')
      .notNull()
      .references(() => user.id),
    codeHash: text('code_hash').notNull(),
    usedAt: text('used_at'),
  },
  (t) => [uniqueIndex('recovery_code_once').on(t.userId, t.codeHash)],
);
