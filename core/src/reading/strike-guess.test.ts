import { findClub, headOf } from '../delivery/club.ts';
import { simulateShot } from '../flight/simulate.ts';
import { usualDelivery } from '../testing/deliveries.ts';
import { guessStrike } from './strike-guess.ts';

const driver = findClub('driver')!;
const head = headOf(driver);
const struck = (strikeToeMm: number, hand: 'right' | 'left' = 'right') => {
  const turn = hand === 'left' ? -1 : 1;
  const delivery = usualDelivery(driver, { hand, clubPathDeg: -2 * turn, faceAngleDeg: turn });
  const { launch, flight } = simulateShot({ ...delivery, strikeToeMm }, head);
  const seen = {
    startDirectionDeg: launch.startDirectionDeg,
    curveM: flight.curveM,
    carryM: flight.carryM,
  };
  return guessStrike(delivery, head, seen, {})!;
};

describe('where it was struck', () => {
  it.each([-20, -12, 12, 20])(
    '%d mm off the middle of a driver is found within 3 mm, for both hands',
    (mm) => {
      for (const hand of ['right', 'left'] as const) {
        const guess = struck(mm, hand);
        expect(guess.explains).toBe(true);
        expect(Math.abs(guess.strikeToeMm - mm)).toBeLessThanOrEqual(3);
      }
    },
  );

  it('in the middle is no explanation', () => {
    expect(struck(0).explains).toBe(false);
  });

  it('does not explain what no strike can do', () => {
    const delivery = usualDelivery(driver);
    const guess = guessStrike(
      delivery,
      head,
      { startDirectionDeg: 9, curveM: 60, carryM: 200 },
      {},
    )!;
    expect(guess.explains).toBe(false);
  });

  it('knows nothing without start and curve', () => {
    expect(
      guessStrike(
        usualDelivery(driver),
        head,
        { startDirectionDeg: null, curveM: null, carryM: 200 },
        {},
      ),
    ).toBeNull();
  });

  it('does with the start alone or the curve alone', () => {
    const delivery = usualDelivery(driver);
    const { launch, flight } = simulateShot({ ...delivery, strikeToeMm: 16 }, head);
    const only = (seen: { startDirectionDeg: number | null; curveM: number | null }) =>
      guessStrike(delivery, head, { ...seen, carryM: flight.carryM }, {})!.strikeToeMm;
    expect(only({ startDirectionDeg: launch.startDirectionDeg, curveM: null })).toBeGreaterThan(8);
    expect(only({ startDirectionDeg: null, curveM: flight.curveM })).toBeGreaterThan(8);
  });
});
