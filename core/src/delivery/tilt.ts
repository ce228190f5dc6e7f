/**
 * Where a lofted face points once the club is tilted about the target line: an upright lie or a ball
 * above the feet (toe up), a flat lie or a ball below them (toe down). Plain geometry: the face
 * normal turned about the target line. More loft turns it further.
 */
import { handSign } from '../line/hand.ts';
import type { Hand } from '../line/hand.ts';
import { azimuthOf, direction, elevationOf } from '../maths/vector.ts';
import { requireInRange } from '../units/require.ts';
import { degToRad, radToDeg } from '../units/units.ts';

export interface FacePointing {
  /** Degrees, positive right of the target line. */
  readonly faceAngleDeg: number;
  /** Degrees, positive up. */
  readonly dynamicLoftDeg: number;
}

/** Degrees the face closes for each degree a sleeve adds loft (common practice, no source). */
export const SLEEVE_CLOSES_PER_LOFT = 2;

/** `toeUpDeg`: degrees the toe is raised, −40 to 40; negative is toe down. */
export function tiltFace(face: FacePointing, toeUpDeg: number, hand: Hand): FacePointing {
  const tilt = degToRad(requireInRange('toeUpDeg', toeUpDeg, -40, 40, 'degrees')) * handSign(hand);
  const [x, y, z] = direction(degToRad(face.dynamicLoftDeg), degToRad(face.faceAngleDeg));
  const [sine, cosine] = [Math.sin(tilt), Math.cos(tilt)];
  const turned = [x, y * cosine + z * sine, z * cosine - y * sine] as const;
  return {
    faceAngleDeg: radToDeg(azimuthOf(turned)),
    dynamicLoftDeg: radToDeg(elevationOf(turned)),
  };
}

/** Returns a loft sleeve set `loftChangeDeg` higher (positive) or lower: more loft closes the face. */
export const sleeveFace = (
  face: FacePointing,
  loftChangeDeg: number,
  hand: Hand,
): FacePointing => ({
  faceAngleDeg: face.faceAngleDeg - SLEEVE_CLOSES_PER_LOFT * loftChangeDeg * handSign(hand),
  dynamicLoftDeg: face.dynamicLoftDeg + loftChangeDeg,
});
