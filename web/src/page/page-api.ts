import type { PlayerPage, Problem } from '../api/client.ts';
import type { Entry } from './entries.ts';

/** Why the server did not do what it was asked; `status` 0 where it did not answer. */
export class Refusal extends Error {
  readonly status: number;

  constructor(status: number, message: string) {
    super(message);
    this.name = 'Refusal';
    this.status = status;
  }
}

const NO_ANSWER = 'There is no network just now.';

async function ask(path: string, init?: RequestInit): Promise<Response> {
  let answer: Response;
  try {
    answer = await fetch(new Request(new URL(path, window.location.origin), init));
  } catch {
    throw new Refusal(0, NO_ANSWER);
  }
  if (answer.ok) return answer;
  const problem = (await answer.json().catch(() => ({}))) as Partial<Problem>;
  throw new Refusal(answer.status, problem.message ?? `The server answered ${answer.status}.`);
}

export const askPage = async (token: string): Promise<PlayerPage> =>
  (await (await ask(`/api/p/${token}`)).json()) as PlayerPage;

function requestOf({ id, done }: Entry): readonly [path: string, body: object] {
  switch (done.op) {
    case 'tick':
      return ['ticks', { date: done.date, done: done.done }];
    case 'repeat':
      return ['repetitions', done.body];
    case 'say':
      return ['words', { id, text: done.text }];
  }
}

/** Sends what was done; the server takes it once however often it comes. */
export async function send(entry: Entry): Promise<void> {
  const [path, body] = requestOf(entry);
  await ask(`/api/p/${entry.token}/${path}`, {
    method: 'POST',
    headers: { 'content-type': 'application/json', 'x-loxos-change': entry.id },
    body: JSON.stringify(body),
  });
}
