import { simulateShot } from '../flight/simulate.ts';
import { strike } from '../impact/strike.ts';
import { METRES_PER_FOOT, METRES_PER_YARD, MPS_PER_MPH } from '../units/units.ts';
import { playedClub } from './bag.ts';
import { STANDARD_BAG, USUAL_DRIVER_SPEEDS_MPS, findClub, headOf } from './club.ts';
import { standardHead } from './head.ts';
import { loftOfTurnDeg, turnFace } from './turn.ts';
import { UNKNOWN_PLAYER, plainDelivery, usualPlayer, usualStrike } from './usual.ts';
import type { UsualPlayer } from './usual.ts';

// Widely published averages of tournament players, men and women, and of amateur men (from memory): club mph, attack, ball
// mph, launch, spin, carry yd.
const PUBLISHED = [
  ['fast', 'driver', 113, -1.3, 167, 10.9, 2686, 275],
  ['fast', '3-wood', 107, -2.9, 158, 9.2, 3655, 243],
  ['fast', '5-wood', 103, -3.3, 152, 9.4, 4350, 230],
  ['fast', '5-iron', 94, -3.7, 132, 12.1, 5361, 194],
  ['fast', '7-iron', 90, -4.3, 120, 16.3, 7097, 172],
  ['fast', 'pw', 83, -5, 102, 24.2, 9304, 136],
  ['man', 'driver', 93.4, -1.6, 132.6, 12.6, 3275, 204],
  ['slow', 'driver', 94, 3, 140, 13.2, 2611, 218],
  ['slow', '3-wood', 90, -0.9, 132, 11.2, 2704, 195],
  ['slow', '5-wood', 88, -1.8, 128, 12.1, 4501, 185],
  ['slow', '5-iron', 79, -1.9, 112, 14.8, 5081, 161],
  ['slow', '7-iron', 76, -2.3, 104, 19, 6699, 141],
  ['slow', 'pw', 70, -2.8, 86, 25.6, 8403, 107],
] as const;

/** Where each of the known players is an end of what a kind lies between. */
const KIND_OF = { fast: 'man', man: 'man', slow: 'woman', woman: 'woman' } as const;

describe('usual shots of players that are known', () => {
  it.each(PUBLISHED)(
    '%s, %s: launch within 1.5°, spin within 12 %%, speed and carry near',
    (who, id, clubMph, attack, ballMph, launchDeg, spinRpm, carryYd) => {
      const club = findClub(id)!;
      const delivery = {
        ...plainDelivery(club, 'right', USUAL_DRIVER_SPEEDS_MPS[who], KIND_OF[who]),
        clubSpeedMps: clubMph * MPS_PER_MPH,
      };
      expect(delivery.attackAngleDeg).toBeCloseTo(attack, 1);
      const { launch, flight } = simulateShot(delivery, headOf(club));
      expect(Math.abs(launch.launchAngleDeg - launchDeg)).toBeLessThan(1.5);
      expect(Math.abs(launch.spinRateRpm / spinRpm - 1)).toBeLessThan(0.12);
      expect(Math.abs(launch.ballSpeedMps / MPS_PER_MPH / ballMph - 1)).toBeLessThan(0.03);
      expect(Math.abs(flight.carryM / METRES_PER_YARD / carryYd - 1)).toBeLessThan(0.06);
    },
  );

  it.each([
    ['man', 'man', 'fast'],
    ['woman', 'woman', 'slow'],
    ['senior', 'man', 'fast'],
    ['junior', 'woman', 'man'],
  ] as const)(
    'a %s lies between the %s and the %s, and is the nearer beyond them',
    (kind, slow, fast) => {
      const { [slow]: from, [fast]: to } = USUAL_DRIVER_SPEEDS_MPS;
      for (const club of STANDARD_BAG) {
        const of = (driver: number) =>
          usualStrike(club, driver * club.speedShare, kind).dynamicLoftDeg;
        const [low, high] = [club.strikes[slow].dynamicLoftDeg, club.strikes[fast].dynamicLoftDeg];
        expect(of(20)).toBeCloseTo(low, 9);
        expect(of(70)).toBeCloseTo(high, 9);
        expect(of((from + to) / 2)).toBeCloseTo((low + high) / 2, 9);
      }
    },
  );

  it('a man hits down on the driver, and a woman of whom nothing is known swings slower than he', () => {
    expect(UNKNOWN_PLAYER).toEqual(usualPlayer('man'));
    const driver = findClub('driver')!;
    const plainOf = ({ kind, driverSpeedMps }: UsualPlayer) =>
      plainDelivery(driver, 'right', driverSpeedMps, kind);
    expect(plainOf(usualPlayer('man')).attackAngleDeg).toBeCloseTo(-1.6, 9);
    const speeds = (['man', 'senior', 'woman', 'junior'] as const).map(
      (kind) => usualPlayer(kind).driverSpeedMps,
    );
    expect([...speeds].sort((a, b) => b - a)).toEqual(speeds);
    expect(usualPlayer('junior', 40).driverSpeedMps).toBe(40);
  });
});

describe('the face turned about the shaft', () => {
  const head = standardHead('driver');

  it('takes cot of the lie in loft for each degree of closing: about 0.67 for a driver, 0.53 for an iron', () => {
    // tan 56° = 1.4826, tan 62° = 1.8807 (trigonometric tables).
    expect(loftOfTurnDeg(1, 56, 'right')).toBeCloseTo(1 / 1.4826, 4);
    expect(loftOfTurnDeg(1, 62, 'right')).toBeCloseTo(1 / 1.8807, 4);
    expect(loftOfTurnDeg(1, 56, 'left')).toBeCloseTo(-1 / 1.4826, 4);
  });

  it('is undone by turning back, and mirrors for the other hand', () => {
    const right = plainDelivery(findClub('driver')!, 'right', 45);
    const closed = turnFace(right, head, -6);
    expect(closed.dynamicLoftDeg).toBeCloseTo(right.dynamicLoftDeg - 6 / 1.4826, 3);
    expect(turnFace(closed, head, 6)).toEqual({
      ...right,
      dynamicLoftDeg: expect.closeTo(right.dynamicLoftDeg, 9),
      faceAngleDeg: expect.closeTo(0, 9),
    });
    const left = turnFace({ ...right, hand: 'left' }, head, 6);
    expect(left.dynamicLoftDeg).toBeCloseTo(closed.dynamicLoftDeg, 9);
  });

  it('keeps a wild turn in range', () => {
    const wild = turnFace(plainDelivery(findClub('driver')!, 'right', 45), head, 500);
    expect(wild.faceAngleDeg).toBe(80);
    expect(wild.dynamicLoftDeg).toBe(85);
  });

  it('makes a hook dive: a player’s measured averages (driver, common practice, from memory)', () => {
    // −1.2 face and +2.3 path carried 284 yd; −7.6 and +1.2 carried 169 yd and bent 138 ft left.
    const driver = findClub('driver')!;
    const usual = plainDelivery(driver, 'right', USUAL_DRIVER_SPEEDS_MPS.fast);
    const straight = { ...turnFace(usual, head, -1.2), clubPathDeg: 2.3 };
    const carryYd = (clubSpeedMps: number): number =>
      simulateShot({ ...straight, clubSpeedMps }, head).flight.carryM / METRES_PER_YARD;
    let [slow, fast] = [45, 65];
    for (let i = 0; i < 30; i++) {
      const middle = (slow + fast) / 2;
      if (carryYd(middle) < 284) slow = middle;
      else fast = middle;
    }
    const player = { ...straight, clubSpeedMps: slow, clubPathDeg: 1.2 };
    const hook = simulateShot(turnFace(player, head, -6.4), head).flight;
    const held = simulateShot({ ...player, faceAngleDeg: -7.6 }, head).flight;
    const [carry, bend] = [hook.carryM / METRES_PER_YARD, -hook.curveM / METRES_PER_FOOT];
    expect(carry).toBeGreaterThan(165);
    expect(carry).toBeLessThan(202);
    expect(bend).toBeGreaterThan(130);
    expect(bend).toBeLessThan(156);
    // With the loft held the dive is missing.
    expect(held.carryM / METRES_PER_YARD).toBeGreaterThan(carry + 30);
  });
});

describe('the player’s own bag', () => {
  it('is the standard one where nothing is said', () => {
    expect(playedClub('7-iron')).toMatchObject({ own: null, head: headOf(findClub('7-iron')!) });
    expect(playedClub(null)).toBeNull();
    expect(playedClub('spoon', [])).toBeNull();
  });

  it('moves loft, lie and speed as it says', () => {
    const bag = [
      { club: '7-iron', loftDeg: 30, uprightDeg: 2, lengthM: 0.987, headBias: 1 as const },
    ];
    const played = playedClub('7-iron', bag)!;
    const plain = playedClub('7-iron')!;
    expect(played.head.loftDeg).toBe(30);
    expect(played.head.lieDeg).toBe(plain.head.lieDeg + 2);
    expect(played.club.speedShare / plain.club.speedShare).toBeCloseTo(1.05, 9);
    for (const who of ['slow', 'fast'] as const) {
      const lofts = [plain, played].map(({ club }) => club.strikes[who].dynamicLoftDeg);
      expect(lofts[0]! - lofts[1]!).toBeCloseTo(3, 9);
    }
    expect(
      strike(plainDelivery(played.club, 'right', 45), played.head).launchAngleDeg,
    ).toBeLessThan(strike(plainDelivery(plain.club, 'right', 45), plain.head).launchAngleDeg);
  });
});
