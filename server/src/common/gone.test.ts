import { get } from 'node:http';
import type { AddressInfo } from 'node:net';
import { Controller, Get, Module } from '@nestjs/common';
import { NestFactory } from '@nestjs/core';
import type { NestExpressApplication } from '@nestjs/platform-express';
import request from 'supertest';
import { Gone } from './gone.ts';

/** A promise, and what keeps it. */
function kept(): { readonly promise: Promise<void>; readonly resolve: () => void } {
  let resolve = (): void => undefined;
  const promise = new Promise<void>((done) => (resolve = done));
  return { promise, resolve: () => resolve() };
}
const begun = kept();
const ended = kept();
let last: AbortSignal;

@Controller()
class Slow {
  @Get('slow')
  slow(@Gone() signal: AbortSignal): Promise<string> {
    begun.resolve();
    return new Promise((resolve) =>
      signal.addEventListener('abort', () => {
        ended.resolve();
        resolve('too late');
      }),
    );
  }

  @Get('quick')
  quick(@Gone() signal: AbortSignal): string {
    last = signal;
    return 'done';
  }
}

@Module({ controllers: [Slow] })
class Both {}

let app: NestExpressApplication;
beforeAll(async () => {
  app = await NestFactory.create<NestExpressApplication>(Both, { logger: false });
  await app.listen(0, '127.0.0.1');
});
afterAll(() => app.close());

it('is given once whoever asked has hung up', async () => {
  const { port } = app.getHttpServer().address() as AddressInfo;
  const asked = get({ host: '127.0.0.1', port, path: '/slow' });
  asked.on('error', () => undefined);
  await begun.promise;
  asked.destroy();
  await ended.promise;
});

it('is not given where the answer went out', async () => {
  await request(app.getHttpServer()).get('/quick').expect(200);
  await new Promise((resolve) => setImmediate(resolve));
  expect(last.aborted).toBe(false);
});
