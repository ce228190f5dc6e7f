import { fileWithoutParts, partsIn } from '../intake/file-without-parts.ts';
import type { SmallerFile } from '../intake/file-without-parts.ts';
import type { SharedFile } from './archive.repository.ts';

/** Files to be put in the place of others, by their ids. */
export type InPlace = ReadonlyMap<string, SmallerFile>;

async function inPlaceOf(
  files: readonly SharedFile[],
  isDroppedFor: (file: SharedFile) => ((key: string) => boolean) | null,
): Promise<InPlace> {
  const made = new Map<string, SmallerFile>();
  for (const one of files) {
    const isDropped = isDroppedFor(one);
    if (isDropped === null) continue;
    const { file, content, player } = one;
    const readFor = { hand: player.hand, player: player.name };
    const less = await fileWithoutParts({ ...file, content }, readFor, isDropped);
    if (less !== null) made.set(file.id, less);
  }
  return made;
}

/** Returns a player's own files without the balls of others: what goes out with them. */
export const ownParts = (files: readonly SharedFile[], playerId: string): Promise<InPlace> =>
  inPlaceOf(files, ({ file, player }) => {
    const own = player.id === playerId ? partsIn(file.answers) : null;
    return own === null ? null : (key) => !own.includes(key);
  });

/** Returns the files of others without a player's balls: what stays once they are gone. */
export function othersParts(files: readonly SharedFile[], playerId: string): Promise<InPlace> {
  const partsOf = (isOwn: boolean, sha256: string) =>
    files
      .filter(({ file, player }) => file.sha256 === sha256 && (player.id === playerId) === isOwn)
      .map(({ file }) => partsIn(file.answers));
  return inPlaceOf(files, ({ file, player }) => {
    if (player.id === playerId) return null;
    const own = partsOf(true, file.sha256).flatMap((parts) => parts ?? []);
    const others = partsOf(false, file.sha256);
    // A lesson that has the whole file has those balls as well.
    if (others.includes(null)) return null;
    return (key) => own.includes(key) && !others.some((parts) => parts!.includes(key));
  });
}
