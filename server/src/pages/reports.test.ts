import { startTestApp } from '../testing/app.ts';
import type { TestApp } from '../testing/app.ts';
import { pageWith } from '../testing/pages.ts';
import { edit } from '../testing/edit.ts';

let t: TestApp;
beforeAll(async () => (t = await startTestApp()));
afterAll(() => t.close());

const RECORD = {
  figure: 'faceToPathDeg',
  words: ['Your clubface is 2° open to the way the club travels.'],
  goals: [],
  points: [
    { at: '2026-01-05T10:00:00.000Z', middle: 5.1, half95: 0.8 },
    { at: '2026-02-05T10:00:00.000Z', middle: 2.2, half95: 0.7 },
  ],
  levels: [{ from: 0, to: 2, value: 3.4 }],
  target: { wanted: 0, window: 1 },
};
const content = pageWith({
  points: [],
  record: RECORD,
  period: { from: '2026-01-01', to: '2026-03-01' },
});
const give = (playerId: string, more: object = {}) =>
  t
    .http()
    .post(`/api/players/${playerId}/reports`)
    .send({ content: { ...content, ...more }, days: 30 });

describe('a report', () => {
  it('opens behind its link as it was given, and the coach sees what was written back', async () => {
    const player = await t.player({ name: 'Nan Brook', hand: 'left' });
    const { body: given } = await give(player).expect(201);
    const { token, id } = given as { token: string; id: string };
    const { body: page } = await t.as('').get(`/api/p/${token}`).expect(200);
    expect(page).toMatchObject({
      playerName: 'Nan Brook',
      hand: 'left',
      period: content.period,
      record: RECORD,
      points: [],
    });
    await edit(
      t.as(''),
      'word.add',
      { fields: { id: 'a-word-back', text: 'I see it' } },
      { page: token },
    ).expect(200);
    const log = { id: crypto.randomUUID(), drillId: 'rails', good: true };
    const { body: refused } = await edit(
      t.as(''),
      'repetition.add',
      { fields: log },
      { page: token },
    ).expect(400);
    expect(JSON.stringify(refused)).toContain('a report has no station');
    const { body: reports } = await t.http().get(`/api/players/${player}/reports`).expect(200);
    expect(reports).toMatchObject([{ id, period: content.period, said: [{ text: 'I see it' }] }]);
    expect(JSON.stringify(reports)).not.toContain(token);
    await edit(t.http(), 'page.remove', { id: id }).expect(200);
    await t.as('').get(`/api/p/${token}`).expect(410);
  });

  it('is no lesson’s page: neither the day nor the lessons hold it for the last that was given', async () => {
    const player = await t.player({ name: 'Finn Tarn' });
    const lesson = await t.lesson(player);
    const page = { ...content, points: ['Of the lesson'], record: null, period: null };
    await t.http().post(`/api/lessons/${lesson}/pages`).send({ content: page, days: 30 });
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
    const player = await t.player({ name: 'Ida Moor' });
    const { body: given } = await give(player).expect(201);
    const { token } = given as { token: string };
    await edit(t.http(), 'player.remove', { id: player }).expect(200);
    await t.as('').get(`/api/p/${token}`).expect(410);
    await edit(t.http(), 'player.restore', { id: player }).expect(200);
    await t.as('').get(`/api/p/${token}`).expect(200);
    await t.http().post(`/api/players/${player}/erase`).send({ name: 'Ida Moor' }).expect(204);
    await t.as('').get(`/api/p/${token}`).expect(404);
  });

  it('is refused without a period, with more than fits, or of nobody; a lesson’s page with one', async () => {
    const player = await t.player();
    expect(JSON.stringify((await give(player, { period: null }).expect(400)).body)).toContain(
      'say from when to when',
    );
    await give(player, { record: { ...RECORD, figure: 'mood' } }).expect(400);
    await give(player, { record: { ...RECORD, words: ['a', 'b', 'c', 'd'] } }).expect(400);
    await give(player, { period: { from: 'soon', to: '2026-01-01' } }).expect(400);
    await give('nobody').expect(404);
    const lesson = await t.lesson(player);
    const { body } = await t
      .http()
      .post(`/api/lessons/${lesson}/pages`)
      .send({ content: { ...content, points: ['a'] }, days: 30 })
      .expect(400);
    expect(JSON.stringify(body)).toContain('of no period');
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
