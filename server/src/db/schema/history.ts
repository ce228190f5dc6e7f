import { index, integer, sqliteTable, text, uniqueIndex } from 'drizzle-orm/sqlite-core';
import { academy } from './academy.ts';

export const HISTORY_THINGS = [
  'player',
  'lesson',
  'ball',
  /** Balls put into blocks, from before each had its own row: ids and their blocks. */
  'balls',
  'block',
  'part',
  'repetition',
  'file',
  'source',
  'page',
  'tick',
  'word',
  'drill',
  'setting',
  'person',
  'academy',
  'consent',
  'bay',
] as const;
export type HistoryThing = (typeof HISTORY_THINGS)[number];

/** Every change of everything: who, when, on which device, from what and to what. */
export const history = sqliteTable(
  'history',
  {
    id: text('id').primaryKey(),
    academyId: text('academy_id')
      .notNull()
      .references(() => academy.id),
    thing: text('thing', { enum: HISTORY_THINGS }).notNull(),
    thingId: text('thing_id').notNull(),
    lessonId: text('lesson_id'),
    playerId: text('player_id'),
    /** The thing's version after it. */
    version: integer('version').notNull(),
    at: text('at').notNull(),
    /** Their name as it was, `player` for a page, `coach` from before there were accounts. */
    who: text('who').notNull(),
    /** Who was signed in. */
    userId: text('user_id'),
    device: text('device').notNull(),
    /** Chosen by the writer: a write that comes twice is taken once. */
    changeId: text('change_id'),
    /** Which of its change's things this is, 0 for the first. */
    step: integer('step').notNull().default(0),
    what: text('what').notNull(),
    /** JSON: the fields that changed, as they were; null where the thing was made, or is from before this was kept. */
    before: text('before'),
    /** JSON: the same fields as they are since; null where `before` is not kept. */
    after: text('after'),
  },
  (t) => [
    uniqueIndex('history_change_once').on(t.academyId, t.changeId, t.step),
    index('history_of_thing').on(t.academyId, t.thing, t.thingId, t.version),
    index('history_of_lesson').on(t.academyId, t.lessonId, t.at),
    index('history_of_academy').on(t.academyId, t.at),
    index('history_of_player').on(t.academyId, t.playerId, t.at),
  ],
);
