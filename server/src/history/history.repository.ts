import { Injectable } from '@nestjs/common';
import {
  and,
  count,
  desc,
  eq,
  getTableColumns,
  gt,
  isNull,
  ne,
  placeholder,
  sql,
} from 'drizzle-orm';
import { history } from '../db/schema/index.ts';
import type { HistoryThing } from '../db/schema/history.ts';
import type { Handle } from '../db/handle.ts';
import { keptQuery } from '../db/kept-query.ts';
import type { Scope } from '../common/scope.ts';

export type HistoryRow = typeof history.$inferSelect;

const SHOWN = 200;

/** A row, and how many of its kind it stands for. */
export interface HistoryLine extends HistoryRow {
  readonly times: number;
}

/** What a player logs at their page on one day is one line, or the coach's own would be lost among it. */
const LINE = sql`case when ${history.thing} = 'repetition' and ${history.userId} is null
  then substr(${history.at}, 1, 10) || ${history.what} else ${history.id} end`;

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

  /** When a field of a thing was changed last; null where nobody did. */
  async lastChangeOf(
    scope: Scope,
    db: Handle,
    thing: HistoryThing,
    id: string,
    field: string,
  ): Promise<string | null> {
    const ofThing = and(this.own(scope), eq(history.thing, thing), eq(history.thingId, id));
    const holds = sql`json_extract(${history.after}, ${`$.${field}`}) is not null`;
    const [row] = await db
      .select({ at: history.at })
      .from(history)
      .where(and(ofThing, holds))
      .orderBy(desc(history.version))
      .limit(1);
    return row?.at ?? null;
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

  /** The last changes of a lesson, the newest first. */
  ofLesson(scope: Scope, db: Handle, lessonId: string): Promise<HistoryLine[]> {
    // With max, the other columns are those of its row.
    return db
      .select({
        ...getTableColumns(history),
        at: sql<string>`max(${history.at})`.as('last'),
        times: count(),
      })
      .from(history)
      .where(and(this.own(scope), eq(history.lessonId, lessonId)))
      .groupBy(LINE)
      .orderBy(desc(sql`last`))
      .limit(SHOWN);
  }

  /** The last changes of a player, or of what is of no player and no lesson; the newest first. */
  async last(scope: Scope, db: Handle, playerId: string | null): Promise<HistoryLine[]> {
    const which =
      playerId === null
        ? and(isNull(history.lessonId), isNull(history.playerId))
        : eq(history.playerId, playerId);
    const rows = await db
      .select()
      .from(history)
      .where(and(this.own(scope), which))
      .orderBy(desc(history.at))
      .limit(SHOWN);
    return rows.map((row) => ({ ...row, times: 1 }));
  }

  private own(scope: Scope) {
    return eq(history.academyId, scope.academyId);
  }
}
