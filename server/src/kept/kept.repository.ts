import { Injectable } from '@nestjs/common';
import { eq, sql } from 'drizzle-orm';
import type { Scope } from '../common/scope.ts';
import type { Handle } from '../db/handle.ts';
import { player } from '../db/schema/index.ts';

/** When somebody's last lesson begins, booked ones too; one that was taken away is none. Null where there is none. */
const LAST_LESSON = sql<string | null>`(
  select max(l.starts_at) from lesson l
  where l.academy_id = player.academy_id and l.player_id = player.id and l.deleted_at is null
)`;

@Injectable()
export class KeptRepository {
  /** Every player of the academy, also who was taken away, with when they were last here. */
  async lastHere(scope: Scope, db: Handle) {
    const rows = await db
      .select({ player, lastLesson: LAST_LESSON })
      .from(player)
      .where(eq(player.academyId, scope.academyId));
    return rows.map(({ player: { id, name, createdAt, keepUntil, deletedAt }, lastLesson }) => ({
      id,
      name,
      keepUntil,
      isTakenAway: deletedAt !== null,
      lastAt: lastLesson ?? createdAt,
    }));
  }
}
