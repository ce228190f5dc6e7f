import 'fake-indexeddb/auto';
import { IDBFactory } from 'fake-indexeddb';
import { ApiError, queryClient } from '../api/client.ts';
import { keys } from '../api/keys.ts';
import { answering } from '../testing/server.ts';
import type { Asked } from '../testing/server.ts';
import { closeLogDb } from './log-db.ts';
import { push, useLog, waiting } from './log.ts';
import type { Pending } from './pending.ts';
import { Sender, fateOf, retryAfterMs } from './sender.ts';

const target = (lessonId: string, words: string): Pending => ({
  op: 'part',
  lessonId,
  part: 'setup',
  changes: { target: words },
});
const PATCH_A = 'PATCH /api/lessons/a/parts/setup';
const PATCH_B = 'PATCH /api/lessons/b/parts/setup';
const sent = (asked: readonly Asked[]): unknown[] =>
  asked
    .filter(({ method }) => method !== 'GET')
    .map(({ method, path, body }) => [
      `${method} ${path}`,
      (body as { changes?: { target?: string } }).changes?.target,
    ]);
/** Until nothing more happens by itself. */
async function settled(): Promise<void> {
  for (let i = 0; i < 30; i++) await new Promise((resolve) => setTimeout(resolve, 5));
}

beforeEach(async () => {
  await closeLogDb();
  globalThis.indexedDB = new IDBFactory();
  useLog.setState({ entries: [], isKept: true });
});

describe('what becomes of a change that was not taken', () => {
  it.each([
    [0, 1, 'again'],
    [503, 100, 'again'],
    [429, 100, 'again'],
    [401, 100, 'again'],
    [500, 1, 'again'],
    [500, 6, 'shelf'],
    [400, 1, 'shelf'],
    [404, 1, 'shelf'],
    [409, 1, 'shelf'],
    [410, 1, 'shelf'],
  ] as const)('%d at try %d: %s', (status, tries, fate) => {
    expect(fateOf(new ApiError(status, 'no'), tries)).toBe(fate);
  });

  it('waits longer each time, up to half a minute', () => {
    expect([1, 2, 3, 10].map(retryAfterMs)).toEqual([1000, 2000, 4000, 30_000]);
  });
});

describe('the sender', () => {
  it('sends a lesson’s changes in the order made, each under its own name', async () => {
    const asked = answering({ [PATCH_A]: {} });
    for (const words of ['oak', 'elm', 'ash']) await push(target('a', words));
    new Sender().kick();
    await settled();
    expect(sent(asked)).toEqual([
      [PATCH_A, 'oak'],
      [PATCH_A, 'elm'],
      [PATCH_A, 'ash'],
    ]);
    expect(useLog.getState().entries).toEqual([]);
  });

  it('puts a refused change on the shelf with the reason, and goes on with what is behind it', async () => {
    let count = 0;
    const asked = answering({
      [PATCH_A]: () => {
        count += 1;
        return count === 1 ? { status: 400, message: 'target: too long' } : {};
      },
    });
    await push(target('a', 'oak'));
    await push(target('a', 'elm'));
    new Sender().kick();
    await settled();
    expect(sent(asked)).toHaveLength(2);
    expect(useLog.getState().entries).toMatchObject([
      { change: { changes: { target: 'oak' } }, refusal: { reason: 'target: too long' } },
    ]);
  });

  it('keeps what somebody else has beside what was wanted', async () => {
    answering({
      [PATCH_A]: { status: 409, message: 'changed', current: { version: 4, target: 'elm' } },
    });
    await push(target('a', 'oak'));
    new Sender().kick();
    await settled();
    expect(useLog.getState().entries[0]!.refusal).toEqual({
      reason: 'changed',
      current: { version: 4, target: 'elm' },
    });
  });

  it('one lesson whose changes fail does not hold up another', async () => {
    const asked = answering({ [PATCH_A]: { status: 500, message: 'bug' }, [PATCH_B]: {} });
    await push(target('a', 'oak'));
    await push(target('b', 'elm'));
    const refetch = jest.spyOn(queryClient, 'refetchQueries');
    const sender = new Sender();
    sender.kick();
    await settled();
    expect(sent(asked)).toContainEqual([PATCH_B, 'elm']);
    // What the server now has is asked for, before the change is let go.
    expect(refetch).toHaveBeenCalledWith({ queryKey: keys.piece('b', 'parts') });
    expect(waiting(useLog.getState().entries)).toMatchObject([{ change: { lessonId: 'a' } }]);
    // The network is back, and the server mended: what waited goes at once.
    answering({ [PATCH_A]: {} });
    sender.hurry();
    await settled();
    expect(useLog.getState().entries).toEqual([]);
  });

  it('opens a lesson only once its player is known', async () => {
    let isUp = false;
    const asked = answering({
      'POST /api/players': () => (isUp ? {} : { status: 503, message: 'later' }),
      'POST /api/lessons': {},
    });
    const body = { playerId: 'p', startsAt: '2026-05-04T09:00:00.000Z' };
    await push({ op: 'meet', playerId: 'p', body: { name: 'Bo', hand: 'left' } });
    await push({ op: 'open', lessonId: 'a', body });
    const sender = new Sender();
    sender.kick();
    await settled();
    expect(sent(asked).map((one) => (one as string[])[0])).toEqual(['POST /api/players']);
    isUp = true;
    sender.hurry();
    await settled();
    expect(sent(asked).map((one) => (one as string[])[0])).toEqual([
      'POST /api/players',
      'POST /api/players',
      'POST /api/lessons',
    ]);
    expect(useLog.getState().entries).toEqual([]);
  });

  it('does not take a server that is away for one that fails', async () => {
    let isAway = true;
    answering({
      [PATCH_A]: () => {
        if (isAway) throw new TypeError('no network');
        return { status: 500, message: 'bug' };
      },
    });
    await push(target('a', 'oak'));
    const sender = new Sender();
    sender.kick();
    for (let i = 0; i < 8; i++) {
      await settled();
      sender.hurry();
    }
    isAway = false;
    sender.hurry();
    await settled();
    expect(waiting(useLog.getState().entries)).toHaveLength(1);
  });

  it('with no answer nothing is lost, and nothing is refused', async () => {
    globalThis.fetch = () => Promise.reject(new TypeError('no network'));
    await push(target('a', 'oak'));
    new Sender().kick();
    await settled();
    expect(waiting(useLog.getState().entries)).toHaveLength(1);
  });
});
