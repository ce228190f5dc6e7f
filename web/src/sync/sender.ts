import { ApiError } from '../api/client.ts';
import { announce, asksOf } from './arrivals.ts';
import { askAnew } from './ask-anew.ts';
import { drop, shelve, useLog, waiting } from './log.ts';
import type { Entry } from './log-db.ts';
import { laneOf, needsOf } from './pending.ts';
import { send } from './send.ts';
import { taken } from './taken.ts';

const FIRST_RETRY_MS = 1000;
const LAST_RETRY_MS = 30_000;
/** A change the server fails on so often, answering each time, is put aside: what is behind it goes on. */
const FAILURES = 6;
/** Answers that say "later", not "no". */
const LATER = new Set([401, 408, 425, 429]);

/** What becomes of a change that was not taken. */
export type Fate = 'again' | 'shelf';

export function fateOf(error: unknown, failures: number): Fate {
  if (!(error instanceof ApiError) || error.status === 0 || LATER.has(error.status)) return 'again';
  if (error.status === 500) return failures >= FAILURES ? 'shelf' : 'again';
  return error.status > 500 ? 'again' : 'shelf';
}

/** How long to wait before the next try, ms. */
export const retryAfterMs = (tries: number): number =>
  Math.min(LAST_RETRY_MS, FIRST_RETRY_MS * 2 ** (tries - 1));

/** Whether nothing else of a change's lane is on its way. */
function isLastOfLane({ id, change }: Entry): boolean {
  const rest = waiting(useLog.getState().entries).filter((other) => other.id !== id);
  return !rest.some((other) => laneOf(other.change) === laneOf(change));
}

const refusalOf = (error: unknown) => ({
  reason: error instanceof Error ? error.message : String(error),
  current: error instanceof ApiError ? error.current : null,
});

function countUp(counts: Map<string, number>, id: string): number {
  const count = (counts.get(id) ?? 0) + 1;
  counts.set(id, count);
  return count;
}

/** Sends what is on its way: each lane in the order made, no lane waiting for another. */
export class Sender {
  private readonly busy = new Set<string>();
  /** How often each change was tried in vain, and how often the server failed on it: no answer is no failure of its own. */
  private readonly tries = new Map<string, number>();
  private readonly failures = new Map<string, number>();

  /** Starts every lane that has something to send. */
  readonly kick = (): void => {
    for (const lane of new Set(waiting(useLog.getState().entries).map((e) => laneOf(e.change)))) {
      if (!this.busy.has(lane) && this.next(lane) !== null) void this.run(lane);
    }
  };

  /** Tries at once what is waiting for its next try: the network is back. */
  readonly hurry = (): void => {
    for (const wake of [...this.wakes]) wake();
    this.kick();
  };

  /** Ends the wait of each lane that waits for its next try. */
  private readonly wakes = new Set<() => void>();

  private next(lane: string): Entry | null {
    const entries = waiting(useLog.getState().entries);
    const entry = entries.find((e) => laneOf(e.change) === lane);
    if (entry === undefined) return null;
    const needs = needsOf(entry.change);
    const isHeldUp = entries.some((e) => laneOf(e.change) === needs && e.order < entry.order);
    return isHeldUp ? null : entry;
  }

  private async run(lane: string): Promise<void> {
    this.busy.add(lane);
    for (let entry = this.next(lane); entry !== null; entry = this.next(lane)) {
      await this.sendOne(entry);
    }
    this.busy.delete(lane);
    // What waited for this lane may go now, and what came in the last moment.
    this.kick();
  }

  private async sendOne(entry: Entry): Promise<void> {
    let answer: unknown;
    try {
      answer = await send(entry);
    } catch (error) {
      const tries = countUp(this.tries, entry.id);
      const isFailure = error instanceof ApiError && error.status === 500;
      const failures = isFailure ? countUp(this.failures, entry.id) : 0;
      if (fateOf(error, failures) === 'again') {
        await this.pause(retryAfterMs(tries));
        return;
      }
      this.forget(entry.id);
      await shelve(entry.id, refusalOf(error));
      if (isLastOfLane(entry)) await askAnew(entry.change).catch(() => undefined);
      return;
    }
    this.forget(entry.id);
    const asks = asksOf(entry, answer);
    if (asks !== null) {
      await shelve(entry.id, { reason: asks.message, current: null, asks });
      return;
    }
    // The screen shows what the server has and what is on its way: the one must hold it before the other lets go.
    await taken(entry.change, answer, isLastOfLane(entry)).catch(() => undefined);
    announce(entry, answer);
    await drop(entry.id);
  }

  private forget(id: string): void {
    this.tries.delete(id);
    this.failures.delete(id);
  }

  private pause(ms: number): Promise<void> {
    return new Promise((resolve) => {
      const wake = (): void => {
        clearTimeout(timer);
        this.wakes.delete(wake);
        resolve();
      };
      const timer = setTimeout(wake, ms);
      this.wakes.add(wake);
    });
  }
}
