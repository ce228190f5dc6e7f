import { existsSync, readdirSync, statSync } from 'node:fs';
import { readCopyName } from './copies.ts';

const isEmpty = (file: string): boolean => !existsSync(file) || statSync(file).size === 0;

function hasCopies(folder: string): boolean {
  try {
    return readdirSync(folder).some((name) => readCopyName(name) !== null);
  } catch {
    // No folder: no copies.
    return false;
  }
}

/**
 * Refuses to begin beside copies of an academy whose database is gone: whoever came first would found a new one, and could take
 * the copies. Throws RangeError with what to do.
 */
export function refuseOrphanedCopies(database: string, backups: string): void {
  if (!hasCopies(backups) || !isEmpty(database)) return;
  throw new RangeError(
    `There are copies in ${backups}, and no database beside them. Put one back: copy it to ${database} (one that ends in .age is opened first with a program for age files and its passphrase). To begin a new academy on purpose, start once with LOXOS_BEGIN_ANEW=1.`,
  );
}
