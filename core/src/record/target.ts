/** What a player wants of a kind of club, in numbers, from how they usually swing the one they hit most. */
import { findClub, headOf } from '../delivery/club.ts';
import type { Club } from '../delivery/club.ts';
import type { ClubKind } from '../delivery/head.ts';
import { UNKNOWN_PLAYER, plainDelivery } from '../delivery/usual.ts';
import type { UsualPlayer } from '../delivery/usual.ts';
import { strike } from '../impact/strike.ts';
import type { Hand } from '../line/hand.ts';
import { median } from '../maths/statistics.ts';
import { PLAIN_WANTED, wantedFor, wantedNumbers } from '../plan/wanted.ts';
import type { WantedByClub, WantedNumbers } from '../plan/wanted.ts';
import type { Bands } from '../reading/bands.ts';
import { valuesAt } from './points.ts';
import { countedOf } from './visit.ts';
import type { Visit } from './visit.ts';

/** Returns the club of a kind hit most; null where none was. */
export function usualClub(visits: readonly Visit[], kind: ClubKind): Club | null {
  const counts = new Map<string, number>();
  for (const visit of visits)
    for (const n of countedOf(visit, kind)) {
      const club = visit.balls.clubOf(n);
      counts.set(club, (counts.get(club) ?? 0) + 1);
    }
  const [most] = [...counts].sort(([, a], [, b]) => b - a);
  return most === undefined ? null : (findClub(most[0]) ?? null);
}

/** Returns how the player usually swings the club of a kind they hit most, with the face along the line; null where they hit none. */
function usualOf(
  visits: readonly Visit[],
  kind: ClubKind,
  hand: Hand,
  player: UsualPlayer = UNKNOWN_PLAYER,
) {
  const club = usualClub(visits, kind);
  if (club === null) return null;
  const speeds = visits.flatMap((visit) => {
    const own = countedOf(visit, kind).filter((n) => visit.balls.clubOf(n) === club.id);
    return valuesAt(visit.balls, own, 'clubSpeedMps');
  });
  const driver = speeds.length === 0 ? player.driverSpeedMps : median(speeds) / club.speedShare;
  return { head: headOf(club), plain: plainDelivery(club, hand, driver, player.kind) };
}

/** Returns the wanted flight of a kind of club; null where the player has hit none. */
export function wantedOfKind(
  visits: readonly Visit[],
  kind: ClubKind,
  wanted: WantedByClub | null,
  {
    hand,
    bands,
    player,
  }: { readonly hand: Hand; readonly bands: Bands; readonly player?: UsualPlayer },
): WantedNumbers | null {
  const usual = usualOf(visits, kind, hand, player);
  if (usual === null) return null;
  const base = { hand, bands, ...usual };
  return wantedNumbers(wantedFor(wanted, kind), base) ?? wantedNumbers(PLAIN_WANTED, base);
}

/** A face so far open that its share of the start is plain, degrees. */
const SHARE_FACE_DEG = 2;

/** Returns the face's share of the start with a kind of club by the impact model, 0 to 1; 1 where the player has hit none. */
export function faceShareOf(visits: readonly Visit[], kind: ClubKind): number {
  const usual = usualOf(visits, kind, 'right');
  if (usual === null) return 1;
  const { plain, head } = usual;
  const { startDirectionDeg } = strike({ ...plain, faceAngleDeg: SHARE_FACE_DEG }, head);
  return startDirectionDeg / SHARE_FACE_DEG;
}
