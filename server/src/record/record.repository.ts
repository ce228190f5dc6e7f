import { Injectable } from '@nestjs/common';
import { and, asc, count, eq, gt, isNull, max, ne, or, sql, sum } from 'drizzle-orm';
import type { Scope } from '../common/scope.ts';
import {
  homeworkTick,
  lesson,
  lessonReading,
  player,
  playerStanding,
  repetition,
  sharedPage,
} from '../db/schema/index.ts';
import { OF_PLAYER } from '../readings/readings.repository.ts';
import type { KnownPlayer } from '../readings/readings.repository.ts';
import type { Handle } from '../db/handle.ts';
import { lessonsOfPlayer } from '../lessons/of-player.ts';
import type { StationDay } from './record.dto.ts';

const IS_HOME = sql<number>`${repetition.pageId} is not null`;
/** What was logged in a lesson is of its day, whenever it was sent. */
const DAY = sql<string>`substr(case when ${IS_HOME} then ${repetition.at} else ${lesson.startsAt} end, 1, 10)`;

/** What a player's standing is made of: their own row, their lessons and the balls in them. */
const MADE_OF = sql<string>`${player.version} || '.' || count(*) || '.' || sum(${lesson.ballsVersion}) || '.' || sum(${lesson.version}) || '.' || max(${lesson.updatedAt})`;

/** Changes with what is kept of a player: what was kept before is out of date then. */
const STANDING_LAYOUT = 3;

/** A player whose standing is out of date, and what it would be of. */
export interface OldStanding extends KnownPlayer {
  readonly playerId: string;
  readonly wanted: string;
  readonly stamp: string;
}

@Injectable()
export class RecordRepository {
  /** Returns a player's repetitions by drill, day and where they were logged. */
  async stations(scope: Scope, db: Handle, playerId: string): Promise<StationDay[]> {
    const rows = await db
      .select({
        drillId: repetition.drillId,
        date: DAY,
        isHome: IS_HOME,
        good: sum(repetition.good).mapWith(Number),
        of: count(),
        doseStep: max(repetition.doseStep),
      })
      .from(lesson)
      .innerJoin(
        repetition,
        and(eq(repetition.academyId, lesson.academyId), eq(repetition.lessonId, lesson.id)),
      )
      .where(and(lessonsOfPlayer(scope, playerId), isNull(repetition.deletedAt)))
      .groupBy(repetition.drillId, DAY, IS_HOME)
      .orderBy(asc(DAY));
    return rows.map((row) => ({ ...row, isHome: row.isHome === 1 }));
  }

  /** Returns the pages given in a player's lessons that stand, the last of each lesson last, with what was due on them. */
  pagesOf(scope: Scope, db: Handle, playerId: string) {
    return db
      .select({ id: sharedPage.id, lessonId: lesson.id, content: sharedPage.content })
      .from(lesson)
      .innerJoin(
        sharedPage,
        and(eq(sharedPage.academyId, lesson.academyId), eq(sharedPage.lessonId, lesson.id)),
      )
      .where(and(lessonsOfPlayer(scope, playerId), isNull(sharedPage.withdrawnAt)))
      .orderBy(asc(sharedPage.createdAt));
  }

  /** Days on which a player did their homework, page by page. */
  ticks(
    scope: Scope,
    db: Handle,
    playerId: string,
  ): Promise<{ readonly pageId: string; readonly date: string }[]> {
    return db
      .select({ pageId: homeworkTick.pageId, date: homeworkTick.date })
      .from(lesson)
      .innerJoin(
        sharedPage,
        and(eq(sharedPage.academyId, lesson.academyId), eq(sharedPage.lessonId, lesson.id)),
      )
      .innerJoin(
        homeworkTick,
        and(eq(homeworkTick.academyId, lesson.academyId), eq(homeworkTick.pageId, sharedPage.id)),
      )
      .where(and(lessonsOfPlayer(scope, playerId), eq(homeworkTick.done, true)));
  }

  /** Some players of a hand whose standing is of other lessons, balls, wishes, rules or model than `rest` says, and whose lessons are all read. */
  outOfDate(
    scope: Scope,
    db: Handle,
    hand: 'right' | 'left',
    rest: string,
    most: number,
  ): Promise<OldStanding[]> {
    const stamp = sql<string>`${MADE_OF} || ${rest} || ${`.${STANDING_LAYOUT}`}`;
    const isRead = sql`${lessonReading.stamp} = ${lesson.ballsVersion} || ${OF_PLAYER} || ${rest}`;
    const { playerKind, driverSpeedMps } = player;
    const areRead = sql`min(coalesce(${isRead}, 0)) = 1`;
    return db
      .select({ playerId: player.id, wanted: player.wanted, stamp, playerKind, driverSpeedMps })
      .from(player)
      .innerJoin(
        lesson,
        and(
          eq(lesson.academyId, player.academyId),
          eq(lesson.playerId, player.id),
          isNull(lesson.deletedAt),
          gt(lesson.ballCount, 0),
        ),
      )
      .leftJoin(lessonReading, eq(lessonReading.lessonId, lesson.id))
      .leftJoin(playerStanding, eq(playerStanding.playerId, player.id))
      .where(
        and(eq(player.academyId, scope.academyId), eq(player.hand, hand), isNull(player.deletedAt)),
      )
      .groupBy(player.id)
      .having(and(areRead, or(isNull(playerStanding.stamp), ne(playerStanding.stamp, stamp))))
      .limit(most);
  }

  async keep(
    scope: Scope,
    db: Handle,
    row: Pick<typeof playerStanding.$inferSelect, 'playerId' | 'stamp' | 'value' | 'moved'>,
  ): Promise<void> {
    const { playerId, ...set } = row;
    await db
      .insert(playerStanding)
      .values({ playerId, academyId: scope.academyId, ...set })
      .onConflictDoUpdate({ target: playerStanding.playerId, set });
  }

  /** Returns what is kept of everybody who is there. */
  standings(scope: Scope, db: Handle): Promise<{ playerId: string; value: string }[]> {
    return db
      .select({ playerId: playerStanding.playerId, value: playerStanding.value })
      .from(playerStanding)
      .innerJoin(player, eq(player.id, playerStanding.playerId))
      .where(and(eq(playerStanding.academyId, scope.academyId), isNull(player.deletedAt)));
  }

  /** Returns what drills moved for each player, JSON. */
  async moved(scope: Scope, db: Handle): Promise<string[]> {
    const rows = await db
      .select({ moved: playerStanding.moved })
      .from(playerStanding)
      .innerJoin(player, eq(player.id, playerStanding.playerId))
      .where(
        and(
          eq(playerStanding.academyId, scope.academyId),
          isNull(player.deletedAt),
          ne(playerStanding.moved, '[]'),
        ),
      );
    return rows.map(({ moved }) => moved);
  }
}
