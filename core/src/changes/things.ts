// The things that people edit, each said once: what it is of, where a screen keeps it, who may do what with it, and what history
// says was done. Server, browser, history and undo read these and nothing else of their own.

/** What can be done with a thing; taking away keeps it, and `restore` brings it back as it was. */
export const VERBS = ['add', 'set', 'remove', 'restore'] as const;
export type Verb = (typeof VERBS)[number];

/** Who may: whoever logs balls, whoever plans, or the player at a page that was given to them. */
export type Right = 'log' | 'plan' | 'page';

export interface ThingDefinition {
  /** What several of it are called in history. */
  readonly plural: string;
  /** The thing it is of; null for what is the academy's. */
  readonly parent: ThingName | null;
  /** Where a state keeps it. */
  readonly collection: Collection;
  /** Who may do what; a verb that is left out can be done by nobody. */
  readonly may: { readonly [V in Verb]?: readonly Right[] };
  /** What history says was done. */
  readonly did: { readonly [V in Verb]?: string };
  /** Collections that change with it beside its own, on the server's word alone. */
  readonly touches?: readonly Collection[];
  /** Whether adding one that was taken away brings it back; it is refused where it does not. */
  readonly isBackWhenAdded?: boolean;
}

/** What a state keeps its things in. */
export const COLLECTIONS = [
  'players',
  'lessons',
  'balls',
  'blocks',
  'parts',
  'repetitions',
  'files',
  'pages',
  'drills',
  'sources',
  'settings',
  'ticks',
  'said',
  'bays',
] as const;
export type Collection = (typeof COLLECTIONS)[number];

export const THING_NAMES = [
  'player',
  'lesson',
  'ball',
  'block',
  'part',
  'repetition',
  'file',
  'page',
  'drill',
  'source',
  'setting',
  'tick',
  'word',
  'bay',
] as const;
export type ThingName = (typeof THING_NAMES)[number];

const PLAN = ['plan'] as const;
const LOG = ['log'] as const;
const PAGE = ['page'] as const;
const LOG_OR_PAGE = ['log', 'page'] as const;

export const THINGS: { readonly [T in ThingName]: ThingDefinition } = {
  player: {
    plural: 'players',
    parent: null,
    collection: 'players',
    may: { add: PLAN, set: PLAN, remove: PLAN, restore: PLAN },
    did: { add: 'added', set: 'changed', remove: 'taken away', restore: 'brought back' },
  },
  lesson: {
    plural: 'lessons',
    parent: 'player',
    collection: 'lessons',
    may: { add: PLAN, set: PLAN, remove: PLAN, restore: PLAN },
    did: { add: 'opened', set: 'changed', remove: 'taken away', restore: 'brought back' },
  },
  ball: {
    plural: 'balls',
    parent: 'lesson',
    collection: 'balls',
    may: { add: LOG, set: LOG, remove: LOG, restore: LOG },
    did: { add: 'added', set: 'changed', remove: 'deleted', restore: 'brought back' },
  },
  block: {
    plural: 'blocks',
    parent: 'lesson',
    collection: 'blocks',
    may: { add: LOG, set: LOG, remove: LOG, restore: LOG },
    did: { add: 'begun', set: 'changed', remove: 'taken away', restore: 'brought back' },
    touches: ['balls'],
    isBackWhenAdded: true,
  },
  part: {
    plural: 'steps',
    parent: 'lesson',
    collection: 'parts',
    may: { set: PLAN },
    did: { set: 'changed' },
  },
  repetition: {
    plural: 'repetitions',
    parent: 'lesson',
    collection: 'repetitions',
    may: { add: LOG_OR_PAGE, remove: LOG, restore: LOG },
    did: { add: 'logged', remove: 'taken back', restore: 'brought back' },
    isBackWhenAdded: true,
  },
  file: {
    plural: 'launch files',
    parent: 'lesson',
    collection: 'files',
    may: { remove: LOG, restore: LOG },
    did: { remove: 'taken back', restore: 'brought in again' },
    touches: ['balls'],
  },
  page: {
    plural: 'pages',
    parent: null,
    collection: 'pages',
    may: { remove: PLAN, restore: PLAN },
    did: { remove: 'withdrawn', restore: 'given again' },
  },
  drill: {
    plural: 'drills',
    parent: null,
    collection: 'drills',
    may: { add: PLAN, remove: PLAN, restore: PLAN },
    did: { add: 'made', remove: 'taken away', restore: 'brought back' },
  },
  source: {
    plural: 'sources',
    parent: null,
    collection: 'sources',
    may: { set: LOG, remove: LOG, restore: LOG },
    did: {
      set: 'changed',
      remove: 'forgotten: its next file asks anew',
      restore: 'remembered again',
    },
  },
  setting: {
    plural: 'settings',
    parent: null,
    collection: 'settings',
    may: { set: PLAN },
    did: { set: 'changed' },
  },
  tick: {
    plural: 'days of homework',
    parent: 'page',
    collection: 'ticks',
    may: { set: PAGE },
    did: { set: 'ticked' },
  },
  word: {
    plural: 'words back',
    parent: 'page',
    collection: 'said',
    may: { add: PAGE },
    did: { add: 'from the player' },
  },
  bay: {
    plural: 'bays',
    parent: null,
    collection: 'bays',
    may: { add: PLAN, set: LOG, remove: PLAN, restore: PLAN },
    did: { add: 'made', set: 'changed', remove: 'taken away', restore: 'brought back' },
  },
};

/** Says whether a verb may be done with a thing by somebody with these rights. */
export const mayDo = (thing: ThingName, verb: Verb, rights: readonly Right[]): boolean =>
  THINGS[thing].may[verb]?.some((right) => rights.includes(right)) ?? false;
