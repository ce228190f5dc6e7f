import { existsSync, statSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import Database from 'libsql';

/** Beside a database that a running server holds; nothing stands in it. */
const HELD = '.held';

/** Throws RangeError with what to do where a folder stands in a database's place. */
export function refuseFolder(url: string): void {
  const file = fileURLToPath(url);
  if (existsSync(file) && statSync(file).isDirectory())
    throw new RangeError(
      `${file} is a folder where the database should be: move it away, or choose another place with LOXOS_DATA.`,
    );
}

/**
 * Holds a database for this server alone until the function returned is called, or the process ends however it ends: a lock of
 * the system on a file beside it. Throws an error with SQLITE_BUSY where another server holds it.
 */
export function holdAlone(url: string): () => void {
  const held = new Database(`${fileURLToPath(url)}${HELD}`, { timeout: 0 });
  try {
    held.exec('PRAGMA locking_mode = EXCLUSIVE');
    held.exec('BEGIN EXCLUSIVE');
  } catch (error) {
    held.close();
    throw error;
  }
  return () => held.close();
}
