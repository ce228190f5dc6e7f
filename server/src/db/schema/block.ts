import { BLOCK_KINDS } from '@loxos/core';
import { index, integer, sqliteTable, text } from 'drizzle-orm/sqlite-core';
import { academy } from './academy.ts';
import { lesson } from './lesson.ts';

/** A run of balls hit as one thing, begun before they are hit. */
export const block = sqliteTable(
  'block',
  {
    id: text('id').primaryKey(),
    academyId: text('academy_id')
      .notNull()
      .references(() => academy.id),
    lessonId: text('lesson_id')
      .notNull()
      .references(() => lesson.id),
    kind: text('kind', { enum: BLOCK_KINDS }).notNull(),
    drillId: text('drill_id'),
    /** Which step of the drill's dose it was hit at, from 0. */
    doseStep: integer('dose_step'),
    note: text('note').notNull().default(''),
    /** JSON: BlockAim, what it is judged on, named before the balls were hit; null where nothing was. */
    aim: text('aim'),
    /** Counts its changes: a write names the one it saw. */
    version: integer('version').notNull().default(1),
    startedAt: text('started_at').notNull(),
    deletedAt: text('deleted_at'),
  },
  (t) => [index('block_by_lesson').on(t.academyId, t.lessonId, t.startedAt)],
);
