import 'reflect-metadata';
import { mkdir } from 'node:fs/promises';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { NestFactory } from '@nestjs/core';
import type { NestExpressApplication } from '@nestjs/platform-express';
import compression from 'compression';
import cookieParser from 'cookie-parser';
import { pino } from 'pino';
import type { Logger } from 'pino';
import { pinoHttp } from 'pino-http';
import { AppModule } from './app.module.ts';
import { BackupsService } from './backups/backups.service.ts';
import { DataFolder } from './backups/data-folder.ts';
import { copyName } from './backups/copies.ts';
import { refuseOrphanedCopies } from './backups/orphaned.ts';
import { ErrorsFilter } from './common/errors.filter.ts';
import { NestPino } from './common/logger.ts';
import { ownOrigin } from './common/own-origin.ts';
import { plainJson } from './common/plain-json.ts';
import { pathWords } from './common/log-words.ts';
import { validationPipe } from './common/validation.ts';
import { UPLOAD_LIMIT_BYTES } from './common/upload-limit.ts';
import type { ServerConfig } from './config.ts';
import { isFile } from './db/connect.ts';
import { refuseFolder } from './db/one-server.ts';
import { Store } from './db/store.ts';
import { ApiDocument } from './http/api-document.controller.ts';
import { describeApi } from './http/describe-api.ts';
import { sendHeaders } from './http/headers.ts';
import { serveWebApp } from './http/web-app.ts';

const KEEP_ALIVE_MS = 75_000;
/** What a body of JSON is called: a form's, and a browser's report. */
const JSON_TYPES = ['application/json', 'application/csp-report'];

/** Returns the application, ready to listen; tests give it a store of their own. */
export async function createApp(
  config: ServerConfig,
  logger: Logger = pino(),
): Promise<NestExpressApplication> {
  const folder = new DataFolder(config.folder);
  if (isFile(config.databaseUrl)) refuseFolder(config.databaseUrl);
  if (isFile(config.databaseUrl) && !config.mayBeginAnew && !config.isDemo)
    refuseOrphanedCopies(fileURLToPath(config.databaseUrl), folder.backups);
  const store = new Store(config.databaseUrl, config.databaseToken);
  store.hold();
  await store.open(async () => {
    if (store.isElsewhere) return;
    // What an update lays out anew can be had as it was.
    await mkdir(folder.backups, { recursive: true });
    await store.copyTo(join(folder.backups, copyName(new Date(), 'before-update')));
  });
  const app = await NestFactory.create<NestExpressApplication>(
    AppModule.with(store, folder, config),
    {
      logger: new NestPino(logger),
      forceCloseConnections: true,
    },
  );
  await app.get(BackupsService).start();
  app.disable('x-powered-by');
  app.set('trust proxy', config.trustProxy);
  app.use(
    pinoHttp({
      logger,
      serializers: {
        // Nothing of what people wrote, and no token: how, where, and under which id.
        req: ({ id, method, url }: { id: string; method: string; url: string }) => ({
          id,
          method,
          path: pathWords(url.split('?', 1)[0] ?? ''),
        }),
        res: ({ statusCode }: { statusCode: number }) => ({ statusCode }),
      },
    }),
  );
  sendHeaders(
    app,
    config.origins.some((origin) => origin.startsWith('https:')),
  );
  app.use(ownOrigin(config.host, config.origins));
  app.use(cookieParser());
  app.use('/api', compression());
  app.useBodyParser('json', { limit: UPLOAD_LIMIT_BYTES, type: JSON_TYPES });
  app.use('/api', plainJson);
  app.useGlobalPipes(validationPipe());
  app.useGlobalFilters(new ErrorsFilter());
  app.get(ApiDocument).describe = () => describeApi(app);
  serveWebApp(app, config.webFolder);
  // Longer than a browser or a proxy keeps an idle connection: whoever closes first resets the other's next request.
  app.getHttpServer().keepAliveTimeout = KEEP_ALIVE_MS;
  app.enableShutdownHooks();
  return app;
}
