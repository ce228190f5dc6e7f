// A stand-in for a libSQL server: the part of its open protocol (Hrana 2 over HTTP, JSON) that the client asks, over a
// SQLite file in this process. One connection a stream, named by its baton.
import { createServer } from 'node:http';
import type { IncomingMessage } from 'node:http';
import Database from 'libsql';

interface Value {
  readonly type: 'null' | 'integer' | 'float' | 'text' | 'blob';
  readonly value?: string | number;
  readonly base64?: string;
}
interface Stmt {
  readonly sql?: string;
  readonly sql_id?: number;
  readonly args?: readonly Value[];
}
interface Condition {
  readonly type: 'ok' | 'error' | 'not' | 'and' | 'or' | 'is_autocommit';
  readonly step?: number;
  readonly cond?: Condition;
  readonly conds?: readonly Condition[];
}
interface Ask {
  readonly type: string;
  readonly sql?: string;
  readonly sql_id?: number;
  readonly stmt?: Stmt;
  readonly batch?: { readonly steps: readonly { condition?: Condition | null; stmt: Stmt }[] };
}
interface Stream {
  readonly db: Database.Database;
  readonly texts: Map<number, string>;
}

function toPlain({ type, value, base64 }: Value): unknown {
  if (type === 'null') return null;
  if (type === 'integer') return Number(value);
  return type === 'blob' ? Buffer.from(base64!, 'base64') : value;
}

function toValue(value: unknown): Value {
  if (value === null || value === undefined) return { type: 'null' };
  if (typeof value === 'number' && !Number.isInteger(value)) return { type: 'float', value };
  if (typeof value === 'number' || typeof value === 'bigint')
    return { type: 'integer', value: String(value) };
  if (typeof value === 'string') return { type: 'text', value };
  return { type: 'blob', base64: Buffer.from(value as Buffer).toString('base64') };
}

function execute({ db, texts }: Stream, { sql, sql_id, args = [] }: Stmt) {
  const statement = db.prepare(sql ?? texts.get(sql_id!)!);
  const values = args.map(toPlain);
  if (statement.reader) {
    const names = statement.columns().map(({ name }) => name);
    const rows = statement.raw(true).all(...values) as unknown[][];
    const cols = names.map((name) => ({ name }));
    return { cols, rows: rows.map((row) => row.map(toValue)), affected_row_count: 0 };
  }
  const { changes, lastInsertRowid } = statement.run(...values);
  const affected = { affected_row_count: changes, last_insert_rowid: String(lastInsertRowid) };
  return { cols: [], rows: [], ...affected };
}

const asError = (error: unknown) => {
  const { message, code } = error as { message: string; code?: string };
  return { message, code: code ?? 'SQLITE_ERROR' };
};

function batch(stream: Stream, steps: NonNullable<Ask['batch']>['steps']) {
  const results: unknown[] = [];
  const errors: unknown[] = [];
  const holds = (condition: Condition): boolean => {
    const { type, step = 0, cond, conds = [] } = condition;
    if (type === 'ok') return results[step] != null;
    if (type === 'error') return errors[step] != null;
    if (type === 'not') return !holds(cond!);
    if (type === 'is_autocommit') return !stream.db.inTransaction;
    return type === 'and' ? conds.every(holds) : conds.some(holds);
  };
  for (const { condition, stmt } of steps) {
    let result: unknown = null;
    let error: unknown = null;
    if (condition == null || holds(condition))
      try {
        result = execute(stream, stmt);
      } catch (thrown) {
        error = asError(thrown);
      }
    results.push(result);
    errors.push(error);
  }
  return { step_results: results, step_errors: errors };
}

function answer(stream: Stream, ask: Ask): object {
  switch (ask.type) {
    case 'execute':
      return { type: 'execute', result: execute(stream, ask.stmt!) };
    case 'batch':
      return { type: 'batch', result: batch(stream, ask.batch!.steps) };
    case 'sequence':
      stream.db.exec(ask.sql ?? stream.texts.get(ask.sql_id!)!);
      return { type: 'sequence' };
    case 'store_sql':
      stream.texts.set(ask.sql_id!, ask.sql!);
      return { type: 'store_sql' };
    case 'close_sql':
      return { type: 'close_sql' };
    case 'get_autocommit':
      return { type: 'get_autocommit', is_autocommit: !stream.db.inTransaction };
    case 'close':
      stream.db.close();
      return { type: 'close' };
    default:
      throw new Error(`the stand-in knows no ${ask.type}`);
  }
}

const bodyOf = async (request: IncomingMessage): Promise<string> => {
  const chunks: Buffer[] = [];
  for await (const chunk of request) chunks.push(chunk as Buffer);
  return Buffer.concat(chunks).toString();
};

/** Serves a database file at an address of this machine, to whoever has the token. */
export async function startLibsqlServer(file: string, token: string) {
  const streams = new Map<string, Stream>();
  let count = 0;
  const server = createServer((request, response) => {
    void (async () => {
      if (request.method !== 'POST' || request.url !== '/v2/pipeline') {
        response.writeHead(404).end();
        return;
      }
      if (request.headers.authorization !== `Bearer ${token}`) {
        response.writeHead(401).end('{"message":"no token"}');
        return;
      }
      const body = JSON.parse(await bodyOf(request)) as { baton?: string; requests: Ask[] };
      const baton = body.baton ?? `stream-${(count += 1)}`;
      const stream = streams.get(baton) ?? { db: new Database(file), texts: new Map() };
      streams.set(baton, stream);
      const results = body.requests.map((ask) => {
        try {
          return { type: 'ok', response: answer(stream, ask) };
        } catch (error) {
          return { type: 'error', error: asError(error) };
        }
      });
      const isOver = body.requests.some(({ type }) => type === 'close');
      if (isOver) streams.delete(baton);
      response.setHeader('content-type', 'application/json');
      response.end(JSON.stringify({ baton: isOver ? null : baton, base_url: null, results }));
    })();
  });
  await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve));
  const { port } = server.address() as { port: number };
  return {
    url: `http://127.0.0.1:${port}`,
    close: () => new Promise((resolve) => server.close(resolve)),
  };
}
