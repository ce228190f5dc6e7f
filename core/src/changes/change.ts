import type { Fields } from './fields.ts';
import { THINGS } from './things.ts';
import type { ThingName, Verb } from './things.ts';

/** One thing that a change does. */
export interface Step {
  readonly thing: ThingName;
  readonly verb: Verb;
  /** The thing's own id; of a part of a lesson, the lesson's id, a point and the part's name. */
  readonly id: string;
  /** The id of what it is of: a ball's lesson, a lesson's player; empty where it is of nothing. */
  readonly of: string;
  /** The fields that are written, by their path; where a thing is taken away or brought back, how it was: a screen shows it so. */
  readonly fields: Fields;
  /** The version of the thing that was seen; null where none was. */
  readonly seen: number | null;
  /** What its fields must still be: the change is refused where they are not. An undo says so. */
  readonly was?: Fields;
}

/** What a person did, as one: all of it is taken, or none. */
export interface Change {
  /** The name it is known by: sent twice, it is taken once. */
  readonly id: string;
  /** When it was made, an instant. */
  readonly at: string;
  readonly steps: readonly Step[];
}

/** Returns what a step waits behind: what is of one lesson goes in the order made, and holds up nothing else. */
export function laneOf({ thing, id, of }: Step): string {
  if (thing === 'player' || thing === 'lesson') return `${thing} ${id}`;
  return THINGS[thing].parent === null ? thing : `${THINGS[thing].parent} ${of}`;
}

/** Returns the lane that must be empty before a step goes: a lesson is opened once its player is known; null for none. */
export const laneBefore = ({ thing, verb, of }: Step): string | null =>
  thing === 'lesson' && verb === 'add' ? `player ${of}` : null;
