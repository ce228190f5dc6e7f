import { index, sqliteTable, text, uniqueIndex } from 'drizzle-orm/sqlite-core';
import { academy } from './academy.ts';
import { user } from './account.ts';

export const FEED_OF = ['mine', 'all'] as const;

/** An address at which somebody's own calendar reads their lessons; the address is not kept, only its hash. */
export const calendarFeed = sqliteTable(
  'calendar_feed',
  {
    id: text('id').primaryKey(),
    academyId: text('academy_id')
      .notNull()
      .references(() => academy.id),
    userId: text('user_id')
      .notNull()
      .references(() => user.id),
    tokenHash: text('token_hash').notNull(),
    /** Whose lessons are in it: of their own players, or of all. */
    whose: text('whose', { enum: FEED_OF }).notNull(),
    createdAt: text('created_at').notNull(),
    /** When a calendar last read it; null where none has. */
    readAt: text('read_at'),
    endedAt: text('ended_at'),
  },
  (t) => [
    uniqueIndex('calendar_feed_by_token').on(t.tokenHash),
    index('calendar_feed_by_user').on(t.academyId, t.userId),
  ],
);
