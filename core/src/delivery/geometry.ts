import type { Hand } from '../line/hand.ts';
import { handSign } from '../line/hand.ts';
import { degToRad, radToDeg } from '../units/units.ts';
import { cross, direction, dot, rightOf } from '../maths/vector.ts';
import type { Vec3 } from '../maths/vector.ts';
import type { Delivery } from './delivery.ts';

/** Axes of the face at its middle: `normal` out of the face, `toe` towards the toe, `up` up the face. */
export interface FaceAxes {
  readonly normal: Vec3;
  readonly toe: Vec3;
  readonly up: Vec3;
}

export function faceAxes(hand: Hand, faceAngleDeg: number, dynamicLoftDeg: number): FaceAxes {
  const azimuth = degToRad(faceAngleDeg);
  const normal = direction(degToRad(dynamicLoftDeg), azimuth);
  const right = rightOf(azimuth);
  const sign = handSign(hand);
  const toe: Vec3 = [sign * right[0], 0, sign * right[2]];
  const up = cross(right, normal);
  return { normal, toe, up };
}

/** Unit vector of the clubhead's travel. */
export const clubDirection = (delivery: Delivery): Vec3 =>
  direction(degToRad(delivery.attackAngleDeg), degToRad(delivery.clubPathDeg));

/**
 * Spin loft, degrees in [0, 180]: the angle in space between the face normal (at the middle of the
 * face) and the club's travel. Loft minus attack is its small-angle form.
 */
export function spinLoftDeg(delivery: Delivery): number {
  const { normal } = faceAxes(delivery.hand, delivery.faceAngleDeg, delivery.dynamicLoftDeg);
  const travel = clubDirection(delivery);
  const sine = Math.hypot(...cross(normal, travel));
  return radToDeg(Math.atan2(sine, dot(normal, travel)));
}
