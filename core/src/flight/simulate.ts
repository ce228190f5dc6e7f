import { requireDelivery } from '../delivery/delivery.ts';
import type { Delivery } from '../delivery/delivery.ts';
import { spinLoftDeg } from '../delivery/geometry.ts';
import type { ClubHead } from '../delivery/head.ts';
import { collide } from '../impact/impact.ts';
import { launchOf } from '../impact/launch.ts';
import type { BallLaunch } from '../impact/launch.ts';
import { NO_FLIGHT, flyBall } from './flight.ts';
import type { Flight } from './flight.ts';
import type { FlightOptions } from './options.ts';

/** The launch of a simulated shot, with how it came about. */
export interface ShotLaunch extends BallLaunch {
  readonly spinLoftDeg: number;
  /** Ball speed over club speed; 0 when nothing was struck. */
  readonly smashFactor: number;
  readonly contact: 'gripped' | 'slid' | 'none';
}

export interface SimulatedShot {
  readonly launch: ShotLaunch;
  readonly flight: Flight;
}

const AT_REST: BallLaunch = {
  ballSpeedMps: 0,
  launchAngleDeg: 0,
  startDirectionDeg: 0,
  spinRateRpm: 0,
  spinAxisTiltDeg: 0,
};

/** Launch of a delivery. A face that moves away from the ball leaves it at rest, contact `none`. */
export function strike(delivery: Delivery, head: ClubHead): ShotLaunch {
  requireDelivery(delivery);
  const spinLoft = spinLoftDeg(delivery);
  const collision = collide(delivery, head);
  if (collision === null) {
    return { ...AT_REST, spinLoftDeg: spinLoft, smashFactor: 0, contact: 'none' };
  }
  const launch = launchOf(collision);
  return {
    ...launch,
    spinLoftDeg: spinLoft,
    smashFactor: launch.ballSpeedMps / delivery.clubSpeedMps,
    contact: collision.contact,
  };
}

/**
 * The whole shot: collision, then flight. Throws RangeMisuse, naming the field, when a number is
 * not finite or out of range; a delivery that strikes nothing gives outcome `notStruck`.
 */
export function simulateShot(
  delivery: Delivery,
  head: ClubHead,
  options?: FlightOptions,
): SimulatedShot {
  const launch = strike(delivery, head);
  if (launch.contact === 'none') return { launch, flight: NO_FLIGHT };
  const { ballSpeedMps, launchAngleDeg, startDirectionDeg, spinRateRpm, spinAxisTiltDeg } = launch;
  const flight = flyBall(
    { ballSpeedMps, launchAngleDeg, startDirectionDeg, spinRateRpm, spinAxisTiltDeg },
    options,
  );
  return { launch, flight };
}
