import { Injectable } from '@nestjs/common';
import { Clock } from '../../common/clock.ts';

/** How long a question to a device waits for its answer, ms. */
const LASTS_MS = 5 * 60_000;
/** Questions open at once: beyond it the oldest are forgotten. */
const MOST = 10_000;

interface Asked {
  readonly until: number;
  /** Whose passkey is made; null for signing in. */
  readonly userId: string | null;
}

/** What devices were asked to sign, each answered once. */
@Injectable()
export class Challenges {
  private readonly open = new Map<string, Asked>();

  constructor(private readonly clock: Clock) {}

  ask(challenge: string, userId: string | null): void {
    this.open.set(challenge, { until: this.clock.now().getTime() + LASTS_MS, userId });
    if (this.open.size > MOST) this.open.delete(this.open.keys().next().value!);
  }

  /** Returns whether this was asked, of them, lately, and not answered yet; from now on it is. */
  answer(challenge: string, userId: string | null): boolean {
    const asked = this.open.get(challenge);
    this.open.delete(challenge);
    if (asked?.userId !== userId) return false;
    // Left for longer than it waits: the clock has been set back since.
    const left = asked.until - this.clock.now().getTime();
    return left > 0 && left <= LASTS_MS;
  }
}
