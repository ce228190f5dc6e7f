import 'fake-indexeddb/auto';
import { QueryClient, dehydrate } from '@tanstack/react-query';
import { IDBFactory } from 'fake-indexeddb';
import { AnswersKept } from './answers-kept.ts';
import { closeLogDb, emptyLogDb, logDb } from './log-db.ts';

/** Longer than answers are gathered for, and the browser's store takes. */
const pause = () => new Promise((resolve) => setTimeout(resolve, 100));

let client: QueryClient;
let kept: AnswersKept;
const said = () => ({ timestamp: 7, buster: 'api', clientState: dehydrate(client) });
/** Keeps what the client has, as the app does after every answer. */
async function keep(by = kept): Promise<void> {
  by.persistClient(said());
  await pause();
}
const restored = async (by = new AnswersKept()) => {
  const found = await by.restoreClient();
  return found?.clientState.queries.map(({ queryKey, state }) => [queryKey, state.data]);
};

beforeEach(async () => {
  await closeLogDb();
  globalThis.indexedDB = new IDBFactory();
  client = new QueryClient();
  kept = new AnswersKept(10);
});

describe('answers kept in the browser', () => {
  it('are there when the page is opened anew, with what they are of', async () => {
    expect(await kept.restoreClient()).toBeUndefined();
    client.setQueryData(['players'], ['Ada']);
    client.setQueryData(['lesson', 'l', 'balls'], [{ carryM: 120 }]);
    await keep();
    expect(await restored()).toEqual([
      [['lesson', 'l', 'balls'], [{ carryM: 120 }]],
      [['players'], ['Ada']],
    ]);
    expect(await new AnswersKept().restoreClient()).toMatchObject({ timestamp: 7, buster: 'api' });
  });

  it('are written one by one: what did not change is left alone', async () => {
    client.setQueryData(['players'], ['Ada']);
    client.setQueryData(['settings'], { naming: 'a' });
    await keep();
    const put = jest.spyOn(IDBObjectStore.prototype, 'put');
    client.setQueryData(['settings'], { naming: 'b' }, { updatedAt: Date.now() + 1 });
    await keep();
    const keys = put.mock.calls.map(([, key]) => key);
    expect(keys).toEqual(['["settings"]', 'answers']);
    put.mockRestore();
    expect(await restored()).toEqual([
      [['players'], ['Ada']],
      [['settings'], { naming: 'b' }],
    ]);
  });

  it('are forgotten where this tab forgot them, and left where another tab has them', async () => {
    client.setQueryData(['mine'], 1);
    await keep();
    const other = new AnswersKept(10);
    client.removeQueries({ queryKey: ['mine'] });
    client.setQueryData(['theirs'], 2);
    await keep(other);
    expect(await restored()).toEqual([
      [['mine'], 1],
      [['theirs'], 2],
    ]);
    client.removeQueries({ queryKey: ['theirs'] });
    await keep();
    expect(await restored()).toEqual([[['theirs'], 2]]);
  });

  it('go with whoever signs out, and are not written down after they were to go', async () => {
    client.setQueryData(['players'], ['Ada']);
    await keep();
    kept.persistClient(said());
    await kept.removeClient();
    await pause();
    expect(await restored()).toBeUndefined();
    await keep();
    await emptyLogDb();
    expect(await (await logDb()).count('answers')).toBe(0);
  });
});
