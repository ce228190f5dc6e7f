import { applySteps } from '@loxos/core';
import type { AddRepetition, PlayerPage } from '../api/client.ts';
import type { Entry } from '../sync/entry.ts';
import { stepsOf } from '../sync/pending.ts';
import { step } from '../sync/step.ts';
import type { NewStep } from '../sync/step.ts';

/** What a player does at their page. */
export type Done =
  | { readonly op: 'tick'; readonly date: string; readonly done: boolean }
  | { readonly op: 'repeat'; readonly body: AddRepetition & { readonly id: string } }
  | { readonly op: 'say'; readonly text: string };

/** Returns the step that it is; `id`: of a word. */
export function pageStep(done: Done, id: string): NewStep {
  switch (done.op) {
    case 'tick':
      return step('tick.set', { id: done.date }, { done: done.done });
    case 'repeat': {
      const { id: repetitionId, ...body } = done.body;
      return step('repetition.add', { id: repetitionId }, body);
    }
    case 'say':
      return step('word.add', { id }, { text: done.text });
  }
}

/** Returns the page with something done in it. */
function withEntry(page: PlayerPage, { change, at }: Entry): PlayerPage {
  const { ticked, repetitions, said } = page;
  const ticks = ticked.map((id) => ({ id, done: true }));
  const after = applySteps({ ticks, repetitions, said }, stepsOf([change]), at);
  return {
    ...page,
    ticked: after.ticks.filter(({ done }) => done).map(({ id }) => id),
    repetitions: after.repetitions.map((one) =>
      repetitions.includes(one) ? one : { ...one, byPlayer: true },
    ),
    said: after.said,
  };
}

/** Returns the page with everything done on this phone. */
export const withEntries = (page: PlayerPage, entries: readonly Entry[]): PlayerPage =>
  entries.reduce(withEntry, page);
