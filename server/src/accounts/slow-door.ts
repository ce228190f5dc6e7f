import { HttpException, HttpStatus, Injectable } from '@nestjs/common';
import { Clock } from '../common/clock.ts';

/** Wrong passwords before somebody has to wait; every further one doubles the wait, up to the longest. */
export const SLOW = { freeTries: 8, longestMs: 15 * 60_000, forgottenMs: 60 * 60_000 } as const;
/** Keys held at once: beyond it the oldest are forgotten. */
const MOST_KEYS = 10_000;

interface Tries {
  readonly count: number;
  /** Until when no further try is taken, ms. */
  readonly until: number;
}

/** Makes guessing slow: the more wrong passwords in a row, the longer the wait. Each key waits for its own tries alone. */
@Injectable()
export class SlowDoor {
  private readonly known = new Map<string, Tries>();

  constructor(private readonly clock: Clock) {}

  /**
   * Does a try. It counts as a wrong one until it has gone through, so that many at once do not pass together. Throws 429 with
   * how long to wait.
   */
  async try<T>(key: string, work: () => Promise<T>): Promise<T> {
    const now = this.clock.now().getTime();
    const before = this.of(key, now);
    const waitMs = before.until - now;
    // A longer wait than there is was counted by a clock that has been set back since.
    if (waitMs > 0 && waitMs <= SLOW.longestMs) throw tooMany(waitMs);
    const count = before.count + 1;
    const beyond = count - SLOW.freeTries;
    const nextMs = beyond < 0 ? 0 : Math.min(SLOW.longestMs, 1000 * 2 ** beyond);
    // Put last: the first of the map is the longest ago.
    this.known.delete(key);
    this.known.set(key, { count, until: now + nextMs });
    if (this.known.size > MOST_KEYS) this.known.delete(this.known.keys().next().value!);
    const done = await work();
    this.known.delete(key);
    return done;
  }

  private of(key: string, now: number): Tries {
    const found = this.known.get(key);
    if (found === undefined || now - found.until > SLOW.forgottenMs) return { count: 0, until: 0 };
    return found;
  }
}

function tooMany(waitMs: number): HttpException {
  const seconds = Math.ceil(waitMs / 1000);
  const wait =
    seconds < 90
      ? `${seconds} ${seconds === 1 ? 'second' : 'seconds'}`
      : `${Math.ceil(seconds / 60)} minutes`;
  return new HttpException(
    `Too many wrong passwords. Wait ${wait}, or sign in from a browser that has signed in here before.`,
    HttpStatus.TOO_MANY_REQUESTS,
  );
}
