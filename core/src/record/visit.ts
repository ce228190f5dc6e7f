/** A player's visits as kept, and which of their balls say what. */
import { findClub } from '../delivery/club.ts';
import type { ClubKind } from '../delivery/head.ts';
import type { RecordBalls } from './lesson-record.ts';

export interface Visit {
  readonly lessonId: string;
  /** When it began, ISO. */
  readonly at: string;
  /** The day that was by the academy's clock. */
  readonly day: string;
  readonly balls: RecordBalls;
}

/** Balls hit as the player plays, in no drill: they say where somebody is, those of a drill what the drill does. */
const OWN: ReadonlySet<string | null> = new Set([null, 'baseline', 'play']);

/** Places of the balls of a kind of club that count, in the order hit. */
export function countedOf({ balls }: Visit, kind: ClubKind): number[] {
  const places: number[] = [];
  for (let n = 0; n < balls.count; n++)
    if (balls.leftOut(n) === null && findClub(balls.clubOf(n))?.kind === kind) places.push(n);
  return places;
}

/** Of those, the ones hit in no drill. */
export const ownOf = (visit: Visit, kind: ClubKind): number[] =>
  countedOf(visit, kind).filter((n) => OWN.has(visit.balls.blockOf(n).kind));

/** Kinds of club a player has hit, those with the most counted balls first. */
export function kindsOf(visits: readonly Visit[]): ClubKind[] {
  const counts = new Map<ClubKind, number>();
  for (const { balls } of visits)
    for (let n = 0; n < balls.count; n++) {
      const kind = findClub(balls.clubOf(n))?.kind;
      if (kind !== undefined && balls.leftOut(n) === null)
        counts.set(kind, (counts.get(kind) ?? 0) + 1);
    }
  return [...counts].sort(([, a], [, b]) => b - a).map(([kind]) => kind);
}
