/** The web app's files as they are served, also while they are built anew. */
import { mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { gzipSync } from 'node:zlib';
import { NestFactory } from '@nestjs/core';
import { Module } from '@nestjs/common';
import type { NestExpressApplication } from '@nestjs/platform-express';
import request from 'supertest';
import { serveWebApp } from './web-app.ts';

@Module({})
class Nothing {}

const folder = mkdtempSync(join(tmpdir(), 'loxos-web-'));
let app: NestExpressApplication;
const get = (path: string) => request(app.getHttpServer()).get(path);

beforeAll(async () => {
  mkdirSync(join(folder, 'assets'));
  writeFileSync(join(folder, 'index.html'), 'the app');
  writeFileSync(join(folder, 'page.html'), 'the page');
  writeFileSync(join(folder, 'assets/a.js'), 'let a;');
  writeFileSync(join(folder, 'assets/a.js.gz'), gzipSync('let a;'));
  app = await NestFactory.create<NestExpressApplication>(Nothing, { logger: false });
  serveWebApp(app, folder);
  await app.listen(0, '127.0.0.1');
});
afterAll(async () => {
  await app.close();
  rmSync(folder, { recursive: true });
});

it('serves the app at every place within it, and the page behind its link', async () => {
  for (const path of ['/', '/lessons/7/read', '/a.name']) {
    const { text, headers } = await get(path).expect(200);
    expect(text).toBe('the app');
    expect(headers['cache-control']).toBe('no-cache');
  }
  expect((await get('/p/a-token')).text).toBe('the page');
});

it('serves what is named by its content for ever, packed, and nothing in its place', async () => {
  const { headers, text } = await get('/assets/a.js').set('Accept-Encoding', 'gzip').expect(200);
  expect(text).toBe('let a;');
  expect(headers).toMatchObject({ 'content-encoding': 'gzip' });
  expect(headers['cache-control']).toContain('immutable');
  await get('/assets/b.js').expect(404);
  await get('/api/nothing').expect(404);
});

it('goes on where its files are taken away under it', async () => {
  rmSync(join(folder, 'assets/a.js'));
  rmSync(join(folder, 'assets/a.js.gz'));
  const { status } = await get('/assets/a.js').set('Accept-Encoding', 'gzip');
  expect(status).toBe(404);
  rmSync(join(folder, 'index.html'));
  await get('/').expect(404);
  writeFileSync(join(folder, 'index.html'), 'the app again');
  expect((await get('/')).text).toBe('the app again');
});
