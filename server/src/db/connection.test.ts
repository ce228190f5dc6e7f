import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { startLibsqlServer } from '../testing/libsql-server.ts';
import { connect } from './connect.ts';
import type { Connection } from './connection.ts';

const folder = mkdtempSync(join(tmpdir(), 'loxos-connection-'));
const ends: (() => unknown)[] = [];
afterAll(async () => {
  for (const end of ends) await end();
  rmSync(folder, { recursive: true });
});

const WAYS: Record<string, () => Promise<Connection>> = {
  'a file': () => Promise.resolve(connect(pathToFileURL(join(folder, 'a.db')).href)),
  'a server': async () => {
    const server = await startLibsqlServer(join(folder, 'b.db'), 'token');
    ends.push(() => server.close());
    return connect(server.url, 'token');
  },
};

describe.each(Object.entries(WAYS))('a connection to %s', (_name, open) => {
  let connection: Connection;
  beforeAll(async () => {
    connection = await open();
    await connection.ask('create table thing (id integer primary key, a, b)');
  });
  afterAll(() => connection.close());
  const rows = () => connection.ask('select a, b from thing order by id');

  it('takes every kind of value and gives rows in the order of their columns', async () => {
    const put = 'insert into thing (a, b) values (?, ?)';
    const bytes = Buffer.from([0, 1, 255]);
    await connection.ask(put, [1.5, 'é']);
    await connection.ask(put, [null, bytes]);
    await connection.ask(put, [true, false]);
    expect(await rows()).toEqual([
      [1.5, 'é'],
      [null, bytes],
      [1, 0],
    ]);
    expect(await connection.ask('select b, a, a from thing where id = ?', [1])).toEqual([
      ['é', 1.5, 1.5],
    ]);
    await connection.ask('delete from thing');
  });

  it('keeps a transaction whole', async () => {
    await connection.begin();
    await connection.ask("insert into thing (a) values ('x')");
    expect(await rows()).toHaveLength(1);
    await connection.rollback();
    expect(await rows()).toEqual([]);
    await connection.begin();
    await connection.ask("insert into thing (a) values ('y')");
    await connection.commit();
    expect(await rows()).toEqual([['y', null]]);
  });

  it('lays tables out anew, all or nothing, and asks them as they are then', async () => {
    await connection.ask('select * from thing');
    const steps = ['alter table thing add column c', "insert into thing (c) values ('new')"];
    await expect(connection.migrate([...steps, 'nonsense'])).rejects.toThrow();
    expect((await connection.ask('select * from thing'))[0]).toHaveLength(3);
    await connection.migrate(steps);
    expect((await connection.ask('select * from thing'))[0]).toHaveLength(4);
    expect(await connection.ask('select c from thing where c is not null')).toEqual([['new']]);
  });

  it('says what is wrong by its name, and goes on after it', async () => {
    await expect(connection.ask('insert into thing (id) values (1), (1)')).rejects.toThrow(
      /^SQLITE_CONSTRAINT/,
    );
    await expect(connection.ask('select a from nowhere')).rejects.toThrow('nowhere');
    expect(await connection.ask('select 1')).toEqual([[1]]);
  });
});

describe('a file', () => {
  const url = pathToFileURL(join(folder, 'a.db')).href;

  it('is not asked with a value that SQLite has none for', async () => {
    const connection = connect(url);
    await expect(connection.ask('select ?', [{ a: 1 }])).rejects.toThrow('keeps no object');
    await expect(connection.ask('select ?', [() => 1])).rejects.toThrow('keeps no function');
    expect(await connection.ask('select ?', [undefined])).toEqual([[null]]);
    connection.close();
  });

  it('answers the same statement by what is asked each time, beside very many others', async () => {
    const connection = connect(url);
    for (let n = 0; n < 500; n++) {
      expect(await connection.ask('select ?, 1', [n])).toEqual([[n, 1]]);
      expect(await connection.ask(`select ${n}`)).toEqual([[n]]);
    }
    connection.close();
  });

  it('goes on after it had to give way to somebody', async () => {
    const [one, other] = [connect(url), connect(url)];
    await other.ask('PRAGMA busy_timeout = 20');
    await one.begin();
    await expect(other.begin()).rejects.toThrow(/^SQLITE_BUSY/);
    await one.commit();
    await other.begin();
    await other.ask('insert into thing (a) values (?)', ['after']);
    await other.commit();
    expect(await one.ask("select a from thing where a = 'after'")).toEqual([['after']]);
    one.close();
    other.close();
  });

  it('does what a setting says each time it is said, though its statement is kept', async () => {
    const connection = connect(url);
    for (let n = 0; n < 3; n++) {
      for (const [word, value] of [
        ['NORMAL', 1],
        ['FULL', 2],
      ] as const) {
        await connection.ask(`PRAGMA synchronous = ${word}`);
        expect(await connection.ask('PRAGMA synchronous')).toEqual([[value]]);
      }
      for (const [word, value] of [
        ['OFF', 0],
        ['ON', 1],
      ] as const) {
        await connection.ask(`PRAGMA foreign_keys = ${word}`);
        expect(await connection.ask('PRAGMA foreign_keys')).toEqual([[value]]);
      }
    }
    connection.close();
  });

  it('is told of what another connection laid out anew', async () => {
    const [one, other] = [connect(url), connect(url)];
    await one.ask('create table more (a)');
    await other.ask('select * from more');
    await one.ask('alter table more add column b');
    await one.ask('insert into more values (1, 2)');
    expect(await other.ask('select * from more')).toEqual([[1, 2]]);
    one.close();
    other.close();
  });
});
