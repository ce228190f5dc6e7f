import { FairTurns } from './fair-turns.ts';
import type { Who } from './fair-turns.ts';

const person = (academyId: string, userId: string): Who => ({ academyId, userId });

/** Work that ends when it is told to, and what began in which order. */
function workshop(places: number) {
  const turns = new FairTurns(places);
  const begun: string[] = [];
  const ends = new Map<string, () => void>();
  const give = (who: Who, name: string, signal?: AbortSignal): Promise<void> =>
    turns.run(
      who,
      () => {
        begun.push(name);
        return new Promise((resolve) => ends.set(name, resolve));
      },
      signal,
    );
  const settle = (): Promise<void> => new Promise((resolve) => setImmediate(resolve));
  const end = async (name: string): Promise<void> => {
    ends.get(name)!();
    await settle();
  };
  return { begun, give, end, settle };
}

describe('turns', () => {
  it('are one at a time of each person: a second coach’s file goes past the first one’s ten', async () => {
    const { begun, give, end, settle } = workshop(2);
    for (let i = 0; i < 10; i++) void give(person('a', 'first'), `first ${i}`);
    void give(person('a', 'second'), 'second');
    await settle();
    expect(begun).toEqual(['first 0', 'second']);
    await end('second');
    expect(begun).toEqual(['first 0', 'second']);
    await end('first 0');
    expect(begun).toEqual(['first 0', 'second', 'first 1']);
  });

  it('go to the academy that has fewest under way', async () => {
    const { begun, give, end, settle } = workshop(2);
    for (const user of ['1', '2', '3']) void give(person('large', user), `large ${user}`);
    void give(person('small', '1'), 'small');
    await settle();
    await end('large 1');
    expect(begun).toEqual(['large 1', 'large 2', 'small']);
  });

  it('are given up by whoever leaves, and passed on after work that failed', async () => {
    const turns = new FairTurns(1);
    const bad = turns.run(person('a', '1'), () => Promise.reject(new Error('bad')));
    const leaving = new AbortController();
    const left = turns.run(person('a', '2'), () => Promise.resolve('never'), leaving.signal);
    leaving.abort(new Error('left'));
    const good = turns.run(person('a', '3'), () => Promise.resolve('good'));
    await expect(bad).rejects.toThrow('bad');
    await expect(left).rejects.toThrow('left');
    await expect(good).resolves.toBe('good');
  });
});
