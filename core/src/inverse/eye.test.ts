import { findClub, headOf } from '../delivery/club.ts';
import { turnFace } from '../delivery/turn.ts';
import { plainDelivery } from '../delivery/usual.ts';
import { simulateShot } from '../flight/simulate.ts';
import { EMPTY_BALL } from '../intake/quantities.ts';
import { gaussian, seededRandom } from '../maths/random.ts';
import { resolveContext } from '../reading/context.ts';
import { readGroup } from '../reading/group.ts';
import { viewBall } from '../reading/read-ball.ts';
import { tries } from '../testing/players.ts';
import { EYE_ACCURACY, EYE_WAYS, ballOfTap } from './eye.ts';

describe('a tapped flight', () => {
  it('tells a fade from a slice, and mirrors', () => {
    const fade = ballOfTap({ start: 0, bend: 1 }, 150);
    const slice = ballOfTap({ start: 0, bend: 2 }, 150);
    // Draws and fades bend 3 to 8 % of carry, hooks and slices more (common practice, no source).
    expect(fade.curveM! / 150).toBeGreaterThan(0.03);
    expect(fade.curveM! / 150).toBeLessThan(0.08);
    expect(slice.curveM! / 150).toBeGreaterThan(0.08);
    for (const way of EYE_WAYS) {
      const [a, b] = [way, -way as typeof way].map((w) => ballOfTap({ start: w, bend: w }, 150));
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
