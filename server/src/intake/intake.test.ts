import { readFileSync } from 'node:fs';
import { BALL_QUANTITIES, ballsSchema } from '@loxos/core';
import { Ajv2020 } from 'ajv/dist/2020.js';
import writeSheets from 'write-excel-file/node';
import { PLAIN_FILE, startTestApp } from '../testing/app.ts';
import type { Ball } from '../balls/ball.dto.ts';
import { BallsRepository } from '../balls/balls.repository.ts';
import { launchFile } from '../db/schema/index.ts';
import { Store } from '../db/store.ts';
import type { TestApp } from '../testing/app.ts';
import type { IntakeResult } from './intake.dto.ts';
import type { FileUnderWay } from './uploads-under-way.controller.ts';
import type { HistoryEntry } from '../changes/past.dto.ts';
import { edit, putBack, putInto } from '../testing/edit.ts';

let t: TestApp;
beforeAll(async () => (t = await startTestApp()));
afterAll(() => t.close());

const drop = (
  lessonId: string,
  content: string | Buffer,
  name = 'session.csv',
  answers?: unknown,
) => {
  const sent = t
    .http()
    .post(`/api/lessons/${lessonId}/files`)
    .attach('file', Buffer.from(content), name);
  return answers === undefined ? sent : sent.field('answers', JSON.stringify(answers));
};
/** The body of an answer as its bytes. */
const bytesOf = (answer: unknown, done: (error: Error | null, body: unknown) => void): void => {
  const parts: Buffer[] = [];
  const stream = answer as NodeJS.ReadableStream;
  stream.on('data', (part: Buffer) => parts.push(part));
  stream.on('end', () => done(null, Buffer.concat(parts)));
};
const ballsOf = async (lessonId: string): Promise<Ball[]> => (await t.whole(lessonId)).balls;

describe('a launch file', () => {
  it('becomes balls, keeps its bytes, and adds nothing the second time', async () => {
    const lessonId = await t.lesson();
    const first = await drop(lessonId, PLAIN_FILE, 'série.csv').expect(200);
    expect(first.body).toMatchObject({ outcome: 'added', message: '2 balls added.' });
    expect(await ballsOf(lessonId)).toHaveLength(2);
    const raw = await t.http().get(`/api/files/${first.body.file.id}`).buffer(true);
    expect(Buffer.from(raw.body).toString() || raw.text).toBe(PLAIN_FILE);
    const again = await drop(lessonId, PLAIN_FILE, 'copy.csv').expect(200);
    expect(again.body.outcome).toBe('known');
    expect(again.body.message).toContain('série.csv');
    expect(await ballsOf(lessonId)).toHaveLength(2);
  });

  it('sent again since its answer was lost is taken once, and told what became of it', async () => {
    const lessonId = await t.lesson();
    const send = () => drop(lessonId, PLAIN_FILE).set('x-loxos-change', 'lost-answer').expect(200);
    const first = await send();
    const again = await send();
    expect(again.body).toMatchObject({ outcome: 'added', message: first.body.message });
    expect(await ballsOf(lessonId)).toHaveLength(2);
    // What was taken back meanwhile is not brought in by it.
    await edit(t.http(), 'file.remove', { id: first.body.file.id }).expect(200);
    await send();
    expect(await ballsOf(lessonId)).toEqual([]);
  });

  it('that is a longer export of the same session adds only what is new', async () => {
    const lessonId = await t.lesson();
    await drop(lessonId, PLAIN_FILE);
    const { body } = await drop(lessonId, `${PLAIN_FILE}7 iron,0.5,-2.0,141\n`);
    expect(body.message).toBe('1 ball added, 2 already here.');
    expect(await ballsOf(lessonId)).toHaveLength(3);
  });

  it('with bad rows keeps the good ones and says why', async () => {
    const lessonId = await t.lesson();
    const { body } = await drop(lessonId, `${PLAIN_FILE}7 iron,open,-2.0,141\n`);
    expect(body.message).toContain('1 row refused');
    // What was refused comes first.
    expect(body.rows).toMatchObject({ count: 4, refused: 1 });
    expect(body.rows.rows[0]).toMatchObject({ line: 4, fate: 'rejected' });
    expect(body.rows.rows[0].reason).toContain('Face angle');
  });

  it('that leaves a unit open asks first, then remembers the answer for that source', async () => {
    const text = 'Club,Face,Path,Ball speed\n7i,1,-3,50\n';
    const lessonId = await t.lesson();
    const asked = await drop(lessonId, text);
    expect(asked.body.outcome).toBe('questions');
    expect(await ballsOf(lessonId)).toEqual([]);
    const answers = { columns: [{ header: 'Ball speed', meaning: 'ballSpeedMps', unit: 'm/s' }] };
    expect((await drop(lessonId, text, 'a.csv', answers)).body.outcome).toBe('added');
    const other = await t.lesson();
    expect((await drop(other, text)).body.outcome).toBe('added');
    expect((await ballsOf(other))[0]).toMatchObject({ ballSpeedMps: 50 });
  });

  it('of a left-hander asks what plus means', async () => {
    const lessonId = await t.lesson(await t.player({ hand: 'left' }));
    const asked = await drop(lessonId, PLAIN_FILE);
    expect(asked.body.questions).toMatchObject([{ kind: 'signs' }]);
    await drop(lessonId, PLAIN_FILE, 'a.csv', { signs: 'hand-club' });
    expect((await ballsOf(lessonId))[0]).toMatchObject({ faceAngleDeg: -1, clubPathDeg: 3 });
  });

  it('taken back is gone, and dropped again is back', async () => {
    const lessonId = await t.lesson();
    const { body } = await drop(lessonId, PLAIN_FILE);
    await edit(t.http(), 'file.remove', { id: body.file.id }).expect(200);
    expect(await ballsOf(lessonId)).toEqual([]);
    expect((await drop(lessonId, PLAIN_FILE)).body.outcome).toBe('added');
    expect(await ballsOf(lessonId)).toHaveLength(2);
  });
});

describe('a file of many balls, which comes by steps', () => {
  const MANY = `Club,Face angle (deg),Club path (deg)\n${Array.from(
    { length: 900 },
    (_, n) => `7 iron,${n / 100},-3`,
  ).join('\n')}\n`;
  const ordinals = async (lessonId: string) =>
    (await ballsOf(lessonId)).map(({ ordinal }) => ordinal);
  const oneTo = (count: number) => Array.from({ length: count }, (_, n) => n + 1);

  it('cut short shows nothing, and dropped again brings each ball once', async () => {
    const lessonId = await t.lesson();
    const balls = t.app.get(BallsRepository);
    const put = jest.spyOn(balls, 'insertRead');
    const store = put.getMockImplementation() ?? BallsRepository.prototype.insertRead.bind(balls);
    let steps = 0;
    put.mockImplementation((...asked) => {
      steps += 1;
      if (steps === 3) throw new Error('cut short');
      return store(...asked);
    });
    await drop(lessonId, MANY).expect(500);
    expect(await ballsOf(lessonId)).toEqual([]);
    expect((await t.whole(lessonId)).files).toEqual([]);
    put.mockRestore();
    const { body } = await drop(lessonId, MANY).expect(200);
    expect(body).toMatchObject({ outcome: 'added', message: '900 balls added.' });
    const faces = (await ballsOf(lessonId)).map(({ faceAngleDeg }) => faceAngleDeg);
    expect(new Set(faces).size).toBe(900);
    expect(faces).toHaveLength(900);
  });

  it('says how far it is, and told to stop shows nothing, and dropped again brings each ball once', async () => {
    const lessonId = await t.lesson();
    const rows = Array.from(
      { length: 5000 },
      (_, i) => `7 iron,${(i % 40) / 10},-2.0,14${i % 10}\n`,
    );
    const many = `Club,Face angle,Club path,Carry (m)\n${rows.join('')}`;
    const way = '/api/files-under-way/stopped';
    const sending = drop(lessonId, many, 'many.csv').set('x-loxos-change', 'stopped');
    const sent = sending.then((answer) => answer.body as IntakeResult);
    const seen: FileUnderWay[] = [];
    while (seen.at(-1)?.stage !== 'storing' || seen.at(-1)!.share === 0) {
      const { body, status } = await t.http().get(way);
      if (status === 200) seen.push(body as FileUnderWay);
    }
    expect(seen.at(-1)).toMatchObject({ stage: 'storing', canStop: true });
    expect(seen.at(-1)!.share).toBeLessThan(1);
    await t.http().delete(way).expect(204);
    const { outcome, message, file } = await sent;
    expect({ outcome, message, file }).toEqual({
      outcome: 'stopped',
      message: '“many.csv” was stopped: nothing of it is added. Drop it again to bring it in.',
      file: null,
    });
    expect(await ballsOf(lessonId)).toEqual([]);
    await t.http().get(way).expect(404);
    const again = await drop(lessonId, many, 'many.csv').expect(200);
    expect(again.body.message).toBe('5000 balls added.');
    expect(await ballsOf(lessonId)).toHaveLength(5000);
  });

  it('that is in the lesson is not stopped half way through being read otherwise', async () => {
    const lessonId = await t.lesson();
    const many = `Club,Face,Path,Carry\n${Array.from({ length: 900 }, (_, i) => `7i,1,-3,${100 + i / 10}\n`).join('')}`;
    const inUnit = (unit: string) => ({ columns: [{ header: 'Carry', meaning: 'carryM', unit }] });
    await drop(lessonId, many, 'm.csv', inUnit('m')).expect(200);
    const way = '/api/files-under-way/again';
    const sending = drop(lessonId, many, 'm.csv', inUnit('yd')).set('x-loxos-change', 'again');
    const sent = sending.then((answer) => answer.body as IntakeResult);
    let body: Partial<FileUnderWay> = {};
    while (body.canStop !== false) ({ body } = await t.http().get(way));
    await t.http().delete(way);
    expect((await sent).message).toBe('900 balls read anew.');
  });

  it('dropped twice at once, with a ball by hand between, is one file before that ball', async () => {
    const lessonId = await t.lesson();
    const twice = [drop(lessonId, MANY), drop(lessonId, MANY)];
    const byHand = edit(t.http(), 'ball.add', { of: lessonId, fields: { carryM: 77 } });
    const [first, second] = await Promise.all([...twice, byHand]);
    expect([first.body.outcome, second!.body.outcome].sort()).toEqual(['added', 'known']);
    const { balls, ballCount, files } = await t.whole(lessonId);
    expect(files).toHaveLength(1);
    expect(ballCount).toBe(901);
    expect(balls.map(({ ordinal }) => ordinal)).toEqual(oneTo(901));
    expect(balls.filter(({ carryM }) => carryM === 77)).toHaveLength(1);
  });

  it('stands in the order of the file, in the block under way, and goes and comes whole', async () => {
    const lessonId = await t.lesson();
    const block = crypto.randomUUID();
    await edit(t.http(), 'block.add', { of: lessonId, fields: { id: block, kind: 'play' } });
    const { body } = await drop(lessonId, MANY).expect(200);
    expect(await ordinals(lessonId)).toEqual(oneTo(900));
    const balls = await ballsOf(lessonId);
    expect(balls.map(({ faceAngleDeg }) => faceAngleDeg)).toEqual(
      oneTo(900).map((n) => (n - 1) / 100),
    );
    expect(balls.every(({ blockId }) => blockId === block)).toBe(true);
    await edit(t.http(), 'file.remove', { id: body.file.id }).expect(200);
    expect(await ballsOf(lessonId)).toEqual([]);
    await drop(lessonId, MANY).expect(200);
    expect(await ballsOf(lessonId)).toHaveLength(900);
  });
});

describe('files that hold the same balls', () => {
  const LONGER = `${PLAIN_FILE}7 iron,0.5,-2.0,141\n`;
  const faces = async (lessonId: string) =>
    (await ballsOf(lessonId)).map(({ faceAngleDeg }) => faceAngleDeg);
  const takeBack = (id: string) => edit(t.http(), 'file.remove', { id: id }).expect(200);

  it('one taken back leaves what the other holds', async () => {
    const lessonId = await t.lesson();
    const first = (await drop(lessonId, PLAIN_FILE)).body.file.id as string;
    const second = (await drop(lessonId, LONGER)).body.file.id as string;
    await takeBack(first);
    expect(await faces(lessonId)).toEqual([1, 2, 0.5]);
    await takeBack(second);
    expect(await faces(lessonId)).toEqual([]);
    expect((await drop(lessonId, PLAIN_FILE)).body.outcome).toBe('added');
    expect(await faces(lessonId)).toEqual([1, 2]);
    await drop(lessonId, LONGER);
    expect(await faces(lessonId)).toEqual([1, 2, 0.5]);
  });

  it('a ball deleted by hand does not return with a longer export, nor with its own file', async () => {
    const lessonId = await t.lesson();
    const { body } = await drop(lessonId, PLAIN_FILE);
    const [ball] = await ballsOf(lessonId);
    await edit(t.http(), 'ball.remove', { id: ball!.id }).expect(200);
    const longer = await drop(lessonId, LONGER);
    expect(longer.body.message).toBe(
      '1 ball added, 2 already here, 1 of them deleted before and left out.',
    );
    expect(longer.body.rows.rows[1].reason).toMatch(/was deleted/);
    expect(await faces(lessonId)).toEqual([2, 0.5]);
    await takeBack(body.file.id as string);
    await takeBack(longer.body.file.id as string);
    await drop(lessonId, PLAIN_FILE);
    expect(await faces(lessonId)).toEqual([2]);
  });

  it('a ball brought back with its file is as it was left', async () => {
    const lessonId = await t.lesson();
    const { body } = await drop(lessonId, PLAIN_FILE);
    const [ball] = await ballsOf(lessonId);
    const { id } = ball!;
    await edit(t.http(), 'ball.set', { id: id, fields: { keep: 'out' } }).expect(200);
    await takeBack(body.file.id as string);
    await drop(lessonId, PLAIN_FILE);
    expect((await ballsOf(lessonId))[0]).toMatchObject({ id, keep: 'out' });
  });
});

describe('an answer that was wrong', () => {
  const text = 'Club,Face,Path\n7i,1,-3\n';
  const signs = (rule: string) => ({ signs: rule });

  it('is asked anew when the coach says so, and the balls are read again by the new one', async () => {
    const lessonId = await t.lesson(await t.player({ hand: 'left' }));
    await drop(lessonId, text, 'a.csv', signs('hand-all'));
    const turned = (await ballsOf(lessonId))[0]!;
    expect(turned).toMatchObject({ clubPathDeg: 3 });
    // Dropped again it is known; asked again it asks.
    expect((await drop(lessonId, text)).body.outcome).toBe('known');
    const again = await drop(lessonId, text).field('again', 'yes');
    expect(again.body.questions).toMatchObject([{ kind: 'signs' }]);
    const read = await drop(lessonId, text, 'a.csv', signs('target'));
    expect(read.body.outcome).toBe('added');
    expect(await ballsOf(lessonId)).toMatchObject([{ clubPathDeg: -3 }]);
    // The next file of the source keeps to it.
    const other = await t.lesson(await t.player({ hand: 'left' }));
    await drop(other, text);
    expect(await ballsOf(other)).toMatchObject([{ clubPathDeg: -3 }]);
  });
});

describe('a file read again by other answers', () => {
  const TEXT = 'Club,Face,Path,Carry\n7i,1,-3,140\n7i,2,-2,142\n';
  const inUnit = (unit: string, more = {}) => ({
    columns: [{ header: 'Carry', meaning: 'carryM', unit, ...more }],
  });

  it('changes its balls, which stay the balls they were, and says what changed', async () => {
    const lessonId = await t.lesson();
    await drop(lessonId, TEXT, 'a.csv', inUnit('m')).expect(200);
    const [first, second] = await ballsOf(lessonId);
    await edit(t.http(), 'ball.set', { id: first!.id, fields: { keep: 'out' } }).expect(200);
    await edit(t.http(), 'ball.set', { id: second!.id, fields: { carryM: 150 } }).expect(200);
    const { body } = await drop(lessonId, TEXT, 'a.csv', inUnit('yd')).expect(200);
    expect(body.message).toBe('2 balls read anew.');
    expect(body.changed).toMatchObject([
      { line: 2, quantity: 'carryM', from: 140 },
      { line: 3, quantity: 'carryM', from: 142 },
    ]);
    const after = await ballsOf(lessonId);
    expect(after.map(({ id }) => id)).toEqual([first!.id, second!.id]);
    expect(after[0]).toMatchObject({ keep: 'out' });
    expect(after[0]!.carryM).toBeCloseTo(140 * 0.9144, 9);
    // What the coach changed by hand is theirs.
    expect(after[1]!.carryM).toBe(150);
    // By the answers of before it is as it was.
    const { answers } = (await t.whole(lessonId)).files[0] as { answers: object };
    expect(answers).toEqual(inUnit('yd'));
    await drop(lessonId, TEXT, 'a.csv', inUnit('m')).expect(200);
    expect((await ballsOf(lessonId))[0]).toMatchObject({ id: first!.id, carryM: 140 });
  });

  it('leaves a ball that was deleted by hand deleted, and says so', async () => {
    const lessonId = await t.lesson();
    await drop(lessonId, TEXT, 'a.csv', inUnit('m')).expect(200);
    const [first, second] = await ballsOf(lessonId);
    await edit(t.http(), 'ball.remove', { id: first!.id }).expect(200);
    const { body } = await drop(lessonId, TEXT, 'a.csv', inUnit('yd')).expect(200);
    expect(body.message).toBe(
      '1 ball read anew, 1 already here, 1 of them deleted before and left out.',
    );
    expect((await ballsOf(lessonId)).map(({ id }) => id)).toEqual([second!.id]);
    // Nor does its own file bring it back after that, dropped or read as it was.
    await drop(lessonId, TEXT, 'a.csv', inUnit('m')).expect(200);
    expect(await ballsOf(lessonId)).toMatchObject([{ id: second!.id, carryM: 142 }]);
  });

  it('of many balls is changed by steps, each ball once', async () => {
    const lessonId = await t.lesson();
    const many = `Club,Face,Path,Carry\n${Array.from({ length: 450 }, (_, n) => `7i,${n / 100},-3,${100 + n / 10}`).join('\n')}\n`;
    await drop(lessonId, many, 'm.csv', inUnit('m')).expect(200);
    const before = await ballsOf(lessonId);
    const { body } = await drop(lessonId, many, 'm.csv', inUnit('yd')).expect(200);
    expect(body.message).toBe('450 balls read anew.');
    const after = await ballsOf(lessonId);
    expect(after.map(({ id }) => id)).toEqual(before.map(({ id }) => id));
    after.forEach((ball, n) => expect(ball.carryM).toBeCloseTo(0.9144 * (100 + n / 10), 9));
  });

  it('of an older version, which did not keep its answers, is taken to have been read as its source is', async () => {
    const lessonId = await t.lesson();
    await drop(lessonId, TEXT, 'a.csv', inUnit('m')).expect(200);
    const [first] = await ballsOf(lessonId);
    await t.app.get(Store).write((tx) => tx.update(launchFile).set({ answers: null }));
    const { body } = await drop(lessonId, TEXT, 'a.csv', inUnit('yd')).field('again', 'yes');
    expect(body.message).toBe('2 balls read anew.');
    expect((await ballsOf(lessonId))[0]).toMatchObject({ id: first!.id });
  });

  it('gives its balls another club, and does not keep that for the next file', async () => {
    const lessonId = await t.lesson();
    const clubs = async (id: string) => (await ballsOf(id)).map(({ club }) => club);
    const as = (club: string) => ({ clubs: [{ text: '7 iron', club }] });
    await drop(lessonId, PLAIN_FILE, 'a.csv').expect(200);
    expect(await clubs(lessonId)).toEqual(['7-iron', '7-iron']);
    const { body } = await drop(lessonId, PLAIN_FILE, 'a.csv', as('driver')).expect(200);
    expect(body.message).toBe('2 balls read anew.');
    expect(body.changed).toEqual([
      { line: 2, quantity: 'club', from: '7-iron', to: 'driver' },
      { line: 3, quantity: 'club', from: '7-iron', to: 'driver' },
    ]);
    expect(await clubs(lessonId)).toEqual(['driver', 'driver']);
    await drop(lessonId, PLAIN_FILE, 'a.csv', as('7-iron')).expect(200);
    expect(await clubs(lessonId)).toEqual(['7-iron', '7-iron']);
    const next = await t.lesson();
    await drop(next, PLAIN_FILE, 'a.csv').expect(200);
    expect(await clubs(next)).toEqual(['7-iron', '7-iron']);
    await drop(next, PLAIN_FILE, 'a.csv', as('brassie')).expect(400);
  });

  it('does not add a ball that a longer export holds as well', async () => {
    const lessonId = await t.lesson();
    await drop(lessonId, TEXT, 'a.csv', inUnit('m')).expect(200);
    await drop(lessonId, `${TEXT}7i,3,-1,144\n`).expect(200);
    const { body } = await drop(lessonId, `${TEXT}7i,3,-1,144\n`, 'b.csv', inUnit('yd')).expect(
      200,
    );
    expect(body.message).toBe('3 balls read anew.');
    const balls = await ballsOf(lessonId);
    expect(balls).toHaveLength(3);
    for (const [i, yards] of [140, 142, 144].entries())
      expect(balls[i]!.carryM).toBeCloseTo(yards * 0.9144, 9);
  });
});

describe('a source', () => {
  const TEXT = 'Club,Face,Way,Ball speed\n7i,1,-3,50\n';
  const answers = {
    name: 'Studio two',
    columns: [{ header: 'Ball speed', meaning: 'ballSpeedMps', unit: 'm/s' }],
  };

  it('is named, listed, changed, forgotten and remembered again', async () => {
    await drop(await t.lesson(), TEXT, 'a.csv', answers).expect(200);
    const found = async () =>
      (
        (await t.http().get('/api/file-sources').expect(200)).body as { name: string; id: string }[]
      ).find(({ name }) => name === 'Studio two');
    const source = await found();
    expect(source).toMatchObject({ answers: { columns: answers.columns } });
    const { id } = source!;
    await edit(t.http(), 'source.remove', { id }).expect(200);
    expect(await found()).toBeUndefined();
    expect((await drop(await t.lesson(), TEXT)).body.outcome).toBe('questions');
    await edit(t.http(), 'source.restore', { id }).expect(200);
    const other = await t.lesson();
    expect((await drop(other, TEXT)).body.outcome).toBe('added');
    const changed = { columns: [{ header: 'Ball speed', meaning: 'ballSpeedMps', unit: 'mph' }] };
    await edit(t.http(), 'source.set', { id, fields: { answers: changed } }).expect(200);
    const third = await t.lesson();
    await drop(third, TEXT).expect(200);
    expect((await ballsOf(third))[0]!.ballSpeedMps).toBeCloseTo(50 * 0.44704, 9);
    const academy = await t.http().get('/api/academy/history').expect(200);
    const done = academy.body as HistoryEntry[];
    const own = done.filter(({ steps }) => steps[0]!.thing === 'source').slice(0, 4);
    expect(own.map(({ what }) => what)).toEqual([
      '“Studio two” told of anew',
      '“Studio two” remembered again',
      '“Studio two” forgotten: its next file asks anew',
      '“Studio two” told of',
    ]);
    await putBack(t.http(), own[0]!).expect(200);
    expect(await found()).toMatchObject({ answers: { columns: answers.columns } });
    await edit(t.http(), 'source.set', { id: 'none', fields: { name: 'x' } }).expect(404);
    const wrong = { answers: { columns: [{ meaning: 'x' }] } };
    await edit(t.http(), 'source.set', { id, fields: wrong }).expect(400);
  });
});

describe('a file of two players', () => {
  const TEXT = 'Player,Club,Face,Path\nAda Reed,7i,1,-3\nBen Stone,7i,2,-2\nBen Stone,7i,3,-1\n';

  it('asks whose are meant, and each part goes to a lesson of its own', async () => {
    const [one, two] = [await t.lesson(), await t.lesson()];
    const { body } = await drop(one, TEXT).expect(200);
    expect(body.outcome).toBe('questions');
    const parts = body.parts as { key: string; player: string; ballCount: number }[];
    expect(parts).toMatchObject([
      { player: 'Ada Reed', ballCount: 1 },
      { player: 'Ben Stone', ballCount: 2 },
    ]);
    const first = await drop(one, TEXT, 'a.csv', { parts: [parts[0]!.key] }).expect(200);
    expect(first.body.message).toBe('1 ball added, 2 rows of others left.');
    await drop(two, TEXT, 'a.csv', { parts: [parts[1]!.key] }).expect(200);
    expect((await ballsOf(one)).map(({ faceAngleDeg }) => faceAngleDeg)).toEqual([1]);
    expect((await ballsOf(two)).map(({ faceAngleDeg }) => faceAngleDeg)).toEqual([2, 3]);
    // Which part was meant is no answer for the next file.
    expect((await drop(await t.lesson(), TEXT)).body.outcome).toBe('questions');
  });

  it('says when each part begins, once it is known what its days begin with', async () => {
    const text =
      'Player,Time,Club,Face,Path\nAda,03/04/2026 9:05 PM,7i,1,-3\nBen,03/04/2026,7i,2,-2\n';
    const asked = await drop(await t.lesson(), text).expect(200);
    expect(asked.body.questions.map(({ kind }: { kind: string }) => kind)).toEqual([
      'days',
      'parts',
    ]);
    expect(asked.body.parts).toMatchObject([{ startsAt: null }, { startsAt: null }]);
    const { body } = await drop(await t.lesson(), text, 'a.csv', { dayOrder: 'day-first' });
    expect(body.parts).toMatchObject([
      { startsAt: '2026-04-03T21:05:00' },
      { startsAt: '2026-04-03' },
    ]);
  });

  it('of another day than the lesson says so', async () => {
    const of = (day: string) => `Date: ${day}\nClub,Face,Path\n7i,1,-3\n`;
    const far = await drop(await t.lesson(), of('2026-04-03')).expect(200);
    expect(far.body.notes).toEqual([
      'The file says 3 April 2026, which is not the day of this lesson: check that they belong together.',
    ]);
    const near = await drop(await t.lesson(), of('2026-05-05')).expect(200);
    expect(near.body.notes).toEqual([]);
  });
});

describe('spreadsheets and JSON', () => {
  const HEAD = ['Club', 'Face angle (deg)', 'Club path (deg)'];
  const sheetOf = (sheets: { name: string; rows: (string | number)[][] }[]) =>
    writeSheets(
      sheets.map(({ name, rows }) => ({
        sheet: name,
        data: rows.map((row) => row.map((value) => ({ value }))),
      })),
    ).toBuffer();

  it('are read like any other file, all sheets of them', async () => {
    const lessonId = await t.lesson();
    const bytes = await sheetOf([
      { name: 'Notes', rows: [['Nothing here']] },
      { name: 'First', rows: [HEAD, ['7 iron', 1.25, -3]] },
      { name: 'Second', rows: [HEAD, ['Driver', 2, 3.5]] },
    ]);
    const { body } = await drop(lessonId, bytes, 'session.xlsx').expect(200);
    expect(body.message).toBe('2 balls added.');
    expect(await ballsOf(lessonId)).toMatchObject([
      { club: '7-iron', faceAngleDeg: 1.25, clubPathDeg: -3 },
      { club: 'driver', faceAngleDeg: 2, clubPathDeg: 3.5 },
    ]);
    const { body: page } = await t
      .http()
      .get(`/api/files/${body.file.id as string}/rows?fate=ball`);
    expect(page.rows[1].text).toBe('“Second”, row 2: Driver | 2 | 3.5');
  });

  it('have figures as text with the mark of their sheet, beside numbers that have none', async () => {
    const lessonId = await t.lesson();
    const bytes = await sheetOf([
      { name: 'Commas', rows: [HEAD, ['7 iron', '1,25', -3.5], ['7 iron', 0.5, '-2,75']] },
      { name: 'Points', rows: [HEAD, ['Driver', '2.25', 3.5]] },
    ]);
    await drop(lessonId, bytes, 'marks.xlsx').expect(200);
    expect(await ballsOf(lessonId)).toMatchObject([
      { faceAngleDeg: 1.25, clubPathDeg: -3.5 },
      { faceAngleDeg: 0.5, clubPathDeg: -2.75 },
      { faceAngleDeg: 2.25, clubPathDeg: 3.5 },
    ]);
  });

  it.each([
    ['a list of balls', [{ club: '7i', faceAngleDeg: 1.25, clubPathDeg: -3 }]],
    ['a list within', { session: 4, shots: [{ club: '7i', face: { angle: 1.25 }, clubPath: -3 }] }],
    ['columns', { club: ['7i'], faceAngle: [1.25], clubPath: [-3] }],
  ])('%s in JSON', async (_, value) => {
    const lessonId = await t.lesson();
    const { body } = await drop(lessonId, JSON.stringify(value), 'x.json').expect(200);
    expect(body.message).toBe('1 ball added.');
    expect(await ballsOf(lessonId)).toMatchObject([
      { club: '7-iron', faceAngleDeg: 1.25, clubPathDeg: -3 },
    ]);
  });

  it('that are broken are refused in words', async () => {
    const lessonId = await t.lesson();
    const broken = await drop(lessonId, '[{"face": 1},', 'x.json').expect(400);
    expect(broken.body.message).toMatch(/looks like JSON and is not whole/);
    const sheet = await sheetOf([{ name: 'A', rows: [HEAD] }]);
    const cut = await drop(lessonId, sheet.subarray(0, sheet.length / 2), 'x.xlsx').expect(400);
    expect(cut.body.message).toMatch(/cannot be (?:opened|read)/);
    const pdf = await drop(lessonId, '%PDF-1.7', 'x.csv').expect(400);
    expect(pdf.body.message).toMatch(/This is a PDF/);
  });
});

describe('rows of a file', () => {
  it('come as they came, and by what became of them', async () => {
    const lessonId = await t.lesson();
    const { body } = await drop(lessonId, `${PLAIN_FILE}7 iron,open,-2.0,141\nAverage,1,1,1\n`);
    const path = `/api/files/${body.file.id as string}/rows`;
    const { body: refused } = await t.http().get(`${path}?fate=rejected`).expect(200);
    expect(refused.rows).toMatchObject([{ line: 4, text: '7 iron,open,-2.0,141' }]);
    const { body: sums } = await t.http().get(`${path}?fate=summary`).expect(200);
    expect(sums.rows).toMatchObject([{ line: 5, text: 'Average,1,1,1' }]);
    await t.http().get(`${path}?fate=nothing`).expect(400);
  });
});

describe('a file that would hang or flood', () => {
  it.each([
    ['a header of 200,000 brackets', `${'('.repeat(200_000)},Face\n1,2\n`, 200],
    ['five megabytes of line ends', '\n'.repeat(5_000_000), 200],
    ['a line of a million commas', ','.repeat(1_000_000), 400],
    ['a hundred thousand rows', `Face,Path\n${'1,2\n'.repeat(100_000)}`, 400],
  ])('%s gets a short answer', async (_name, content, status) => {
    const { text } = await drop(await t.lesson(), content).expect(status);
    expect(text.length).toBeLessThan(300_000);
  });
});

describe('balls written out', () => {
  it('tell what was said of them, and no cell is a formula', async () => {
    const lessonId = await t.lesson();
    const said = { note: '=1+1', contact: 'thin', openAmount: 'bend', seen: 'eye' };
    const ball = { clubText: '=HYPERLINK("x")', clubPathDeg: -3, faceAngleDeg: 1, ...said };
    const made = await edit(t.http(), 'ball.add', { of: lessonId, fields: ball }).expect(200);
    const block = crypto.randomUUID();
    await edit(t.http(), 'block.add', {
      of: lessonId,
      fields: { id: block, kind: 'drill', drillId: 'rails' },
    });
    await putInto(t.http(), lessonId, { ballIds: [made.body.id], blockId: block });
    await edit(t.http(), 'ball.set', { id: made.body.id as string, fields: { keep: 'out' } });
    const { text } = await t.http().get(`/api/lessons/${lessonId}/balls.csv`).expect(200);
    expect(text).toContain('Club,Time,Counted,Seen by,Not said,Contact,Note,Block,Drill,');
    expect(text).toContain('"\'=HYPERLINK(""x"")",,out,eye,bend,thin,\'=1+1,drill,rails,');
    const other = await t.lesson();
    await drop(other, text).expect(200);
    expect(await ballsOf(other)).toMatchObject([{ ...ball, keep: 'out' }]);
  });

  it.each(['csv', 'json', 'xlsx'])(
    'as %s come back as what they were: an eye’s ball is not a monitor’s',
    async (kind) => {
      const lessonId = await t.lesson();
      const tap = { club: '7-iron', startDirectionDeg: -5.5, curveM: 13.2, carryM: 147 };
      const told = [
        { seen: 'eye', openAmount: 'both', contact: 'thin', note: 'grip moved, twice' },
        { seen: 'post', openAmount: 'bend', contact: null, note: '' },
        { seen: 'monitor', openAmount: null, contact: 'fat', note: '=1+1', keep: 'shown' },
      ];
      for (const one of told)
        await edit(t.http(), 'ball.add', { of: lessonId, fields: { ...tap, ...one } }).expect(200);
      const made = await t
        .http()
        .get(`/api/lessons/${lessonId}/balls.${kind}`)
        .buffer(true)
        .parse(bytesOf);
      const other = await t.lesson();
      const { body } = await drop(other, made.body as Buffer, `balls.${kind}`).expect(200);
      expect(body.questions).toEqual([]);
      expect(await ballsOf(other)).toMatchObject(told.map((one) => ({ ...tap, ...one })));
    },
  );

  it.each(['csv', 'json', 'xlsx'])(
    'as %s come back bit for bit, a left-hander’s unasked',
    async (kind) => {
      const playerId = await t.player({ hand: 'left' });
      const lessonId = await t.lesson(playerId);
      const ball = {
        clubText: '7 Iron',
        clubSpeedMps: 100 / 3,
        clubPathDeg: -3.1 / 7,
        faceAngleDeg: 0.1 + 0.2,
        offlineM: -1e-7,
        strikeToeMm: -Math.PI,
      };
      await edit(t.http(), 'ball.add', { of: lessonId, fields: ball }).expect(200);
      const made = await t
        .http()
        .get(`/api/lessons/${lessonId}/balls.${kind}`)
        .buffer(true)
        .parse(bytesOf);
      const other = await t.lesson(playerId);
      const { body } = await drop(other, made.body as Buffer, `balls.${kind}`).expect(200);
      expect(body.questions).toEqual([]);
      const [had] = await ballsOf(lessonId);
      const [got] = await ballsOf(other);
      for (const quantity of BALL_QUANTITIES)
        expect({ [quantity]: got![quantity] }).toEqual({
          [quantity]: had![quantity] ?? (quantity === 'faceToPathDeg' ? got!.faceToPathDeg : null),
        });
    },
  );

  it('as JSON are what the published schema says', async () => {
    const lessonId = await t.lesson();
    await edit(t.http(), 'ball.add', { of: lessonId, fields: { carryM: 140 } }).expect(200);
    const { body } = await t.http().get(`/api/lessons/${lessonId}/balls.json`).expect(200);
    const file = new URL('../../../docs/balls.schema.json', import.meta.url);
    const schema = JSON.parse(readFileSync(file, 'utf8')) as object;
    expect(schema).toEqual(JSON.parse(JSON.stringify(ballsSchema())));
    const isValid = new Ajv2020({ strict: false }).compile(schema);
    expect([isValid(body), isValid.errors]).toEqual([true, null]);
    expect(isValid({ ...body, balls: [{ carryM: 'far' }] })).toBe(false);
  });
});

describe('what is no launch file', () => {
  it('is refused in words, and nothing is added', async () => {
    const lessonId = await t.lesson();
    const empty = await drop(lessonId, '').expect(400);
    expect(empty.body.message).toBe('The file is empty.');
    const binary = await drop(
      lessonId,
      Buffer.from([0x50, 0x4b, 3, 4, 0, 0, 0, 0]),
      'session.xlsx',
    ).expect(400);
    expect(binary.body.message).toContain('cannot be opened');
    const bytes = await drop(lessonId, Buffer.from([1, 0, 2, 0, 0, 0, 3]), 'x.bin').expect(400);
    expect(bytes.body.message).toContain('Export the session as CSV');
    await t.http().post(`/api/lessons/${lessonId}/files`).expect(400);
    await t
      .http()
      .post(`/api/lessons/${lessonId}/files`)
      .attach('file', Buffer.from('a'), 'a')
      .field('answers', '{')
      .expect(400);
    expect(await ballsOf(lessonId)).toEqual([]);
  });

  it('over the limit is refused with the limit and what to do', async () => {
    const lessonId = await t.lesson();
    const { body } = await drop(lessonId, Buffer.alloc(5 * 1024 * 1024 + 1, 'a')).expect(413);
    expect(body.kind).toBe('too-large');
    expect(body.message).toMatch(/larger than 5 MB.*split the file/);
  });

  it('for a lesson that does not exist is not found', async () => {
    await drop(crypto.randomUUID(), PLAIN_FILE).expect(404);
  });
});

describe('text encodings', () => {
  it.each([
    ['UTF-8 with mark', Buffer.from(`\ufeff${PLAIN_FILE}`)],
    ['UTF-16', Buffer.from(`\ufeff${PLAIN_FILE}`, 'utf16le')],
    ['Windows-1252', Buffer.from(PLAIN_FILE.replace(/deg/g, '\u00b0'), 'latin1')],
  ])('%s is read', async (_name, bytes) => {
    const lessonId = await t.lesson();
    expect((await drop(lessonId, bytes)).body.outcome).toBe('added');
    expect((await ballsOf(lessonId))[0]).toMatchObject({ faceAngleDeg: 1, clubPathDeg: -3 });
  });
});
