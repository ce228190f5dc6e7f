import { readFileSync, readdirSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { strFromU8, strToU8, unzipSync, zipSync } from 'fflate';
import { PLAIN_FILE, startTestApp } from '../testing/app.ts';
import type { TestApp } from '../testing/app.ts';
import { MIGRATION_TAGS, oldDatabase } from '../testing/old-database.ts';
import { edit, putInto } from '../testing/edit.ts';

const binary = (
  response: NodeJS.ReadableStream,
  done: (error: Error | null, body: Buffer) => void,
): void => {
  const chunks: Buffer[] = [];
  response.on('data', (chunk: Buffer) => chunks.push(chunk));
  response.on('end', () => done(null, Buffer.concat(chunks)));
};
const fetched = async (t: TestApp, path: string): Promise<Buffer> =>
  (
    await t
      .http()
      .get(path)
      .buffer(true)
      .parse(binary as never)
      .expect(200)
  ).body as Buffer;
const bringIn = (t: TestApp, bytes: Buffer) =>
  t.http().post('/api/archive').attach('file', bytes, 'academy.loxos.zip');

type Line = Record<string, unknown>;
const linesOf = (bytes: Buffer): Line[] =>
  strFromU8(unzipSync(bytes)['academy.jsonl']!)
    .trimEnd()
    .split('\n')
    .map((line) => JSON.parse(line) as Line);

/** The rows with each id written as the place it first stands at: equal for two that differ in ids alone. */
function shapeOf(bytes: Buffer): string[] {
  const rows = linesOf(bytes)
    .slice(1)
    .filter((line) => !JSON.stringify(line).includes('brought in'));
  const names = new Map<string, string>();
  for (const { row } of rows as { row: Line }[])
    if (typeof row['id'] === 'string') names.set(row['id'], `id ${names.size}`);
  return rows.map((line) =>
    JSON.stringify(line)
      .replace(
        /("\w*[iI]d":")([\w-]+)/g,
        (_all, key: string, id: string) => `${key}${names.get(id) ?? id}`,
      )
      .replace(/[\w-]{20,}/g, (word) => names.get(word) ?? word),
  );
}

let t: TestApp;
let folder: string;
let elsewhere: TestApp | null = null;
beforeEach(async () => {
  folder = await oldDatabase(MIGRATION_TAGS.at(-1)!);
  t = await startTestApp(folder);
});
afterEach(async () => {
  await elsewhere?.close();
  elsewhere = null;
  await t.close();
  rmSync(folder, { recursive: true, force: true });
});

/** A lesson with something of everything. */
async function wholeLesson(): Promise<string> {
  const playerId = await t.player({ name: 'Ida Moor' });
  const id = await t.lesson(playerId);
  const block = crypto.randomUUID();
  await edit(t.http(), 'block.add', { of: id, fields: { id: block, kind: 'play' } }).expect(200);
  await t
    .http()
    .post(`/api/lessons/${id}/files`)
    .attach('file', Buffer.from(PLAIN_FILE), 'a.csv')
    .expect(200);
  await edit(t.http(), 'part.set', { id: `${id}.setup`, fields: { target: 'the oak' } }).expect(
    200,
  );
  const { balls } = await t.whole(id);
  await putInto(t.http(), id, { ballIds: [balls[0]!.id], blockId: null }).expect(200);
  return playerId;
}

describe('an academy', () => {
  it('goes out and in again elsewhere, equal in content under other ids', async () => {
    await wholeLesson();
    const out = await fetched(t, '/api/archive');
    elsewhere = await startTestApp();
    const { body } = await bringIn(elsewhere, out).expect(201);
    expect(body).toMatchObject({ players: 2, lessons: 2, balls: 3 });
    const again = await fetched(elsewhere, '/api/archive');
    expect(shapeOf(again)).toEqual(shapeOf(out));
    const ids = (bytes: Buffer) =>
      linesOf(bytes).flatMap(({ row }) => (row as Line | undefined)?.['id'] ?? []);
    expect(ids(again).filter((id) => ids(out).includes(id))).toEqual([]);
    expect(Object.values(unzipSync(again)).length).toBe(Object.values(unzipSync(out)).length);
    // What was brought in works: history undoes, files are read again, balls stand in their blocks.
    const players = (await elsewhere.http().get('/api/players')).body as { id: string }[];
    const lessons = (await elsewhere.http().get('/api/lessons')).body as {
      id: string;
      ballCount: number;
    }[];
    expect(players).toHaveLength(2);
    for (const { id, ballCount } of lessons)
      expect((await elsewhere.whole(id)).balls).toHaveLength(ballCount);
  });

  it('of an older version is brought in too: its pages are given the player of their lesson', async () => {
    const out = await fetched(t, '/api/archive');
    const old = linesOf(out).map((line) => {
      if (line['archive'] === 'loxos') return { ...line, v: 1 };
      if (line['in'] !== 'sharedPage' && line['in'] !== 'history') return line;
      // Nor did history say which of its change's things a row is.
      const { [line['in'] === 'history' ? 'step' : 'playerId']: _new, ...row } = line[
        'row'
      ] as Line;
      return { ...line, row };
    });
    const text = old.map((line) => JSON.stringify(line)).join('\n');
    const zip = zipSync({ ...unzipSync(out), 'academy.jsonl': strToU8(text) });
    elsewhere = await startTestApp();
    await bringIn(elsewhere, Buffer.from(zip)).expect(201);
    expect(shapeOf(await fetched(elsewhere, '/api/archive'))).toEqual(shapeOf(out));
  });

  it('is brought in beside what is here, even beside itself', async () => {
    const out = await fetched(t, '/api/archive');
    await bringIn(t, out).expect(201);
    expect((await t.http().get('/api/players')).body).toHaveLength(2);
  });

  it('takes no password, session or link of a page out', async () => {
    const text = JSON.stringify(linesOf(await fetched(t, '/api/archive')));
    expect(text).not.toMatch(/tokenHash|passwordHash|argon2|olga@academy/);
  });
});

describe('what is no archive', () => {
  const tampered = async (change: (lines: Line[]) => Line[]): Promise<Buffer> => {
    await wholeLesson();
    const found = unzipSync(await fetched(t, '/api/archive'));
    const lines = change(linesOf(Buffer.from(zipSync(found))));
    const text = lines.map((line) => JSON.stringify(line)).join('\n');
    return Buffer.from(zipSync({ ...found, 'academy.jsonl': strToU8(text) }));
  };
  const refused = async (bytes: Buffer, why: RegExp): Promise<void> => {
    const before = ((await t.http().get('/api/players')).body as unknown[]).length;
    const { body } = await bringIn(t, bytes).expect(400);
    expect(body.message).toMatch(why);
    expect(body.message).toMatch(/Nothing was brought in\.$/);
    expect((await t.http().get('/api/players')).body).toHaveLength(before);
  };

  it('is refused: any other file', async () => {
    await refused(Buffer.from('hello'), /cannot be opened as a zip/);
    await refused(Buffer.from(zipSync({ 'a.txt': strToU8('x') })), /academy.jsonl is not in it/);
  });

  it('is refused: one of a later version', async () => {
    const bytes = await tampered(([head, ...rest]) => [{ ...head, v: 3 }, ...rest]);
    await refused(bytes, /of version 3: update Loxos first/);
  });

  it.each([
    [{ hand: 'both' }, /Line \d+ of the archive: hand is none of/],
    [{ wanted: '{"all":' }, /Line \d+ of the archive: wanted is no JSON object/],
    [{ wanted: '[]' }, /Line \d+ of the archive: wanted is no JSON object/],
  ])('is refused with the line: a field that is no such thing, %j', async (wrong, words) => {
    const bytes = await tampered((lines) =>
      lines.map((line) =>
        line['in'] === 'player' ? { ...line, row: { ...(line['row'] as Line), ...wrong } } : line,
      ),
    );
    await refused(bytes, words);
  });

  it('is refused: a launch file that was changed', async () => {
    await wholeLesson();
    const found = unzipSync(await fetched(t, '/api/archive'));
    const name = Object.keys(found)
      .filter((key) => key.startsWith('files/'))
      .at(-1)!;
    const bytes = Buffer.from(zipSync({ ...found, [name]: strToU8('other') }));
    await refused(bytes, /is not as it was put in/);
  });
});

describe('a player', () => {
  it('goes out alone, with everything of theirs and nothing of anybody else’s', async () => {
    const id = await wholeLesson();
    const lines = linesOf(await fetched(t, `/api/players/${id}/archive`));
    const kinds = new Set(lines.slice(1).map((line) => line['in']));
    expect([...kinds]).toEqual(
      expect.arrayContaining(['player', 'lesson', 'ball', 'block', 'lessonPart', 'history']),
    );
    expect(JSON.stringify(lines)).not.toContain('Ada Reed');
  });

  it('is erased for good: from the store, its file and its copies', async () => {
    const id = await wholeLesson();
    await edit(t.http(), 'player.set', { id: id, fields: { bodyNotes: 'a very private knee' } });
    await t.http().post('/api/backups').expect(201);
    await t.http().post(`/api/players/${id}/erase`).send({ name: 'Ida More' }).expect(400);
    await t.http().post(`/api/players/${id}/erase`).send({ name: 'Ida Moor' }).expect(204);
    await t.http().get(`/api/players/${id}`).expect(404);
    expect((await t.http().get('/api/players')).body).toHaveLength(1);
    await t.http().get('/api/lessons/lesson').expect(200);
    const files = ['loxos.db', 'loxos.db-wal'].map((name) => join(folder, name));
    const copies = readdirSync(join(folder, 'backups')).map((name) =>
      join(folder, 'backups', name),
    );
    expect(copies).toHaveLength(1);
    for (const file of [...files, ...copies]) {
      const bytes = readFileSync(file);
      expect(bytes.includes('Ida Moor')).toBe(false);
      expect(bytes.includes('a very private knee')).toBe(false);
    }
    const { body } = await t.http().get('/api/academy/history');
    expect(body[0]).toMatchObject({ what: 'a player erased' });
  });

  describe('with balls in a file of several', () => {
    const TEXT =
      'Player,Club,Face,Path\nIda Moor,7i,1,-3\nBen Stone,7i,2,-2\nBen Stone,7i,wide,-2\nIda Moor,7i,3,-1\n';
    const drop = (lessonId: string, part: string) =>
      t
        .http()
        .post(`/api/lessons/${lessonId}/files`)
        .attach('file', Buffer.from(TEXT), 'both.csv')
        .field('answers', JSON.stringify({ parts: [part] }));
    const lessonOf = async (name: string) => {
      const made = await edit(t.http(), 'player.add', { fields: { name, hand: 'right' } });
      const playerId = (made.body as { id: string }).id;
      const at = '2026-05-04T09:00:00Z';
      const lesson = await edit(t.http(), 'lesson.add', { fields: { playerId, startsAt: at } });
      return { playerId, lessonId: (lesson.body as { id: string }).id };
    };
    const fileOf = async (lessonId: string) => {
      const { body } = await t.http().get(`/api/lessons/${lessonId}/files`);
      const { id } = (body as { id: string }[])[0]!;
      const raw = await t.http().get(`/api/files/${id}`).buffer(true);
      return { id, text: Buffer.from(raw.body as Buffer).toString() || raw.text };
    };

    it('goes out without those of the others, and in again elsewhere', async () => {
      const [ida, ben] = [await lessonOf('Ida Moor'), await lessonOf('Ben Stone')];
      await drop(ida.lessonId, 'idamoor||').expect(200);
      await drop(ben.lessonId, 'benstone||').expect(200);
      const bytes = await fetched(t, `/api/players/${ida.playerId}/archive`);
      const held = Object.entries(unzipSync(bytes)).map(([, content]) => strFromU8(content));
      expect(held.join()).toContain('Ida Moor,7i,3,-1');
      expect(held.join()).not.toMatch(/Ben|Stone/);
      await bringIn(t, bytes).expect(201);
      // Theirs here is as it came.
      expect((await fileOf(ida.lessonId)).text).toBe(TEXT);
    });

    it('is erased from the others’ file too, whose balls and lines stay', async () => {
      const [ida, ben] = [await lessonOf('Ida Moor'), await lessonOf('Ben Stone')];
      await drop(ida.lessonId, 'idamoor||').expect(200);
      await drop(ben.lessonId, 'benstone||').expect(200);
      const before = await t.whole(ida.lessonId);
      await t
        .http()
        .post(`/api/players/${ben.playerId}/erase`)
        .send({ name: 'Ben Stone' })
        .expect(204);
      const { id, text } = await fileOf(ida.lessonId);
      expect(text).not.toMatch(/Ben|Stone/);
      const { body } = await t.http().get(`/api/files/${id}/rows`).expect(200);
      expect(JSON.stringify(body)).not.toMatch(/Ben|Stone/);
      expect(body.rows).toMatchObject([
        { line: 1, fate: 'header' },
        { line: 2, fate: 'ball', text: 'Ida Moor,7i,1,-3' },
        { line: 5, fate: 'ball', text: 'Ida Moor,7i,3,-1' },
      ]);
      expect((await t.whole(ida.lessonId)).balls).toEqual(before.balls);
      // Read again by other answers its balls are still the balls they were.
      const again = await t
        .http()
        .post(`/api/lessons/${ida.lessonId}/files`)
        .attach('file', Buffer.from(text), 'both.csv')
        .field('answers', JSON.stringify({ parts: ['idamoor||'], signs: 'target' }))
        .expect(200);
      expect(again.body.message).toBe('Nothing reads otherwise than before.');
    });
  });
});
