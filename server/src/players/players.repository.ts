import { Injectable } from '@nestjs/common';
import { and, asc, eq, isNull } from 'drizzle-orm';
import { AcademyService } from '../academy/academy.service.ts';
import { player } from '../db/schema/index.ts';
import type { Handle } from '../db/store.ts';

export type PlayerRow = typeof player.$inferSelect;

@Injectable()
export class PlayersRepository {
  constructor(private readonly academies: AcademyService) {}

  list(db: Handle): Promise<PlayerRow[]> {
    return db
      .select()
      .from(player)
      .where(and(eq(player.academyId, this.academies.id), isNull(player.deletedAt)))
      .orderBy(asc(player.name));
  }

  async find(db: Handle, id: string): Promise<PlayerRow | null> {
    const [row] = await db.select().from(player).where(this.own(id));
    return row ?? null;
  }

  async insert(db: Handle, row: Omit<PlayerRow, 'academyId'>): Promise<void> {
    await db.insert(player).values({ ...row, academyId: this.academies.id });
  }

  async update(db: Handle, id: string, changes: Partial<PlayerRow>): Promise<void> {
    await db.update(player).set(changes).where(this.own(id));
  }

  private own(id: string) {
    return and(eq(player.academyId, this.academies.id), eq(player.id, id));
  }
}
