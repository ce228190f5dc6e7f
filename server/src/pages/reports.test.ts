import { startTestApp } from '../testing/app.ts';
import type { TestApp } from '../testing/app.ts';
import { givePage, threeVisits } from '../testing/pages.ts';
import { edit } from '../testing/edit.ts';
import type { PlayerPage } from './page.dto.ts';

let t: TestApp;
beforeAll(async () => (t = await startTestApp()));
afterAll(() => t.close());

const give = (playerId: string, body: object = {}) =>
  t
    .http()
    .post(`/api/players/${playerId}/reports`)
    .send({ days: 30, ...body });
const visited = (who?: Record<string, unknown>) => threeVisits(t, who);
const opened = async ({ token }: { token: string }): Promise<PlayerPage> =>
  (await t.as('').get(`/api/p/${token}`).expect(200)).body as PlayerPage;

describe('a report', () => {
  it('opens behind its link as the record made it, and the coach sees what was written back', async () => {
    const { player } = await visited({ name: 'Nan Brook' });
    const { body: given } = await give(player).expect(201);
    const { token, id } = given as { token: string; id: string };
    const page = await opened(given as { token: string });
    expect(page).toMatchObject({ playerName: 'Nan Brook', hand: 'right', points: [] });
    expect(page.record!.words.join(' ')).toMatch(/^Your clubface is .*° open/);
    expect(page.numbers.map(({ label }) => label)).toContain('Face to path (what bends the ball)');
    expect(page.period!.from < page.period!.to).toBe(true);
    const word = { id: 'a-word-back', text: 'I see it' };
    await edit(t.as(''), 'word.add', { fields: word }, { page: token }).expect(200);
    const log = { id: crypto.randomUUID(), drillId: 'rails', good: true };
    const { body: refused } = await edit(
      t.as(''),
      'repetition.add',
      { fields: log },
      { page: token },
    ).expect(400);
    expect(JSON.stringify(refused)).toContain('a report has no station');
    const { body: reports } = await t.http().get(`/api/players/${player}/reports`).expect(200);
    expect(reports).toMatchObject([{ id, period: page.period, said: [{ text: 'I see it' }] }]);
    expect(JSON.stringify(reports)).not.toContain(token);
    await edit(t.http(), 'page.remove', { id }).expect(200);
    await t.as('').get(`/api/p/${token}`).expect(410);
  });

  it('holds what the coach wrote over it, and stays as it was given when that changes', async () => {
    const { player, lesson } = await visited();
    await givePage(t.http(), lesson, { points: ['Of the lesson'], nextLook: '2099-01-02' });
    const write = (report: object | null) =>
      edit(t.http(), 'player.set', { id: player, fields: { report } }).expect(200);
    await write({ findings: ['Well done.'], points: [null, 'Keep at it.'] });
    const { body: given } = await give(player).expect(201);
    const first = await opened(given as { token: string });
    expect(first.record!.words[0]).toBe('Well done.');
    // What is not written over is as it was last given.
    expect([first.points, first.nextLook]).toEqual([
      ['Of the lesson', 'Keep at it.'],
      '2099-01-02',
    ]);
    await write(null);
    expect(await opened(given as { token: string })).toEqual(first);
    const { body: anew } = await give(player).expect(201);
    expect((await opened(anew as { token: string })).record!.words[0]).toMatch(/^Your clubface/);
  });

  it('is no lesson’s page: neither the day nor the lessons hold it for the last that was given', async () => {
    const { player, lesson } = await visited({ name: 'Finn Tarn' });
    await givePage(t.http(), lesson, { points: ['Of the lesson'] });
    const { body: given } = await give(player).expect(201);
    await edit(
      t.as(''),
      'word.add',
      { fields: { id: 'a-word-of-finn', text: 'Good to see' } },
      { page: (given as { token: string }).token },
    ).expect(200);
    const { body: all } = await t.http().get('/api/given?today=2026-05-05').expect(200);
    const own = (all as { player: { id: string } }[]).find((one) => one.player.id === player);
    // What was written back counts, on whichever page.
    expect(own).toMatchObject({ points: ['Of the lesson'], lastWord: { text: 'Good to see' } });
    expect((await t.whole(lesson)).pages).toHaveLength(1);
    expect((await t.http().get(`/api/players/${player}/reports`)).body).toHaveLength(1);
  });

  it('goes with its player, and comes back with them; erased it is gone', async () => {
    const { player } = await visited({ name: 'Ida Moor' });
    const { body: given } = await give(player).expect(201);
    const { token } = given as { token: string };
    await edit(t.http(), 'player.remove', { id: player }).expect(200);
    await t.as('').get(`/api/p/${token}`).expect(410);
    await edit(t.http(), 'player.restore', { id: player }).expect(200);
    await t.as('').get(`/api/p/${token}`).expect(200);
    await t.http().post(`/api/players/${player}/erase`).send({ name: 'Ida Moor' }).expect(204);
    await t.as('').get(`/api/p/${token}`).expect(404);
  });

  it('is refused of a period without a ball, with words made elsewhere, or of nobody', async () => {
    const { player } = await visited();
    await give(player, { kind: 'spoon' }).expect(400);
    await give(player, { content: { points: ['a'] } }).expect(400);
    await give(player, { days: 0 }).expect(400);
    await give('nobody').expect(404);
    const period = { from: '2020-01-01', to: '2020-02-01' };
    await edit(t.http(), 'player.set', { id: player, fields: { report: period } }).expect(200);
    const { body } = await give(player).expect(400);
    expect(JSON.stringify(body)).toContain('no visit with a named club in this period');
  });
});

describe('goals and the report being written', () => {
  const goal = {
    id: 'goal-one',
    kind: 'iron',
    figure: 'faceToPathDeg',
    wanted: 0,
    window: 1,
    by: '2026-09-01',
    setOn: '2026-05-04',
  };
  const patch = (player: string, body: object) =>
    edit(t.http(), 'player.set', { id: player, fields: body });

  it('are the player’s own, kept and given back', async () => {
    const player = await t.player();
    const report = { from: '2026-01-01', findings: [null, 'Mine'], points: ['Next'] };
    await patch(player, { goals: [goal], report }).expect(200);
    const { body } = await t.http().get(`/api/players/${player}`).expect(200);
    expect(body).toMatchObject({ goals: [goal], report });
    await patch(player, { report: null, goals: [] }).expect(200);
    expect((await t.http().get(`/api/players/${player}`)).body).toMatchObject({
      goals: [],
      report: null,
    });
  });

  it('are refused where a number is none a goal can ask for, saying which', async () => {
    const player = await t.player();
    const bad = async (change: object): Promise<string> =>
      JSON.stringify((await patch(player, { goals: [{ ...goal, ...change }] }).expect(400)).body);
    expect(await bad({ wanted: 40 })).toContain('wanted must be from -15 to 15');
    expect(await bad({ figure: 'offlineM', window: 0.2 })).toContain('window must be from 1 to 60');
    expect(await bad({ by: 'soon' })).toContain('by: give a day');
    const many = Array.from({ length: 7 }, (_, n) => ({ ...goal, id: `goal-number-${n}` }));
    expect(JSON.stringify((await patch(player, { goals: many }).expect(400)).body)).toContain(
      'goals: 6 at most',
    );
    await patch(player, { report: { points: [7] } }).expect(400);
  });
});
