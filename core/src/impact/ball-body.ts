import { BALL_MASS_KG, BALL_RADIUS_M } from '../units/units.ts';

/** Inertia of a solid sphere, kg·m². */
export const BALL_INERTIA_KGM2 = 0.4 * BALL_MASS_KG * BALL_RADIUS_M ** 2;
/** Tangential approach below this share of the normal one (1) has no direction to slide in. */
export const NO_SLIP_SHARE = 1e-12;
