import type { Step } from './change.ts';
import type { Fields } from './fields.ts';

/** A step as history keeps it: which fields it changed, as they were and as they are since. */
export interface Done extends Pick<Step, 'thing' | 'id' | 'of'> {
  readonly before: Fields;
  readonly after: Fields;
}

/** Returns the step that takes a step back. It is refused where the fields are no longer as that left them. */
function inverseOf({ thing, id, of, before, after }: Done): Step {
  const { deleted, ...fields } = before;
  const was = after;
  if (deleted === true) return { thing, verb: 'remove', id, of, fields: {}, seen: null, was };
  if (deleted === false) return { thing, verb: 'restore', id, of, fields, seen: null, was };
  return { thing, verb: 'set', id, of, fields, seen: null, was };
}

/** Returns the steps that take a change back: those of its own, the last first. */
export const inverse = (done: readonly Done[]): Step[] => [...done].reverse().map(inverseOf);
