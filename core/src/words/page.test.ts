import { findDrill } from '../drills/catalogue.ts';
import type { LessonFacts } from '../lesson/findings.ts';
import type { LessonContext } from '../lesson/read.ts';
import { seededRandom } from '../maths/random.ts';
import type { LessonBall } from '../reading/ball.ts';
import { ballsOf, exactBalls } from '../testing/players.ts';
import { findingsOf, readText, wordingOf } from '../testing/lessons.ts';
import { tappedBalls } from '../testing/taps.ts';
import { composePage } from './page.ts';
import type { LessonPage } from './page.ts';

const DATE = '2026-12-24';
const random = seededRandom(30);
const tagged = (balls: readonly LessonBall[], tag: Partial<LessonBall>): LessonBall[] =>
  balls.map((ball) => ({ ...ball, ...tag, id: `${tag.block}${ball.id}` }));
const slices = (hand: 'right' | 'left'): LessonBall[] => [
  ...tagged(ballsOf('driver', 10, random, { path: -6, face: -1, hand }), { block: 'baseline' }),
  ...tagged(ballsOf('driver', 10, random, { path: -2.5, face: -0.5, hand }), {
    block: 'drill',
    drillId: 'overhang',
  }),
];

function pageOf(
  balls: readonly LessonBall[],
  context: LessonContext,
  facts: Partial<LessonFacts> = {},
  gently = false,
): LessonPage {
  const findings = findingsOf(balls, context, facts);
  return composePage({ findings, gently, wording: wordingOf(context.hand), date: DATE });
}

describe('the player’s page', () => {
  const facts = { givenIds: ['overhang'], observations: { 'ball-position': 1 } } as const;
  const page = pageOf(slices('right'), { hand: 'right' }, facts);

  it('has two points at most, from the plan and what was seen, as a person would say them', () => {
    expect(page.points).toHaveLength(2);
    expect(page.points[0]).toMatch(/wing the club more from the inside\.$/);
    expect(page.points[1]).toBe('Bring the ball back a little.');
  });

  it('has the numbers it was judged on in golf’s words, each with its plain word', () => {
    expect(page.numbers.map(({ label }) => label)).toEqual([
      'Path (the way the club travels)',
      'Face to path (what bends the ball)',
    ]);
    expect(page.numbers[0]).toMatchObject({
      before: expect.stringMatching(/^[5-7]° out-to-in$/) as string,
      after: expect.stringMatching(/^[1-4]° out-to-in$/) as string,
      verdict: 'on the way',
    });
  });

  it('tells the player that worse for now is right, and when to stop', () => {
    const balls = exactBalls('7-iron', { path: -6, face: -6 });
    const told = pageOf(balls, { hand: 'right', route: 'gap-first' });
    expect(told.expect).toMatch(
      /For now the ball may finish about \d+ m further left\. That is right\./,
    );
    expect(pageOf(balls, { hand: 'right' }).expect).toBe(
      'If balls begin to bend right, stop and tell your coach.',
    );
  });

  it('says it in the same words for a left-hander', () => {
    const left = pageOf(slices('left'), { hand: 'left' }, facts);
    expect(left.points[0]).toMatch(/wing the club more from the inside\.$/);
    expect(left.points[1]).toBe(page.points[1]);
  });

  it('spreads the homework to the next look, across the turn of the year', () => {
    expect(page.nextLook).toBe('2027-01-07');
    expect(page.homework.map(({ date }) => date)).toEqual([
      '2026-12-27',
      '2026-12-30',
      '2027-01-02',
      '2027-01-05',
    ]);
    expect(page.homework[0]!.what).toBe('Overhang: ten slow swings, half length, no ball');
  });

  it('overdoes nothing at full speed for a back that hurts', () => {
    const hard = /full speed/;
    expect(page.homework.some(({ what }) => hard.test(what))).toBe(true);
    const gentle = pageOf(slices('right'), { hand: 'right' }, facts, true);
    expect(gentle.homework.some(({ what }) => hard.test(what))).toBe(false);
  });

  it('of an empty lesson is empty, not wrong', () => {
    const nothing = { findings: null, gently: false, wording: wordingOf('right'), date: DATE };
    expect(composePage(nothing)).toMatchObject({
      points: [],
      numbers: [],
      homework: [],
      expect: '',
    });
    const rails = composePage({ ...nothing, drills: [findDrill('rails')!] });
    expect(rails.points).toEqual([findDrill('rails')!.how]);
  });

  it('says no more of a flight that is left than the reading does', () => {
    const told = [0, 1, 2, 3].flatMap((seed) =>
      [0, -2, 2].map((path) => {
        const balls = tappedBalls('7-iron', 8, seededRandom(seed), { path, face: 0, hand: 'left' });
        const context = { hand: 'left' } as const;
        const isForNow = readText(balls, context).includes('Leave the direction for now');
        const [point = ''] = pageOf(balls, context).points;
        expect(point.startsWith('Change nothing for now')).toBe(isForNow);
        return isForNow;
      }),
    );
    expect(new Set(told).size).toBe(2);
  });

  it('says keep it only of a flight that is left', () => {
    const steady = pageOf(exactBalls('7-iron', { path: 0, face: 0 }), { hand: 'right' });
    expect(steady.points[0]).toBe('Nothing to change: keep it as it is.');
    const few = pageOf(exactBalls('7-iron', { path: 0, face: 0 }).slice(11, 14), { hand: 'right' });
    expect(few.points).toEqual(['Check grip, aim, ball position and posture before every ball.']);
  });
});
