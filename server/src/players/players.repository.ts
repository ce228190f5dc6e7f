import { Injectable } from '@nestjs/common';
import { and, asc, eq, isNull, placeholder } from 'drizzle-orm';
import { player } from '../db/schema/index.ts';
import type { Handle } from '../db/handle.ts';
import { keptQuery } from '../db/kept-query.ts';
import type { Scope } from '../common/scope.ts';

export type PlayerRow = typeof player.$inferSelect;

const all = keptQuery((db) =>
  db
    .select()
    .from(player)
    .where(and(eq(player.academyId, placeholder('academyId')), isNull(player.deletedAt)))
    .orderBy(asc(player.name))
    .prepare(),
);

@Injectable()
export class PlayersRepository {
  list({ academyId }: Scope, db: Handle): Promise<PlayerRow[]> {
    return all(db).all({ academyId });
  }

  async find(scope: Scope, db: Handle, id: string): Promise<PlayerRow | null> {
    const [row] = await db.select().from(player).where(this.own(scope, id));
    return row ?? null;
  }

  async insert(scope: Scope, db: Handle, row: Omit<PlayerRow, 'academyId'>): Promise<void> {
    await db.insert(player).values({ ...row, academyId: scope.academyId });
  }

  async update(scope: Scope, db: Handle, id: string, changes: Partial<PlayerRow>): Promise<void> {
    await db.update(player).set(changes).where(this.own(scope, id));
  }

  private own(scope: Scope, id: string) {
    return and(eq(player.academyId, scope.academyId), eq(player.id, id));
  }
}
