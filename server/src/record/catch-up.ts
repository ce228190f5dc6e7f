import { AsyncLocalStorage } from 'node:async_hooks';
import { Injectable, Logger } from '@nestjs/common';
import type { OnApplicationShutdown } from '@nestjs/common';
import { AccountsRepository } from '../accounts/accounts.repository.ts';
import { Nudge } from '../common/nudge.ts';
import { Store } from '../db/store.ts';
import { RecordService } from './record.service.ts';
import { ReadingsService } from '../readings/readings.service.ts';

/** How long what changed is left alone, since more is likely to change, ms. */
const SETTLE_MS = 1500;
/** How often it is looked whether rules changed or something was missed, ms. */
const LOOK_MS = 5 * 60_000;
/** Between two goes: everybody else first, ms. */
const PAUSE_MS = 50;

/** Brings readings, and the standings made of them, up to date by itself, behind everything else. */
@Injectable()
export class CatchUp implements OnApplicationShutdown {
  private readonly log = new Logger('readings');
  private timer: ReturnType<typeof setTimeout> | null = null;
  private under: Promise<void> = Promise.resolve();
  private hasEnded = true;
  /** What is asked for inside somebody's transaction is not done inside it. */
  private readonly outside = AsyncLocalStorage.snapshot();

  constructor(
    private readonly store: Store,
    private readonly accounts: AccountsRepository,
    private readonly readings: ReadingsService,
    private readonly records: RecordService,
    nudge: Nudge,
  ) {
    nudge.heard(() => {
      // It is looked at when it has settled.
      if (!this.hasEnded) this.lookIn(SETTLE_MS);
    });
  }

  /** From now on. */
  start(): void {
    this.hasEnded = false;
    this.lookIn(0);
  }

  async onApplicationShutdown(): Promise<void> {
    this.hasEnded = true;
    if (this.timer !== null) clearTimeout(this.timer);
    await this.under;
  }

  private lookIn(ms: number): void {
    if (this.timer !== null) clearTimeout(this.timer);
    this.timer = setTimeout(() => {
      this.timer = null;
      this.under = this.outside(() => this.under.then(() => this.go()));
    }, ms);
    this.timer.unref();
  }

  /** Reads what is out of date, a little at a time, until nothing is. */
  private async go(): Promise<void> {
    try {
      const academy = await this.store.read((db) => this.accounts.first(db));
      if (academy === null) return;
      const scope = { academyId: academy.id, userId: null, role: 'coach' } as const;
      // A standing is made of readings.
      for (const part of [this.readings, this.records])
        while (!this.hasEnded && (await part.catchUp(scope)) > 0)
          await new Promise((resolve) => setTimeout(resolve, PAUSE_MS));
    } catch (error) {
      // A server that ends takes the thread and the store away: it catches up when it is started again.
      if (!this.hasEnded) this.log.error(`readings are not up to date: ${String(error)}`);
    } finally {
      // What was heard of meanwhile is looked at sooner.
      if (!this.hasEnded && this.timer === null) this.lookIn(LOOK_MS);
    }
  }
}
