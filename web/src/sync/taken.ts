import { queryClient } from '../api/client.ts';
import type {
  Ball,
  Block,
  LessonHead,
  LessonPart,
  LessonSummary,
  StoredRepetition,
} from '../api/client.ts';
import { PIECES, keys } from '../api/keys.ts';
import type { Pieces } from '../api/keys.ts';
import { knownPiece } from '../api/pieces.ts';
import { askAnew, askLists, askPieces, piecesOf } from './ask-anew.ts';
import { isOfLesson } from './pending.ts';
import type { OfLesson, Pending } from './pending.ts';

type Edits = { readonly [K in keyof Pieces]?: (now: Pieces[K]) => Pieces[K] };

interface Named {
  readonly id: string;
}
const without = <T extends Named>(things: readonly T[], id: string): T[] =>
  things.filter((thing) => thing.id !== id);

const withBall = (balls: readonly Ball[], ball: Ball): Ball[] =>
  [...without(balls, ball.id), ball].sort((a, b) => a.ordinal - b.ordinal);

const begunBefore = (a: Block, b: Block): number =>
  a.startedAt.localeCompare(b.startedAt) || a.id.localeCompare(b.id);
const withBlock = (blocks: readonly Block[], block: Block): Block[] =>
  [...without(blocks, block.id), block].sort(begunBefore);

/** What the server's answer makes of the pieces a change is of; null where the answer does not hold it. */
function editsOf(change: OfLesson, answer: unknown): Edits | null {
  switch (change.op) {
    case 'add':
    case 'change':
    case 'restore':
      return { balls: (balls) => withBall(balls, answer as Ball) };
    case 'remove':
      return { balls: (balls) => without(balls, change.ballId) };
    case 'move': {
      const { ballIds, blockId } = change;
      const moved = (ball: Ball): Ball => (ballIds.includes(ball.id) ? { ...ball, blockId } : ball);
      return { balls: (balls) => balls.map(moved) };
    }
    case 'begin':
    case 'block':
      return { blocks: (blocks) => withBlock(blocks, answer as Block) };
    case 'part': {
      const { part } = change;
      const others = (parts: readonly LessonPart[]) => parts.filter((one) => one.part !== part);
      return { parts: (parts) => [...others(parts), answer as LessonPart] };
    }
    case 'repeat': {
      const made = answer as StoredRepetition;
      return { repetitions: (all) => [...without(all, made.id), made] };
    }
    case 'unrepeat':
      return { repetitions: (all) => without(all, change.repetitionId) };
    case 'lesson':
      return { head: (head): LessonHead => ({ ...head, ...(answer as LessonSummary) }) };
    default:
      return null;
  }
}

/** Makes the edits of pieces that are known; an answer on its way, asked for before the change, must not undo them. */
async function make(lessonId: string, edits: Edits): Promise<void> {
  for (const piece of PIECES) {
    const edit = edits[piece] as ((now: unknown) => unknown) | undefined;
    if (edit === undefined) continue;
    const queryKey = keys.piece(lessonId, piece);
    if (knownPiece(lessonId, piece) === undefined) {
      await askPieces(lessonId, [piece]);
      continue;
    }
    await queryClient.cancelQueries({ queryKey });
    queryClient.setQueryData(queryKey, edit);
  }
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
export async function taken(change: Pending, answer: unknown, isLast: boolean): Promise<void> {
  if (!isOfLesson(change)) {
    if (isLast) await askAnew(change);
    return;
  }
  const { lessonId } = change;
  const edits = editsOf(change, answer);
  if (edits === null) await askPieces(lessonId, piecesOf(change));
  else await make(lessonId, edits);
  await askLists(change);
  if (!isLast) return;
  void queryClient.invalidateQueries({ queryKey: keys.history(lessonId) });
  if (edits !== null) await lookForOthers(lessonId);
}
