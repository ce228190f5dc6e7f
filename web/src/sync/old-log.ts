// Changes that wait in a browser from before they had steps: what was said then is said as it is now, and none is lost.
import type { Fields, Step, ThingName, Verb } from '@loxos/core';
import type { Entry } from './entry.ts';
import type { DroppedFile, Edit, Pending, SaidOfFile } from './pending.ts';

type Body = Fields & { readonly id?: string; readonly playerId?: string };

/** A change as it was kept; which fields it has is told by `op`. */
interface OldChange extends Partial<SaidOfFile> {
  readonly op: string;
  readonly lessonId?: string;
  readonly playerId?: string;
  readonly drillId?: string;
  readonly ballId?: string;
  readonly blockId?: string | null;
  readonly repetitionId?: string;
  readonly fileId?: string;
  readonly ballIds?: readonly string[];
  readonly part?: string;
  readonly body?: Body;
  readonly changes?: Fields;
  readonly ball?: Fields;
  readonly drill?: Fields;
  readonly file?: DroppedFile['file'];
}

export interface OldEntry extends Omit<Entry, 'change'> {
  readonly change: OldChange;
  readonly seen: number | null;
}

/** What each change of then is now. */
const NAMES: Readonly<Record<string, readonly [ThingName, Verb]>> = {
  add: ['ball', 'add'],
  change: ['ball', 'set'],
  remove: ['ball', 'remove'],
  restore: ['ball', 'restore'],
  move: ['ball', 'set'],
  begin: ['block', 'add'],
  block: ['block', 'set'],
  unblock: ['block', 'remove'],
  part: ['part', 'set'],
  repeat: ['repetition', 'add'],
  unrepeat: ['repetition', 'remove'],
  open: ['lesson', 'add'],
  lesson: ['lesson', 'set'],
  close: ['lesson', 'remove'],
  reopen: ['lesson', 'restore'],
  unfile: ['file', 'remove'],
  meet: ['player', 'add'],
  player: ['player', 'set'],
  'part-with': ['player', 'remove'],
  'take-back': ['player', 'restore'],
  invent: ['drill', 'add'],
  forget: ['drill', 'remove'],
  recall: ['drill', 'restore'],
  rules: ['setting', 'set'],
};

/** Returns the ids of the things that a change was of: several where balls were moved. */
function idsOf(thing: ThingName, change: OldChange): readonly string[] {
  const { ballId, ballIds, blockId, body, lessonId = '' } = change;
  switch (thing) {
    case 'ball':
      return ballIds ?? [ballId ?? ''];
    case 'block':
      return [blockId ?? body?.id ?? ''];
    case 'part':
      return [`${lessonId}.${change.part ?? ''}`];
    case 'repetition':
      return [change.repetitionId ?? body?.id ?? ''];
    case 'file':
      return [change.fileId ?? ''];
    case 'player':
      return [change.playerId ?? ''];
    case 'drill':
      return [change.drillId ?? ''];
    case 'setting':
      return ['academy'];
    default:
      return [lessonId];
  }
}

function fieldsOf({ op, body, changes, blockId, ball, drill }: OldChange): Fields {
  if (op === 'move') return { blockId: blockId ?? null };
  const { id: _id, playerId: _playerId, ...said } = body ?? changes ?? ball ?? drill ?? {};
  return said;
}

function stepsOf(change: OldChange, seen: number | null): Step[] {
  const named = NAMES[change.op];
  if (named === undefined) return [];
  const [thing, verb] = named;
  const { lessonId = '', body } = change;
  const of = thing === 'lesson' ? (body?.playerId ?? '') : lessonId;
  const fields = fieldsOf(change);
  // Balls were moved whatever their versions: none was seen of each.
  const known = change.op === 'move' ? null : seen;
  return idsOf(thing, change).map((id) => ({ thing, verb, id, of, fields, seen: known }));
}

function changeOf(change: OldChange, seen: number | null): Pending {
  const { op, lessonId = '', file, answers = null, isAskedAgain = false } = change;
  if (op === 'file' && file !== undefined) return { lessonId, file, answers, isAskedAgain };
  return { steps: stepsOf(change, seen) as unknown as Edit['steps'] };
}

/** Returns an entry as it is kept now; one that is so already stays as it is. */
export function renewed(entry: Entry | OldEntry): Entry {
  if (!('op' in entry.change)) return entry as Entry;
  const { change, seen, ...rest } = entry as OldEntry;
  return { ...rest, change: changeOf(change, seen ?? null) };
}
