import { findDrill } from '../drills/catalogue.ts';
import { seededRandom } from '../maths/random.ts';
import type { LessonBall } from '../reading/ball.ts';
import { resolveContext } from '../reading/context.ts';
import { viewBall } from '../reading/read-ball.ts';
import type { Stage } from '../plan/stages.ts';
import { ballsOf } from '../testing/players.ts';
import { wordingOf } from '../testing/lessons.ts';
import { judgementWords, proofCsv, stationWords, verdictWords } from '../words/proof.ts';
import { isUnderWay, judgeReadBlocks, readBlocks, stationBalls, usualPair } from './blocks.ts';
import type { ReadBlock } from './blocks.ts';

const context = resolveContext({ hand: 'right' });
const random = seededRandom(8);
let hit = 0;

function hitBlock(count: number, path: number, tag: Partial<LessonBall>): LessonBall[] {
  return ballsOf(tag.club ?? '7-iron', count, random, { path, face: path }).map((ball) => ({
    ...ball,
    ...tag,
    id: `b${++hit}`,
  }));
}
const viewsOf = (balls: readonly LessonBall[]) =>
  balls.map((ball) => viewBall(ball, ball.id!, context));
const BASE = { block: 'baseline' } as const;
const RAILS = { block: 'drill', drillId: 'rails' } as const;
const PATH_STAGE = {
  stage: {
    judged: ['clubPathDeg', 'startDirectionDeg'],
    targets: { clubPathDeg: 0, startDirectionDeg: 0 },
  },
  windows: { clubPathDeg: 2, startDirectionDeg: 1.5 },
} as const;

describe('what is compared when nobody chose', () => {
  const keysOf = (pair: readonly [ReadBlock, ReadBlock] | null): string[] | null =>
    pair === null ? null : pair.map(({ key }) => key);
  const read = (...blocks: LessonBall[][]): ReadBlock[] =>
    readBlocks(viewsOf(blocks.flat()), context);

  it('is the first baseline, and the last block of its club after it', () => {
    const blocks = read(
      hitBlock(4, -6, BASE),
      hitBlock(4, -3, RAILS),
      hitBlock(4, -1, { block: 'play' }),
      hitBlock(4, -1, { block: 'drill', drillId: 'rails', club: 'driver' }),
    );
    expect(keysOf(usualPair(blocks))).toEqual(['7-iron/baseline//1', '7-iron/play//1']);
  });

  it('is the visit before where this one has no baseline, and nothing where there is neither', () => {
    const [earlier, here] = [read(hitBlock(4, -6, {})), read(hitBlock(4, -2, {}))];
    expect(usualPair(here, earlier)).toEqual([earlier[0], here[0]]);
    expect(usualPair(here)).toBeNull();
    expect(usualPair([], earlier)).toBeNull();
  });
});

describe('a block being hit', () => {
  const balls = [...hitBlock(8, -6, BASE), ...hitBlock(7, -6, RAILS)];
  const views = viewsOf(balls);
  const [baseline, drill] = readBlocks(views, context);

  it('is the last one, until its set of ten is whole or another follows', () => {
    expect(isUnderWay(drill!, views)).toBe(true);
    expect(isUnderWay(baseline!, views)).toBe(false);
    const more = viewsOf([...balls, ...hitBlock(1, -6, { block: 'play' })]);
    expect(isUnderWay(readBlocks(more, context)[1]!, more)).toBe(false);
    const whole = viewsOf([...balls, ...hitBlock(3, -6, RAILS)]);
    expect(isUnderWay(readBlocks(whole, context)[1]!, whole)).toBe(false);
  });

  it('says so, with the balls so far', () => {
    const judged = judgeReadBlocks(baseline!, drill!, { ...PATH_STAGE, isOpen: true });
    expect(judged.isOpen).toBe(true);
    expect(judgementWords(judged, wordingOf('right'))).toMatch(/ Three balls to go\.$/);
    const closed = judgeReadBlocks(baseline!, drill!, PATH_STAGE);
    expect(judgementWords(closed, wordingOf('right'))).not.toContain('to go');
  });
});

describe('blocks of two visits', () => {
  it('are compared with the monitor’s own alignment in doubt', () => {
    const [before, after] = readBlocks(
      viewsOf([...hitBlock(8, -6, BASE), ...hitBlock(8, -3, RAILS)]),
      context,
    );
    const width = (isOtherVisit: boolean): number => {
      const { low, high } = judgeReadBlocks(before!, after!, { ...PATH_STAGE, isOtherVisit })
        .named[0]!;
      return high! - low!;
    };
    expect(width(true)).toBeGreaterThan(1.1 * width(false));
  });
});

describe('a proof as CSV', () => {
  it('holds every figure in its own unit, the named ones with their verdict', () => {
    const [before, after] = readBlocks(
      viewsOf([...hitBlock(6, -6, BASE), ...hitBlock(6, -1, RAILS)]),
      context,
    );
    const judged = judgeReadBlocks(before!, after!, PATH_STAGE);
    const [head, ...rows] = proofCsv(judged).split('\n');
    expect(head).toBe(
      'figure,before,balls before,after,balls after,aim,change,change from,change to,verdict',
    );
    expect(rows).toHaveLength(judged.named.length + judged.others.length);
    const [figure, beforeMean, count] = rows[0]!.split(',');
    expect([figure, Number(count)]).toEqual(['Path (° right)', before!.counted.length]);
    expect(Number(beforeMean)).toBeCloseTo(judged.named[0]!.beforeMean, 12);
    expect(rows[0]!.endsWith(verdictWords(judged.named[0]!.verdict))).toBe(true);
    expect(rows.at(-1)!.endsWith(',')).toBe(true);
  });
});

describe('the balls of a station', () => {
  it('are those hit with its drill, else the last one measured, else none', () => {
    const views = viewsOf([...hitBlock(2, -6, BASE), ...hitBlock(3, -2, RAILS)]);
    const paths = views.slice(2).map((view) => view.clubPathDeg!);
    const rails = findDrill('rails')!;
    const found = stationBalls(views, rails);
    expect(found).toMatchObject({ figure: 'clubPathDeg', count: 3, last: paths[2] });
    expect(found!.mean).toBeCloseTo((paths[0]! + paths[1]! + paths[2]!) / 3, 12);
    expect(stationBalls(views, findDrill('overhang')!)).toMatchObject({ count: 0, mean: null });
    expect(stationBalls([], rails)).toBeNull();
  });

  it('are told by what the drill trains: a grip by the face, a ladder by the strike', () => {
    const views = viewsOf(hitBlock(3, -2, BASE));
    const last = views.at(-1)!;
    expect(stationBalls(views, findDrill('finger-hold')!)).toMatchObject({
      figure: 'faceAngleDeg',
      last: last.faceAngleDeg,
    });
    const struck = views.map((view) => ({ ...view, ball: { ...view.ball, strikeToeMm: 12 } }));
    const ladder = stationBalls(struck, findDrill('ball-ladder')!)!;
    expect(ladder).toMatchObject({ figure: 'strikeToeMm', last: 12 });
    expect(stationWords(ladder, wordingOf('right'))).toBe('Last ball: strike 12 mm to the toe.');
  });
});

describe('the headline and the figures under it', () => {
  const context = resolveContext({ hand: 'right' });
  const stage = (judgedBy: Stage['judged'], targets: Stage['targets']) => ({
    stage: { judged: judgedBy, targets },
    windows: {},
  });
  const judged = (from: number, to: number, of: ReturnType<typeof stage>) => {
    const blocks = readBlocks(
      viewsOf([...hitBlock(10, from, BASE), ...hitBlock(10, to, RAILS)]),
      context,
    );
    return judgeReadBlocks(blocks[0]!, blocks[1]!, of);
  };

  it('never claim together what one of them does not bear', () => {
    const path = judged(-6, -1, stage(['clubPathDeg'], { clubPathDeg: -1 }));
    expect(path.verdict).not.toBe('not yet clear');
    const start = {
      ...path.named[0]!,
      figure: 'startDirectionDeg',
      verdict: 'not yet clear',
    } as const;
    const words = judgementWords({ ...path, named: [path.named[0]!, start] }, wordingOf('right'));
    expect(words).toMatch(
      /^(On plan|Path is there).*: .* Start (can’t tell yet|moved, .*: can’t tell yet if that is nearer)\.$/,
    );
  });

  it('say that a figure moved past its window on the other side', () => {
    const past = judged(-6, 5, {
      ...stage(['clubPathDeg'], { clubPathDeg: -2 }),
      windows: { clubPathDeg: 2 },
    });
    expect(past.verdict).toBe('past it');
    expect(judgementWords(past, wordingOf('right'))).toMatch(
      /^Past it: path \d° out-to-in → \d° in-to-out\./,
    );
  });
});
