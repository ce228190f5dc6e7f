import { RangeMisuse, requireInRange } from '../units/require.ts';
import { degToRad, rpmToRadPerS } from '../units/units.ts';
import { add, cross, direction, rightOf, scale } from '../maths/vector.ts';
import type { Vec3 } from '../maths/vector.ts';

/**
 * The ball leaving the face. Launch angle positive up; start direction and spin axis tilt positive
 * right, in (−180, 180]; the tilt is that of the spin vector from horizontal in the plane square to
 * the launch direction, so a positive tilt bends right.
 */
export interface BallLaunch {
  readonly ballSpeedMps: number;
  readonly launchAngleDeg: number;
  readonly startDirectionDeg: number;
  readonly spinRateRpm: number;
  readonly spinAxisTiltDeg: number;
}

/** What a launch's numbers may be; [min, max] in the unit of the name: all that a delivery in range can give. */
export const LAUNCH_RANGES = {
  ballSpeedMps: [0, 170],
  launchAngleDeg: [-90, 90],
  startDirectionDeg: [-180, 180],
  spinRateRpm: [0, 60000],
  spinAxisTiltDeg: [-180, 180],
} as const;

/** The same as a list, made once: a flight checks its launch every time. */
const LAUNCH_FIELDS = Object.entries(LAUNCH_RANGES).map(([field, [min, max]]) => ({
  field: field as keyof BallLaunch,
  parameter: `launch.${field}`,
  min,
  max,
}));

/** Throws RangeMisuse naming the first field that is not a finite number in its range. */
export function requireLaunch(launch: BallLaunch): BallLaunch {
  if (typeof launch !== 'object' || launch === null) {
    throw new RangeMisuse('launch', launch, 'an object');
  }
  for (const { field, parameter, min, max } of LAUNCH_FIELDS) {
    requireInRange(parameter, launch[field], min, max);
  }
  return launch;
}

export const velocityOf = (launch: BallLaunch): Vec3 =>
  scale(
    direction(degToRad(launch.launchAngleDeg), degToRad(launch.startDirectionDeg)),
    launch.ballSpeedMps,
  );

/** Unit spin axis in the target-line frame: horizontal-right when the tilt is 0. */
export function spinAxisOf(launch: BallLaunch): Vec3 {
  const azimuth = degToRad(launch.startDirectionDeg);
  const right = rightOf(azimuth);
  const up = cross(right, direction(degToRad(launch.launchAngleDeg), azimuth));
  const tilt = degToRad(launch.spinAxisTiltDeg);
  return add(scale(right, Math.cos(tilt)), scale(up, -Math.sin(tilt)));
}

export const spinRadPerSOf = (launch: BallLaunch): number => rpmToRadPerS(launch.spinRateRpm);
