import { Injectable } from '@nestjs/common';
import { and, asc, desc, eq, isNull } from 'drizzle-orm';
import { block } from '../db/schema/index.ts';
import type { Handle } from '../db/handle.ts';
import { LessonBalls } from '../lessons/lesson-balls.ts';
import type { Block } from './block.dto.ts';
import type { Scope } from '../common/scope.ts';

export type BlockRow = typeof block.$inferSelect;

export const toBlock = (row: BlockRow): Block => ({
  id: row.id,
  kind: row.kind,
  drillId: row.drillId,
  doseStep: row.doseStep,
  note: row.note,
  aim: row.aim === null ? null : (JSON.parse(row.aim) as Block['aim']),
  startedAt: row.startedAt,
  version: row.version,
});

@Injectable()
export class BlocksRepository {
  constructor(private readonly lessonBalls: LessonBalls) {}

  /** Blocks of a lesson in the order begun, without those taken away. */
  ofLesson(scope: Scope, db: Handle, lessonId: string): Promise<BlockRow[]> {
    return db
      .select()
      .from(block)
      .where(and(this.inLesson(scope, lessonId), isNull(block.deletedAt)))
      .orderBy(asc(block.startedAt), asc(block.id));
  }

  /** Returns the block that the next ball of a lesson is hit in: the one begun last; null for none. */
  async underWay(scope: Scope, db: Handle, lessonId: string): Promise<string | null> {
    const [row] = await db
      .select({ id: block.id })
      .from(block)
      .where(and(this.inLesson(scope, lessonId), isNull(block.deletedAt)))
      .orderBy(desc(block.startedAt), desc(block.id))
      .limit(1);
    return row?.id ?? null;
  }

  async find(scope: Scope, db: Handle, id: string): Promise<BlockRow | null> {
    const [row] = await db.select().from(block).where(this.own(scope, id));
    return row ?? null;
  }

  async insert(scope: Scope, db: Handle, row: Omit<BlockRow, 'academyId'>): Promise<void> {
    await db.insert(block).values({ ...row, academyId: scope.academyId });
    await this.lessonBalls.changed(scope, db, [row.lessonId]);
  }

  /** Changes columns of a block. */
  async update(
    scope: Scope,
    db: Handle,
    { id, lessonId }: Pick<BlockRow, 'id' | 'lessonId'>,
    changes: Partial<BlockRow>,
  ): Promise<void> {
    await db.update(block).set(changes).where(this.own(scope, id));
    await this.lessonBalls.changed(scope, db, [lessonId]);
  }

  private inLesson(scope: Scope, lessonId: string) {
    return and(eq(block.academyId, scope.academyId), eq(block.lessonId, lessonId));
  }

  private own(scope: Scope, id: string) {
    return and(eq(block.academyId, scope.academyId), eq(block.id, id));
  }
}
