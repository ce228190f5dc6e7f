import { keptAccount } from './who.ts';

/** An answer that nobody took by then is forgotten, ms: the next who asks wants a new one. */
const FRESH_MS = 10_000;

const asked = new Map<string, Promise<Response>>();

/** Asks for what the page will show, before the app that shows it is there. */
export function askEarly(path: string): void {
  const user = keptAccount()?.id;
  const url = new URL(path, globalThis.location.origin).href;
  const answer = globalThis.fetch(
    url,
    user === undefined ? {} : { headers: { 'x-loxos-user': user } },
  );
  // Whoever takes it hears of it; nobody may.
  answer.catch(() => undefined);
  asked.set(url, answer);
  setTimeout(() => asked.delete(url), FRESH_MS);
}

/**
 * Returns the answer to this request, where it was asked for early; each once. A change makes all that was asked for before it
 * old: it is asked for anew.
 */
export function takeEarly({ method, url }: Request): Promise<Response> | undefined {
  if (method !== 'GET') {
    asked.clear();
    return undefined;
  }
  const answer = asked.get(url);
  asked.delete(url);
  return answer;
}
