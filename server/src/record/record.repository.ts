import { Injectable } from '@nestjs/common';
import { and, asc, count, eq, isNull, sql, sum } from 'drizzle-orm';
import type { Scope } from '../common/scope.ts';
import { homeworkTick, lesson, repetition, sharedPage } from '../db/schema/index.ts';
import type { Handle } from '../db/handle.ts';
import type { StationDay } from './record.dto.ts';

const IS_HOME = sql<number>`${repetition.pageId} is not null`;
/** What was logged in a lesson is of its day, whenever it was sent. */
const DAY = sql<string>`substr(case when ${IS_HOME} then ${repetition.at} else ${lesson.startsAt} end, 1, 10)`;

@Injectable()
export class RecordRepository {
  /** A player's repetitions by drill, day and where they were logged. */
  async stations(scope: Scope, db: Handle, playerId: string): Promise<StationDay[]> {
    const rows = await db
      .select({
        drillId: repetition.drillId,
        date: DAY,
        isHome: IS_HOME,
        good: sum(repetition.good).mapWith(Number),
        of: count(),
      })
      .from(lesson)
      .innerJoin(
        repetition,
        and(eq(repetition.academyId, lesson.academyId), eq(repetition.lessonId, lesson.id)),
      )
      .where(and(this.ofPlayer(scope, playerId), isNull(repetition.deletedAt)))
      .groupBy(repetition.drillId, DAY, IS_HOME)
      .orderBy(asc(DAY));
    return rows.map((row) => ({ ...row, isHome: row.isHome === 1 }));
  }

  /** Days on which a player did their homework. */
  async homework(scope: Scope, db: Handle, playerId: string): Promise<string[]> {
    const rows = await db
      .selectDistinct({ date: homeworkTick.date })
      .from(lesson)
      .innerJoin(
        sharedPage,
        and(eq(sharedPage.academyId, lesson.academyId), eq(sharedPage.lessonId, lesson.id)),
      )
      .innerJoin(
        homeworkTick,
        and(eq(homeworkTick.academyId, lesson.academyId), eq(homeworkTick.pageId, sharedPage.id)),
      )
      .where(and(this.ofPlayer(scope, playerId), eq(homeworkTick.done, true)))
      .orderBy(asc(homeworkTick.date));
    return rows.map(({ date }) => date);
  }

  private ofPlayer(scope: Scope, playerId: string) {
    return and(
      eq(lesson.academyId, scope.academyId),
      eq(lesson.playerId, playerId),
      isNull(lesson.deletedAt),
    );
  }
}
