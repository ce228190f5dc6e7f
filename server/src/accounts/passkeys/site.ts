import { isIP } from 'node:net';
import { BadRequestException } from '@nestjs/common';
import type { Request } from 'express';

/** The address a browser is at, as a passkey knows it. */
export interface Site {
  /** Its name: a domain, or `localhost`. */
  readonly name: string;
  readonly origin: string;
}

const NO_PASSKEY =
  'A passkey needs an address with a name: https, or localhost. At this one, sign in with your password.';

/** Returns the address a request came from. Throws 400 where no passkey can be for it: an IP address, or plain http. */
export function siteOf({ headers }: Request): Site {
  const { origin } = headers;
  if (origin === undefined || !URL.canParse(origin)) throw new BadRequestException(NO_PASSKEY);
  const { protocol, hostname } = new URL(origin);
  const isSafe = protocol === 'https:' || hostname === 'localhost';
  if (!isSafe || isIP(hostname.replace(/^\[|\]$/g, '')) !== 0)
    throw new BadRequestException(NO_PASSKEY);
  return { name: hostname, origin };
}
