import { DEFAULT_BANDS } from '../reading/bands.ts';
import { resolveContext } from '../reading/context.ts';
import { readGroup } from '../reading/group.ts';
import { viewBall } from '../reading/read-ball.ts';
import { ballOfTap } from '../inverse/eye.ts';
import type { BlockAim } from '../lesson/work.ts';
import { acrossTheBay } from './across.ts';
import { EMPTY_BALL } from '../intake/quantities.ts';
import type { MeasuredBall } from '../intake/quantities.ts';
import { nearnessOf } from '../plan/on-plan.ts';
import { planGroup } from '../plan/plan.ts';
import { PLAIN_WANTED } from '../plan/wanted.ts';
import { readBlocks } from '../proof/blocks.ts';
import { justHitOf, justHitWords, soFarWords } from './just-hit.ts';
import type { Wording } from './sentence.ts';

const W: Wording = {
  hand: 'right',
  bands: DEFAULT_BANDS,
  units: { length: 'm', speed: 'm/s', angle: 'letters' },
};
const context = resolveContext({ hand: 'right' });
const hit = (figures: Partial<MeasuredBall>, id = 'one') =>
  viewBall({ ...EMPTY_BALL, club: '7-iron', carryM: 150, ...figures }, id, context);

describe('a ball just hit', () => {
  it('is told by its start and bend, each with its side', () => {
    const left = hit({ startDirectionDeg: -3, curveM: 8, offlineM: 0.1 });
    expect(justHitWords(justHitOf(left, null, W))).toBe('Starts 3° left and bends 8 m right.');
    const plain = hit({ startDirectionDeg: 0.2, curveM: 0.1, offlineM: 0.5 });
    expect(justHitWords(justHitOf(plain, null, W))).toBe('Starts on line and does not bend.');
  });

  it('that an eye told the sides of has no figure, nor has its block', () => {
    const tap = { ...ballOfTap({ start: 'left', bend: 'right' }, 150), seen: 'eye' as const };
    const seen = viewBall({ ...EMPTY_BALL, club: '7-iron', ...tap }, 'seen', context);
    expect(justHitWords(justHitOf(seen, null, W))).toBe('Starts left and bends right.');
    const [block] = readBlocks([seen], context);
    expect(soFarWords(block!, null, W)).toBe('1 ball so far.');
    const aim = { judged: ['startDirectionDeg'], targets: { startDirectionDeg: 0 } } as const;
    expect(acrossTheBay(seen, null, aim as unknown as BlockAim, W)).toMatchObject({
      ...{ words: 'Left, bends right', figures: [] },
    });
  });

  it('is in the player’s own units', () => {
    const yards = { ...W, units: { ...W.units, length: 'yd' } } as const;
    const { bend, carry } = justHitOf(hit({ startDirectionDeg: 0, curveM: -9.144 }), null, yards);
    expect([bend, carry]).toEqual(['10 yd left', '164 yd']);
  });

  it('says nothing of what nobody measured', () => {
    const none = viewBall(EMPTY_BALL, 'none', context);
    expect(justHitOf(none, null, W)).toEqual({
      start: null,
      bend: null,
      carry: null,
      isOnPlan: null,
    });
    expect(justHitWords(justHitOf(none, null, W))).toBe('Nothing tells how it flew.');
  });

  it('is on plan inside what the plan judges by, and not outside it; one left out is neither', () => {
    const straight = (n: number) =>
      hit({ startDirectionDeg: 0.2, curveM: 0.5, faceAngleDeg: 0.2, clubPathDeg: 0 }, `b${n}`);
    const group = readGroup([1, 2, 3, 4, 5].map(straight), context);
    const plan = planGroup(group, { ...context, wanted: PLAIN_WANTED, aimDeg: null, route: null })!;
    expect(justHitOf(straight(6), plan, W).isOnPlan).toBe(true);
    const pushed = hit({ startDirectionDeg: 9, curveM: 0, faceAngleDeg: 9, clubPathDeg: 9 }, 'x');
    expect(justHitOf(pushed, plan, W).isOnPlan).toBe(false);
    expect(justHitOf({ ...straight(7), counts: false }, plan, W).isOnPlan).toBeNull();
    expect(justHitOf(straight(8), null, W).isOnPlan).toBeNull();
    // The farther off, the less near, and never none.
    const near = [straight(10), pushed].map((view) => nearnessOf(view, plan)!);
    expect(near[0]).toBe(1);
    expect(near[1]).toBeGreaterThan(0);
    expect(near[1]).toBeLessThan(1);
    expect(nearnessOf(straight(12), { ...plan, answer: 'ask' })).toBeNull();
    // Nothing is decided: there is no plan to be on.
    for (const answer of ['ask', 'look'] as const)
      expect(justHitOf(straight(9), { ...plan, answer }, W).isOnPlan).toBeNull();
  });

  it('that flies well off the toe is off plan where the toe is what is off', () => {
    const struck = (n: number, strikeToeMm: number) =>
      hit(
        { startDirectionDeg: 0.2, curveM: 0.5, faceAngleDeg: 0.2, clubPathDeg: 0, strikeToeMm },
        `s${n}`,
      );
    const group = readGroup(
      [1, 2, 3, 4, 5, 6, 7, 8].map((n) => struck(n, 20 + (n % 3))),
      context,
    );
    const plan = planGroup(group, { ...context, wanted: PLAIN_WANTED, aimDeg: null, route: null })!;
    expect(plan.seen.find(({ figure }) => figure === 'strikeToeMm')?.off).toBe(1);
    expect(justHitOf({ ...struck(9, 20), counts: true }, plan, W).isOnPlan).toBe(false);
    expect(justHitOf({ ...struck(10, 1), counts: true }, plan, W).isOnPlan).toBe(true);
  });
});

describe('a block so far', () => {
  const blockOf = (paths: readonly number[]) =>
    readBlocks(
      paths.map((clubPathDeg, n) => hit({ clubPathDeg, faceAngleDeg: clubPathDeg }, `p${n}`)),
      context,
    )[0]!;
  const AIM = { move: 'path', judged: ['clubPathDeg'], targets: { clubPathDeg: 0 } } as const;

  it('is its mean against the aim it was begun with', () => {
    expect(soFarWords(blockOf([-6, -4]), AIM, W)).toBe(
      '2 balls: path 5° out-to-in on average; the aim is down the line.',
    );
    expect(soFarWords(blockOf([-6]), { ...AIM, targets: {} }, W)).toBe(
      '1 ball: path 6° out-to-in.',
    );
  });

  it('is its start where nothing was aimed at', () => {
    expect(soFarWords(blockOf([-6, -4]), null, W)).toMatch(
      /^2 balls: start \d+° left on average\.$/,
    );
  });

  it('of no ball that counts says nothing', () => {
    const block = blockOf([-6]);
    expect(soFarWords({ ...block, counted: [] }, null, W)).toBeNull();
  });
});
