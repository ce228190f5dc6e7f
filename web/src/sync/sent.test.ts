import { drop, push, useLog } from './log.ts';
import { whenStored } from './sent.ts';

const begin = (lessonId: string) =>
  push({ op: 'begin', lessonId, body: { id: 'k', kind: 'baseline' } });

beforeEach(() => useLog.setState({ entries: [] }));

describe('what must not overtake the log', () => {
  it('goes at once where nothing of its lesson is on its way', async () => {
    void begin('other');
    await expect(whenStored('lesson l')).resolves.toBeUndefined();
  });

  it('waits for its lesson’s changes', async () => {
    void begin('l');
    let isThrough = false;
    const wait = whenStored('lesson l').then(() => (isThrough = true));
    await Promise.resolve();
    expect(isThrough).toBe(false);
    void drop(useLog.getState().entries[0]!.id);
    await wait;
    expect(isThrough).toBe(true);
  });

  it('says so when that takes too long', async () => {
    void begin('l');
    await expect(whenStored('lesson l', 20)).rejects.toThrow('not stored yet');
  });
});
