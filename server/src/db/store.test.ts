import { copyFileSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { sql } from 'drizzle-orm';
import { startTestApp } from '../testing/app.ts';
import { academy } from './schema/index.ts';
import { Store } from './store.ts';

const folder = mkdtempSync(join(tmpdir(), 'loxos-store-'));
const url = pathToFileURL(join(folder, 'store.db')).href;
let store: Store;
beforeAll(async () => {
  store = new Store(url);
  await store.open();
});
afterAll(async () => {
  await store.onApplicationShutdown();
  rmSync(folder, { recursive: true });
});
const row = (id: string) => ({ id, name: id, createdAt: '2026-01-01T00:00:00.000Z' });
const names = () => store.read(async (db) => (await db.select().from(academy)).map((a) => a.id));

describe('the store', () => {
  it('keeps all of a write or none of it', async () => {
    const broken = store.write(async (tx) => {
      await tx.insert(academy).values(row('half'));
      throw new Error('stop');
    });
    await expect(broken).rejects.toThrow('stop');
    expect(await names()).toEqual([]);
    await store.write((tx) => tx.insert(academy).values(row('whole')));
    expect(await names()).toEqual(['whole']);
  });

  it('refuses to be asked inside its own work instead of waiting for itself', async () => {
    const nested = store.write(() => store.read(() => Promise.resolve(1)));
    await expect(nested).rejects.toThrow('inside its own work');
  });

  it('has foreign keys, write-ahead log and full sync on', async () => {
    const pragma = async (name: string): Promise<unknown> => {
      const row = await store.read((db) => db.get(sql.raw(`PRAGMA ${name}`)));
      return Object.values(row as Record<string, unknown>)[0];
    };
    expect(await pragma('foreign_keys')).toBe(1);
    expect(await pragma('journal_mode')).toBe('wal');
    expect(await pragma('synchronous')).toBe(2);
  });

  it('lets everybody else go before a step of something long, and syncs in full after it', async () => {
    const order: string[] = [];
    const asked = async (name: string): Promise<void> => {
      // As a request does: once for who asks, once for what.
      await store.read(() => Promise.resolve(order.push(name)));
      await store.read(() => Promise.resolve(order.push(name)));
    };
    const step = (name: string) =>
      store.step(async (tx) => {
        order.push(name);
        await tx.insert(academy).values(row(name));
      });
    await Promise.all([asked('first'), step('step'), asked('second')]);
    expect(order).toEqual(['first', 'second', 'first', 'second', 'step']);
    const synchronous = () => store.read((db) => db.values(sql`pragma synchronous`));
    expect(await synchronous()).toEqual([[2]]);
    const broken = store.step(() => Promise.reject(new Error('stop')));
    await expect(broken).rejects.toThrow('stop');
    expect(await synchronous()).toEqual([[2]]);
  });

  it('takes a step in between where the others never end', async () => {
    let isDone = false;
    const others = (async () => {
      while (!isDone) await store.read(() => new Promise((resolve) => setTimeout(resolve, 2)));
    })();
    await store.step(async (tx) => {
      await tx.insert(academy).values(row('in between'));
    });
    isDone = true;
    await others;
    expect(await names()).toContain('in between');
  });

  it('is whole in its one file after the server was shut down', async () => {
    const first = await startTestApp();
    const id = await first.player({ name: 'Stays Here' });
    await first.app.close();
    const copy = mkdtempSync(join(tmpdir(), 'loxos-copy-'));
    copyFileSync(join(first.folder, 'loxos.db'), join(copy, 'loxos.db'));
    rmSync(first.folder, { recursive: true });
    const second = await startTestApp(copy);
    expect((await second.http().get(`/api/players/${id}`)).body.name).toBe('Stays Here');
    await second.close();
  });
});
