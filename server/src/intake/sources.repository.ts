import { randomUUID } from 'node:crypto';
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

  /** Keeps what was said of a source; one that was forgotten is remembered anew. `name` null leaves what it is called. */
  async keep(
    scope: Scope,
    db: Handle,
    said: { readonly headerKey: string; readonly answers: string; readonly name: string | null },
    updatedAt: string,
  ): Promise<void> {
    const { headerKey, answers, name } = said;
    const changed = { answers, updatedAt, deletedAt: null, ...(name !== null && { name }) };
    await db
      .insert(sourceMapping)
      .values({ id: randomUUID(), academyId: scope.academyId, headerKey, ...changed })
      .onConflictDoUpdate({
        target: [sourceMapping.academyId, sourceMapping.headerKey],
        set: changed,
      });
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
