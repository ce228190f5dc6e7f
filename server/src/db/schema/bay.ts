import { integer, index, sqliteTable, text, uniqueIndex } from 'drizzle-orm/sqlite-core';
import { academy } from './academy.ts';
import { ball } from './ball.ts';
import { lesson } from './lesson.ts';

export const LIVE_FATES = ['taken', 'waiting', 'refused', 'dropped'] as const;

/** A place whose balls arrive by themselves, from a sender with a token of its own; the token is not kept, only its hash. */
export const bay = sqliteTable(
  'bay',
  {
    id: text('id').primaryKey(),
    academyId: text('academy_id')
      .notNull()
      .references(() => academy.id),
    name: text('name').notNull(),
    /** Null where no sender may send. */
    tokenHash: text('token_hash'),
    tokenAt: text('token_at'),
    /** The lesson its balls go to; null where they wait in the bay. */
    lessonId: text('lesson_id').references(() => lesson.id),
    /** Whether its balls are taken as they come; they wait where it is not. */
    isOn: integer('is_on', { mode: 'boolean' }).notNull().default(true),
    /** JSON: IntakeAnswers, what was answered of its figures; null where nothing was. */
    answers: text('answers'),
    /** JSON: what its first balls contradict, to be asked; null where nothing is open. */
    doubts: text('doubts'),
    /** When its first balls were held against each other; null where too few have come. */
    judgedAt: text('judged_at'),
    /** Counts its changes: a write names the one it saw. */
    version: integer('version').notNull().default(1),
    createdAt: text('created_at').notNull(),
    updatedAt: text('updated_at').notNull(),
    deletedAt: text('deleted_at'),
  },
  (t) => [
    uniqueIndex('bay_by_token').on(t.tokenHash),
    index('bay_of_academy').on(t.academyId, t.createdAt),
  ],
);

/** A ball that a sender gave, and what became of it; its number is the place of its event in the stream. */
export const bayBall = sqliteTable(
  'bay_ball',
  {
    id: integer('id').primaryKey({ autoIncrement: true }),
    academyId: text('academy_id')
      .notNull()
      .references(() => academy.id),
    bayId: text('bay_id')
      .notNull()
      .references(() => bay.id),
    /** What the sender calls its run of numbers. */
    source: text('source').notNull(),
    sequence: integer('sequence').notNull(),
    /** JSON: SaidBall, as it was said. */
    said: text('said').notNull(),
    fate: text('fate', { enum: LIVE_FATES }).notNull(),
    /** Why, where it was refused. */
    reason: text('reason').notNull().default(''),
    lessonId: text('lesson_id').references(() => lesson.id),
    ballId: text('ball_id').references(() => ball.id),
    receivedAt: text('received_at').notNull(),
  },
  (t) => [
    uniqueIndex('bay_ball_once').on(t.bayId, t.source, t.sequence),
    index('bay_ball_of_lesson').on(t.academyId, t.lessonId, t.id),
    index('bay_ball_by_fate').on(t.academyId, t.bayId, t.fate),
    index('bay_ball_by_ball').on(t.ballId),
  ],
);
