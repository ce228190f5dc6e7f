import type { Delivery } from '../delivery/delivery.ts';
import type { ClubHead } from '../delivery/head.ts';
import { strike } from '../impact/strike.ts';
import type { ShotLaunch } from '../impact/strike.ts';
import { NO_FLIGHT, flyBall } from './flight.ts';
import type { Flight } from './flight.ts';
import type { FlightOptions } from './options.ts';

export interface SimulatedShot {
  readonly launch: ShotLaunch;
  readonly flight: Flight;
}

/**
 * Returns the whole shot: collision, then flight. Throws RangeMisuse, naming the field, when a number is
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
