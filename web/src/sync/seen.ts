import { queryClient } from '../api/client.ts';
import type { Player, Settings } from '../api/client.ts';
import { keys } from '../api/keys.ts';
import { knownPiece } from '../api/pieces.ts';
import { isOfDrill } from './pending.ts';
import type { OfLesson, Pending } from './pending.ts';

const versionOf = (
  things: readonly { readonly id: string; readonly version: number }[] | undefined,
  id: string,
): number | null => things?.find((thing) => thing.id === id)?.version ?? null;

function ofLesson(change: OfLesson): number | null {
  const { lessonId } = change;
  switch (change.op) {
    case 'change':
    case 'remove':
      return versionOf(knownPiece(lessonId, 'balls'), change.ballId);
    case 'block':
    case 'unblock':
      return versionOf(knownPiece(lessonId, 'blocks'), change.blockId);
    case 'part': {
      const parts = knownPiece(lessonId, 'parts');
      // A part that is not there yet was seen to be none: somebody else may make it meanwhile.
      if (parts === undefined) return null;
      return parts.find(({ part }) => part === change.part)?.version ?? 0;
    }
    case 'lesson':
    case 'close':
      return knownPiece(lessonId, 'head')?.version ?? null;
    default:
      return null;
  }
}

/** The version of what is changed, as this device last had it from the server; null for what is new. */
export function seenVersion(change: Pending): number | null {
  if ('lessonId' in change) return ofLesson(change);
  if (isOfDrill(change)) return null;
  if (change.op === 'rules')
    return queryClient.getQueryData<Settings>(keys.settings)?.version ?? null;
  if (change.op === 'meet' || change.op === 'take-back') return null;
  const own = queryClient.getQueryData<Player>([...keys.players, change.playerId]);
  const listed = queryClient.getQueryData<Player[]>(keys.players);
  return own?.version ?? versionOf(listed, change.playerId);
}
