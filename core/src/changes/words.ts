import type { Step } from './change.ts';
import { fieldWords } from './field-words.ts';
import { THINGS } from './things.ts';
import type { ThingName, Verb } from './things.ts';

/** A step with what its thing is called: "ball 3", "technique". */
export interface NamedStep {
  readonly thing: ThingName;
  readonly verb: Verb;
  readonly label: string;
  /** Whether it takes an earlier one back. */
  readonly isUndo: boolean;
  /** What was done where the verb alone does not say it: "put into technique". */
  readonly did?: string;
}

const didOf = ({ thing, verb, isUndo, did }: NamedStep): string =>
  isUndo && verb === 'set' ? 'put back' : (did ?? THINGS[thing].did[verb] ?? verb);

/** Returns what a change did, as history says it: "ball 3 changed", "12 balls put into technique". */
export function didWords(steps: readonly NamedStep[]): string {
  const [first, ...rest] = steps;
  if (first === undefined) return '';
  const alone = `${first.label} ${didOf(first)}`;
  if (rest.length === 0) return alone;
  const isAlike = rest.every((step) => step.thing === first.thing && didOf(step) === didOf(first));
  return isAlike
    ? `${steps.length} ${THINGS[first.thing].plural} ${didOf(first)}`
    : `${alone} and ${rest.length} more`;
}

const PARTS: Readonly<Record<string, string>> = {
  setup: 'the set-up',
  causes: 'what was seen of the swing',
  work: 'the work',
  send: 'the page',
};

const LABELS: Readonly<Record<ThingName, string>> = {
  player: 'A player',
  lesson: 'A lesson',
  ball: 'A ball',
  block: 'A block',
  part: 'A step',
  repetition: 'A repetition',
  file: 'A launch file',
  page: 'A page',
  drill: 'A drill',
  source: 'A source',
  setting: 'Settings',
  tick: 'Homework',
  word: 'A word back',
  bay: 'A bay',
};

const fieldList = ({ fields }: Step): string => Object.keys(fields).map(fieldWords).join(', ');

const named = ({ fields }: Step): string | null =>
  typeof fields['name'] === 'string' && fields['name'] !== '' ? fields['name'] : null;

function stepWords(step: Step): string {
  const { thing, verb, id, of, fields } = step;
  if (thing === 'part')
    return `In ${PARTS[id.slice(of.length + 1)] ?? 'a step'}: ${fieldList(step)}`;
  if (thing === 'block' && verb === 'add')
    return `Block begun: ${fields['kind'] === 'toned' ? 'toned down' : String(fields['kind'])}`;
  const label = verb === 'add' ? (named(step) ?? LABELS[thing]) : LABELS[thing];
  const did = `${label} ${THINGS[thing].did[verb] ?? verb}`;
  return verb === 'set' ? `${did}: ${fieldList(step)}` : did;
}

/** Returns what a change does, as whoever made it reads it while it waits: "A ball changed: face angle". */
export function waitingWords(steps: readonly Step[]): string {
  const [first, ...rest] = steps;
  if (first === undefined) return 'Nothing';
  if (rest.length === 0) return stepWords(first);
  const isAlike = rest.every(({ thing, verb }) => thing === first.thing && verb === first.verb);
  const { plural, did } = THINGS[first.thing];
  if (!isAlike) return `${stepWords(first)} and ${rest.length} more`;
  const what = `${steps.length} ${plural} ${did[first.verb] ?? first.verb}`;
  return first.verb === 'set' ? `${what}: ${fieldList(first)}` : what;
}
