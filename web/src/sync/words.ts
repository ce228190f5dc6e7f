import { BALL_QUANTITIES, infoOf } from '@loxos/core';
import type { Pending } from './pending.ts';

const PARTS = {
  setup: 'the set-up',
  causes: 'what was seen of the swing',
  work: 'the work',
  send: 'the page',
} as const;

const NAMES: Readonly<Record<string, string>> = {
  asked: 'what the player asks for',
  startsAt: 'day and time',
  bodyNotes: 'body notes',
  lengthUnit: 'distances',
  speedUnit: 'speeds',
  angleStyle: 'angles',
  keep: 'left out or kept in',
  blockId: 'block',
  drillIds: 'drills given',
  drillId: 'drill',
  doseStep: 'step of the drill',
  nextLook: 'next look',
  firstRoute: 'which route first',
  feetDeg: 'feet line',
  hipDeg: 'hip line',
  shoulderDeg: 'shoulder line',
  ballCm: 'ball position',
};

/** A field as a coach would name it: `observations.chest` is the chest, `bodyNotes` the body notes. */
export function fieldWords(path: string): string {
  const name = path.slice(path.lastIndexOf('.') + 1);
  const quantity = BALL_QUANTITIES.find((known) => known === name);
  if (quantity !== undefined) return infoOf(quantity).label.toLowerCase();
  return (
    NAMES[name] ??
    name
      .replace(/(?:Deg|Share|M)$/, '')
      .replace(/([a-z])([A-Z])/g, '$1 $2')
      .replaceAll('-', ' ')
      .toLowerCase()
  );
}

/** A value in words; what has more to it than a word is not spelt out. */
export function valueWords(value: unknown): string {
  if (value === null || value === undefined || value === '') return 'nothing';
  if (typeof value === 'number') return String(Number(value.toFixed(2))).replace('-', '−');
  if (typeof value === 'string') return `“${value}”`;
  if (typeof value === 'boolean') return value ? 'yes' : 'no';
  return 'something else';
}

/** What a change of fields was, field by field: from what to what. */
export const fromToWords = (
  before: Readonly<Record<string, unknown>>,
  after: Readonly<Record<string, unknown>>,
): string =>
  Object.keys(after)
    .filter((name) => name !== 'deleted')
    .map(
      (name) =>
        `${fieldWords(name)} from ${valueWords(before[name])} to ${valueWords(after[name])}`,
    )
    .join(', ');

const listWords = (fields: object): string => Object.keys(fields).map(fieldWords).join(', ');

/** A change in words: what it does to what. */
export function changeWords(change: Pending): string {
  switch (change.op) {
    case 'add':
      return 'A ball added';
    case 'change':
      return `A ball changed: ${listWords(change.body)}`;
    case 'remove':
      return 'A ball deleted';
    case 'restore':
      return 'A ball brought back';
    case 'begin':
      return `Block begun: ${change.body.kind === 'toned' ? 'toned down' : change.body.kind}`;
    case 'block':
      return `Block changed: ${listWords(change.body)}`;
    case 'unblock':
      return 'Block taken away';
    case 'move':
      return `${change.ballIds.length} ${change.ballIds.length === 1 ? 'ball' : 'balls'} moved`;
    case 'part':
      return `In ${PARTS[change.part]}: ${listWords(change.changes)}`;
    case 'repeat':
      return 'A repetition logged';
    case 'unrepeat':
      return 'A repetition taken back';
    case 'open':
      return 'A lesson opened';
    case 'lesson':
      return `Lesson changed: ${listWords(change.body)}`;
    case 'close':
      return 'A lesson taken away';
    case 'reopen':
      return 'A lesson brought back';
    case 'meet':
      return `${change.body.name} added`;
    case 'player':
      return `Player changed: ${listWords(change.body)}`;
    case 'part-with':
      return 'A player taken away';
    case 'take-back':
      return 'A player brought back';
    case 'rules':
      return `Settings changed: ${listWords(change.changes)}`;
  }
}
