import type { Hand } from '../line/hand.ts';
import { exactBalls } from '../testing/players.ts';
import { planFor } from '../testing/plan-for.ts';
import type { Plan } from './plan.ts';
import type { Move } from './routes.ts';

const HANDS_OF: readonly Hand[] = ['right', 'left'];

/** Players a coach would name at once, and the first change a coach would make (common practice, no source). */
const TABLE: readonly (readonly [string, string, number, number, Move | null])[] = [
  ['straight pull', '7-iron', -6, -6, 'together'],
  ['straight pull', 'driver', -5, -5, 'together'],
  ['pull-draw', '7-iron', -6, -11.3, 'face'],
  ['hook from inside', 'driver', 6, 1, 'path'],
  ['pull-hook', 'driver', 1.2, -7.6, 'face'],
  ['slice', 'driver', -6, -1, 'path'],
  ['push-slice', 'driver', 0, 5, 'face'],
  ['straight push', 'driver', 5, 5, 'together'],
  ['usable fade', '7-iron', -5, -2, null],
  ['push-draw', '7-iron', 4, 2, null],
];

describe('what to change first', () => {
  for (const hand of HANDS_OF) {
    it.each(TABLE)(`${hand}-hander, %s %s %d/%d: %s`, (_name, club, path, face, move) => {
      const plan = planFor({ balls: exactBalls(club, { path, face, hand }), hand, club })!;
      const first = plan.routes[plan.chosen]?.stages[0] ?? null;
      expect(first?.move ?? null).toBe(move);
      expect(['do', 'try'].includes(plan.answer)).toBe(move !== null);
      if (first !== null) expect(first.expected.missM).toBeLessThan(plan.now.missM);
    });
  }

  it('is the mirror image for the mirrored player', () => {
    const [right, left] = HANDS_OF.map((hand) =>
      planFor({ balls: exactBalls('driver', { path: -6, face: -1, hand }), hand, club: 'driver' })!,
    );
    expect(left!.now.missM).toBeCloseTo(right!.now.missM, 6);
    expect(left!.now.offlineM).toBeCloseTo(-right!.now.offlineM, 6);
    expect(left!.routes.map(({ id }) => id)).toEqual(right!.routes.map(({ id }) => id));
    right!.routes.forEach((route, i) =>
      route.stages.forEach((stage, j) => {
        expect(left!.routes[i]!.stages[j]!.pathByDeg).toBeCloseTo(-stage.pathByDeg, 6);
      }),
    );
  });

  it('moving the path of a straight puller alone leaves it worse than moving both', () => {
    const balls = exactBalls('7-iron', { path: -6, face: -6 });
    const plan = planFor({ balls, hand: 'right', club: '7-iron' })!;
    const missOf = (id: string): number => plan.routes.find((r) => r.id === id)!.meanMissM;
    expect(missOf('path-then-face')).toBeGreaterThan(1.5 * missOf('together'));
    expect(plan.straightMiss).toBe('pull');
    const faceToPathFirst = plan.routes.find((r) => r.id === 'gap-first')!.stages[0]!;
    expect(faceToPathFirst.faceByDeg).toBeLessThan(0);
    expect(faceToPathFirst.worseForNow).toBe(true);
  });

  it('takes the wanted flight, not zero: a fader who wants a fade is left alone, one who wants a draw is not', () => {
    const balls = exactBalls('7-iron', { path: -3.6, face: -1.6 });
    const plan = (shape: 'fade' | 'draw') =>
      planFor({ balls, hand: 'right', club: '7-iron', wanted: { shape } })!;
    expect(plan('fade').answer).toBe('leave');
    expect(['do', 'try']).toContain(plan('draw').answer);
    expect(plan('draw').wanted.pathDeg).toBeGreaterThan(1);
  });

  it('counts the side that is ruled out double', () => {
    const balls = exactBalls('driver', { path: 0, face: -3 });
    const miss = (ruledOut: 'either' | 'never left' | 'never right'): number =>
      planFor({ balls, hand: 'right', club: 'driver', wanted: { shape: 'straight', ruledOut } })!
        .now.missM;
    expect(miss('never left')).toBeGreaterThan(1.6 * miss('either'));
    expect(miss('never right')).toBeLessThan(1.2 * miss('either'));
  });

  it('takes the coach’s route over the balls’, and the academy’s where it is open', () => {
    const balls = exactBalls('driver', { path: -6, face: -1 });
    const of = (choice: object): Plan =>
      planFor({ balls, hand: 'right', club: 'driver', ...choice })!;
    expect(of({ route: 'gap-first' })).toMatchObject({ chosenBy: 'coach' });
    const ruled = of({ firstRoute: 'gap-first' });
    expect(ruled.routes[ruled.chosen]!.id).toBe('gap-first');
    expect(ruled.chosenBy).toBe('academy');
    // A straight puller's face is never opened first, whatever the rule.
    const pull = planFor({
      balls: exactBalls('7-iron', { path: -6, face: -6 }),
      hand: 'right',
      club: '7-iron',
      firstRoute: 'face-then-path',
    })!;
    expect(pull.routes[pull.chosen]!.id).toBe('together');
  });

  it('says nothing of a club nobody named, or of balls without face and path', () => {
    expect(planFor({ balls: [], hand: 'right', club: '7-iron' })).toBeNull();
    expect(planFor({ balls: [{} as never], hand: 'right', club: '7-iron' })).toBeNull();
  });

  it('puts the strike first where only the strike is off, measured or not', () => {
    const balls = exactBalls('driver', { path: 0, face: 0, toeMm: 20, faceSd: 0.6, pathSd: 0.6 });
    const unmeasured = planFor({
      balls: balls.map((ball) => ({ ...ball, strikeToeMm: null })),
      hand: 'right',
      club: 'driver',
    })!;
    const measured = planFor({
      balls: balls.map((ball) => ({ ...ball, strikeToeMm: 20 })),
      hand: 'right',
      club: 'driver',
    })!;
    for (const plan of [unmeasured, measured]) {
      const stage = plan.routes[plan.chosen]!.stages[0]!;
      expect(stage.move).toBe('strike');
      expect(stage.judged).toEqual(['strikeToeMm', 'ballSpeedMps']);
      expect(stage.expected.carryM).toBeGreaterThan(plan.now.carryM + 3);
      expect(plan.strikeToeMm).toBeGreaterThan(12);
    }
  });

  it('waits with a sign that looks mirrored', () => {
    const balls = exactBalls('7-iron', { path: -1, face: 5 }).map((ball) => ({
      ...ball,
      faceAngleDeg: -ball.faceAngleDeg!,
      faceToPathDeg: null,
    }));
    const plan = planFor({ balls, hand: 'right', club: '7-iron' })!;
    expect(plan).toMatchObject({ answer: 'ask', question: 'check the file', chosen: -1 });
  });
});
