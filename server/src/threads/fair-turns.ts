/** Whose work it is. */
export interface Who {
  readonly academyId: string;
  /** Null for a player at their own page. */
  readonly userId: string | null;
}

interface Waiting {
  readonly who: Who;
  readonly begin: () => void;
}

/**
 * Lets so many pieces of work run at once, in fair turns: one at a time of each person, first those of the academy that has
 * fewest under way, then those that wait longest.
 */
export class FairTurns {
  private readonly running: Who[] = [];
  private readonly waiting: Waiting[] = [];

  constructor(private readonly places: number) {}

  /** Does the work once it has its turn; `signal` ends the waiting, and its reason is thrown. */
  async run<T>(who: Who, work: () => Promise<T>, signal?: AbortSignal): Promise<T> {
    await this.turn(who, signal);
    try {
      return await work();
    } finally {
      this.running.splice(this.running.indexOf(who), 1);
      this.next();
    }
  }

  private turn(who: Who, signal?: AbortSignal): Promise<void> {
    return new Promise((resolve, reject) => {
      signal?.throwIfAborted();
      const waiting: Waiting = {
        who,
        begin: () => {
          signal?.removeEventListener('abort', leave);
          this.running.push(who);
          resolve();
        },
      };
      const leave = (): void => {
        this.waiting.splice(this.waiting.indexOf(waiting), 1);
        reject(signal!.reason as Error);
      };
      signal?.addEventListener('abort', leave, { once: true });
      this.waiting.push(waiting);
      this.next();
    });
  }

  /** Begins what may begin. */
  private next(): void {
    while (this.running.length < this.places) {
      const able = this.waiting.filter(({ who }) => !this.running.some(isSame(who)));
      const [first] = able.sort((a, b) => this.underWay(a.who) - this.underWay(b.who));
      if (first === undefined) return;
      this.waiting.splice(this.waiting.indexOf(first), 1);
      first.begin();
    }
  }

  private underWay({ academyId }: Who): number {
    return this.running.filter((one) => one.academyId === academyId).length;
  }
}

const isSame =
  (a: Who) =>
  (b: Who): boolean =>
    a.academyId === b.academyId && a.userId === b.userId;
