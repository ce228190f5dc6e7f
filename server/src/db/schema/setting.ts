import { FIRST_ROUTES, NAMING_SCHOOLS } from '@loxos/core';
import { integer, sqliteTable, text } from 'drizzle-orm/sqlite-core';
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
  /** Which route comes first where it is open, unless a lesson says otherwise. */
  firstRoute: text('first_route', { enum: FIRST_ROUTES }).notNull().default('lowest-miss'),
  version: integer('version').notNull().default(1),
  updatedAt: text('updated_at').notNull(),
});
