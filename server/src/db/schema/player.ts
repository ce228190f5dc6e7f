import { ANGLE_STYLES, HANDS, LENGTH_UNITS, PLAYER_KINDS, SPEED_UNITS } from '@loxos/core';
import { index, integer, real, sqliteTable, text } from 'drizzle-orm/sqlite-core';
import { academy } from './academy.ts';

export const player = sqliteTable(
  'player',
  {
    id: text('id').primaryKey(),
    academyId: text('academy_id')
      .notNull()
      .references(() => academy.id),
    name: text('name').notNull(),
    hand: text('hand', { enum: HANDS }).notNull(),
    lengthUnit: text('length_unit', { enum: LENGTH_UNITS }).notNull(),
    speedUnit: text('speed_unit', { enum: SPEED_UNITS }).notNull(),
    angleStyle: text('angle_style', { enum: ANGLE_STYLES }).notNull(),
    /** What kind of player, and how fast with the driver, m/s; null where nobody said. */
    playerKind: text('player_kind', { enum: PLAYER_KINDS }),
    driverSpeedMps: real('driver_speed_mps'),
    aims: text('aims').notNull().default(''),
    bodyNotes: text('body_notes').notNull().default(''),
    /** JSON: WantedByClub, the flight the player wants. */
    wanted: text('wanted').notNull().default('{"all":{"shape":"straight"}}'),
    /** JSON: Goal[]. */
    goals: text('goals').notNull().default('[]'),
    /** JSON: ReportDraft, the report being written; null where none is. */
    report: text('report'),
    /** The user whose player they are; empty where nobody's. */
    coachId: text('coach_id').notNull().default(''),
    /** The day until which they are kept though long gone, where somebody said so. */
    keepUntil: text('keep_until'),
    /** Counts its changes: a write names the one it saw. */
    version: integer('version').notNull().default(1),
    createdAt: text('created_at').notNull(),
    updatedAt: text('updated_at').notNull(),
    deletedAt: text('deleted_at'),
  },
  (t) => [index('player_by_academy').on(t.academyId, t.name)],
);
