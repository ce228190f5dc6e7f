import { Injectable } from '@nestjs/common';
import { and, asc, eq, exists, inArray, isNotNull, isNull } from 'drizzle-orm';
import type { Scope } from '../common/scope.ts';
import { ball, block, lesson, lessonEffect } from '../db/schema/index.ts';
import type { Handle } from '../db/store.ts';
import type { BallRow } from '../balls/balls.repository.ts';
import type { LessonBall } from '@loxos/core';

/** A ball with what its block was hit as. */
export type DrilledBall = BallRow & Pick<LessonBall, 'block' | 'drillId'>;

/** A lesson in which a drill was worked on, with what is kept of it. */
export interface DrilledLesson {
  readonly lessonId: string;
  readonly ballsVersion: number;
  readonly stamp: string | null;
  readonly value: string | null;
}

@Injectable()
export class EffectsRepository {
  /** A player's lessons in which a drill was worked on, the oldest first. */
  lessons(scope: Scope, db: Handle, playerId: string): Promise<DrilledLesson[]> {
    const drilled = db
      .select({ id: block.id })
      .from(block)
      .where(
        and(
          eq(block.academyId, lesson.academyId),
          eq(block.lessonId, lesson.id),
          isNotNull(block.drillId),
          isNull(block.deletedAt),
        ),
      );
    return db
      .select({
        lessonId: lesson.id,
        ballsVersion: lesson.ballsVersion,
        stamp: lessonEffect.stamp,
        value: lessonEffect.value,
      })
      .from(lesson)
      .leftJoin(lessonEffect, eq(lessonEffect.lessonId, lesson.id))
      .where(
        and(
          eq(lesson.academyId, scope.academyId),
          eq(lesson.playerId, playerId),
          isNull(lesson.deletedAt),
          exists(drilled),
        ),
      )
      .orderBy(asc(lesson.startsAt));
  }

  /** The balls of lessons in the order hit, each with its block. */
  async balls(scope: Scope, db: Handle, lessonIds: readonly string[]): Promise<DrilledBall[]> {
    const rows = await db
      .select({ ball, block })
      .from(ball)
      .leftJoin(block, and(eq(block.id, ball.blockId), isNull(block.deletedAt)))
      .where(
        and(
          eq(ball.academyId, scope.academyId),
          inArray(ball.lessonId, [...lessonIds]),
          isNull(ball.deletedAt),
        ),
      )
      .orderBy(asc(ball.lessonId), asc(ball.ordinal));
    return rows.map(({ ball: row, block: own }) => ({
      ...row,
      blockId: own?.id ?? null,
      block: own?.kind ?? null,
      drillId: own?.drillId ?? null,
    }));
  }

  async keep(
    scope: Scope,
    db: Handle,
    kept: { readonly lessonId: string; readonly stamp: string; readonly value: string },
  ): Promise<void> {
    const { stamp, value } = kept;
    await db
      .insert(lessonEffect)
      .values({ ...kept, academyId: scope.academyId })
      .onConflictDoUpdate({ target: lessonEffect.lessonId, set: { stamp, value } });
  }
}
