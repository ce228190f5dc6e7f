import { randomUUID } from 'node:crypto';
import { Injectable } from '@nestjs/common';
import { and, asc, desc, eq, isNull } from 'drizzle-orm';
import type { PageContent } from '@loxos/core';
import { homeworkTick, lesson, pageWord, repetition, sharedPage } from '../db/schema/index.ts';
import type { Handle } from '../db/handle.ts';
import type { PageWord } from './page.dto.ts';
import type { RepetitionRow } from '../steps/steps.repository.ts';
import type { Scope } from '../common/scope.ts';

export type PageRow = typeof sharedPage.$inferSelect;
type WordRow = typeof pageWord.$inferSelect;

@Injectable()
export class PagesRepository {
  ofLesson(scope: Scope, db: Handle, lessonId: string): Promise<PageRow[]> {
    return db
      .select()
      .from(sharedPage)
      .where(and(this.own(scope), eq(sharedPage.lessonId, lessonId)))
      .orderBy(asc(sharedPage.createdAt));
  }

  /** Returns the reports given to a player: pages of no lesson. */
  reportsOf(scope: Scope, db: Handle, playerId: string): Promise<PageRow[]> {
    return db
      .select()
      .from(sharedPage)
      .where(and(this.own(scope), eq(sharedPage.playerId, playerId), isNull(sharedPage.lessonId)))
      .orderBy(asc(sharedPage.createdAt));
  }

  /** Returns what the newest lesson with a page gave its player last: the points, and the next look; null where nothing was given. */
  async lastOf(scope: Scope, db: Handle, playerId: string) {
    const [row] = await db
      .select({ content: sharedPage.content })
      .from(sharedPage)
      .innerJoin(lesson, and(eq(lesson.id, sharedPage.lessonId), isNull(lesson.deletedAt)))
      .where(
        and(this.own(scope), eq(sharedPage.playerId, playerId), isNull(sharedPage.withdrawnAt)),
      )
      .orderBy(desc(lesson.startsAt), desc(sharedPage.createdAt))
      .limit(1);
    if (row === undefined) return null;
    const { points, nextLook } = JSON.parse(row.content) as PageContent;
    return { points, nextLook };
  }

  async insert(scope: Scope, db: Handle, row: Omit<PageRow, 'academyId'>): Promise<void> {
    await db.insert(sharedPage).values({ ...row, academyId: scope.academyId });
  }

  async find(scope: Scope, db: Handle, id: string): Promise<PageRow | null> {
    const [row] = await db
      .select()
      .from(sharedPage)
      .where(and(this.own(scope), eq(sharedPage.id, id)));
    return row ?? null;
  }

  /** Returns the page behind a link, of whichever academy. */
  async findByHash(db: Handle, tokenHash: string): Promise<PageRow | null> {
    const [row] = await db.select().from(sharedPage).where(eq(sharedPage.tokenHash, tokenHash));
    return row ?? null;
  }

  async opened(scope: Scope, db: Handle, id: string, openedAt: string): Promise<void> {
    await db
      .update(sharedPage)
      .set({ openedAt })
      .where(and(this.own(scope), eq(sharedPage.id, id)));
  }

  async withdraw(scope: Scope, db: Handle, id: string, withdrawnAt: string | null): Promise<void> {
    await db
      .update(sharedPage)
      .set({ withdrawnAt })
      .where(and(this.own(scope), eq(sharedPage.id, id)));
  }

  /** Days ticked as done. */
  async ticked(scope: Scope, db: Handle, pageId: string): Promise<string[]> {
    const rows = await db
      .select()
      .from(homeworkTick)
      .where(
        and(
          eq(homeworkTick.academyId, scope.academyId),
          eq(homeworkTick.pageId, pageId),
          eq(homeworkTick.done, true),
        ),
      )
      .orderBy(asc(homeworkTick.date));
    return rows.map(({ date }) => date);
  }

  async tick(
    scope: Scope,
    db: Handle,
    pageId: string,
    date: string,
    done: boolean,
    at: string,
  ): Promise<void> {
    await db
      .insert(homeworkTick)
      .values({ id: randomUUID(), academyId: scope.academyId, pageId, date, done, at })
      .onConflictDoUpdate({ target: [homeworkTick.pageId, homeworkTick.date], set: { done, at } });
  }

  repetitions(scope: Scope, db: Handle, pageId: string): Promise<RepetitionRow[]> {
    return db
      .select()
      .from(repetition)
      .where(
        and(
          eq(repetition.academyId, scope.academyId),
          eq(repetition.pageId, pageId),
          isNull(repetition.deletedAt),
        ),
      )
      .orderBy(asc(repetition.at));
  }

  /** Returns what the player wrote back, the oldest first. */
  async words(scope: Scope, db: Handle, pageId: string): Promise<PageWord[]> {
    const rows = await db
      .select()
      .from(pageWord)
      .where(and(eq(pageWord.academyId, scope.academyId), eq(pageWord.pageId, pageId)))
      .orderBy(asc(pageWord.at));
    return rows.map(({ id, text, at }) => ({ id, text, at }));
  }

  async findWord(scope: Scope, db: Handle, id: string): Promise<WordRow | null> {
    const own = and(eq(pageWord.academyId, scope.academyId), eq(pageWord.id, id));
    const [row] = await db.select().from(pageWord).where(own);
    return row ?? null;
  }

  async addWord({ academyId }: Scope, db: Handle, row: Omit<WordRow, 'academyId'>): Promise<void> {
    await db.insert(pageWord).values({ ...row, academyId });
  }

  private own(scope: Scope) {
    return eq(sharedPage.academyId, scope.academyId);
  }
}
