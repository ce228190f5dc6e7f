import { NOTHING_NOTED } from '@loxos/core';
import { Injectable } from '@nestjs/common';
import { and, eq } from 'drizzle-orm';
import type { Scope } from '../common/scope.ts';
import type { Handle } from '../db/handle.ts';
import { playerConsent } from '../db/schema/index.ts';
import type { PlayerConsent } from './consent.dto.ts';

const VERSION = 1;

@Injectable()
export class ConsentRepository {
  /** Returns what is noted of a player; nothing where nobody noted anything. */
  async of(scope: Scope, db: Handle, playerId: string): Promise<PlayerConsent> {
    const own = and(
      eq(playerConsent.academyId, scope.academyId),
      eq(playerConsent.playerId, playerId),
    );
    const [row] = await db.select({ value: playerConsent.value }).from(playerConsent).where(own);
    const { bornOn, isMinor, guardian, consents } =
      row === undefined ? NOTHING_NOTED : (JSON.parse(row.value) as PlayerConsent);
    return { bornOn, isMinor, guardian, consents: [...consents] };
  }

  async put(
    { academyId }: Scope,
    db: Handle,
    playerId: string,
    noted: PlayerConsent,
    updatedAt: string,
  ): Promise<void> {
    const value = JSON.stringify({ v: VERSION, ...noted });
    await db
      .insert(playerConsent)
      .values({ playerId, academyId, value, updatedAt })
      .onConflictDoUpdate({ target: playerConsent.playerId, set: { value, updatedAt } });
  }
}
