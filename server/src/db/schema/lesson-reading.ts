import { blob, integer, sqliteTable, text } from 'drizzle-orm/sqlite-core';
import { academy } from './academy.ts';
import { lesson } from './lesson.ts';

/** A lesson's balls as read (core's LessonRecord), kept since it takes long to compute: it can be computed anew at any time. */
export const lessonReading = sqliteTable('lesson_reading', {
  lessonId: text('lesson_id')
    .primaryKey()
    .references(() => lesson.id, { onDelete: 'cascade' }),
  academyId: text('academy_id')
    .notNull()
    .references(() => academy.id),
  /** What it was computed from: balls, rules and model; another says that it is out of date. */
  stamp: text('stamp').notNull(),
  count: integer('count').notNull(),
  /** JSON, in core’s RECORD_LAYOUT: { v, clubs, blocks, sources }. */
  about: text('about').notNull(),
  columns: blob('columns', { mode: 'buffer' }).notNull(),
  /** JSON: DrillEffect[]. */
  effects: text('effects').notNull(),
});
