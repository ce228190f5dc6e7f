/**
 * Fifty people for two minutes, with files made by breaking a real one, requests no screen sends, and a kill now and then: in
 * `npm run soak` alone. Nothing acknowledged is lost or there twice, nobody is answered with a fault of ours, and the server is
 * there at the end.
 */
import type { ChangesAnswer } from './changes/change.dto.ts';
import { mkdtempSync, rmSync } from 'node:fs';
import { createServer } from 'node:net';
import type { AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { seededRandom } from '@loxos/core';
import writeSheets from 'write-excel-file/node';
import { endAll, enter, start } from './testing/started.ts';

const PEOPLE = 50;
const LASTS_MS = 120_000;
const KILLED_EVERY_MS = 12_000;
const LONGEST_MS = 600_000;

const folder = mkdtempSync(join(tmpdir(), 'loxos-attack-'));
afterAll(() => {
  endAll();
  rmSync(folder, { recursive: true, force: true });
});

async function freePort(): Promise<number> {
  const server = createServer().listen(0, '127.0.0.1');
  await new Promise((resolve) => server.once('listening', resolve));
  const { port } = server.address() as AddressInfo;
  await new Promise((resolve) => server.close(resolve));
  return port;
}

/** A spreadsheet as a person sends one. */
const realSheet = async (): Promise<Buffer> => {
  const head = ['Club', 'Face (deg)', 'Path (deg)', 'Carry (m)'].map((value) => ({ value }));
  const row = (n: number) => [
    { value: '7 iron' },
    ...[n % 5, n % 3, 140 + n].map((value) => ({ value })),
  ];
  const data = [head, ...Array.from({ length: 30 }, (_, n) => row(n))];
  return Buffer.from(await writeSheets([{ sheet: 'Balls', data }]).toBuffer());
};

interface Kept {
  readonly id: string;
  carryM: number;
}

it(
  'loses nothing and answers everybody, whatever comes',
  async () => {
    const port = await freePort();
    const base = `http://127.0.0.1:${port}`;
    const begin = async () => {
      const running = start({ LOXOS_DATA: folder, PORT: String(port) });
      expect(await running.said).toMatch(/Loxos is at/);
      return running;
    };
    let running = await begin();
    const cookie = await enter(base);
    const faults: string[] = [];

    /** Asks until there is an answer: the server may be dead just now. */
    const ask = async (method: string, path: string, body?: unknown) => {
      const isForm = body instanceof FormData;
      const headers = { cookie, ...(!isForm && { 'content-type': 'application/json' }) };
      for (;;) {
        try {
          const sent = body === undefined ? {} : { body: isForm ? body : JSON.stringify(body) };
          const answer = await fetch(base + path, { method, headers, ...sent });
          const text = await answer.text();
          if (answer.status >= 500 && answer.status !== 503)
            faults.push(`${answer.status} ${method} ${path} ${text}`);
          return {
            status: answer.status,
            body: text === '' ? null : (JSON.parse(text) as unknown),
          };
        } catch {
          await new Promise((resolve) => setTimeout(resolve, 200));
        }
      }
    };
    /** Sends one change of one thing; whether it was taken. What the server itself failed on is a fault. */
    const edit = async (step: object, id = crypto.randomUUID()): Promise<boolean> => {
      for (;;) {
        const { status, body } = await ask('POST', '/api/changes', {
          changes: [{ id, steps: [step] }],
        });
        if (status !== 200) return false;
        const { problem } = (body as ChangesAnswer).answers[0]!;
        if (problem?.statusCode === 500) faults.push(JSON.stringify(problem));
        if (problem?.statusCode !== 503) return problem === null;
      }
    };
    const player = crypto.randomUUID();
    const ada = { name: 'Ada', hand: 'right' };
    await edit({ thing: 'player', verb: 'add', id: player, fields: ada });
    const lessonOf = async (): Promise<string> => {
      const id = crypto.randomUUID();
      const fields = { startsAt: new Date().toISOString() };
      await edit({ thing: 'lesson', verb: 'add', id, of: player, fields });
      return id;
    };
    const lessons = await Promise.all(Array.from({ length: 10 }, lessonOf));
    const sheet = await realSheet();

    const end = Date.now() + LASTS_MS;
    const kept: Kept[][] = lessons.map(() => []);
    const person = async (n: number): Promise<void> => {
      const random = seededRandom(n + 1);
      const own = kept[n % lessons.length]!;
      const lesson = lessons[n % lessons.length]!;
      const mine: Kept[] = [];
      while (Date.now() < end) {
        const what = random();
        if (what < 0.4) {
          const carryM = 100 + Math.floor(random() * 50);
          const id = crypto.randomUUID();
          const fields = { carryM };
          if (!(await edit({ thing: 'ball', verb: 'add', id, of: lesson, fields }))) continue;
          const ball = { id, carryM };
          mine.push(ball);
          own.push(ball);
        } else if (what < 0.6 && mine.length > 0) {
          const ball = mine[Math.floor(random() * mine.length)]!;
          const carryM = 160 + Math.floor(random() * 40);
          const fields = { carryM };
          if (await edit({ thing: 'ball', verb: 'set', id: ball.id, of: lesson, fields }))
            ball.carryM = carryM;
        } else if (what < 0.75) {
          await ask('GET', `/api/lessons/${lesson}/history`);
        } else if (what < 0.85) {
          const broken = new Uint8Array(sheet);
          for (let k = 0; k < 4; k++)
            broken[Math.floor(random() * broken.length)] = Math.floor(random() * 256);
          const form = new FormData();
          form.append('file', new Blob([broken]), 'broken.xlsx');
          // To a lesson of its own: a file that is read after all brings balls.
          await ask('POST', `/api/lessons/${lessons.at(-1)!}/files`, form);
        } else {
          const odd = [null, '', 'toString', -1, 1e308, {}, []][Math.floor(random() * 7)];
          const thing = (['setting', 'lesson', 'ball', 'part'] as const)[Math.floor(random() * 4)]!;
          const id = thing === 'part' ? `${lesson}.setup` : lesson;
          const fields = { name: odd, asked: odd, carryM: odd, target: odd };
          await edit({ thing, verb: 'set', id, of: '', fields });
          await ask('PATCH', '/api/academy', { changes: odd, name: odd });
        }
      }
    };
    let kills = 0;
    const killer = async (): Promise<void> => {
      while (Date.now() < end - KILLED_EVERY_MS) {
        await new Promise((resolve) => setTimeout(resolve, KILLED_EVERY_MS));
        running.child.kill('SIGKILL');
        await running.ended;
        kills += 1;
        running = await begin();
      }
    };
    await Promise.all([killer(), ...Array.from({ length: PEOPLE }, (_, n) => person(n))]);

    expect(kills).toBeGreaterThan(3);
    expect(faults).toEqual([]);
    for (const [n, lesson] of lessons.entries()) {
      const there: Kept[] = [];
      for (let after = 0; ;) {
        const { body } = await ask('GET', `/api/lessons/${lesson}/balls?after=${after}`);
        const page = body as { balls: Kept[]; next: number | null };
        there.push(...page.balls);
        if (page.next === null) break;
        after = page.next;
      }
      const figures = new Map(there.map(({ id, carryM }) => [id, carryM]));
      expect(figures.size).toBe(there.length);
      for (const { id, carryM } of kept[n]!) expect([id, figures.get(id)]).toEqual([id, carryM]);
      // Each was made once; the last lesson has those of files besides.
      if (n < lessons.length - 1) expect(there.length).toBe(kept[n]!.length);
    }
    running.child.kill('SIGTERM');
    await running.ended;
  },
  LONGEST_MS,
);
