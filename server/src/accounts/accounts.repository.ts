import { ownZone } from '@loxos/core';
import { Injectable } from '@nestjs/common';
import { and, asc, eq, gt, isNull } from 'drizzle-orm';
import type { Scope } from '../common/scope.ts';
import { academy, link, user } from '../db/schema/index.ts';
import type { Handle } from '../db/handle.ts';

/** What somebody new has not done yet. */
export const NEW_USER = {
  endedAt: null,
  codeSecret: null,
  codeStep: null,
  doorsSeenAt: null,
} as const;

export type UserRow = typeof user.$inferSelect;
export type LinkRow = typeof link.$inferSelect;
export type AcademyRow = typeof academy.$inferSelect;

/** Who belongs to an academy, and the links that let somebody in. What is looked up before anybody is known has no scope. */
@Injectable()
export class AccountsRepository {
  /** Returns the oldest academy here, or null. */
  async first(db: Handle): Promise<AcademyRow | null> {
    const [row] = await db.select().from(academy).orderBy(asc(academy.createdAt)).limit(1);
    return row ?? null;
  }

  async academy(db: Handle, academyId: string): Promise<AcademyRow> {
    const [row] = await db.select().from(academy).where(eq(academy.id, academyId));
    if (row === undefined) throw new Error('somebody belongs to an academy that is not there');
    return row;
  }

  /** Returns the zone of the academy's days; the server's own until somebody said. */
  async zone(db: Handle, academyId: string): Promise<string> {
    return (await this.academy(db, academyId)).zone ?? ownZone();
  }

  async putAcademy(db: Handle, row: AcademyRow): Promise<void> {
    const { id: _, createdAt: _at, ...set } = row;
    await db.insert(academy).values(row).onConflictDoUpdate({ target: academy.id, set });
  }

  async hasOwner(db: Handle): Promise<boolean> {
    const owners = and(eq(user.role, 'owner'), isNull(user.endedAt));
    return (await db.select({ id: user.id }).from(user).where(owners).limit(1)).length > 0;
  }

  async byEmail(db: Handle, email: string): Promise<UserRow | null> {
    const [row] = await db.select().from(user).where(eq(user.email, email));
    return row ?? null;
  }

  async firstOwner(db: Handle, academyId: string): Promise<UserRow | null> {
    const owners = and(eq(user.academyId, academyId), eq(user.role, 'owner'), isNull(user.endedAt));
    const [row] = await db.select().from(user).where(owners).orderBy(asc(user.createdAt)).limit(1);
    return row ?? null;
  }

  /** Everybody who ever belonged to the academy, by name. */
  list(scope: Scope, db: Handle): Promise<UserRow[]> {
    return db
      .select()
      .from(user)
      .where(eq(user.academyId, scope.academyId))
      .orderBy(asc(user.name));
  }

  async find(scope: Scope, db: Handle, id: string): Promise<UserRow | null> {
    const own = and(eq(user.academyId, scope.academyId), eq(user.id, id));
    const [row] = await db.select().from(user).where(own);
    return row ?? null;
  }

  async insert(db: Handle, row: UserRow): Promise<void> {
    await db.insert(user).values(row);
  }

  async update(scope: Scope, db: Handle, id: string, changes: Partial<UserRow>): Promise<void> {
    const own = and(eq(user.academyId, scope.academyId), eq(user.id, id));
    await db.update(user).set(changes).where(own);
  }

  async addLink(db: Handle, row: LinkRow): Promise<void> {
    await db.insert(link).values(row);
  }

  /** Returns a link with whom it signs in, who is null for an invitation. */
  async linkBehind(
    db: Handle,
    tokenHash: string,
  ): Promise<{ readonly link: LinkRow; readonly user: UserRow | null } | null> {
    const [row] = await db
      .select({ link, user })
      .from(link)
      .leftJoin(user, eq(user.id, link.userId))
      .where(eq(link.tokenHash, tokenHash));
    return row ?? null;
  }

  /** Invitations that are still open. */
  invitations(scope: Scope, db: Handle, now: string): Promise<LinkRow[]> {
    const open = and(
      eq(link.academyId, scope.academyId),
      eq(link.kind, 'invitation'),
      isNull(link.endedAt),
      gt(link.expiresAt, now),
    );
    return db.select().from(link).where(open).orderBy(asc(link.createdAt));
  }

  async endLink(scope: Scope, db: Handle, id: string, at: string): Promise<boolean> {
    const open = and(eq(link.academyId, scope.academyId), eq(link.id, id), isNull(link.endedAt));
    const ended = await db.update(link).set({ endedAt: at }).where(open).returning({ id: link.id });
    return ended.length > 0;
  }

  /** Ends every open link that would sign somebody in. */
  async endLinksOf(scope: Scope, db: Handle, userId: string, at: string): Promise<void> {
    const open = and(
      eq(link.academyId, scope.academyId),
      eq(link.userId, userId),
      isNull(link.endedAt),
    );
    await db.update(link).set({ endedAt: at }).where(open);
  }
}
