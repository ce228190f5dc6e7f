import { BALL_QUANTITIES, RECORD_LAYOUT } from '@loxos/core';
import type { LessonRecord } from '@loxos/core';
import { Injectable } from '@nestjs/common';
import { and, asc, eq, getTableColumns, gt, isNull, ne, or, sql } from 'drizzle-orm';
import type { Scope } from '../common/scope.ts';
import type { PlayerRow } from '../players/players.repository.ts';
import { ball, block, launchFile, lesson, lessonReading, player } from '../db/schema/index.ts';
import type { Handle } from '../db/handle.ts';
import { lessonsOfPlayer } from '../lessons/of-player.ts';

/** What a ball is read from: less than a row, since a row's columns take longer to fetch than to read. */
const READ_FROM = [
  ...BALL_QUANTITIES,
  ...([
    'id',
    'ordinal',
    'club',
    'clubText',
    'hitAt',
    'keep',
    'seen',
    'openAmount',
    'contact',
  ] as const),
] as const;
const BALL_COLUMNS = getTableColumns(ball);
const READ = Object.fromEntries(READ_FROM.map((name) => [name, BALL_COLUMNS[name]])) as Pick<
  typeof BALL_COLUMNS,
  (typeof READ_FROM)[number]
>;

/** A lesson with what it would be read from, and what was read. */
export interface KeptLesson {
  readonly lessonId: string;
  readonly ballsVersion: number;
  readonly stamp: string | null;
  readonly effects: string | null;
}

/** What is known of a player beyond the balls. */
export type KnownPlayer = Pick<PlayerRow, 'playerKind' | 'driverSpeedMps'>;

/** A lesson to be read again, and what its player is read by. */
export interface OldLesson extends KnownPlayer {
  readonly lessonId: string;
  readonly ballCount: number;
}

/** What is known of a player in the mark of a reading; the same text as `markOf`. */
export const OF_PLAYER = sql<string>`'.' || coalesce(${player.playerKind}, '') || '.' || coalesce(cast(round(${player.driverSpeedMps} * 100) as integer), '')`;
export const markOf = ({ playerKind, driverSpeedMps }: KnownPlayer): string =>
  `.${playerKind ?? ''}.${driverSpeedMps === null ? '' : Math.round(100 * driverSpeedMps)}`;

/** What is kept of a lesson when it has been read. */
export interface Read {
  readonly lessonId: string;
  readonly stamp: string;
  readonly record: LessonRecord;
}

@Injectable()
export class ReadingsRepository {
  /** Returns a player's lessons with balls, each with what its reading is of; the oldest first. */
  hit(scope: Scope, db: Handle, playerId: string): Promise<KeptLesson[]> {
    return db
      .select({
        lessonId: lesson.id,
        ballsVersion: lesson.ballsVersion,
        stamp: lessonReading.stamp,
        effects: lessonReading.effects,
      })
      .from(lesson)
      .leftJoin(lessonReading, eq(lessonReading.lessonId, lesson.id))
      .where(and(lessonsOfPlayer(scope, playerId), gt(lesson.ballCount, 0)))
      .orderBy(asc(lesson.startsAt));
  }

  /** Returns what is kept of a player's lessons, the oldest first. */
  kept(scope: Scope, db: Handle, playerId: string) {
    const { count, about, columns, effects } = lessonReading;
    return db
      .select({ lessonId: lesson.id, at: lesson.startsAt, count, about, columns, effects })
      .from(lesson)
      .innerJoin(lessonReading, eq(lessonReading.lessonId, lesson.id))
      .where(and(lessonsOfPlayer(scope, playerId), gt(lesson.ballCount, 0)))
      .orderBy(asc(lesson.startsAt));
  }

  /** Some lessons with balls of the players of a hand whose reading is of other balls, rules or model than `rest` says. */
  outOfDate(
    scope: Scope,
    db: Handle,
    hand: 'right' | 'left',
    rest: string,
    most: number,
  ): Promise<OldLesson[]> {
    const stamp = sql`${lesson.ballsVersion} || ${OF_PLAYER} || ${rest}`;
    const { playerKind, driverSpeedMps } = player;
    return db
      .select({ lessonId: lesson.id, ballCount: lesson.ballCount, playerKind, driverSpeedMps })
      .from(lesson)
      .innerJoin(player, eq(player.id, lesson.playerId))
      .leftJoin(lessonReading, eq(lessonReading.lessonId, lesson.id))
      .where(
        and(
          eq(lesson.academyId, scope.academyId),
          eq(player.hand, hand),
          isNull(lesson.deletedAt),
          gt(lesson.ballCount, 0),
          or(isNull(lessonReading.stamp), ne(lessonReading.stamp, stamp)),
        ),
      )
      .limit(most);
  }

  /** Returns which balls of a lesson these are. */
  async ballsVersion(scope: Scope, db: Handle, lessonId: string): Promise<number | null> {
    const own = and(eq(lesson.academyId, scope.academyId), eq(lesson.id, lessonId));
    const [row] = await db.select({ version: lesson.ballsVersion }).from(lesson).where(own);
    return row?.version ?? null;
  }

  /** Returns the balls of a lesson in the order hit, each with its block and what that was hit as. */
  balls(scope: Scope, db: Handle, lessonId: string) {
    return db
      .select({
        ...READ,
        blockId: block.id,
        block: block.kind,
        drillId: block.drillId,
        source: launchFile.sourceKey,
      })
      .from(ball)
      .leftJoin(block, and(eq(block.id, ball.blockId), isNull(block.deletedAt)))
      .leftJoin(launchFile, eq(launchFile.id, ball.launchFileId))
      .where(
        and(
          eq(ball.academyId, scope.academyId),
          eq(ball.lessonId, lessonId),
          isNull(ball.deletedAt),
        ),
      )
      .orderBy(asc(ball.ordinal));
  }

  async keep(scope: Scope, db: Handle, { lessonId, stamp, record }: Read): Promise<void> {
    const { count, clubs, blocks, sources, columns, effects } = record;
    const value = {
      stamp,
      count,
      about: JSON.stringify({ v: RECORD_LAYOUT, clubs, blocks, sources }),
      columns: Buffer.from(columns.buffer, columns.byteOffset, columns.byteLength),
      effects: JSON.stringify(effects),
    };
    await db
      .insert(lessonReading)
      .values({ lessonId, academyId: scope.academyId, ...value })
      .onConflictDoUpdate({ target: lessonReading.lessonId, set: value });
  }
}
