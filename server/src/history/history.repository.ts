import { Injectable } from '@nestjs/common';
import { and, desc, eq, gt } from 'drizzle-orm';
import { AcademyService } from '../academy/academy.service.ts';
import { history } from '../db/schema/index.ts';
import type { HistoryThing } from '../db/schema/history.ts';
import type { Handle } from '../db/store.ts';

export type HistoryRow = typeof history.$inferSelect;

const SHOWN = 200;

@Injectable()
export class HistoryRepository {
  constructor(private readonly academies: AcademyService) {}

  async insert(db: Handle, row: Omit<HistoryRow, 'academyId'>): Promise<void> {
    await db.insert(history).values({ ...row, academyId: this.academies.id });
  }

  async find(db: Handle, id: string): Promise<HistoryRow | null> {
    const [row] = await db
      .select()
      .from(history)
      .where(and(this.own(), eq(history.id, id)));
    return row ?? null;
  }

  /** The change of this name, where it was taken before. */
  async ofChange(db: Handle, changeId: string): Promise<HistoryRow | null> {
    const [row] = await db
      .select()
      .from(history)
      .where(and(this.own(), eq(history.changeId, changeId)));
    return row ?? null;
  }

  /** What changed a thing after a version of it. */
  since(db: Handle, thing: HistoryThing, id: string, version: number): Promise<HistoryRow[]> {
    const ofThing = and(this.own(), eq(history.thing, thing), eq(history.thingId, id));
    return db
      .select()
      .from(history)
      .where(and(ofThing, gt(history.version, version)));
  }

  /** The last changes of a lesson or of a player, the newest first. */
  last(db: Handle, of: { lessonId: string } | { playerId: string }): Promise<HistoryRow[]> {
    const which =
      'lessonId' in of ? eq(history.lessonId, of.lessonId) : eq(history.playerId, of.playerId);
    return db
      .select()
      .from(history)
      .where(and(this.own(), which))
      .orderBy(desc(history.at))
      .limit(SHOWN);
  }

  private own() {
    return eq(history.academyId, this.academies.id);
  }
}
