// Geometry that tests hold the model against: nothing of the model uses it.
import type { Delivery } from '../delivery/delivery.ts';
import { clubDirection, faceAxes } from '../delivery/geometry.ts';
import { cross, dot } from '../maths/vector.ts';
import type { Vec3 } from '../maths/vector.ts';
import { rightOf } from '../maths/vector.ts';
import { radToDeg } from '../units/units.ts';

/** The same swing by a player of the other hand: every horizontal angle negated. */
export const mirrorDelivery = (delivery: Delivery): Delivery => ({
  ...delivery,
  hand: delivery.hand === 'right' ? 'left' : 'right',
  clubPathDeg: -delivery.clubPathDeg,
  faceAngleDeg: -delivery.faceAngleDeg,
});

/**
 * Spin axis tilt, degrees, positive when the ball bends right, that the plane of the face normal
 * and the club's travel gives a centred strike; measured about `about`, a unit vector (the launch
 * direction). Geometry only: the outside check of the collision.
 */
export function planeAxisTiltDeg(delivery: Delivery, about: Vec3): number {
  const { normal } = faceAxes(delivery.hand, delivery.faceAngleDeg, delivery.dynamicLoftDeg);
  const axis = cross(clubDirection(delivery), normal);
  const right = rightOf(Math.atan2(about[2], about[0]));
  const up = cross(right, about);
  return radToDeg(Math.atan2(-dot(axis, up), dot(axis, right)));
}
