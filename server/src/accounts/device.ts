import type { Request } from 'express';

/** What a browser calls itself. */
export const deviceOf = (request: Request): string => request.headers['user-agent'] ?? '';
