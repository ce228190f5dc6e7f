import { Injectable } from '@nestjs/common';
import { and, desc, eq, isNull } from 'drizzle-orm';
import { sourceMapping } from '../db/schema/index.ts';
import type { Handle } from '../db/handle.ts';
import type { Scope } from '../common/scope.ts';

export type SourceRow = typeof sourceMapping.$inferSelect;

/** What coaches said of the files each source writes. */
@Injectable()
export class SourcesRepository {
  /** The sources of an academy that are remembered, the latest first. */
  all(scope: Scope, db: Handle): Promise<SourceRow[]> {
    return db
      .select()
      .from(sourceMapping)
      .where(and(eq(sourceMapping.academyId, scope.academyId), isNull(sourceMapping.deletedAt)))
      .orderBy(desc(sourceMapping.updatedAt));
  }

  async find(scope: Scope, db: Handle, id: string): Promise<SourceRow | null> {
    const [row] = await db.select().from(sourceMapping).where(this.own(scope, id));
    return row ?? null;
  }

  /** What is known by a head, forgotten or not; null for none. */
  async byHead(scope: Scope, db: Handle, headerKey: string): Promise<SourceRow | null> {
    const { academyId } = scope;
    const same = and(
      eq(sourceMapping.academyId, academyId),
      eq(sourceMapping.headerKey, headerKey),
    );
    const [row] = await db.select().from(sourceMapping).where(same);
    return row ?? null;
  }

  async insert(scope: Scope, db: Handle, row: Omit<SourceRow, 'academyId'>): Promise<void> {
    await db.insert(sourceMapping).values({ ...row, academyId: scope.academyId });
  }

  async change(
    scope: Scope,
    db: Handle,
    id: string,
    changes: Partial<Pick<SourceRow, 'name' | 'answers' | 'updatedAt' | 'deletedAt'>>,
  ): Promise<void> {
    await db.update(sourceMapping).set(changes).where(this.own(scope, id));
  }

  private own(scope: Scope, id: string) {
    return and(eq(sourceMapping.academyId, scope.academyId), eq(sourceMapping.id, id));
  }
}
