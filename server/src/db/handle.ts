import { drizzle } from 'drizzle-orm/sqlite-proxy';
import type { SqliteRemoteDatabase } from 'drizzle-orm/sqlite-proxy';
import type { Connection } from './connection.ts';
import * as schema from './schema/index.ts';

type Queries = SqliteRemoteDatabase<typeof schema> & {
  /** For statements that are long and written out by hand. */
  readonly connection: Connection;
};

/** What queries are written on; what belongs together is the store's to say. */
export type Handle = Omit<Queries, 'transaction' | 'batch'>;

/** Queries on a connection. */
export function handleOn(connection: Connection): Queries {
  const db = drizzle(
    async (sql, params, method) => {
      const rows = await connection.ask(sql, params);
      return { rows: method === 'get' ? (rows[0] as unknown[]) : rows };
    },
    { schema },
  );
  return Object.assign(db, { connection });
}
