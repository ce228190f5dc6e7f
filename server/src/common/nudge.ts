import { Injectable } from '@nestjs/common';

/** Told of by whoever changes what others compute from; they look at it when it has settled. */
@Injectable()
export class Nudge {
  private readonly listeners: (() => void)[] = [];

  /** From now on whoever listens is told. */
  heard(listener: () => void): void {
    this.listeners.push(listener);
  }

  /** Something changed. */
  now(): void {
    for (const listener of this.listeners) listener();
  }
}
