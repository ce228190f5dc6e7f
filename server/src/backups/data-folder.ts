import { join } from 'node:path';

/** Where the data is. */
export class DataFolder {
  constructor(readonly path: string) {}
  get backups(): string {
    return join(this.path, 'backups');
  }
}
