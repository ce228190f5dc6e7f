import { randomUUID } from 'node:crypto';
import { Injectable } from '@nestjs/common';
import { and, asc, desc, eq, isNull } from 'drizzle-orm';
import { AcademyService } from '../academy/academy.service.ts';
import { lessonChange, lessonPart, repetition } from '../db/schema/index.ts';
import type { LessonPartName } from '../db/schema/work.ts';
import type { Handle } from '../db/store.ts';
import type { LessonChange, LessonPart, StoredRepetition } from './part.dto.ts';

export type RepetitionRow = typeof repetition.$inferSelect;

export const toRepetition = (row: RepetitionRow): StoredRepetition => ({
  id: row.id,
  drillId: row.drillId,
  good: row.good,
  miss: row.miss,
  feltDeg: row.feltDeg,
  measuredDeg: row.measuredDeg,
  at: row.at,
  byPlayer: row.pageId !== null,
});

/** Who a change is put down to while there is no sign-in. */
export const COACH = 'coach';

const CHANGES_SHOWN = 100;

@Injectable()
export class StepsRepository {
  constructor(private readonly academies: AcademyService) {}

  async parts(db: Handle, lessonId: string): Promise<LessonPart[]> {
    const rows = await db
      .select()
      .from(lessonPart)
      .where(and(eq(lessonPart.academyId, this.academies.id), eq(lessonPart.lessonId, lessonId)));
    return rows.map(({ part, value, updatedAt, updatedBy }) => ({
      part,
      value: JSON.parse(value) as Record<string, unknown>,
      updatedAt,
      updatedBy,
    }));
  }

  /** Stores a part and writes down what it was before. */
  async putPart(
    db: Handle,
    lessonId: string,
    part: LessonPartName,
    value: string,
    by: { readonly who: string; readonly at: string },
  ): Promise<void> {
    const own = and(
      eq(lessonPart.academyId, this.academies.id),
      eq(lessonPart.lessonId, lessonId),
      eq(lessonPart.part, part),
    );
    const [before] = await db.select().from(lessonPart).where(own);
    const academyId = this.academies.id;
    const fresh = { value, updatedAt: by.at, updatedBy: by.who };
    if (before === undefined) {
      await db.insert(lessonPart).values({ id: randomUUID(), academyId, lessonId, part, ...fresh });
    } else await db.update(lessonPart).set(fresh).where(own);
    await this.noteChange(db, lessonId, by, `${part} changed`, before?.value ?? null);
  }

  async noteChange(
    db: Handle,
    lessonId: string,
    { who, at }: { readonly who: string; readonly at: string },
    what: string,
    before: string | null,
  ): Promise<void> {
    const academyId = this.academies.id;
    await db
      .insert(lessonChange)
      .values({ id: randomUUID(), academyId, lessonId, at, who, what, before });
  }

  async changes(db: Handle, lessonId: string): Promise<LessonChange[]> {
    const rows = await db
      .select()
      .from(lessonChange)
      .where(
        and(eq(lessonChange.academyId, this.academies.id), eq(lessonChange.lessonId, lessonId)),
      )
      .orderBy(desc(lessonChange.at))
      .limit(CHANGES_SHOWN);
    return rows.map(({ at, who, what }) => ({ at, who, what }));
  }

  repetitions(db: Handle, lessonId: string): Promise<RepetitionRow[]> {
    const own = and(eq(repetition.academyId, this.academies.id), eq(repetition.lessonId, lessonId));
    return db
      .select()
      .from(repetition)
      .where(and(own, isNull(repetition.deletedAt)))
      .orderBy(asc(repetition.at));
  }

  async findRepetition(db: Handle, id: string): Promise<RepetitionRow | null> {
    const own = and(eq(repetition.academyId, this.academies.id), eq(repetition.id, id));
    const [row] = await db.select().from(repetition).where(own);
    return row ?? null;
  }

  async addRepetition(db: Handle, row: Omit<RepetitionRow, 'academyId'>): Promise<void> {
    await db.insert(repetition).values({ ...row, academyId: this.academies.id });
  }

  async markRepetition(db: Handle, id: string, deletedAt: string | null): Promise<void> {
    const own = and(eq(repetition.academyId, this.academies.id), eq(repetition.id, id));
    await db.update(repetition).set({ deletedAt }).where(own);
  }
}
