/** Who reads what is personal of a player, whichever way it is asked for. */
import { eq } from 'drizzle-orm';
import { history } from '../db/schema/index.ts';
import { Store } from '../db/store.ts';
import { startTestApp } from '../testing/app.ts';
import type { TestApp } from '../testing/app.ts';
import { givePage } from '../testing/pages.ts';
import { join } from '../testing/people.ts';
import type { HistoryEntry } from '../changes/past.dto.ts';
import { edit, putBack } from '../testing/edit.ts';

let t: TestApp;
/** Cookies; the player is the coach's. */
let own: string;
let other: string;
let assistant: string;
/** The player, a lesson of another day with a page, and the coach. */
const ids: Record<'player' | 'lesson' | 'page' | 'coach' | 'today', string> = {
  player: '',
  lesson: '',
  page: '',
  coach: '',
  today: '',
};

/** Told of the body, on a day, and written back: each may be read by nobody else. */
const SECRETS = ['heronry', 'marshlight', 'tidewrack'] as const;
const NOTES = `Stiff back since the ${SECRETS[0]}`;
const THAT_DAY = `The wrist aches, ${SECRETS[1]}`;

const keepTo = (personalFor: string) => t.http().patch('/api/academy').send({ personalFor });

beforeAll(async () => {
  t = await startTestApp();
  const joined = await join(t, 'coach');
  own = joined.cookie;
  ids.coach = joined.id;
  other = (await join(t, 'coach', 'other@academy.example')).cookie;
  assistant = (await join(t, 'assistant')).cookie;
  const player = { name: 'Ada Reed', hand: 'right', coachId: ids.coach };
  ids.player = (await edit(t.as(own), 'player.add', { fields: player }).expect(200)).body
    .id as string;
  await edit(t.as(own), 'player.set', { id: ids.player, fields: { bodyNotes: NOTES } }).expect(200);
  ids.lesson = await t.lesson(ids.player);
  const setup = (lesson: string) =>
    edit(t.as(own), 'part.set', { id: `${lesson}.setup`, fields: { body: THAT_DAY } });
  await setup(ids.lesson).expect(200);
  // Put down on the lesson's own day.
  const thatDay = eq(history.thingId, `${ids.lesson}.setup`);
  await t.app
    .get(Store)
    .write((tx) => tx.update(history).set({ at: '2026-05-04T09:10:00.000Z' }).where(thatDay));
  const given = await givePage(t.http(), ids.lesson);
  const { id, token } = given.body as { id: string; token: string };
  ids.page = id;
  const word = { id: '6f0c1f9e-6d2e-4b61-9b0e-3f3f7a2f1a11', text: `It hurt, ${SECRETS[2]}` };
  await edit(t.as(''), 'word.add', { fields: word }, { page: token }).expect(200);
  const now = { playerId: ids.player, startsAt: new Date().toISOString() };
  ids.today = (await edit(t.as(own), 'lesson.add', { fields: now }).expect(200)).body.id as string;
});
afterAll(() => t.close());

/** Everything that can be asked for with what is known here: every path, with every id in its gaps. */
async function everythingAsked(cookie: string): Promise<string> {
  const { body } = await t.http().get('/api/openapi.json').expect(200);
  const paths = Object.entries(body.paths as Record<string, { get?: object }>);
  const texts: string[] = [];
  for (const [path, { get }] of paths) {
    // A stream stays open, and tells balls alone (bays/live-stream.test.ts).
    if (get === undefined || path.endsWith('/live')) continue;
    for (const id of path.includes('{') ? Object.values(ids) : ['']) {
      const url = `${path.replace(/\{\w+\}/g, id)}?today=2026-05-05`;
      const { text, body: bytes } = await t.as(cookie).get(url);
      texts.push(text ?? String(bytes));
    }
  }
  return texts.join('\n');
}
const secretsIn = (text: string): string[] => SECRETS.filter((secret) => text.includes(secret));

it('an assistant is told which parts of the body to mind, and no more, wherever it is asked', async () => {
  const text = await everythingAsked(assistant);
  expect(secretsIn(text)).toEqual([]);
  const { body } = await t.as(assistant).get(`/api/players/${ids.player}`).expect(200);
  expect(body).toMatchObject({ bodyNotes: 'back, stiff', isPersonalRead: false });
});

it('every coach reads all where the academy said nothing', async () => {
  expect(secretsIn(await everythingAsked(other))).toEqual([...SECRETS]);
});

describe('kept to a player’s own coach', () => {
  beforeAll(() => keepTo('own-coach').expect(200));
  afterAll(() => keepTo('coaches').expect(200));

  it('another coach reads none of it, and their own all', async () => {
    expect(secretsIn(await everythingAsked(other))).toEqual([]);
    expect(secretsIn(await everythingAsked(own))).toEqual([...SECRETS]);
  });

  it('who may not read it cannot write over it, nor put it back, nor take it out', async () => {
    const patch = (body: object) =>
      edit(t.as(other), 'player.set', { id: ids.player, fields: body });
    expect((await patch({ bodyNotes: 'none' }).expect(403)).body.message).toMatch(/own coach/);
    await patch({ coachId: '' }).expect(403);
    await patch({ aims: 'Straighter' }).expect(200);
    await edit(t.as(other), 'part.set', {
      id: `${ids.lesson}.setup`,
      fields: { body: 'fine' },
    }).expect(403);
    await t.as(other).get(`/api/players/${ids.player}/archive`).expect(403);
    const history = await t.as(other).get(`/api/players/${ids.player}/history`).expect(200);
    const changes = history.body as HistoryEntry[];
    const told = changes.find(({ steps }) => 'bodyNotes' in steps[0]!.after)!;
    expect(told).toMatchObject({ canUndo: false });
    expect(told.steps[0]!.after).toEqual({ bodyNotes: 'back, stiff' });
    await putBack(t.as(other), told).expect(403);
    const { body } = await t.as(own).get(`/api/players/${ids.player}`).expect(200);
    expect(body).toMatchObject({ bodyNotes: NOTES, aims: 'Straighter' });
  });

  it('on its day a lesson’s coach reads and writes how the body feels; an assistant never', async () => {
    const setup = `/api/lessons/${ids.today}/parts`;
    const changes = { body: 'The hip pinches' };
    await edit(t.as(other), 'part.set', { id: `${ids.today}.setup`, fields: changes }).expect(200);
    const valueFor = async (cookie: string) =>
      ((await t.as(cookie).get(setup).expect(200)).body as { value: object }[])[0]!.value;
    expect(await valueFor(other)).toEqual(changes);
    expect(await valueFor(assistant)).toEqual({ body: 'hip' });
  });

  it('a lesson that is moved to today tells nobody how the body felt on its own day', async () => {
    const moved = { startsAt: new Date().toISOString() };
    await edit(t.as(other), 'lesson.set', { id: ids.lesson, fields: moved }).expect(200);
    expect(secretsIn(await everythingAsked(other))).toEqual([]);
    await edit(t.as(other), 'part.set', {
      id: `${ids.lesson}.setup`,
      fields: { body: 'fine' },
    }).expect(403);
  });

  it('nobody’s player is read by every coach, and an owner says whose a player is', async () => {
    const nobodys = await t.player({ coachId: '', bodyNotes: 'Elbow' });
    const { body } = await t.as(other).get(`/api/players/${nobodys}`).expect(200);
    expect(body).toMatchObject({ bodyNotes: 'Elbow', isPersonalRead: true });
    const asOwner = await t.http().get(`/api/players/${ids.player}`).expect(200);
    expect(asOwner.body.isPersonalRead).toBe(false);
    await edit(t.http(), 'player.set', { id: ids.player, fields: { coachId: '' } }).expect(200);
    await edit(t.http(), 'player.set', { id: ids.player, fields: { coachId: ids.coach } }).expect(
      200,
    );
  });

  it('a copy from before opens it to nobody', async () => {
    await keepTo('coaches').expect(200);
    const { body: copy } = await t.http().post('/api/backups').expect(201);
    await keepTo('own-coach').expect(200);
    await t
      .http()
      .post(`/api/backups/${copy.name as string}/restore`)
      .expect(204);
    const { body } = await t.as(other).get(`/api/players/${ids.player}`).expect(200);
    expect(body.isPersonalRead).toBe(false);
  });
});

it('is only what it can be', async () => {
  await keepTo('everybody').expect(400);
  await t.as(own).patch('/api/academy').send({ personalFor: 'own-coach' }).expect(403);
});
