import { AsyncLocalStorage } from 'node:async_hooks';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { Injectable } from '@nestjs/common';
import type { OnApplicationShutdown } from '@nestjs/common';
import { Mutex } from 'async-mutex';
import { migrate } from 'drizzle-orm/sqlite-proxy/migrator';
import { NewerDatabase } from './newer-database.ts';
import { connect, isFile } from './connect.ts';
import type { Connection } from './connection.ts';
import { handleOn } from './handle.ts';
import type { Handle } from './handle.ts';
import { holdAlone } from './one-server.ts';

const PRAGMAS = [
  'PRAGMA journal_mode = WAL',
  // An acknowledged save survives a power failure.
  'PRAGMA synchronous = FULL',
  'PRAGMA foreign_keys = ON',
  'PRAGMA busy_timeout = 5000',
  // KiB: ids are random, so what is written lies all over the file.
  'PRAGMA cache_size = -65536',
];
const BUSY_TRIES = 5;
/** A step that found no turn for so long, ms, takes its place among the others. */
const STEP_PATIENCE_MS = 250;
/** The driver is synchronous: after this long, ms, waiting requests get a turn. */
const TURN_MS = 10;
/** Rows of an index that are looked at to say how many there are of a kind. */
const COUNTED_ROWS = 1000;
const MIGRATIONS = fileURLToPath(new URL('../../drizzle', import.meta.url));

const isBusy = (error: unknown): boolean =>
  error instanceof Error &&
  /SQLITE_BUSY|database is locked/.test(`${error.message} ${String(error.cause)}`);

/** When our newest migration was made, ms. */
export function newestMigration(): number {
  const journal = JSON.parse(readFileSync(join(MIGRATIONS, 'meta/_journal.json'), 'utf8')) as {
    entries: { when: number }[];
  };
  return Math.max(...journal.entries.map(({ when }) => when));
}

/** How everything is taken from another database. */
export interface TakenHow {
  /** Tables that stay as they are. */
  readonly kept?: readonly string[];
  /** Statements within the same transaction, first and last. */
  readonly before?: readonly string[];
  readonly after?: readonly string[];
}

/**
 * The database, one connection, used by one piece of work at a time in the order asked. Work gets
 * its handle as a parameter; asking for another inside would wait for itself, so it throws.
 */
@Injectable()
export class Store implements OnApplicationShutdown {
  private readonly connection: Connection;
  private readonly db: ReturnType<typeof handleOn>;
  private readonly turn = new Mutex();
  private readonly inside = new AsyncLocalStorage<true>();
  private lastBreath = Date.now();
  private letGo: () => void = () => undefined;

  /** Whether the database stands on a server of its own: what is of a file on this disk is that server's. */
  readonly isElsewhere: boolean;

  constructor(
    readonly url: string,
    readonly authToken?: string,
  ) {
    this.isElsewhere = !isFile(url);
    this.connection = connect(url, authToken);
    this.db = handleOn(this.connection);
  }

  /** Keeps other servers from a file of this disk until this one ends; throws SQLITE_BUSY where one has it. */
  hold(): void {
    if (!this.isElsewhere) this.letGo = holdAlone(this.url);
  }

  /** Sets the connection up and brings the tables up to date; `beforeUpdate` runs where they are not yet. */
  async open(beforeUpdate: () => Promise<void> = () => Promise.resolve()): Promise<void> {
    await this.prepare();
    const isBehind = await this.isBehind();
    if (isBehind) await beforeUpdate();
    await migrate(this.db, (statements) => this.connection.migrate(statements), {
      migrationsFolder: MIGRATIONS,
    });
    if (isBehind) await this.countAnew();
  }

  /** Counts what a table holds anew where that was ever counted: one that was rebuilt is not known, and is searched the wrong way round. */
  private async countAnew(): Promise<void> {
    const known = "select name from sqlite_master where name = 'sqlite_stat1'";
    if ((await this.connection.ask(known)).length === 0) return;
    await this.connection.ask(`PRAGMA analysis_limit = ${COUNTED_ROWS}`);
    await this.connection.ask('ANALYZE');
  }

  /** One statement, or several reads. */
  read<T>(work: (db: Handle) => Promise<T>): Promise<T> {
    return this.exclusively(() => work(this.db));
  }

  /** All of it, or none of it. */
  write<T>(work: (tx: Handle) => Promise<T>): Promise<T> {
    return this.exclusively(() => this.transact(work));
  }

  /**
   * Part of something long that nobody sees until it is whole: behind everybody else, and without waiting for the disk,
   * which the write that makes it seen does for all of it. Cut short, it may be there or not.
   */
  async step(work: (tx: Handle) => Promise<void>): Promise<void> {
    const patience = Date.now() + STEP_PATIENCE_MS;
    do {
      await this.turn.waitForUnlock();
      // Whoever just had the store may want it again at once.
      await new Promise((resolve) => setImmediate(resolve));
    } while (this.turn.isLocked() && Date.now() < patience);
    await this.exclusively(async () => {
      if (!this.isElsewhere) await this.connection.ask('PRAGMA synchronous = NORMAL');
      try {
        await this.transact(work);
      } finally {
        if (!this.isElsewhere) await this.connection.ask('PRAGMA synchronous = FULL');
      }
    });
  }

  async onApplicationShutdown(): Promise<void> {
    await this.turn.runExclusive(async () => {
      // The one file holds everything once the server has stopped: it can be copied as it is.
      if (!this.isElsewhere) await this.connection.ask('PRAGMA wal_checkpoint(TRUNCATE)');
      this.connection.close();
    });
    this.letGo();
  }

  /** Writes the whole database into a new file, as it is at one moment; for before anybody is let in, since all wait for it. */
  copyTo(file: string): Promise<void> {
    return this.exclusively(async () => {
      await this.connection.ask('VACUUM INTO ?', [file]);
    });
  }

  /**
   * Takes everything from another database of the same tables in place of what is here: all of it, or nothing.
   * Rows of the tables kept stay, and belong to the academy that came.
   */
  takeFrom(file: string, { kept = [], before = [], after = [] }: TakenHow = {}): Promise<void> {
    return this.exclusively(async () => {
      await this.connection.ask('ATTACH ? AS copy', [file]);
      await this.connection.ask('PRAGMA foreign_keys = OFF');
      try {
        const names = await this.tableNames();
        const tables = names.filter((name) => !kept.includes(name));
        const steps = await Promise.all(tables.map((table) => this.stepsOf(table)));
        const moves = kept.map(
          (table) =>
            `UPDATE main."${table}" SET academy_id = (SELECT id FROM main.academy ORDER BY created_at LIMIT 1)
             WHERE academy_id NOT IN (SELECT id FROM main.academy)`,
        );
        await this.transact(async () => {
          for (const step of [...before, ...steps.flat(), ...moves, ...after])
            await this.connection.ask(step);
        });
      } finally {
        await this.connection.ask('DETACH copy');
        await this.connection.ask('PRAGMA foreign_keys = ON');
      }
    });
  }

  /** Leaves nothing of what was deleted in the file: the pages it stood on are written anew. */
  shred(): Promise<void> {
    return this.exclusively(async () => {
      await this.connection.ask('VACUUM');
      if (!this.isElsewhere) await this.connection.ask('PRAGMA wal_checkpoint(TRUNCATE)');
    });
  }

  private async tableNames(): Promise<string[]> {
    const rows = await this.connection.ask(
      "select name from main.sqlite_master where type = 'table' and name not like 'sqlite_%'",
    );
    return rows.map(([name]) => name as string);
  }

  private async stepsOf(table: string): Promise<string[]> {
    const rows = await this.connection.ask(
      `select name from pragma_table_info('${table}', 'main')`,
    );
    const columns = rows.map(([name]) => `"${name as string}"`).join(', ');
    return [
      `DELETE FROM main."${table}"`,
      `INSERT INTO main."${table}" (${columns}) SELECT ${columns} FROM copy."${table}"`,
    ];
  }

  /**
   * Returns whether there are tables, and older ones than ours.
   * Throws where a newer version has laid them out: an older one must not write to them.
   */
  private async isBehind(): Promise<boolean> {
    const ours = newestMigration();
    const tables = await this.connection.ask(
      "select name from sqlite_master where name = '__drizzle_migrations'",
    );
    if (tables.length === 0) return false;
    const [found] = await this.connection.ask('select max(created_at) from __drizzle_migrations');
    const last = Number(found?.[0] ?? 0);
    if (last > ours) throw new NewerDatabase();
    return last < ours;
  }

  private async prepare(): Promise<void> {
    if (this.isElsewhere) return;
    for (const pragma of PRAGMAS) await this.connection.ask(pragma);
  }

  private async transact<T>(work: (tx: Handle) => Promise<T>): Promise<T> {
    await this.connection.begin();
    try {
      const done = await work(this.db);
      await this.connection.commit();
      return done;
    } catch (error) {
      // Why it failed matters more than that there may be nothing left to take back.
      await this.connection.rollback().catch(() => undefined);
      throw error;
    }
  }

  private exclusively<T>(work: () => Promise<T>): Promise<T> {
    if (this.inside.getStore()) {
      throw new Error('the store was asked again inside its own work: use the handle given to it');
    }
    return this.turn.runExclusive(async () => {
      if (Date.now() - this.lastBreath > TURN_MS) {
        await new Promise((resolve) => setImmediate(resolve));
        this.lastBreath = Date.now();
      }
      return this.inside.run(true, () => this.withRetries(work));
    });
  }

  private async withRetries<T>(work: () => Promise<T>): Promise<T> {
    for (let tries = 1; ; tries++) {
      try {
        return await work();
      } catch (error) {
        if (!isBusy(error) || tries === BUSY_TRIES) throw error;
      }
    }
  }
}
