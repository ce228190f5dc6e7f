/** What is kept and for how long, and players who are long gone. */
import { addMonthsIso } from '@loxos/core';
import { KEPT } from '../backups/copies.ts';
import { startTestApp } from '../testing/app.ts';
import type { TestApp } from '../testing/app.ts';
import { join } from '../testing/people.ts';
import type { HistoryEntry } from '../changes/past.dto.ts';
import { edit, putBack } from '../testing/edit.ts';

let t: TestApp;
beforeAll(async () => {
  t = await startTestApp();
  await academy({ zone: 'UTC' }).expect(200);
});
afterAll(() => t.close());

const today = new Date().toISOString().slice(0, 10);
const academy = (body: object) => t.http().patch('/api/academy').send(body);
const gone = async () => (await t.http().get('/api/kept/gone').expect(200)).body as object[];
const names = async () => (await gone()).map((one) => (one as { name: string }).name);

/** A player whose only lesson was so many months ago. */
async function lastHere(name: string, months: number): Promise<string> {
  const playerId = await t.player({ name });
  const startsAt = `${addMonthsIso(today, -months)}T12:00:00Z`;
  await edit(t.http(), 'lesson.add', { fields: { playerId, startsAt } }).expect(200);
  return playerId;
}

it('everybody who signs in is told what is in force', async () => {
  const { cookie } = await join(t, 'assistant');
  await academy({ idleHours: 24, goneMonths: 36 }).expect(200);
  const { body } = await t.as(cookie).get('/api/kept').expect(200);
  expect(body).toMatchObject({
    academy: 'Test academy',
    personalFor: 'coaches',
    goneMonths: 36,
    idleHours: 24,
    copies: { daily: KEPT.daily, asked: KEPT.asked },
  });
  await t.as('').get('/api/kept').expect(401);
});

it('the longest a link opens is what a link may be given', async () => {
  const { body } = await t.http().get('/api/kept').expect(200);
  const lesson = await t.lesson();
  const share = (days: number) =>
    t.http().post(`/api/lessons/${lesson}/pages`).send({ days, club: 7 });
  const fieldsOf = async (days: number) => JSON.stringify((await share(days).expect(400)).body);
  const most = (body as { pageDays: number }).pageDays;
  expect(await fieldsOf(most)).not.toContain('"days"');
  expect(await fieldsOf(most + 1)).toContain('"days"');
});

describe('players long gone', () => {
  let long: string;
  beforeAll(async () => {
    await academy({ goneMonths: null });
    long = await lastHere('Long Gone', 30);
    await lastHere('Longer Gone', 40);
    await lastHere('Here Lately', 2);
    const booked = await lastHere('Comes Again', 50);
    const startsAt = `${addMonthsIso(today, 1)}T12:00:00Z`;
    await edit(t.http(), 'lesson.add', { fields: { playerId: booked, startsAt } }).expect(200);
    await t.player({ name: 'New Here' });
  });

  it('nobody is where the academy said nothing', async () => {
    expect(await gone()).toEqual([]);
  });

  it('are named, the longest gone first; who is new, or booked, is not', async () => {
    await academy({ goneMonths: 24 }).expect(200);
    expect(await gone()).toEqual([
      expect.objectContaining({ name: 'Longer Gone', isTakenAway: false }),
      expect.objectContaining({ name: 'Long Gone', lastOn: addMonthsIso(today, -30) }),
    ]);
    await academy({ goneMonths: 36 }).expect(200);
    expect(await names()).toEqual(['Longer Gone']);
    await academy({ goneMonths: 24 }).expect(200);
  });

  it('one taken away is named too, until erased', async () => {
    const away = await lastHere('Taken Away', 60);
    await edit(t.http(), 'player.remove', { id: away }).expect(200);
    expect((await gone())[0]).toMatchObject({ name: 'Taken Away', isTakenAway: true });
    await t.http().post(`/api/players/${away}/erase`).send({ name: 'Taken Away' }).expect(204);
    expect(await names()).not.toContain('Taken Away');
  });

  it('one who is kept is not named for a year; undone, they are again', async () => {
    await t.http().post(`/api/players/${long}/keep`).expect(204);
    expect(await names()).toEqual(['Longer Gone']);
    const { body } = await t.http().get(`/api/players/${long}/history`).expect(200);
    const [kept] = body as HistoryEntry[];
    const keepUntil = addMonthsIso(today, 12);
    expect(kept).toMatchObject({ what: 'player kept', steps: [{ after: { keepUntil } }] });
    await putBack(t.as((await join(t, 'coach', 'c@academy.example')).cookie), kept!).expect(403);
    await putBack(t.http(), kept!).expect(200);
    expect(await names()).toEqual(['Longer Gone', 'Long Gone']);
  });

  it('are an owner’s to see and to keep', async () => {
    const { cookie } = await join(t, 'coach');
    await t.as(cookie).get('/api/kept/gone').expect(403);
    await t.as(cookie).post(`/api/players/${long}/keep`).expect(403);
  });

  it.each([5, 121, 7.5, 'never'])('goneMonths cannot be %s', (goneMonths) =>
    academy({ goneMonths }).expect(400),
  );
});
