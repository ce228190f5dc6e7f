import { copyFile, mkdir, mkdtemp, readdir, rm, stat, writeFile } from 'node:fs/promises';
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import {
  BadRequestException,
  ConflictException,
  Injectable,
  Logger,
  NotFoundException,
} from '@nestjs/common';
import type { OnApplicationShutdown } from '@nestjs/common';
import { Clock } from '../common/clock.ts';
import { Store } from '../db/store.ts';
import type { Copy } from './backup.dto.ts';
import { copyName, overdue, readCopyName, troubleOf } from './copies.ts';
import type { CopyReason } from './copies.ts';
import { STAYS_CLOSED } from './stays-closed.ts';

const HOUR_MS = 3600 * 1000;
const DAY_MS = 24 * HOUR_MS;

/** Where the data is. */
export class DataFolder {
  constructor(readonly path: string) {}
  get backups(): string {
    return join(this.path, 'backups');
  }
}

/** Copies of the whole database beside it: made by themselves, kept by count, and put back on request. */
@Injectable()
export class BackupsService implements OnApplicationShutdown {
  private readonly log = new Logger('backups');
  private timer: ReturnType<typeof setInterval> | null = null;
  private readonly closers: (() => Promise<void>)[] = [];

  constructor(
    private readonly store: Store,
    private readonly folder: DataFolder,
    private readonly clock: Clock,
  ) {}

  /** What is done after each copy that is put back. */
  afterRestore(close: () => Promise<void>): void {
    this.closers.push(close);
  }

  /** Makes a copy now where the last is a day old, and looks again every hour. */
  async start(): Promise<void> {
    // A copy may have been put back, and the server ended before the rest was done.
    await this.closeAgain();
    if (this.store.isElsewhere) return;
    const look = (): Promise<void> =>
      this.daily().catch((error: unknown) => this.log.error(`no daily copy: ${String(error)}`));
    await look();
    this.timer = setInterval(() => void look(), HOUR_MS);
    this.timer.unref();
  }

  onApplicationShutdown(): void {
    if (this.timer !== null) clearInterval(this.timer);
  }

  /** The copies there are, the newest first. */
  async list(): Promise<Copy[]> {
    const names = await readdir(this.folder.backups).catch(() => []);
    const copies = await Promise.all(
      names.map(async (name): Promise<Copy[]> => {
        const said = readCopyName(name);
        if (said === null) return [];
        const { size } = await stat(this.pathOf(name));
        return [{ name, ...said, sizeBytes: size }];
      }),
    );
    return copies.flat().sort((a, b) => b.at.localeCompare(a.at));
  }

  async make(reason: CopyReason): Promise<Copy> {
    this.refuseElsewhere();
    await mkdir(this.folder.backups, { recursive: true });
    const at = this.clock.now();
    const name = copyName(at, reason);
    await this.store.copyTo(this.pathOf(name));
    for (const old of overdue(await readdir(this.folder.backups))) await rm(this.pathOf(old));
    const { size } = await stat(this.pathOf(name));
    return { name, at: at.toISOString(), reason, sizeBytes: size };
  }

  /** One copy of what there is now in place of all there are: what was erased is in none. */
  async replaceAll(): Promise<void> {
    if (this.store.isElsewhere) return;
    const old = await this.list();
    const { name: kept } = await this.make('asked');
    for (const { name } of old) if (name !== kept) await rm(this.pathOf(name), { force: true });
  }

  /** The path of a copy; 404 for any other name. */
  async fileOf(name: string): Promise<string> {
    if ((await this.list()).every((copy) => copy.name !== name))
      throw new NotFoundException('There is no such copy.');
    return this.pathOf(name);
  }

  /** Puts a copy in the database's place; what is there now is copied first. */
  async restore(name: string): Promise<void> {
    await this.putBack(await this.fileOf(name));
  }

  /** Puts a copy that was kept elsewhere in the database's place. */
  async restoreBytes(bytes: Buffer): Promise<void> {
    await mkdir(this.folder.backups, { recursive: true });
    const place = await mkdtemp(join(this.folder.backups, 'incoming-'));
    try {
      const file = join(place, 'sent.db');
      await writeFile(file, bytes);
      await this.putBack(file);
    } finally {
      await rm(place, { recursive: true, force: true });
    }
  }

  /** Brings a copy of the copy up to date, keeps what is here now, and takes everything from it. */
  private async putBack(file: string): Promise<void> {
    this.refuseElsewhere();
    const trouble = await troubleOf(file);
    if (trouble !== null) throw new BadRequestException(`${trouble} Nothing was changed.`);
    await this.make('before-restore');
    const place = await mkdtemp(join(this.folder.backups, 'incoming-'));
    try {
      const fresh = join(place, 'loxos.db');
      await copyFile(file, fresh);
      const copy = new Store(pathToFileURL(fresh).href);
      await copy.open();
      await copy.onApplicationShutdown();
      await this.store.takeFrom(fresh, STAYS_CLOSED);
    } finally {
      await rm(place, { recursive: true, force: true });
    }
    await this.closeAgain();
  }

  /** Closes what a copy opened, and statements alone cannot close. */
  private async closeAgain(): Promise<void> {
    for (const close of this.closers) await close();
  }

  private refuseElsewhere(): void {
    if (this.store.isElsewhere)
      throw new ConflictException(
        'The database stands on a server of its own, which makes its own copies.',
      );
  }

  private async daily(): Promise<void> {
    const last = (await this.list()).find(({ reason }) => reason === 'daily');
    // Either way: one that is a day ahead was made by a clock that has been set back since.
    const isOld = (at: string): boolean =>
      Math.abs(this.clock.now().getTime() - Date.parse(at)) >= DAY_MS;
    if (last === undefined || isOld(last.at))
      await this.make('daily');
  }

  private pathOf(name: string): string {
    return join(this.folder.backups, name);
  }
}
