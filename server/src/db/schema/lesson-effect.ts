import { sqliteTable, text } from 'drizzle-orm/sqlite-core';
import { academy } from './academy.ts';
import { lesson } from './lesson.ts';

/** What the drills of a lesson moved, kept since it takes long to compute: it can be computed anew at any time. */
export const lessonEffect = sqliteTable('lesson_effect', {
  lessonId: text('lesson_id')
    .primaryKey()
    .references(() => lesson.id, { onDelete: 'cascade' }),
  academyId: text('academy_id')
    .notNull()
    .references(() => academy.id),
  /** What it was computed from: balls, rules and model; another says that it is out of date. */
  stamp: text('stamp').notNull(),
  /** JSON: DrillEffect[]. */
  value: text('value').notNull(),
});
