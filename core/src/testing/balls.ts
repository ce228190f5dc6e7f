import { findClub, headOf } from '../delivery/club.ts';
import type { Delivery } from '../delivery/delivery.ts';
import { simulateShot } from '../flight/simulate.ts';
import { EMPTY_BALL } from '../intake/quantities.ts';
import type { LessonBall } from '../reading/ball.ts';
import { usualDelivery } from './deliveries.ts';

/** A full monitor row of a delivery, exact. */
export function measured(clubId: string, changes: Partial<Delivery> = {}): LessonBall {
  const club = findClub(clubId)!;
  const delivery = usualDelivery(club, changes);
  const { launch, flight } = simulateShot(delivery, headOf(club));
  return {
    ...EMPTY_BALL,
    club: clubId,
    clubText: club.label,
    clubSpeedMps: delivery.clubSpeedMps,
    attackAngleDeg: delivery.attackAngleDeg,
    clubPathDeg: delivery.clubPathDeg,
    faceAngleDeg: delivery.faceAngleDeg,
    faceToPathDeg: delivery.faceAngleDeg - delivery.clubPathDeg,
    dynamicLoftDeg: delivery.dynamicLoftDeg,
    ballSpeedMps: launch.ballSpeedMps,
    launchAngleDeg: launch.launchAngleDeg,
    startDirectionDeg: launch.startDirectionDeg,
    spinRateRpm: launch.spinRateRpm,
    spinAxisTiltDeg: launch.spinAxisTiltDeg,
    carryM: flight.carryM,
    offlineM: flight.offlineM,
  };
}
