/**
 * Bounce and roll after Penner (2002), "The run of a golf ball", Can. J. Phys. 80:931 (from memory):
 * a soft surface tilts the ground the ball meets towards it by θ_c = 15.4° (v / 18.6 m/s)(φ / 44.4°)
 * with φ the angle from upright; normal restitution e = 0.510 − 0.0375 v + 0.000903 v² up to 20 m/s and
 * 0.120 above; friction leaves the ball rolling, v' = (5 v − 2 r ω)/7 with backspin ω, or slid, so that a
 * wedge with spin checks or comes back; then it rolls against a constant resistance. An estimate, off
 * unless asked for.
 */
import { requireInRange } from '../units/require.ts';
import { BALL_RADIUS_M, GRAVITY_MPS2, degToRad, rpmToRadPerS } from '../units/units.ts';

export interface Ground {
  /** Slope along the flight, degrees, positive uphill, −15 to 15. */
  readonly slopeDeg: number;
  /** How far a hard landing digs in: 1 Penner's fairway, 0 a road. */
  readonly softness: number;
  readonly friction: number;
  readonly rollingResistance: number;
}

export const FAIRWAY: Ground = { slopeDeg: 0, softness: 1, friction: 0.4, rollingResistance: 0.2 };

const MOST_BOUNCES = 30;
/** Below this upward speed, m/s, the ball rolls. */
const LOWEST_BOUNCE_MPS = 0.3;

const restitution = (normalMps: number): number =>
  normalMps > 20 ? 0.12 : 0.51 - 0.0375 * normalMps + 0.000903 * normalMps ** 2;

/** A ball meeting the ground: m/s, degrees positive down, backspin in rev/min. */
export interface Landing {
  readonly landingSpeedMps: number;
  readonly descentAngleDeg: number;
  readonly landingSpinRpm: number;
}

interface Motion {
  forward: number;
  up: number;
  /** Surface speed of the backspin, m/s; negative when it rolls on. */
  spin: number;
}

/** One bounce, in the frame of the slope. */
function bounce({ forward, up, spin }: Motion, ground: Ground): Motion {
  const speed = Math.hypot(forward, up);
  const fromUpright = Math.atan2(forward, -up);
  const tilt = degToRad(15.4) * ground.softness * (speed / 18.6) * (fromUpright / degToRad(44.4));
  const [sine, cosine] = [Math.sin(tilt), Math.cos(tilt)];
  const into = -up * cosine + forward * sine;
  const across = forward * cosine + up * sine;
  const normal = restitution(into) * into;
  const slip = across + spin;
  const rolls = (5 * across - 2 * spin) / 7;
  const most = ground.friction * (into + normal);
  const slides = Math.abs(across - rolls) > most;
  const kept = slides ? across - Math.sign(slip) * most : rolls;
  // Sliding turns the ball by the same impulse: m r² 2/5 Δω = m Δv r.
  const after = slides ? spin - 2.5 * (across - kept) : -kept;
  return { forward: kept * cosine - normal * sine, up: normal * cosine + kept * sine, spin: after };
}

/**
 * Returns how far the ball runs on after landing, m along its flight; negative when it comes back. Throws
 * RangeMisuse naming a bad value.
 */
export function runM(landing: Landing, ground: Ground = FAIRWAY): number {
  const { landingSpeedMps: speed, descentAngleDeg, landingSpinRpm } = landing;
  requireInRange('ground.slopeDeg', ground.slopeDeg, -15, 15, 'degrees');
  requireInRange('landingSpeedMps', speed, 0, 120, 'm/s');
  requireInRange('descentAngleDeg', descentAngleDeg, 0, 90, 'degrees');
  const slope = degToRad(ground.slopeDeg);
  const angle = degToRad(descentAngleDeg) + slope;
  const spin = rpmToRadPerS(landingSpinRpm) * BALL_RADIUS_M;
  let motion: Motion = { forward: speed * Math.cos(angle), up: -speed * Math.sin(angle), spin };
  let along = 0;
  const [down, back] = [GRAVITY_MPS2 * Math.cos(slope), GRAVITY_MPS2 * Math.sin(slope)];
  for (let count = 0; count < MOST_BOUNCES && motion.up < 0; count++) {
    motion = bounce(motion, ground);
    if (motion.up < LOWEST_BOUNCE_MPS) break;
    const timeS = (2 * motion.up) / down;
    along += motion.forward * timeS - 0.5 * back * timeS * timeS;
    motion = { ...motion, forward: motion.forward - back * timeS, up: -motion.up };
  }
  return along + rollM(motion.forward, slope, ground);
}

/** Rolling stops when resistance has taken the speed; a slope helps or hinders. */
function rollM(forwardMps: number, slope: number, ground: Ground): number {
  const slowing = (5 / 7) * GRAVITY_MPS2 * (ground.rollingResistance + Math.sin(slope));
  if (slowing <= 0) return 0;
  return (Math.sign(forwardMps) * forwardMps ** 2) / (2 * slowing);
}
