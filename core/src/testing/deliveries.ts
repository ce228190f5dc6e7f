import { STANDARD_BAG, headOf } from '../delivery/club.ts';
import type { Club } from '../delivery/club.ts';
import type { Delivery } from '../delivery/delivery.ts';
import type { ClubHead } from '../delivery/head.ts';
import { standardHead } from '../delivery/head.ts';
import { plainDelivery } from '../delivery/usual.ts';

/** A usual full shot of a player between slow and fast: square, along the line. */
export const usualDelivery = (club: Club, changes: Partial<Delivery> = {}): Delivery => ({
  ...plainDelivery(club, 'right', 45),
  strikeHighMm: 0,
  ...changes,
});

export const BAG_SHOTS = STANDARD_BAG.map((club) => ({ club, head: headOf(club) }));

/** A head whose mass sits at one point on the face: no gear effect, no twist. */
export const pointHead = (changes: Partial<ClubHead> = {}): ClubHead => ({
  ...standardHead('iron', 30),
  cgDepthM: 0,
  restitution: 0.8,
  restitutionPerMps: 0,
  tangentialRestitution: 0,
  friction: 10,
  ...changes,
});
