import { sqliteTable, text } from 'drizzle-orm/sqlite-core';
import { academy } from './academy.ts';
import { player } from './player.ts';

/** Where a player stands (core's Standing[]), kept for the lists of all players: it can be computed anew at any time. */
export const playerStanding = sqliteTable('player_standing', {
  playerId: text('player_id')
    .primaryKey()
    .references(() => player.id, { onDelete: 'cascade' }),
  academyId: text('academy_id')
    .notNull()
    .references(() => academy.id),
  /** What it was computed from: lessons, balls, wishes, rules and model; another says that it is out of date. */
  stamp: text('stamp').notNull(),
  /** JSON, version 1: { v, standings }. */
  value: text('value').notNull(),
  /** JSON: MovedOfPlayer[], what drills moved for them, to join with others'. */
  moved: text('moved').notNull().default('[]'),
});
