import { BALL_QUANTITIES } from '@loxos/core';
import type { BallFigures } from '@loxos/core';
import { Injectable } from '@nestjs/common';
import { and, asc, eq, inArray, isNotNull, isNull, max } from 'drizzle-orm';
import { AcademyService } from '../academy/academy.service.ts';
import { ball, lesson } from '../db/schema/index.ts';
import type { Handle } from '../db/store.ts';
import type { Ball } from './ball.dto.ts';

export type BallRow = typeof ball.$inferSelect;
export type NewBall = Omit<typeof ball.$inferInsert, 'academyId'>;

/** Rows of one insert: each has some 35 values, and SQLite takes 32 766 to a statement. */
const CHUNK = 200;

export function toBall(row: BallRow): Ball {
  const figures = Object.fromEntries(BALL_QUANTITIES.map((q) => [q, row[q]])) as BallFigures;
  const { id, lessonId, ordinal, keep, launchFileId, line, club, clubText, hitAt } = row;
  const { block, drillId, seen } = row;
  return {
    ...figures,
    id,
    lessonId,
    ordinal,
    keep,
    seen,
    block,
    drillId,
    launchFileId,
    line,
    club,
    clubText,
    hitAt,
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

  /** Every ball of a player's lessons in which a drill was worked on, lesson by lesson. */
  async drilledOf(db: Handle, playerId: string): Promise<BallRow[]> {
    const drilled = db
      .select({ id: ball.lessonId })
      .from(ball)
      .innerJoin(lesson, eq(lesson.id, ball.lessonId))
      .where(
        and(
          eq(ball.academyId, this.academies.id),
          eq(lesson.playerId, playerId),
          isNotNull(ball.drillId),
        ),
      );
    const rows = await db
      .select({ ball })
      .from(ball)
      .innerJoin(lesson, eq(lesson.id, ball.lessonId))
      .where(
        and(
          eq(ball.academyId, this.academies.id),
          eq(lesson.playerId, playerId),
          inArray(ball.lessonId, drilled),
          isNull(ball.deletedAt),
        ),
      )
      .orderBy(asc(lesson.startsAt), asc(ball.ordinal));
    return rows.map((row) => row.ball);
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

  /** Tags balls of one lesson; ids of other lessons change nothing. */
  async tag(
    db: Handle,
    lessonId: string,
    ids: readonly string[],
    changes: Pick<BallRow, 'block' | 'drillId' | 'updatedAt'>,
  ): Promise<void> {
    await db
      .update(ball)
      .set(changes)
      .where(and(this.inLesson(lessonId), inArray(ball.id, [...ids])));
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
