import { BALL_QUANTITIES } from '@loxos/core';
import type { BallFigures, LessonBall } from '@loxos/core';
import { Injectable } from '@nestjs/common';
import { and, asc, eq, inArray, isNotNull, isNull, max } from 'drizzle-orm';
import { AcademyService } from '../academy/academy.service.ts';
import { ball, block, lesson } from '../db/schema/index.ts';
import type { Handle } from '../db/store.ts';
import type { Ball } from './ball.dto.ts';

export type BallRow = typeof ball.$inferSelect;
/** A ball with what its block was hit as. */
export type DrilledBall = BallRow & Pick<LessonBall, 'block' | 'drillId'>;
export type NewBall = Omit<typeof ball.$inferInsert, 'academyId'>;

/** Rows of one insert: each has some 35 values, and SQLite takes 32 766 to a statement. */
const CHUNK = 200;

export function toBall(row: BallRow): Ball {
  const figures = Object.fromEntries(BALL_QUANTITIES.map((q) => [q, row[q]])) as BallFigures;
  const { id, lessonId, ordinal, keep, launchFileId, line, club, clubText, hitAt } = row;
  const { blockId, seen } = row;
  return {
    ...figures,
    id,
    lessonId,
    ordinal,
    keep,
    seen,
    blockId,
    launchFileId,
    line,
    club,
    clubText,
    hitAt,
    version: row.version,
  };
}

@Injectable()
export class BallsRepository {
  constructor(private readonly academies: AcademyService) {}

  /** Balls of a lesson in the order hit, without the deleted. */
  ofLesson(db: Handle, lessonId: string): Promise<BallRow[]> {
    return db
      .select()
      .from(ball)
      .where(and(this.inLesson(lessonId), isNull(ball.deletedAt)))
      .orderBy(asc(ball.ordinal));
  }

  /** Every ball of a player's lessons in which a drill was worked on, lesson by lesson, with its block. */
  async drilledOf(db: Handle, playerId: string): Promise<DrilledBall[]> {
    const drilled = db
      .select({ id: block.lessonId })
      .from(block)
      .where(
        and(
          eq(block.academyId, this.academies.id),
          isNotNull(block.drillId),
          isNull(block.deletedAt),
        ),
      );
    const rows = await db
      .select({ ball, block })
      .from(ball)
      .innerJoin(lesson, eq(lesson.id, ball.lessonId))
      .leftJoin(block, and(eq(block.id, ball.blockId), isNull(block.deletedAt)))
      .where(
        and(
          eq(ball.academyId, this.academies.id),
          eq(lesson.playerId, playerId),
          inArray(ball.lessonId, drilled),
          isNull(ball.deletedAt),
          isNull(lesson.deletedAt),
        ),
      )
      .orderBy(asc(lesson.startsAt), asc(ball.ordinal));
    return rows.map(({ ball: row, block: own }) => ({
      ...row,
      blockId: own?.id ?? null,
      block: own?.kind ?? null,
      drillId: own?.drillId ?? null,
    }));
  }

  /** Fingerprints of the rows a lesson already has, from any file. */
  async fingerprints(db: Handle, lessonId: string): Promise<string[]> {
    const rows = await db
      .select({ fingerprint: ball.fingerprint })
      .from(ball)
      .where(and(this.inLesson(lessonId), isNull(ball.deletedAt)));
    return rows.flatMap((row) => row.fingerprint ?? []);
  }

  async nextOrdinal(db: Handle, lessonId: string): Promise<number> {
    const [row] = await db
      .select({ last: max(ball.ordinal) })
      .from(ball)
      .where(this.inLesson(lessonId));
    return (row?.last ?? 0) + 1;
  }

  async find(db: Handle, id: string): Promise<BallRow | null> {
    const [row] = await db.select().from(ball).where(this.own(id));
    return row ?? null;
  }

  async insert(db: Handle, rows: readonly NewBall[]): Promise<void> {
    const academyId = this.academies.id;
    for (let at = 0; at < rows.length; at += CHUNK) {
      const chunk = rows.slice(at, at + CHUNK).map((row) => ({ ...row, academyId }));
      await db.insert(ball).values(chunk);
    }
  }

  async update(db: Handle, id: string, changes: Partial<BallRow>): Promise<void> {
    await db.update(ball).set(changes).where(this.own(id));
  }

  /** Deletes the balls of a file, or brings them back with `deletedAt` null. */
  async markFile(db: Handle, launchFileId: string, deletedAt: string | null): Promise<void> {
    await db
      .update(ball)
      .set({ deletedAt })
      .where(and(eq(ball.academyId, this.academies.id), eq(ball.launchFileId, launchFileId)));
  }

  private inLesson(lessonId: string) {
    return and(eq(ball.academyId, this.academies.id), eq(ball.lessonId, lessonId));
  }

  private own(id: string) {
    return and(eq(ball.academyId, this.academies.id), eq(ball.id, id));
  }
}
