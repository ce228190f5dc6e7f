import { randomUUID } from 'node:crypto';

/** Edits a thing by the one way in; returns its id. `ask`: posts to a path, and throws where it is refused. */
export async function edit(ask, name, { id = randomUUID(), of = '', fields = {} }) {
  const [thing, verb] = name.split('.');
  const body = { changes: [{ id: randomUUID(), steps: [{ thing, verb, id, of, fields }] }] };
  const answer = await ask('/api/changes', { method: 'POST', body });
  const { answers } = typeof answer === 'string' ? JSON.parse(answer) : answer;
  if (answers[0].problem !== null) throw new Error(JSON.stringify(answers[0].problem));
  return id;
}
