import { startTestApp } from '../testing/app.ts';
import type { TestApp } from '../testing/app.ts';
import { edit } from '../testing/edit.ts';

let t: TestApp;
beforeAll(async () => (t = await startTestApp()));
afterAll(() => t.close());

describe('lessons', () => {
  it('are found by day and by player', async () => {
    const playerId = await t.player();
    for (const startsAt of [
      '2026-05-04T23:30:00+02:00',
      '2026-05-05T08:00:00Z',
      '2026-06-01T08:00:00Z',
    ]) {
      await edit(t.http(), 'lesson.add', { fields: { playerId, startsAt, asked: 'x' } }).expect(
        200,
      );
    }
    const day = await t
      .http()
      .get('/api/lessons')
      .query({ from: '2026-05-04T00:00:00Z', to: '2026-05-05T00:00:00Z' });
    expect(day.body.map((l: { startsAt: string }) => l.startsAt)).toEqual([
      '2026-05-04T21:30:00.000Z',
    ]);
    const own = await t.http().get('/api/lessons').query({ playerId });
    expect(own.body).toHaveLength(3);
    expect(own.body[0].startsAt).toBe('2026-06-01T08:00:00.000Z');
  });

  it('need a player of this academy and a real time', async () => {
    const nobody = { playerId: crypto.randomUUID(), startsAt: '2026-05-04T09:00:00Z' };
    const { body } = await edit(t.http(), 'lesson.add', { fields: nobody }).expect(400);
    expect(body.fields[0].field).toBe('of');
    await edit(t.http(), 'lesson.add', {
      fields: { playerId: await t.player(), startsAt: 'tomorrow' },
    }).expect(400);
  });
});

describe('balls', () => {
  const ball = { clubPathDeg: -3, faceAngleDeg: 1.25, carryM: 140, club: '7-iron' };

  it('typed in, edited, left out, deleted and brought back', async () => {
    const lessonId = await t.lesson();
    const made = await edit(t.http(), 'ball.add', { of: lessonId, fields: ball }).expect(200);
    expect(made.body).toMatchObject({ ...ball, ordinal: 1, keep: 'auto', startDirectionDeg: null });
    const id = made.body.id as string;
    const fields = { keep: 'out', clubPathDeg: null };
    await edit(t.http(), 'ball.set', { id, fields }).expect(200);
    await edit(t.http(), 'ball.remove', { id }).expect(200);
    expect((await t.whole(lessonId)).balls).toEqual([]);
    const back = await edit(t.http(), 'ball.restore', { id }).expect(200);
    expect(back.body).toMatchObject({ faceAngleDeg: 1.25, clubPathDeg: null, keep: 'out' });
  });

  it('sent twice with one id are one ball', async () => {
    const lessonId = await t.lesson();
    const body = { ...ball, id: crypto.randomUUID() };
    await edit(t.http(), 'ball.add', { of: lessonId, fields: body }).expect(200);
    await edit(t.http(), 'ball.add', { of: lessonId, fields: body }).expect(200);
    expect((await t.whole(lessonId)).balls).toHaveLength(1);
  });

  it.each([
    [{ clubPathDeg: 200 }, 'clubPathDeg'],
    [{ carryM: -1 }, 'carryM'],
    [{ faceAngleDeg: '5' }, 'faceAngleDeg'],
    [{ faceAngleDeg: 1, club: 'spoon' }, 'club'],
    [{}, 'figures'],
  ])('are refused with the field: %p', async (body, field) => {
    const lessonId = await t.lesson();
    const { body: problem } = await edit(t.http(), 'ball.add', {
      of: lessonId,
      fields: body,
    }).expect(400);
    expect(problem.fields[0].field).toBe(field);
    expect(problem.message).toContain(String(problem.fields[0].reason));
  });

  it('of a hundred requests at once are all kept, in an order without gaps', async () => {
    const lessonId = await t.lesson();
    const sent = Array.from({ length: 50 }, () =>
      edit(t.http(), 'ball.add', { of: lessonId, fields: ball }),
    );
    const reads = Array.from({ length: 50 }, () => t.http().get(`/api/lessons/${lessonId}`));
    const answers = await Promise.all([...sent, ...reads]);
    expect(answers.map((a) => a.status)).toEqual(Array<number>(100).fill(200));
    const body = await t.whole(lessonId);
    expect(body.balls.map(({ ordinal }) => ordinal)).toEqual(
      Array.from({ length: 50 }, (_, i) => i + 1),
    );
  });

  it('come by the thousand, each answer saying where the next begins, and are counted', async () => {
    const lessonId = await t.lesson();
    const rows = Array.from({ length: 1203 }, (_, n) => `7 iron,${n / 100},-3.0,140`);
    const text = `Club,Face angle (deg),Club path (deg),Carry (m)\n${rows.join('\n')}\n`;
    await t
      .http()
      .post(`/api/lessons/${lessonId}/files`)
      .attach('file', Buffer.from(text), 'a.csv');
    const first = (await t.http().get(`/api/lessons/${lessonId}/balls`)).body;
    expect(first.balls).toHaveLength(1000);
    const rest = (await t.http().get(`/api/lessons/${lessonId}/balls?after=${first.next}`)).body;
    expect(rest).toMatchObject({ next: null });
    expect(rest.balls.map(({ ordinal }: { ordinal: number }) => ordinal)).toEqual(
      Array.from({ length: 203 }, (_, n) => n + 1001),
    );
    await edit(t.http(), 'ball.remove', { id: rest.balls[0].id }).expect(200);
    const { body: head } = await t.http().get(`/api/lessons/${lessonId}`).expect(200);
    expect(head).toMatchObject({ ballCount: 1202 });
    const { body: listed } = await t.http().get('/api/lessons');
    expect(listed.find(({ id }: { id: string }) => id === lessonId).ballCount).toBe(1202);
    await t.http().get(`/api/lessons/${lessonId}/balls?after=x`).expect(400);
  });

  it('changed on another device are told from one’s own', async () => {
    const lessonId = await t.lesson();
    const add = (device: string) =>
      edit(t.http(), 'ball.add', { of: lessonId, fields: ball }, { device: device });
    const asked = async (device: string) =>
      (await t.http().get(`/api/lessons/${lessonId}`).set('x-loxos-device', device)).body
        .lastChange;
    await add('mine');
    const before = await asked('mine');
    await add('mine');
    expect(await asked('mine')).toEqual(before);
    await add('theirs');
    expect(await asked('mine')).toMatchObject({ device: 'theirs' });
    expect(await asked('theirs')).toMatchObject({ device: 'mine' });
  });

  it('come out as a file that goes in again', async () => {
    const lessonId = await t.lesson();
    await edit(t.http(), 'ball.add', { of: lessonId, fields: ball });
    const { text, headers } = await t.http().get(`/api/lessons/${lessonId}/balls.csv`).expect(200);
    expect(headers['content-type']).toContain('text/csv');
    const other = await t.lesson();
    const { body } = await t
      .http()
      .post(`/api/lessons/${other}/files`)
      .attach('file', Buffer.from(text), 'balls.csv');
    expect(body.outcome).toBe('added');
    const copy = await t.whole(other);
    expect(copy.balls[0]).toMatchObject(ball);
  });
});
