import 'fake-indexeddb/auto';
import { act, fireEvent, render, screen, waitFor } from '@testing-library/react';
import { answering } from '../testing/server.ts';
import type { Asked } from '../testing/server.ts';
import { GivenPage } from './GivenPage.tsx';
import { emptyPageDb, keptEntries } from './page-db.ts';
import { lookAgain, openPage } from './page-store.ts';

const TOKEN = 'a-token';
const PAGE = {
  points: ['Swing the club more from the inside.'],
  numbers: [],
  slants: [],
  stations: [],
  homework: [
    { date: '2026-05-06', what: 'Ten through the rails' },
    { date: '2026-05-08', what: 'Ten more' },
  ],
  nextLook: '2026-05-18',
  words: null,
  playerName: 'Ida Moor',
  hand: 'left',
  lengthUnit: 'm',
  academy: 'Test academy',
  date: '2026-05-04T09:00:00.000Z',
  expiresAt: '2026-06-04T09:00:00.000Z',
  ticked: ['2026-05-06'],
  repetitions: [],
  said: [],
};
const GET = `GET /api/p/${TOKEN}`;
const TICK = `POST /api/p/${TOKEN}/ticks`;
const SAY = `POST /api/p/${TOKEN}/words`;
const noNetwork = (): void => {
  globalThis.fetch = () => Promise.reject(new TypeError('no network'));
};
const sent = (asked: readonly Asked[]) => asked.filter(({ method }) => method === 'POST');

beforeEach(emptyPageDb);

async function open(answers: Record<string, object> = {}): Promise<readonly Asked[]> {
  const asked = answering({
    [GET]: PAGE,
    [TICK]: { status: 204 },
    [SAY]: { status: 201 },
    ...answers,
  });
  await act(() => openPage(TOKEN));
  render(<GivenPage />);
  return asked;
}
const box = (day: string) => screen.getByLabelText(`Done on ${day}`);
const say = (text: string): void => {
  fireEvent.change(screen.getByLabelText('A word back to your coach'), { target: { value: text } });
  fireEvent.click(screen.getByRole('button', { name: 'Send it' }));
};

describe('a player’s page', () => {
  it('says what to do, and that the coach has everything', async () => {
    await open();
    expect(screen.getByRole('heading', { name: 'Ida Moor' })).toBeInTheDocument();
    expect(screen.getByText('Swing the club more from the inside.')).toBeInTheDocument();
    expect(box('Wednesday 6 May')).toBeChecked();
    expect(screen.getByText('Your coach has everything.')).toBeInTheDocument();
  });

  it('ticks at once, and sends it', async () => {
    const asked = await open();
    fireEvent.click(box('Friday 8 May'));
    expect(box('Friday 8 May')).toBeChecked();
    await waitFor(() => expect(sent(asked)).toHaveLength(1));
    expect(sent(asked)[0]).toMatchObject({ body: { date: '2026-05-08', done: true } });
  });

  it('ticks no day that is still to come', async () => {
    const far = { date: '2999-01-01', what: 'Ten in another age' };
    await open({ [GET]: { ...PAGE, homework: [...PAGE.homework, far] } });
    expect(screen.getByLabelText(/^Done on .* 1 January$/)).toBeDisabled();
    expect(box('Wednesday 6 May')).toBeEnabled();
  });

  it('keeps what is done without network, in order, and sends it once it is back', async () => {
    await open();
    noNetwork();
    fireEvent.click(box('Friday 8 May'));
    fireEvent.click(box('Wednesday 6 May'));
    say('The rails feel narrow');
    expect(await screen.findByText(/3 things you did are kept on this phone/)).toBeInTheDocument();
    expect(screen.getByText(/The rails feel narrow/)).toBeInTheDocument();
    await waitFor(async () => expect(await keptEntries(TOKEN)).toHaveLength(3));
    // The phone is put away, and the page opened anew where there is still no network.
    await act(() => openPage(TOKEN));
    expect(box('Friday 8 May')).toBeChecked();
    expect(box('Wednesday 6 May')).not.toBeChecked();
    const asked = answering({
      [GET]: { ...PAGE, ticked: ['2026-05-08'] },
      [TICK]: { status: 204 },
      [SAY]: { status: 201 },
    });
    await act(lookAgain);
    expect(sent(asked).map(({ path, body }) => [path.split('/').at(-1), body])).toEqual([
      ['ticks', { date: '2026-05-08', done: true }],
      ['ticks', { date: '2026-05-06', done: false }],
      ['words', { id: expect.any(String), text: 'The rails feel narrow' }],
    ]);
    expect(screen.getByText('Your coach has everything.')).toBeInTheDocument();
    expect(await keptEntries(TOKEN)).toEqual([]);
  });

  it('tries again what a server in trouble did not take', async () => {
    await open({ [TICK]: { status: 503, message: 'Not just now.' } });
    fireEvent.click(box('Friday 8 May'));
    expect(await screen.findByText(/One thing you did is kept/)).toBeInTheDocument();
    expect(await keptEntries(TOKEN)).toHaveLength(1);
  });

  it('says what was not taken, and goes on with the rest', async () => {
    const asked = await open({ [TICK]: { status: 400, message: 'there is no homework that day' } });
    fireEvent.click(box('Friday 8 May'));
    expect(await screen.findByText(/Not taken: there is no homework that day/)).toBeInTheDocument();
    say('Hello');
    await waitFor(() => expect(sent(asked).at(-1)?.path).toBe(`/api/p/${TOKEN}/words`));
    expect(await keptEntries(TOKEN)).toEqual([]);
  });

  it('that was withdrawn says so, and leaves nothing on the phone', async () => {
    await open();
    const message = 'Your coach has withdrawn this page. Ask for a new link.';
    answering({ [GET]: { status: 410, message } });
    await act(lookAgain);
    expect(screen.getByText(message)).toBeInTheDocument();
    noNetwork();
    await act(() => openPage(TOKEN));
    expect(screen.queryByText('Ida Moor')).toBeNull();
    expect(screen.getByText('There is no network just now.')).toBeInTheDocument();
  });
});
