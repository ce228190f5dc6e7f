/**
 * The collision of ball and clubhead as two free rigid bodies, in vectors and matrices: what impact/strike.ts is held to.
 *
 * Source: rigid-body impact with normal and tangential restitution and Coulomb friction, in the
 * impulse form of Brach, *Mechanical Impact Dynamics* (1991), ch. 6 (from memory); the club as a free
 * body after Cochran & Stobbs, *Search for the Perfect Swing* (1968). Here the change of relative
 * velocity at the contact is K·J for the impulse J on the ball, with
 *   K = (1/m_b + 1/m_c)·1 − [r_b]× I_b⁻¹ [r_b]× − [r_c]× I_c⁻¹ [r_c]×,
 * so one 3×3 solve gives ball speed, start, spin, its axis and the gear effect together.
 */
import type { ClubHead } from '../delivery/head.ts';
import type { Delivery } from '../delivery/delivery.ts';
import { clubDirection, faceAxes } from '../delivery/geometry.ts';
import type { FaceAxes } from '../delivery/geometry.ts';
import {
  IDENTITY,
  addMatrix,
  crossMatrix,
  multiply,
  multiplyVector,
  scaleMatrix,
  solve3,
  transpose,
} from './matrix.ts';
import type { Mat3 } from './matrix.ts';
import { plusZero } from '../line/hand.ts';
import { BALL_MASS_KG, BALL_RADIUS_M, radPerSToRpm, radToDeg } from '../units/units.ts';
import type { BallLaunch } from '../impact/launch.ts';
import {
  add,
  azimuthOf,
  cross,
  dot,
  elevationOf,
  norm,
  rightOf,
  scale,
  subtract,
} from '../maths/vector.ts';
import type { Vec3 } from '../maths/vector.ts';
import { BALL_INERTIA_KGM2, NO_SLIP_SHARE } from '../impact/ball-body.ts';

export interface Collision {
  readonly velocityMps: Vec3;
  readonly spinRadPerS: Vec3;
  /** Whether friction held the ball on the face or it slid throughout. */
  readonly contact: 'gripped' | 'slid';
  /** Outward face normal at the strike point. */
  readonly strikeNormal: Vec3;
}

/** The strike point from the club's centre of gravity, and the face normal there. */
function strikeGeometry(
  axes: FaceAxes,
  head: ClubHead,
  toeM: number,
  highM: number,
): { arm: Vec3; normal: Vec3 } {
  const toeTurn = toeM / head.bulgeRadiusM;
  const highTurn = highM / head.rollRadiusM;
  const along = Math.sqrt(Math.max(0, 1 - toeTurn ** 2 - highTurn ** 2));
  const inFace = add(scale(axes.toe, toeTurn), scale(axes.up, highTurn));
  const sagittaM = (toeM * toeTurn + highM * highTurn) / 2;
  const offset = add(scale(axes.toe, toeM), scale(axes.up, highM));
  return {
    normal: add(inFace, scale(axes.normal, along)),
    arm: add(offset, scale(axes.normal, head.cgDepthM - sagittaM)),
  };
}

/** −[r]× I⁻¹ [r]×: what rotation adds to the inverse mass at the contact point. */
function rotationalCompliance(arm: Vec3, inverseInertia: Mat3): Mat3 {
  const c = crossMatrix(arm);
  return scaleMatrix(multiply(c, multiply(inverseInertia, c)), -1);
}

function inverseInertiaOf(axes: FaceAxes, head: ClubHead): Mat3 {
  const rotation: Mat3 = [axes.toe, axes.up, axes.normal];
  const diagonal: Mat3 = [
    scale(axes.toe, 1 / head.inertiaToeHeelKgM2),
    scale(axes.up, 1 / head.inertiaUpKgM2),
    scale(axes.normal, 1 / head.inertiaNormalKgM2),
  ];
  return multiply(transpose(rotation), diagonal);
}

/** K, the inverse mass felt at the contact point, 1/kg. */
function contactCompliance(axes: FaceAxes, head: ClubHead, arm: Vec3, normal: Vec3): Mat3 {
  const ballArm = scale(normal, -BALL_RADIUS_M);
  const ball = rotationalCompliance(ballArm, scaleMatrix(IDENTITY, 1 / BALL_INERTIA_KGM2));
  const club = rotationalCompliance(arm, inverseInertiaOf(axes, head));
  const masses = scaleMatrix(IDENTITY, 1 / BALL_MASS_KG + 1 / head.headMassKg);
  return addMatrix(masses, addMatrix(ball, club));
}

/** The impulse on the ball, N·s, and whether friction could hold it. */
function impulse(
  k: Mat3,
  normal: Vec3,
  approach: Vec3,
  head: ClubHead,
): { impulseNs: Vec3; contact: Collision['contact'] } {
  const approachNormal = dot(approach, normal);
  const slip = subtract(approach, scale(normal, approachNormal));
  const e = Math.max(0, head.restitution - head.restitutionPerMps * -approachNormal);
  const after = subtract(
    scale(normal, -e * approachNormal),
    scale(slip, head.tangentialRestitution),
  );
  const held = solve3(k, subtract(after, approach));
  const heldNormal = dot(held, normal);
  const heldTangential = norm(subtract(held, scale(normal, heldNormal)));
  const slipSpeed = norm(slip);
  if (heldTangential <= head.friction * heldNormal || slipSpeed < NO_SLIP_SHARE * -approachNormal) {
    return { impulseNs: held, contact: 'gripped' };
  }
  const push = add(normal, scale(slip, -head.friction / slipSpeed));
  const normalImpulse = (-(1 + e) * approachNormal) / dot(normal, multiplyVector(k, push));
  return { impulseNs: scale(push, normalImpulse), contact: 'slid' };
}

/**
 * The ball as it leaves the face, in the target-line frame; null when the face moves away from the
 * ball or stands still, so that nothing is struck. The delivery must be in range (requireDelivery).
 */
export function collide(delivery: Delivery, head: ClubHead): Collision | null {
  const axes = faceAxes(delivery.hand, delivery.faceAngleDeg, delivery.dynamicLoftDeg);
  const { arm, normal } = strikeGeometry(
    axes,
    head,
    delivery.strikeToeMm / 1000,
    delivery.strikeHighMm / 1000,
  );
  const approach = scale(clubDirection(delivery), -delivery.clubSpeedMps);
  if (dot(approach, normal) >= 0) return null;
  const k = contactCompliance(axes, head, arm, normal);
  const { impulseNs, contact } = impulse(k, normal, approach, head);
  const spin = scale(cross(scale(normal, -BALL_RADIUS_M), impulseNs), 1 / BALL_INERTIA_KGM2);
  return {
    velocityMps: scale(impulseNs, 1 / BALL_MASS_KG),
    spinRadPerS: spin,
    contact,
    strikeNormal: normal,
  };
}

/** The launch figures of a collision; spin along the launch direction neither lifts nor bends. */
export function launchOf(collision: Collision): BallLaunch {
  const { velocityMps, spinRadPerS } = collision;
  const speed = norm(velocityMps);
  const azimuth = azimuthOf(velocityMps);
  const ahead = scale(velocityMps, 1 / speed);
  const right = rightOf(azimuth);
  const up = cross(right, ahead);
  const spinRight = dot(spinRadPerS, right);
  const spinUp = dot(spinRadPerS, up);
  return {
    ballSpeedMps: speed,
    launchAngleDeg: plusZero(radToDeg(elevationOf(velocityMps))),
    startDirectionDeg: plusZero(radToDeg(azimuth)),
    spinRateRpm: radPerSToRpm(Math.hypot(spinRight, spinUp)),
    spinAxisTiltDeg: plusZero(radToDeg(Math.atan2(-spinUp, spinRight))),
  };
}
