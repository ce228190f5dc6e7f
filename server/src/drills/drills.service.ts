import { randomUUID } from 'node:crypto';
import { Injectable, NotFoundException } from '@nestjs/common';
import { and, asc, eq, isNull } from 'drizzle-orm';
import { AcademyService } from '../academy/academy.service.ts';
import { nowText } from '../common/clock.ts';
import { ownDrill } from '../db/schema/index.ts';
import type { Handle } from '../db/store.ts';
import { Store } from '../db/store.ts';
import type { Change } from '../history/change.ts';
import { HistoryService } from '../history/history.service.ts';
import type { CreateOwnDrill, OwnDrill } from './drill.dto.ts';

/** Drills of the academy's own, beside the catalogue. */
@Injectable()
export class DrillsService {
  constructor(
    private readonly store: Store,
    private readonly academies: AcademyService,
    private readonly history: HistoryService,
  ) {}

  list(): Promise<OwnDrill[]> {
    return this.store.read((db) => this.listIn(db));
  }

  async listIn(db: Handle): Promise<OwnDrill[]> {
    const rows = await db
      .select()
      .from(ownDrill)
      .where(and(eq(ownDrill.academyId, this.academies.id), isNull(ownDrill.deletedAt)))
      .orderBy(asc(ownDrill.createdAt));
    return rows.map(({ id, value }) => ({ ...(JSON.parse(value) as CreateOwnDrill), id }));
  }

  async create(dto: CreateOwnDrill, change: Change): Promise<OwnDrill> {
    const id = `own-${randomUUID()}`;
    const row = {
      id,
      academyId: this.academies.id,
      value: JSON.stringify(dto),
      createdAt: nowText(),
    };
    await this.store.write(async (tx) => {
      if (await this.history.isTaken(tx, change)) return;
      await tx.insert(ownDrill).values(row);
      await this.history.made(tx, { thing: 'drill', id }, `drill ${dto.name} made`, change);
    });
    return { ...dto, id };
  }

  async remove(id: string, change: Change): Promise<void> {
    await this.mark(id, true, change);
  }

  /** Takes a drill away or brings it back. */
  async mark(id: string, deleted: boolean, change: Change): Promise<void> {
    const own = and(eq(ownDrill.academyId, this.academies.id), eq(ownDrill.id, id));
    await this.store.write(async (tx) => {
      const [row] = await tx.select().from(ownDrill).where(own);
      if (row === undefined) throw new NotFoundException('There is no such drill in this academy.');
      const { name } = JSON.parse(row.value) as CreateOwnDrill;
      const of = { thing: 'drill', id, version: 1 } as const;
      const what = `drill ${name} ${deleted ? 'taken away' : 'brought back'}`;
      const current = { deleted: row.deletedAt !== null };
      if ((await this.history.edit(tx, of, current, { deleted }, what, change)) === null) return;
      await tx
        .update(ownDrill)
        .set({ deletedAt: deleted ? nowText() : null })
        .where(own);
    });
  }
}
