import { writeFile } from 'node:fs/promises';
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { ConflictException, Injectable, Logger, NotFoundException } from '@nestjs/common';
import type { BeforeApplicationShutdown } from '@nestjs/common';
import { AccountsRepository } from '../accounts/accounts.repository.ts';
import { DoorRecordService } from '../accounts/record/door-record.service.ts';
import { Clock } from '../common/clock.ts';
import { Store } from '../db/store.ts';
import type { CopiesState, Copy } from './backup.dto.ts';
import { CopyMaker } from './copy-maker.ts';
import type { CopyReason } from './copies.ts';
import { Seal } from './seal.ts';
import { STAYS_CLOSED } from './stays-closed.ts';

const HOUR_MS = 3600 * 1000;
const DAY_MS = 24 * HOUR_MS;
/** How often a copy is tried out, ms. */
const TRIED_MS = 30 * DAY_MS;

/** Copies of the whole database beside it: made by themselves, tried out, kept by count, and put back on request. */
@Injectable()
export class BackupsService implements BeforeApplicationShutdown {
  private readonly log = new Logger('backups');
  private timer: ReturnType<typeof setInterval> | null = null;
  private first: Promise<void> = Promise.resolve();
  private readonly closers: (() => Promise<void>)[] = [];

  constructor(
    private readonly store: Store,
    private readonly maker: CopyMaker,
    private readonly seal: Seal,
    private readonly accounts: AccountsRepository,
    private readonly doors: DoorRecordService,
    private readonly clock: Clock,
  ) {}

  /** Takes down what is done after each copy that is put back. */
  afterRestore(close: () => Promise<void>): void {
    this.closers.push(close);
  }

  /** Begins a copy where the last is a day old, and looks again every hour; then it also tries one out, where that is due. */
  async start(): Promise<void> {
    // A copy may have been put back, and the server ended before the rest was done.
    await this.closeAgain();
    if (this.store.isElsewhere) return;
    const logged = (work: Promise<void>): Promise<void> =>
      work.catch((error: unknown) => this.log.error(`no daily copy: ${String(error)}`));
    // Nobody waits for it who starts the server; it is waited for before the server ends.
    this.first = logged(this.maker.tidy().then(() => this.daily()));
    const look = (): Promise<void> => logged(this.daily().then(() => this.tryWhenDue()));
    this.timer = setInterval(() => void look(), HOUR_MS);
    this.timer.unref();
  }

  async beforeApplicationShutdown(): Promise<void> {
    if (this.timer !== null) clearInterval(this.timer);
    await this.first;
  }

  list(): Promise<Copy[]> {
    return this.maker.list();
  }

  /** Returns whether copies are sealed, and how the last one that was tried out did. */
  async state(): Promise<CopiesState> {
    const tried = await this.doors.last('copy-tried');
    return {
      isSealed: (await this.seal.passphrase()) !== null,
      triedAt: tried?.at ?? null,
      trouble: tried === null || tried.detail === '' ? null : tried.detail,
    };
  }

  /** Seals the copies from now on, and those there are. */
  async sealWith(passphrase: string): Promise<void> {
    this.refuseElsewhere();
    await this.seal.set(passphrase);
    await this.maker.sealAll();
  }

  /** Seals no more copies; those that are sealed stay so, and are opened with the passphrase they were sealed with. */
  unseal(): Promise<void> {
    return this.seal.forget();
  }

  make(reason: CopyReason): Promise<Copy> {
    this.refuseElsewhere();
    return this.maker.make(reason);
  }

  /** Leaves nothing of what was erased, neither in the database's file nor in a copy: one of what there is now is in place of all. */
  async forget(): Promise<void> {
    const shred = (): Promise<void> => this.store.shred();
    return this.store.isElsewhere ? shred() : this.maker.replaceAllAfter(shred);
  }

  /** Leaves nothing of what was erased in the database's file. */
  shred(): Promise<void> {
    // Whoever reads for a copy would keep the pages it stood on in the file.
    return this.maker.alone(() => this.store.shred());
  }

  /** Returns the path of a copy; 404 for any other name. */
  async fileOf(name: string): Promise<string> {
    if ((await this.list()).every((copy) => copy.name !== name))
      throw new NotFoundException('There is no such copy.');
    return this.maker.pathOf(name);
  }

  /** Puts a copy in the database's place; what is there now is copied first. */
  async restore(name: string, passphrase?: string): Promise<void> {
    await this.putBack(await this.fileOf(name), passphrase);
  }

  /** Puts a copy that was kept elsewhere in the database's place. */
  restoreBytes(bytes: Buffer, passphrase?: string): Promise<void> {
    return this.maker.inPlace(async (place) => {
      const file = join(place, 'sent.db');
      await writeFile(file, bytes);
      await this.putBack(file, passphrase);
    });
  }

  /** Does with the newest copy all that putting it back does, but for putting it back; writes down how it went. */
  async tryOut(): Promise<CopiesState> {
    const academy = await this.store.read((db) => this.accounts.first(db));
    if (academy === null) throw new NotFoundException('There is no academy to copy yet.');
    // The first copy is of before it was founded, and holds nothing.
    const found = (await this.list()).find(({ at }) => at >= academy.createdAt);
    const newest = found ?? (await this.make('daily'));
    const trouble = await this.maker
      .withOpened(this.maker.pathOf(newest.name), undefined, bringUpToDate)
      .then(
        () => '',
        (error: unknown) => (error instanceof Error ? error.message : String(error)),
      );
    await this.doors.writeOwn('copy-tried', trouble);
    return this.state();
  }

  /** Brings a copy of the copy up to date, keeps what is here now, and takes everything from it. */
  private async putBack(file: string, passphrase: string | undefined): Promise<void> {
    this.refuseElsewhere();
    await this.maker.withOpened(file, passphrase, async (fresh) => {
      await this.make('before-restore');
      await bringUpToDate(fresh);
      await this.store.takeFrom(fresh, STAYS_CLOSED);
    });
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

  /** Makes a copy where the last is a day old; of an academy that nobody has founded there is nothing to copy. */
  private async daily(): Promise<void> {
    if ((await this.store.read((db) => this.accounts.first(db))) === null) return;
    // The copy before an update was made before a passphrase could be asked for.
    await this.maker.sealAll();
    const last = (await this.list()).find(({ reason }) => reason === 'daily');
    if (last === undefined || this.isAway(last.at, DAY_MS)) await this.make('daily');
  }

  private async tryWhenDue(): Promise<void> {
    const { triedAt } = await this.state();
    if (triedAt === null || this.isAway(triedAt, TRIED_MS)) await this.tryOut();
  }

  /** Either way: a moment ahead of now was written by a clock that has been set back since. */
  private isAway(at: string, ms: number): boolean {
    return Math.abs(this.clock.now().getTime() - Date.parse(at)) >= ms;
  }
}

/** Lays the tables of a copy out as this version has them. */
async function bringUpToDate(file: string): Promise<void> {
  const copy = new Store(pathToFileURL(file).href);
  await copy.open();
  await copy.onApplicationShutdown();
}
