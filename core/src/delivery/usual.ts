/**
 * The usual full shot of a player with a club: what is taken where a ball does not say it. A player
 * is placed between two by the speed of the driver: a fast one and a slow one, whose dynamic lofts were
 * solved so that they launch as widely published averages say (from memory; docs/physics.md lists
 * them). Common practice, no source, for clubs between the published ones.
 */
import type { Club } from './club.ts';
import type { Delivery } from './delivery.ts';
import type { Hand } from '../line/hand.ts';

/** Loft and attack in degrees, positive up; strike height in mm, positive high. */
export interface UsualStrike {
  readonly dynamicLoftDeg: number;
  readonly attackAngleDeg: number;
  readonly strikeHighMm: number;
}

/** Driver speeds of the slow and of the fast player, m/s (94 and 113 mph). */
export const USUAL_DRIVER_SPEEDS_MPS = { slow: 42, fast: 50.5 } as const;
/** Driver speed of a player about whom nothing is known, m/s (common practice, no source). */
export const UNKNOWN_DRIVER_SPEED_MPS = 42;

/** The usual strike of a player who swings this club at a speed, m/s; beyond the two players, the nearer. */
export function usualStrike(club: Club, clubSpeedMps: number): UsualStrike {
  const { slow, fast } = USUAL_DRIVER_SPEEDS_MPS;
  const share = (clubSpeedMps / club.speedShare - slow) / (fast - slow);
  const t = Math.min(1, Math.max(0, share));
  const between = (of: keyof UsualStrike): number =>
    club.slow[of] + t * (club.fast[of] - club.slow[of]);
  return {
    dynamicLoftDeg: between('dynamicLoftDeg'),
    attackAngleDeg: between('attackAngleDeg'),
    strikeHighMm: between('strikeHighMm'),
  };
}

/** A usual full shot of a player with a club: along the line, face square, as high as usual on the face. */
export function plainDelivery(club: Club, hand: Hand, driverSpeedMps: number): Delivery {
  const clubSpeedMps = driverSpeedMps * club.speedShare;
  return {
    hand,
    clubSpeedMps,
    clubPathDeg: 0,
    faceAngleDeg: 0,
    strikeToeMm: 0,
    ...usualStrike(club, clubSpeedMps),
  };
}
