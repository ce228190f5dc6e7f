/**
 * A face is opened and closed by turning the club about its shaft, which stands at the lie angle λ:
 * turning it by γ moves the face by −γ sin λ and the loft by −γ cos λ, so that each degree of closing
 * takes cot λ degrees of loft and each degree of opening gives as much (plane geometry, first order:
 * within 0.1° of the full rotation up to 10° of turning). It is why hooks dive and slices balloon.
 */
import { asRightHanded } from '../line/hand.ts';
import type { Hand } from '../line/hand.ts';
import { degToRad } from '../units/units.ts';
import { boundDelivery } from './delivery.ts';
import type { Delivery } from './delivery.ts';
import type { ClubHead } from './head.ts';

/** Loft, degrees, that a face turned by `byDeg` (positive right for both hands) gains. */
export const loftOfTurnDeg = (byDeg: number, lieDeg: number, hand: Hand): number =>
  asRightHanded(byDeg, hand) / Math.tan(degToRad(lieDeg));

/** Returns the same delivery with the face turned by `byDeg`, positive right for both hands; the loft follows. */
export function turnFace(delivery: Delivery, head: ClubHead, byDeg: number): Delivery {
  const loftDeg = delivery.dynamicLoftDeg + loftOfTurnDeg(byDeg, head.lieDeg, delivery.hand);
  return boundDelivery({
    ...delivery,
    faceAngleDeg: delivery.faceAngleDeg + byDeg,
    dynamicLoftDeg: loftDeg,
  });
}
