import type { Standing } from '@loxos/core';
import { fireEvent, screen, within } from '@testing-library/react';
import { useLocation } from 'react-router';
import { SMALL_CHART_BOX, smallChart } from '../../drawing/small-chart.ts';
import { playerWith } from '../../testing/player.ts';
import { show } from '../../testing/render.tsx';
import { PlayersPage } from './PlayersPage.tsx';
import { isFound, sortPlayers } from './sort-players.ts';

const standing = (more: Partial<Standing> = {}): Standing => ({
  kind: 'iron',
  visits: 6,
  lastDay: '2026-05-04',
  figure: 'faceToPathDeg',
  now: { value: 3, half95: 0.8, state: 'off' },
  target: { wanted: 0, window: 1 },
  points: [
    { at: '2026-04-06T09:00:00.000Z', middle: 4 },
    { at: '2026-05-04', middle: 2 },
  ],
  drifted: null,
  bothWays: null,
  changed: null,
  ...more,
});
const drifted = (by: number): Standing['drifted'] => ({
  figure: 'clubPathDeg',
  drift: { lessonId: 'one', by, half95: 2, state: 'away', isOfSource: false },
});
const player = (id: string) => playerWith({ id, name: id, aims: id === 'bo' ? 'Longer' : '' });
const players = ['ada', 'bo', 'cy', 'dee'].map(player);
const standings = new Map<string, Standing[]>([
  ['ada', [standing({ now: { value: 1.2, half95: 0.5, state: 'cannot tell' } })]],
  ['bo', [standing({ drifted: drifted(-5), lastDay: '2026-01-01' })]],
  [
    'cy',
    [
      standing({
        changed: {
          figure: 'faceToPathDeg',
          at: 3,
          day: '2026-03-01',
          from: 5,
          to: 3,
          half95: 1,
          isNearer: true,
          isReturn: false,
          isOfSource: false,
        },
      }),
      standing({ kind: 'driver', drifted: drifted(7) }),
    ],
  ],
]);
const ids = (sort: Parameters<typeof sortPlayers>[2]) =>
  sortPlayers(players, standings, sort).map(({ id }) => id);

describe('the order of players', () => {
  it('is by name, by who drifted furthest, who is furthest out, longest away, and who came on last', () => {
    expect(ids('name')).toEqual(['ada', 'bo', 'cy', 'dee']);
    expect(ids('drifted')).toEqual(['cy', 'bo', 'ada', 'dee']);
    expect(ids('furthest')).toEqual(['bo', 'cy', 'ada', 'dee']);
    expect(ids('longest away')).toEqual(['bo', 'ada', 'cy', 'dee']);
    expect(ids('progress')).toEqual(['cy', 'ada', 'bo', 'dee']);
  });

  it('leaves those found by name or aim', () => {
    expect(players.filter((one) => isFound(one, ' LONG ')).map(({ id }) => id)).toEqual(['bo']);
    expect(players.every((one) => isFound(one, ''))).toBe(true);
  });
});

describe('players in rows', () => {
  const Where = () => <output aria-label="address">{useLocation().search}</output>;
  const open = (at = '/players') =>
    show(
      <>
        <Where />
        <PlayersPage />
      </>,
      { players, standings },
      at,
    );

  it('say where each stands, and open the record of it', () => {
    open();
    const [ada, , , dee] = screen.getAllByRole('listitem');
    expect(ada).toHaveTextContent('Face to path 1° open, can’t tell yet');
    expect(ada).toHaveTextContent('6 visits, last Mon 4 May 2026');
    expect(within(ada!).getByRole('link', { name: 'Record of ada' })).toHaveAttribute(
      'href',
      '/players/ada/record?kind=iron&figure=faceToPathDeg',
    );
    expect(dee).toHaveTextContent('No balls of a named club yet.');
  });

  it('come in another order, kept in the address, with the kind that drifted', () => {
    open();
    fireEvent.click(screen.getByRole('radio', { name: 'Drifted first' }));
    expect(screen.getByLabelText('address')).toHaveTextContent('sort=drifted');
    const [first] = screen.getAllByRole('listitem');
    expect(first).toHaveTextContent('▲ Path 7° more in-to-out than before, at least 5.0°');
    expect(within(first!).getByRole('link', { name: /Record/ })).toHaveAttribute(
      'href',
      expect.stringContaining('kind=driver'),
    );
  });
});

describe('what moved what over all', () => {
  it('is asked for when it is opened, clear first, and says when it is not enough', async () => {
    const asked: string[] = [];
    show(<PlayersPage />, { players, isAnswered: true }, '/players');
    const pooled = {
      value: 2.9,
      error: 0.3,
      low: 2.1,
      high: 3.6,
      between: 0,
      count: 9,
      shrunken: [],
    };
    const rails = { drillId: 'rails', figure: 'clubPathDeg', pooled, isClear: true, players: 9 };
    const moved = [rails, { ...rails, drillId: 'gone', isClear: false, players: 1 }];
    globalThis.fetch = (request) => {
      asked.push((request as Request).url);
      return Promise.resolve(
        new Response(JSON.stringify({ moved }), {
          headers: { 'content-type': 'application/json' },
        }),
      );
    };
    const details = screen.getByText('What moved what, over all players').closest('details')!;
    details.open = true;
    fireEvent(details, new Event('toggle'));
    expect(
      await screen.findByText('Rails, path: 2.9° more in-to-out (2.1 to 3.6, 9 players).'),
    ).toBeInTheDocument();
    expect(screen.getByText('gone, path: can’t tell yet, 1 player.')).toBeInTheDocument();
    expect(asked.filter((url) => url.includes('/api/moved?kind=iron'))).toHaveLength(1);
  });
});

describe('a small chart', () => {
  it('stays in its box, however far out a visit was, on the wanted lane', () => {
    const points = [-40, 3, 60].map((middle, n) => ({ at: `2026-0${n + 1}-01`, middle }));
    const shapes = smallChart({ points, target: { wanted: 0, window: 1 } });
    const [, , wide, tall] = SMALL_CHART_BOX;
    const circles = shapes.flatMap((shape) => (shape.kind === 'circle' ? [shape] : []));
    expect(circles).toHaveLength(3);
    for (const { x, y } of circles) {
      expect(x).toBeGreaterThanOrEqual(0);
      expect(x).toBeLessThanOrEqual(wide);
      expect(y).toBeGreaterThanOrEqual(0);
      expect(y).toBeLessThanOrEqual(tall);
    }
    // Right is up: the last visit is the highest.
    expect(Math.min(...circles.map(({ y }) => y))).toBe(circles.at(-1)!.y);
    expect(shapes[0]).toMatchObject({ fill: 'path' });
  });

  it('is one dot of one visit, without a lane where nothing is wanted', () => {
    const shapes = smallChart({ points: [{ at: '2026-01-01', middle: 2 }], target: null });
    expect(shapes.filter(({ kind }) => kind === 'circle')).toHaveLength(1);
    expect(JSON.stringify(shapes)).not.toContain('NaN');
    expect(JSON.stringify(smallChart({ points: [], target: null }))).not.toContain('NaN');
  });
});
