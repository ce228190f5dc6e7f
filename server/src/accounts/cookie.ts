import type { Request, Response } from 'express';
import { isToken } from '../common/token.ts';

/** How long a browser stays signed in without being used where the academy says nothing, and at most, hours. */
export const MOST_IDLE_HOURS = 30 * 24;
const HOUR_MS = 3600 * 1000;
/** The same, ms. */
export const IDLE_MS = MOST_IDLE_HOURS * HOUR_MS;

/** Returns how long a browser of an academy stays signed in without being used, ms. */
export const idleMs = (hours: number | null): number => (hours ?? MOST_IDLE_HOURS) * HOUR_MS;

/** With https the browser itself keeps the cookie to this address (`__Host-`). */
const nameFor = (request: Request): string => (request.secure ? '__Host-loxos' : 'loxos');

/** Returns the token in a request's cookie, or null. */
export function tokenIn(request: Request): string | null {
  const cookies = request.cookies as Record<string, unknown> | undefined;
  const value = cookies?.[nameFor(request)];
  return typeof value === 'string' && value !== '' ? value : null;
}

/** Out of reach of scripts and of other sites' pages. */
const optionsFor = (request: Request) =>
  ({ httpOnly: true, sameSite: 'lax', secure: request.secure, path: '/' }) as const;

export function giveToken(request: Request, response: Response, token: string): void {
  response.cookie(nameFor(request), token, { ...optionsFor(request), maxAge: IDLE_MS });
}

/** What a browser keeps after it was signed out: that somebody of this academy signed in with it, ms. */
const KNOWN_MS = 400 * 24 * 3600 * 1000;
const deviceNameFor = (request: Request): string => `${nameFor(request)}-device`;

/** The token a browser was given when somebody signed in with it, or null: also where it is none of ours. */
export function deviceTokenIn(request: Request): string | null {
  const cookies = request.cookies as Record<string, unknown> | undefined;
  const value = cookies?.[deviceNameFor(request)];
  return typeof value === 'string' && isToken(value) ? value : null;
}

export function giveDeviceToken(request: Request, response: Response, token: string): void {
  response.cookie(deviceNameFor(request), token, { ...optionsFor(request), maxAge: KNOWN_MS });
}

export function takeToken(request: Request, response: Response): void {
  response.clearCookie(nameFor(request), optionsFor(request));
}
