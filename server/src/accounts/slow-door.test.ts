import { Clock } from '../common/clock.ts';
import { SLOW, SlowDoor } from './slow-door.ts';

/** A clock that is moved by hand. */
class MovedClock extends Clock {
  ms = Date.parse('2026-05-04T10:00:00Z');
  override now(): Date {
    return new Date(this.ms);
  }
}

const wrong = (): Promise<never> => Promise.reject(new Error('wrong'));
const right = (): Promise<string> => Promise.resolve('in');

/** How long somebody waits before each of so many wrong tries is taken, s. */
async function waitsBefore(tries: number): Promise<number[]> {
  const clock = new MovedClock();
  const door = new SlowDoor(clock);
  const waits: number[] = [];
  for (let seconds = 0; waits.length < tries; seconds++) {
    const why = await door.try('one', wrong).catch((error: Error) => error.message);
    if (why === 'wrong') {
      waits.push(seconds);
      seconds = -1;
    } else clock.ms += 1000;
  }
  return waits;
}

describe('the slow door', () => {
  it('waits twice as long after each further wrong password, at the longest a quarter of an hour', async () => {
    const longest = SLOW.longestMs / 1000;
    expect(await waitsBefore(20)).toEqual([
      ...Array<number>(SLOW.freeTries).fill(0),
      ...[1, 2, 4, 8, 16, 32, 64, 128, 256, 512],
      ...[longest, longest],
    ]);
  });

  it('lets nobody wait for another’s tries, and forgets them once the right one came', async () => {
    const door = new SlowDoor(new MovedClock());
    for (let i = 0; i < SLOW.freeTries; i++) await door.try('one', wrong).catch(() => null);
    await expect(door.try('one', right)).rejects.toThrow(/Wait 1 second,/);
    await expect(door.try('two', right)).resolves.toBe('in');
    const again = new SlowDoor(new MovedClock());
    for (let i = 0; i < 50; i++) {
      for (let k = 1; k < SLOW.freeTries; k++) await again.try('one', wrong).catch(() => null);
      await again.try('one', right);
    }
  });

  it('forgets tries of long ago', async () => {
    const clock = new MovedClock();
    const door = new SlowDoor(clock);
    for (let i = 0; i < 12; i++) {
      await door.try('one', wrong).catch(() => null);
      clock.ms += SLOW.longestMs;
    }
    clock.ms += SLOW.forgottenMs;
    for (let i = 1; i < SLOW.freeTries; i++)
      await expect(door.try('one', wrong)).rejects.toThrow('wrong');
  });
});
