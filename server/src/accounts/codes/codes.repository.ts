import { randomUUID } from 'node:crypto';
import { Injectable } from '@nestjs/common';
import { and, count, eq, isNull } from 'drizzle-orm';
import { recoveryCode } from '../../db/schema/index.ts';
import type { Handle } from '../../db/handle.ts';
import type { UserRow } from '../accounts.repository.ts';

@Injectable()
export class CodesRepository {
  /** Gives somebody recovery codes in place of all they had. */
  async renew(
    db: Handle,
    { id: userId, academyId }: UserRow,
    hashes: readonly string[],
  ): Promise<void> {
    await this.removeAll(db, userId);
    const rows = hashes.map((codeHash) => ({
      id: randomUUID(),
      academyId,
      userId,
      codeHash,
      usedAt: null,
    }));
    await db.insert(recoveryCode).values(rows);
  }

  async left(db: Handle, userId: string): Promise<number> {
    const open = and(eq(recoveryCode.userId, userId), isNull(recoveryCode.usedAt));
    const [row] = await db.select({ left: count() }).from(recoveryCode).where(open);
    return row?.left ?? 0;
  }

  /** Uses one; whether there was one to use. */
  async use(db: Handle, userId: string, codeHash: string, usedAt: string): Promise<boolean> {
    const open = and(
      eq(recoveryCode.userId, userId),
      eq(recoveryCode.codeHash, codeHash),
      isNull(recoveryCode.usedAt),
    );
    const used = await db
      .update(recoveryCode)
      .set({ usedAt })
      .where(open)
      .returning({ id: recoveryCode.id });
    return used.length > 0;
  }

  async removeAll(db: Handle, userId: string): Promise<void> {
    await db.delete(recoveryCode).where(eq(recoveryCode.userId, userId));
  }
}
