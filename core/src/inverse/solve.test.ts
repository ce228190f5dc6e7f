import fc from 'fast-check';
import { levenbergMarquardt } from 'ml-levenberg-marquardt';
import { STANDARD_BAG, headOf } from '../delivery/club.ts';
import { plainDelivery } from '../delivery/usual.ts';
import { strike } from '../impact/strike.ts';
import { usualDelivery } from '../testing/deliveries.ts';
import { seededRandom, gaussian } from '../maths/random.ts';
import { leastSquares, eliminate } from '../maths/least-squares.ts';
import { solveDelivery } from './solve.ts';

const SEED = 20261124;
const deliveries = fc.record({
  club: fc.constantFrom(...STANDARD_BAG),
  hand: fc.constantFrom('right', 'left'),
  clubPathDeg: fc.double({ min: -10, max: 10, noNaN: true }),
  faceAngleDeg: fc.double({ min: -8, max: 8, noNaN: true }),
  attackOff: fc.double({ min: -2.5, max: 2.5, noNaN: true }),
  loftOff: fc.double({ min: -3, max: 3, noNaN: true }),
  speed: fc.double({ min: 30, max: 55, noNaN: true }),
  strikeToeMm: fc.double({ min: -10, max: 10, noNaN: true }),
});

describe('from the ball back to the delivery', () => {
  it('comes back within 0.01° for any delivery, hand and head', () => {
    fc.assert(
      fc.property(deliveries, ({ club, hand, attackOff, loftOff, speed, ...rest }) => {
        const head = headOf(club);
        const plain = plainDelivery(club, 'right', speed);
        const truth = usualDelivery(club, {
          hand,
          clubSpeedMps: speed * club.speedShare,
          attackAngleDeg: plain.attackAngleDeg + attackOff,
          dynamicLoftDeg: plain.dynamicLoftDeg + loftOff,
          strikeHighMm: plain.strikeHighMm,
          ...rest,
        });
        const known = {
          hand,
          attackAngleDeg: truth.attackAngleDeg,
          strikeToeMm: truth.strikeToeMm,
          strikeHighMm: truth.strikeHighMm,
          intervals: false,
        };
        const solved = solveDelivery(strike(truth, head), head, known);
        expect(solved.reason).toBeUndefined();
        for (const field of ['faceAngleDeg', 'clubPathDeg', 'dynamicLoftDeg'] as const) {
          expect(Math.abs(solved.delivery![field] - truth[field])).toBeLessThan(0.01);
        }
        expect(Math.abs(solved.delivery!.clubSpeedMps - truth.clubSpeedMps)).toBeLessThan(0.01);
      }),
      { seed: SEED, numRuns: 150 },
    );
  });

  it('finds the attack too, when asked to, from spin and launch', () => {
    const club = STANDARD_BAG.find(({ id }) => id === '7-iron')!;
    const truth = usualDelivery(club, { clubPathDeg: -4, faceAngleDeg: 1, attackAngleDeg: -2 });
    const solved = solveDelivery(strike(truth, headOf(club)), headOf(club), {
      hand: 'right',
      attackAngleDeg: 'solve',
      strikeToeMm: 0,
    });
    expect(solved.delivery!.attackAngleDeg).toBeCloseTo(-2, 2);
    expect(solved.delivery!.clubPathDeg).toBeCloseTo(-4, 2);
  });

  it('says what it assumed, and widens the interval for it', () => {
    const club = STANDARD_BAG[0]!;
    const ball = strike(usualDelivery(club, { clubPathDeg: -3, faceAngleDeg: 1 }), headOf(club));
    const open = solveDelivery(ball, headOf(club), { hand: 'right' });
    const told = solveDelivery(ball, headOf(club), {
      hand: 'right',
      attackAngleDeg: 0,
      strikeToeMm: 0,
    });
    expect(open.delivery === null ? [] : open.assumed).toEqual([
      'a usual attack angle',
      'a middle strike',
    ]);
    expect(told.delivery === null ? null : told.assumed).toEqual([]);
    expect(
      open.delivery && told.delivery && open.half95.clubPathDeg! > 2 * told.half95.clubPathDeg!,
    ).toBe(true);
  });

  it('has intervals that hold the truth about 95 times in 100', () => {
    const random = seededRandom(8);
    const club = STANDARD_BAG.find(({ id }) => id === '6-iron')!;
    const head = headOf(club);
    let held = 0;
    const tries = 300;
    for (let i = 0; i < tries; i++) {
      const truth = usualDelivery(club, {
        clubPathDeg: 4 * gaussian(random),
        faceAngleDeg: 3 * gaussian(random),
      });
      const exact = strike(truth, head);
      const ball = {
        ballSpeedMps: exact.ballSpeedMps + 0.3 * gaussian(random),
        launchAngleDeg: exact.launchAngleDeg + 0.3 * gaussian(random),
        startDirectionDeg: exact.startDirectionDeg + 0.3 * gaussian(random),
        spinRateRpm: exact.spinRateRpm + 150 * gaussian(random),
        spinAxisTiltDeg: exact.spinAxisTiltDeg + 1.5 * gaussian(random),
      };
      const solved = solveDelivery(ball, head, {
        hand: 'right',
        attackAngleDeg: truth.attackAngleDeg,
        strikeToeMm: 0,
      });
      if (
        solved.delivery !== null &&
        Math.abs(solved.delivery.clubPathDeg - truth.clubPathDeg) <= solved.half95.clubPathDeg!
      )
        held++;
    }
    // Binomial with p = 0.95: 300 tries hold 285, give or take 4 standard deviations of 3.8.
    expect(held).toBeGreaterThan(269);
    expect(held).toBeLessThan(300);
  });

  it.each([
    [{ spinAxisTiltDeg: 3 }, 'start direction'],
    [{ startDirectionDeg: 3 }, 'how it bent'],
    [
      {
        startDirectionDeg: 0,
        spinAxisTiltDeg: 0,
        ballSpeedMps: 60,
        launchAngleDeg: -60,
        spinRateRpm: 3000,
      },
      'club',
    ],
  ])('has no answer, and says why: %p', (ball, reason) => {
    const solved = solveDelivery(ball, headOf(STANDARD_BAG[0]!), { hand: 'right' });
    expect(solved.delivery).toBeNull();
    expect(solved.reason).toContain(reason);
  });
});

describe('the optimiser', () => {
  it('fits like ml-levenberg-marquardt', () => {
    const random = seededRandom(4);
    const x = Array.from({ length: 30 }, (_, i) => i / 5);
    const model =
      ([a, b]: readonly number[]) =>
      (t: number): number =>
        a! * Math.exp(-b! * t);
    const y = x.map((t) => model([3, 0.7])(t) + 0.05 * gaussian(random));
    const own = leastSquares({
      start: [1, 0.3],
      steps: [1e-5, 1e-5],
      count: x.length,
      residuals: (p, out) => {
        out.set(x.map((t, i) => model(Array.from(p))(t) - y[i]!));
        return true;
      },
    })!;
    const theirs = levenbergMarquardt({ x, y }, model, {
      initialValues: [1, 0.3],
      damping: 0.1,
      maxIterations: 200,
      gradientDifference: 1e-6,
    });
    own.x.forEach((value, i) => expect(value).toBeCloseTo(theirs.parameterValues[i]!, 3));
  });

  it('solves linear systems, and knows a singular one', () => {
    const system = Float64Array.of(0, 2, 4, 3, 1, 5);
    expect(eliminate(system, 2, 3)).toBe(true);
    expect([system[2], system[5]]).toEqual([1, 2]);
    expect(eliminate(Float64Array.of(1, 2, 1, 2, 4, 2), 2, 3)).toBe(false);
  });
});
