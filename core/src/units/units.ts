/**
 * The only place that converts. Everything inside the core is SI with angles in degrees at the
 * surface; a function or field says its unit in its name.
 *
 * Exact factors: the international yard (0.9144 m, 1959) and what follows from it; the mile is
 * 1760 yd; one revolution is 2π rad.
 */
export const METRES_PER_YARD = 0.9144;
export const METRES_PER_FOOT = METRES_PER_YARD / 3;
export const METRES_PER_INCH = METRES_PER_FOOT / 12;
export const MPS_PER_MPH = (METRES_PER_YARD * 1760) / 3600;
export const MPS_PER_KMH = 1 / 3.6;
export const RAD_PER_DEG = Math.PI / 180;
export const DEG_PER_RAD = 180 / Math.PI;
export const RAD_PER_S_PER_RPM = (2 * Math.PI) / 60;
/** Standard gravity, m/s² (ISO 80000-3). */
export const GRAVITY_MPS2 = 9.80665;
/** Largest mass a ball may have, kg (Equipment Rules, R&A / USGA, Part 4). */
export const BALL_MASS_KG = 0.04593;
/** Radius of the smallest ball allowed, m: diameter 42.67 mm (Equipment Rules, Part 4). */
export const BALL_RADIUS_M = 0.04267 / 2;

export const LENGTH_UNITS = ['yd', 'm'] as const;
export const SPEED_UNITS = ['mph', 'km/h', 'm/s'] as const;
export type LengthUnit = (typeof LENGTH_UNITS)[number];
export type SpeedUnit = (typeof SPEED_UNITS)[number];

/** Every unit a launch file may use, as the factor that turns one of it into the SI unit. */
export const UNIT_FACTORS = {
  m: 1,
  cm: 0.01,
  mm: 0.001,
  yd: METRES_PER_YARD,
  ft: METRES_PER_FOOT,
  in: METRES_PER_INCH,
  'm/s': 1,
  mph: MPS_PER_MPH,
  'km/h': MPS_PER_KMH,
  deg: 1,
  rad: DEG_PER_RAD,
  rpm: 1,
  'rev/s': 60,
  'rad/s': 60 / (2 * Math.PI),
  s: 1,
  ms: 0.001,
} as const;
export type Unit = keyof typeof UNIT_FACTORS;

/** `value` in unit `from`, in unit `to` of the same kind. */
export const convert = (value: number, from: Unit, to: Unit): number =>
  from === to ? value : (value * UNIT_FACTORS[from]) / UNIT_FACTORS[to];
/** Returns an SI value, degrees or rev/min in `unit`. */
export const fromSi = (value: number, unit: Unit): number => value / UNIT_FACTORS[unit];

export const degToRad = (angleDeg: number): number => angleDeg * RAD_PER_DEG;
export const radToDeg = (angleRad: number): number => angleRad * DEG_PER_RAD;
export const rpmToRadPerS = (rateRpm: number): number => rateRpm * RAD_PER_S_PER_RPM;
export const radPerSToRpm = (rateRadPerS: number): number => rateRadPerS / RAD_PER_S_PER_RPM;
