import type { Request } from 'express';
import { deviceTokenIn, tokenIn } from './cookie.ts';

/** A browser that asks to come in. */
export interface Browser {
  /** What it calls itself. */
  readonly name: string;
  /** From where it asks, as far as the server can tell. */
  readonly address: string;
  /** What it was given when somebody signed in with it before; null where nobody did. */
  readonly deviceToken: string | null;
  /** The session it is signed in with now; null where it is not. */
  readonly sessionToken: string | null;
}

export const browserOf = (request: Request): Browser => ({
  name: request.headers['user-agent'] ?? '',
  address: request.ip ?? '',
  deviceToken: deviceTokenIn(request),
  sessionToken: tokenIn(request),
});
