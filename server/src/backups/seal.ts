import { readFile, rm, writeFile } from 'node:fs/promises';
import { join } from 'node:path';
import { Injectable, ServiceUnavailableException } from '@nestjs/common';
import { DataFolder } from './data-folder.ts';

/** How dear a guess of the passphrase is: scrypt with N = 2¹⁷, r = 8, as the OWASP Password Storage Cheat Sheet asks (from memory). */
const WORK = 17;
/** Beside the database, which is not sealed; never among the copies. */
const FILE = 'copies-passphrase';
const OWNER_ALONE = 0o600;
const UNREADABLE = `The passphrase of the copies cannot be read, so none was made: see whether the server may read ${FILE} beside the database.`;

/** The passphrase that copies are sealed with. It is kept on this machine, so that copies are made, and tried out, by themselves. */
@Injectable()
export class Seal {
  readonly work: number = WORK;

  constructor(private readonly folder: DataFolder) {}

  /** Returns the passphrase; null where copies are not sealed. */
  async passphrase(): Promise<string | null> {
    try {
      return await readFile(this.path, 'utf8');
    } catch (error) {
      // One that is there and cannot be read is no reason to leave copies open.
      if ((error as NodeJS.ErrnoException).code === 'ENOENT') return null;
      throw new ServiceUnavailableException(UNREADABLE, { cause: error });
    }
  }

  async set(passphrase: string): Promise<void> {
    await writeFile(this.path, passphrase, { mode: OWNER_ALONE });
  }

  async forget(): Promise<void> {
    await rm(this.path, { force: true });
  }

  private get path(): string {
    return join(this.folder.path, FILE);
  }
}
