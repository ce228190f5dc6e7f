import ICAL from 'ical.js';
import { startTestApp } from '../testing/app.ts';
import type { TestApp } from '../testing/app.ts';
import { join } from '../testing/people.ts';
import { edit } from '../testing/edit.ts';

let t: TestApp;
beforeAll(async () => (t = await startTestApp()));
afterAll(() => t.close());

const inDays = (days: number): string => {
  const day = new Date(Date.now() + days * 24 * 3600 * 1000);
  day.setUTCHours(10, 30, 0, 0);
  return day.toISOString();
};
const make = async (cookie: string, whose: string): Promise<string> => {
  const { body } = await t.as(cookie).post('/api/account/calendar').send({ whose }).expect(201);
  return (body as { path: string }).path;
};
async function eventsAt(path: string): Promise<ICAL.Event[]> {
  const { text, headers } = await t.as('').get(path).expect(200);
  expect(headers['content-type']).toContain('text/calendar');
  const calendar = new ICAL.Component(
    ICAL.parse(text) as ConstructorParameters<typeof ICAL.Component>[0],
  );
  return calendar.getAllSubcomponents('vevent').map((event) => new ICAL.Event(event));
}

describe('lessons in somebody’s own calendar', () => {
  it('are read at an address by another parser, in order, an hour each', async () => {
    const coach = await join(t, 'coach');
    const mine = await t.player({ name: 'Nan Brook', coachId: coach.id });
    const other = await t.player({ name: 'Finn Tarn' });
    const book = async (playerId: string, startsAt: string, asked: string): Promise<string> => {
      const made = await edit(t.http(), 'lesson.add', { fields: { playerId, startsAt, asked } });
      return (made.body as { id: string }).id;
    };
    const first = await book(mine, inDays(2), 'Straighter');
    await book(other, inDays(1), '');
    const old = await book(mine, inDays(-200), '');
    const gone = await book(mine, inDays(3), '');
    await edit(t.http(), 'lesson.remove', { id: gone }).expect(200);
    const all = await eventsAt(await make(coach.cookie, 'all'));
    expect(all.map(({ summary }) => summary)).toEqual(['Finn Tarn', 'Nan Brook']);
    const events = await eventsAt(await make(coach.cookie, 'mine'));
    expect(events.map(({ uid, summary, description }) => [uid, summary, description])).toEqual([
      [first, 'Nan Brook', 'Straighter'],
    ]);
    expect(events[0]!.startDate.toJSDate().toISOString()).toBe(inDays(2));
    expect(events[0]!.duration.toSeconds()).toBe(3600);
    expect(old).not.toBe(first);
    // It follows: a lesson that is moved is moved there.
    await edit(t.http(), 'lesson.set', { id: first, fields: { startsAt: inDays(5) } }).expect(200);
    const path = await make(coach.cookie, 'mine');
    expect((await eventsAt(path))[0]!.startDate.toJSDate().toISOString()).toBe(inDays(5));
    const { body } = await t.as(coach.cookie).get('/api/account/calendar').expect(200);
    expect(body.feed).toMatchObject({ whose: 'mine', readAt: expect.any(String) });
    expect(JSON.stringify(body)).not.toContain(path.split('/').at(-1)!.replace('.ics', ''));
  });

  it('end with the address, with another one, and with whoever made it', async () => {
    const coach = await join(t, 'coach', 'leaving@academy.example');
    const one = await make(coach.cookie, 'all');
    const two = await make(coach.cookie, 'all');
    const { body } = await t.as('').get(one).expect(404);
    expect(body.message).toContain('make a new one');
    await t.as('').get(two).expect(200);
    await t.as(coach.cookie).delete('/api/account/calendar').expect(204);
    await t.as('').get(two).expect(404);
    expect((await t.as(coach.cookie).get('/api/account/calendar')).body).toEqual({ feed: null });
    const three = await make(coach.cookie, 'all');
    await t.http().patch(`/api/people/${coach.id}`).send({ mayEnter: false }).expect(200);
    await t.as('').get(three).expect(404);
  });

  it('are of whom it is said', async () => {
    const { body } = await t.http().post('/api/account/calendar').send({ whose: 'no' }).expect(400);
    expect(JSON.stringify(body)).toContain('whose: choose mine or all');
  });
});
