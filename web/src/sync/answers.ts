import { withThing } from '@loxos/core';
import type { Fields, Step } from '@loxos/core';
import { queryClient } from '../api/client.ts';
import type { ChangedThing } from '../api/client.ts';
import { PIECES, keys } from '../api/keys.ts';
import { knownPiece } from '../api/pieces.ts';
import { askAnew, askLists, askPieces } from './ask-anew.ts';
import { isFile } from './pending.ts';
import type { Pending } from './pending.ts';
import { lessonOfStep, lessonPieces, pieceOf } from './pieces-of.ts';

/** Returns a piece of a lesson with a thing as the server has it since; without it where it is taken away. */
function pieceWith(step: Step, piece: unknown, value: ChangedThing['value']): unknown {
  const name = pieceOf(step);
  if (name === 'head') return { ...(piece as Fields), ...(value as Fields) };
  const items = piece as readonly Fields[];
  if (value === null) return items.filter(({ id }) => id !== step.id);
  return withThing(name, items, value);
}

/** Puts a thing of a lesson as the server has it where it is known; an answer asked for before must not undo it. */
async function put(step: Step, lessonId: string, value: ChangedThing['value']): Promise<void> {
  const name = pieceOf(step);
  if (knownPiece(lessonId, name) === undefined) {
    await askPieces(lessonId, [name]);
    return;
  }
  const queryKey = keys.piece(lessonId, name);
  await queryClient.cancelQueries({ queryKey });
  queryClient.setQueryData(queryKey, (now: unknown) => pieceWith(step, now, value));
}

/** Puts what the server answered; the pieces that the answer does not hold are asked for. Whether it held all. */
async function putAll(change: Pending, things: readonly ChangedThing[]): Promise<boolean> {
  const { lessonId, pieces } = lessonPieces(change)!;
  if (isFile(change)) {
    await askPieces(lessonId, pieces);
    return false;
  }
  const held = new Set<string>();
  for (const { thing, id, value } of things) {
    const step = change.steps.find((one) => one.thing === thing && one.id === id);
    const isHead = thing === 'lesson' && (value === null || step?.verb !== 'set');
    if (step === undefined || isHead || lessonOfStep(step) === null) continue;
    await put(step, lessonId, value);
    held.add(pieceOf(step));
  }
  const missing = pieces.filter((piece) => !held.has(piece));
  await askPieces(lessonId, missing);
  return missing.length === 0;
}

/** Looks at what other devices did in the lesson meanwhile: where they did anything, it is asked for. */
async function lookForOthers(lessonId: string): Promise<void> {
  const before = knownPiece(lessonId, 'head')?.lastChange?.id;
  await askPieces(lessonId, ['head']);
  const after = knownPiece(lessonId, 'head')?.lastChange?.id;
  if (before === after) return;
  await askPieces(
    lessonId,
    PIECES.filter((piece) => piece !== 'head'),
  );
}

/**
 * A change was taken: what the screens read holds it when this resolves, from the server's own answer where that has it.
 * With `isLast` nothing more of its lane waits, and what others did is looked for.
 */
export async function taken(
  change: Pending,
  things: readonly ChangedThing[],
  isLast: boolean,
): Promise<void> {
  const of = lessonPieces(change);
  if (of === null) {
    if (isLast) await askAnew(change);
    return;
  }
  const isWhole = await putAll(change, things);
  await askLists(change);
  if (!isLast) return;
  void queryClient.invalidateQueries({ queryKey: keys.history(of.lessonId) });
  if (isWhole) await lookForOthers(of.lessonId);
}
