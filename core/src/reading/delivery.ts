import { findClub, headOf } from '../delivery/club.ts';
import type { Club } from '../delivery/club.ts';
import type { Delivery } from '../delivery/delivery.ts';
import type { ClubHead } from '../delivery/head.ts';
import { strike } from '../flight/simulate.ts';
import type { MeasuredBall } from '../intake/quantities.ts';
import type { Hand } from '../line/hand.ts';

/** What was taken for granted where the row does not say it, as words for the coach. */
export interface AssumedDelivery {
  readonly delivery: Delivery;
  readonly head: ClubHead;
  readonly assumed: readonly string[];
}

/** Club taken when none is named. */
const UNNAMED_CLUB = '7-iron';
/** Driver speed of a player about whom nothing is known, m/s (common practice, no source). */
const UNKNOWN_DRIVER_SPEED_MPS = 42;

export const clubOrUsual = (id: string | null): Club => findClub(id) ?? findClub(UNNAMED_CLUB)!;

/**
 * The delivery of a ball whose face and path are known, completed from the club's usual values;
 * null when face or path is missing. What was assumed is listed.
 */
export function deliveryOf(ball: MeasuredBall, hand: Hand): AssumedDelivery | null {
  if (ball.faceAngleDeg === null || ball.clubPathDeg === null) return null;
  const club = clubOrUsual(ball.club);
  const assumed: string[] = [];
  if (findClub(ball.club) === null)
    assumed.push(`the club: taken as a ${club.label.toLowerCase()}`);
  const orUsual = (value: number | null, usual: number, what: string): number => {
    if (value !== null) return value;
    assumed.push(what);
    return usual;
  };
  const head = headOf(club);
  const still: Delivery = {
    hand,
    clubSpeedMps: UNKNOWN_DRIVER_SPEED_MPS * club.speedShare,
    attackAngleDeg: orUsual(ball.attackAngleDeg, club.usualAttackDeg, 'the attack angle'),
    clubPathDeg: ball.clubPathDeg,
    faceAngleDeg: ball.faceAngleDeg,
    dynamicLoftDeg: orUsual(ball.dynamicLoftDeg, club.usualDynamicLoftDeg, 'the dynamic loft'),
    strikeToeMm: ball.strikeToeMm ?? 0,
    strikeHighMm: ball.strikeHighMm ?? 0,
  };
  const speed = ball.clubSpeedMps ?? speedFromBall(ball, still, head);
  if (speed === null || speed <= 0) assumed.push('the club speed');
  const clubSpeedMps = speed !== null && speed > 0 ? speed : still.clubSpeedMps;
  return { delivery: { ...still, clubSpeedMps }, head, assumed };
}

/** Club speed that gives the measured ball speed through this head, or null without one. */
function speedFromBall(ball: MeasuredBall, delivery: Delivery, head: ClubHead): number | null {
  if (ball.ballSpeedMps === null) return null;
  const { smashFactor } = strike(delivery, head);
  return smashFactor > 0 ? Math.min(ball.ballSpeedMps / smashFactor, 90) : null;
}
