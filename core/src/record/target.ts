/** What a player wants of a kind of club, in numbers, from how they usually swing the one they hit most. */
import { findClub, headOf } from '../delivery/club.ts';
import type { Club } from '../delivery/club.ts';
import type { ClubKind } from '../delivery/head.ts';
import { plainDelivery } from '../delivery/usual.ts';
import type { Hand } from '../line/hand.ts';
import { median } from '../maths/statistics.ts';
import { PLAIN_WANTED, wantedFor, wantedNumbers } from '../plan/wanted.ts';
import type { WantedByClub, WantedNumbers } from '../plan/wanted.ts';
import type { Bands } from '../reading/bands.ts';
import { valuesAt } from './points.ts';
import { countedOf } from './visit.ts';
import type { Visit } from './visit.ts';

/** Driver speed of a player none was measured of, m/s (common practice, no source). */
const USUAL_DRIVER_MPS = 43;

/** The club of a kind hit most; null where none was. */
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

/** What is wanted of a kind of club; null where the player has hit none. */
export function wantedOfKind(
  visits: readonly Visit[],
  kind: ClubKind,
  wanted: WantedByClub | null,
  { hand, bands }: { readonly hand: Hand; readonly bands: Bands },
): WantedNumbers | null {
  const club = usualClub(visits, kind);
  if (club === null) return null;
  const speeds = visits.flatMap((visit) => {
    const own = countedOf(visit, kind).filter((n) => visit.balls.clubOf(n) === club.id);
    return valuesAt(visit.balls, own, 'clubSpeedMps');
  });
  const driver = speeds.length === 0 ? USUAL_DRIVER_MPS : median(speeds) / club.speedShare;
  const base = { hand, head: headOf(club), plain: plainDelivery(club, hand, driver), bands };
  return wantedNumbers(wantedFor(wanted, kind), base) ?? wantedNumbers(PLAIN_WANTED, base);
}
