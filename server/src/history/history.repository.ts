import { Injectable } from '@nestjs/common';
import {
  and,
  asc,
  count,
  desc,
  eq,
  getTableColumns,
  gt,
  inArray,
  isNull,
  ne,
  placeholder,
  sql,
} from 'drizzle-orm';
import type { SQL } from 'drizzle-orm';
import { history } from '../db/schema/index.ts';
import type { HistoryThing } from '../db/schema/history.ts';
import type { Handle } from '../db/handle.ts';
import { keptQuery } from '../db/kept-query.ts';
import type { Scope } from '../common/scope.ts';

export type HistoryRow = typeof history.$inferSelect;

const SHOWN = 200;

/** What one change, or what a player did at a page on one day, did: rows of one line, in the order done. */
export interface HistoryLine {
  /** When the last of it was done, an instant. */
  readonly at: string;
  readonly rows: readonly [HistoryRow, ...HistoryRow[]];
  /** How many rows it stands for that are left out: what a player did at their page on one day. */
  readonly times: number;
}

/** What a player does at their page on one day is one line, or the coach's own would be lost among it. */
const AT_PAGE = sql`${history.thing} in ('repetition', 'tick') and ${history.userId} is null`;
const LINE = sql<string>`case when ${AT_PAGE} then substr(${history.at}, 1, 10) || ${history.what}
  else coalesce(${history.changeId}, ${history.id}) end`;

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

  /** Returns whether a change of this name was taken before. */
  async isTaken(scope: Scope, db: Handle, changeId: string): Promise<boolean> {
    const [row] = await db
      .select({ id: history.id })
      .from(history)
      .where(and(this.own(scope), eq(history.changeId, changeId)))
      .limit(1);
    return row !== undefined;
  }

  /** Returns the last change of anything in a lesson that another device made. */
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

  /** Returns what changed a thing after a version of it. */
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

  /** Returns the last changes of a lesson, the newest first. */
  ofLesson(scope: Scope, db: Handle, lessonId: string): Promise<HistoryLine[]> {
    return this.lines(db, and(this.own(scope), eq(history.lessonId, lessonId))!);
  }

  /** Returns the last changes of a player, or of what is of no player and no lesson; the newest first. */
  last(scope: Scope, db: Handle, playerId: string | null): Promise<HistoryLine[]> {
    const which =
      playerId === null
        ? and(isNull(history.lessonId), isNull(history.playerId))
        : eq(history.playerId, playerId);
    return this.lines(db, and(this.own(scope), which)!);
  }

  private async lines(db: Handle, which: SQL): Promise<HistoryLine[]> {
    // With max, the other columns are those of its row.
    const lines = await db
      .select({
        ...getTableColumns(history),
        last: sql<string>`max(${history.at})`.as('last'),
        count: count(),
        isAtPage: sql<number>`${AT_PAGE}`,
      })
      .from(history)
      .where(which)
      .groupBy(LINE)
      .orderBy(desc(sql`last`))
      .limit(SHOWN);
    const several = lines.filter((line) => line.count > 1 && line.isAtPage === 0);
    const rows = await this.rowsOf(
      db,
      which,
      several.flatMap(({ changeId }) => (changeId === null ? [] : [changeId])),
    );
    return lines.map(({ last, count: times, isAtPage, ...row }) => {
      const own = rows.filter(({ changeId }) => changeId !== null && changeId === row.changeId);
      const [first, ...rest] = own;
      if (isAtPage === 1) return { at: last, rows: [row], times };
      return { at: last, rows: first === undefined ? [row] : [first, ...rest], times: 1 };
    });
  }

  /** All rows of changes, in the order done. */
  private async rowsOf(
    db: Handle,
    which: SQL,
    changeIds: readonly string[],
  ): Promise<HistoryRow[]> {
    if (changeIds.length === 0) return [];
    return db
      .select()
      .from(history)
      .where(and(which, inArray(history.changeId, [...changeIds])))
      .orderBy(asc(history.step));
  }

  private own(scope: Scope) {
    return eq(history.academyId, scope.academyId);
  }
}
