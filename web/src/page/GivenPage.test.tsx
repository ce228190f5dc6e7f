import 'fake-indexeddb/auto';
import { act, fireEvent, render, screen, waitFor } from '@testing-library/react';
import { IDBFactory } from 'fake-indexeddb';
import { openDB } from 'idb';
import { answering } from '../testing/server.ts';
import type { Asked } from '../testing/server.ts';
import { GivenPage } from './GivenPage.tsx';
import { closeLogDb, readEntries } from '../sync/log-db.ts';
import { keptPage } from './page-db.ts';
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
const POST = `POST /api/p/${TOKEN}/changes`;
interface Sent {
  readonly id: string;
  readonly steps: readonly { thing: string; id: string; fields: object }[];
}
/** Takes every change, or refuses those of a kind. */
const taking =
  (problemOf: (thing: string) => object | null = () => null) =>
  ({ body }: Asked) => ({
    answers: (body as { changes: Sent[] }).changes.map(({ id, steps }) => ({
      ...{ id, things: [] },
      problem: problemOf(steps[0]!.thing),
    })),
  });
const noNetwork = (): void => {
  globalThis.fetch = () => Promise.reject(new TypeError('no network'));
};
const sent = (asked: readonly Asked[]) =>
  asked
    .filter(({ method }) => method === 'POST')
    .flatMap(({ body }) => (body as { changes: Sent[] }).changes.flatMap(({ steps }) => steps))
    .map(({ thing, id, fields }) => [thing, thing === 'word' ? 'a word' : id, fields]);

beforeEach(async () => {
  await closeLogDb();
  globalThis.indexedDB = new IDBFactory();
});

async function open(answers: Record<string, object> = {}): Promise<readonly Asked[]> {
  const asked = answering({
    [GET]: PAGE,
    [POST]: taking(),
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
    expect(sent(asked)).toEqual([['tick', '2026-05-08', { done: true }]]);
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
    await waitFor(async () => expect(await readEntries()).toHaveLength(3));
    // The phone is put away, and the page opened anew where there is still no network.
    await act(() => openPage(TOKEN));
    expect(box('Friday 8 May')).toBeChecked();
    expect(box('Wednesday 6 May')).not.toBeChecked();
    const asked = answering({
      [GET]: { ...PAGE, ticked: ['2026-05-08'] },
      [POST]: taking(),
    });
    await act(lookAgain);
    expect(await screen.findByText('Your coach has everything.')).toBeInTheDocument();
    expect(sent(asked)).toEqual([
      ['tick', '2026-05-08', { done: true }],
      ['tick', '2026-05-06', { done: false }],
      ['word', 'a word', { text: 'The rails feel narrow' }],
    ]);
    expect(await readEntries()).toEqual([]);
  });

  it('tries again what a server in trouble did not take', async () => {
    await open({ [POST]: { status: 503, message: 'Not just now.' } });
    fireEvent.click(box('Friday 8 May'));
    expect(await screen.findByText(/One thing you did is kept/)).toBeInTheDocument();
    expect(await readEntries()).toHaveLength(1);
  });

  it('says what was not taken, and goes on with the rest', async () => {
    const message = 'there is no homework that day';
    const refusing = taking((thing) => (thing === 'tick' ? { statusCode: 400, message } : null));
    const asked = await open({ [POST]: refusing });
    fireEvent.click(box('Friday 8 May'));
    expect(await screen.findByText(/Not taken: there is no homework that day/)).toBeInTheDocument();
    say('Hello');
    await waitFor(() => expect(sent(asked).at(-1)?.[0]).toBe('word'));
    await waitFor(async () => expect(await readEntries()).toEqual([]));
  });

  it('that was withdrawn says so, and leaves nothing on the phone', async () => {
    await open();
    noNetwork();
    say('It hurts when I swing');
    await waitFor(async () => expect(await readEntries()).toHaveLength(1));
    const message = 'Your coach has withdrawn this page. Ask for a new link.';
    answering({ [GET]: { status: 410, message } });
    await act(lookAgain);
    expect(await readEntries()).toEqual([]);
    expect(screen.getByText(message)).toBeInTheDocument();
    noNetwork();
    await act(() => openPage(TOKEN));
    expect(screen.queryByText('Ida Moor')).toBeNull();
    expect(screen.getByText('There is no network just now.')).toBeInTheDocument();
  });

  it('takes over what one store kept of all pages: what waits is sent, and nothing is left there', async () => {
    const db = await openDB('loxos-page', 1, {
      upgrade(made) {
        made.createObjectStore('pages');
        made.createObjectStore('entries', { keyPath: 'id' }).createIndex('order', 'order');
      },
    });
    const at = '2026-05-05T09:00:00.000Z';
    const body = { id: 'r1', drillId: 'rails', good: true };
    const done = [
      { op: 'tick', date: '2026-05-08', done: true },
      { op: 'repeat', body },
      { op: 'say', text: 'Narrow' },
    ];
    for (const [order, one] of done.entries())
      await db.put('entries', { id: `old-${order}`, order, token: TOKEN, at, done: one });
    await db.put('entries', { id: 'of-another', order: 9, token: 'other', at, done: done[0] });
    await db.put('pages', PAGE, TOKEN);
    noNetwork();
    await act(() => openPage(TOKEN));
    render(<GivenPage />);
    expect(box('Friday 8 May')).toBeChecked();
    expect(screen.getByText(/Narrow/)).toBeInTheDocument();
    expect(await keptPage()).toMatchObject({ playerName: 'Ida Moor' });
    const asked = answering({ [GET]: PAGE, [POST]: taking() });
    await act(lookAgain);
    await waitFor(() =>
      expect(sent(asked).sort()).toEqual([
        ['repetition', 'r1', { drillId: 'rails', good: true }],
        ['tick', '2026-05-08', { done: true }],
        ['word', 'a word', { text: 'Narrow' }],
      ]),
    );
    expect((await db.getAll('entries')).map(({ id }: { id: string }) => id)).toEqual([
      'of-another',
    ]);
    db.close();
  });
});
