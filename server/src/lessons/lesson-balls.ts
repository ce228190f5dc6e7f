import { Injectable } from '@nestjs/common';
import { and, count, eq, isNull, sql } from 'drizzle-orm';
import type { Scope } from '../common/scope.ts';
import { ball, lesson } from '../db/schema/index.ts';
import type { Handle } from '../db/handle.ts';
import { Nudge } from '../common/nudge.ts';

/** What a lesson keeps of its balls: whatever changes balls or the blocks they are in says so here. */
@Injectable()
export class LessonBalls {
  constructor(private readonly nudge: Nudge) {}

  /** Counts the balls of lessons anew, and marks what was computed from them as out of date. */
  async changed(scope: Scope, db: Handle, lessonIds: readonly string[]): Promise<void> {
    for (const id of lessonIds) {
      const there = and(
        eq(ball.academyId, scope.academyId),
        eq(ball.lessonId, id),
        isNull(ball.deletedAt),
      );
      const [row] = await db.select({ ballCount: count() }).from(ball).where(there);
      await db
        .update(lesson)
        .set({
          ballCount: row?.ballCount ?? 0,
          ballsVersion: sql`${lesson.ballsVersion} + 1`,
        })
        .where(and(eq(lesson.academyId, scope.academyId), eq(lesson.id, id)));
    }
    this.nudge.now();
  }
}
