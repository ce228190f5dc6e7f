import { addDaysIso } from '@loxos/core';
import ICAL from 'ical.js';
import { Clock } from '../common/clock.ts';
import { startTestApp } from '../testing/app.ts';
import type { TestApp } from '../testing/app.ts';
import { givePage } from '../testing/pages.ts';
import { edit, putInto, tickAt } from '../testing/edit.ts';

let t: TestApp;
beforeAll(async () => (t = await startTestApp()));
afterAll(() => t.close());

const lessonOf = (id: string) => t.whole(id);
const put = (id: string, part: string, changes: object) =>
  edit(t.http(), 'part.set', { id: `${id}.${part}`, fields: changes });

describe('the steps of a lesson', () => {
  it('are kept field by field, and resumed on any device', async () => {
    const id = await t.lesson();
    await put(id, 'setup', { feetDeg: -6, knuckles: 3, body: 'fine today' }).expect(200);
    await put(id, 'setup', { feetDeg: -4 }).expect(200);
    await put(id, 'causes', { 'observations.ball-position': 1, 'observations.chest': 0 });
    await put(id, 'causes', { 'observations.chest': null }).expect(200);
    const { parts } = await lessonOf(id);
    const value = (name: string): unknown => parts.find(({ part }) => part === name)!.value;
    expect(value('setup')).toEqual({ feetDeg: -4, knuckles: 3, body: 'fine today' });
    expect(value('causes')).toEqual({ observations: { 'ball-position': 1 } });
  });

  it.each([
    ['setup', { feetDeg: 400 }, 'feetDeg'],
    ['setup', { shoes: 'white' }, 'shoes'],
    ['causes', { 'observations.moon': 1 }, 'no link “moon”'],
    ['causes', { 'observations.chest': 7 }, 'must be −1, 0 or 1'],
    ['causes', { observations: 'all' }, 'observations'],
    ['work', { route: 'luck', drillIds: [] }, 'route'],
    ['work', { stage: 3, drillIds: [] }, 'stage'],
    ['work', { 'stations.rails': { pathDeg: 40 } }, 'pathDeg of “rails”'],
    ['work', { 'stations.rails': 'far' }, 'pathDeg of “rails”'],
    ['setup', { wanted: { shape: 'banana' } }, 'shape'],
    [
      'send',
      { points: ['a', 'b', 'c'], homework: [], nextLook: '2026-05-05' },
      'two points at most',
    ],
  ])('refuse %s %p', async (part, value, reason) => {
    const id = await t.lesson();
    const { body } = await put(id, part, value).expect(400);
    expect(JSON.stringify(body)).toContain(reason);
    expect((await lessonOf(id)).parts).toEqual([]);
  });

  it('there are no others', async () => {
    await put(await t.lesson(), 'party', {}).expect(404);
  });
});

describe('blocks and repetitions', () => {
  it('balls are put into blocks, and what a drill moved is ranked for the player', async () => {
    const playerId = await t.player();
    const id = await t.lesson(playerId);
    const ids: string[] = [];
    for (const clubPathDeg of [-6, -5.5, -6.5, -6.2, -5.8, -2, -2.4, -1.8, -2.2, -1.9]) {
      const { body } = await edit(t.http(), 'ball.add', {
        of: id,
        fields: { clubPathDeg, faceAngleDeg: 0, club: '7-iron' },
      });
      ids.push(body.id as string);
    }
    const begin = (body: object) => edit(t.http(), 'block.add', { of: id, fields: body });
    const move = (ballIds: string[], blockId: string | null) =>
      putInto(t.http(), id, { ballIds, blockId });
    const [baseline, drill] = [crypto.randomUUID(), crypto.randomUUID()];
    await begin({ id: baseline, kind: 'baseline' }).expect(200);
    await begin({ id: drill, kind: 'drill', drillId: 'overhang' }).expect(200);
    await begin({ id: crypto.randomUUID(), kind: 'party' }).expect(400);
    await move(ids.slice(0, 5), baseline).expect(200);
    await move(ids.slice(5), drill).expect(200);
    const { body: effects } = await t.http().get(`/api/players/${playerId}/effects`).expect(200);
    const path = effects.find((e: { figure: string }) => e.figure === 'clubPathDeg');
    expect(path).toMatchObject({ drillId: 'overhang', kind: 'iron', balls: 5, returned: null });
    expect(path.byDeg).toBeCloseTo(3.94, 6);
    const { body: changes } = await t.http().get(`/api/lessons/${id}/history`);
    expect(changes.map((c: { what: string }) => c.what)).toEqual(
      expect.arrayContaining(['ball 1 added', '5 balls put into drill']),
    );
    await move(ids.slice(5), null).expect(200);
    expect((await lessonOf(id)).balls[9]).toMatchObject({ blockId: null });
  });

  it('a repetition sent twice is one, and can be taken back', async () => {
    const id = await t.lesson();
    const rep = {
      id: crypto.randomUUID(),
      drillId: 'overhang',
      good: false,
      miss: 'touched the rod',
      feltDeg: 10,
      measuredDeg: 3,
    };
    for (let i = 0; i < 2; i++)
      await edit(t.http(), 'repetition.add', { of: id, fields: rep }).expect(200);
    expect((await lessonOf(id)).repetitions).toMatchObject([{ ...rep, byPlayer: false }]);
    await edit(t.http(), 'repetition.remove', { id: rep.id }).expect(200);
    expect((await lessonOf(id)).repetitions).toEqual([]);
    await edit(t.http(), 'repetition.remove', { id: 'none' }).expect(404);
  });
});

describe('the player’s page', () => {
  const SAID = {
    points: ['Swing less across.'],
    homework: [
      { date: '2026-05-07', what: 'Overhang: ten slow swings' },
      { date: '2026-05-10', what: 'Overhang: ten balls' },
    ],
    nextLook: '2026-05-18',
  };
  const share = async (days = 30) => {
    const id = await t.lesson(await t.player({ name: 'Nan Brook', hand: 'left' }));
    const { body } = await givePage(t.http(), id, SAID, days);
    return { lessonId: id, pageId: body.id as string, token: body.token as string };
  };

  it('opens behind its link alone, takes ticks and repetitions, and the coach sees them', async () => {
    const { lessonId, pageId, token } = await share();
    expect(token).toMatch(/^[\w-]{32}$/);
    const { body: page, headers } = await t.http().get(`/api/p/${token}`).expect(200);
    expect(page).toMatchObject({
      playerName: 'Nan Brook',
      hand: 'left',
      points: SAID.points,
      ticked: [],
    });
    expect(headers['cache-control']).toBe('no-store');
    await tickAt(t.http(), token, { date: '2026-05-07', done: true }).expect(200);
    await tickAt(t.http(), token, { date: '2026-05-08', done: true }).expect(400);
    await edit(
      t.http(),
      'repetition.add',
      { fields: { id: crypto.randomUUID(), drillId: 'overhang', good: true } },
      { page: token },
    ).expect(200);
    const lesson = await lessonOf(lessonId);
    expect(lesson.pages).toMatchObject([{ id: pageId, ticked: ['2026-05-07'] }]);
    expect(JSON.stringify(lesson.pages)).not.toContain(token);
    expect(lesson.repetitions).toMatchObject([{ byPlayer: true, good: true }]);
  });

  it('takes no tick for a day that is still to come, and one for today', async () => {
    const id = await t.lesson();
    const today = new Date().toISOString().slice(0, 10);
    const homework = [0, 3].map((days) => ({ date: addDaysIso(today, days), what: 'Ten' }));
    const { body } = await givePage(t.http(), id, { homework });
    const tick = (date: string) => tickAt(t.as(''), body.token as string, { date, done: true });
    await tick(homework[0]!.date).expect(200);
    const refused = await tick(homework[1]!.date).expect(400);
    expect(refused.body.fields).toEqual([{ field: 'id', reason: 'that day is still to come' }]);
  });

  it('is a line of history a day, however often the player logs at it', async () => {
    const { lessonId, token } = await share();
    for (let n = 0; n < 12; n++)
      await edit(
        t.as(''),
        'repetition.add',
        { fields: { id: crypto.randomUUID(), drillId: 'overhang', good: true } },
        { page: token },
      ).expect(200);
    await edit(t.http(), 'repetition.add', {
      of: lessonId,
      fields: { id: crypto.randomUUID(), drillId: 'overhang', good: true },
    }).expect(200);
    const { body } = await t.http().get(`/api/lessons/${lessonId}/history`).expect(200);
    const lines = (body as { what: string; who: string; times: number; canUndo: boolean }[]).filter(
      ({ what }) => /repetition/.test(what),
    );
    expect(lines).toMatchObject([
      { who: 'Olga Ower', times: 1, canUndo: true },
      { who: 'player', times: 12, canUndo: false },
    ]);
  });

  it('takes a word back once however often it is sent, and shows it to the coach', async () => {
    const { lessonId, token } = await share();
    const say = (id: string, text: string) =>
      edit(t.as(''), 'word.add', { fields: { id, text } }, { page: token });
    await say('word-0001', ' The rails feel narrow ').expect(200);
    await say('word-0001', 'The rails feel narrow').expect(200);
    await say('word-0002', '   ').expect(400);
    await say('word-0003', 'x'.repeat(501)).expect(400);
    const said = [{ id: 'word-0001', text: 'The rails feel narrow' }];
    expect((await t.as('').get(`/api/p/${token}`)).body).toMatchObject({ said });
    const lesson = await lessonOf(lessonId);
    expect(lesson.pages).toMatchObject([{ said }]);
    const { body } = await t.http().get(`/api/lessons/${lessonId}/history`);
    expect(body[0]).toMatchObject({ what: 'a word back from the player', who: 'player' });
    expect(JSON.stringify(body[0])).not.toContain('rails');
  });

  it('takes fifty words, and no more', async () => {
    const { token } = await share();
    const say = (n: number) =>
      edit(
        t.as(''),
        'word.add',
        { fields: { id: `word-${1000 + n}`, text: `no. ${n}` } },
        { page: token },
      );
    for (let n = 0; n < 50; n++) await say(n).expect(200);
    const { body } = await say(50).expect(400);
    expect(body.message).toMatch(/enough for one page/);
    await say(3).expect(200);
  });

  it('is refused when guessed, withdrawn or ended, each in words', async () => {
    const { body: unknown } = await t
      .http()
      .get('/api/p/AAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAA')
      .expect(404);
    expect(unknown.message).toContain('no page behind this link');
    const { pageId, token } = await share();
    await edit(t.http(), 'page.remove', { id: pageId }).expect(200);
    const { body: gone } = await t.http().get(`/api/p/${token}`).expect(410);
    expect(gone).toMatchObject({ kind: 'gone' });
    expect(gone.message).toContain('withdrawn');
    await tickAt(t.http(), token, { date: '2026-05-07', done: true }).expect(410);
    const late = await share(1);
    const twoDays = Date.now() + 2 * 24 * 3600 * 1000;
    const spy = jest.spyOn(t.app.get(Clock), 'now').mockReturnValue(new Date(twoDays));
    const { body: ended } = await t.http().get(`/api/p/${late.token}`).expect(410);
    spy.mockRestore();
    expect(ended.message).toContain('This link has ended');
  });

  it('gives its homework as a calendar that another parser reads', async () => {
    const { token } = await share();
    const { text, headers } = await t.http().get(`/api/p/${token}/homework.ics`).expect(200);
    expect(headers['content-type']).toContain('text/calendar');
    const calendar = new ICAL.Component(
      ICAL.parse(text) as ConstructorParameters<typeof ICAL.Component>[0],
    );
    const events = calendar.getAllSubcomponents('vevent').map((e) => new ICAL.Event(e));
    expect(events.map((e) => [e.startDate.toString(), e.startDate.isDate, e.summary])).toEqual([
      ['2026-05-07', true, 'Overhang: ten slow swings'],
      ['2026-05-10', true, 'Overhang: ten balls'],
      ['2026-05-18', true, 'Next look at Test academy'],
    ]);
  });

  it('is of the day of its lesson by the academy’s clock, wherever the server stands', async () => {
    const { token } = await share();
    const dayIn = async (zone: string): Promise<string> => {
      await t.http().patch('/api/academy').send({ zone }).expect(200);
      return (await t.http().get(`/api/p/${token}`).expect(200)).body.date;
    };
    const { startsAt } = (await t.http().get('/api/lessons').expect(200)).body[0];
    const hour = Number(startsAt.slice(11, 13));
    // Fourteen hours east and eleven west: at one of them it is another day.
    const [east, west] = [await dayIn('Pacific/Kiritimati'), await dayIn('Pacific/Pago_Pago')];
    expect(east === startsAt.slice(0, 10)).toBe(hour < 10);
    expect(west === startsAt.slice(0, 10)).toBe(hour >= 11);
  });

  it('is refused with nothing to say, with a link that never ends, or with a page made elsewhere', async () => {
    const id = await t.lesson();
    const send = (body: object) => t.http().post(`/api/lessons/${id}/pages`).send(body);
    expect((await send({ days: 30 }).expect(400)).body.message).toContain('write at least one');
    expect((await givePage(t.http(), id, {}, 9999)).status).toBe(400);
    await send({ days: 30, content: { points: ['a'] } }).expect(400);
  });
});

describe('the academy’s own drills', () => {
  const own = {
    name: 'Low bench',
    movesPath: 1,
    movesFace: 0,
    how: 'Swing under it',
    good: 'No touch',
    parts: [{ kind: 'rod', label: 'bench', alongM: -0.3, outM: 0.2, lengthM: 0.4, angleDeg: 90 }],
  };
  it('are added, listed and taken away', async () => {
    const { body } = await edit(t.http(), 'drill.add', { fields: own }).expect(200);
    expect((await t.http().get('/api/drills')).body).toMatchObject([{ ...own, id: body.id }]);
    await edit(t.http(), 'drill.remove', { id: body.id }).expect(200);
    expect((await t.http().get('/api/drills')).body).toEqual([]);
    await edit(t.http(), 'drill.restore', { id: body.id }).expect(200);
    expect((await t.http().get('/api/drills')).body).toMatchObject([{ id: body.id }]);
    await edit(t.http(), 'drill.remove', { id: body.id }).expect(200);
    // Sent twice under an id of the browser's own, it is one.
    const mine = { ...own, id: `own-${crypto.randomUUID()}` };
    await edit(t.http(), 'drill.add', { fields: mine }).expect(200);
    await edit(t.http(), 'drill.add', { fields: mine }).expect(200);
    expect((await t.http().get('/api/drills')).body).toEqual([mine]);
    await edit(t.http(), 'drill.add', { fields: { ...own, id: 'rails' } }).expect(400);
    await edit(t.http(), 'drill.remove', { id: 'none' }).expect(404);
    await edit(t.http(), 'drill.add', {
      fields: { ...own, parts: [{ ...own.parts[0], alongM: 99 }] },
    }).expect(400);
  });
});
