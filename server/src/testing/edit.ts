// Edits things as a test says them, by the one way in: `edit(http, 'ball.add', { of: lessonId, fields })`.
import { randomUUID } from 'node:crypto';
import { inverse } from '@loxos/core';
import type { Done, Step, ThingName, Verb } from '@loxos/core';
import type { ChangeAnswer, ChangesAnswer } from '../changes/change.dto.ts';
import type { HistoryEntry } from '../changes/past.dto.ts';
import type { Response } from 'supertest';
import type { TestAgent } from './agent.ts';

/** What became of an edit: 200 with the thing as it is since, or the problem; of several, the first. */
export interface Edited {
  readonly status: number;
  readonly body: Response['body'];
}

/** By whom, under which name, and at which page. */
export interface Named {
  readonly change?: string;
  readonly device?: string;
  /** The token of the page it is done at. */
  readonly page?: string;
}

/** An edit on its way; `expect` says what must become of it. */
export interface Editing extends Promise<Edited> {
  readonly expect: (status: number) => Editing;
}

const editing = (sent: Promise<Edited>): Editing =>
  Object.assign(sent, {
    expect: (status: number) =>
      editing(
        sent.then((one) => {
          if (one.status !== status)
            throw new Error(`expected ${status}, got ${JSON.stringify(one)}`);
          return one;
        }),
      ),
  });

const edited = ({ problem, things }: ChangeAnswer): Edited =>
  problem === null
    ? { status: 200, body: things[0]?.value ?? null }
    : { status: problem.statusCode, body: problem };

/** Sends a change of several steps. */
export function sendSteps(
  http: TestAgent,
  steps: readonly Partial<Step>[],
  { change = randomUUID(), device, page }: Named = {},
): Editing {
  const path = page === undefined ? '/api/changes' : `/api/p/${page}/changes`;
  const body = { ...(device && { device }), changes: [{ id: change, steps }] };
  const send = async (): Promise<Edited> => {
    const answer = await http.post(path).send(body);
    if (answer.status !== 200) return answer;
    return edited((answer.body as ChangesAnswer).answers[0]!);
  };
  return editing(send());
}

/** Edits a thing. A new one gets an id where none is said; a lesson may say its player among its fields. */
export function edit(
  http: TestAgent,
  name: `${ThingName}.${Verb}`,
  {
    fields = {},
    ...step
  }: Partial<Omit<Step, 'thing' | 'verb' | 'fields'>> & { fields?: object } = {},
  named: Named = {},
): Editing {
  const [thing, verb] = name.split('.') as [ThingName, Verb];
  const { id = step.id, playerId, ...said } = fields as Record<string, string | undefined>;
  const fresh = thing === 'drill' ? `own-${randomUUID()}` : randomUUID();
  const of = thing === 'lesson' && playerId !== undefined ? { of: playerId } : {};
  const whole = { ...step, ...of, thing, verb, id: id ?? fresh, fields: said };
  return sendSteps(http, [whole], named);
}

/** Puts balls of a lesson into a block, or into none, as one change. */
export const putInto = (
  http: TestAgent,
  of: string,
  { ballIds, blockId }: { ballIds: readonly string[]; blockId: string | null },
  named: Named = {},
): Editing =>
  sendSteps(
    http,
    ballIds.map((id) => ({ thing: 'ball', verb: 'set', id, of, fields: { blockId } })),
    named,
  );

/** Ticks a day of homework at a page, or takes the tick away. */
export const tickAt = (
  http: TestAgent,
  page: string,
  { date, done }: { readonly date: string; readonly done: unknown },
): Editing => edit(http, 'tick.set', { id: date, fields: { done } }, { page });

/** Takes a change of history back. */
export const putBack = (http: TestAgent, { steps }: HistoryEntry, named: Named = {}): Editing =>
  sendSteps(http, inverse(steps as Done[]), named);
