import 'reflect-metadata';
import { existsSync } from 'node:fs';
import { mkdir } from 'node:fs/promises';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { NestFactory } from '@nestjs/core';
import type { NestExpressApplication } from '@nestjs/platform-express';
import { DocumentBuilder, SwaggerModule } from '@nestjs/swagger';
import type { OpenAPIObject } from '@nestjs/swagger';
import compression from 'compression';
import cookieParser from 'cookie-parser';
import type { NextFunction, Request, Response } from 'express';
import helmet from 'helmet';
import { pino } from 'pino';
import type { Logger } from 'pino';
import { pinoHttp } from 'pino-http';
import sirv from 'sirv';
import { AppModule } from './app.module.ts';
import { BackupsService, DataFolder } from './backups/backups.service.ts';
import { copyName } from './backups/copies.ts';
import { refuseOrphanedCopies } from './backups/orphaned.ts';
import { ErrorsFilter } from './common/errors.filter.ts';
import { NestPino } from './common/logger.ts';
import { ownOrigin } from './common/own-origin.ts';
import { plainJson } from './common/plain-json.ts';
import { pathWords } from './common/log-words.ts';
import { Problem } from './common/problem.ts';
import { validationPipe } from './common/validation.ts';
import type { ServerConfig } from './config.ts';
import { isFile } from './db/connection.ts';
import { Store } from './db/store.ts';
import { IntakeAnswers } from './intake/intake.dto.ts';

const KEEP_ALIVE_MS = 75_000;
const NONE = ["'none'"];
const SELF = ["'self'"];

/** Nothing from anywhere else; inline style elements only, for libraries that add their own sheet. */
const contentSecurityPolicy = {
  useDefaults: false,
  directives: {
    defaultSrc: SELF,
    scriptSrc: SELF,
    scriptSrcAttr: NONE,
    styleSrc: SELF,
    styleSrcElem: ["'self'", "'unsafe-inline'"],
    styleSrcAttr: NONE,
    // The calendar's own icons come as a font within its style.
    fontSrc: ["'self'", 'data:'],
    connectSrc: SELF,
    workerSrc: SELF,
    imgSrc: ["'self'", 'data:', 'blob:'],
    objectSrc: NONE,
    baseUri: NONE,
    formAction: SELF,
    frameAncestors: NONE,
  },
};

export function describeApi(app: NestExpressApplication): OpenAPIObject {
  const builder = new DocumentBuilder()
    .setTitle('Loxos')
    .setDescription(
      'Lengths in metres, speeds in m/s, angles in degrees, positive right of the target line.',
    )
    .setVersion('1');
  return SwaggerModule.createDocument(app, builder.build(), {
    extraModels: [Problem, IntakeAnswers],
    operationIdFactory: (controller, method) =>
      `${controller.replace('Controller', '').toLowerCase()}_${method}`,
  });
}

/** Files named by their content: another content is another name. */
const HASHED = /^\/(?:assets|page)\//;
const FOR_EVER = 'public, max-age=31536000, immutable';

/** The application, ready to listen; tests give it a store of their own. */
export async function createApp(
  config: ServerConfig,
  logger: Logger = pino(),
): Promise<NestExpressApplication> {
  const folder = new DataFolder(config.folder);
  if (isFile(config.databaseUrl) && !config.mayBeginAnew && !config.isDemo)
    refuseOrphanedCopies(fileURLToPath(config.databaseUrl), folder.backups);
  const store = new Store(config.databaseUrl, config.databaseToken);
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
  const isSecure = config.origins.some((origin) => origin.startsWith('https:'));
  app.use(helmet({ contentSecurityPolicy, strictTransportSecurity: isSecure }));
  app.use(ownOrigin(config.host, config.origins));
  app.use(cookieParser());
  app.use('/api', (_request: Request, response: Response, next: NextFunction) => {
    // What people wrote is kept by the app itself, not by whatever stands between.
    response.setHeader('Cache-Control', 'no-store');
    next();
  });
  app.use('/api', compression());
  app.useBodyParser('json', { limit: config.uploadLimitBytes });
  app.use('/api', plainJson);
  app.useGlobalPipes(validationPipe());
  app.useGlobalFilters(new ErrorsFilter(config.uploadLimitBytes));
  const document = describeApi(app);
  app.use('/api/openapi.json', (_request: Request, response: Response) => {
    response.json(document);
  });
  if (config.webFolder !== null && existsSync(config.webFolder)) {
    // A player's page is an app of its own.
    app.use((request: Request, _response: Response, next: NextFunction) => {
      if (request.path.startsWith('/p/')) request.url = '/page.html';
      next();
    });
    const serve = sirv(config.webFolder, {
      etag: true,
      gzip: true,
      brotli: true,
      single: true,
      ignores: [/^\/api(\/|$)/, HASHED],
      setHeaders: (response, path) =>
        response.setHeader('Cache-Control', HASHED.test(path) ? FOR_EVER : 'no-cache'),
    });
    app.use(serve);
  }
  // Longer than a browser or a proxy keeps an idle connection: whoever closes first resets the other's next request.
  app.getHttpServer().keepAliveTimeout = KEEP_ALIVE_MS;
  app.enableShutdownHooks();
  return app;
}
