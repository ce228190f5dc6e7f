import { THINGS } from '@loxos/core';
import type { Step } from '@loxos/core';
import { PIECES } from '../api/keys.ts';
import type { Pieces } from '../api/keys.ts';
import { isFile } from './pending.ts';
import type { Pending } from './pending.ts';

type Piece = keyof Pieces;
const isPiece = (name: string): name is Piece => PIECES.some((piece) => piece === name);

/** Returns the lesson that a step is of; null for what is of none. */
export const lessonOfStep = ({ thing, id, of }: Step): string | null => {
  if (thing === 'lesson') return id;
  return THINGS[thing].parent === 'lesson' ? of : null;
};

/** Returns the piece of its lesson that a thing of a lesson is kept in. */
export function pieceOf({ thing }: Step): Piece {
  const collection: string = THINGS[thing].collection;
  return isPiece(collection) ? collection : 'head';
}

/** Returns the pieces of its lesson that a step is of: of a lesson that is opened or taken away, all. */
function piecesOfStep(step: Step): readonly Piece[] {
  if (step.thing === 'lesson' && step.verb !== 'set') return PIECES;
  const touched: readonly string[] = step.verb === 'set' ? [] : (THINGS[step.thing].touches ?? []);
  return [pieceOf(step), ...touched.filter(isPiece)];
}

/** The lesson a change is of, and the pieces of it that it changes; null where it is of none. */
export function lessonPieces(
  change: Pending,
): { readonly lessonId: string; readonly pieces: readonly Piece[] } | null {
  if (isFile(change)) return { lessonId: change.lessonId, pieces: ['files', 'balls'] };
  const lessonId = lessonOfStep(change.steps[0]);
  if (lessonId === null) return null;
  return { lessonId, pieces: [...new Set(change.steps.flatMap(piecesOfStep))] };
}

/** Returns whether a list of lessons shows a change; every other leaves the lists to be asked when next looked at. */
export const isListed = (change: Pending): boolean =>
  !isFile(change) && change.steps.some(({ thing }) => thing === 'lesson');
