import { traceCause } from '../causes/trace.ts';
import { findDrill } from '../drills/catalogue.ts';
import { planFor } from '../plan/plan.ts';
import { judgeBlocks } from '../proof/judge.ts';
import { exactBalls } from '../testing/players.ts';
import { DEFAULT_DISPLAY_UNITS } from './format.ts';
import { composePage } from './page.ts';

const slicer = planFor({
  balls: exactBalls('driver', { path: -6, face: -1 }),
  hand: 'right',
  club: 'driver',
})!;
const stage = slicer.routes[slicer.chosen]!.stages[0]!;
const ball = (clubPathDeg: number) => ({ clubPathDeg, faceToPathDeg: -clubPathDeg });
const input = {
  hand: 'right',
  plan: slicer,
  stage,
  trace: traceCause({ node: 'path', way: -1 }, { 'ball-position': 1 }),
  drills: [findDrill('overhang')!],
  judged: judgeBlocks([-6, -5, -6.4, -5.8].map(ball), [-2, -3, -2.4, -2.2].map(ball), {
    figures: ['clubPathDeg', 'faceToPathDeg'],
    wanted: { clubPathDeg: 0, faceToPathDeg: 0 },
  }),
  units: DEFAULT_DISPLAY_UNITS,
  date: '2026-12-24',
} as const;

describe('the player’s page', () => {
  const page = composePage(input);

  it('has two points at most, from the plan and what was seen, as a person would say them', () => {
    expect(page.points).toEqual([
      'Swing the club more from the inside: the path goes further right.',
      'Bring the ball back a little.',
    ]);
  });

  it('has the numbers it was judged on, in the player’s units, each with its plain word', () => {
    expect(page.numbers).toEqual([
      {
        label: 'Path (the way the club travels)',
        before: '5.8° L',
        after: '2.4° L',
        verdict: 'on plan',
      },
      expect.objectContaining({ label: 'Face to path (what bends the ball)', verdict: 'on plan' }),
    ]);
  });

  it('tells the player that worse for now is right, and only then', () => {
    expect(page.expect).toBe('');
    const pull = planFor({
      balls: exactBalls('7-iron', { path: -6, face: -6 }),
      hand: 'right',
      club: '7-iron',
      route: 'gap-first',
    })!;
    const told = composePage({ ...input, plan: pull, stage: pull.routes[pull.chosen]!.stages[0]! });
    expect(told.expect).toMatch(
      /^For now the ball may finish about \d+ m further left: that is as planned\.$/,
    );
  });

  it('says it from the other side for a left-hander', () => {
    const plan = planFor({
      balls: exactBalls('driver', { path: -6, face: -1, hand: 'left' }),
      hand: 'left',
      club: 'driver',
    })!;
    const left = composePage({
      ...input,
      hand: 'left',
      plan,
      stage: plan.routes[plan.chosen]!.stages[0]!,
    });
    expect(left.points[0]).toBe('Swing the club more from the inside: the path goes further left.');
  });

  it('spreads the homework to the next look, across the turn of the year', () => {
    expect(page.nextLook).toBe('2027-01-07');
    expect(page.homework.map((h) => h.date)).toEqual([
      '2026-12-27',
      '2026-12-30',
      '2027-01-02',
      '2027-01-05',
    ]);
    expect(page.homework[0]!.what).toContain('Overhang: ten slow swings');
  });

  it('of an empty lesson is empty, not wrong; of a player to be left alone it says so', () => {
    const nothing = { ...input, plan: null, stage: null, trace: null, drills: [], judged: null };
    expect(composePage(nothing)).toMatchObject({
      points: [],
      numbers: [],
      homework: [],
      expect: '',
    });
    const alone = composePage({ ...nothing, plan: slicer });
    expect(alone.points).toEqual(['Nothing to change now: keep it as it is.']);
  });
});
