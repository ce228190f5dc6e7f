import { fireEvent, screen, within } from '@testing-library/react';
import { recordCsv } from '@loxos/core';
import { Route, Routes, useLocation } from 'react-router';
import { playerWith } from '../../testing/player.ts';
import { answerWith, recordWith } from '../../testing/record.ts';
import type { WeekOf } from '../../testing/record.ts';
import { show } from '../../testing/render.tsx';
import { RecordPage } from './RecordPage.tsx';
import { monthsBetween, spanOf } from '../../drawing/time-axis.ts';
import { datasetsOf, drawnPlaces } from './long-chart-data.ts';

jest.mock('./LongChart.tsx', () => ({
  __esModule: true,
  default: ({ label }: { label: string }) => <p>{label}</p>,
}));

const ada = playerWith({});
const Where = () => <output aria-label="address">{useLocation().search}</output>;
/** Opens it, with the chart there: it is fetched on its own. */
async function open(answer: { readonly record: unknown }): Promise<void> {
  show(
    <>
      <Where />
      <Routes>
        <Route path="/players/:playerId/record" element={<RecordPage />} />
      </Routes>
    </>,
    { players: [ada], record: answer as never },
    '/players/ada/record',
  );
  // Fetched on its own, the first time by a machine that has much else to do.
  if (answer.record !== null) await screen.findByText(/, visit by visit/, {}, { timeout: 10_000 });
}
/** Opens the table behind the chart: it is made when it is looked at. */
function openTable(): void {
  const details = screen.getByText(/visits as a table$/).closest('details')!;
  details.open = true;
  fireEvent(details, new Event('toggle'));
}
const times = (count: number, week: WeekOf): WeekOf[] => Array.from({ length: count }, () => week);
const mended = [
  ...times(4, { path: -6, face: 0 }),
  { path: -6, face: 0, drillId: 'rails' },
  ...times(5, { path: 0, face: 0 }),
];

describe('a record', () => {
  it('says first where face to path stands and since when, then shows it', async () => {
    await open(answerWith(recordWith(mended)));
    expect(screen.getByText(/^Face to path: 0.*\(5 visits\), as wanted\.$/)).toBeInTheDocument();
    expect(
      screen.getByText(/^(Path|Face to path) .* since Mon 9 Feb 2026 \(5 visits\)\.$/),
    ).toBeInTheDocument();
    expect(await screen.findByText(/^Face to path, visit by visit/)).toBeInTheDocument();
  });

  it('has its figures to choose from, kept in the address', async () => {
    await open(answerWith(recordWith(mended)));
    fireEvent.click(screen.getByRole('radio', { name: 'Path' }));
    expect(await screen.findByText(/^Path, visit by visit/)).toBeInTheDocument();
    expect(screen.getByLabelText('address')).toHaveTextContent('figure=clubPathDeg');
  });

  it('shows first the figure that is off where the gap is not', async () => {
    await open(answerWith(recordWith(times(6, { path: -7, face: -7 }))));
    expect(await screen.findByText(/^Path, visit by visit/)).toBeInTheDocument();
    expect(screen.getByText(/^Path: 7.* out-to-in \(6 visits\)/)).toBeInTheDocument();
  });

  it('lays the two periods beside each other: score, landings, face against path', async () => {
    await open(answerWith(recordWith(mended)));
    const score = screen.getByRole('region', { name: 'The plain score' });
    expect(within(score).getByText('since Mon 9 Feb 2026')).toBeInTheDocument();
    const path = within(score).getByRole('row', { name: /^path along/ });
    expect(path).toHaveTextContent('0 of 60');
    expect(path).toHaveTextContent('60 of 60');
    expect(screen.getByRole('img', { name: /^Face against path/ })).toBeInTheDocument();
    expect(screen.getByRole('img', { name: /^Where the balls land/ })).toBeInTheDocument();
  });

  it('says of two periods that two sources wrote down that it may be the monitor', async () => {
    const record = recordWith(mended)!;
    const visits = record.visits.map((visit, n) => ({ ...visit, source: n < 5 ? 'a' : 'b' }));
    await open(answerWith({ ...record, visits }));
    expect(screen.getByText(/what differs may be the monitor/)).toBeInTheDocument();
  });

  it('has every visit as a row that opens its lesson, and as CSV', async () => {
    const record = recordWith(mended)!;
    await open(answerWith(record));
    openTable();
    const links = screen.getAllByRole('link', { name: /2026$/ });
    expect(links).toHaveLength(10);
    expect(links[0]).toHaveAttribute('href', '/lessons/visit 9/read');
    const [head, first] = recordCsv(record).split('\n');
    expect(head).toContain('visit,balls,Face to path (° right),Face to path (° right) spread');
    expect(first).toContain('2026-01-05T10:00:00.000Z,12,6');
  });

  it('says what moved what, and what stations there were', async () => {
    const stations = [
      { drillId: 'rails', date: '2026-02-02', good: 6, of: 10, doseStep: null, isHome: false },
      { drillId: 'rails', date: '2026-02-04', good: 9, of: 10, doseStep: 2, isHome: true },
    ];
    await open(answerWith(recordWith(mended), { stations }));
    expect(screen.getByText(/^Nothing yet: a drill’s block/)).toBeInTheDocument();
    expect(
      screen.getByRole('img', { name: /15 of 20 good over 2 days, last 9 of 10, at step 3 of 4/ }),
    ).toBeInTheDocument();
  });

  it('says what homework goes with, and never that it is the cause', async () => {
    // Done after every other visit, and the next one nearer each time.
    const path = [-8, -5, -8, -5, -8, -5, -8, -5];
    const weeks = path.map((one) => ({ path: one, face: 0 }));
    const homework = Array.from({ length: 7 }, (_, week) =>
      [2, 4].map((plus) => ({
        date: new Date(Date.UTC(2026, 0, 5 + 7 * week + plus)).toISOString().slice(0, 10),
        isDone: week % 2 === 0,
      })),
    ).flat();
    const stations = [
      { drillId: 'rails', date: '2026-02-02', good: 6, of: 10, doseStep: null, isHome: false },
    ];
    await open(answerWith(recordWith(weeks), { homework, stations }));
    expect(screen.getByText(/^After homework the .* nearer than without it/)).toBeInTheDocument();
    expect(screen.getByText(/that one makes the other is not shown/)).toBeInTheDocument();
  });

  it('parts the visits on the day that is chosen, and goes back', async () => {
    await open(answerWith(recordWith(mended)));
    const day = screen.getByLabelText('The second period begins');
    expect(day).toHaveValue('Mon 9 Feb 2026');
    fireEvent.change(day, { target: { value: '19 Jan 2026' } });
    expect(screen.getByLabelText('address')).toHaveTextContent('parted=2026-01-19');
    fireEvent.click(screen.getByRole('button', { name: 'As the record parts them' }));
    expect(screen.getByLabelText('address')).not.toHaveTextContent('parted');
  });

  it('says which club or source changed, and shows how a figure spreads', async () => {
    const weeks = mended.map((week, n) => (n < 7 ? week : { ...week, club: '8-iron' }));
    await open(answerWith(recordWith(weeks)));
    expect(screen.getByText(/dashed: another club or source of figures/)).toBeInTheDocument();
    fireEvent.click(screen.getByRole('radio', { name: 'How it spreads' }));
    expect(await screen.findByText(/visit by visit, how it spreads/)).toBeInTheDocument();
    expect(screen.queryByText(/Plum: the levels/)).toBeNull();
  });

  it('leads to a report of the same clubs', async () => {
    await open(answerWith(recordWith(mended)));
    expect(screen.getByRole('link', { name: 'Report' })).toHaveAttribute(
      'href',
      '/players/ada/report?kind=iron',
    );
  });

  it('says of too few balls that it says nothing yet', () => {
    show(
      <Routes>
        <Route path="/players/:playerId/record" element={<RecordPage />} />
      </Routes>,
      { players: [ada], record: answerWith({ ...recordWith(mended)!, followed: [] }) },
      '/players/ada/record',
    );
    expect(
      screen.getByText(/^Nothing to say yet: a visit is a point from three/),
    ).toBeInTheDocument();
  });

  it('is what the first balls begin', async () => {
    await open(answerWith(null));
    expect(screen.getByText(/^The record begins with the first balls/)).toBeInTheDocument();
  });

  it('has kinds of club to choose from where there are several', async () => {
    const driver = { path: 2, face: 0, club: 'driver' };
    await open(answerWith(recordWith([...mended, driver, driver])));
    fireEvent.click(screen.getByRole('radio', { name: 'Driver' }));
    expect(screen.getByLabelText('address')).toHaveTextContent('kind=driver');
  });

  it('says of two visits that a change is not called yet', async () => {
    await open(answerWith(recordWith(times(2, { path: -3, face: 0 }))));
    expect(screen.getByText(/^Two visits with this kind of club so far/)).toBeInTheDocument();
  });
});

describe('the long chart', () => {
  const record = recordWith(mended)!;
  const [followed] = record.followed;
  const told = {
    followed: followed!,
    worked: new Set(record.worked),
    homework: ['2026-02-03'],
    marks: [],
  };
  const places = followed!.points.map((_, n) => n);
  const named = (name: string) =>
    datasetsOf(told, (value) => value, places).filter(({ label }) => label === name);

  it('has a point a visit, another mark where a drill was worked on, and a level each', () => {
    const [visits] = named('visit');
    expect(visits!.data).toHaveLength(10);
    expect(visits!.pointStyle).toEqual([
      ...Array<string>(4).fill('circle'),
      'rectRot',
      ...Array<string>(5).fill('circle'),
    ]);
    const [levels] = named('level');
    expect(levels!.data.map(({ y }) => Math.round(y))).toEqual([6, 6, NaN, 0, 0, NaN]);
    expect(named('homework done')[0]!.data).toHaveLength(1);
  });

  it('lies on the wanted lane, from before the first visit to after the last', () => {
    const [upper, lower] = named('wanted');
    expect(upper!.data.map(({ y }) => y)).toEqual([1, 1]);
    expect(lower!.data.map(({ y }) => y)).toEqual([-1, -1]);
    const [from, to] = spanOf(followed!.points);
    expect(from).toBeLessThan(new Date(followed!.points[0]!.at).getTime());
    expect(to).toBeGreaterThan(new Date(followed!.points.at(-1)!.at).getTime());
    const free = { ...told, followed: { ...followed!, target: null } };
    expect(datasetsOf(free, (v) => v, places).some(({ label }) => label === 'wanted')).toBe(false);
  });

  it('draws of very many visits those that stick out, of what is looked at', () => {
    const [point] = followed!.points;
    const many = Array.from({ length: 4000 }, (_, n) => ({
      ...point!,
      at: new Date(Date.UTC(2010, 0, 1 + n)).toISOString(),
      middle: n === 2222 ? 30 : Math.sin(n),
    }));
    const all = drawnPlaces(many, spanOf(many));
    expect(all.length).toBeLessThan(210);
    expect(all).toContain(2222);
    const year = [Date.UTC(2012, 0, 1), Date.UTC(2012, 2, 1)] as const;
    const seen = drawnPlaces(many, year);
    // All of two months, and the visit beside them to each side.
    expect(seen).toHaveLength(61 + 2);
    expect(seen[0]).toBe(729);
  });

  it('names so few months that they can be read', () => {
    const year = monthsBetween(Date.UTC(2025, 0, 15), Date.UTC(2025, 3, 15));
    expect(year).toHaveLength(3);
    const many = monthsBetween(Date.UTC(2015, 0, 15), Date.UTC(2025, 3, 15));
    expect(many.length).toBeLessThanOrEqual(13);
    expect(many.length).toBeGreaterThan(6);
  });
});
