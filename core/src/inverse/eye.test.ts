import { findClub, headOf } from '../delivery/club.ts';
import { turnFace } from '../delivery/turn.ts';
import { plainDelivery } from '../delivery/usual.ts';
import { simulateShot } from '../flight/simulate.ts';
import { EMPTY_BALL } from '../intake/quantities.ts';
import { gaussian, seededRandom } from '../maths/random.ts';
import { median } from '../maths/statistics.ts';
import { resolveContext } from '../reading/context.ts';
import { readGroup } from '../reading/group.ts';
import { viewBall } from '../reading/read-ball.ts';
import { tries } from '../testing/players.ts';
import { EYE_ACCURACY, EYE_AMOUNTS, EYE_WAYS, OPEN_SD, ballOfTap, withAmount } from './eye.ts';

describe('a tapped flight', () => {
  it('tells a fade from a slice, and mirrors', () => {
    const fade = ballOfTap({ start: 0, bend: 1 }, 150);
    const slice = ballOfTap({ start: 0, bend: 2 }, 150);
    // Draws and fades bend 3 to 8 % of carry, hooks and slices more (common practice, no source).
    expect(fade.curveM! / 150).toBeGreaterThan(0.03);
    expect(fade.curveM! / 150).toBeLessThan(0.08);
    expect(slice.curveM! / 150).toBeGreaterThan(0.08);
    for (const way of EYE_WAYS) {
      const other = { left: 'right', right: 'left' } as const;
      const mirrored = typeof way === 'string' ? other[way] : (-way as typeof way);
      const [a, b] = [way, mirrored].map((w) => ballOfTap({ start: w, bend: w }, 150));
      expect(a!.startDirectionDeg).toBeCloseTo(-b!.startDirectionDeg, 12);
      expect(a!.curveM).toBeCloseTo(-b!.curveM!, 12);
    }
  });

  it('keeps the finish that was seen instead of the bend, and the strike', () => {
    expect(ballOfTap({ start: 1, bend: 2, finishM: -6, strike: 'toe' }, 150)).toMatchObject({
      curveM: null,
      offlineM: -6,
      strikeToeMm: 15,
    });
    expect(ballOfTap({ start: 0, bend: 0 }, 150).strikeToeMm).toBeNull();
  });
});

describe('a side alone', () => {
  it('leaves open how much, of the bend only where no finish was seen', () => {
    const openOf = (tap: Parameters<typeof ballOfTap>[0]) => ballOfTap(tap, 150).openAmount;
    expect(openOf({ start: 'left', bend: 0 })).toBe('start');
    expect(openOf({ start: -1, bend: 'right' })).toBe('bend');
    expect(openOf({ start: 'left', bend: 'right' })).toBe('both');
    expect(openOf({ start: 'left', bend: 'right', finishM: 4 })).toBe('start');
    expect(openOf({ start: 0, bend: 2 })).toBeNull();
  });

  it('becomes a little or much to the side it had, each told for itself', () => {
    const open = ballOfTap({ start: 'left', bend: 'right' }, 150);
    const bent = { ...open, ...withAmount(open, 'bend', 2) };
    expect(bent).toEqual({ ...ballOfTap({ start: 'left', bend: 2 }, 150) });
    const both = { ...bent, ...withAmount(bent, 'start', 1) };
    expect(both).toEqual(ballOfTap({ start: -1, bend: 2 }, 150));
  });

  it('stands for what usual players’ balls do that an eye sees off line', () => {
    // Middles and balls of the swings that are usual (path 5°, face to path 4°; ball to ball 1.5° and 2°), flown.
    const random = seededRandom(23);
    const starts: number[] = [];
    const bends: number[] = [];
    for (let i = 0; i < tries(60, 600); i++) {
      const club = findClub(['driver', '7-iron', '5-iron'][i % 3])!;
      const head = headOf(club);
      const path = Math.hypot(5, 1.5) * gaussian(random);
      const face = path + 4 * gaussian(random) + 2 * gaussian(random);
      const plain = plainDelivery(club, 'right', 44);
      const { launch, flight } = simulateShot(
        { ...turnFace(plain, head, face), clubPathDeg: path },
        head,
      );
      const start = Math.abs(launch.startDirectionDeg);
      const bend = Math.abs(flight.curveM / flight.carryM);
      if (start > 1.5) starts.push(start);
      if (bend > 0.0275) bends.push(bend);
    }
    const { startDeg, bendShare } = EYE_AMOUNTS;
    expect(Math.abs(median(starts) - startDeg.open)).toBeLessThan(1);
    expect(Math.abs(median(bends) - bendShare.open)).toBeLessThan(0.025);
    // Two in three lie within one standard deviation of it, and nearly all within two and a half.
    const within = (values: number[], of: number, sd: number): number =>
      values.filter((value) => Math.abs(value - of) <= sd).length / values.length;
    expect(within(starts, startDeg.open, 2.5 * OPEN_SD.startDeg)).toBeGreaterThan(0.85);
    expect(within(bends, bendShare.open, 2.5 * OPEN_SD.bendShare)).toBeGreaterThan(0.85);
    expect(within(starts, startDeg.open, OPEN_SD.startDeg)).toBeLessThan(0.8);
  });
});

describe('reading back from the eye', () => {
  it('is never surer than the eye, however many equal taps', () => {
    const context = resolveContext({ hand: 'right' });
    const width = (taps: number): number => {
      const ball = { ...EMPTY_BALL, club: '7-iron', seen: 'eye' as const };
      const tap = { ...ball, ...ballOfTap({ start: 1, bend: 1 }, 140) };
      const views = Array.from({ length: taps }, (_, i) => viewBall(tap, `t${i}`, context));
      return readGroup(views, context).group.figures.startDirectionDeg!.half95;
    };
    expect(width(5)).toBeCloseTo(1.96 * EYE_ACCURACY.startSdDeg, 2);
    expect(width(50)).toBeCloseTo(width(5), 6);
  });

  it('has group intervals that hold the truth 93 to 99 times in 100', () => {
    const random = seededRandom(17);
    const club = findClub('7-iron')!;
    const head = headOf(club);
    const context = resolveContext({ hand: 'right' });
    const count = tries(24, 400);
    const held = { start: 0, face: 0, path: 0 };
    for (let i = 0; i < count; i++) {
      const truth = { path: 3 * gaussian(random), face: 2.5 * gaussian(random) };
      // The player's own attack and strike, and the coach's own eye: all balls share them.
      const plain = {
        ...plainDelivery(club, 'right', 42),
        attackAngleDeg: -2.3 + 2 * gaussian(random),
        strikeToeMm: 7 * gaussian(random),
      };
      const [eyeStart, eyeBend] = [EYE_ACCURACY.startSdDeg * gaussian(random), gaussian(random)];
      const fly = (path: number, face: number) =>
        simulateShot({ ...turnFace(plain, head, face), clubPathDeg: path }, head);
      const views = Array.from({ length: 6 }, (_, j) => {
        const shot = fly(truth.path + 1.5 * gaussian(random), truth.face + 2 * gaussian(random));
        const { carryM, curveM } = shot.flight;
        const ball = {
          ...EMPTY_BALL,
          club: club.id,
          seen: 'eye' as const,
          startDirectionDeg: shot.launch.startDirectionDeg + eyeStart,
          curveM: curveM + eyeBend * EYE_ACCURACY.finishShare * carryM,
          carryM,
        };
        return viewBall(ball, `b${j}`, context);
      });
      const { figures } = readGroup(views, context).group;
      const within = (name: keyof typeof figures, value: number): number =>
        Number(figures[name]!.low <= value && figures[name]!.high >= value);
      const start = fly(truth.path, truth.face).launch.startDirectionDeg;
      held.start += within('startDirectionDeg', start);
      held.face += within('faceAngleDeg', truth.face);
      held.path += within('clubPathDeg', truth.path);
    }
    for (const share of Object.values(held)) expect(share / count).toBeGreaterThanOrEqual(0.87);
    // Not so wide that they say nothing: the start is a straight reading of the eye.
    expect(held.start / count).toBeLessThanOrEqual(1);
  });
});
