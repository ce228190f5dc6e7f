import { copyFile, mkdir, mkdtemp, readdir, rename, rm, stat } from 'node:fs/promises';
import { join } from 'node:path';
import { BadRequestException, Injectable, ServiceUnavailableException } from '@nestjs/common';
import { fileURLToPath } from 'node:url';
import { Mutex } from 'async-mutex';
import { Clock } from '../common/clock.ts';
import { invalid } from '../common/validation.ts';
import { Store } from '../db/store.ts';
import { CHECK_COPY, OPEN_FILE, SEAL_FILE, WRITE_COPY, isSealed } from './copy-files.ts';
import type { Checked, Written } from './copy-files.ts';
import { Pool } from '../threads/pool.ts';
import type { Copy } from './backup.dto.ts';
import { SEALED, copyName, overdue, readCopyName } from './copies.ts';
import type { CopyReason } from './copies.ts';
import { DataFolder } from './data-folder.ts';
import { Seal } from './seal.ts';

/** Where a copy stands while it is not whole yet. */
const PLACE = 'incoming-';
const NOT_WHOLE =
  'The copy that was made is not whole, and was thrown away: see whether the disk is sound and has room, then try again.';
const DAMAGED = 'The copy is damaged; choose another. Nothing was changed.';

/** Times a copy is written: others may write and take away again while its rows are counted. */
const TRIES = 3;

/** Returns whether a copy holds what its database held while it was written. */
function isWhole({ trouble, rows }: Checked, { before, after }: Written): boolean {
  const names = new Set([before, after, rows].flatMap((counts) => Object.keys(counts)));
  return (
    trouble === null &&
    [...names].every((name) => {
      const [was = NaN, is = NaN, has = NaN] = [before[name], after[name], rows[name]];
      return has >= Math.min(was, is) && has <= Math.max(was, is);
    })
  );
}

/** The files of copies: made, looked through, sealed and opened. */
@Injectable()
export class CopyMaker {
  /** What makes, seals or replaces copies does so one after the other: none is begun before an erasure and put down after it. */
  private readonly turn = new Mutex();

  constructor(
    private readonly store: Store,
    private readonly folder: DataFolder,
    private readonly seal: Seal,
    private readonly pool: Pool,
    private readonly clock: Clock,
  ) {}

  /** The copies there are, the newest first. */
  async list(): Promise<Copy[]> {
    const names = await readdir(this.folder.backups).catch(() => []);
    const copies = await Promise.all(names.map((name) => this.tell(name)));
    return copies.flat().sort((a, b) => b.at.localeCompare(a.at));
  }

  /** Makes a copy, and looks it through before it counts as one. */
  make(reason: CopyReason): Promise<Copy> {
    return this.alone(() => this.makeNow(reason));
  }

  /** Does something while no copy is being made. */
  alone<T>(work: () => Promise<T>): Promise<T> {
    return this.turn.runExclusive(work);
  }

  /** Does something that takes away, and makes one copy of what is left in place of all there are. */
  replaceAllAfter(work: () => Promise<void>): Promise<void> {
    return this.alone(async () => {
      await work();
      const old = await this.list();
      const { name: kept } = await this.makeNow('asked');
      for (const { name } of old) if (name !== kept) await rm(this.pathOf(name), { force: true });
    });
  }

  /** Seals the copies that are not, where a passphrase is set. */
  async sealAll(): Promise<void> {
    if ((await this.seal.passphrase()) === null) return;
    await this.alone(async () => {
      for (const { name } of (await this.list()).filter((copy) => !copy.isSealed)) {
        await this.inPlace((place) => this.put(this.pathOf(name), name, place));
        await rm(this.pathOf(name));
      }
    });
  }

  private makeNow(reason: CopyReason): Promise<Copy> {
    return this.inPlace(async (place) => {
      const name = copyName(this.clock.now(), reason);
      const plain = join(place, name);
      await this.write(plain);
      const kept = await this.put(plain, name);
      for (const old of overdue(await readdir(this.folder.backups))) await rm(this.pathOf(old));
      return kept;
    });
  }

  /** Writes the database into a file; throws 503 where that does not hold what the database held. */
  private async write(to: string): Promise<void> {
    const from = fileURLToPath(this.store.url);
    for (let tries = 1; tries <= TRIES; tries++) {
      await rm(to, { force: true });
      const written = await this.pool.run(WRITE_COPY, { from, to });
      if (isWhole(await this.pool.run(CHECK_COPY, { file: to }), written)) return;
    }
    throw new ServiceUnavailableException(NOT_WHOLE);
  }

  /**
   * Does something with a copy as a plain database of its own, brought up to date; what it comes to is let go after. Throws 400
   * where it cannot be put back. `passphrase`: where it is sealed with another than is kept here.
   */
  async withOpened<T>(
    file: string,
    passphrase: string | undefined,
    work: (fresh: string) => Promise<T>,
  ): Promise<T> {
    return this.inPlace(async (place) => {
      const fresh = join(place, 'loxos.db');
      if (await isSealed(file)) await this.open(file, fresh, passphrase);
      else await copyFile(file, fresh);
      const { trouble, rows } = await this.pool.run(CHECK_COPY, { file: fresh });
      const why = trouble ?? (rows['academy'] === 1 ? null : 'The copy holds no academy.');
      if (why !== null) throw new BadRequestException(`${why} Nothing was changed.`);
      return work(fresh);
    });
  }

  /** Lets go of what was left half done when the server was killed. */
  async tidy(): Promise<void> {
    const names = await readdir(this.folder.backups).catch(() => []);
    for (const name of names.filter((one) => one.startsWith(PLACE)))
      await rm(this.pathOf(name), { recursive: true, force: true });
  }

  pathOf(name: string): string {
    return join(this.folder.backups, name);
  }

  /** Does something in a folder of its own beside the copies. */
  async inPlace<T>(work: (place: string) => Promise<T>): Promise<T> {
    await mkdir(this.folder.backups, { recursive: true });
    const place = await mkdtemp(this.pathOf(PLACE));
    try {
      return await work(place);
    } finally {
      await rm(place, { recursive: true, force: true });
    }
  }

  private async tell(name: string): Promise<Copy[]> {
    const said = readCopyName(name);
    if (said === null) return [];
    const { size } = await stat(this.pathOf(name));
    return [{ name, ...said, sizeBytes: size }];
  }

  /** Puts a whole file among the copies, sealed where a passphrase is set. */
  private async put(plain: string, name: string, place?: string): Promise<Copy> {
    const passphrase = await this.seal.passphrase();
    const kept = passphrase === null ? name : `${name}${SEALED}`;
    if (passphrase === null) await rename(plain, this.pathOf(name));
    else {
      const to = place === undefined ? `${plain}${SEALED}` : join(place, kept);
      const { work } = this.seal;
      await this.pool.run(SEAL_FILE, { from: plain, to, passphrase, work });
      await rename(to, this.pathOf(kept));
    }
    return (await this.tell(kept))[0]!;
  }

  private async open(file: string, to: string, asked: string | undefined): Promise<void> {
    const passphrase = asked ?? (await this.seal.passphrase());
    const isOpen =
      passphrase !== null &&
      (await this.pool.run(OPEN_FILE, { from: file, to, passphrase }).catch(() => {
        throw new BadRequestException(DAMAGED);
      }));
    if (!isOpen)
      throw invalid([
        {
          field: 'passphrase',
          reason:
            asked === undefined
              ? 'passphrase: this copy is sealed with another: write the one it was sealed with'
              : 'passphrase: that is not the one it was sealed with',
        },
      ]);
  }
}
