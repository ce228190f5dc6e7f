import { RangeMisuse, requireInRange } from '../units/require.ts';
import { degToRad } from '../units/units.ts';
import { AERODYNAMICS, AERO_PRESETS } from './aero.ts';
import type { Aerodynamics, AeroPreset } from './aero.ts';
import { STANDARD_AIR, airOf } from './air.ts';
import type { Air, AirConditions } from './air.ts';
import { STEP_ERROR } from './tolerances.ts';

/** Wind at 10 m; `fromDeg` is where it comes from: 0 the target (headwind), 90 from the right. */
export interface Wind {
  readonly speedMps: number;
  readonly fromDeg: number;
}

export const NO_WIND: Wind = { speedMps: 0, fromDeg: 0 };

export interface FlightOptions {
  /** Coefficients: a preset, by default `modern`. */
  readonly aero?: AeroPreset | Aerodynamics;
  /** Air, by default ISO 2533 sea level; `vacuum` for checks. */
  readonly air?: Partial<AirConditions> | 'vacuum';
  readonly wind?: Wind;
  /** Level the ball lands on, m above the ball, −100 to 100; default 0. */
  readonly landingHeightM?: number;
  /** Number of points of the path wanted, 0 to 2000; default 0. */
  readonly pathPoints?: number;
  /** Local error of the velocity allowed to a step, m/s, 1e-9 to 1; default tolerances.ts. */
  readonly stepError?: number;
}

export interface ResolvedFlightOptions {
  readonly aero: Aerodynamics;
  readonly air: Air;
  readonly windAlongMps: number;
  readonly windRightMps: number;
  readonly landingHeightM: number;
  readonly pathPoints: number;
  readonly stepError: number;
}

const VACUUM: Air = { densityKgM3: 0, viscosityPaS: 1.8e-5 };
const STANDARD: Air = airOf(STANDARD_AIR);

function resolveAero(aero: FlightOptions['aero']): Aerodynamics {
  if (typeof aero === 'object') return aero;
  const preset = AERODYNAMICS[aero ?? 'modern'] as Aerodynamics | undefined;
  if (preset === undefined) {
    throw new RangeMisuse('options.aero', aero, `one of ${AERO_PRESETS.join(', ')}`);
  }
  return preset;
}

function resolveAir(air: FlightOptions['air']): Air {
  if (air === undefined) return STANDARD;
  return air === 'vacuum' ? VACUUM : airOf({ ...STANDARD_AIR, ...air });
}

/** Resolves options once; throws RangeMisuse naming the first bad one. */
export function resolveFlightOptions(options: FlightOptions = {}): ResolvedFlightOptions {
  const wind = options.wind ?? NO_WIND;
  requireInRange('options.wind.speedMps', wind.speedMps, 0, 40, 'm/s');
  requireInRange('options.wind.fromDeg', wind.fromDeg, -360, 360, 'degrees');
  const from = degToRad(wind.fromDeg);
  const landingHeightM = options.landingHeightM ?? 0;
  const stepError = options.stepError ?? STEP_ERROR;
  const pathPoints = options.pathPoints ?? 0;
  return {
    aero: resolveAero(options.aero),
    air: resolveAir(options.air),
    windAlongMps: -wind.speedMps * Math.cos(from),
    windRightMps: -wind.speedMps * Math.sin(from),
    landingHeightM: requireInRange('options.landingHeightM', landingHeightM, -100, 100, 'm'),
    pathPoints: requireInRange('options.pathPoints', pathPoints, 0, 2000),
    stepError: requireInRange('options.stepError', stepError, 1e-9, 1),
  };
}
