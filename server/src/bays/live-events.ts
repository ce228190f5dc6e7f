import { Injectable } from '@nestjs/common';
import { Subject } from 'rxjs';
import type { Ball } from '../balls/ball.dto.ts';

/** A ball that has come into a lesson. */
export interface LiveEvent {
  readonly academyId: string;
  readonly lessonId: string;
  /** Its place in the stream: higher than all before. */
  readonly event: number;
  readonly ball: Ball;
  /** Whether balls that came before it were hit after it: they have moved on. */
  readonly isLate: boolean;
}

/** A sender that was heard within so long, ms, is there. */
const THERE_MS = 15_000;

/** Who listens hears here what was stored. */
@Injectable()
export class LiveEvents {
  readonly came = new Subject<LiveEvent>();
  /** When each bay's sender was last heard, an instant. */
  private readonly heard = new Map<string, string>();

  hears(bayId: string, at: string): void {
    this.heard.set(bayId, at);
  }

  /** Returns when a bay's sender was last heard, and whether that is so near to an instant that it is there. */
  heardOf(bayId: string, at: Date): { readonly heardAt: string | null; readonly isHeard: boolean } {
    const heardAt = this.heard.get(bayId) ?? null;
    return { heardAt, isHeard: heardAt !== null && at.getTime() - Date.parse(heardAt) < THERE_MS };
  }
}
