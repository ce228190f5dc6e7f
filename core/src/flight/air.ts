/**
 * Still air: density and viscosity.
 *
 * Density: ideal gas of dry air and water vapour, ρ = (p − p_v)/(R_d T) + p_v/(R_v T), with the
 * simplified CIPM-2007 saturation pressure p_sv = exp(A T² + B T + C + D/T) (Picard et al. 2008,
 * Metrologia 45:149, eq. A1.1). Pressure from altitude: the International Standard Atmosphere's
 * troposphere (ISO 2533). Viscosity: Sutherland's law.
 */
import { requireInRange } from '../units/require.ts';
import { GRAVITY_MPS2 } from '../units/units.ts';

export interface AirConditions {
  /** °C, −30 to 50. */
  readonly temperatureC: number;
  /** Metres above sea level, −500 to 5000; used when `pressureHpa` is null. */
  readonly altitudeM: number;
  /** Station pressure, hPa, 500 to 1100; null takes the standard pressure at the altitude. */
  readonly pressureHpa: number | null;
  /** Relative humidity, 0 to 100 %. */
  readonly humidityPercent: number;
}

/** The International Standard Atmosphere at sea level. */
export const STANDARD_AIR: AirConditions = {
  temperatureC: 15,
  altitudeM: 0,
  pressureHpa: null,
  humidityPercent: 0,
};

export interface Air {
  readonly densityKgM3: number;
  readonly viscosityPaS: number;
}

const SEA_LEVEL_HPA = 1013.25;
const SEA_LEVEL_K = 288.15;
const LAPSE_K_PER_M = 0.0065;
const DRY_AIR_J_PER_KG_K = 287.05287;
const VAPOUR_J_PER_KG_K = 461.5;
const ZERO_C_IN_K = 273.15;
/** ISO 2533: g/(R·lapse). */
const PRESSURE_EXPONENT = GRAVITY_MPS2 / (DRY_AIR_J_PER_KG_K * LAPSE_K_PER_M);

/** Standard pressure at an altitude, hPa (ISO 2533, troposphere). */
export const standardPressureHpa = (altitudeM: number): number =>
  SEA_LEVEL_HPA * (1 - (LAPSE_K_PER_M * altitudeM) / SEA_LEVEL_K) ** PRESSURE_EXPONENT;

/** Standard temperature at an altitude, °C (ISO 2533, troposphere). */
export const standardTemperatureC = (altitudeM: number): number =>
  SEA_LEVEL_K - LAPSE_K_PER_M * altitudeM - ZERO_C_IN_K;

/** Saturation vapour pressure over water, Pa (CIPM-2007). */
export function saturationPressurePa(temperatureK: number): number {
  const t = temperatureK;
  return Math.exp(1.2378847e-5 * t * t - 1.9121316e-2 * t + 33.93711047 - 6.3431645e3 / t);
}

/** Sutherland's law for air, Pa·s; μ₀ = 1.716·10⁻⁵ at 273.15 K, S = 110.4 K. */
const viscosity = (temperatureK: number): number =>
  (1.716e-5 * (temperatureK / 273.15) ** 1.5 * (273.15 + 110.4)) / (temperatureK + 110.4);

/** Density and viscosity; throws RangeMisuse naming a condition out of range. */
export function airOf(conditions: AirConditions): Air {
  const { temperatureC, altitudeM, pressureHpa, humidityPercent } = conditions;
  requireInRange('air.temperatureC', temperatureC, -30, 50, '°C');
  requireInRange('air.altitudeM', altitudeM, -500, 5000, 'm');
  requireInRange('air.humidityPercent', humidityPercent, 0, 100, '%');
  if (pressureHpa !== null) requireInRange('air.pressureHpa', pressureHpa, 500, 1100, 'hPa');
  const kelvin = temperatureC + ZERO_C_IN_K;
  const pressurePa = (pressureHpa ?? standardPressureHpa(altitudeM)) * 100;
  const vapourPa = (humidityPercent / 100) * saturationPressurePa(kelvin);
  const dry = (pressurePa - vapourPa) / (DRY_AIR_J_PER_KG_K * kelvin);
  const vapour = vapourPa / (VAPOUR_J_PER_KG_K * kelvin);
  return { densityKgM3: dry + vapour, viscosityPaS: viscosity(kelvin) };
}
