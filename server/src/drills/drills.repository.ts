import { Injectable } from '@nestjs/common';
import { and, asc, eq, isNull } from 'drizzle-orm';
import type { Scope } from '../common/scope.ts';
import type { Handle } from '../db/handle.ts';
import { ownDrill } from '../db/schema/index.ts';
import type { CreateOwnDrill, OwnDrill } from './drill.dto.ts';

type DrillRow = typeof ownDrill.$inferSelect;

export const toDrill = ({ id, value }: DrillRow): OwnDrill => ({
  ...(JSON.parse(value) as CreateOwnDrill),
  id,
});

/** Drills of the academy's own, beside the catalogue. */
@Injectable()
export class DrillsRepository {
  async list(scope: Scope, db: Handle): Promise<OwnDrill[]> {
    const rows = await db
      .select()
      .from(ownDrill)
      .where(and(eq(ownDrill.academyId, scope.academyId), isNull(ownDrill.deletedAt)))
      .orderBy(asc(ownDrill.createdAt));
    return rows.map(toDrill);
  }

  async find(scope: Scope, db: Handle, id: string): Promise<DrillRow | null> {
    const [row] = await db.select().from(ownDrill).where(this.own(scope, id));
    return row ?? null;
  }

  async insert(
    { academyId }: Scope,
    db: Handle,
    row: Pick<DrillRow, 'id' | 'value' | 'createdAt'>,
  ): Promise<void> {
    await db.insert(ownDrill).values({ ...row, academyId });
  }

  async mark(scope: Scope, db: Handle, id: string, deletedAt: string | null): Promise<void> {
    await db.update(ownDrill).set({ deletedAt }).where(this.own(scope, id));
  }

  private own(scope: Scope, id: string) {
    return and(eq(ownDrill.academyId, scope.academyId), eq(ownDrill.id, id));
  }
}
