import { BadRequestException } from '@nestjs/common';
import type { NextFunction, Request, Response } from 'express';

/** How deep a body may be: the deepest of ours, a page with its rich text, is less than half. */
const MOST_DEEP = 40;

/** Returns what is wrong with a value, whatever it is meant for; null for nothing. Never goes deeper than it allows. */
export function troubleIn(value: unknown, depth = 0): string | null {
  if (typeof value === 'string')
    return value.includes('\u0000') ? 'a text holds a character that cannot be kept (NUL)' : null;
  if (typeof value !== 'object' || value === null) return null;
  if (depth === MOST_DEEP) return `the body is more than ${MOST_DEEP} levels deep`;
  for (const [key, inner] of Object.entries(value)) {
    if (key === '__proto__') return '“__proto__” is no field';
    const trouble = troubleIn(key, depth) ?? troubleIn(inner, depth + 1);
    if (trouble !== null) return trouble;
  }
  return null;
}

/** A JSON body is an object of plain values; none at all is an empty one. */
export function plainJson(request: Request, _response: Response, next: NextFunction): void {
  const body: unknown = request.body;
  if (body === undefined) {
    request.body = {};
    next();
    return;
  }
  const isObject = typeof body === 'object' && body !== null && !Array.isArray(body);
  const trouble = isObject ? troubleIn(body) : 'send a JSON object';
  next(trouble === null ? undefined : new BadRequestException(trouble));
}
