import 'fake-indexeddb/auto';
import { IDBFactory } from 'fake-indexeddb';
import { queryClient } from '../api/client.ts';
import { keys } from '../api/keys.ts';
import { closeLogDb, putEntry, readEntries } from './log-db.ts';
import { drop, readLog, sendAgain, shelve, useLog, waiting } from './log.ts';
import { stepsOf } from './pending.ts';
import { push } from './push.ts';
import { partStep, step } from './step.ts';

const part = (target: string) => partStep('l', 'setup', { target });
const steps = () => stepsOf(useLog.getState().entries.map(({ change }) => change));
const targets = (): unknown[] => steps().map(({ fields }) => fields['target']);
/** What a page finds when it is opened anew in the same browser. */
async function reopen(): Promise<void> {
  useLog.setState({ entries: [] });
  await readLog();
}

beforeEach(async () => {
  await closeLogDb();
  globalThis.indexedDB = new IDBFactory();
  useLog.setState({ entries: [], isKept: true });
  queryClient.clear();
});

describe('the log of changes', () => {
  it('shows a change at once, and keeps it in the order made through a reload', async () => {
    const kept = ['oak', 'elm', 'ash'].map((target) => push(part(target)));
    expect(targets()).toEqual(['oak', 'elm', 'ash']);
    await Promise.all(kept);
    await reopen();
    expect(targets()).toEqual(['oak', 'elm', 'ash']);
  });

  it('tells what it is still writing from what it has', async () => {
    const kept = push(part('oak'));
    expect(useLog.getState().unwritten).toBe(1);
    await kept;
    expect(useLog.getState().unwritten).toBe(0);
    expect(await readEntries()).toHaveLength(1);
  });

  it('lets go of what the server has', async () => {
    await push(part('oak'));
    await push(part('elm'));
    await drop(useLog.getState().entries[0]!.id);
    await reopen();
    expect(targets()).toEqual(['elm']);
  });

  it('names the version that was seen', async () => {
    queryClient.setQueryData(keys.piece('l', 'parts'), [{ part: 'setup', version: 7 }]);
    await push(part('oak'));
    await push(step('block.add', { id: 'k', of: 'l' }, { kind: 'play' }));
    expect(steps().map(({ seen }) => seen)).toEqual([7, null]);
  });

  it('has seen that a part was not there, so that another may not be written over', async () => {
    queryClient.setQueryData(keys.piece('l', 'parts'), []);
    await push(part('oak'));
    expect(steps()[0]!.seen).toBe(0);
  });

  it('keeps a refused change on the shelf, through a reload, and sends it again knowing better', async () => {
    await push(part('oak'));
    const { id } = useLog.getState().entries[0]!;
    await shelve(id, { reason: 'changed meanwhile', current: { version: 9, target: 'elm' } });
    await reopen();
    expect(waiting(useLog.getState().entries)).toEqual([]);
    expect(useLog.getState().entries[0]!.refusal!.reason).toBe('changed meanwhile');
    await sendAgain(id);
    expect(waiting(useLog.getState().entries)).toMatchObject([
      { id, change: { steps: [{ seen: 9 }] }, refusal: null },
    ]);
  });
});

describe('a change of several things that clashed in one', () => {
  it('goes over that one, and over nothing else unseen', async () => {
    queryClient.setQueryData(keys.piece('l', 'balls'), [
      { id: 'a', version: 1 },
      { id: 'b', version: 2 },
    ]);
    const out = (id: string) => step('ball.set', { id, of: 'l' }, { keep: 'out' });
    await push(out('a'), out('b'));
    const { id } = useLog.getState().entries[0]!;
    await shelve(id, { reason: 'changed', current: { id: 'b', version: 7, keep: 'in' } });
    await sendAgain(id);
    expect(steps().map(({ seen }) => seen)).toEqual([1, 7]);
  });
});

describe('two tabs of one browser', () => {
  it('lose nothing of each other: what the other wrote is read beside what is being written here', async () => {
    await push(part('ours'));
    const [ours] = useLog.getState().entries;
    await putEntry({
      ...ours!,
      id: 'theirs',
      order: ours!.order + 1,
      change: { steps: [{ ...part('theirs'), seen: null }] },
    });
    const late = push(part('late'));
    await readLog();
    await late;
    expect(targets()).toEqual(expect.arrayContaining(['ours', 'theirs', 'late']));
    expect(await readEntries()).toHaveLength(3);
  });

  it('do not bring back what is just being let go', async () => {
    await push(part('oak'));
    const gone = drop(useLog.getState().entries[0]!.id);
    await readLog();
    await gone;
    expect(targets()).toEqual([]);
  });
});

describe('a browser that keeps nothing', () => {
  it('says so, and the change still shows and goes', async () => {
    await closeLogDb();
    globalThis.indexedDB = {
      open: () => {
        throw new Error('QuotaExceededError');
      },
    } as unknown as IDBFactory;
    await push(part('oak'));
    expect(useLog.getState()).toMatchObject({ isKept: false });
    expect(targets()).toEqual(['oak']);
    await readLog();
    expect(targets()).toEqual(['oak']);
  });
});
