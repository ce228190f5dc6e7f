import { index, integer, sqliteTable, text } from 'drizzle-orm/sqlite-core';
import { academy } from './academy.ts';
import { user } from './account.ts';

/** What is written into the record of doors. */
export const DOOR_EVENTS = [
  'signed-in',
  'refused',
  'password-changed',
  'passkey-added',
  'passkey-removed',
  'codes-on',
  'codes-off',
  'invited',
  'role-changed',
  'reset-link',
  'exported',
  'archive-taken',
  'archive-brought',
  'copy-made',
  'copy-taken',
  'copy-put-back',
  'copy-tried',
  'copies-sealed',
  'copies-unsealed',
  'erased',
  'page-opened',
  'calendar-made',
  'bay-token-made',
] as const;
export type DoorEventKind = (typeof DOOR_EVENTS)[number];

/**
 * Who came in, or tried to, and what was carried out: written once, changed by nobody, and forgotten after a year. It names a
 * player by their id alone, so that erasing them leaves nothing of them here.
 */
export const doorEvent = sqliteTable(
  'door_event',
  {
    id: text('id').primaryKey(),
    academyId: text('academy_id')
      .notNull()
      .references(() => academy.id),
    kind: text('kind', { enum: DOOR_EVENTS }).notNull(),
    at: text('at').notNull(),
    /** The last time, and how often: tries of one hour from one place are one. */
    lastAt: text('last_at').notNull(),
    times: integer('times').notNull(),
    /** Whose doing it was, and their name then; null where nobody is known to be behind it. */
    userId: text('user_id').references(() => user.id),
    who: text('who').notNull(),
    /** From which address, and with what. */
    address: text('address').notNull(),
    device: text('device').notNull(),
    /** How, or to whom, in a few words. */
    detail: text('detail').notNull(),
    /** A sign-in with a browser that nobody of theirs had signed in with. */
    isNewBrowser: integer('is_new_browser', { mode: 'boolean' }).notNull().default(false),
    playerId: text('player_id'),
    lessonId: text('lesson_id'),
  },
  (t) => [
    index('door_event_by_academy').on(t.academyId, t.lastAt),
    index('door_event_by_kind').on(t.academyId, t.kind, t.lastAt),
  ],
);
