import { index, sqliteTable, text } from 'drizzle-orm/sqlite-core';
import { academy } from './academy.ts';
import { player } from './player.ts';

/** A player's age, who speaks for them, and what was agreed to. */
export const playerConsent = sqliteTable(
  'player_consent',
  {
    playerId: text('player_id')
      .primaryKey()
      .references(() => player.id),
    academyId: text('academy_id')
      .notNull()
      .references(() => academy.id),
    /** JSON: AgeAndConsent, with `v`: 1. */
    value: text('value').notNull(),
    updatedAt: text('updated_at').notNull(),
  },
  (t) => [index('player_consent_by_academy').on(t.academyId)],
);
