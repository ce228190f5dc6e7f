/** Where a stack begins, after the message. */
const STACK = /\n\s+at [\s\S]*$/;

/** Kinds of error whose message repeats what was to be stored. */
const REPEATS_VALUES = /^Failed query:/;

/**
 * Returns an error for the log, with its stack and without what people wrote: the store's own message repeats names and notes,
 * so only its cause is kept.
 */
export function withoutValues(error: unknown): string {
  if (!(error instanceof Error)) return String(error);
  const { cause, stack = '' } = error;
  const message = REPEATS_VALUES.test(error.message) ? 'a query failed' : error.message;
  const deeper = cause === undefined ? '' : ` (${withoutValues(cause)})`;
  return `${error.name}: ${message}${deeper}${STACK.exec(stack)?.[0] ?? ''}`;
}

/** Returns a path for the log: the token of a page, a link or a calendar lets somebody in, so it is not written down. */
export const pathWords = (path: string): string =>
  path.replace(/^(\/(?:api\/)?(?:p|links|calendar)\/)[^/]+/, '$1…');
