import {
  BLANK_BALL,
  BLANK_BAY,
  BLANK_BLOCK,
  BLANK_LESSON,
  BLANK_REPETITION,
  blankPlayer,
} from './blank.ts';
import type { Step } from './change.ts';
import { fieldsOf, recordOf } from './fields.ts';
import type { Fields } from './fields.ts';
import { THINGS } from './things.ts';
import type { Collection } from './things.ts';

/** Things as a screen keeps them, in the order it shows them; a collection that is left out is not looked at. */
export type State = { readonly [C in Collection]?: readonly object[] };

/** When something happened of which the server has not said when: after all that it has. */
export const NOT_YET = '9999';

type Item = Fields;
type Items = { [C in Collection]?: readonly Item[] };

const isThis = ({ thing, id, of }: Step, item: Item): boolean => {
  if (thing === 'part') return `${of}.${String(item['part'])}` === id;
  return thing === 'setting' || item['id'] === id;
};

/** Returns what a new thing holds beside what was said of it, by what is there. */
function blankOf(
  { thing, id, of, fields }: Step,
  { balls = [], blocks = [] }: Items,
  at: string,
): Fields {
  switch (thing) {
    case 'player':
      return { ...blankPlayer(fields), isPersonalRead: true, version: 0 };
    case 'lesson':
      return { ...BLANK_LESSON, playerId: of, version: 0 };
    case 'ball': {
      const last = Math.max(0, ...balls.map(({ ordinal }) => Number(ordinal)));
      const blockId = blocks.at(-1)?.['id'] ?? null;
      return { ...BLANK_BALL, lessonId: of, ordinal: last + 1, blockId, version: 0 };
    }
    case 'block':
      return { ...BLANK_BLOCK, startedAt: at, version: 0 };
    case 'repetition':
      return { ...BLANK_REPETITION, at, byPlayer: false };
    case 'part':
      return { part: id.slice(of.length + 1), value: {}, version: 0, updatedBy: '' };
    case 'word':
      return { at };
    case 'bay':
      return { ...BLANK_BAY, version: 0 };
    default:
      return {};
  }
}

/** Returns a thing with fields written; those of a part and of the settings are written one by one. */
function written({ thing, fields }: Step, item: Item): Item {
  if (thing === 'setting') {
    const { version, ...held } = item;
    return { ...recordOf(thing, { ...fieldsOf(thing, held), ...fields }), version };
  }
  if (thing !== 'part') return { ...item, ...fields };
  const part = String(item['part']);
  const value = recordOf(part, { ...fieldsOf(part, item['value'] as Fields), ...fields });
  return { ...item, value };
}

/** How a collection is ordered, where a thing that comes back does not go last. */
const ORDER: { readonly [C in Collection]?: (a: Item, b: Item) => number } = {
  balls: (a, b) => Number(a['ordinal']) - Number(b['ordinal']),
  blocks: (a, b) =>
    String(a['startedAt']).localeCompare(String(b['startedAt'])) ||
    String(a['id']).localeCompare(String(b['id'])),
};

/** Returns a collection with a thing in it, in its place: where it stood before if it is there already. */
export function withThing(collection: Collection, items: readonly Item[], item: Item): Item[] {
  const key = collection === 'parts' ? 'part' : 'id';
  const at = collection === 'settings' ? 0 : items.findIndex((one) => one[key] === item[key]);
  const all = at < 0 ? [...items, item] : items.map((one, n) => (n === at ? item : one));
  const order = ORDER[collection];
  return order === undefined ? all : all.sort(order);
}

function itemsAfter(step: Step, items: readonly Item[], state: Items, at: string): readonly Item[] {
  const { thing, verb, id } = step;
  const { collection } = THINGS[thing];
  if (verb === 'remove') return items.filter((item) => !isThis(step, item));
  const known = items.find((item) => isThis(step, item));
  if (verb === 'set' && known !== undefined)
    return items.map((item) => (item === known ? written(step, item) : item));
  // These are there once something is put down of them; nothing else is made by being changed.
  const isMadeBySet = thing === 'part' || thing === 'tick';
  if (known !== undefined || (verb === 'set' && !isMadeBySet)) return items;
  // How it was, nobody said: the server will.
  if (verb === 'restore' && Object.keys(step.fields).length === 0) return items;
  const blank = { ...blankOf(step, state, at), ...(thing === 'part' ? {} : { id }) };
  const made = written(step, blank);
  // What is new is the last, whatever its place by what the server has not said yet.
  return verb === 'add' ? [...items, made] : withThing(collection, items, made);
}

/** Returns what goes with a thing that is taken away. */
function without({ thing, verb, id }: Step, state: Items): Items {
  if (thing !== 'file' || verb !== 'remove' || state.balls === undefined) return state;
  return { ...state, balls: state.balls.filter(({ launchFileId }) => launchFileId !== id) };
}

function applyStep(state: Items, step: Step, at: string): Items {
  const { collection } = THINGS[step.thing];
  const items = state[collection];
  if (items === undefined) return state;
  return without(step, { ...state, [collection]: itemsAfter(step, items, state, at) });
}

/**
 * Returns a state with steps done in it, as far as it holds what they are of. It is what a screen shows until the server has
 * said: what only the server knows, such as the version and when a block was begun, is filled in by its answer.
 * `at`: when they were done, an instant, where that is known.
 */
export const applySteps = <S extends State>(
  state: S,
  steps: readonly Step[],
  at: string = NOT_YET,
): S => steps.reduce<Items>((now, step) => applyStep(now, step, at), state as Items) as S;
