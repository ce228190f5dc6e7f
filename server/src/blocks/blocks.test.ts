import { startTestApp } from '../testing/app.ts';
import type { TestApp } from '../testing/app.ts';
import { givePage, homeworkOn } from '../testing/pages.ts';
import { edit, putInto, tickAt } from '../testing/edit.ts';

let t: TestApp;
beforeAll(async () => (t = await startTestApp()));
afterAll(() => t.close());

const begin = (lessonId: string, body: object) =>
  edit(t.http(), 'block.add', { of: lessonId, fields: body });
const ball = (lessonId: string) =>
  edit(t.http(), 'ball.add', { of: lessonId, fields: { carryM: 140, club: '7-iron' } });
const lessonOf = (id: string) => t.whole(id);
const aim = { move: 'path', judged: ['clubPathDeg', 'faceToPathDeg'], targets: { clubPathDeg: 0 } };

describe('a block', () => {
  it('is begun before its balls, which land in it wherever they come from', async () => {
    const id = await t.lesson();
    await ball(id);
    const block = { id: crypto.randomUUID(), kind: 'baseline' };
    await begin(id, block).expect(200);
    await ball(id);
    const file = 'Club,Face angle (deg),Club path (deg)\n7 iron,1,-3\n7 iron,2,-4\n';
    await t.http().post(`/api/lessons/${id}/files`).attach('file', Buffer.from(file), 'a.csv');
    const { balls, blocks } = await lessonOf(id);
    expect(balls.map((b: { blockId: string | null }) => b.blockId)).toEqual([
      null,
      block.id,
      block.id,
      block.id,
    ]);
    expect(blocks).toMatchObject([{ ...block, drillId: null, note: '', aim: null }]);
  });

  it('sent twice with one id is one; what it is judged on is kept as named', async () => {
    const id = await t.lesson();
    const block = { id: crypto.randomUUID(), kind: 'drill', drillId: 'rails', doseStep: 2, aim };
    await begin(id, block).expect(200);
    await begin(id, block).expect(200);
    expect((await lessonOf(id)).blocks).toMatchObject([block]);
  });

  it('is changed, taken away with its balls left in none, and begun again by undo', async () => {
    const id = await t.lesson();
    const block = { id: crypto.randomUUID(), kind: 'drill', drillId: 'rails' };
    await begin(id, block).expect(200);
    await ball(id);
    const fields = { note: 'grip moved' };
    const { body } = await edit(t.http(), 'block.set', { id: block.id, fields }).expect(200);
    expect(body).toMatchObject({ ...block, note: 'grip moved' });
    await edit(t.http(), 'block.remove', { id: block.id }).expect(200);
    expect((await lessonOf(id)).blocks).toEqual([]);
    await begin(id, block).expect(200);
    expect((await lessonOf(id)).blocks).toMatchObject([{ ...block, note: 'grip moved' }]);
  });

  it.each([
    [{ kind: 'party' }, 'kind'],
    [{ kind: 'drill', doseStep: 9 }, 'doseStep'],
    [{ kind: 'drill', aim: { ...aim, judged: ['luck'] } }, 'aim.judged'],
    [{ kind: 'drill', id: 'not-an-id' }, 'id'],
  ])('is refused with the field: %p', async (body, field) => {
    const id = await t.lesson();
    const answer = await begin(id, { id: crypto.randomUUID(), ...body }).expect(400);
    expect(answer.body.fields[0].field).toBe(field);
  });

  it('of another lesson takes no balls', async () => {
    const [id, other] = [await t.lesson(), await t.lesson()];
    const block = { id: crypto.randomUUID(), kind: 'play' };
    await begin(other, block).expect(200);
    const { body } = await ball(id);
    const move = { ballIds: [body.id], blockId: block.id };
    const answer = await putInto(t.http(), id, move).expect(400);
    expect(answer.body.fields[0].field).toBe('blockId');
    await edit(t.http(), 'block.set', { id: crypto.randomUUID(), fields: {} }).expect(404);
  });
});

describe('lessons and players taken away', () => {
  it('are gone from every list, and come back as they were', async () => {
    const playerId = await t.player({ name: 'Gone Tomorrow' });
    const id = await t.lesson(playerId);
    await ball(id);
    await edit(t.http(), 'lesson.remove', { id: id }).expect(200);
    await t.http().get(`/api/lessons/${id}`).expect(404);
    expect((await t.http().get('/api/lessons').query({ playerId })).body).toEqual([]);
    await edit(t.http(), 'lesson.restore', { id: id }).expect(200);
    expect((await lessonOf(id)).balls).toHaveLength(1);
    await edit(t.http(), 'player.remove', { id: playerId }).expect(200);
    await t.http().get(`/api/players/${playerId}`).expect(404);
    await t.http().get(`/api/lessons/${id}`).expect(404);
    const names = (await t.http().get('/api/players')).body.map((p: { name: string }) => p.name);
    expect(names).not.toContain('Gone Tomorrow');
    await edit(t.http(), 'player.restore', { id: playerId }).expect(200);
    expect((await lessonOf(id)).balls).toHaveLength(1);
    await edit(t.http(), 'lesson.remove', { id: crypto.randomUUID() }).expect(404);
  });

  it('take the player’s page with them', async () => {
    const id = await t.lesson();
    const { body } = await givePage(t.http(), id, { homework: homeworkOn('2026-05-07') });
    expect((await lessonOf(id)).pages).toMatchObject([{ points: ['Aim there'], ticked: [] }]);
    await t.http().get(`/api/p/${body.token}`).expect(200);
    await edit(t.http(), 'lesson.remove', { id: id }).expect(200);
    await t.http().get(`/api/p/${body.token}`).expect(410);
    const tick = { date: '2026-05-07', done: true };
    await tickAt(t.http(), body.token, tick).expect(410);
  });
});
