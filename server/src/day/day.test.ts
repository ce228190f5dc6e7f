import { startTestApp } from '../testing/app.ts';
import type { TestApp } from '../testing/app.ts';
import { givePage, homeworkOn } from '../testing/pages.ts';
import { edit, tickAt } from '../testing/edit.ts';

let t: TestApp;
beforeAll(async () => (t = await startTestApp()));
afterAll(() => t.close());

async function given(playerId: string, startsAt: string, point: string) {
  const { body: lesson } = await edit(t.http(), 'lesson.add', { fields: { playerId, startsAt } });
  const homework = homeworkOn('2026-05-06', '2026-05-08', '2026-05-10');
  const { body, status } = await givePage(t.http(), lesson.id, { points: [point], homework });
  expect(status).toBe(201);
  return { lessonId: lesson.id as string, token: body.token as string, pageId: body.id as string };
}

describe('what players were given', () => {
  it('says the last of each, how its homework goes, and whether they are booked', async () => {
    const ida = await t.player({ name: 'Ida Moor' });
    const finn = await t.player({ name: 'Finn Tarn' });
    const old = await given(ida, '2026-04-20T09:00:00Z', 'the old one');
    const now = await given(ida, '2026-05-04T09:00:00Z', 'the new one');
    await given(finn, '2026-05-04T10:00:00Z', 'another');
    await edit(t.http(), 'lesson.add', {
      fields: { playerId: finn, startsAt: '2026-05-20T10:00:00Z' },
    });
    const tick = { date: '2026-05-06', done: true };
    await tickAt(t.http(), now.token, tick).expect(200);
    // Written on the older page: it is the player's last word all the same.
    const word = { id: 'a-word-of-ida', text: 'It starts left now' };
    await edit(t.as(''), 'word.add', { fields: word }, { page: old.token }).expect(200);
    const { body } = await t.http().get('/api/given').query({ today: '2026-05-11' }).expect(200);
    const of = (name: string) =>
      body.find((one: { player: { name: string } }) => one.player.name === name);
    expect(of('Ida Moor')).toMatchObject({
      points: ['the new one'],
      homeworkDone: 1,
      homeworkDue: 3,
      isHomeworkStopped: true,
      isBooked: false,
      lastWord: word,
    });
    expect(of('Finn Tarn')).toMatchObject({ homeworkDone: 0, isBooked: true, lastWord: null });
    const { body: list } = await t
      .http()
      .get(`/api/players/${ida}/given`)
      .query({ today: '2026-05-07' })
      .expect(200);
    expect(list).toMatchObject([
      { points: ['the old one'], lastWord: word },
      { points: ['the new one'], homeworkDone: 1, homeworkDue: 1, isHomeworkStopped: false },
    ]);
    await edit(t.http(), 'page.remove', { id: now.pageId });
  });

  it('needs a real day', async () => {
    await t.http().get('/api/given').query({ today: 'soon' }).expect(400);
    await t.http().get('/api/given').expect(400);
  });
});
