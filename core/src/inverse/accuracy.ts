import { requireInRange } from '../units/require.ts';

/**
 * How far a monitor's figures may be off, one standard deviation each; editable, since devices
 * differ. Defaults: common practice, no source.
 */
export interface DeviceAccuracy {
  readonly clubSpeedMps: number;
  readonly attackAngleDeg: number;
  readonly clubPathDeg: number;
  readonly faceAngleDeg: number;
  readonly dynamicLoftDeg: number;
  readonly ballSpeedMps: number;
  readonly launchAngleDeg: number;
  readonly startDirectionDeg: number;
  readonly spinRateRpm: number;
  readonly spinAxisTiltDeg: number;
  readonly carryM: number;
  readonly offlineM: number;
  readonly curveM: number;
}

export const DEVICE_ACCURACY: DeviceAccuracy = {
  clubSpeedMps: 0.5,
  attackAngleDeg: 0.7,
  clubPathDeg: 0.7,
  faceAngleDeg: 0.7,
  dynamicLoftDeg: 0.8,
  ballSpeedMps: 0.3,
  launchAngleDeg: 0.3,
  startDirectionDeg: 0.3,
  spinRateRpm: 150,
  spinAxisTiltDeg: 1.5,
  carryM: 1.5,
  offlineM: 1.5,
  curveM: 1.5,
};

/** The three a coach sets; [min, max] in degrees. */
export const ACCURACY_RANGES = {
  faceAngleDeg: [0.1, 3],
  clubPathDeg: [0.1, 3],
  spinAxisTiltDeg: [0.2, 6],
} as const;
export type SetAccuracy = { readonly [K in keyof typeof ACCURACY_RANGES]: number };

/** What is taken for granted of a delivery that nothing measured, one standard deviation. */
export const ASSUMED_SPREAD = {
  attackAngleDeg: 2,
  dynamicLoftDeg: 2.5,
  strikeToeMm: 7,
  strikeHighMm: 5,
} as const;

/** How far the model's own spin may be off, as a share of it (docs/physics.md: within 12 % of published averages). */
export const SPIN_MODEL_SHARE = 0.08;

/**
 * The part of a monitor's error that all balls of a session share: its alignment to the target line
 * and its own bias. The rest differs from ball to ball and shows in their scatter (common practice, no source).
 */
export const SHARED_ERROR_SHARE = 0.5;

/** Defaults with the given figures over them; throws RangeMisuse naming a bad one. */
export function resolveAccuracy(given: Partial<DeviceAccuracy> = {}): DeviceAccuracy {
  const all = { ...DEVICE_ACCURACY, ...given };
  for (const [name, value] of Object.entries(all))
    requireInRange(`accuracy.${name}`, value, 1e-6, 1e4);
  return all;
}
