import { AsyncLocalStorage } from 'node:async_hooks';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { createClient } from '@libsql/client';
import type { Client } from '@libsql/client';
import { Injectable } from '@nestjs/common';
import type { OnApplicationShutdown } from '@nestjs/common';
import { Mutex } from 'async-mutex';
import { drizzle } from 'drizzle-orm/libsql';
import type { LibSQLDatabase } from 'drizzle-orm/libsql';
import { migrate } from 'drizzle-orm/libsql/migrator';
import { NewerDatabase } from '../start-trouble.ts';
import * as schema from './schema/index.ts';

export type Handle = Omit<LibSQLDatabase<typeof schema>, 'transaction'>;

const PRAGMAS = [
  'PRAGMA journal_mode = WAL',
  // An acknowledged save survives a power failure.
  'PRAGMA synchronous = FULL',
  'PRAGMA foreign_keys = ON',
  'PRAGMA busy_timeout = 5000',
];
const BUSY_TRIES = 5;
/** The driver is synchronous: after this long, ms, waiting requests get a turn. */
const TURN_MS = 10;
const MIGRATIONS = fileURLToPath(new URL('../../drizzle', import.meta.url));

const isBusy = (error: unknown): boolean =>
  error instanceof Error &&
  /SQLITE_BUSY|database is locked/.test(`${error.message} ${String(error.cause)}`);

/**
 * The database, one connection, used by one piece of work at a time in the order asked. Work gets
 * its handle as a parameter; asking for another inside would wait for itself, so it throws.
 */
@Injectable()
export class Store implements OnApplicationShutdown {
  private readonly client: Client;
  private readonly db: LibSQLDatabase<typeof schema>;
  private readonly turn = new Mutex();
  private readonly inside = new AsyncLocalStorage<true>();
  private lastBreath = Date.now();

  constructor(url: string) {
    this.client = createClient({ url, concurrency: 1, timeout: 5000 });
    this.db = drizzle(this.client, { schema });
  }

  /** Sets the connection up and brings the tables up to date. */
  async open(): Promise<void> {
    await this.prepare();
    await this.refuseNewer();
    await migrate(this.db, { migrationsFolder: MIGRATIONS });
    await this.client.execute('PRAGMA foreign_keys = ON');
  }

  /** One statement, or several reads. */
  read<T>(work: (db: Handle) => Promise<T>): Promise<T> {
    return this.exclusively(() => work(this.db));
  }

  /** All of it, or none of it. */
  write<T>(work: (tx: Handle) => Promise<T>): Promise<T> {
    return this.exclusively(() => this.db.transaction((tx) => work(tx as unknown as Handle)));
  }

  async onApplicationShutdown(): Promise<void> {
    await this.turn.runExclusive(async () => {
      // The one file holds everything once the server has stopped: it can be copied as it is.
      await this.client.execute('PRAGMA wal_checkpoint(TRUNCATE)');
      this.client.close();
    });
  }

  /** An older version must not write to what a newer one has laid out. */
  private async refuseNewer(): Promise<void> {
    const journal = JSON.parse(readFileSync(join(MIGRATIONS, 'meta/_journal.json'), 'utf8')) as {
      entries: { when: number }[];
    };
    const ours = Math.max(...journal.entries.map(({ when }) => when));
    const { rows } = await this.client.execute(
      "select name from sqlite_master where name = '__drizzle_migrations'",
    );
    if (rows.length === 0) return;
    const last = await this.client.execute(
      'select max(created_at) as last from __drizzle_migrations',
    );
    if (Number(last.rows[0]?.['last'] ?? 0) > ours) throw new NewerDatabase();
  }

  private async prepare(): Promise<void> {
    for (const pragma of PRAGMAS) await this.client.execute(pragma);
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
        this.client.reconnect();
        await this.prepare();
      }
    }
  }
}
