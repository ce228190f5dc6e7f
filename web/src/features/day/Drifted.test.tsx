import type { Standing } from '@loxos/core';
import { screen } from '@testing-library/react';
import { playerWith } from '../../testing/player.ts';
import { show } from '../../testing/render.tsx';
import { Drifted, driftedIn, newsSince } from './Drifted.tsx';

const since = newsSince('2026-05-10');
const standing = (by: number | null, lastDay = '2026-05-04'): Standing => ({
  kind: 'iron',
  visits: 6,
  lastDay,
  figure: 'faceToPathDeg',
  now: { value: 0, half95: 0.8, state: 'within' },
  target: { wanted: 0, window: 1 },
  points: [],
  bothWays: null,
  drifted:
    by === null
      ? null
      : {
          figure: 'faceToPathDeg',
          drift: { lessonId: 'one', by, half95: 2, state: 'away', isOfSource: false },
        },
  changed: null,
});
const players = ['ada', 'bo', 'cy', 'dee'].map((id) =>
  playerWith({ id, name: id, hand: id === 'bo' ? 'left' : 'right' }),
);

describe('who drifted', () => {
  const standings = new Map([
    ['ada', [standing(4)]],
    ['bo', [standing(null), standing(-6)]],
    ['cy', [standing(9, '2026-01-04')]],
    ['dee', [standing(null)]],
  ]);

  it('are those whose last visit was lately, the furthest first', () => {
    expect(driftedIn(players, standings, since).map(({ player }) => player.id)).toEqual([
      'bo',
      'ada',
    ]);
    expect(driftedIn(players, new Map(), since)).toEqual([]);
  });

  it('are said how far and how surely, in their hand’s words, with the record a tap away', () => {
    show(<Drifted drifted={driftedIn(players, standings, since)} />);
    const [bo, ada] = screen.getAllByRole('listitem');
    expect(bo).toHaveTextContent(
      'Face to path 6° more open than before, at least 4.0°, Mon 4 May 2026.',
    );
    expect(ada).toHaveTextContent('4° more open');
    expect(screen.getByRole('link', { name: 'Record of ada' })).toHaveAttribute(
      'href',
      '/players/ada/record?kind=iron&figure=faceToPathDeg',
    );
  });

  it('and who stands elsewhere for some visits, lately and the wrong way', () => {
    const change = {
      figure: 'clubPathDeg',
      at: 5,
      from: -1.6,
      to: -5.1,
      half95: 0.8,
      isReturn: false,
      isOfSource: false,
    } as const;
    const changed = (isNearer: boolean, day: string) =>
      new Map([['ada', [{ ...standing(null), changed: { ...change, isNearer, day } }]]]);
    show(<Drifted drifted={driftedIn(players, changed(false, '2026-04-20'), since)} />);
    expect(screen.getByRole('listitem')).toHaveTextContent(
      'Path 2° → 5° out-to-in since Mon 20 Apr 2026.',
    );
    expect(driftedIn(players, changed(true, '2026-04-20'), since)).toEqual([]);
    expect(driftedIn(players, changed(false, '2025-04-20'), since)).toEqual([]);
  });

  it('are not spoken of where there are none', () => {
    const { container } = show(<Drifted drifted={[]} />);
    expect(container.textContent).toBe('');
  });
});
