import 'fake-indexeddb/auto';
import { IDBFactory } from 'fake-indexeddb';
import type { Step } from '@loxos/core';
import { ApiError, queryClient } from '../api/client.ts';
import { keys } from '../api/keys.ts';
import { answering } from '../testing/server.ts';
import type { Asked } from '../testing/server.ts';
import { closeLogDb } from './log-db.ts';
import { useLog, waiting } from './log.ts';
import { push } from './push.ts';
import { wire } from './send.ts';
import { partStep, step } from './step.ts';
import { Sender, fateOf, retryAfterMs } from './sender.ts';

const target = (lessonId: string, words: string) => partStep(lessonId, 'setup', { target: words });

interface Sent {
  readonly id: string;
  readonly steps: readonly Step[];
}
/** A server that answers each change by its first step. */
const server = (answer: (step: Step) => object | null) =>
  answering({
    'POST /api/changes': ({ body }) => {
      const answers: object[] = [];
      for (const { id, steps } of (body as { changes: Sent[] }).changes) {
        const problem = answer(steps[0]!) as { statusCode?: number } | null;
        answers.push({ id, problem, things: [] });
        if ((problem?.statusCode ?? 0) >= 500) break;
      }
      return { answers };
    },
  });
const problem = (statusCode: number, message: string, more: object = {}) => ({
  ...{ statusCode, kind: 'invalid', message, fields: [] },
  ...more,
});
/** The changes of each request. */
const sent = (asked: readonly Asked[]) =>
  asked
    .filter(({ path }) => path === '/api/changes')
    .map(({ body }) => (body as { changes: Sent[] }).changes);
/** What was sent, step by step: of what, and what was said. */
const said = (asked: readonly Asked[]) =>
  sent(asked)
    .flat()
    .flatMap(({ steps }) => steps.map(({ of, fields }) => [of, fields['target']]));
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
  it('sends a lesson’s changes in the order made and in one go, each under its own name', async () => {
    const asked = server(() => null);
    for (const words of ['oak', 'elm', 'ash']) await push(target('a', words));
    const names = useLog.getState().entries.map(({ id }) => id);
    new Sender(wire).kick();
    await settled();
    expect(said(asked)).toEqual([
      ['a', 'oak'],
      ['a', 'elm'],
      ['a', 'ash'],
    ]);
    expect(sent(asked).map((changes) => changes.map(({ id }) => id))).toEqual([names]);
    expect(useLog.getState().entries).toEqual([]);
  });

  it('puts a refused change on the shelf with the reason, and goes on with what is behind it', async () => {
    const asked = server(({ fields }) =>
      fields['target'] === 'oak' ? problem(400, 'target: too long') : null,
    );
    await push(target('a', 'oak'));
    await push(target('a', 'elm'));
    new Sender(wire).kick();
    await settled();
    expect(said(asked)).toHaveLength(2);
    expect(useLog.getState().entries).toMatchObject([
      {
        change: { steps: [{ fields: { target: 'oak' } }] },
        refusal: { reason: 'target: too long' },
      },
    ]);
  });

  it('keeps what somebody else has beside what was wanted', async () => {
    server(() => problem(409, 'changed', { current: { version: 4, target: 'elm' } }));
    await push(target('a', 'oak'));
    new Sender(wire).kick();
    await settled();
    expect(useLog.getState().entries[0]!.refusal).toEqual({
      reason: 'changed',
      current: { version: 4, target: 'elm' },
    });
  });

  it('one lesson whose changes fail does not hold up another, and the rest of its own waits', async () => {
    const asked = server(({ of }) => (of === 'a' ? problem(500, 'bug') : null));
    await push(target('a', 'oak'));
    await push(target('a', 'ash'));
    await push(target('b', 'elm'));
    const refetch = jest.spyOn(queryClient, 'refetchQueries');
    const sender = new Sender(wire);
    sender.kick();
    await settled();
    expect(said(asked)).toContainEqual(['b', 'elm']);
    // What the server now has is asked for, before the change is let go.
    expect(refetch).toHaveBeenCalledWith({ queryKey: keys.piece('b', 'parts') });
    expect(waiting(useLog.getState().entries)).toHaveLength(2);
    // The network is back, and the server mended: what waited goes at once.
    server(() => null);
    sender.hurry();
    await settled();
    expect(useLog.getState().entries).toEqual([]);
  });

  it('finds which of several the server will not even read, and sends the others', async () => {
    const asked = answering({
      'POST /api/changes': ({ body }) => {
        const { changes } = body as { changes: Sent[] };
        if (changes.some(({ steps }) => steps[0]!.fields['target'] === 'elm'))
          return { status: 413, message: 'too large' };
        return { answers: changes.map(({ id }) => ({ id, problem: null, things: [] })) };
      },
    });
    for (const words of ['oak', 'elm', 'ash']) await push(target('a', words));
    new Sender(wire).kick();
    await settled();
    expect(sent(asked).map((changes) => changes.length)).toEqual([3, 1, 1, 1]);
    expect(useLog.getState().entries).toMatchObject([{ refusal: { reason: 'too large' } }]);
  });

  it('waits with a change of which the server said nothing', async () => {
    const asked = answering({ 'POST /api/changes': { answers: [] } });
    await push(target('a', 'oak'));
    new Sender(wire).kick();
    await settled();
    expect(sent(asked)).toHaveLength(1);
    expect(waiting(useLog.getState().entries)).toHaveLength(1);
  });

  it('opens a lesson only once its player is known', async () => {
    let isUp = false;
    const asked = server(() => (isUp ? null : problem(503, 'later')));
    const startsAt = '2026-05-04T09:00:00.000Z';
    await push(step('player.add', { id: 'p' }, { name: 'Bo', hand: 'left' }));
    await push(step('lesson.add', { id: 'a', of: 'p' }, { startsAt }));
    const sender = new Sender(wire);
    const things = () => sent(asked).map(([change]) => change!.steps[0]!.thing);
    sender.kick();
    await settled();
    expect(things()).toEqual(['player']);
    isUp = true;
    sender.hurry();
    await settled();
    expect(things()).toEqual(['player', 'player', 'lesson']);
    expect(useLog.getState().entries).toEqual([]);
  });

  it('does not take a server that is away for one that fails', async () => {
    let isAway = true;
    server(() => {
      if (isAway) throw new TypeError('no network');
      return problem(500, 'bug');
    });
    await push(target('a', 'oak'));
    const sender = new Sender(wire);
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
    new Sender(wire).kick();
    await settled();
    expect(waiting(useLog.getState().entries)).toHaveLength(1);
  });
});
