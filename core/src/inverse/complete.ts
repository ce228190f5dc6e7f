import { playedClub } from '../delivery/bag.ts';
import type { Bag, PlayedClub } from '../delivery/bag.ts';
import { boundDelivery } from '../delivery/delivery.ts';
import type { Delivery } from '../delivery/delivery.ts';
import type { ClubHead } from '../delivery/head.ts';
import { loftOfTurnDeg } from '../delivery/turn.ts';
import { UNKNOWN_PLAYER, usualStrike } from '../delivery/usual.ts';
import type { UsualPlayer } from '../delivery/usual.ts';
import { strike } from '../impact/strike.ts';
import type { MeasuredBall } from '../intake/quantities.ts';
import type { Hand } from '../line/hand.ts';

/** What a completed delivery took for granted. */
export const ASSUMPTIONS = ['attack', 'loft', 'speed'] as const;
export type Assumption = (typeof ASSUMPTIONS)[number];

export interface AssumedDelivery {
  readonly delivery: Delivery;
  readonly head: ClubHead;
  readonly assumed: readonly Assumption[];
}

/** Speed over which a smash of 1 would be read as the ball's own, m/s: the delivery's greatest. */
const FASTEST_CLUB_MPS = 90;
/** Rounds of the secant that finds the loft of a launch, and how near it must come, degrees. */
const LOFT_ROUNDS = 12;
const LOFT_NEAR_DEG = 1e-4;
const LOFT_SPAN_DEG = [-5, 75] as const;

/** Club speed that gives the measured ball speed through this head, or null without one. */
function speedFromBall(ball: MeasuredBall, delivery: Delivery, head: ClubHead): number | null {
  if (ball.ballSpeedMps === null || ball.ballSpeedMps <= 0) return null;
  const { smashFactor } = strike(delivery, head);
  return smashFactor > 0 ? Math.min(ball.ballSpeedMps / smashFactor, FASTEST_CLUB_MPS) : null;
}

/** Returns the dynamic loft that launches as measured, by the secant; null where none does. */
function loftOfLaunch(delivery: Delivery, head: ClubHead, launchAngleDeg: number): number | null {
  const launchAt = (dynamicLoftDeg: number): number | null => {
    const shot = strike({ ...delivery, dynamicLoftDeg }, head);
    return shot.contact === 'none' ? null : shot.launchAngleDeg;
  };
  let x0 = Math.min(LOFT_SPAN_DEG[1] - 1, Math.max(LOFT_SPAN_DEG[0], delivery.dynamicLoftDeg));
  let y0 = launchAt(x0);
  let x1 = x0 + 1;
  for (let round = 0; round < LOFT_ROUNDS; round++) {
    const y1 = launchAt(x1);
    if (y0 === null || y1 === null || y1 === y0) return null;
    if (Math.abs(y1 - launchAngleDeg) < LOFT_NEAR_DEG) return x1;
    const next = x1 + ((launchAngleDeg - y1) * (x1 - x0)) / (y1 - y0);
    [x0, y0, x1] = [x1, y1, Math.min(LOFT_SPAN_DEG[1], Math.max(LOFT_SPAN_DEG[0], next))];
  }
  return null;
}

/**
 * Returns the delivery of a ball whose club, face and path are known, completed from the club's usual values; null
 * when one of the three is missing. A loft that must be assumed follows the face; where the launch was
 * measured, it is the loft that launches so.
 */
export function deliveryOf(
  ball: MeasuredBall,
  hand: Hand,
  bag: Bag = [],
  player: UsualPlayer = UNKNOWN_PLAYER,
  played: PlayedClub | null = playedClub(ball.club, bag),
): AssumedDelivery | null {
  const { faceAngleDeg, clubPathDeg } = ball;
  if (faceAngleDeg === null || clubPathDeg === null || played === null) return null;
  const { club, head } = played;
  const assumed: Assumption[] = [];
  const at = (clubSpeedMps: number): Delivery => {
    const usual = usualStrike(club, clubSpeedMps, player.kind);
    const follow = loftOfTurnDeg(faceAngleDeg, head.lieDeg, hand);
    return boundDelivery({
      hand,
      clubSpeedMps,
      attackAngleDeg: ball.attackAngleDeg ?? usual.attackAngleDeg,
      clubPathDeg,
      faceAngleDeg,
      dynamicLoftDeg: ball.dynamicLoftDeg ?? usual.dynamicLoftDeg + follow,
      strikeToeMm: ball.strikeToeMm ?? 0,
      strikeHighMm: ball.strikeHighMm ?? usual.strikeHighMm,
    });
  };
  const unknownSpeed = at(player.driverSpeedMps * club.speedShare);
  const measured = ball.clubSpeedMps !== null && ball.clubSpeedMps > 0 ? ball.clubSpeedMps : null;
  const speed = measured ?? speedFromBall(ball, unknownSpeed, head);
  const delivery = speed === null ? unknownSpeed : at(speed);
  if (ball.attackAngleDeg === null) assumed.push('attack');
  const launched =
    ball.dynamicLoftDeg === null && ball.launchAngleDeg !== null
      ? loftOfLaunch(delivery, head, ball.launchAngleDeg)
      : null;
  if (ball.dynamicLoftDeg === null && launched === null) assumed.push('loft');
  if (speed === null) assumed.push('speed');
  return {
    delivery: launched === null ? delivery : { ...delivery, dynamicLoftDeg: launched },
    head,
    assumed,
  };
}
