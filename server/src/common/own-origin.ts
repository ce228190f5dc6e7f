import { ForbiddenException } from '@nestjs/common';
import type { NextFunction, Request, Response } from 'express';

const READS = new Set(['GET', 'HEAD', 'OPTIONS']);

/** Names that cannot be made to mean another machine. */
const LOOPBACK = new Set(['127.0.0.1', 'localhost', '[::1]']);

/** Returns whether a server bound to this address is reached from this machine alone. */
export const isLoopback = (host: string): boolean =>
  LOOPBACK.has(host) || host === '::1' || /^127(?:\.\d{1,3}){3}$/.test(host);

/** Returns the name in a Host header, without the port; empty where it is none. */
function nameOf(host: string | undefined): string {
  const url = `http://${host ?? ''}`;
  return URL.canParse(url) ? new URL(url).hostname : '';
}

/** Returns whether a write comes from this app's own pages (or from no page at all). */
function isOwnWrite({ headers }: Request, origins: ReadonlySet<string>): boolean {
  const site = headers['sec-fetch-site'];
  if (site !== undefined && site !== 'same-origin' && site !== 'none') return false;
  const { origin, host } = headers;
  if (origin === undefined || origins.has(origin)) return true;
  return URL.canParse(origin) && new URL(origin).host === host;
}

/**
 * Answers under the names it was told of only, so that a name made to point here (rebinding) gets nothing, and takes
 * no write from another site's page.
 */
export function ownOrigin(host: string, origins: readonly string[]) {
  const allowed = new Set(origins);
  const names = new Set([...LOOPBACK, host, ...origins.map((origin) => new URL(origin).hostname)]);
  return (request: Request, _response: Response, next: NextFunction): void => {
    if (!names.has(nameOf(request.headers.host)))
      next(new ForbiddenException('This is not an address of this server: see LOXOS_ORIGIN.'));
    else if (!READS.has(request.method) && !isOwnWrite(request, allowed))
      next(new ForbiddenException('Writes from another site are refused.'));
    else next();
  };
}
