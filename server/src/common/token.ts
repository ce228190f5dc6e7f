import { createHash, randomBytes } from 'node:crypto';

/** 192 bits: beyond guessing. */
const TOKEN_BYTES = 24;

/** Returns a secret for a link or a cookie; only its hash is kept. */
export const newToken = (): string => randomBytes(TOKEN_BYTES).toString('base64url');

/** Returns whether a text is shaped like one of ours. */
export const isToken = (text: string): boolean => /^[\w-]{32}$/.test(text);

/** Returns what is kept of a token. It is random, so a plain hash cannot be turned back. */
export const hashOf = (token: string): string => createHash('sha256').update(token).digest('hex');
