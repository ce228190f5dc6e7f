import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import type { NestExpressApplication } from '@nestjs/platform-express';
import { pino } from 'pino';
import request from 'supertest';
import { createApp } from '../app.ts';
import { UPLOAD_LIMIT_BYTES } from '../config.ts';

/** The real application on a real SQLite file of its own, listening on a loopback port. */
export interface TestApp {
  readonly app: NestExpressApplication;
  readonly folder: string;
  readonly http: () => ReturnType<typeof request>;
  readonly player: (body?: Record<string, unknown>) => Promise<string>;
  readonly lesson: (playerId?: string) => Promise<string>;
  readonly close: () => Promise<void>;
}

export async function startTestApp(
  folder = mkdtempSync(join(tmpdir(), 'loxos-test-')),
): Promise<TestApp> {
  const config = {
    host: '127.0.0.1',
    port: 0,
    databaseUrl: pathToFileURL(join(folder, 'loxos.db')).href,
    folder,
    academyName: 'Test academy',
    uploadLimitBytes: UPLOAD_LIMIT_BYTES,
    webFolder: null,
  };
  const app = await createApp(config, pino({ level: 'silent' }));
  await app.listen(0, '127.0.0.1');
  const address = app.getHttpServer().address() as { port: number };
  const http = () => request(`http://127.0.0.1:${address.port}`);
  const player = async (body: Record<string, unknown> = {}): Promise<string> => {
    const made = await http()
      .post('/api/players')
      .send({ name: 'Ada Reed', hand: 'right', ...body });
    return idOf(made.body);
  };
  const lesson = async (playerId?: string): Promise<string> => {
    const body = { playerId: playerId ?? (await player()), startsAt: '2026-05-04T09:00:00Z' };
    return idOf((await http().post('/api/lessons').send(body)).body);
  };
  return {
    app,
    folder,
    http,
    player,
    lesson,
    close: async () => {
      await app.close();
      rmSync(folder, { recursive: true, force: true });
    },
  };
}

const idOf = (body: unknown): string => (body as { id: string }).id;

export const PLAIN_FILE =
  'Club,Face angle (deg),Club path (deg),Carry (m)\n7 iron,1.0,-3.0,140\n7 iron,2.0,-4.0,138\n';
