import { readBalls } from '@loxos/core';
import type { Ball } from '../../api/client.ts';
import { EMPTY_BALL } from '@loxos/core';
import { toLessonBall } from './lesson-ball.ts';
import { blocksOf, usualPair } from './prove-of.ts';

const ball = (id: string, block: Ball['block'], drillId: string | null, path: number): Ball => ({
  ...EMPTY_BALL,
  id,
  lessonId: 'l',
  ordinal: Number(id),
  keep: id === '3' ? 'out' : 'auto',
  seen: 'monitor',
  block,
  drillId,
  launchFileId: null,
  line: null,
  clubPathDeg: path,
  faceAngleDeg: 0,
});
const balls = [
  ball('1', null, null, -5),
  ball('2', 'baseline', null, -6),
  ball('3', 'baseline', null, -7),
  ball('4', 'drill', 'overhang', -2),
];
const { views } = readBalls(balls.map(toLessonBall), { hand: 'right' });

describe('blocks of a lesson', () => {
  it('gather balls by tag and drill, without those left out', () => {
    const blocks = blocksOf(balls, views);
    expect(blocks.map((b) => [b.label, b.balls.length, b.leftOut])).toEqual([
      ['Not tagged', 1, 0],
      ['Baseline', 1, 1],
      ['Drill: Overhang', 1, 0],
    ]);
    expect(blocks[1]!.balls[0]!.clubPathDeg).toBe(-6);
  });

  it('compare the baseline with the last, when nobody chose', () => {
    const pair = usualPair(blocksOf(balls, views));
    expect(pair?.map((b) => b.label)).toEqual(['Baseline', 'Drill: Overhang']);
    expect(usualPair(blocksOf(balls.slice(0, 1), views))).toBeNull();
  });
});
