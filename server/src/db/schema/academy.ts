import { PERSONAL_READERS } from '@loxos/core';
import { integer, sqliteTable, text } from 'drizzle-orm/sqlite-core';

/** Every other row belongs to one of these. Times are ISO 8601 in UTC throughout the schema. */
export const academy = sqliteTable('academy', {
  id: text('id').primaryKey(),
  name: text('name').notNull(),
  createdAt: text('created_at').notNull(),
  /** The time zone its days are of, by its IANA name; null until somebody said. */
  zone: text('zone'),
  /** Hours after which a browser that is not used is signed out; null for the usual. */
  idleHours: integer('idle_hours'),
  /** Who reads body notes and what players write back. */
  personalFor: text('personal_for', { enum: PERSONAL_READERS }).notNull().default('coaches'),
  /** Months without a lesson after which a player is long gone; null where players are kept until erased. */
  goneMonths: integer('gone_months'),
  /** Invented people: anybody at this machine may sign in. */
  isDemo: integer('is_demo', { mode: 'boolean' }).notNull().default(false),
});
