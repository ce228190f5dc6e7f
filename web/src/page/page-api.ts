import type { PlayerPage, Problem } from '../api/client.ts';
import { ApiError, errorOf } from '../api/error.ts';
import type { Entry } from '../sync/entry.ts';
import { stepsOf } from '../sync/pending.ts';
import type { Answered } from '../sync/sender.ts';

const NO_ANSWER = 'There is no network just now.';

async function ask<T>(path: string, init?: RequestInit): Promise<T> {
  let answer: Response;
  try {
    answer = await fetch(new Request(new URL(path, window.location.origin), init));
  } catch {
    throw new ApiError(0, NO_ANSWER);
  }
  if (answer.ok) return (await answer.json()) as T;
  const problem = (await answer.json().catch(() => ({}))) as Partial<Problem>;
  throw errorOf({ ...problem, statusCode: answer.status });
}

export const askPage = (token: string): Promise<PlayerPage> => ask(`/api/p/${token}`);

interface Answers {
  readonly answers: readonly { readonly id: string; readonly problem: Problem | null }[];
}

/** Sends what was done at a page; the server takes each once however often it comes. */
export async function sendFrom(
  token: string,
  entries: readonly Entry[],
): Promise<Answered<null>[]> {
  const changes = entries.map(({ id, at, change }) => ({ id, at, steps: stepsOf([change]) }));
  const { answers } = await ask<Answers>(`/api/p/${token}/changes`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ changes }),
  });
  return answers.map(({ id, problem }) => ({
    id,
    answer: problem === null ? null : errorOf(problem),
  }));
}
