import { queryClient } from '../api/client.ts';
import { PIECES, keys } from '../api/keys.ts';
import type { Pieces } from '../api/keys.ts';
import { isOfDrill, isOfLesson, isOfPlayer } from './pending.ts';
import type { OfLesson, Pending } from './pending.ts';

/** The pieces of a lesson that a change is of. */
export function piecesOf({ op }: OfLesson): readonly (keyof Pieces)[] {
  switch (op) {
    case 'begin':
    case 'block':
      return ['blocks'];
    case 'unblock':
      return ['blocks', 'balls'];
    case 'part':
      return ['parts'];
    case 'repeat':
    case 'unrepeat':
      return ['repetitions'];
    case 'file':
    case 'unfile':
      return ['files', 'balls'];
    case 'lesson':
      return ['head'];
    case 'open':
    case 'close':
    case 'reopen':
      return PIECES;
    default:
      return ['balls'];
  }
}

/** Changes that a list of lessons shows; every other leaves the lists to be asked when next looked at. */
const LISTED: ReadonlySet<string> = new Set(['open', 'close', 'reopen', 'lesson']);

/** Asks for pieces of a lesson; what is on the screen is there when this resolves. */
export async function askPieces(id: string, pieces: readonly (keyof Pieces)[]): Promise<void> {
  await Promise.all(
    pieces.map((piece) => queryClient.refetchQueries({ queryKey: keys.piece(id, piece) })),
  );
}

/** Asks for the lists of lessons where a change shows in them. */
export async function askLists({ op }: OfLesson): Promise<void> {
  if (LISTED.has(op)) await queryClient.refetchQueries({ queryKey: keys.lessons });
  void queryClient.invalidateQueries({ queryKey: keys.lessons, refetchType: 'none' });
}

/** Asks the server for what a change is of. What is on the screen is there when this resolves; the rest follows. */
export async function askAnew(change: Pending): Promise<void> {
  if (isOfLesson(change)) {
    await askPieces(change.lessonId, piecesOf(change));
    void queryClient.invalidateQueries({ queryKey: keys.history(change.lessonId) });
    await askLists(change);
  } else if (isOfPlayer(change)) {
    await queryClient.refetchQueries({ queryKey: keys.players });
    void queryClient.invalidateQueries();
  } else if (isOfDrill(change)) {
    await queryClient.refetchQueries({ queryKey: keys.drills });
  } else await queryClient.refetchQueries({ queryKey: keys.settings });
}
