import { blob, index, integer, sqliteTable, text, uniqueIndex } from 'drizzle-orm/sqlite-core';
import { academy } from './academy.ts';
import { lesson } from './lesson.ts';

/** A launch file as it came, byte for byte, with what became of its rows. */
export const launchFile = sqliteTable(
  'launch_file',
  {
    id: text('id').primaryKey(),
    academyId: text('academy_id')
      .notNull()
      .references(() => academy.id),
    lessonId: text('lesson_id')
      .notNull()
      .references(() => lesson.id),
    name: text('name').notNull(),
    sha256: text('sha256').notNull(),
    /** Its head, as what one source writes is known by; null for a file from before this was kept. */
    sourceKey: text('source_key'),
    sizeBytes: integer('size_bytes').notNull(),
    content: blob('content', { mode: 'buffer' }).notNull(),
    /** JSON: RowFate[]. */
    rows: text('rows').notNull(),
    ballCount: integer('ball_count').notNull(),
    /** How many of its rows were refused. */
    refusedCount: integer('refused_count').notNull().default(0),
    receivedAt: text('received_at').notNull(),
    deletedAt: text('deleted_at'),
  },
  (t) => [
    uniqueIndex('launch_file_once').on(t.lessonId, t.sha256),
    index('launch_file_by_academy').on(t.academyId, t.lessonId),
  ],
);

/** What the coach said of a source's columns, kept by the header row's text. */
export const sourceMapping = sqliteTable(
  'source_mapping',
  {
    id: text('id').primaryKey(),
    academyId: text('academy_id')
      .notNull()
      .references(() => academy.id),
    headerKey: text('header_key').notNull(),
    /** JSON: { mapping, signs, decimal }. */
    answers: text('answers').notNull(),
    updatedAt: text('updated_at').notNull(),
  },
  (t) => [uniqueIndex('source_mapping_once').on(t.academyId, t.headerKey)],
);
