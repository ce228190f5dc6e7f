import { standardHead } from '../delivery/head.ts';
import { STANDARD_BAG } from '../delivery/club.ts';
import { seededRandom } from '../maths/random.ts';
import { simulateShot } from '../flight/simulate.ts';
import { usualDelivery } from '../testing/deliveries.ts';
import { shapleyShares, splitMiss } from './split.ts';

describe('Shapley values', () => {
  it('are those of the glove game', () => {
    // Shapley values of the textbook glove game: players 1 and 2 hold left gloves, 3 the right one;
    // a pair is worth 1: 1/6, 1/6, 4/6.
    const worth = (bits: number): number => ((bits & 4) !== 0 && (bits & 3) !== 0 ? 1 : 0);
    const [one, two, three] = shapleyShares(3, worth);
    expect(one).toBeCloseTo(1 / 6, 12);
    expect(two).toBeCloseTo(1 / 6, 12);
    expect(three).toBeCloseTo(4 / 6, 12);
  });

  it('are each factor’s own part where parts simply add', () => {
    const parts = [3, -5, 7, 0.5];
    const sum = (bits: number): number =>
      parts.reduce((s, p, i) => s + (bits & (1 << i) ? p : 0), 0);
    shapleyShares(4, sum).forEach((share, i) => expect(share).toBeCloseTo(parts[i]!, 12));
  });

  it('of nobody are none', () => {
    expect(shapleyShares(0, () => 0)).toEqual([]);
  });
});

describe('splitting a miss', () => {
  const random = seededRandom(5);
  const between = (low: number, high: number): number => low + (high - low) * random();

  it('adds up to the miss within a millimetre, for any delivery, aim and wind', () => {
    for (let i = 0; i < 25; i++) {
      const club = STANDARD_BAG[Math.floor(random() * STANDARD_BAG.length)]!;
      const head = standardHead(club.kind, club.loftDeg);
      const delivery = usualDelivery(club, {
        hand: random() < 0.5 ? 'left' : 'right',
        clubPathDeg: between(-9, 9),
        faceAngleDeg: between(-7, 7),
        strikeToeMm: between(-15, 15),
      });
      const wind = { speedMps: between(0, 8), fromDeg: between(-180, 180) };
      const split = splitMiss(delivery, head, { aimDeg: between(-5, 5), wind });
      const sum = split.aimM + split.faceM + split.pathM + split.strikeM + split.windM;
      expect(Math.abs(sum - split.totalM)).toBeLessThan(0.001);
      expect(split.totalM).toBeCloseTo(simulateShot(delivery, head, { wind }).flight.offlineM, 6);
    }
  });

  it('charges a straight pull to the path as well as the face', () => {
    const club = STANDARD_BAG.find(({ id }) => id === '7-iron')!;
    const split = splitMiss(
      usualDelivery(club, { clubPathDeg: -9, faceAngleDeg: -9 }),
      standardHead('iron', 33),
    );
    expect(split.faceM).toBeLessThan(0);
    expect(split.pathM).not.toBe(0);
    expect(split.strikeM).toBe(0);
  });

  it('charges nothing to what is as it should be', () => {
    const club = STANDARD_BAG[0]!;
    expect(splitMiss(usualDelivery(club), standardHead('driver'))).toEqual({
      aimM: 0,
      faceM: 0,
      pathM: 0,
      strikeM: 0,
      windM: 0,
      totalM: 0,
    });
  });
});
