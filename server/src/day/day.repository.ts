import { Injectable } from '@nestjs/common';
import { and, asc, eq, inArray, isNull, max, sql } from 'drizzle-orm';
import { homeworkTick, lesson, pageWord, player, sharedPage } from '../db/schema/index.ts';
import type { PageWord } from '../pages/page.dto.ts';
import type { Handle } from '../db/handle.ts';
import type { Scope } from '../common/scope.ts';

/** A page that stands, with its lesson: what is asked of them and no more, since there are as many as players. */
export interface PageOfLesson {
  readonly page: Pick<typeof sharedPage.$inferSelect, 'id' | 'content'>;
  readonly lesson: Pick<typeof lesson.$inferSelect, 'id' | 'startsAt'>;
}
const PAGE_OF_LESSON = {
  page: { id: sharedPage.id, content: sharedPage.content },
  lesson: { id: lesson.id, startsAt: lesson.startsAt },
};

/** The page given last to a player, of the last lesson that one stands of: found among the player's own, whatever else there is. */
const LAST_PAGE = sql<string | null>`(
  select p.id from shared_page p
  cross join lesson l on l.id = p.lesson_id and l.deleted_at is null
  where p.academy_id = player.academy_id and p.player_id = player.id and p.withdrawn_at is null
  order by l.starts_at desc, p.created_at desc limit 1
)`;

@Injectable()
export class DayRepository {
  /** Each player with the page they were given last, as far as they were given any. */
  async lastPages(scope: Scope, db: Handle) {
    const players = await db
      .select({ player, pageId: LAST_PAGE })
      .from(player)
      .where(and(eq(player.academyId, scope.academyId), isNull(player.deletedAt)));
    const pages = await this.pages(
      scope,
      db,
      players.flatMap(({ pageId }) => pageId ?? []),
    );
    const byId = new Map(pages.map((found) => [found.page.id, found]));
    return players.flatMap(({ player: one, pageId }) => {
      const found = byId.get(pageId ?? '');
      return found === undefined ? [] : [{ ...found, player: one }];
    });
  }

  /** Returns a player's pages that stand, the oldest lesson first. */
  pagesOf(scope: Scope, db: Handle, playerId: string): Promise<PageOfLesson[]> {
    return db
      .select(PAGE_OF_LESSON)
      .from(lesson)
      .innerJoin(
        sharedPage,
        and(eq(sharedPage.academyId, lesson.academyId), eq(sharedPage.lessonId, lesson.id)),
      )
      .where(
        and(
          eq(lesson.academyId, scope.academyId),
          eq(lesson.playerId, playerId),
          isNull(sharedPage.withdrawnAt),
          isNull(lesson.deletedAt),
        ),
      )
      .orderBy(asc(lesson.startsAt), asc(sharedPage.createdAt));
  }

  /** Days ticked as done, page by page. */
  async ticks(
    scope: Scope,
    db: Handle,
    pageIds: readonly string[],
  ): Promise<Map<string, string[]>> {
    if (pageIds.length === 0) return new Map();
    const rows = await db
      .select({ pageId: homeworkTick.pageId, date: homeworkTick.date })
      .from(homeworkTick)
      .where(
        and(
          eq(homeworkTick.academyId, scope.academyId),
          inArray(homeworkTick.pageId, [...pageIds]),
          eq(homeworkTick.done, true),
        ),
      );
    const byPage = new Map<string, string[]>();
    for (const { pageId, date } of rows) byPage.set(pageId, [...(byPage.get(pageId) ?? []), date]);
    return byPage;
  }

  /** Returns what was last written back on each page. */
  async words(
    scope: Scope,
    db: Handle,
    pageIds: readonly string[],
  ): Promise<Map<string, PageWord>> {
    if (pageIds.length === 0) return new Map();
    const own = eq(pageWord.academyId, scope.academyId);
    const rows = await db
      .select()
      .from(pageWord)
      .where(and(own, inArray(pageWord.pageId, [...pageIds])))
      .orderBy(asc(pageWord.at));
    return new Map(rows.map(({ id, pageId, text, at }) => [pageId, { id, text, at }]));
  }

  /** Returns what each player wrote last, from whichever page that stands. */
  async lastWords(scope: Scope, db: Handle): Promise<Map<string, PageWord>> {
    const rows = await db
      .select({ word: pageWord, playerId: sharedPage.playerId })
      .from(pageWord)
      .innerJoin(sharedPage, eq(sharedPage.id, pageWord.pageId))
      .leftJoin(lesson, eq(lesson.id, sharedPage.lessonId))
      .where(
        and(
          eq(pageWord.academyId, scope.academyId),
          isNull(sharedPage.withdrawnAt),
          isNull(lesson.deletedAt),
        ),
      )
      .orderBy(asc(pageWord.at));
    return new Map(
      rows.map(({ word: { id, text, at }, playerId }) => [playerId, { id, text, at }]),
    );
  }

  /** When each player's last lesson begins, booked ones too. */
  async lastLessons(scope: Scope, db: Handle): Promise<Map<string, string>> {
    const rows = await db
      .select({ playerId: lesson.playerId, startsAt: max(lesson.startsAt) })
      .from(lesson)
      .where(and(eq(lesson.academyId, scope.academyId), isNull(lesson.deletedAt)))
      .groupBy(lesson.playerId);
    return new Map(rows.map(({ playerId, startsAt }) => [playerId, startsAt ?? '']));
  }

  private pages(scope: Scope, db: Handle, ids: readonly string[]): Promise<PageOfLesson[]> {
    const own = eq(sharedPage.academyId, scope.academyId);
    return db
      .select(PAGE_OF_LESSON)
      .from(sharedPage)
      .innerJoin(lesson, eq(lesson.id, sharedPage.lessonId))
      .where(and(own, inArray(sharedPage.id, [...ids])));
  }
}
