import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import type { NestExpressApplication } from '@nestjs/platform-express';
import { pino } from 'pino';
import request from 'supertest';
import { createApp } from '../app.ts';
import type { ServerConfig } from '../config.ts';
import type { Ball, BallPage } from '../balls/ball.dto.ts';
import type { Block } from '../blocks/block.dto.ts';
import type { LaunchFile } from '../intake/intake.dto.ts';
import type { LessonHead } from '../lessons/lesson.dto.ts';
import type { SharedPage } from '../pages/page.dto.ts';
import type { LessonPart, StoredRepetition } from '../steps/part.dto.ts';
import type { TestAgent } from './agent.ts';
import { edit } from './edit.ts';

/** The real application on a real SQLite file of its own, listening on a loopback port. */
export interface TestApp {
  readonly app: NestExpressApplication;
  readonly folder: string;
  /** Asks as the owner. */
  readonly http: () => TestAgent;
  /** Asks with a session's cookie; with none, as nobody. */
  readonly as: (cookie: string) => TestAgent;
  readonly player: (body?: Record<string, unknown>) => Promise<string>;
  readonly lesson: (playerId?: string) => Promise<string>;
  /** A lesson's head with its balls, blocks and all else that is of it. */
  readonly whole: (lessonId: string) => Promise<WholeLesson>;
  readonly close: () => Promise<void>;
}

/** All that is of a lesson, as the web app gathers it. */
export interface WholeLesson extends LessonHead {
  readonly balls: Ball[];
  readonly blocks: Block[];
  readonly parts: LessonPart[];
  readonly files: LaunchFile[];
  readonly repetitions: StoredRepetition[];
  readonly pages: SharedPage[];
}

const PIECES = ['blocks', 'parts', 'files', 'repetitions', 'pages'] as const;

async function wholeOf(http: () => TestAgent, lessonId: string): Promise<WholeLesson> {
  const get = async (path: string): Promise<unknown> =>
    (await http().get(`/api/lessons/${lessonId}${path}`).expect(200)).body;
  const head = (await get('')) as LessonHead;
  const balls: Ball[] = [];
  for (let after: number | null = 0; after !== null;) {
    const page = (await get(`/balls?after=${after}`)) as BallPage;
    balls.push(...page.balls);
    after = page.next;
  }
  const pieces: Record<string, unknown> = {};
  for (const name of PIECES) pieces[name] = await get(`/${name}`);
  return { ...head, balls, ...pieces } as WholeLesson;
}

export async function startTestApp(
  folder = mkdtempSync(join(tmpdir(), 'loxos-test-')),
  asked: Partial<ServerConfig> = {},
): Promise<TestApp> {
  const config = {
    host: '127.0.0.1',
    port: 0,
    databaseUrl: pathToFileURL(join(folder, 'loxos.db')).href,
    folder,
    origins: [],
    trustProxy: 0,
    isDemo: false,
    mayBeginAnew: false,
    ...asked,
    webFolder: null,
  };
  const app = await createApp(config, pino({ level: 'silent' }));
  await app.listen(0, '127.0.0.1');
  const address = app.getHttpServer().address() as { port: number };
  const url = `http://127.0.0.1:${address.port}`;
  const as = (cookie: string): TestAgent =>
    request.agent(url).set(cookie === '' ? {} : { Cookie: cookie });
  const owner = await enter(as(''));
  const http = () => as(owner);
  const player = async (body: Record<string, unknown> = {}): Promise<string> => {
    const made = await edit(http(), 'player.add', {
      fields: { name: 'Ada Reed', hand: 'right', ...body },
    });
    return idOf(made.body);
  };
  const lesson = async (playerId?: string): Promise<string> => {
    const body = { playerId: playerId ?? (await player()), startsAt: '2026-05-04T09:00:00Z' };
    return idOf((await edit(http(), 'lesson.add', { fields: body })).body);
  };
  return {
    app,
    folder,
    http,
    as,
    player,
    lesson,
    whole: (lessonId) => wholeOf(http, lessonId),
    close: async () => {
      await app.close();
      rmSync(folder, { recursive: true, force: true });
    },
  };
}

export const OWNER = {
  academy: 'Test academy',
  name: 'Olga Ower',
  email: 'olga@academy.example',
  password: 'nine red kites',
};

/** The cookie an answer gives. */
export const cookieOf = ({ headers }: { headers: Record<string, unknown> }): string =>
  ((headers['set-cookie'] as string[] | undefined)?.[0] ?? '').split(';')[0]!;

/** Founds the academy, or signs in to it where it is there; the owner's cookie. */
async function enter(nobody: TestAgent): Promise<string> {
  const founded = await nobody.post('/api/academy').send(OWNER);
  if (founded.status === 201) return cookieOf(founded);
  const { email, password } = OWNER;
  return cookieOf(await nobody.post('/api/sessions').send({ email, password }));
}

const idOf = (body: unknown): string => (body as { id: string }).id;

export const PLAIN_FILE =
  'Club,Face angle (deg),Club path (deg),Carry (m)\n7 iron,1.0,-3.0,140\n7 iron,2.0,-4.0,138\n';
