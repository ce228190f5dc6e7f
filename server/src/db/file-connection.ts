import { fileURLToPath } from 'node:url';
import Database from 'libsql';
import type { Connection } from './connection.ts';

/** How long a statement waits for another process to let go of the file, ms. */
const TIMEOUT_MS = 5000;
/** Statements kept ready; those of lists of every length would be ever more. */
const MOST_KEPT = 200;

interface Kept {
  readonly statement: Database.Statement;
  readonly hasRows: boolean;
}

/** The driver ends the process over a value it does not know. */
function toValue(value: unknown): unknown {
  if (typeof value === 'boolean') return value ? 1 : 0;
  if (value === undefined) return null;
  const isKnown =
    value === null ||
    typeof value === 'number' ||
    typeof value === 'string' ||
    typeof value === 'bigint' ||
    value instanceof Uint8Array;
  if (!isKnown) throw new TypeError(`a database keeps no ${typeof value}`);
  return value;
}

/** Returns what SQLite calls the trouble, in front of its words. */
function named(error: unknown): Error {
  const { code, message } = error as { code?: unknown; message?: string };
  if (typeof code === 'string') return new Error(`${code}: ${message}`, { cause: error });
  return error instanceof Error ? error : new Error(String(error));
}

/** A SQLite file of this machine. Statements are prepared once: preparing takes as long as a short one. */
export class FileConnection implements Connection {
  private readonly db: Database.Database;
  private readonly kept = new Map<string, Kept>();

  constructor(url: string) {
    try {
      this.db = new Database(fileURLToPath(url), { timeout: TIMEOUT_MS });
    } catch (error) {
      throw named(error);
    }
  }

  /** The driver is synchronous: what it throws is the promise's, as from far away. */
  ask(sql: string, args: readonly unknown[] = []): Promise<unknown[][]> {
    return new Promise((resolve, reject) => {
      try {
        resolve(this.askNow(sql, args));
      } catch (error) {
        reject(named(error));
      }
    });
  }

  async begin(): Promise<void> {
    await this.ask('begin immediate');
  }

  async commit(): Promise<void> {
    await this.ask('commit');
  }

  async rollback(): Promise<void> {
    // A full disk ends the transaction by itself.
    if (this.db.inTransaction) await this.ask('rollback');
  }

  async migrate(statements: readonly string[]): Promise<void> {
    await this.ask('PRAGMA foreign_keys = OFF');
    await this.begin();
    try {
      for (const statement of statements) this.db.exec(statement);
      await this.commit();
    } catch (error) {
      await this.rollback();
      throw named(error);
    } finally {
      await this.ask('PRAGMA foreign_keys = ON');
      this.kept.clear();
    }
  }

  close(): void {
    this.kept.clear();
    this.db.close();
  }

  private askNow(sql: string, args: readonly unknown[]): unknown[][] {
    const { statement, hasRows } = this.prepared(sql);
    const values = args.map(toValue);
    if (hasRows) return statement.all(values) as unknown[][];
    statement.run(values);
    return [];
  }

  private prepared(sql: string): Kept {
    const found = this.kept.get(sql);
    if (found !== undefined) return found;
    const statement = this.db.prepare(sql);
    const hasRows = statement.reader;
    if (hasRows) statement.raw(true);
    if (this.kept.size === MOST_KEPT) this.kept.delete(this.kept.keys().next().value!);
    const kept = { statement, hasRows };
    this.kept.set(sql, kept);
    return kept;
  }
}
