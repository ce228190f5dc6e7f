import { randomUUID } from 'node:crypto';
import { Injectable } from '@nestjs/common';
import { and, asc, eq, isNull } from 'drizzle-orm';
import { AcademyService } from '../academy/academy.service.ts';
import { homeworkTick, repetition, sharedPage } from '../db/schema/index.ts';
import type { Handle } from '../db/store.ts';
import type { RepetitionRow } from '../steps/steps.repository.ts';

export type PageRow = typeof sharedPage.$inferSelect;

@Injectable()
export class PagesRepository {
  constructor(private readonly academies: AcademyService) {}

  ofLesson(db: Handle, lessonId: string): Promise<PageRow[]> {
    return db
      .select()
      .from(sharedPage)
      .where(and(this.own(), eq(sharedPage.lessonId, lessonId)))
      .orderBy(asc(sharedPage.createdAt));
  }

  async insert(db: Handle, row: Omit<PageRow, 'academyId'>): Promise<void> {
    await db.insert(sharedPage).values({ ...row, academyId: this.academies.id });
  }

  async find(db: Handle, id: string): Promise<PageRow | null> {
    const [row] = await db
      .select()
      .from(sharedPage)
      .where(and(this.own(), eq(sharedPage.id, id)));
    return row ?? null;
  }

  async findByHash(db: Handle, tokenHash: string): Promise<PageRow | null> {
    const [row] = await db
      .select()
      .from(sharedPage)
      .where(and(this.own(), eq(sharedPage.tokenHash, tokenHash)));
    return row ?? null;
  }

  async withdraw(db: Handle, id: string, withdrawnAt: string | null): Promise<void> {
    await db
      .update(sharedPage)
      .set({ withdrawnAt })
      .where(and(this.own(), eq(sharedPage.id, id)));
  }

  /** Days ticked as done. */
  async ticked(db: Handle, pageId: string): Promise<string[]> {
    const rows = await db
      .select()
      .from(homeworkTick)
      .where(
        and(
          eq(homeworkTick.academyId, this.academies.id),
          eq(homeworkTick.pageId, pageId),
          eq(homeworkTick.done, true),
        ),
      )
      .orderBy(asc(homeworkTick.date));
    return rows.map(({ date }) => date);
  }

  async tick(db: Handle, pageId: string, date: string, done: boolean, at: string): Promise<void> {
    await db
      .insert(homeworkTick)
      .values({ id: randomUUID(), academyId: this.academies.id, pageId, date, done, at })
      .onConflictDoUpdate({ target: [homeworkTick.pageId, homeworkTick.date], set: { done, at } });
  }

  repetitions(db: Handle, pageId: string): Promise<RepetitionRow[]> {
    return db
      .select()
      .from(repetition)
      .where(
        and(
          eq(repetition.academyId, this.academies.id),
          eq(repetition.pageId, pageId),
          isNull(repetition.deletedAt),
        ),
      )
      .orderBy(asc(repetition.at));
  }

  private own() {
    return eq(sharedPage.academyId, this.academies.id);
  }
}
