import { PLAIN_FILE, startTestApp } from '../testing/app.ts';
import type { TestApp } from '../testing/app.ts';

let t: TestApp;
beforeAll(async () => (t = await startTestApp()));
afterAll(() => t.close());

const drop = (
  lessonId: string,
  content: string | Buffer,
  name = 'session.csv',
  answers?: unknown,
) => {
  const sent = t
    .http()
    .post(`/api/lessons/${lessonId}/files`)
    .attach('file', Buffer.from(content), name);
  return answers === undefined ? sent : sent.field('answers', JSON.stringify(answers));
};
const ballsOf = async (lessonId: string): Promise<Record<string, unknown>[]> =>
  (await t.http().get(`/api/lessons/${lessonId}`)).body.balls;

describe('a launch file', () => {
  it('becomes balls, keeps its bytes, and adds nothing the second time', async () => {
    const lessonId = await t.lesson();
    const first = await drop(lessonId, PLAIN_FILE, 'série.csv').expect(200);
    expect(first.body).toMatchObject({ outcome: 'added', message: '2 balls added.' });
    expect(await ballsOf(lessonId)).toHaveLength(2);
    const raw = await t.http().get(`/api/files/${first.body.file.id}`).buffer(true);
    expect(Buffer.from(raw.body).toString() || raw.text).toBe(PLAIN_FILE);
    const again = await drop(lessonId, PLAIN_FILE, 'copy.csv').expect(200);
    expect(again.body.outcome).toBe('known');
    expect(again.body.message).toContain('série.csv');
    expect(await ballsOf(lessonId)).toHaveLength(2);
  });

  it('that is a longer export of the same session adds only what is new', async () => {
    const lessonId = await t.lesson();
    await drop(lessonId, PLAIN_FILE);
    const { body } = await drop(lessonId, `${PLAIN_FILE}7 iron,0.5,-2.0,141\n`);
    expect(body.message).toBe('1 ball added, 2 already here.');
    expect(await ballsOf(lessonId)).toHaveLength(3);
  });

  it('with bad rows keeps the good ones and says why', async () => {
    const lessonId = await t.lesson();
    const { body } = await drop(lessonId, `${PLAIN_FILE}7 iron,open,-2.0,141\n`);
    expect(body.message).toContain('1 row refused');
    expect(body.rows[3]).toMatchObject({ line: 4, fate: 'rejected' });
    expect(body.rows[3].reason).toContain('Face angle');
  });

  it('that leaves a unit open asks first, then remembers the answer for that source', async () => {
    const text = 'Club,Face,Path,Ball speed\n7i,1,-3,50\n';
    const lessonId = await t.lesson();
    const asked = await drop(lessonId, text);
    expect(asked.body.outcome).toBe('questions');
    expect(await ballsOf(lessonId)).toEqual([]);
    const answers = { columns: [{ header: 'Ball speed', meaning: 'ballSpeedMps', unit: 'm/s' }] };
    expect((await drop(lessonId, text, 'a.csv', answers)).body.outcome).toBe('added');
    const other = await t.lesson();
    expect((await drop(other, text)).body.outcome).toBe('added');
    expect((await ballsOf(other))[0]).toMatchObject({ ballSpeedMps: 50 });
  });

  it('of a left-hander asks what plus means', async () => {
    const lessonId = await t.lesson(await t.player({ hand: 'left' }));
    const asked = await drop(lessonId, PLAIN_FILE);
    expect(asked.body.questions).toMatchObject([{ kind: 'signs' }]);
    await drop(lessonId, PLAIN_FILE, 'a.csv', { signs: 'hand-club' });
    expect((await ballsOf(lessonId))[0]).toMatchObject({ faceAngleDeg: -1, clubPathDeg: 3 });
  });

  it('taken back is gone, and dropped again is back', async () => {
    const lessonId = await t.lesson();
    const { body } = await drop(lessonId, PLAIN_FILE);
    await t.http().delete(`/api/files/${body.file.id}`).expect(204);
    expect(await ballsOf(lessonId)).toEqual([]);
    expect((await drop(lessonId, PLAIN_FILE)).body.outcome).toBe('added');
    expect(await ballsOf(lessonId)).toHaveLength(2);
  });
});

describe('what is no launch file', () => {
  it('is refused in words, and nothing is added', async () => {
    const lessonId = await t.lesson();
    const empty = await drop(lessonId, '').expect(400);
    expect(empty.body.message).toBe('The file is empty.');
    const binary = await drop(
      lessonId,
      Buffer.from([0x50, 0x4b, 3, 4, 0, 0, 0, 0]),
      'session.xlsx',
    ).expect(400);
    expect(binary.body.message).toContain('Export the session as CSV');
    await t.http().post(`/api/lessons/${lessonId}/files`).expect(400);
    await t
      .http()
      .post(`/api/lessons/${lessonId}/files`)
      .attach('file', Buffer.from('a'), 'a')
      .field('answers', '{')
      .expect(400);
    expect(await ballsOf(lessonId)).toEqual([]);
  });

  it('over the limit is refused with the limit and what to do', async () => {
    const lessonId = await t.lesson();
    const { body } = await drop(lessonId, Buffer.alloc(5 * 1024 * 1024 + 1, 'a')).expect(413);
    expect(body.kind).toBe('too-large');
    expect(body.message).toMatch(/larger than 5 MB.*split the file/);
  });

  it('for a lesson that does not exist is not found', async () => {
    await drop(crypto.randomUUID(), PLAIN_FILE).expect(404);
  });
});

describe('text encodings', () => {
  it.each([
    ['UTF-8 with mark', Buffer.from(`\ufeff${PLAIN_FILE}`)],
    ['UTF-16', Buffer.from(`\ufeff${PLAIN_FILE}`, 'utf16le')],
    ['Windows-1252', Buffer.from(PLAIN_FILE.replace(/deg/g, '\u00b0'), 'latin1')],
  ])('%s is read', async (_name, bytes) => {
    const lessonId = await t.lesson();
    expect((await drop(lessonId, bytes)).body.outcome).toBe('added');
    expect((await ballsOf(lessonId))[0]).toMatchObject({ faceAngleDeg: 1, clubPathDeg: -3 });
  });
});
