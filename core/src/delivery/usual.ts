/**
 * The usual full shot of a player with a club: what is taken where a ball does not say it. Four players are known: fast and slow
 * professionals and an average man and woman, whose dynamic lofts and strikes were solved so that they launch and spin as widely
 * published averages say (from memory; docs/physics.md lists them). A kind of player lies between two of them by the speed of
 * the driver. Common practice, no source, for clubs between the published ones and for the average woman.
 */
import type { Hand } from '../line/hand.ts';
import { USUAL_DRIVER_SPEEDS_MPS } from './club.ts';
import type { Anchor, Club, UsualStrike } from './club.ts';
import type { Delivery } from './delivery.ts';

export const PLAYER_KINDS = ['man', 'woman', 'senior', 'junior'] as const;
export type PlayerKind = (typeof PLAYER_KINDS)[number];

/** Between which two a kind of player lies, and the driver speed of one of whom nothing is known, m/s (common practice, no source). */
const KINDS: Readonly<
  Record<PlayerKind, { readonly slow: Anchor; readonly fast: Anchor; readonly driverMps: number }>
> = {
  man: { slow: 'man', fast: 'fast', driverMps: 41.6 },
  woman: { slow: 'woman', fast: 'slow', driverMps: 32 },
  senior: { slow: 'man', fast: 'fast', driverMps: 36 },
  junior: { slow: 'woman', fast: 'man', driverMps: 31 },
};

/** What is known of a player beyond the balls: used only where nothing was measured. */
export interface UsualPlayer {
  readonly kind: PlayerKind;
  readonly driverSpeedMps: number;
}
export const usualPlayer = (
  kind: PlayerKind = 'man',
  driverSpeedMps: number | null = null,
): UsualPlayer => ({ kind, driverSpeedMps: driverSpeedMps ?? KINDS[kind].driverMps });
/** Of whom nothing is known. */
export const UNKNOWN_PLAYER: UsualPlayer = usualPlayer();

/** Driver speeds a player may have, m/s. */
export const DRIVER_SPEED_RANGE_MPS = [15, 65] as const;

/**
 * How players' swings lie round along the line and square, one standard deviation, degrees; and how a player's own balls scatter
 * round their middle (common practice, no source). Used only where the balls themselves leave it open.
 */
export const USUAL_SWINGS = {
  pathSdDeg: 5,
  faceToPathSdDeg: 4,
  ballPathSdDeg: 1.5,
  ballFaceSdDeg: 2,
} as const;

/** Returns the usual strike of a kind of player who swings this club at a speed, m/s; beyond the two it lies between, the nearer. */
export function usualStrike(
  club: Club,
  clubSpeedMps: number,
  kind: PlayerKind = 'man',
): UsualStrike {
  const { slow, fast } = KINDS[kind];
  const [from, to] = [USUAL_DRIVER_SPEEDS_MPS[slow], USUAL_DRIVER_SPEEDS_MPS[fast]];
  const share = (clubSpeedMps / club.speedShare - from) / (to - from);
  const t = Math.min(1, Math.max(0, share));
  const { strikes } = club;
  const between = (of: keyof UsualStrike): number =>
    strikes[slow][of] + t * (strikes[fast][of] - strikes[slow][of]);
  return {
    dynamicLoftDeg: between('dynamicLoftDeg'),
    attackAngleDeg: between('attackAngleDeg'),
    strikeHighMm: between('strikeHighMm'),
  };
}

/** Returns a usual full shot of a player with a club: along the line, face square, as high as usual on the face. */
export function plainDelivery(
  club: Club,
  hand: Hand,
  driverSpeedMps: number,
  kind: PlayerKind = 'man',
): Delivery {
  const clubSpeedMps = driverSpeedMps * club.speedShare;
  return {
    hand,
    clubSpeedMps,
    clubPathDeg: 0,
    faceAngleDeg: 0,
    strikeToeMm: 0,
    ...usualStrike(club, clubSpeedMps, kind),
  };
}
