import { queryClient } from '../api/client.ts';
import { keys } from '../api/keys.ts';
import type { Pieces } from '../api/keys.ts';
import { isFile } from './pending.ts';
import type { Pending } from './pending.ts';
import { isListed, lessonPieces } from './pieces-of.ts';

/** Asks for pieces of a lesson; what is on the screen is there when this resolves. */
export async function askPieces(id: string, pieces: readonly (keyof Pieces)[]): Promise<void> {
  await Promise.all(
    pieces.map((piece) => queryClient.refetchQueries({ queryKey: keys.piece(id, piece) })),
  );
}

/** Asks for the lists of lessons where a change shows in them. */
export async function askLists(change: Pending): Promise<void> {
  if (isListed(change)) await queryClient.refetchQueries({ queryKey: keys.lessons });
  void queryClient.invalidateQueries({ queryKey: keys.lessons, refetchType: 'none' });
}

/** What is kept of each thing that is of no lesson. */
const KEYS: Readonly<Record<string, readonly string[]>> = {
  player: keys.players,
  drill: keys.drills,
  bay: keys.bays,
  setting: keys.settings,
};

/** Asks the server for what a change is of. What is on the screen is there when this resolves; the rest follows. */
export async function askAnew(change: Pending): Promise<void> {
  const of = lessonPieces(change);
  if (of !== null) {
    await askPieces(of.lessonId, of.pieces);
    void queryClient.invalidateQueries({ queryKey: keys.history(of.lessonId) });
    await askLists(change);
    return;
  }
  if (isFile(change)) return;
  const [{ thing }] = change.steps;
  const queryKey = KEYS[thing];
  if (queryKey !== undefined) await queryClient.refetchQueries({ queryKey });
  if (thing === 'player') void queryClient.invalidateQueries();
}
