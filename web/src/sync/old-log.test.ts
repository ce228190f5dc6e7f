import 'fake-indexeddb/auto';
import { IDBFactory } from 'fake-indexeddb';
import { openDB } from 'idb';
import { answering } from '../testing/server.ts';
import { closeLogDb } from './log-db.ts';
import { readLog, useLog } from './log.ts';
import { isFile, stepsOf } from './pending.ts';
import { wire } from './send.ts';
import { Sender } from './sender.ts';

const LESSON = 'lesson-1';
const ball = { id: 'ball-1', lessonId: LESSON, ordinal: 3, carryM: 100 };
const file = { name: 'range.csv', bytes: new ArrayBuffer(8) };

/** Every change as it was kept before changes had steps, and what is to be sent of it. */
const OLD: readonly (readonly [object, string, string, string, object])[] = [
  [
    { op: 'add', lessonId: LESSON, ballId: 'b', body: { carryM: 9 } },
    'ball.add',
    'b',
    LESSON,
    { carryM: 9 },
  ],
  [
    { op: 'change', lessonId: LESSON, ballId: 'b', body: { keep: 'out' } },
    'ball.set',
    'b',
    LESSON,
    { keep: 'out' },
  ],
  [
    { op: 'remove', lessonId: LESSON, ballId: 'b', ball },
    'ball.remove',
    'b',
    LESSON,
    { lessonId: LESSON, ordinal: 3, carryM: 100 },
  ],
  [
    { op: 'restore', lessonId: LESSON, ballId: 'b', ball },
    'ball.restore',
    'b',
    LESSON,
    { lessonId: LESSON, ordinal: 3, carryM: 100 },
  ],
  [
    { op: 'move', lessonId: LESSON, ballIds: ['b'], blockId: null },
    'ball.set',
    'b',
    LESSON,
    { blockId: null },
  ],
  [
    { op: 'begin', lessonId: LESSON, body: { id: 'k', kind: 'play' } },
    'block.add',
    'k',
    LESSON,
    { kind: 'play' },
  ],
  [
    { op: 'block', lessonId: LESSON, blockId: 'k', body: { note: 'x' } },
    'block.set',
    'k',
    LESSON,
    { note: 'x' },
  ],
  [{ op: 'unblock', lessonId: LESSON, blockId: 'k' }, 'block.remove', 'k', LESSON, {}],
  [
    { op: 'part', lessonId: LESSON, part: 'setup', changes: { target: 'oak' } },
    'part.set',
    `${LESSON}.setup`,
    LESSON,
    { target: 'oak' },
  ],
  [
    { op: 'repeat', lessonId: LESSON, body: { id: 'r', drillId: 'rails', good: true } },
    'repetition.add',
    'r',
    LESSON,
    { drillId: 'rails', good: true },
  ],
  [{ op: 'unrepeat', lessonId: LESSON, repetitionId: 'r' }, 'repetition.remove', 'r', LESSON, {}],
  [
    { op: 'open', lessonId: LESSON, body: { playerId: 'p', startsAt: 't' } },
    'lesson.add',
    LESSON,
    'p',
    { startsAt: 't' },
  ],
  [
    { op: 'lesson', lessonId: LESSON, body: { asked: 'x' } },
    'lesson.set',
    LESSON,
    '',
    { asked: 'x' },
  ],
  [{ op: 'close', lessonId: LESSON }, 'lesson.remove', LESSON, '', {}],
  [{ op: 'reopen', lessonId: LESSON }, 'lesson.restore', LESSON, '', {}],
  [{ op: 'unfile', lessonId: LESSON, fileId: 'f' }, 'file.remove', 'f', LESSON, {}],
  [
    { op: 'meet', playerId: 'p', body: { name: 'Bo', hand: 'left' } },
    'player.add',
    'p',
    '',
    { name: 'Bo', hand: 'left' },
  ],
  [{ op: 'player', playerId: 'p', body: { aims: 'x' } }, 'player.set', 'p', '', { aims: 'x' }],
  [{ op: 'part-with', playerId: 'p' }, 'player.remove', 'p', '', {}],
  [{ op: 'take-back', playerId: 'p' }, 'player.restore', 'p', '', {}],
  [
    { op: 'invent', drillId: 'own-d', body: { name: 'Gate' } },
    'drill.add',
    'own-d',
    '',
    { name: 'Gate' },
  ],
  [{ op: 'forget', drillId: 'own-d' }, 'drill.remove', 'own-d', '', {}],
  [
    { op: 'recall', drillId: 'own-d', drill: { id: 'own-d', name: 'Gate' } },
    'drill.restore',
    'own-d',
    '',
    { name: 'Gate' },
  ],
  [
    { op: 'rules', changes: { firstRoute: 'path' } },
    'setting.set',
    'academy',
    '',
    { firstRoute: 'path' },
  ],
];

/** A browser's store as the version before left it, with changes that wait. */
async function storeOfBefore(changes: readonly object[]): Promise<void> {
  const db = await openDB('loxos', 2, {
    upgrade(made) {
      made.createObjectStore('entries', { keyPath: 'id' }).createIndex('order', 'order');
      made.createObjectStore('single');
      made.createObjectStore('answers');
    },
  });
  for (const [n, change] of changes.entries()) {
    const at = '2026-05-04T09:00:00.000Z';
    await db.put('entries', { id: `change-${n}`, order: n, at, change, seen: n, refusal: null });
  }
  await db.put('single', 'tablet', 'device');
  db.close();
}

beforeEach(async () => {
  await closeLogDb();
  globalThis.indexedDB = new IDBFactory();
  useLog.setState({ entries: [] });
});

describe('what waits from before changes had steps', () => {
  it.each(OLD)('%j is sent as %s', async (change, name, id, of, fields) => {
    await storeOfBefore([change]);
    await readLog();
    const [entry] = useLog.getState().entries;
    expect(entry).toMatchObject({ id: 'change-0', order: 0, refusal: null });
    const [step] = stepsOf([entry!.change]);
    expect(`${step!.thing}.${step!.verb}`).toBe(name);
    expect(step).toMatchObject({ id, of, fields });
    expect(Object.keys(step!.fields)).toEqual(Object.keys(fields));
  });

  it('keeps the version that was seen, but of many balls moved as one', async () => {
    const moved = { op: 'move', lessonId: LESSON, ballIds: ['a', 'b'], blockId: 'k' };
    await storeOfBefore([{ op: 'lesson', lessonId: LESSON, body: {} }, OLD[1]![0], moved]);
    await readLog();
    const steps = stepsOf(useLog.getState().entries.map(({ change }) => change));
    expect(steps.map(({ seen }) => seen)).toEqual([0, 1, null, null]);
  });

  it('keeps a launch file as it came', async () => {
    const answers = { signs: 'target' };
    await storeOfBefore([{ op: 'file', lessonId: LESSON, file, answers, isAskedAgain: true }]);
    await readLog();
    const { change } = useLog.getState().entries[0]!;
    expect(isFile(change) && change.file.bytes.byteLength).toBe(8);
    expect(change).toMatchObject({ lessonId: LESSON, answers, isAskedAgain: true });
  });

  it('fifty of them all reach the server, each once and in the order made', async () => {
    const fifty = Array.from({ length: 50 }, (_, n) => OLD[n % 11]![0]);
    await storeOfBefore(fifty);
    await readLog();
    const asked = answering({
      'POST /api/changes': ({ body }) => ({
        answers: (body as { changes: { id: string }[] }).changes.map(({ id }) => ({
          ...{ id, problem: null, things: [] },
        })),
      }),
    });
    new Sender(wire).kick();
    for (let i = 0; i < 60; i++) await new Promise((resolve) => setTimeout(resolve, 5));
    const sent = asked
      .filter(({ path }) => path === '/api/changes')
      .flatMap(({ body }) => (body as { changes: { id: string }[] }).changes);
    expect(sent.map(({ id }) => id)).toEqual(fifty.map((_, n) => `change-${n}`));
    expect(useLog.getState().entries).toEqual([]);
  });

  it('reads what it wrote itself as it is', async () => {
    await storeOfBefore([OLD[0]![0]]);
    await readLog();
    const first = useLog.getState().entries;
    await closeLogDb();
    await readLog();
    expect(useLog.getState().entries).toEqual(first);
  });
});
