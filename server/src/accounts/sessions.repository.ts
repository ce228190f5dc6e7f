import { Injectable } from '@nestjs/common';
import { and, desc, eq, gt, ne, or, placeholder } from 'drizzle-orm';
import type { Scope } from '../common/scope.ts';
import { academy, knownDevice, session, user } from '../db/schema/index.ts';
import type { Handle } from '../db/handle.ts';
import { keptQuery } from '../db/kept-query.ts';
import type { AcademyRow, UserRow } from './accounts.repository.ts';

export type SessionRow = typeof session.$inferSelect;

type KnownDeviceRow = typeof knownDevice.$inferSelect;

const behind = keptQuery((db) => {
  const hash = placeholder('hash');
  return db
    .select({ session, user, academy })
    .from(session)
    .innerJoin(user, eq(user.id, session.userId))
    .innerJoin(academy, eq(academy.id, user.academyId))
    .where(or(eq(session.tokenHash, hash), eq(session.formerHash, hash)))
    .prepare();
});

@Injectable()
export class SessionsRepository {
  async insert(db: Handle, row: SessionRow): Promise<void> {
    await db.insert(session).values(row);
  }

  async isKnown(
    db: Handle,
    { userId, academyId, tokenHash }: Omit<KnownDeviceRow, 'createdAt'>,
  ): Promise<boolean> {
    const own = and(
      eq(knownDevice.userId, userId),
      eq(knownDevice.academyId, academyId),
      eq(knownDevice.tokenHash, tokenHash),
    );
    return (await db.select().from(knownDevice).where(own).limit(1)).length > 0;
  }

  /** Returns whether somebody has signed in with any browser. */
  async knowsAny(db: Handle, userId: string): Promise<boolean> {
    const own = eq(knownDevice.userId, userId);
    return (await db.select().from(knownDevice).where(own).limit(1)).length > 0;
  }

  async know(db: Handle, row: KnownDeviceRow): Promise<void> {
    await db.insert(knownDevice).values(row).onConflictDoNothing();
  }

  /** The session a token is for, now or as the one before, with whose it is. */
  async behind(
    db: Handle,
    hash: string,
  ): Promise<{ session: SessionRow; user: UserRow; academy: AcademyRow } | null> {
    return (await behind(db).all({ hash }))[0] ?? null;
  }

  async update(db: Handle, id: string, changes: Partial<SessionRow>): Promise<void> {
    await db.update(session).set(changes).where(eq(session.id, id));
  }

  /** Somebody's sessions used since a time, the last used first. */
  ofUser(scope: Scope, db: Handle, userId: string, since: string): Promise<SessionRow[]> {
    const own = and(eq(session.academyId, scope.academyId), eq(session.userId, userId));
    return db
      .select()
      .from(session)
      .where(and(own, gt(session.seenAt, since)))
      .orderBy(desc(session.seenAt));
  }

  /** Returns how long the academy's browsers stay signed in without being used, hours; null where it said nothing. */
  async idleHours(scope: Scope, db: Handle): Promise<number | null> {
    const [row] = await db
      .select({ hours: academy.idleHours })
      .from(academy)
      .where(eq(academy.id, scope.academyId));
    return row?.hours ?? null;
  }

  /** Ends one of somebody's sessions; whether there was one. */
  async end(scope: Scope, db: Handle, userId: string, id: string): Promise<boolean> {
    const own = and(
      eq(session.academyId, scope.academyId),
      eq(session.userId, userId),
      eq(session.id, id),
    );
    return (await db.delete(session).where(own).returning({ id: session.id })).length > 0;
  }

  /** Ends the session a token is for, now or as the one before. */
  async endBehind(db: Handle, hash: string): Promise<void> {
    await db.delete(session).where(or(eq(session.tokenHash, hash), eq(session.formerHash, hash)));
  }

  /** Ends all of somebody's sessions, but one. */
  async endAll(scope: Scope, db: Handle, userId: string, but = ''): Promise<void> {
    const own = and(
      eq(session.academyId, scope.academyId),
      eq(session.userId, userId),
      ne(session.id, but),
    );
    await db.delete(session).where(own);
  }
}
