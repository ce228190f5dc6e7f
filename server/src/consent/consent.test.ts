/** Consent for minors: noted, kept to, and not brought back by a copy. */
import { addDaysIso } from '@loxos/core';
import { startTestApp } from '../testing/app.ts';
import type { TestApp } from '../testing/app.ts';
import { givePage } from '../testing/pages.ts';
import { join } from '../testing/people.ts';

let t: TestApp;
beforeAll(async () => (t = await startTestApp()));
afterAll(() => t.close());

const today = new Date().toISOString().slice(0, 10);
const CHILD = {
  bornOn: addDaysIso(today, -12 * 365),
  isMinor: false,
  guardian: 'Vera Moor, 555 01',
};
const FOR_PAGES = { ...CHILD, consents: [{ kind: 'pages', until: null }] };
const note = (id: string, body: object) => t.http().put(`/api/players/${id}/consent`).send(body);
const noted = async (id: string) =>
  (await t.http().get(`/api/players/${id}/consent`).expect(200)).body as object;
const give = async (playerId: string) => {
  const lesson = await t.lesson(playerId);
  return givePage(t.http(), lesson);
};
const page = (token: string) => t.as('').get(`/api/p/${token}`);

it('of nobody is nothing noted, and an adult’s pages are given', async () => {
  const id = await t.player();
  expect(await noted(id)).toEqual({ bornOn: null, isMinor: false, guardian: '', consents: [] });
  expect((await give(id)).status).toBe(201);
});

it('without it no link is made for a minor, nor a report', async () => {
  const id = await t.player({ name: 'Ida Moor' });
  await note(id, { ...CHILD, consents: [] }).expect(200);
  const refused = await give(id);
  expect(refused.status).toBe(409);
  expect(refused.body.message).toMatch(/^Ida Moor is a minor: first note/);
  await t.http().post(`/api/players/${id}/reports`).send({ days: 7 }).expect(409);
  await note(id, FOR_PAGES).expect(200);
  expect((await give(id)).status).toBe(201);
});

it('keeps who noted it and when, until another is noted', async () => {
  const id = await t.player();
  const { body: first } = await note(id, FOR_PAGES).expect(200);
  expect(first.consents).toMatchObject([{ kind: 'pages', notedBy: 'Olga Ower' }]);
  const coach = await join(t, 'coach');
  const pictures = { kind: 'pictures', until: addDaysIso(today, 30) };
  const both = { ...FOR_PAGES, consents: [...FOR_PAGES.consents, pictures] };
  await t.as(coach.cookie).put(`/api/players/${id}/consent`).send(both).expect(200);
  expect(await noted(id)).toMatchObject({
    consents: [
      { kind: 'pages', notedBy: 'Olga Ower' },
      { kind: 'pictures', notedBy: coach.name },
    ],
  });
  const { body: history } = await t.http().get(`/api/players/${id}/history`);
  expect((history as object[])[0]).toMatchObject({ what: 'age and consent noted', canUndo: false });
});

it('taken back or over closes the links there are, also where a copy is put back', async () => {
  const id = await t.player();
  await note(id, FOR_PAGES).expect(200);
  const { body: given } = await give(id);
  await page(given.token).expect(200);
  const { body: copy } = await t.http().post('/api/backups').expect(201);
  await note(id, { ...CHILD, consents: [] }).expect(200);
  await page(given.token).expect(410);
  await t.http().post(`/api/backups/${copy.name}/restore`).expect(204);
  await page(given.token).expect(410);
  await note(id, { ...CHILD, consents: [{ kind: 'pages', until: addDaysIso(today, -3) }] });
  await page(given.token).expect(410);
  await note(id, FOR_PAGES).expect(200);
  await page(given.token).expect(200);
});

it.each([
  [{ bornOn: '2014-13-01' }, /bornOn/],
  [{ bornOn: '2999-01-01' }, /still to come/],
  [{ guardian: '' }, /write who agreed/],
  [{ guardian: 'a\nb' }, /guardian/],
  [{ consents: [{ kind: 'songs', until: null }] }, /kind/],
  [{ consents: [{ kind: 'pages', until: 'soon' }] }, /until/],
  [{ consents: [...FOR_PAGES.consents, ...FOR_PAGES.consents] }, /each kind once/],
])('says what is wrong with %p', async (wrong, words) => {
  const { body } = await note(await t.player(), { ...FOR_PAGES, ...wrong }).expect(400);
  expect(JSON.stringify(body)).toMatch(words);
});

it('is no assistant’s to see, and goes with the player who is erased', async () => {
  const id = await t.player({ name: 'Gone Gorse' });
  await note(id, FOR_PAGES).expect(200);
  const assistant = await join(t, 'assistant');
  await t.as(assistant.cookie).get(`/api/players/${id}/consent`).expect(403);
  await t.http().post(`/api/players/${id}/erase`).send({ name: 'Gone Gorse' }).expect(204);
  await t.http().get(`/api/players/${id}/consent`).expect(404);
});
