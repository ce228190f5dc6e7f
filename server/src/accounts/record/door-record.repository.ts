import { Injectable } from '@nestjs/common';
import { and, asc, count, desc, eq, gte, inArray, isNull, lt, ne, or } from 'drizzle-orm';
import type { Scope } from '../../common/scope.ts';
import type { Handle } from '../../db/handle.ts';
import { academy, doorEvent, lesson, player, user } from '../../db/schema/index.ts';
import type { DoorEventKind } from '../../db/schema/door-event.ts';

export type DoorEventRow = typeof doorEvent.$inferSelect;
/** A row, with the name of the player it is about while they are there. */
export interface ToldEvent {
  readonly event: DoorEventRow;
  readonly player: string | null;
}

/** Reads and adds; what was written is changed by nobody. */
@Injectable()
export class DoorRecordRepository {
  async add(db: Handle, row: DoorEventRow): Promise<void> {
    await db.insert(doorEvent).values(row);
  }

  /** Tries since a moment: of one person from one place where they are named, otherwise how many rows there are. */
  async tries(db: Handle, academyId: string, since: string): Promise<number> {
    const [row] = await db
      .select({ rows: count() })
      .from(doorEvent)
      .where(this.refused(academyId, since));
    return row?.rows ?? 0;
  }

  async sameTry(
    db: Handle,
    { academyId, userId, address }: Pick<DoorEventRow, 'academyId' | 'userId' | 'address'>,
    since: string,
  ): Promise<DoorEventRow | null> {
    const whose = userId === null ? isNull(doorEvent.userId) : eq(doorEvent.userId, userId);
    const [row] = await db
      .select()
      .from(doorEvent)
      .where(and(this.refused(academyId, since), whose, eq(doorEvent.address, address)))
      .limit(1);
    return row ?? null;
  }

  async again(db: Handle, { id, times }: DoorEventRow, lastAt: string): Promise<void> {
    await db
      .update(doorEvent)
      .set({ times: times + 1, lastAt })
      .where(eq(doorEvent.id, id));
  }

  /** Forgets what is older than a moment. */
  async forget(db: Handle, academyId: string, before: string): Promise<void> {
    const old = and(eq(doorEvent.academyId, academyId), lt(doorEvent.lastAt, before));
    await db.delete(doorEvent).where(old);
  }

  /** Returns the newest before a moment. */
  before(scope: Scope, db: Handle, moment: string, most: number): Promise<ToldEvent[]> {
    return this.told(db)
      .where(and(this.own(scope), lt(doorEvent.lastAt, moment)))
      .orderBy(desc(doorEvent.lastAt))
      .limit(most);
  }

  /** Returns what others did since a moment, of some kinds, and whatever happened to one’s own account. */
  since(
    scope: Scope,
    db: Handle,
    moment: string,
    kinds: readonly DoorEventKind[],
  ): Promise<ToldEvent[]> {
    const byOthers = or(isNull(doorEvent.userId), ne(doorEvent.userId, scope.userId!));
    const ofOthers = and(byOthers, inArray(doorEvent.kind, [...kinds]));
    const onOwn = and(
      eq(doorEvent.userId, scope.userId!),
      inArray(doorEvent.kind, ['refused', 'signed-in']),
    );
    return this.told(db)
      .where(and(this.own(scope), gte(doorEvent.lastAt, moment), or(ofOthers, onOwn)))
      .orderBy(desc(doorEvent.lastAt));
  }

  async firstAcademy(db: Handle): Promise<string | null> {
    const [row] = await db
      .select({ id: academy.id })
      .from(academy)
      .orderBy(asc(academy.createdAt))
      .limit(1);
    return row?.id ?? null;
  }

  async lastOf(db: Handle, kind: DoorEventKind): Promise<DoorEventRow | null> {
    const [row] = await db
      .select()
      .from(doorEvent)
      .where(eq(doorEvent.kind, kind))
      .orderBy(desc(doorEvent.lastAt))
      .limit(1);
    return row ?? null;
  }

  async seen(scope: Scope, db: Handle, at: string): Promise<void> {
    await db.update(user).set({ doorsSeenAt: at }).where(this.me(scope));
  }

  /** Until when somebody has seen the record: when they came, where they never looked. */
  async seenUntil(scope: Scope, db: Handle): Promise<string> {
    const [row] = await db
      .select({ seenAt: user.doorsSeenAt, createdAt: user.createdAt })
      .from(user)
      .where(this.me(scope));
    return row?.seenAt ?? row?.createdAt ?? '';
  }

  private told(db: Handle) {
    return db
      .select({ event: doorEvent, player: player.name })
      .from(doorEvent)
      .leftJoin(lesson, eq(lesson.id, doorEvent.lessonId))
      .leftJoin(player, or(eq(player.id, doorEvent.playerId), eq(player.id, lesson.playerId)))
      .$dynamic();
  }

  private refused(academyId: string, since: string) {
    return and(
      eq(doorEvent.academyId, academyId),
      eq(doorEvent.kind, 'refused'),
      gte(doorEvent.lastAt, since),
    );
  }

  private own(scope: Scope) {
    return eq(doorEvent.academyId, scope.academyId);
  }

  private me(scope: Scope) {
    return and(eq(user.academyId, scope.academyId), eq(user.id, scope.userId!));
  }
}
