import 'fake-indexeddb/auto';
import { IDBFactory } from 'fake-indexeddb';
import { closeLogDb } from './log-db.ts';
import { takeLease } from './lock.ts';

beforeEach(async () => {
  await closeLogDb();
  globalThis.indexedDB = new IDBFactory();
});

describe('the tab that sends', () => {
  it('is one, until it has said nothing for a while', async () => {
    expect(await takeLease('first', 0)).toBe(true);
    expect(await takeLease('second', 100)).toBe(false);
    expect(await takeLease('first', 5000)).toBe(true);
    expect(await takeLease('second', 10_000)).toBe(false);
    expect(await takeLease('second', 11_001)).toBe(true);
    expect(await takeLease('first', 11_002)).toBe(false);
  });

  it('is one of many that ask in the same moment', async () => {
    const asked = await Promise.all(['a', 'b', 'c', 'd'].map((owner) => takeLease(owner, 0)));
    expect(asked.filter(Boolean)).toHaveLength(1);
  });
});
