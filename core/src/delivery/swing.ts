/**
 * Swing direction and club path. On a plane of slope θ (horizontal is 0) a clubhead that moves with
 * attack α is at arc angle φ with sin φ = sin α / sin θ, and path − direction = −atan(tan φ · cos θ)
 * for a right-hander, mirrored for a left-hander; for small angles −α / tan θ. Jorgensen, *The
 * Physics of Golf*, 2nd ed. (1999).
 *
 * The other school adds the attack angle one for one (common teaching shorthand); the two agree on a
 * plane of 45°.
 */
import { handSign } from '../line/hand.ts';
import type { Hand } from '../line/hand.ts';
import { requireInRange } from '../units/require.ts';
import { degToRad, radToDeg } from '../units/units.ts';

export const ATTACK_SCHOOLS = ['geometry', 'one-for-one'] as const;
export type AttackSchool = (typeof ATTACK_SCHOOLS)[number];

/** Slopes a swing plane may have, degrees from horizontal. */
export const PLANE_RANGE_DEG = [20, 89] as const;

/**
 * Club path less swing direction, degrees, positive right. `attackAngleDeg` positive up, less steep
 * than the plane. Throws RangeMisuse naming a bad value.
 */
export function pathShiftDeg(
  attackAngleDeg: number,
  planeDeg: number,
  hand: Hand,
  school: AttackSchool = 'geometry',
): number {
  requireInRange('planeDeg', planeDeg, ...PLANE_RANGE_DEG, 'degrees');
  requireInRange('attackAngleDeg', attackAngleDeg, -planeDeg, planeDeg, 'degrees');
  if (school === 'one-for-one') return -attackAngleDeg * handSign(hand);
  const slope = degToRad(planeDeg);
  const arc = Math.asin(Math.sin(degToRad(attackAngleDeg)) / Math.sin(slope));
  return -radToDeg(Math.atan(Math.tan(arc) * Math.cos(slope))) * handSign(hand);
}
