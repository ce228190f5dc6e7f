import { CONTACTS, KEEPS, OPEN_AMOUNTS, SEEN_BY } from '@loxos/core';
import { isNull } from 'drizzle-orm';
import { index, integer, primaryKey, real, sqliteTable, text } from 'drizzle-orm/sqlite-core';
import { academy } from './academy.ts';
import { block } from './block.ts';
import { launchFile } from './launch-file.ts';
import { lesson } from './lesson.ts';

/** A ball hit in a lesson. Figures in SI, degrees and rev/min, signs as in core. */
export const ball = sqliteTable(
  'ball',
  {
    id: text('id').primaryKey(),
    academyId: text('academy_id')
      .notNull()
      .references(() => academy.id),
    lessonId: text('lesson_id')
      .notNull()
      .references(() => lesson.id),
    launchFileId: text('launch_file_id').references(() => launchFile.id),
    /** Line of the file, or null for a ball typed in. */
    line: integer('line'),
    /** Order in the lesson. */
    ordinal: integer('ordinal').notNull(),
    keep: text('keep', { enum: KEEPS }).notNull(),
    /** Whether a monitor measured it or the coach's eye saw it. */
    seen: text('seen', { enum: SEEN_BY }).notNull().default('monitor'),
    /** What the eye gave no size; null for nothing. */
    openAmount: text('open_amount', { enum: OPEN_AMOUNTS }),
    /** Fat or thin, where that was seen. */
    contact: text('contact', { enum: CONTACTS }),
    /** What a coach wrote down of it. */
    note: text('note').notNull().default(''),
    /** The block it was hit in; null for none. */
    blockId: text('block_id').references(() => block.id),
    /** The row's cells as one text: the same row in a longer export is not a new ball. */
    fingerprint: text('fingerprint'),
    club: text('club'),
    clubText: text('club_text'),
    hitAt: text('hit_at'),
    clubSpeedMps: real('club_speed_mps'),
    attackAngleDeg: real('attack_angle_deg'),
    clubPathDeg: real('club_path_deg'),
    faceAngleDeg: real('face_angle_deg'),
    faceToPathDeg: real('face_to_path_deg'),
    dynamicLoftDeg: real('dynamic_loft_deg'),
    spinLoftDeg: real('spin_loft_deg'),
    swingDirectionDeg: real('swing_direction_deg'),
    swingPlaneDeg: real('swing_plane_deg'),
    strikeToeMm: real('strike_toe_mm'),
    strikeHighMm: real('strike_high_mm'),
    ballSpeedMps: real('ball_speed_mps'),
    launchAngleDeg: real('launch_angle_deg'),
    startDirectionDeg: real('start_direction_deg'),
    spinRateRpm: real('spin_rate_rpm'),
    spinAxisTiltDeg: real('spin_axis_tilt_deg'),
    carryM: real('carry_m'),
    totalM: real('total_m'),
    offlineM: real('offline_m'),
    curveM: real('curve_m'),
    apexM: real('apex_m'),
    descentAngleDeg: real('descent_angle_deg'),
    flightTimeS: real('flight_time_s'),
    /** Counts its changes: a write names the one it saw. */
    version: integer('version').notNull().default(1),
    createdAt: text('created_at').notNull(),
    updatedAt: text('updated_at').notNull(),
    deletedAt: text('deleted_at'),
    /** Whether the coach took it out, or it went with its file; null while it is there. */
    deletedBy: text('deleted_by', { enum: ['hand', 'file'] }),
  },
  (t) => [
    index('ball_by_lesson').on(t.academyId, t.lessonId, t.ordinal),
    index('ball_there').on(t.academyId, t.lessonId).where(isNull(t.deletedAt)),
  ],
);

/** Which files hold a ball: taking one of them back leaves it while another holds it. */
export const ballFile = sqliteTable(
  'ball_file',
  {
    academyId: text('academy_id')
      .notNull()
      .references(() => academy.id),
    ballId: text('ball_id')
      .notNull()
      .references(() => ball.id),
    launchFileId: text('launch_file_id')
      .notNull()
      .references(() => launchFile.id),
  },
  (t) => [
    primaryKey({ columns: [t.ballId, t.launchFileId] }),
    index('ball_file_by_file').on(t.academyId, t.launchFileId),
  ],
);
