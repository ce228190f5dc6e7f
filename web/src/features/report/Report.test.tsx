import { onlineManager } from '@tanstack/react-query';
import { act, fireEvent, screen, waitFor, within } from '@testing-library/react';
import { Route, Routes } from 'react-router';
import { useLog } from '../../sync/log.ts';
import { playerWith } from '../../testing/player.ts';
import { answerWith, recordWith } from '../../testing/record.ts';
import { pending, show } from '../../testing/render.tsx';
import type { Known } from '../../testing/render.tsx';
import { answering } from '../../testing/server.ts';
import { ReportPage } from './ReportPage.tsx';

jest.mock('../../ui/RichEditor.tsx', () => ({
  __esModule: true,
  default: () => <p>The editor</p>,
}));

const mended = [
  ...Array.from({ length: 5 }, () => ({ path: -6, face: 0 })),
  ...Array.from({ length: 5 }, () => ({ path: 0, face: 0 })),
];
const HOMEWORK = [
  { date: '2026-02-03', isDone: true },
  { date: '2026-02-05', isDone: false },
];
const REPORTS = 'GET /api/players/ada/reports';
function open(
  player = playerWith({}),
  more: Known = {},
  record = recordWith(mended),
  reports: object | (() => Promise<object>) = [],
) {
  const asked = answering({
    'GET /api/players/ada/record': answerWith(record, { homework: HOMEWORK }),
    'GET /api/players/ada/given': [],
    [REPORTS]: reports,
    'POST /api/players/ada/reports': { status: 201, token: 'a-token' },
  });
  show(
    <Routes>
      <Route path="/players/:playerId/report" element={<ReportPage />} />
    </Routes>,
    { players: [player], isAnswered: true, ...more },
    '/players/ada/report',
  );
  return asked;
}
const preview = () => screen.findByRole('region', { name: 'What the player will see' });
const lastReport = () => {
  return pending().at(-1)!.fields['report'];
};

beforeEach(() => useLog.setState({ entries: [] }));

describe('a report', () => {
  it('says in the player’s words how the period went, with a picture, the numbers and the homework', async () => {
    open();
    const seen = within(await preview());
    expect(
      seen.getByText(/^Your clubface is .* over your last 5 visits: as you want it\.$/),
    ).toBeInTheDocument();
    expect(
      seen.getByRole('img', { name: /^Face to path from visit to visit/ }),
    ).toBeInTheDocument();
    const gap = seen.getByRole('row', { name: /^Face to path/ });
    expect(gap).toHaveTextContent(/6.*open.*as wanted/);
    expect(seen.getByText(/1 of 2 homework days done/)).toBeInTheDocument();
    expect(seen.getByRole('img', { name: /^At first: face and path/ })).toBeInTheDocument();
  });

  it('keeps what the coach writes over a sentence, and the rest follows the record', async () => {
    open();
    await preview();
    const second = screen.getByLabelText('Second sentence');
    fireEvent.change(second, { target: { value: 'Well done.' } });
    fireEvent.blur(second);
    expect(lastReport()).toEqual({ findings: [null, 'Well done.', null] });
    const seen = within(await preview());
    expect(seen.getByText('Well done.')).toBeInTheDocument();
    expect(seen.getByText(/ went from .* nearer to what you want/)).toBeInTheDocument();
    fireEvent.click(screen.getByRole('button', { name: /^Start anew/ }));
    expect(lastReport()).toBeNull();
  });

  it('is of the last half year unless another period is chosen', async () => {
    open();
    await preview();
    fireEvent.click(screen.getByRole('button', { name: 'The last year' }));
    const { from, to } = lastReport() as { from: string; to: string };
    expect((Date.parse(to) - Date.parse(from)) / 864e5).toBeGreaterThan(360);
  });

  it('is given behind a link, with its period', async () => {
    const asked = open();
    await preview();
    fireEvent.click(screen.getByRole('button', { name: 'Make the link' }));
    const link = await screen.findByRole('link', { name: /\/p\/a-token$/ });
    expect(link).toHaveAttribute('href', 'http://localhost/p/a-token');
    expect(asked.find(({ method }) => method === 'POST')!.body).toEqual({ days: 30, kind: 'iron' });
  });

  it('is given once what was written over it is stored', async () => {
    open();
    await preview();
    const second = screen.getByLabelText('Second sentence');
    fireEvent.change(second, { target: { value: 'Well done.' } });
    fireEvent.blur(second);
    expect(screen.getByRole('button', { name: 'Make the link' })).toBeDisabled();
    expect(screen.getByText(/still on its way: the link is made once it is stored/)).toBeVisible();
    act(() => useLog.setState({ entries: [] }));
    expect(screen.getByRole('button', { name: 'Make the link' })).toBeEnabled();
  });

  it('is given once all it is made of is here', async () => {
    let come: (reports: object) => void = () => undefined;
    const coming = new Promise<object>((resolve) => (come = resolve));
    // The reports given so far are slow to come.
    open(playerWith({}), {}, recordWith(mended), () => coming);
    expect(await screen.findByText(/^▲ Still fetching what the page is made of/)).toBeVisible();
    expect(screen.getByRole('button', { name: 'Make the link' })).toBeDisabled();
    act(() => come([]));
    await waitFor(() =>
      expect(screen.getByRole('button', { name: 'Make the link' })).toBeEnabled(),
    );
  });

  it('of one period is never given as that of another while that is fetched', async () => {
    open();
    await preview();
    globalThis.fetch = () => new Promise(() => undefined);
    fireEvent.click(screen.getByRole('button', { name: 'The last year' }));
    expect(await screen.findByText('Reading …')).toBeInTheDocument();
    expect(screen.queryByRole('button', { name: 'Make the link' })).toBeNull();
    expect(screen.queryByText(/^Your clubface/)).toBeNull();
  });

  it('says so where there is no network to make another period’s', async () => {
    open();
    await preview();
    act(() => onlineManager.setOnline(false));
    fireEvent.click(screen.getByRole('button', { name: 'The last year' }));
    expect(await screen.findByText(/^▲ No network just now: the report/)).toBeInTheDocument();
    act(() => onlineManager.setOnline(true));
    expect(await preview()).toBeInTheDocument();
  });

  it('of a period without a ball says so', async () => {
    open(playerWith({}), {}, null);
    expect(await screen.findByText(/^No visit with a named club in this period/)).toBeVisible();
    expect(screen.queryByRole('button', { name: 'Make the link' })).toBeNull();
  });

  it('is seen by an assistant, who cannot change it', async () => {
    open(playerWith({}), { role: 'assistant' });
    await preview();
    expect(screen.queryByLabelText('Second sentence')).toBeNull();
    expect(screen.getByRole('button', { name: 'The last year' })).toBeDisabled();
  });
});
