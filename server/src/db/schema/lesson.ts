import { index, integer, sqliteTable, text } from 'drizzle-orm/sqlite-core';
import { academy } from './academy.ts';
import { player } from './player.ts';

export const lesson = sqliteTable(
  'lesson',
  {
    id: text('id').primaryKey(),
    academyId: text('academy_id')
      .notNull()
      .references(() => academy.id),
    playerId: text('player_id')
      .notNull()
      .references(() => player.id),
    startsAt: text('starts_at').notNull(),
    /** What the player asked for, in their words. */
    asked: text('asked').notNull().default(''),
    /** How many balls are in it, without the deleted: kept by whatever changes them. */
    ballCount: integer('ball_count').notNull().default(0),
    /** Counts the changes of its balls and of the blocks they are in: what is computed from them is kept by it. */
    ballsVersion: integer('balls_version').notNull().default(0),
    /** Counts its changes: a write names the one it saw. */
    version: integer('version').notNull().default(1),
    createdAt: text('created_at').notNull(),
    updatedAt: text('updated_at').notNull(),
    deletedAt: text('deleted_at'),
  },
  (t) => [
    index('lesson_by_day').on(t.academyId, t.startsAt),
    index('lesson_by_player').on(t.academyId, t.playerId, t.startsAt),
  ],
);
