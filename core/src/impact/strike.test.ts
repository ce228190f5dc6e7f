import { mirrorDelivery } from '../testing/oracles.ts';
import fc from 'fast-check';
import { STANDARD_BAG, headOf } from '../delivery/club.ts';
import { DELIVERY_RANGES } from '../delivery/delivery.ts';
import type { Delivery } from '../delivery/delivery.ts';
import { spinLoftDeg } from '../delivery/geometry.ts';
import { collide, launchOf } from '../testing/collide.ts';
import { strike } from './strike.ts';

/** Figures agree this well, in units of their own size: rounding, and nothing else. */
const CLOSE = 1e-9;

const heads = STANDARD_BAG.map(headOf);
const inRange = (field: keyof typeof DELIVERY_RANGES) => {
  const [min, max] = DELIVERY_RANGES[field];
  return fc.double({ min, max, noNaN: true });
};
const deliveries: fc.Arbitrary<Delivery> = fc.record({
  hand: fc.constantFrom('right', 'left'),
  clubSpeedMps: fc.double({ min: 0.01, max: DELIVERY_RANGES.clubSpeedMps[1], noNaN: true }),
  attackAngleDeg: inRange('attackAngleDeg'),
  clubPathDeg: inRange('clubPathDeg'),
  faceAngleDeg: inRange('faceAngleDeg'),
  dynamicLoftDeg: inRange('dynamicLoftDeg'),
  strikeToeMm: inRange('strikeToeMm'),
  strikeHighMm: inRange('strikeHighMm'),
});
const head = fc.constantFrom(...heads);
const turnedBy = (a: number, b: number): number => Math.abs(((a - b + 540) % 360) - 180);

describe('the collision in numbers', () => {
  it('is that in vectors and matrices, for every head and any delivery', () => {
    fc.assert(
      fc.property(deliveries, head, (delivery, club) => {
        const told = strike(delivery, club);
        const collision = collide(delivery, club);
        expect(told.contact).toBe(collision === null ? 'none' : collision.contact);
        expect(Math.abs(told.spinLoftDeg - spinLoftDeg(delivery))).toBeLessThan(1e-6);
        if (collision === null) return;
        const wanted = launchOf(collision);
        const { ballSpeedMps: speed, spinRateRpm: spin } = wanted;
        expect(Math.abs(told.ballSpeedMps - speed)).toBeLessThan(CLOSE * Math.max(1, speed));
        expect(Math.abs(told.spinRateRpm - spin)).toBeLessThan(CLOSE * Math.max(1000, spin));
        expect(Math.abs(told.launchAngleDeg - wanted.launchAngleDeg)).toBeLessThan(1e-6);
        // Straight up there is no side, and without spin no axis.
        if (Math.abs(wanted.launchAngleDeg) < 89.9) {
          const start = turnedBy(told.startDirectionDeg, wanted.startDirectionDeg);
          expect(start).toBeLessThan(1e-6);
          if (spin > 1)
            expect(turnedBy(told.spinAxisTiltDeg, wanted.spinAxisTiltDeg)).toBeLessThan(1e-4);
        }
      }),
      { numRuns: 3000, seed: 11 },
    );
  });

  it('is the same for both hands, mirrored', () => {
    fc.assert(
      fc.property(deliveries, head, (delivery, club) => {
        const [right, left] = [strike(delivery, club), strike(mirrorDelivery(delivery), club)];
        expect(left.ballSpeedMps).toBeCloseTo(right.ballSpeedMps, 9);
        expect(turnedBy(left.startDirectionDeg, -right.startDirectionDeg)).toBeLessThan(1e-6);
      }),
      { numRuns: 500, seed: 12 },
    );
  });

  it('knows no minus zero: a square, straight strike starts at 0 and bends to no side', () => {
    const square: Delivery = {
      hand: 'left',
      clubSpeedMps: 40,
      attackAngleDeg: 0,
      clubPathDeg: 0,
      faceAngleDeg: 0,
      dynamicLoftDeg: 20,
      strikeToeMm: 0,
      strikeHighMm: 0,
    };
    const { startDirectionDeg, spinAxisTiltDeg } = strike(square, heads[0]!);
    expect([startDirectionDeg, spinAxisTiltDeg]).toEqual([0, 0]);
    expect(Object.is(spinAxisTiltDeg, -0)).toBe(false);
  });

  it('of a club that stands still strikes nothing', () => {
    for (const clubSpeedMps of [0, 5e-324])
      expect(strike({ ...strikeable, clubSpeedMps }, heads[0]!)).toMatchObject({
        contact: 'none',
        smashFactor: 0,
      });
  });
});

const strikeable: Delivery = {
  hand: 'right',
  clubSpeedMps: 40,
  attackAngleDeg: -3,
  clubPathDeg: 2,
  faceAngleDeg: 1,
  dynamicLoftDeg: 22,
  strikeToeMm: 4,
  strikeHighMm: -3,
};
