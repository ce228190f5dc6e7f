import { EMPTY_BALL } from '../intake/quantities.ts';
import type { MeasuredBall } from '../intake/quantities.ts';
import { planGroup } from '../plan/plan.ts';
import { PLAIN_WANTED } from '../plan/wanted.ts';
import { DEFAULT_BANDS } from '../reading/bands.ts';
import { resolveContext } from '../reading/context.ts';
import { readGroup } from '../reading/group.ts';
import { viewBall } from '../reading/read-ball.ts';
import { acrossTheBay, streakOf } from './across.ts';
import type { Wording } from './sentence.ts';

const W: Wording = {
  hand: 'left',
  bands: DEFAULT_BANDS,
  units: { length: 'm', speed: 'm/s', angle: 'letters' },
};
const context = resolveContext({ hand: 'left' });
const hit = (figures: Partial<MeasuredBall>, id = 'one') =>
  viewBall({ ...EMPTY_BALL, club: '7-iron', carryM: 150, ...figures }, id, context);
const AIM = { move: 'path', judged: ['clubPathDeg', 'faceToPathDeg'], targets: {} } as const;

it('is two or three words, and the figures its block is judged on, by the hand', () => {
  const ball = hit({ startDirectionDeg: 3, curveM: -9, clubPathDeg: 5, faceAngleDeg: 2 });
  expect(acrossTheBay(ball, null, AIM, W)).toEqual({
    words: 'Right, bends left',
    figures: [
      { name: 'Path', text: '5° out-to-in' },
      { name: 'Face to path', text: '3° open' },
    ],
    isOnPlan: null,
  });
});

it('is its start and bend where nothing was named, and nothing where nobody measured', () => {
  const ball = hit({ startDirectionDeg: 0.1, curveM: 0.2 });
  const { words, figures } = acrossTheBay(ball, null, null, W);
  expect(words).toBe('On line, no bend');
  expect(figures).toEqual([
    { name: 'Start', text: 'on line' },
    { name: 'Bend', text: 'no bend' },
  ]);
  expect(acrossTheBay(viewBall(EMPTY_BALL, 'x', context), null, null, W)).toEqual({
    words: '',
    figures: [],
    isOnPlan: null,
  });
});

it('counts how many in a row were on plan; one left out breaks nothing', () => {
  const good = (n: number) =>
    hit({ startDirectionDeg: 0.2, curveM: 0.5, faceAngleDeg: 0.2, clubPathDeg: 0 }, `g${n}`);
  const far = hit({ startDirectionDeg: 9, curveM: 0, faceAngleDeg: 9, clubPathDeg: 9 }, 'far');
  const group = readGroup([1, 2, 3, 4, 5].map(good), context);
  const plan = planGroup(group, { ...context, wanted: PLAIN_WANTED, aimDeg: null, route: null })!;
  const out = { ...far, counts: false };
  expect(streakOf([far, good(1), out, good(2)], plan)).toBe(2);
  expect(streakOf([good(1), far], plan)).toBe(0);
  expect(streakOf([good(1)], null)).toBe(0);
  expect(streakOf([], plan)).toBe(0);
});
