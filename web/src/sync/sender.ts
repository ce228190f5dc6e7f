import { ApiError } from '../api/error.ts';
import { drop, shelve, useLog, waiting } from './log.ts';
import type { Entry, Refusal } from './entry.ts';
import { isFile, laneOf, needsOf } from './pending.ts';

const FIRST_RETRY_MS = 1000;
const LAST_RETRY_MS = 30_000;
/** A change the server fails on so often, answering each time, is put aside: what is behind it goes on. */
const FAILURES = 6;
/** Answers that say "later", not "no". */
const LATER = new Set([401, 408, 425, 429]);
/** As many changes as are sent in one go. */
const TOGETHER = 50;

/** What the server made of a change: its answer, or why it was not taken. */
export interface Answered<T> {
  readonly id: string;
  readonly answer: T | ApiError;
}

/** How changes reach the server, and what becomes of what it answers. */
export interface Wire<T> {
  /** Sends changes in the order made, and answers for each; those left out are sent again. Throws where there is no answer. */
  readonly send: (entries: readonly Entry[]) => Promise<readonly Answered<T>[]>;
  /** The server has it: when this resolves, the screens hold what it answered. `isLast`: nothing more of its lane waits. */
  readonly taken: (entry: Entry, answer: T, isLast: boolean) => Promise<void>;
  /** It was refused for good, and stands on the shelf. */
  readonly refused: (entry: Entry, isLast: boolean) => Promise<void>;
  /** What the answer asks before it is taken; null where it asks nothing. */
  readonly asks?: (entry: Entry, answer: T) => Refusal | null;
  /** Says whether the server answered when it was last asked. */
  readonly reached?: (isReached: boolean) => void;
}

/** What becomes of a change that was not taken. */
export type Fate = 'again' | 'shelf';

export function fateOf(error: unknown, failures: number): Fate {
  if (!(error instanceof ApiError) || error.status === 0 || LATER.has(error.status)) return 'again';
  if (error.status === 500) return failures >= FAILURES ? 'shelf' : 'again';
  return error.status > 500 ? 'again' : 'shelf';
}

/** Returns how long to wait before the next try, ms. */
export const retryAfterMs = (tries: number): number =>
  Math.min(LAST_RETRY_MS, FIRST_RETRY_MS * 2 ** (tries - 1));

/** Returns whether nothing else of a change's lane is on its way. */
function isLastOfLane({ id, change }: Entry): boolean {
  const rest = waiting(useLog.getState().entries).filter((other) => other.id !== id);
  return !rest.some((other) => laneOf(other.change) === laneOf(change));
}

const refusalOf = (error: unknown): Refusal => ({
  reason: error instanceof Error ? error.message : String(error),
  current: error instanceof ApiError ? error.current : null,
});

function countUp(counts: Map<string, number>, id: string): number {
  const count = (counts.get(id) ?? 0) + 1;
  counts.set(id, count);
  return count;
}

/** Sends what is on its way: each lane in the order made, no lane waiting for another. */
export class Sender<T> {
  private readonly busy = new Set<string>();
  /** How often each change was tried in vain, and how often the server failed on it: no answer is no failure of its own. */
  private readonly tries = new Map<string, number>();
  private readonly failures = new Map<string, number>();
  /** Changes that were refused with others in one go: which of them is meant is found by sending each alone. */
  private readonly alone = new Set<string>();

  constructor(private readonly wire: Wire<T>) {}

  /** Starts every lane that has something to send. */
  readonly kick = (): void => {
    for (const lane of new Set(waiting(useLog.getState().entries).map((e) => laneOf(e.change)))) {
      if (!this.busy.has(lane) && this.next(lane).length > 0) void this.run(lane);
    }
  };

  /** Tries at once what is waiting for its next try: the network is back. */
  readonly hurry = (): void => {
    for (const wake of [...this.wakes]) wake();
    this.kick();
  };

  /** Sends nothing more: another log is opened. */
  readonly stop = (): void => {
    this.isOver = true;
    for (const wake of [...this.wakes]) wake();
  };
  private isOver = false;

  /** Ends the wait of each lane that waits for its next try. */
  private readonly wakes = new Set<() => void>();

  /** Returns what of a lane goes next: edits together, a launch file by itself; none where another lane must be empty first. */
  private next(lane: string): readonly Entry[] {
    if (this.isOver) return [];
    const entries = waiting(useLog.getState().entries);
    const own = entries.filter((e) => laneOf(e.change) === lane);
    const isHeldUp = ({ change, order }: Entry): boolean => {
      const needs = needsOf(change);
      return entries.some((e) => laneOf(e.change) === needs && e.order < order);
    };
    const [first] = own;
    if (first === undefined || isHeldUp(first)) return [];
    if (isFile(first.change) || this.alone.has(first.id)) return [first];
    const end = own.findIndex((e) => isFile(e.change) || this.alone.has(e.id) || isHeldUp(e));
    return own.slice(0, end < 0 ? TOGETHER : Math.min(end, TOGETHER));
  }

  private async run(lane: string): Promise<void> {
    this.busy.add(lane);
    for (let next = this.next(lane); next.length > 0; next = this.next(lane)) {
      await this.sendAll(next);
    }
    this.busy.delete(lane);
    // What waited for this lane may go now, and what came in the last moment.
    this.kick();
  }

  private async sendAll(entries: readonly Entry[]): Promise<void> {
    let answers: readonly Answered<T>[];
    try {
      answers = await this.wire.send(entries);
      this.wire.reached?.(true);
    } catch (error) {
      this.wire.reached?.(error instanceof ApiError && error.status !== 0);
      if (entries.length > 1 && fateOf(error, 0) === 'shelf')
        for (const { id } of entries) this.alone.add(id);
      else await this.notTaken(entries[0]!, error);
      return;
    }
    const [first] = entries as [Entry, ...Entry[]];
    // Nothing was said of it: it waits, as for no answer at all.
    if (!answers.some(({ id }) => id === first.id)) await this.notTaken(first, null);
    for (const { id, answer } of answers) {
      const entry = entries.find((one) => one.id === id);
      if (entry === undefined) continue;
      if (!(answer instanceof ApiError)) await this.settle(entry, answer);
      else if ((await this.notTaken(entry, answer)) === 'again') return;
    }
  }

  /** A change was not taken: it waits for its next try, or goes to the shelf. */
  private async notTaken(entry: Entry, error: unknown): Promise<Fate> {
    const tries = countUp(this.tries, entry.id);
    const isFailure = error instanceof ApiError && error.status === 500;
    const failures = isFailure ? countUp(this.failures, entry.id) : 0;
    const fate = fateOf(error, failures);
    if (fate === 'again') {
      await this.pause(retryAfterMs(tries));
      return fate;
    }
    this.forget(entry.id);
    await shelve(entry.id, refusalOf(error));
    await this.wire.refused(entry, isLastOfLane(entry)).catch(() => undefined);
    return fate;
  }

  private async settle(entry: Entry, answer: T): Promise<void> {
    this.forget(entry.id);
    const asks = this.wire.asks?.(entry, answer) ?? null;
    if (asks !== null) {
      await shelve(entry.id, asks);
      return;
    }
    // The screen shows what the server has and what is on its way: the one must hold it before the other lets go.
    await this.wire.taken(entry, answer, isLastOfLane(entry)).catch(() => undefined);
    await drop(entry.id);
  }

  private forget(id: string): void {
    this.tries.delete(id);
    this.failures.delete(id);
    this.alone.delete(id);
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
