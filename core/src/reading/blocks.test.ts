import { blocksOf, clubKeyOf, readBlockOf } from './blocks.ts';
import type { Blocked } from './blocks.ts';

const ball = (
  block: Blocked['block'],
  club = '7-iron',
  drillId: string | null = null,
): Blocked => ({
  block: block ?? null,
  drillId,
  club,
});
const same = (b: Blocked): Blocked => b;
const times = (count: number, of: Blocked): Blocked[] => Array.from({ length: count }, () => of);

describe('blocks', () => {
  it('begin where kind, drill or club change, and two sets of one drill stay two', () => {
    const peg = ball('drill', '7-iron', 'far-peg');
    const blocks = blocksOf(
      [
        ...times(3, ball('baseline')),
        ...times(2, peg),
        ...times(2, ball('play')),
        ...times(4, peg),
      ],
      same,
    );
    expect(blocks.map((b) => [b.kind, b.drillId, b.number, b.balls.length])).toEqual([
      ['baseline', null, 1, 3],
      ['drill', 'far-peg', 1, 2],
      ['play', null, 1, 2],
      ['drill', 'far-peg', 2, 4],
    ]);
    expect(new Set(blocks.map(({ key }) => key)).size).toBe(4);
  });

  it('never mix clubs', () => {
    const blocks = blocksOf([ball('play'), ball('play', 'driver'), ball('play')], same);
    expect(blocks.map(({ club, number }) => [club, number])).toEqual([
      ['7-iron', 1],
      ['driver', 1],
      ['7-iron', 2],
    ]);
    expect(clubKeyOf({ club: null, clubText: 'Thing' })).toBe('text:Thing');
  });
});

describe('the balls read together', () => {
  it('are the first baseline’s, never those after a change too', () => {
    const late = [
      ...times(3, ball('baseline')),
      ...times(3, ball('drill')),
      ...times(2, ball('baseline')),
    ];
    expect(readBlockOf(late, same)).toHaveLength(3);
  });

  it('are the untagged before a drill, and never a demonstration', () => {
    expect(readBlockOf([...times(4, ball(null)), ball('drill'), ball(null)], same)).toHaveLength(4);
    expect(readBlockOf([ball('demonstration'), ball('drill')], same)).toEqual([ball('drill')]);
    expect(readBlockOf([ball('demonstration')], same)).toEqual([]);
    expect(readBlockOf([], same)).toEqual([]);
  });
});
