import { randomUUID } from 'node:crypto';
import { Injectable, NotFoundException } from '@nestjs/common';
import { and, asc, eq, isNull } from 'drizzle-orm';
import { Clock } from '../common/clock.ts';
import { ownDrill } from '../db/schema/index.ts';
import type { Handle } from '../db/handle.ts';
import { Store } from '../db/store.ts';
import type { Change } from '../history/change.ts';
import { HistoryService } from '../history/history.service.ts';
import type { CreateOwnDrill, OwnDrill } from './drill.dto.ts';
import type { Scope } from '../common/scope.ts';

/** Drills of the academy's own, beside the catalogue. */
@Injectable()
export class DrillsService {
  constructor(
    private readonly store: Store,
    private readonly history: HistoryService,
    private readonly clock: Clock,
  ) {}

  list(scope: Scope): Promise<OwnDrill[]> {
    return this.store.read((db) => this.listIn(scope, db));
  }

  async listIn(scope: Scope, db: Handle): Promise<OwnDrill[]> {
    const rows = await db
      .select()
      .from(ownDrill)
      .where(and(eq(ownDrill.academyId, scope.academyId), isNull(ownDrill.deletedAt)))
      .orderBy(asc(ownDrill.createdAt));
    return rows.map(({ id, value }) => ({ ...(JSON.parse(value) as CreateOwnDrill), id }));
  }

  create(scope: Scope, { id: asked, ...dto }: CreateOwnDrill, change: Change): Promise<OwnDrill> {
    const { academyId } = scope;
    return this.store.write(async (tx) => {
      const id = await this.history.idFor(scope, tx, change, asked, () => `own-${randomUUID()}`);
      const row = { id, academyId, value: JSON.stringify(dto), createdAt: this.clock.text() };
      const known = (await this.listIn(scope, tx)).find((drill) => drill.id === id);
      if (known !== undefined) return known;
      if (await this.history.isTaken(scope, tx, change)) return { ...dto, id };
      await tx.insert(ownDrill).values(row);
      await this.history.made(scope, tx, { thing: 'drill', id }, `drill ${dto.name} made`, change);
      return { ...dto, id };
    });
  }

  async remove(scope: Scope, id: string, change: Change): Promise<void> {
    await this.mark(scope, id, true, change);
  }

  /** Brings a drill back that was taken away. */
  async restore(scope: Scope, id: string, change: Change): Promise<void> {
    await this.mark(scope, id, false, change);
  }

  /** Takes a drill away or brings it back. */
  async mark(scope: Scope, id: string, deleted: boolean, change: Change): Promise<void> {
    const own = and(eq(ownDrill.academyId, scope.academyId), eq(ownDrill.id, id));
    await this.store.write(async (tx) => {
      const [row] = await tx.select().from(ownDrill).where(own);
      if (row === undefined) throw new NotFoundException('There is no such drill in this academy.');
      const { name } = JSON.parse(row.value) as CreateOwnDrill;
      const of = { thing: 'drill', id, version: 1 } as const;
      const what = `drill ${name} ${deleted ? 'taken away' : 'brought back'}`;
      const current = { deleted: row.deletedAt !== null };
      if ((await this.history.edit(scope, tx, of, current, { deleted }, what, change)) === null)
        return;
      await tx
        .update(ownDrill)
        .set({ deletedAt: deleted ? this.clock.text() : null })
        .where(own);
    });
  }
}
