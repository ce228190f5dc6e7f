import type { Fields } from '@loxos/core';
import { ApiError, answerOf, api, errorOf } from '../api/client.ts';
import type { ChangedThing, IntakeResult } from '../api/client.ts';
import { announce, asksOf } from './arrivals.ts';
import { askAnew } from './ask-anew.ts';
import { taken } from './answers.ts';
import { deviceName } from './device.ts';
import type { Entry } from './entry.ts';
import { newId } from './new-id.ts';
import { isFile } from './pending.ts';
import type { DroppedFile } from './pending.ts';
import { sendFile } from './send-file.ts';
import type { Answered, Wire } from './sender.ts';
import type { NewStep } from './step.ts';

/** What the server made of a change: the things that were changed, or of a launch file what became of it. */
type Made = readonly ChangedThing[] | IntakeResult;

interface Sent {
  readonly id: string;
  readonly at: string;
  readonly steps: readonly (NewStep & { readonly seen?: number | null })[];
}

async function sendChanges(sent: readonly Sent[]): Promise<Answered<readonly ChangedThing[]>[]> {
  const changes = sent.map(({ id, at, steps }) => ({
    id,
    at,
    steps: steps.map(({ fields, was, seen = null, ...step }) => ({
      ...step,
      seen,
      fields: { ...fields },
      ...(was && { was: { ...was } }),
    })),
  }));
  const body = { device: deviceName(), changes };
  const { answers } = await answerOf(api.POST('/api/changes', { body }));
  return answers.map(({ id, problem, things }) => ({
    id,
    answer: problem === null ? things : errorOf(problem),
  }));
}

/** Sends what must be known at once whether it was done, such as a page withdrawn. Throws where it was not. */
export async function sendNow(...steps: NewStep[]): Promise<void> {
  const change = { id: newId(), at: new Date().toISOString(), steps };
  const [done] = await sendChanges([change]);
  if (done?.answer instanceof ApiError) throw done.answer;
}

async function sendDropped(id: string, change: DroppedFile): Promise<Answered<Made>> {
  const headers = { 'x-loxos-change': id, 'x-loxos-device': deviceName() };
  return { id, answer: await sendFile(change, headers) };
}

const isResult = (made: Made): made is IntakeResult => !Array.isArray(made);

/** How a coach's changes reach the server, and show in what the screens read. */
export const wire: Wire<Made> = {
  async send(entries: readonly Entry[]) {
    const [{ id, change }] = entries as [Entry, ...Entry[]];
    if (isFile(change)) return [await sendDropped(id, change)];
    return sendChanges(
      entries.map((entry) => ({
        id: entry.id,
        at: entry.at,
        steps: isFile(entry.change) ? [] : entry.change.steps,
      })),
    );
  },
  async taken(entry, made, isLast) {
    await taken(entry.change, isResult(made) ? [] : made, isLast).catch(() => undefined);
    if (isResult(made)) announce(entry, made);
  },
  async refused({ change }, isLast) {
    if (isLast) await askAnew(change);
  },
  asks(_entry, made) {
    const asks = isResult(made) ? asksOf(made) : null;
    return asks === null ? null : { reason: asks.message, current: null as Fields | null, asks };
  },
};
