// A launch monitor that posts the balls of a simulated player to a bay.
import { seededRandom } from '@loxos/core';
import type { Hand, Random } from '@loxos/core';
import { FaultyLine } from './faults.ts';
import type { Faults, Sending } from './faults.ts';
import { messageOf, sentBall } from './message.ts';
import { SimulatedPlayer } from './player.ts';
import type { Pattern } from './player.ts';

/** What is under way in the bay, as the server answers. */
export interface Now {
  readonly isOn: boolean;
  readonly hand: Hand | null;
  readonly block: { readonly kind: string; readonly drillId: string | null } | null;
}

export interface Fate {
  readonly sequence: number | null;
  readonly fate: string;
  readonly reason: string;
}

interface Answer {
  readonly fates: readonly Fate[];
  readonly now: Now;
}

export interface MonitorOptions {
  /** Where it posts. */
  readonly address: string;
  readonly token: string;
  readonly pattern: Pattern;
  readonly seed: number;
  /** When it began: its numbers begin anew with it, and what it sent before is not what it sends now. */
  readonly begun: string;
  readonly faults: Faults;
  /** Called with each ball that was truly hit, and with what became of what was sent of it. */
  readonly log: (line: object) => void;
}

/** Posts what happens in its bay. It hits only while the bay listens and a lesson is under way there. */
export class LaunchMonitor {
  private readonly player: SimulatedPlayer;
  private readonly line: FaultyLine;
  private readonly random: Random;
  private starts = 0;
  private sequence = 0;

  constructor(private readonly options: MonitorOptions) {
    this.random = seededRandom(options.seed + 1);
    this.player = new SimulatedPlayer(options.pattern, options.seed);
    this.line = new FaultyLine(options.faults, this.random);
  }

  private get source(): string {
    const { seed, begun } = this.options;
    return `simulated ${seed}, begun ${begun}, start ${this.starts}`;
  }

  /** Says that it is there; what is under way. */
  async look(): Promise<Now> {
    return (await this.post(this.source, [])).now;
  }

  /** Hits a ball and sends what is to be sent; what is under way since. */
  async hit(hand: Hand, drillId: string | null): Promise<Now | null> {
    if (this.line.restarts()) {
      this.starts++;
      this.sequence = 0;
    }
    const at = new Date(Date.now() + this.options.faults.clockMs);
    const ball = sentBall(++this.sequence, at, this.player.hit({ hand, drillId }));
    this.options.log({ hit: ball, source: this.source });
    return this.sendAll(this.line.after(this.source, ball));
  }

  /** Sends what is still held back. */
  finish(): Promise<Now | null> {
    return this.sendAll(this.line.rest());
  }

  private async sendAll(all: readonly Sending[]): Promise<Now | null> {
    let now: Now | null = null;
    for (const { source, ball, isAnswerLost } of all) {
      const answer = await this.post(source, [ball]);
      this.options.log({ source, isAnswerLost, became: answer.fates });
      if (!isAnswerLost) now = answer.now;
    }
    return now;
  }

  private async post(source: string, balls: readonly unknown[]): Promise<Answer> {
    const answer = await fetch(this.options.address, {
      method: 'POST',
      headers: {
        'content-type': 'application/json',
        authorization: `Bearer ${this.options.token}`,
      },
      body: JSON.stringify(messageOf(source, balls)),
    });
    if (!answer.ok) throw new Error(`${answer.status}: ${await answer.text()}`);
    return (await answer.json()) as Answer;
  }
}
