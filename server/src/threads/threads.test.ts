import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { Threads, TookTooMuch } from './threads.ts';

const script = join(mkdtempSync(join(tmpdir(), 'loxos-threads-')), 'work.mjs');
writeFileSync(
  script,
  `export default (task) => {
    if (task === 'for ever') for (;;);
    if (task === 'too much') { const all = []; for (;;) all.push(new Array(100_000).fill({})); }
    if (task === 'badly') throw new Error('bad');
    return task;
  };`,
);
const threads = new Threads({ filename: script, most: 1, memoryMb: 40, deadlineMs: 1500 });
afterAll(() => threads.end());

describe('a thread', () => {
  it('ends what takes too long or too much, and does the next thing', async () => {
    await expect(threads.run('for ever')).rejects.toThrow(TookTooMuch);
    await expect(threads.run('plain')).resolves.toBe('plain');
    await expect(threads.run('too much')).rejects.toThrow(TookTooMuch);
    await expect(threads.run('plain again')).resolves.toBe('plain again');
  });

  it('ends what nobody waits for any more, and says why', async () => {
    const gone = new AbortController();
    const never = threads.run('for ever', gone.signal);
    setTimeout(() => gone.abort(new Error('hung up')), 50);
    await expect(never).rejects.toThrow('hung up');
    await expect(threads.run('badly')).rejects.toThrow('bad');
  });
});
