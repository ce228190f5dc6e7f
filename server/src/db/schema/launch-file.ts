import {
  blob,
  index,
  integer,
  primaryKey,
  sqliteTable,
  text,
  uniqueIndex,
} from 'drizzle-orm/sqlite-core';
import { academy } from './academy.ts';
import { lesson } from './lesson.ts';

/** A file's bytes as they came, once for an academy however many lessons it went into: known by what is in it. */
export const rawFile = sqliteTable(
  'raw_file',
  {
    academyId: text('academy_id')
      .notNull()
      .references(() => academy.id),
    sha256: text('sha256').notNull(),
    content: blob('content', { mode: 'buffer' }).notNull(),
  },
  (t) => [primaryKey({ columns: [t.academyId, t.sha256] })],
);

/** A launch file in a lesson, with what became of its rows. */
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
    /** JSON: RowFate[]. */
    rows: text('rows').notNull(),
    /** JSON: the answers it was read by; null for a file from before this was kept. */
    answers: text('answers'),
    ballCount: integer('ball_count').notNull(),
    /** How many of its rows were refused. */
    refusedCount: integer('refused_count').notNull().default(0),
    receivedAt: text('received_at').notNull(),
    deletedAt: text('deleted_at'),
  },
  (t) => [
    uniqueIndex('launch_file_once').on(t.lessonId, t.sha256),
    index('launch_file_by_academy').on(t.academyId, t.lessonId),
    index('launch_file_by_content').on(t.academyId, t.sha256),
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
    /** What the coach calls it; empty for none. */
    name: text('name').notNull().default(''),
    /** JSON: IntakeAnswers without which parts of a file are meant. */
    answers: text('answers').notNull(),
    updatedAt: text('updated_at').notNull(),
    /** When the coach had it forgotten; it is asked anew then. */
    deletedAt: text('deleted_at'),
  },
  (t) => [uniqueIndex('source_mapping_once').on(t.academyId, t.headerKey)],
);
