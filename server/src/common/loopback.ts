import { ForbiddenException } from '@nestjs/common';
import type { NextFunction, Request, Response } from 'express';

const LOOPBACK_HOST = /^(?:127\.0\.0\.1|localhost|\[::1\])(?::\d{1,5})?$/i;
const READS = new Set(['GET', 'HEAD', 'OPTIONS']);

/** Whether a write comes from this app's own pages (or from no page at all). */
function isOwnWrite(request: Request): boolean {
  const site = request.headers['sec-fetch-site'];
  if (site !== undefined && site !== 'same-origin' && site !== 'none') return false;
  const { origin } = request.headers;
  return origin === undefined || origin === `http://${request.headers.host ?? ''}`;
}

/**
 * There is no sign-in yet, so the app answers this machine only: a Host header that is not loopback
 * (a rebound name) and a write from another site's page are refused.
 */
export function loopbackOnly(request: Request, _response: Response, next: NextFunction): void {
  if (!LOOPBACK_HOST.test(request.headers.host ?? '')) {
    next(new ForbiddenException('This server answers 127.0.0.1 only; open it by that address.'));
    return;
  }
  if (!READS.has(request.method) && !isOwnWrite(request)) {
    next(new ForbiddenException('Writes from another site are refused.'));
    return;
  }
  next();
}
