import { Injectable } from '@nestjs/common';
import { and, asc, eq, isNull } from 'drizzle-orm';
import { homeworkTick, lesson, pageWord, player, sharedPage } from '../db/schema/index.ts';
import type { PageWord } from '../pages/page.dto.ts';
import type { Handle } from '../db/store.ts';
import type { Scope } from '../common/scope.ts';

@Injectable()
export class DayRepository {
  /** Pages that stand, with their lessons and players, the oldest first; of one player or of all. */
  pages(scope: Scope, db: Handle, playerId?: string) {
    return db
      .select({ page: sharedPage, lesson, player })
      .from(sharedPage)
      .innerJoin(lesson, eq(lesson.id, sharedPage.lessonId))
      .innerJoin(player, eq(player.id, lesson.playerId))
      .where(
        and(
          eq(sharedPage.academyId, scope.academyId),
          isNull(sharedPage.withdrawnAt),
          isNull(lesson.deletedAt),
          isNull(player.deletedAt),
          playerId === undefined ? undefined : eq(player.id, playerId),
        ),
      )
      .orderBy(asc(lesson.startsAt), asc(sharedPage.createdAt));
  }

  /** Days ticked as done, page by page. */
  async ticks(scope: Scope, db: Handle): Promise<Map<string, string[]>> {
    const rows = await db
      .select()
      .from(homeworkTick)
      .where(and(eq(homeworkTick.academyId, scope.academyId), eq(homeworkTick.done, true)));
    const byPage = new Map<string, string[]>();
    for (const { pageId, date } of rows) byPage.set(pageId, [...(byPage.get(pageId) ?? []), date]);
    return byPage;
  }

  /** What was last written back, page by page. */
  async lastWords(scope: Scope, db: Handle): Promise<Map<string, PageWord>> {
    const rows = await db
      .select()
      .from(pageWord)
      .where(eq(pageWord.academyId, scope.academyId))
      .orderBy(asc(pageWord.at));
    return new Map(rows.map(({ id, pageId, text, at }) => [pageId, { id, text, at }]));
  }

  /** When each player's last lesson begins, booked ones too. */
  async lastLessons(scope: Scope, db: Handle): Promise<Map<string, string>> {
    const rows = await db
      .select({ playerId: lesson.playerId, startsAt: lesson.startsAt })
      .from(lesson)
      .where(and(eq(lesson.academyId, scope.academyId), isNull(lesson.deletedAt)))
      .orderBy(asc(lesson.startsAt));
    return new Map(rows.map(({ playerId, startsAt }) => [playerId, startsAt]));
  }
}
