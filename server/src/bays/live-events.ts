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

/** Who listens hears here what was stored. */
@Injectable()
export class LiveEvents {
  readonly came = new Subject<LiveEvent>();
  /** When each bay's sender was last heard, an instant. */
  private readonly heard = new Map<string, string>();

  hears(bayId: string, at: string): void {
    this.heard.set(bayId, at);
  }

  heardAt(bayId: string): string | null {
    return this.heard.get(bayId) ?? null;
  }
}
