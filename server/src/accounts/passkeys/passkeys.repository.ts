import { Injectable } from '@nestjs/common';
import { and, asc, eq } from 'drizzle-orm';
import type { Scope } from '../../common/scope.ts';
import { passkey, user } from '../../db/schema/index.ts';
import type { Handle } from '../../db/handle.ts';
import type { UserRow } from '../accounts.repository.ts';

export type PasskeyRow = typeof passkey.$inferSelect;

@Injectable()
export class PasskeysRepository {
  async insert(db: Handle, row: PasskeyRow): Promise<void> {
    await db.insert(passkey).values(row);
  }

  ofUser(scope: Scope, db: Handle, userId: string): Promise<PasskeyRow[]> {
    return db
      .select()
      .from(passkey)
      .where(and(eq(passkey.academyId, scope.academyId), eq(passkey.userId, userId)))
      .orderBy(asc(passkey.createdAt));
  }

  /** Returns a passkey with whose it is, of whichever academy. */
  async find(db: Handle, id: string): Promise<{ passkey: PasskeyRow; user: UserRow } | null> {
    const [row] = await db
      .select({ passkey, user })
      .from(passkey)
      .innerJoin(user, eq(user.id, passkey.userId))
      .where(eq(passkey.id, id));
    return row ?? null;
  }

  async used(db: Handle, id: string, counter: number, usedAt: string): Promise<void> {
    await db.update(passkey).set({ counter, usedAt }).where(eq(passkey.id, id));
  }

  /** Takes one of somebody’s away; whether there was one. */
  async remove(scope: Scope, db: Handle, userId: string, id: string): Promise<boolean> {
    const own = and(
      eq(passkey.academyId, scope.academyId),
      eq(passkey.userId, userId),
      eq(passkey.id, id),
    );
    return (await db.delete(passkey).where(own).returning({ id: passkey.id })).length > 0;
  }

  async removeAll(db: Handle, userId: string): Promise<void> {
    await db.delete(passkey).where(eq(passkey.userId, userId));
  }
}
