// The equations of motion written out plainly, from the paper's side: what flight/forces.ts is held against.
import { AERODYNAMICS } from '../flight/aero.ts';
import type { Aerodynamics } from '../flight/aero.ts';
import { spinRadPerSOf, velocityOf } from '../impact/launch.ts';
import type { BallLaunch } from '../impact/launch.ts';
import { cross, norm, scale, subtract } from '../maths/vector.ts';
import type { Vec3 } from '../maths/vector.ts';

const RADIUS_M = 0.04267 / 2;
const MASS_KG = 0.04593;
const GRAVITY = 9.80665;
const SEA_LEVEL_DENSITY = 1.225;
/** ISO 2533 at 15 °C. */
const SEA_LEVEL_VISCOSITY = 1.7894e-5;

export interface Air {
  readonly aero?: Aerodynamics;
  readonly densityKgM3?: number;
  readonly viscosityPaS?: number;
  /** Velocity of the air at 10 m, towards the target and to the right. */
  readonly windMps?: readonly [number, number];
}

/** d/dt of y = [x, y, z, vx, vy, vz, ω] for a ball with this spin axis. */
export function rateOf(y: readonly number[], axis: Vec3, air: Air = {}): number[] {
  const { aero = AERODYNAMICS.modern, densityKgM3 = SEA_LEVEL_DENSITY, windMps = [0, 0] } = air;
  const velocity: Vec3 = [y[3]!, y[4]!, y[5]!];
  const spin = y[6]!;
  const share = (Math.max(y[1]!, 0.05) / 10) ** (1 / 7);
  const relative = subtract(velocity, [windMps[0] * share, 0, windMps[1] * share]);
  const speed = norm(relative);
  const magnus = cross(axis, relative);
  const sine = speed === 0 ? 0 : norm(magnus) / speed;
  const ratio = speed === 0 ? 0 : Math.min((spin * sine * RADIUS_M) / speed, aero.maxSpinRatio);
  const reynolds = (densityKgM3 * speed * 2 * RADIUS_M) / (air.viscosityPaS ?? SEA_LEVEL_VISCOSITY);
  const fitted = Math.min(Math.max(reynolds, aero.minReynolds), aero.maxReynolds);
  const wave = aero.dragWave * Math.sin((Math.PI * (fitted - 90_000)) / 200_000);
  const dragCoefficient = aero.dragBase + aero.dragPerSpin * ratio + wave;
  const liftCoefficient = aero.liftFactor * ratio ** aero.liftExponent;
  const pressureTimesArea = 0.5 * densityKgM3 * speed ** 2 * Math.PI * RADIUS_M ** 2;
  const drag = scale(relative, (-pressureTimesArea * dragCoefficient) / MASS_KG / (speed || 1));
  const lift = scale(magnus, (pressureTimesArea * liftCoefficient) / MASS_KG / (norm(magnus) || 1));
  return [
    ...velocity,
    drag[0] + lift[0],
    drag[1] + lift[1] - GRAVITY,
    drag[2] + lift[2],
    (-aero.spinDecay / RADIUS_M) * spin * speed,
  ];
}

/** Where a launched ball begins. */
export const beginningOf = (launch: BallLaunch): number[] => [
  ...[0, 0, 0],
  ...velocityOf(launch),
  spinRadPerSOf(launch),
];
