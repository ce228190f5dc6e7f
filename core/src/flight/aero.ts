/**
 * Drag and lift of a golf ball as functions of Reynolds number Re and spin ratio S = ωr/v.
 *
 * `smits-smith-1994`: Smits & Smith, *Science and Golf II* (1994), C_D = 0.24 + 0.18 S +
 * 0.06 sin(π(Re − 90 000)/200 000), C_L = 0.54 S^0.4, dω/dt = −2·10⁻⁵ ω v/r; fitted for
 * 70 000 < Re < 210 000 and 0.08 < S < 0.2 (from memory). An older ball: too much drag at driver
 * speed.
 * `modern` (default): C_D = a + b S, C_L = c S^0.4 with the same spin decay; a calibrated so that
 * the overall-distance test of the rules (120 mph head, 175.5 mph ball, launch 10°, 42 rev/s)
 * carries 294 yd; b and c chosen near published wind-tunnel slopes (common practice, no source).
 */
export type AeroPreset = 'modern' | 'smits-smith-1994';
export const AERO_PRESETS: readonly AeroPreset[] = ['modern', 'smits-smith-1994'];

export interface Aerodynamics {
  readonly dragBase: number;
  readonly dragPerSpin: number;
  /** Amplitude of the Reynolds-number wave on drag. */
  readonly dragWave: number;
  readonly liftFactor: number;
  readonly liftExponent: number;
  readonly spinDecay: number;
  /** Spin ratio above which the coefficients stay as they are there. */
  readonly maxSpinRatio: number;
  readonly minReynolds: number;
  readonly maxReynolds: number;
}

export const AERODYNAMICS: Readonly<Record<AeroPreset, Aerodynamics>> = {
  modern: {
    dragBase: 0.1892,
    dragPerSpin: 0.35,
    dragWave: 0,
    liftFactor: 0.44,
    liftExponent: 0.4,
    spinDecay: 2e-5,
    maxSpinRatio: 0.6,
    minReynolds: 0,
    maxReynolds: Infinity,
  },
  'smits-smith-1994': {
    dragBase: 0.24,
    dragPerSpin: 0.18,
    dragWave: 0.06,
    liftFactor: 0.54,
    liftExponent: 0.4,
    spinDecay: 2e-5,
    maxSpinRatio: 0.2,
    minReynolds: 70_000,
    maxReynolds: 210_000,
  },
};
