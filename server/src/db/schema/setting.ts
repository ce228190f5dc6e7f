import { FIRST_SCHOOLS, NAMING_SCHOOLS } from '@loxos/core';
import { sqliteTable, text } from 'drizzle-orm/sqlite-core';
import { academy } from './academy.ts';

/** How an academy names shots and draws its bands. */
export const setting = sqliteTable('setting', {
  academyId: text('academy_id')
    .primaryKey()
    .references(() => academy.id),
  naming: text('naming', { enum: NAMING_SCHOOLS }).notNull(),
  /** JSON: Bands. */
  bands: text('bands').notNull(),
  /** JSON: SetAccuracy, how far the monitor's figures may be off. */
  accuracy: text('accuracy').notNull().default('{}'),
  /** Which to fix first, unless a lesson says otherwise. */
  firstSchool: text('first_school', { enum: FIRST_SCHOOLS }).notNull().default('costliest'),
  updatedAt: text('updated_at').notNull(),
});
