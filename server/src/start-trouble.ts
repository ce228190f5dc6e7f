import { withoutValues } from './common/log-words.ts';
import { NewerDatabase } from './db/newer-database.ts';

const codeOf = (error: unknown): string => {
  const { code, cause } = (error ?? {}) as { code?: unknown; cause?: unknown };
  if (typeof code === 'string') return code;
  return cause === undefined ? '' : codeOf(cause);
};

/** Returns what is to be said where the app cannot start: one sentence, and what to do. */
export function startTrouble(error: unknown, folder: string): string {
  const text = `${codeOf(error)} ${withoutValues(error)}`;
  const other = `or choose another folder with LOXOS_DATA`;
  if (error instanceof NewerDatabase)
    return `${folder} was written by a newer Loxos: start that version, ${other}.`;
  if (/EADDRINUSE/.test(text))
    return 'Another program uses this port: end it, or choose another with PORT.';
  if (/EACCES.*listen|listen EACCES/.test(text))
    return 'This port is not open to you: choose one above 1023 with PORT.';
  if (/SQLITE_(?:NOTADB|CORRUPT)|malformed|not a database/.test(text))
    return `The database in ${folder} cannot be read: put a copy of it there from backups/, ${other}.`;
  if (/SQLITE_FULL|ENOSPC|disk is full/.test(text))
    return `The disk of ${folder} is full: make room, ${other}.`;
  if (/SQLITE_READONLY|EROFS|attempt to write a readonly/.test(text))
    return `${folder} can be read but not written: give yourself the right to write there, ${other}.`;
  if (/SQLITE_BUSY|database is locked/.test(text))
    return `Another Loxos uses ${folder}: end it, ${other}.`;
  if (/EACCES|EPERM|ENOTDIR|EEXIST|SQLITE_CANTOPEN|unable to open/.test(text))
    return `${folder} is no folder that you can write in: make it one, ${other}.`;
  if (error instanceof RangeError) return error.message;
  return `Loxos could not start: ${withoutValues(error)}`;
}
