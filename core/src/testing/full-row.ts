import type { BallQuantity } from '../intake/quantities.ts';

/** What a monitor that sees club and ball writes of each ball. */
export const FULL_ROW = [
  'clubSpeedMps',
  'attackAngleDeg',
  'clubPathDeg',
  'faceAngleDeg',
  'faceToPathDeg',
  'dynamicLoftDeg',
  'ballSpeedMps',
  'launchAngleDeg',
  'startDirectionDeg',
  'spinRateRpm',
  'spinAxisTiltDeg',
  'carryM',
  'offlineM',
] as const satisfies readonly BallQuantity[];
