import { mirrorDelivery, planeAxisTiltDeg } from '../testing/oracles.ts';
import { seededRandom } from '../maths/random.ts';
import { azimuthOf, dot, norm, scale, subtract } from '../maths/vector.ts';
import { spinLoftDeg, clubDirection } from '../delivery/geometry.ts';
import type { Delivery } from '../delivery/delivery.ts';
import { standardHead } from '../delivery/head.ts';
import { BAG_SHOTS, pointHead, usualDelivery } from '../testing/deliveries.ts';
import { STANDARD_BAG } from '../delivery/club.ts';
import { BALL_MASS_KG, BALL_RADIUS_M, degToRad } from '../units/units.ts';
import { collide, launchOf } from '../testing/collide.ts';
import { strike } from './strike.ts';

const driver = STANDARD_BAG[0]!;
const flat = (changes: Partial<Delivery> = {}): Delivery =>
  usualDelivery(driver, { attackAngleDeg: 0, dynamicLoftDeg: 0, ...changes });

describe('the collision against textbook mechanics', () => {
  it('head on, is the two-body collision with restitution', () => {
    // v = (1 + e) m_c / (m_b + m_c) u, any textbook of mechanics.
    const head = pointHead({ headMassKg: 0.2, restitution: 0.83 });
    const { velocityMps, spinRadPerS } = collide(flat({ clubSpeedMps: 50 }), head)!;
    expect(norm(velocityMps)).toBeCloseTo(((1 + 0.83) * 0.2 * 50) / (0.2 + BALL_MASS_KG), 9);
    expect(norm(spinRadPerS)).toBeCloseTo(0, 9);
  });

  it('off an endless wall, leaves the ball rolling: 5/7 mechanics of a solid sphere', () => {
    // With e_t = 0 and a wall: the ball keeps 5/7 of the tangential speed, all of it as rolling.
    const loft = 20;
    const wall = pointHead({
      headMassKg: 1e9,
      inertiaNormalKgM2: 1e9,
      inertiaToeHeelKgM2: 1e9,
      inertiaUpKgM2: 1e9,
    });
    const speed = 40;
    const { spinRadPerS, contact } = collide(
      flat({ clubSpeedMps: speed, dynamicLoftDeg: loft }),
      wall,
    )!;
    const tangential = speed * Math.sin(degToRad(loft));
    expect(contact).toBe('gripped');
    expect(norm(spinRadPerS) * BALL_RADIUS_M).toBeCloseTo((5 / 7) * tangential, 6);
  });

  it('slides when friction is too small: the impulse lies on the friction cone', () => {
    const head = pointHead({ friction: 0.1 });
    const collision = collide(flat({ dynamicLoftDeg: 50 }), head)!;
    expect(collision.contact).toBe('slid');
    const normal = dot(collision.velocityMps, collision.strikeNormal);
    const along = subtract(collision.velocityMps, scale(collision.strikeNormal, normal));
    expect(norm(along) / normal).toBeCloseTo(0.1, 9);
  });

  it('never makes energy', () => {
    for (const { club, head } of BAG_SHOTS) {
      const delivery = usualDelivery(club, { strikeToeMm: 15, strikeHighMm: -8, clubPathDeg: 6 });
      const { velocityMps, spinRadPerS } = collide(delivery, head)!;
      const inertia = 0.4 * BALL_MASS_KG * BALL_RADIUS_M ** 2;
      const ball = (BALL_MASS_KG * norm(velocityMps) ** 2 + inertia * norm(spinRadPerS) ** 2) / 2;
      expect(ball).toBeLessThan((head.headMassKg * delivery.clubSpeedMps ** 2) / 2);
    }
  });

  it('strikes nothing when the face moves away or stands still', () => {
    const head = standardHead('driver');
    expect(collide(flat({ clubSpeedMps: 0 }), head)).toBeNull();
    expect(strike(flat({ dynamicLoftDeg: 80, attackAngleDeg: -20 }), head).contact).toBe('none');
  });
});

describe('spin axis and start', () => {
  const random = seededRandom(11);
  const between = (low: number, high: number): number => low + (high - low) * random();
  const isotropic = pointHead({
    inertiaToeHeelKgM2: 3e-4,
    inertiaUpKgM2: 3e-4,
    inertiaNormalKgM2: 3e-4,
    cgDepthM: 0.02,
  });

  it('of a centred strike lie in the plane of face normal and travel, to rounding', () => {
    for (let i = 0; i < 200; i++) {
      const delivery = flat({
        clubPathDeg: between(-12, 12),
        faceAngleDeg: between(-12, 12),
        dynamicLoftDeg: between(5, 50),
        attackAngleDeg: between(-8, 6),
      });
      const collision = collide(delivery, isotropic)!;
      const ahead = scale(collision.velocityMps, 1 / norm(collision.velocityMps));
      expect(launchOf(collision).spinAxisTiltDeg).toBeCloseTo(planeAxisTiltDeg(delivery, ahead), 8);
    }
  });

  it('of the standard heads stay within two degrees of that plane', () => {
    // A real head twists more easily about one axis than another: a known small departure.
    for (const { club, head } of BAG_SHOTS) {
      const delivery = usualDelivery(club, { clubPathDeg: -4, faceAngleDeg: 1 });
      const collision = collide(delivery, head)!;
      const ahead = scale(collision.velocityMps, 1 / norm(collision.velocityMps));
      const tilt = launchOf(collision).spinAxisTiltDeg;
      expect(Math.abs(tilt - planeAxisTiltDeg(delivery, ahead))).toBeLessThan(2);
    }
  });

  it('the face owns 60 to 90 % of the start in every club, and less with more loft', () => {
    // Wood, Henrikson & Broadie 2018, Proceedings 2(6):249: 61 to 83 % (value from memory).
    const shares = BAG_SHOTS.map(({ club, head }) => {
      const { startDirectionDeg } = strike(usualDelivery(club, { faceAngleDeg: 4 }), head);
      return { kind: club.kind, loftDeg: club.loftDeg, share: startDirectionDeg / 4 };
    });
    for (const { share } of shares) {
      expect(share).toBeGreaterThan(0.6);
      expect(share).toBeLessThan(0.9);
    }
    for (const kind of ['fairway', 'hybrid', 'iron', 'wedge']) {
      const ofKind = shares.filter((s) => s.kind === kind).sort((a, b) => a.loftDeg - b.loftDeg);
      for (let i = 1; i < ofKind.length; i++)
        expect(ofKind[i]!.share).toBeLessThanOrEqual(ofKind[i - 1]!.share + 0.005);
    }
    expect(shares[0]!.share).toBeGreaterThan(shares.at(-1)!.share + 0.1);
  });

  it('a face and path that agree start the ball along both, without tilt', () => {
    const head = standardHead('iron', 33);
    const { startDirectionDeg, spinAxisTiltDeg } = strike(
      flat({ clubPathDeg: -9, faceAngleDeg: -9, dynamicLoftDeg: 23 }),
      head,
    );
    expect(startDirectionDeg).toBeCloseTo(-9, 9);
    expect(spinAxisTiltDeg).toBeCloseTo(0, 9);
  });
});

describe('mirror symmetry', () => {
  it('the other hand, mirrored, gives the mirrored launch', () => {
    for (const { club, head } of BAG_SHOTS) {
      const delivery = usualDelivery(club, {
        clubPathDeg: 5,
        faceAngleDeg: -2,
        strikeToeMm: 9,
        strikeHighMm: 4,
      });
      const [one, other] = [strike(delivery, head), strike(mirrorDelivery(delivery), head)];
      expect(other.startDirectionDeg).toBeCloseTo(-one.startDirectionDeg, 10);
      expect(other.spinAxisTiltDeg).toBeCloseTo(-one.spinAxisTiltDeg, 10);
      expect(other.ballSpeedMps).toBeCloseTo(one.ballSpeedMps, 10);
      expect(other.spinRateRpm).toBeCloseTo(one.spinRateRpm, 7);
      expect(other.launchAngleDeg).toBeCloseTo(one.launchAngleDeg, 10);
    }
  });
});

describe('strikes off the middle', () => {
  it('a toe strike starts a wood to the toe side and spins it back; an iron is hardly spun', () => {
    for (const hand of ['right', 'left'] as const) {
      const sign = hand === 'right' ? 1 : -1;
      const wood = strike(
        { ...flat({ dynamicLoftDeg: 13 }), hand, strikeToeMm: 15 },
        standardHead('driver'),
      );
      expect(wood.startDirectionDeg * sign).toBeGreaterThan(1);
      expect(wood.spinAxisTiltDeg * sign).toBeLessThan(-5);
      const iron = strike(
        { ...flat({ dynamicLoftDeg: 23, attackAngleDeg: -4 }), hand, strikeToeMm: 15 },
        standardHead('iron', 33),
      );
      expect(Math.abs(iron.spinAxisTiltDeg)).toBeLessThan(Math.abs(wood.spinAxisTiltDeg) * 0.4);
    }
  });

  it('loses speed off the middle', () => {
    const head = standardHead('driver');
    const middle = strike(flat({ dynamicLoftDeg: 13 }), head).ballSpeedMps;
    for (const strikeToeMm of [-20, 20]) {
      expect(strike(flat({ dynamicLoftDeg: 13, strikeToeMm }), head).ballSpeedMps).toBeLessThan(
        middle - 1,
      );
    }
  });
});

describe('bad deliveries', () => {
  it.each([
    'clubSpeedMps',
    'clubPathDeg',
    'faceAngleDeg',
    'dynamicLoftDeg',
    'strikeToeMm',
  ] as const)('names %s when it is not a number in range', (field) => {
    for (const bad of [NaN, Infinity, 1e4]) {
      expect(() => strike({ ...flat(), [field]: bad }, standardHead('driver'))).toThrow(
        `delivery.${field}`,
      );
    }
  });

  it('takes an extreme face', () => {
    const launch = strike(flat({ faceAngleDeg: 60, dynamicLoftDeg: 20 }), standardHead('driver'));
    const numbers = Object.values(launch).filter((value) => typeof value === 'number');
    expect(numbers.every(Number.isFinite)).toBe(true);
    expect(launch.startDirectionDeg).toBeGreaterThan(30);
  });
});

describe('spin loft', () => {
  it('is loft less attack when nothing is sideways', () => {
    expect(spinLoftDeg(flat({ dynamicLoftDeg: 24, attackAngleDeg: -4 }))).toBeCloseTo(28, 10);
  });

  it('is the angle between face and travel in space', () => {
    // Both level: the gap itself.
    expect(spinLoftDeg(flat({ faceAngleDeg: 7, clubPathDeg: -5 }))).toBeCloseTo(12, 10);
    expect(azimuthOf(clubDirection(flat({ clubPathDeg: -5 })))).toBeCloseTo(degToRad(-5), 12);
  });
});
