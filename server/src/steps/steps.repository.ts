import { randomUUID } from 'node:crypto';
import { Injectable } from '@nestjs/common';
import { and, count, desc, eq, isNull, sql } from 'drizzle-orm';
import { lessonPart, repetition } from '../db/schema/index.ts';
import type { LessonPartName } from '../db/schema/work.ts';
import type { Handle } from '../db/handle.ts';
import type { LessonPart, StoredRepetition } from './part.dto.ts';
import type { Scope } from '../common/scope.ts';

export type RepetitionRow = typeof repetition.$inferSelect;

export const toRepetition = (row: RepetitionRow): StoredRepetition => ({
  id: row.id,
  drillId: row.drillId,
  good: row.good,
  miss: row.miss,
  doseStep: row.doseStep,
  feltDeg: row.feltDeg,
  measuredDeg: row.measuredDeg,
  at: row.at,
  byPlayer: row.pageId !== null,
});

export type PartRow = typeof lessonPart.$inferSelect;

export const toPart = ({ part, value, version, updatedAt, updatedBy }: PartRow): LessonPart => ({
  part,
  value: JSON.parse(value) as Record<string, unknown>,
  version,
  updatedAt,
  updatedBy,
});

/** More than a day's stations come to. */
const MOST_REPETITIONS = 5000;

@Injectable()
export class StepsRepository {
  async parts(scope: Scope, db: Handle, lessonId: string): Promise<LessonPart[]> {
    const rows = await db
      .select()
      .from(lessonPart)
      .where(and(eq(lessonPart.academyId, scope.academyId), eq(lessonPart.lessonId, lessonId)));
    return rows.map(toPart);
  }

  async part(
    scope: Scope,
    db: Handle,
    lessonId: string,
    part: LessonPartName,
  ): Promise<PartRow | null> {
    const [row] = await db
      .select()
      .from(lessonPart)
      .where(this.ownPart(scope, lessonId, part));
    return row ?? null;
  }

  async putPart(
    scope: Scope,
    db: Handle,
    lessonId: string,
    part: LessonPartName,
    fresh: Pick<PartRow, 'value' | 'version' | 'updatedAt' | 'updatedBy'>,
  ): Promise<void> {
    const academyId = scope.academyId;
    await db
      .insert(lessonPart)
      .values({ id: randomUUID(), academyId, lessonId, part, ...fresh })
      .onConflictDoUpdate({ target: [lessonPart.lessonId, lessonPart.part], set: fresh });
  }

  /** Returns a lesson's repetitions in the order made; of very many the last. */
  async repetitions(scope: Scope, db: Handle, lessonId: string): Promise<RepetitionRow[]> {
    const own = and(eq(repetition.academyId, scope.academyId), eq(repetition.lessonId, lessonId));
    const rows = await db
      .select()
      .from(repetition)
      .where(and(own, isNull(repetition.deletedAt)))
      .orderBy(desc(repetition.at))
      .limit(MOST_REPETITIONS);
    return rows.reverse();
  }

  async findRepetition(scope: Scope, db: Handle, id: string): Promise<RepetitionRow | null> {
    const own = and(eq(repetition.academyId, scope.academyId), eq(repetition.id, id));
    const [row] = await db.select().from(repetition).where(own);
    return row ?? null;
  }

  /** Returns how many repetitions came from a page in all, those taken away among them, and since a moment. */
  async countRepetitions(
    scope: Scope,
    db: Handle,
    pageId: string,
    since: string,
  ): Promise<{ all: number; lately: number }> {
    const [row] = await db
      .select({
        all: count(),
        lately: sql<number>`coalesce(sum(${repetition.at} >= ${since}), 0)`,
      })
      .from(repetition)
      .where(and(eq(repetition.academyId, scope.academyId), eq(repetition.pageId, pageId)));
    return row!;
  }

  async addRepetition(
    scope: Scope,
    db: Handle,
    row: Omit<RepetitionRow, 'academyId'>,
  ): Promise<void> {
    await db.insert(repetition).values({ ...row, academyId: scope.academyId });
  }

  async markRepetition(
    scope: Scope,
    db: Handle,
    id: string,
    deletedAt: string | null,
  ): Promise<void> {
    const own = and(eq(repetition.academyId, scope.academyId), eq(repetition.id, id));
    await db.update(repetition).set({ deletedAt }).where(own);
  }

  private ownPart(scope: Scope, lessonId: string, part: LessonPartName) {
    return and(
      eq(lessonPart.academyId, scope.academyId),
      eq(lessonPart.lessonId, lessonId),
      eq(lessonPart.part, part),
    );
  }
}
