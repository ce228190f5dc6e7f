import { createClient } from '@libsql/client';
import type { Client, InArgs, Transaction } from '@libsql/client';
import type { Connection } from './connection.ts';

/** A database on a libSQL server, by its open protocol. */
export class RemoteConnection implements Connection {
  private readonly client: Client;
  private transaction: Transaction | null = null;

  constructor(url: string, authToken?: string) {
    this.client = createClient({ url, concurrency: 1, ...(authToken && { authToken }) });
  }

  async ask(sql: string, args: readonly unknown[] = []): Promise<unknown[][]> {
    const { rows } = await (this.transaction ?? this.client).execute({ sql, args: args as InArgs });
    return rows.map((row) => Array.from(row, toBytes));
  }

  async begin(): Promise<void> {
    this.transaction = await this.client.transaction('write');
  }

  async commit(): Promise<void> {
    const ending = this.transaction;
    this.transaction = null;
    await ending?.commit();
  }

  async rollback(): Promise<void> {
    const ending = this.transaction;
    this.transaction = null;
    await ending?.rollback();
  }

  async migrate(statements: readonly string[]): Promise<void> {
    await this.client.migrate([...statements]);
  }

  close(): void {
    this.client.close();
  }
}

const toBytes = (value: unknown): unknown =>
  value instanceof ArrayBuffer ? Buffer.from(value) : value;
