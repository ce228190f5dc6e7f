import { Injectable } from '@nestjs/common';
import { and, desc, eq, gt, isNull, ne, placeholder } from 'drizzle-orm';
import { history } from '../db/schema/index.ts';
import type { HistoryThing } from '../db/schema/history.ts';
import type { Handle } from '../db/handle.ts';
import { keptQuery } from '../db/kept-query.ts';
import type { Scope } from '../common/scope.ts';

export type HistoryRow = typeof history.$inferSelect;

const SHOWN = 200;

const lastOf = keptQuery((db) =>
  db
    .select({ id: history.id, device: history.device })
    .from(history)
    .where(
      and(
        eq(history.academyId, placeholder('academyId')),
        eq(history.lessonId, placeholder('lessonId')),
        ne(history.device, placeholder('device')),
      ),
    )
    .orderBy(desc(history.at))
    .limit(1)
    .prepare(),
);

@Injectable()
export class HistoryRepository {
  async insert(scope: Scope, db: Handle, row: Omit<HistoryRow, 'academyId'>): Promise<void> {
    await db.insert(history).values({ ...row, academyId: scope.academyId });
  }

  async find(scope: Scope, db: Handle, id: string): Promise<HistoryRow | null> {
    const [row] = await db
      .select()
      .from(history)
      .where(and(this.own(scope), eq(history.id, id)));
    return row ?? null;
  }

  /** The change of this name, where it was taken before. */
  async ofChange(scope: Scope, db: Handle, changeId: string): Promise<HistoryRow | null> {
    const [row] = await db
      .select()
      .from(history)
      .where(and(this.own(scope), eq(history.changeId, changeId)));
    return row ?? null;
  }

  /** The last change of anything in a lesson that another device made. */
  async lastOf(
    scope: Scope,
    db: Handle,
    lessonId: string,
    device: string,
  ): Promise<Pick<HistoryRow, 'id' | 'device'> | null> {
    const { academyId } = scope;
    return (await lastOf(db).all({ academyId, lessonId, device }))[0] ?? null;
  }

  /** What changed a thing after a version of it. */
  since(
    scope: Scope,
    db: Handle,
    thing: HistoryThing,
    id: string,
    version: number,
  ): Promise<HistoryRow[]> {
    const ofThing = and(this.own(scope), eq(history.thing, thing), eq(history.thingId, id));
    return db
      .select()
      .from(history)
      .where(and(ofThing, gt(history.version, version)));
  }

  /** The last changes of a lesson, of a player, or of what belongs to neither; the newest first. */
  last(
    scope: Scope,
    db: Handle,
    { lessonId, playerId }: { lessonId?: string; playerId?: string },
  ): Promise<HistoryRow[]> {
    const isNeither = lessonId === undefined && playerId === undefined;
    const which = and(
      lessonId === undefined ? undefined : eq(history.lessonId, lessonId),
      playerId === undefined ? undefined : eq(history.playerId, playerId),
      isNeither ? and(isNull(history.lessonId), isNull(history.playerId)) : undefined,
    );
    return db
      .select()
      .from(history)
      .where(and(this.own(scope), which))
      .orderBy(desc(history.at))
      .limit(SHOWN);
  }

  private own(scope: Scope) {
    return eq(history.academyId, scope.academyId);
  }
}
