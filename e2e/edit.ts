import type { APIRequestContext } from '@playwright/test';

/** Edits a thing by the one way in, as a screen would: `edit(request, 'ball.add', { of: lessonId, fields })`. Returns its id. */
export async function edit(
  api: APIRequestContext,
  name: string,
  { id = crypto.randomUUID(), of = '', fields = {} }: Step,
): Promise<string> {
  await editAll(api, name, [{ id, of, fields }]);
  return id;
}

interface Step {
  readonly id?: string;
  readonly of?: string;
  readonly fields?: object;
}

/** Edits several things as one change; at a page, what its player does. */
export async function editAll(
  api: APIRequestContext,
  name: string,
  steps: readonly Step[],
  page?: string,
): Promise<void> {
  const [thing, verb] = name.split('.');
  const change = {
    id: crypto.randomUUID(),
    steps: steps.map((step) => ({ thing, verb, ...step })),
  };
  const path = page === undefined ? '/api/changes' : `/api/p/${page}/changes`;
  const answer = await api.post(path, { data: { changes: [change] } });
  const { answers } = (await answer.json()) as { answers?: { problem: object | null }[] };
  const problem = answers?.[0]?.problem ?? (answers === undefined ? await answer.json() : null);
  if (problem !== null) throw new Error(`${name}: ${JSON.stringify(problem)}`);
}
