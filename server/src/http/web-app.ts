import { existsSync } from 'node:fs';
import type { NestExpressApplication } from '@nestjs/platform-express';
import type { NextFunction, Request, RequestHandler, Response } from 'express';
import serveCompressed from 'express-static-gzip';

/** Files named by their content: another content is another name. */
const HASHED = /^\/(?:assets|page)\//;
const API = /^\/api(\/|$)/;
const FOR_EVER = 'public, max-age=31536000, immutable';

const isPage = ({ method, path }: Request): boolean =>
  (method === 'GET' || method === 'HEAD') && !API.test(path) && !HASHED.test(path);

/** Serves the built web app: its files, packed where they are; any other address is a place within it. */
export function serveWebApp(app: NestExpressApplication, folder: string | null): void {
  if (folder === null || !existsSync(folder)) return;
  const files: RequestHandler = serveCompressed(folder, {
    enableBrotli: true,
    orderPreference: ['br', 'gz'],
    serveStatic: {
      setHeaders: (response, path) =>
        response.setHeader(
          'Cache-Control',
          HASHED.test(path.slice(folder.length)) ? FOR_EVER : 'no-cache',
        ),
    },
  });
  app.use((request: Request, _response: Response, next: NextFunction) => {
    // A player's page is an app of its own.
    if (request.path.startsWith('/p/')) request.url = '/page.html';
    next();
  });
  app.use((request: Request, response: Response, next: NextFunction) => {
    if (API.test(request.path)) return next();
    return files(request, response, () => {
      // A packed file that has gone meanwhile: what is said in its place is not packed.
      response.removeHeader('Content-Encoding');
      next();
    });
  });
  app.use((request: Request, response: Response, next: NextFunction) => {
    if (!isPage(request)) return next();
    request.url = '/index.html';
    return files(request, response, next);
  });
}
