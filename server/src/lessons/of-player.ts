import { and, eq, isNull } from 'drizzle-orm';
import type { Scope } from '../common/scope.ts';
import { lesson } from '../db/schema/index.ts';

/** Returns a player's lessons that are there. */
export const lessonsOfPlayer = (scope: Scope, playerId: string) =>
  and(
    eq(lesson.academyId, scope.academyId),
    eq(lesson.playerId, playerId),
    isNull(lesson.deletedAt),
  );
