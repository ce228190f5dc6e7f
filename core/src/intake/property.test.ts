/** Properties of the intake. Seeds are fixed, so that a failure here is a failure everywhere. */
import fc from 'fast-check';
import { STANDARD_BAG } from '../delivery/club.ts';
import type { Unit } from '../units/units.ts';
import { tries } from '../testing/players.ts';
import { parseLaunchFile } from './parse.ts';
import { PLAIN_PRINT, printLaunchFile } from './write-file.ts';
import { quickNumber } from './rows/row.ts';
import { BALL_QUANTITIES, EMPTY_BALL, infoOf } from './quantities.ts';
import type { BallQuantity, MeasuredBall } from './quantities.ts';

const SEED = 20261124;

describe('any text at all', () => {
  const text = fc.oneof(
    fc.string({ unit: 'binary', maxLength: 400 }),
    fc
      .array(
        fc.array(
          fc.oneof(
            fc.constantFrom('Face', 'Path', 'Carry', '7i', '-', '1,5', '5.2 L', '"', 'deg', 'yd'),
            fc.constantFrom(
              'Average',
              'Face (L+ R-)',
              '(5.2)',
              '1 250',
              'Player',
              'Hand: left',
              'Time',
              '03/04/2026 9:05 PM',
              '2026-11-02T23:55:10Z',
              'Date: 3 April 2026',
              '1775211120',
              '0',
              '☃',
            ),
            fc.string(),
          ),
          { maxLength: 6 },
        ),
        { maxLength: 12 },
      )
      .chain((rows) =>
        fc.constantFrom(',', ';', '\t').map((d) => rows.map((row) => row.join(d)).join('\n')),
      ),
  );

  it('never throws, and every row has a fate', () => {
    fc.assert(
      fc.property(text, fc.constantFrom('right', 'left', null), (input, hand) => {
        const { rows, balls } = parseLaunchFile(input, { hand });
        const made = rows.filter((row) => row.fate === 'ball');
        expect(made).toHaveLength(balls.length);
        for (const row of rows) if (row.fate === 'rejected') expect(row.reason).not.toBe('');
      }),
      { seed: SEED, numRuns: tries(800, 1_000_000) },
    );
  });

  it('never lets a figure outside its range through', () => {
    fc.assert(
      fc.property(fc.constantFrom(...BALL_QUANTITIES), fc.double(), (quantity, value) => {
        const { label, unit, min, max } = infoOf(quantity);
        const { balls } = parseLaunchFile(`${label} (${unit})\tClub\n${value}\t7i`, {
          hand: 'right',
        });
        for (const ball of balls) {
          expect(ball[quantity]).toBeGreaterThanOrEqual(min);
          expect(ball[quantity]).toBeLessThanOrEqual(max);
        }
      }),
      { seed: SEED, numRuns: 600 },
    );
  });
});

describe('the quick way through a figure', () => {
  it('gives the same double as Number, to the last bit, or leaves it to the long way', () => {
    const plain = fc
      .tuple(
        fc.boolean(),
        fc.integer({ min: 0, max: 999_999 }),
        fc.integer({ min: 0, max: 7 }),
        fc.nat(),
      )
      .map(([negative, whole, places, tail]) => {
        const fraction =
          places === 0 ? '' : `.${String(tail).padStart(places, '0').slice(0, places)}`;
        return `${negative ? '-' : ''}${whole}${fraction}`;
      });
    fc.assert(
      fc.property(plain, (text) => {
        expect(quickNumber(text)).toBe(Number(text));
      }),
      { seed: SEED, numRuns: 2000 },
    );
    fc.assert(
      fc.property(fc.string({ unit: 'binary', maxLength: 8 }), (text) => {
        const value = quickNumber(text);
        if (!Number.isNaN(value)) expect(value).toBe(Number(text));
      }),
      { seed: SEED, numRuns: 2000 },
    );
  });

  it.each(['', '-', '.', '1.', '.5', '1.2.3', '0x10', '1e5', '+1', ' 1', '1,5', '٣'])(
    'leaves %p alone',
    (text) => {
      expect(quickNumber(text)).toBeNaN();
    },
  );
});

/** Face, path and their gap must agree, so the gap is left to the parser. */
const PRINTED = BALL_QUANTITIES.filter((quantity) => quantity !== 'faceToPathDeg');

/** Any figure of a quantity; 0 where a struck ball can have none of it, which elsewhere says nothing was measured. */
const figure = (quantity: BallQuantity): fc.Arbitrary<number | null> => {
  const { min, max, canBeZero } = infoOf(quantity);
  const small = canBeZero ? 0 : 1e-3;
  return fc.option(
    fc.double({ min, max, noNaN: true }).map((v) => (Math.abs(v) < 1e-6 ? small : v)),
  );
};
const ballArbitrary: fc.Arbitrary<MeasuredBall> = fc
  .record(Object.fromEntries(PRINTED.map((quantity) => [quantity, figure(quantity)])))
  .chain((figures) =>
    fc.constantFrom(...STANDARD_BAG).map((club) => ({
      ...EMPTY_BALL,
      ...figures,
      carryM: (figures['carryM'] as number | null) ?? 100,
      club: club.id,
      clubText: club.label,
    })),
  );

const imperial = (quantity: BallQuantity): Unit => {
  const { units } = infoOf(quantity);
  return units[0]!;
};

describe('printing, then parsing', () => {
  it('returns the balls, in every notation', () => {
    fc.assert(
      fc.property(
        fc.array(ballArbitrary, { minLength: 1, maxLength: 6 }),
        fc.constantFrom('right', 'left'),
        fc.constantFrom('signed', 'letters', 'in-out'),
        fc.constantFrom([',', 'dot'], [';', 'comma'], ['\t', 'dot'], ['\t', 'comma'], [';', 'dot']),
        fc.constantFrom('header', 'row'),
        fc.constantFrom(PLAIN_PRINT.unitFor, imperial),
        (balls, hand, sides, [delimiter, decimal], unitsIn, unitFor) => {
          const text = printLaunchFile(balls, {
            hand,
            sides,
            delimiter: delimiter as ',',
            decimal: decimal as 'dot',
            unitsIn,
            unitFor,
            columns: PRINTED,
          });
          const read = parseLaunchFile(text, { hand, signs: 'target', decimal: decimal as 'dot' });
          // Random figures contradict each other: that is asked, and changes none of them.
          expect(read.questions.filter(({ kind }) => kind !== 'physics')).toEqual([]);
          expect(read.balls).toHaveLength(balls.length);
          balls.forEach((ball, index) => {
            for (const quantity of PRINTED) {
              const [sent, got] = [ball[quantity], read.balls[index]![quantity]];
              if (sent === null) expect(got).toBeNull();
              else
                expect(Math.abs(got! - sent)).toBeLessThanOrEqual(
                  1e-9 * Math.max(1, Math.abs(sent)),
                );
            }
            expect(read.balls[index]!.club).toBe(ball.club);
          });
        },
      ),
      { seed: SEED, numRuns: 300 },
    );
  });
});
