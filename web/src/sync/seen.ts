import type { Step } from '@loxos/core';
import { queryClient } from '../api/client.ts';
import type { Player, Settings } from '../api/client.ts';
import { keys } from '../api/keys.ts';
import { knownPiece } from '../api/pieces.ts';
import { lessonOfStep, pieceOf } from './pieces-of.ts';
import type { NewStep } from './step.ts';

interface Versioned {
  readonly id?: string;
  readonly part?: string;
  readonly version?: number;
}

const versionOf = (things: readonly Versioned[] | undefined, id: string): number | null =>
  things?.find((thing) => thing.id === id)?.version ?? null;

function inLesson(step: Step, lessonId: string): number | null {
  const piece = pieceOf(step);
  if (piece === 'head') return knownPiece(lessonId, 'head')?.version ?? null;
  const things = knownPiece(lessonId, piece) as readonly Versioned[] | undefined;
  if (step.thing !== 'part') return versionOf(things, step.id);
  // A part that is not there yet was seen to be none: somebody else may make it meanwhile.
  const part = step.id.slice(lessonId.length + 1);
  return things === undefined ? null : (things.find((one) => one.part === part)?.version ?? 0);
}

/** Returns the version of what a step changes, as this device last had it from the server; null for what is new. */
function seenVersion(step: Step): number | null {
  const { thing, verb, id } = step;
  if (verb === 'add' || verb === 'restore') return null;
  const lessonId = lessonOfStep(step);
  if (lessonId !== null) return inLesson(step, lessonId);
  if (thing === 'setting')
    return queryClient.getQueryData<Settings>(keys.settings)?.version ?? null;
  if (thing !== 'player') return null;
  const own = queryClient.getQueryData<Player>([...keys.players, id]);
  const listed = queryClient.getQueryData<Player[]>(keys.players);
  return own?.version ?? versionOf(listed, id);
}

/** Returns a step with the version that was seen. */
export const asSeen = (step: NewStep): Step => ({
  ...step,
  seen: seenVersion({ ...step, seen: null }),
});
