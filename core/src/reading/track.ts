import { flyBall } from '../flight/flight.ts';
import type { FlightOptions } from '../flight/options.ts';
import type { PathPoint } from '../flight/path.ts';
import { simulateShot } from '../flight/simulate.ts';
import { measuredLaunch } from './read-ball.ts';
import type { BallView } from './read-ball.ts';

/** A point of a ball's track over the ground and its height, m. */
export type TrackPoint = Omit<PathPoint, 'timeS'>;

function flownPath(
  view: BallView,
  flight: FlightOptions,
  pathPoints: number,
): readonly PathPoint[] {
  const options = { ...flight, pathPoints };
  const launch = measuredLaunch(view.ball);
  if (launch !== null) return flyBall(launch, options).path;
  if (view.delivery === null) return [];
  return simulateShot(view.delivery.delivery, view.delivery.head, options).flight.path;
}

/** Bend of a ball known only by start and landing: a parabola off the start line. */
function sketched(carryM: number, offlineM: number, startDeg: number, count: number): TrackPoint[] {
  const slope = Math.tan((startDeg * Math.PI) / 180);
  const bendM = offlineM - carryM * slope;
  return Array.from({ length: count }, (_, i) => {
    const u = i / (count - 1);
    return { alongM: carryM * u, upM: 0, rightM: carryM * slope * u + bendM * u * u };
  });
}

/**
 * Returns the track of a ball for drawing, ending where it landed: the flight of its launch, or of its
 * delivery, stretched to the measured landing; empty where start or landing is unknown.
 */
export function ballTrack(view: BallView, flight: FlightOptions = {}, count = 24): TrackPoint[] {
  const { start, carry, offline } = view;
  if (start === null || carry === null || offline === null) return [];
  const path = flownPath(view, flight, count);
  const end = path.at(-1);
  if (end === undefined || end.alongM <= 0) {
    return sketched(carry.value, offline.value, start.value, count);
  }
  const stretch = carry.value / end.alongM;
  const missingM = offline.value - end.rightM * stretch;
  return path.map(({ alongM, upM, rightM }) => {
    const u = alongM / end.alongM;
    return { alongM: alongM * stretch, upM, rightM: rightM * stretch + missingM * u * u };
  });
}
