import { startTestApp } from './testing/app.ts';
import type { TestApp } from './testing/app.ts';
import { edit } from './testing/edit.ts';

let t: TestApp;
beforeAll(async () => (t = await startTestApp()));
afterAll(() => t.close());

describe('the server', () => {
  it('says it is well, and describes its API', async () => {
    const health = await t.http().get('/api/health').expect(200);
    expect(health.body).toEqual({ status: 'ok' });
    const { body } = await t.http().get('/api/openapi.json').expect(200);
    expect(Object.keys(body.paths)).toContain('/api/lessons/{lessonId}/files');
    expect(body.components.schemas).toHaveProperty('Problem');
  });

  it('sends a strict content security policy', async () => {
    const { headers } = await t.http().get('/api/health');
    const policy = headers['content-security-policy'] ?? '';
    expect(policy).toContain("default-src 'self'");
    expect(policy).toContain("style-src-attr 'none'");
    expect(policy).toContain("frame-ancestors 'none'");
    expect(policy).not.toMatch(/script-src[^;]*unsafe/);
    expect(headers['x-powered-by']).toBeUndefined();
  });

  it('tells its API to nobody who is signed out', async () => {
    await t.as('').get('/api/openapi.json').expect(401);
  });

  it('lets a page use no camera, microphone or place', async () => {
    const { headers } = await t.http().get('/api/health');
    expect(headers['permissions-policy']).toMatch(
      /camera=\(\), .*geolocation=\(\), .*microphone=\(\)/,
    );
  });

  it('refuses a Host that is not loopback', async () => {
    const { body } = await t.http().get('/api/players').set('Host', 'loxos.example').expect(403);
    expect(body).toMatchObject({ kind: 'refused', statusCode: 403 });
  });

  it.each([
    { 'Sec-Fetch-Site': 'cross-site' },
    { Origin: 'http://evil.example' },
    { Origin: 'null' },
  ])('refuses a write from elsewhere: %p', async (headers) => {
    await t.http().post('/api/changes').set(headers).send({ changes: [] }).expect(403);
    const { body } = await t.http().get('/api/players');
    expect(body).toEqual([]);
  });

  it('keeps a change waiting that a page from before an update sends to a route that is no more', async () => {
    const sent = t.http().patch('/api/players/x').set('x-loxos-change', 'of-before');
    const { body } = await sent.send({ aims: 'x' }).expect(503);
    expect(body.message).toContain('load the page again');
  });

  it('answers what it does not know with a plain 404', async () => {
    const { body } = await t.http().get('/api/nothing').expect(404);
    expect(body).toMatchObject({ kind: 'not-found' });
  });
});

describe('players', () => {
  it('are made, listed, changed, and made only once by id', async () => {
    const id = crypto.randomUUID();
    const body = { id, name: '  Lena Holt ', hand: 'left', lengthUnit: 'yd' };
    const made = await edit(t.http(), 'player.add', { fields: body }).expect(200);
    expect(made.body).toMatchObject({
      id,
      name: 'Lena Holt',
      hand: 'left',
      lengthUnit: 'yd',
      speedUnit: 'mph',
    });
    await edit(t.http(), 'player.add', { fields: body }).expect(200);
    const list = await t.http().get('/api/players');
    expect(list.body.filter((p: { id: string }) => p.id === id)).toHaveLength(1);
    await edit(t.http(), 'player.set', { id: id, fields: { aims: 'A draw' } }).expect(200);
    const { body: found } = await t.http().get(`/api/players/${id}`);
    expect(found).toMatchObject({ name: 'Lena Holt', aims: 'A draw' });
  });

  it.each([
    [{ hand: 'right' }, 'name'],
    [{ name: ' ', hand: 'right' }, 'name'],
    [{ name: 'A', hand: 'both' }, 'hand'],
    [{ name: 'A', hand: 'left', shoe: 44 }, 'shoe'],
    [{ name: 'A', hand: 'left', lengthUnit: 'furlong' }, 'lengthUnit'],
    [{ name: 'x'.repeat(81), hand: 'left' }, 'name'],
  ])('are refused with the field: %p', async (body, field) => {
    const { body: problem } = await edit(t.http(), 'player.add', { fields: body }).expect(400);
    expect(problem.kind).toBe('invalid');
    expect(problem.fields.map((f: { field: string }) => f.field)).toContain(field);
  });

  it('want a flight, of all clubs and of a kind of club, kept as it was said', async () => {
    const id = await t.player();
    const of = async () => (await t.http().get(`/api/players/${id}`)).body.wanted;
    expect(await of()).toEqual({ all: { shape: 'straight' } });
    const wanted = {
      all: { shape: 'fade', startDeg: -2, ruledOut: 'never left' },
      kinds: { wedge: { shape: 'straight' } },
    };
    await edit(t.http(), 'player.set', { id: id, fields: { wanted } }).expect(200);
    expect(await of()).toEqual(wanted);
    await edit(t.http(), 'player.set', { id: id, fields: { aims: 'hold the fade' } }).expect(200);
    expect(await of()).toEqual(wanted);
  });

  it.each([
    [{ all: { shape: 'banana' } }, 'shape'],
    [{ all: { shape: 'draw', startDeg: 40 } }, 'startDeg'],
    [{ all: { shape: 'draw', ruledOut: 'never' } }, 'ruledOut'],
    [{ all: { shape: 'draw' }, kinds: { putter: { shape: 'draw' } } }, 'putter'],
    [{ all: { shape: 'draw' }, kinds: { driver: { shape: 'wild' } } }, 'shape'],
  ])('refuse a wanted flight there is not: %p', async (wanted, reason) => {
    const id = await t.player();
    const { body } = await edit(t.http(), 'player.set', { id: id, fields: { wanted } }).expect(400);
    expect(JSON.stringify(body)).toContain(reason);
    expect((await t.http().get(`/api/players/${id}`)).body.wanted.all.shape).toBe('straight');
  });

  it('that do not exist are not found', async () => {
    await t.http().get(`/api/players/${crypto.randomUUID()}`).expect(404);
    await edit(t.http(), 'player.set', { id: 'none', fields: { aims: 'x' } }).expect(404);
  });
});

describe('settings', () => {
  it('start as the usual bands, are kept, and refused out of range', async () => {
    const { body: usual } = await t.http().get('/api/settings').expect(200);
    expect(usual.bands.pathNeutralDeg).toBe(1);
    const change = (changes: object) => edit(t.http(), 'setting.set', { fields: changes });
    await change({
      naming: 'bend-only',
      firstRoute: 'path-then-face',
      'bands.startStraightDeg': 2,
      'accuracy.faceAngleDeg': 0.4,
    }).expect(200);
    expect((await t.http().get('/api/settings')).body).toEqual({
      naming: 'bend-only',
      firstRoute: 'path-then-face',
      bands: { ...usual.bands, startStraightDeg: 2 },
      accuracy: { ...usual.accuracy, faceAngleDeg: 0.4 },
      version: 1,
    });
    const { body: problem } = await change({ 'bands.startStraightDeg': 90 }).expect(400);
    expect(problem.fields[0].field).toBe('bands.startStraightDeg');
  });
});
