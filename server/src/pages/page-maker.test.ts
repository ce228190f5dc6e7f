import { contextOf, lessonBall, pageOfLesson, readLesson, workedOf } from '@loxos/core';
import type { HeldLesson, PageContent } from '@loxos/core';
import { startTestApp } from '../testing/app.ts';
import type { TestApp } from '../testing/app.ts';
import { edit } from '../testing/edit.ts';
import { givePage, threeVisits } from '../testing/pages.ts';

let t: TestApp;
beforeAll(async () => (t = await startTestApp()));
afterAll(() => t.close());

/** Eight pulled sevens before, rails on the path after. */
async function worked(hand: 'right' | 'left') {
  const player = await t.player({ hand, lengthUnit: 'm', bodyNotes: 'a stiff lower back' });
  const lesson = await t.lesson(player);
  const begin = (kind: string, drillId: string | null) =>
    edit(t.http(), 'block.add', { of: lesson, fields: { kind, drillId } }).expect(200);
  const hit = async (pathDeg: number, faceDeg: number) => {
    for (let n = 0; n < 8; n++) {
      const spread = (n % 4) / 2 - 0.75;
      const side = hand === 'left' ? -1 : 1;
      const fields = {
        clubPathDeg: side * (pathDeg + spread),
        faceAngleDeg: side * (faceDeg + spread / 2),
        carryM: 140,
        club: '7-iron',
      };
      await edit(t.http(), 'ball.add', { of: lesson, fields }).expect(200);
    }
  };
  await begin('baseline', null);
  await hit(-6, -6);
  await edit(t.http(), 'part.set', { id: `${lesson}.work`, fields: { drillIds: ['rails'] } });
  await begin('drill', 'rails');
  await hit(-2, -2);
  return { player, lesson };
}

/** The page as a browser makes it of what the API answers. */
async function seenByCoach(lessonId: string): Promise<PageContent> {
  const whole = await t.whole(lessonId);
  const held = whole as unknown as HeldLesson;
  const rules = (await t.http().get('/api/settings')).body;
  const reading = readLesson(
    held.balls.map((ball) => lessonBall(ball, held.blocks)),
    contextOf(held, rules),
  );
  const from = { shown: null, effects: [], own: [], rules, isToday: false };
  const previous = { lesson: null, reading: null };
  const found = workedOf(held, reading, { ...from, previous });
  const units = { length: 'm', speed: 'mph', angle: 'letters' } as const;
  const wording = { hand: held.player.hand, bands: rules.bands, units };
  const date = whole.startsAt.slice(0, 10);
  const { content } = pageOfLesson(held, { worked: found, wording, date, record: null });
  return JSON.parse(JSON.stringify(content)) as PageContent;
}

const givenOf = async (lessonId: string, over: object): Promise<PageContent> => {
  const { body, status } = await givePage(t.http(), lessonId, over);
  expect(status).toBe(201);
  return (
    await t
      .as('')
      .get(`/api/p/${body.token as string}`)
      .expect(200)
  ).body as PageContent;
};

describe.each(['right', 'left'] as const)('the page of a %s-hander', (hand) => {
  it('is made by the server as the coach saw it', async () => {
    const { lesson } = await worked(hand);
    const over = { points: [null, 'Breathe out.'], isRecordShown: false };
    const given = await givenOf(lesson, over);
    expect(given).toMatchObject(await seenByCoach(lesson));
    const towards = hand === 'right' ? 'right' : 'left';
    expect(given.points).toEqual([
      `Turn body line and clubface together to the ${towards}.`,
      'Breathe out.',
    ]);
    expect(given.stations).toMatchObject([{ drillId: 'rails', hand }]);
    expect(given.slants.map(({ label }) => label)).toEqual(['Before', 'After']);
    const [before] = given.slants;
    expect(Math.sign(before!.clubPathDeg)).toBe(hand === 'right' ? -1 : 1);
    expect(given.numbers.length).toBeGreaterThan(0);
    expect(given.record).toBeNull();
  });
});

it('holds the record where it is shown, and keeps all of it as it was given', async () => {
  const { lesson } = await threeVisits(t);
  const { body } = await givePage(t.http(), lesson);
  const open = async () =>
    (await t.as('').get(`/api/p/${body.token as string}`)).body as PageContent;
  const given = await open();
  expect(given.record!.words.join(' ')).toMatch(/^Your clubface is/);
  const [ball] = (await t.whole(lesson)).balls;
  await edit(t.http(), 'ball.set', { id: ball!.id, fields: { clubPathDeg: 20 } }).expect(200);
  await edit(t.http(), 'part.set', { id: `${lesson}.send`, fields: { points: ['New'] } });
  expect(await open()).toEqual(given);
});

it('is of the club that is asked for', async () => {
  const { lesson } = await worked('right');
  await edit(t.http(), 'part.set', { id: `${lesson}.send`, fields: { points: ['Aim there'] } });
  for (let n = 0; n < 4; n++)
    await edit(t.http(), 'ball.add', {
      of: lesson,
      fields: { clubPathDeg: 5, faceAngleDeg: 1 + n / 4, carryM: 210, club: 'driver' },
    }).expect(200);
  const slantsOf = async (club: string) => {
    const { body } = await t.http().post(`/api/lessons/${lesson}/pages`).send({ days: 9, club });
    const page = (await t.as('').get(`/api/p/${body.token as string}`)).body as PageContent;
    return page.slants.length;
  };
  expect([await slantsOf('7-iron'), await slantsOf('driver')]).toEqual([2, 0]);
});
