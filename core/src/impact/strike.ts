/**
 * The collision of ball and clubhead as two free rigid bodies, written out in numbers.
 *
 * Source: rigid-body impact with normal and tangential restitution and Coulomb friction, in the
 * impulse form of Brach, *Mechanical Impact Dynamics* (1991), ch. 6 (from memory); the club as a free
 * body after Cochran & Stobbs, *Search for the Perfect Swing* (1968). The change of relative velocity at the
 * contact is K·J for the impulse J on the ball, with
 *   K = (1/m_b + 1/m_c)·1 − [r_b]× I_b⁻¹ [r_b]× − [r_c]× I_c⁻¹ [r_c]×,
 * so one 3×3 solve gives ball speed, start, spin, its axis and the gear effect together.
 *
 * Written along the face's own axes n (out of it), u (up it) and r (to the right): there the club's inertia is
 * diagonal, and only path less face matters, not where both point. testing/collide.ts is the same in vectors and matrices,
 * and its test holds the two together; this one is some thirty times as fast, and every reading strikes a dozen times.
 */
import type { ClubHead } from '../delivery/head.ts';
import { requireDelivery } from '../delivery/delivery.ts';
import type { Delivery } from '../delivery/delivery.ts';
import { handSign, plusZero } from '../line/hand.ts';
import { BALL_MASS_KG, BALL_RADIUS_M, degToRad, radPerSToRpm, radToDeg } from '../units/units.ts';
import { BALL_INERTIA_KGM2, NO_SLIP_SHARE } from './ball-body.ts';
import type { BallLaunch } from './launch.ts';

/** The launch of a struck ball, with how it came about. */
export interface ShotLaunch extends BallLaunch {
  readonly spinLoftDeg: number;
  /** Ball speed over club speed; 0 when nothing was struck. */
  readonly smashFactor: number;
  readonly contact: 'gripped' | 'slid' | 'none';
}

const notStruck = (spinLoftDeg: number): ShotLaunch => ({
  ballSpeedMps: 0,
  launchAngleDeg: 0,
  startDirectionDeg: 0,
  spinRateRpm: 0,
  spinAxisTiltDeg: 0,
  spinLoftDeg,
  smashFactor: 0,
  contact: 'none',
});

/** A face that closes on the ball slower than this strikes nothing, m/s. */
const STILL_MPS = 1e-9;

/** Returns an angle in (−180, 180], degrees. */
const wrapped = (deg: number): number => (deg > 180 ? deg - 360 : deg <= -180 ? deg + 360 : deg);

/** A vector along the face's axes. */
interface AlongFace {
  readonly n: number;
  readonly u: number;
  readonly r: number;
}

/** K at the contact, symmetric, 1/kg. */
interface Compliance {
  readonly nn: number;
  readonly uu: number;
  readonly rr: number;
  readonly nu: number;
  readonly nr: number;
  readonly ur: number;
}

/** K for a strike point `arm` from the club's centre of gravity where the face points along `f`. */
function complianceAt(head: ClubHead, arm: AlongFace, f: AlongFace): Compliance {
  const masses = 1 / BALL_MASS_KG + 1 / head.headMassKg;
  const ball = BALL_RADIUS_M ** 2 / BALL_INERTIA_KGM2;
  const length2 = f.n * f.n + f.u * f.u + f.r * f.r;
  const aboutN = 1 / head.inertiaNormalKgM2;
  const aboutU = 1 / head.inertiaUpKgM2;
  const aboutR = 1 / head.inertiaToeHeelKgM2;
  return {
    nn: masses + ball * (length2 - f.n * f.n) + aboutU * arm.r * arm.r + aboutR * arm.u * arm.u,
    uu: masses + ball * (length2 - f.u * f.u) + aboutN * arm.r * arm.r + aboutR * arm.n * arm.n,
    rr: masses + ball * (length2 - f.r * f.r) + aboutN * arm.u * arm.u + aboutU * arm.n * arm.n,
    nu: -ball * f.n * f.u - aboutR * arm.n * arm.u,
    nr: -ball * f.n * f.r - aboutU * arm.n * arm.r,
    ur: -ball * f.u * f.r - aboutN * arm.u * arm.r,
  };
}

/** K⁻¹·b, by Cramer's rule; K is an inverse mass, so it is regular. */
function impulseFor({ nn, uu, rr, nu, nr, ur }: Compliance, b: AlongFace): AlongFace {
  const [cn, cu, cr] = [uu * rr - ur * ur, nr * ur - nu * rr, nu * ur - uu * nr];
  const mixed = nu * nr - nn * ur;
  const inverse = 1 / (nn * cn + nu * cu + nr * cr);
  return {
    n: (b.n * cn + b.u * cu + b.r * cr) * inverse,
    u: (b.n * cu + b.u * (nn * rr - nr * nr) + b.r * mixed) * inverse,
    r: (b.n * cr + b.u * mixed + b.r * (nn * uu - nu * nu)) * inverse,
  };
}

/** f·K·p: how far an impulse along `p` moves the contact apart along `f`. */
const apart = ({ nn, uu, rr, nu, nr, ur }: Compliance, f: AlongFace, p: AlongFace): number =>
  f.n * (nn * p.n + nu * p.u + nr * p.r) +
  f.u * (nu * p.n + uu * p.u + ur * p.r) +
  f.r * (nr * p.n + ur * p.u + rr * p.r);

interface Push extends AlongFace {
  readonly isHeld: boolean;
}

/** Returns the impulse on the ball, N·s; null where the face moves away from it. `v` is the ball as the club sees it come. */
function pushOf(head: ClubHead, v: AlongFace, arm: AlongFace, f: AlongFace): Push | null {
  const approach = v.n * f.n + v.u * f.u + v.r * f.r;
  if (approach > -STILL_MPS) return null;
  const s = { n: v.n - approach * f.n, u: v.u - approach * f.u, r: v.r - approach * f.r };
  const slip = Math.sqrt(s.n * s.n + s.u * s.u + s.r * s.r);
  const e = Math.max(0, head.restitution - head.restitutionPerMps * -approach);
  const et = head.tangentialRestitution;
  const k = complianceAt(head, arm, f);
  // What friction would need to hold the ball: K·J = after − before.
  const { n, u, r } = impulseFor(k, {
    n: -e * approach * f.n - et * s.n - v.n,
    u: -e * approach * f.u - et * s.u - v.u,
    r: -e * approach * f.r - et * s.r - v.r,
  });
  const normal = n * f.n + u * f.u + r * f.r;
  const [hn, hu, hr] = [n - normal * f.n, u - normal * f.u, r - normal * f.r];
  const along = Math.sqrt(hn * hn + hu * hu + hr * hr);
  if (along <= head.friction * normal || slip < NO_SLIP_SHARE * -approach)
    return { n, u, r, isHeld: true };
  // It slides throughout: the normal impulse, with friction's share of it along the face.
  const share = -head.friction / slip;
  const p = { n: f.n + share * s.n, u: f.u + share * s.u, r: f.r + share * s.r };
  const size = (-(1 + e) * approach) / apart(k, f, p);
  return { n: size * p.n, u: size * p.u, r: size * p.r, isHeld: false };
}

/** The launch an impulse gives a ball that lies against a face along `f`, itself lofted and turned. */
function launchOf(j: AlongFace, f: AlongFace, loftRad: number, faceAngleDeg: number): BallLaunch {
  const [sinLoft, cosLoft] = [Math.sin(loftRad), Math.cos(loftRad)];
  // Forwards, up and right of where the face points.
  const forwards = (j.n * cosLoft - j.u * sinLoft) / BALL_MASS_KG;
  const upwards = (j.n * sinLoft + j.u * cosLoft) / BALL_MASS_KG;
  const rightwards = j.r / BALL_MASS_KG;
  const level = Math.sqrt(forwards * forwards + rightwards * rightwards);
  const ballSpeedMps = Math.sqrt(level * level + upwards * upwards);
  const turn = -BALL_RADIUS_M / BALL_INERTIA_KGM2;
  const [wn, wu] = [turn * (f.u * j.r - f.r * j.u), turn * (f.r * j.n - f.n * j.r)];
  const across = turn * (f.n * j.u - f.u * j.n);
  const rolling = wn * cosLoft - wu * sinLoft;
  const turning = wn * sinLoft + wu * cosLoft;
  // Of the spin, what is about the launch direction neither lifts nor bends.
  const [sinTurn, cosTurn] = level > 0 ? [rightwards / level, forwards / level] : [0, 1];
  const [sinUp, cosUp] = [upwards / ballSpeedMps, level / ballSpeedMps];
  const spinRight = across * cosTurn - rolling * sinTurn;
  const spinUp = turning * cosUp - (rolling * cosTurn + across * sinTurn) * sinUp;
  const startDeg = faceAngleDeg + radToDeg(Math.atan2(rightwards, forwards));
  return {
    ballSpeedMps,
    launchAngleDeg: plusZero(radToDeg(Math.atan2(upwards, level))),
    startDirectionDeg: plusZero(wrapped(startDeg)),
    spinRateRpm: radPerSToRpm(Math.sqrt(spinRight * spinRight + spinUp * spinUp)),
    spinAxisTiltDeg: plusZero(radToDeg(Math.atan2(-spinUp, spinRight))),
  };
}

/**
 * Launch of a delivery. A face that moves away from the ball, or stands still, leaves it at rest, contact `none`.
 * Throws RangeMisuse, naming the field, when a number is not finite or out of range.
 */
export function strike(delivery: Delivery, head: ClubHead): ShotLaunch {
  requireDelivery(delivery);
  const { clubSpeedMps, faceAngleDeg } = delivery;
  const loft = degToRad(delivery.dynamicLoftDeg);
  const attack = degToRad(delivery.attackAngleDeg);
  const across = degToRad(delivery.clubPathDeg - faceAngleDeg);
  const ahead = Math.cos(attack) * Math.cos(across);
  // The club's travel along the axes of the middle of the face.
  const tn = Math.cos(loft) * ahead + Math.sin(loft) * Math.sin(attack);
  const tu = Math.cos(loft) * Math.sin(attack) - Math.sin(loft) * ahead;
  const tr = Math.cos(attack) * Math.sin(across);
  const spinLoftDeg = radToDeg(Math.atan2(Math.sqrt(tu * tu + tr * tr), tn));
  // The face normal at the strike point, and that point from the centre of gravity, on a face bulged and rolled.
  const rightM = (handSign(delivery.hand) * delivery.strikeToeMm) / 1000;
  const highM = delivery.strikeHighMm / 1000;
  const [fr, fu] = [rightM / head.bulgeRadiusM, highM / head.rollRadiusM];
  const f = { n: Math.sqrt(Math.max(0, 1 - fr * fr - fu * fu)), u: fu, r: fr };
  const arm = { n: head.cgDepthM - (rightM * fr + highM * fu) / 2, u: highM, r: rightM };
  const v = { n: -clubSpeedMps * tn, u: -clubSpeedMps * tu, r: -clubSpeedMps * tr };
  const push = pushOf(head, v, arm, f);
  if (push === null) return notStruck(spinLoftDeg);
  const { ballSpeedMps, launchAngleDeg, startDirectionDeg, spinRateRpm, spinAxisTiltDeg } =
    launchOf(push, f, loft, faceAngleDeg);
  // Field by field: a spread here took four fifths of a strike.
  return {
    ballSpeedMps,
    launchAngleDeg,
    startDirectionDeg,
    spinRateRpm,
    spinAxisTiltDeg,
    spinLoftDeg,
    smashFactor: ballSpeedMps / clubSpeedMps,
    contact: push.isHeld ? 'gripped' : 'slid',
  };
}
