// A server that answers what a test says, and remembers what it was asked.
import type { Lesson } from '../api/client.ts';

export interface Asked {
  readonly method: string;
  readonly path: string;
  readonly body: unknown;
}

type AnswerTo = (asked: Asked) => object | Promise<object>;
type Answer = object | AnswerTo;

/** What was sent, as JSON where it is; of a form the text of its fields and of its file. */
const bodyOf = async (request: Request): Promise<unknown> => {
  if (request.headers.get('content-type')?.startsWith('multipart/')) {
    const fields = [...(await request.formData()).entries()].map(async ([name, value]) => [
      name,
      typeof value === 'string' ? value : await value.text(),
    ]);
    return Object.fromEntries((await Promise.all(fields)) as [string, string][]);
  }
  const text = await request.text();
  try {
    return JSON.parse(text);
  } catch {
    return text;
  }
};

/** Answers by `METHOD /path`; a `status` in an answer is the answer's own. What nobody said is 404. */
export function answering(answers: Readonly<Record<string, Answer>>): readonly Asked[] {
  const asked: Asked[] = [];
  globalThis.fetch = async (input) => {
    const request = input as Request;
    const { pathname } = new URL(request.url);
    const one = { method: request.method, path: pathname, body: await bodyOf(request) };
    asked.push(one);
    const found = answers[`${one.method} ${one.path}`];
    const answer = typeof found === 'function' ? await (found as AnswerTo)(one) : found;
    const unsaid = { status: 404, message: `nobody answers ${one.path} here` };
    const { status = 200, ...body } = (answer ?? unsaid) as { status?: number };
    const text = JSON.stringify(Array.isArray(answer) ? answer : body);
    return new Response(status === 204 ? null : text, {
      status,
      headers: { 'content-type': 'application/json' },
    });
  };
  return asked;
}

/** The answers that make a lesson, piece by piece. */
export function piecesOf(lesson: Lesson): Readonly<Record<string, object>> {
  const { balls, blocks, parts, files, repetitions, pages, ...head } = lesson;
  const path = `GET /api/lessons/${lesson.id}`;
  return {
    [path]: head,
    [`${path}/balls`]: { balls, next: null },
    [`${path}/blocks`]: blocks,
    [`${path}/parts`]: parts,
    [`${path}/files`]: files,
    [`${path}/repetitions`]: repetitions,
    [`${path}/pages`]: pages,
  };
}
