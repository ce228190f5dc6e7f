// What a drill did, over lessons: useless ones in 5 of 100 players at most, warmed up or not; a true one from the first lesson on.
import type { DrillEffect } from '../drills/effect.ts';
import { seededRandom } from '../maths/random.ts';
import type { Random } from '../maths/random.ts';
import type { LessonBall } from '../reading/ball.ts';
import { resolveContext } from '../reading/context.ts';
import { ballsOf, tries } from '../testing/players.ts';
import { creditsOf, creditsWith } from './credit.ts';
import { drillEffects } from './effects.ts';

const context = resolveContext({ hand: 'right' });

interface Lesson {
  readonly drillId?: string;
  /** What the drill moves, degrees. */
  readonly path?: number;
  readonly face?: number;
  /** How far the face comes open in the first 25 balls, whatever is hit. */
  readonly warmUp?: number;
  /** Plain balls after the drill. */
  readonly after?: number;
  readonly club?: string;
}

/** Eight plain balls, ten with a drill, and some plain ones after. */
function lessonOf(random: Random, of: Lesson): LessonBall[] {
  const { drillId = 'overhang', path = 0, face = 0, warmUp = 0, after = 0, club } = of;
  const block = (count: number, at: number, tag: Partial<LessonBall>, by: readonly number[]) =>
    Array.from({ length: count }, (_, i): LessonBall => {
      const warm = warmUp * Math.min(1, (at + i) / 25);
      const swing = { path: -4 + by[0]! + warm, face: -3 + by[1]! + warm };
      const [ball] = ballsOf(tag.club ?? '7-iron', 1, random, swing);
      return { ...ball!, ...tag, id: `b${at + i}` };
    });
  return [
    ...block(8, 0, { block: 'baseline' }, [0, 0]),
    ...block(10, 8, { block: 'drill', drillId, ...(club && { club }) }, [path, face]),
    ...block(after, 18, { block: 'play' }, [0, 0]),
  ];
}
const effectsOf = (random: Random, of: Lesson): DrillEffect[] =>
  drillEffects(lessonOf(random, of), context);

const USELESS = ['overhang', 'finger-hold', 'rails'];
const atMost = (share: number, count: number): number =>
  share + 2.6 * Math.sqrt((share * (1 - share)) / count);

describe('what drills are credited with', () => {
  it.each([0, 1])(
    'is nothing for useless ones, where %d° of warm-up is in every visit',
    (warmUp) => {
      const random = seededRandom(91);
      const count = tries(16, 400);
      const lessons = tries(4, 10);
      let credited = 0;
      for (let i = 0; i < count; i++) {
        const effects = Array.from({ length: lessons }, (_, n) =>
          effectsOf(random, { drillId: USELESS[n % 3]!, warmUp, after: n % 2 === 0 ? 0 : 6 }),
        ).flat();
        if (creditsOf(effects, 'right').some(({ isClear }) => isClear)) credited++;
      }
      expect(credited / count).toBeLessThanOrEqual(atMost(0.05, count));
    },
  );

  it('is what a true one moves, in most players after one lesson, and no fewer after more', () => {
    const random = seededRandom(92);
    const count = tries(40, 400);
    const found = [0, 0, 0];
    for (let i = 0; i < count; i++) {
      const effects: DrillEffect[] = [];
      for (let lesson = 0; lesson < 3; lesson++) {
        effects.push(...effectsOf(random, { path: 3, warmUp: 1 }));
        const path = creditsOf(effects, 'right').find(({ figure }) => figure === 'clubPathDeg')!;
        if (path.isClear && path.byDeg > 0) found[lesson]!++;
      }
    }
    expect(found[0]! / count).toBeGreaterThanOrEqual(0.8 - 0.1 * Number(count < 100));
    expect(found[1]!).toBeGreaterThanOrEqual(found[0]!);
    expect(found[2]!).toBeGreaterThanOrEqual(found[1]!);
  });

  it('is told sooner where plain balls follow the drill and come back', () => {
    const random = seededRandom(93);
    const [ab, aba] = [0, 8].map((after) => {
      const [effect] = effectsOf(random, { path: 3, after });
      return effect!;
    });
    expect(ab!.returned).toBeNull();
    expect(aba!.returned!.errorDeg).toBeLessThan(1.05 * aba!.errorDeg);
    // By hand: the drill's balls 9 to 18 lie at 0.52 of the way from the first eight to the last eight.
    expect(aba!.apart).toBeCloseTo((12.5 - 3.5) / 25, 1);
  });

  it('takes off what the player’s own visits without a drill do', () => {
    const plain: DrillEffect = {
      drillId: null,
      kind: 'iron',
      figure: 'clubPathDeg',
      byDeg: 2,
      errorDeg: 0.3,
      balls: 15,
      degrees: 28,
      apart: 0.8,
      returned: null,
    };
    const drill = { ...plain, drillId: 'overhang', byDeg: 2, errorDeg: 0.7, apart: 0.4 };
    const by = (effects: readonly DrillEffect[]): number => creditsOf(effects, 'right')[0]!.byDeg;
    expect(by([drill])).toBeCloseTo(2, 12);
    // Visits that warm up by 2.5° in all: two fifths of that are taken off.
    const warm = by([drill, plain, plain, plain, plain]);
    expect(warm).toBeLessThan(1.2);
    expect(warm).toBeGreaterThan(1);
  });

  it('leans towards nothing by its error, and is kept to its kind of club', () => {
    const random = seededRandom(94);
    const effects = [1, 2, 3].flatMap(() => effectsOf(random, { path: 5 }));
    const [best] = creditsWith(effects, 'iron', 'right');
    expect(best).toMatchObject({
      drillId: 'overhang',
      figure: 'clubPathDeg',
      times: 3,
      isClear: true,
    });
    expect(best!.creditedDeg).toBeLessThan(best!.byDeg);
    expect(best!.creditedDeg).toBeGreaterThan(3);
    expect(creditsWith(effects, 'driver', 'right')).toEqual([]);
  });

  it('credits nothing to what an eye tapped', () => {
    const balls = lessonOf(seededRandom(96), { path: 5 });
    const taps = balls.map((ball) => ({ ...ball, seen: 'eye' as const }));
    expect(drillEffects(taps, context)).toEqual([]);
  });

  it('compares each set with its own club’s baseline only', () => {
    expect(effectsOf(seededRandom(95), { path: 4, club: 'driver' })).toEqual([]);
  });
});
