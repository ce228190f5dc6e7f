import {
  index,
  integer,
  primaryKey,
  sqliteTable,
  text,
  uniqueIndex,
} from 'drizzle-orm/sqlite-core';
import { ROLES } from '../../common/scope.ts';
import { academy } from './academy.ts';

/** Somebody who signs in. */
export const user = sqliteTable(
  'user',
  {
    id: text('id').primaryKey(),
    academyId: text('academy_id')
      .notNull()
      .references(() => academy.id),
    /** In small letters. */
    email: text('email').notNull(),
    name: text('name').notNull(),
    role: text('role', { enum: ROLES }).notNull(),
    passwordHash: text('password_hash').notNull(),
    createdAt: text('created_at').notNull(),
    /** Since when they may no longer sign in; null while they may. */
    endedAt: text('ended_at'),
    /** What a phone's one-time codes are made from; null where a password alone signs in. */
    codeSecret: text('code_secret'),
    /** The step of time of the last code that was taken: none is taken twice. */
    codeStep: integer('code_step'),
    /** Until when they have looked at the record of doors; null where never. */
    doorsSeenAt: text('doors_seen_at'),
  },
  (t) => [uniqueIndex('user_by_email').on(t.email), index('user_by_academy').on(t.academyId)],
);

/** A browser that is signed in. */
export const session = sqliteTable(
  'session',
  {
    id: text('id').primaryKey(),
    academyId: text('academy_id')
      .notNull()
      .references(() => academy.id),
    userId: text('user_id')
      .notNull()
      .references(() => user.id),
    tokenHash: text('token_hash').notNull(),
    /** The token before this one: good until the new one has been used. */
    formerHash: text('former_hash'),
    rotatedAt: text('rotated_at').notNull(),
    createdAt: text('created_at').notNull(),
    seenAt: text('seen_at').notNull(),
    /** What the browser calls itself. */
    device: text('device').notNull(),
  },
  (t) => [
    uniqueIndex('session_by_token').on(t.tokenHash),
    index('session_by_former').on(t.formerHash),
    index('session_by_user').on(t.userId),
  ],
);

/** A browser somebody has signed in with: its wrong passwords are counted apart from everybody else's. */
export const knownDevice = sqliteTable(
  'known_device',
  {
    tokenHash: text('token_hash').notNull(),
    userId: text('user_id')
      .notNull()
      .references(() => user.id),
    academyId: text('academy_id')
      .notNull()
      .references(() => academy.id),
    createdAt: text('created_at').notNull(),
  },
  (t) => [primaryKey({ columns: [t.userId, t.tokenHash] })],
);

export const LINK_KINDS = ['invitation', 'reset', 'key'] as const;

/** A link that is used once: to join, to choose a new password, or to sign in on another device. */
export const link = sqliteTable(
  'link',
  {
    id: text('id').primaryKey(),
    academyId: text('academy_id')
      .notNull()
      .references(() => academy.id),
    kind: text('kind', { enum: LINK_KINDS }).notNull(),
    tokenHash: text('token_hash').notNull(),
    /** Whom it signs in; null for an invitation. */
    userId: text('user_id').references(() => user.id),
    /** What somebody invited will be. */
    role: text('role', { enum: ROLES }),
    /** Who it is for, in the words of whoever made it. */
    name: text('name').notNull(),
    createdAt: text('created_at').notNull(),
    expiresAt: text('expires_at').notNull(),
    /** When it was used or taken back; null while it is open. */
    endedAt: text('ended_at'),
  },
  (t) => [uniqueIndex('link_by_token').on(t.tokenHash), index('link_by_academy').on(t.academyId)],
);
