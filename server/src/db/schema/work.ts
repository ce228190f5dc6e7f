import { index, integer, real, sqliteTable, text, uniqueIndex } from 'drizzle-orm/sqlite-core';
import { academy } from './academy.ts';
import { lesson } from './lesson.ts';
import { player } from './player.ts';

const ofAcademy = () =>
  text('academy_id')
    .notNull()
    .references(() => academy.id);

export const LESSON_PARTS = ['setup', 'causes', 'work', 'send'] as const;
export type LessonPartName = (typeof LESSON_PARTS)[number];

/** What a coach has put down in a step of a lesson, as one JSON value a step. */
export const lessonPart = sqliteTable(
  'lesson_part',
  {
    id: text('id').primaryKey(),
    academyId: ofAcademy(),
    lessonId: text('lesson_id')
      .notNull()
      .references(() => lesson.id),
    part: text('part', { enum: LESSON_PARTS }).notNull(),
    value: text('value').notNull(),
    version: integer('version').notNull().default(1),
    updatedAt: text('updated_at').notNull(),
    updatedBy: text('updated_by').notNull(),
  },
  (t) => [uniqueIndex('lesson_part_once').on(t.lessonId, t.part)],
);

/** A page given to the player behind a link; the link itself is not kept, only its hash. */
export const sharedPage = sqliteTable(
  'shared_page',
  {
    id: text('id').primaryKey(),
    academyId: ofAcademy(),
    playerId: text('player_id')
      .notNull()
      .references(() => player.id),
    /** The lesson it is of; null for a report, which is of a period. */
    lessonId: text('lesson_id').references(() => lesson.id),
    tokenHash: text('token_hash').notNull(),
    /** JSON: PageContent, as it was when it was sent. */
    content: text('content').notNull(),
    createdAt: text('created_at').notNull(),
    expiresAt: text('expires_at').notNull(),
    withdrawnAt: text('withdrawn_at'),
    /** When it was opened first; null while nobody has. */
    openedAt: text('opened_at'),
  },
  (t) => [
    uniqueIndex('shared_page_token').on(t.tokenHash),
    index('shared_page_by_lesson').on(t.academyId, t.lessonId),
    index('shared_page_by_player').on(t.academyId, t.playerId, t.createdAt),
  ],
);

export const homeworkTick = sqliteTable(
  'homework_tick',
  {
    id: text('id').primaryKey(),
    academyId: ofAcademy(),
    pageId: text('page_id')
      .notNull()
      .references(() => sharedPage.id),
    date: text('date').notNull(),
    done: integer('done', { mode: 'boolean' }).notNull(),
    at: text('at').notNull(),
  },
  (t) => [uniqueIndex('homework_tick_once').on(t.pageId, t.date)],
);

/** What a player wrote back from their page. */
export const pageWord = sqliteTable(
  'page_word',
  {
    /** Chosen by the page: sent twice, it is one. */
    id: text('id').primaryKey(),
    academyId: ofAcademy(),
    pageId: text('page_id')
      .notNull()
      .references(() => sharedPage.id),
    text: text('text').notNull(),
    at: text('at').notNull(),
  },
  (t) => [index('page_word_by_page').on(t.academyId, t.pageId, t.at)],
);

/** One repetition at a station, logged by the coach in a lesson or by the player from the page. */
export const repetition = sqliteTable(
  'repetition',
  {
    id: text('id').primaryKey(),
    academyId: ofAcademy(),
    lessonId: text('lesson_id')
      .notNull()
      .references(() => lesson.id),
    pageId: text('page_id').references(() => sharedPage.id),
    drillId: text('drill_id').notNull(),
    good: integer('good', { mode: 'boolean' }).notNull(),
    miss: text('miss').notNull(),
    /** Step of the drill's dose it was at, 0 for the first; null where nobody said. */
    doseStep: integer('dose_step'),
    /** What the player felt and what was measured, degrees, positive right. */
    feltDeg: real('felt_deg'),
    measuredDeg: real('measured_deg'),
    at: text('at').notNull(),
    deletedAt: text('deleted_at'),
  },
  (t) => [index('repetition_by_lesson').on(t.academyId, t.lessonId, t.at)],
);

/** A drill of the academy's own, as JSON of the same parts as the catalogue's. */
export const ownDrill = sqliteTable(
  'own_drill',
  {
    id: text('id').primaryKey(),
    academyId: ofAcademy(),
    value: text('value').notNull(),
    createdAt: text('created_at').notNull(),
    deletedAt: text('deleted_at'),
  },
  (t) => [index('own_drill_by_academy').on(t.academyId)],
);
