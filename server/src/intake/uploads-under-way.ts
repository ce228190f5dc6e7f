import { Injectable } from '@nestjs/common';
import type { Scope } from '../common/scope.ts';
import type { Writer } from '../history/history.service.ts';

/** A file that was told to stop before any of it showed. */
export class Stopped extends Error {}

/** How far a file on its way into a lesson has come. */
export class UploadUnderWay {
  stage: 'reading' | 'storing' = 'reading';
  /** Share of its balls that are stored, from 0 to 1. */
  share = 0;
  /** Whether it can still be stopped: until something of it shows. */
  canStop = true;
  private readonly stopped = new AbortController();

  /** Ends work that is done in a thread. */
  readonly signal = this.stopped.signal;

  stop(): void {
    if (this.canStop) this.stopped.abort(new Stopped());
  }

  /** Throws where it was told to stop, and can. */
  goOn(): void {
    if (this.canStop) this.signal.throwIfAborted();
  }
}

/** Files on their way, by the change that brings each. */
@Injectable()
export class UploadsUnderWay {
  private readonly all = new Map<string, UploadUnderWay>();

  /** Does something on a way of its own; a change without a name has one nobody else sees. */
  async on<T>(
    scope: Scope,
    { id }: Writer,
    work: (underWay: UploadUnderWay) => Promise<T>,
  ): Promise<T> {
    const underWay = new UploadUnderWay();
    if (id === null) return work(underWay);
    const key = keyOf(scope, id);
    this.all.set(key, underWay);
    try {
      return await work(underWay);
    } finally {
      if (this.all.get(key) === underWay) this.all.delete(key);
    }
  }

  find(scope: Scope, changeId: string): UploadUnderWay | null {
    return this.all.get(keyOf(scope, changeId)) ?? null;
  }
}

const keyOf = ({ academyId }: Scope, changeId: string): string => `${academyId} ${changeId}`;
