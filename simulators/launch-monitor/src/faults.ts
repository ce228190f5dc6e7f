// What goes wrong between a monitor and a server, made on purpose, by a seed.
import type { Random } from '@loxos/core';
import type { SentBall } from './message.ts';

/** How many balls of a hundred meet each. */
export interface Faults {
  /** Held back, and sent after those that follow. */
  readonly late: number;
  /** Sent twice. */
  readonly twice: number;
  /** Lost on the way, and sent again later. */
  readonly lost: number;
  /** Sent broken, then whole. */
  readonly broken: number;
  /** The monitor starts anew: its numbers begin again under another source. */
  readonly restart: number;
  /** How far its clock is off, ms. */
  readonly clockMs: number;
}

export const NO_FAULTS: Faults = { late: 0, twice: 0, lost: 0, broken: 0, restart: 0, clockMs: 0 };
export const MANY_FAULTS: Faults = {
  late: 6,
  twice: 8,
  lost: 5,
  broken: 4,
  restart: 1,
  clockMs: -90_000,
};

/** Something that goes to the server in one message. */
export interface Sending {
  readonly source: string;
  readonly ball: unknown;
  /** Whether its answer never comes back: it is sent again. */
  readonly isAnswerLost: boolean;
}

/** The most balls that are held back at once. */
const MOST_HELD = 4;

/** Turns balls as they are hit into what is sent of them. */
export class FaultyLine {
  private readonly held: { source: string; ball: SentBall; after: number }[] = [];

  constructor(
    private readonly faults: Faults,
    private readonly random: Random,
  ) {}

  private has(of100: number): boolean {
    return this.random() * 100 < of100;
  }

  /** Says whether the monitor starts anew before its next ball. */
  restarts(): boolean {
    return this.has(this.faults.restart);
  }

  /** Returns what is sent when a ball was hit. */
  after(source: string, ball: SentBall): Sending[] {
    const plain = { source, isAnswerLost: false };
    const due = this.due();
    if (this.has(this.faults.late) && this.held.length < MOST_HELD) {
      this.held.push({ source, ball, after: 1 + Math.floor(3 * this.random()) });
      return due;
    }
    const sent: Sending[] = [];
    if (this.has(this.faults.broken))
      sent.push({ ...plain, ball: { ...ball, sequence: -1, figures: { carry: 'far' } } });
    const isAnswerLost = this.has(this.faults.lost);
    sent.push({ ...plain, ball, isAnswerLost });
    if (isAnswerLost || this.has(this.faults.twice)) sent.push({ ...plain, ball });
    return [...sent, ...due];
  }

  /** Returns what is still held back, and holds it no more. */
  rest(): Sending[] {
    return this.held.splice(0).map(({ source, ball }) => ({ source, ball, isAnswerLost: false }));
  }

  private due(): Sending[] {
    for (const one of this.held) one.after--;
    const due = this.held.filter(({ after }) => after <= 0);
    for (const one of due) this.held.splice(this.held.indexOf(one), 1);
    return due.map(({ source, ball }) => ({ source, ball, isAnswerLost: false }));
  }
}
