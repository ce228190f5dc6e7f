import { add } from './log.ts';
import { newId } from './new-id.ts';
import type { DroppedFile } from './pending.ts';
import { asSeen } from './seen.ts';
import type { NewStep } from './step.ts';

/** As many steps as one change holds, here as at the server. */
const MOST_STEPS = 500;

/** Edits things as one: it shows at once, is kept in the browser, and goes to the server in its turn. */
export async function push(...steps: NewStep[]): Promise<void> {
  const whole = steps.map(asSeen);
  for (let from = 0; from < whole.length; from += MOST_STEPS) {
    const [first, ...rest] = whole.slice(from, from + MOST_STEPS);
    if (first !== undefined) await add({ steps: [first, ...rest] });
  }
}

/** Brings a launch file in the same way; `id` names it. */
export const pushFile = (change: DroppedFile, id = newId()): Promise<void> => add(change, id);
