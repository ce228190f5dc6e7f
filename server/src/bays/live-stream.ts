import { Injectable } from '@nestjs/common';
import type { MessageEvent, OnApplicationShutdown } from '@nestjs/common';
import { Observable, Subject, filter, interval, map, merge, takeUntil, timer } from 'rxjs';
import { toBall } from '../balls/balls.repository.ts';
import type { Scope } from '../common/scope.ts';
import { Store } from '../db/store.ts';
import { LessonsRepository } from '../lessons/lessons.repository.ts';
import { BaysRepository } from './bays.repository.ts';
import { LiveEvents } from './live-events.ts';
import type { LiveEvent } from './live-events.ts';

/** That the line is open is said so often, ms: what stands between may close a silent one. */
const PING_MS = 15_000;
/** A line is ended after so long, ms, and taken up again by itself: who was signed out is not let in then. */
const LINE_MS = 300_000;
/** The most balls that are told again to who was away; who missed more asks for all. */
const MOST_REPLAYED = 500;

const messageOf = ({ event, ball, isLate }: Pick<LiveEvent, 'event' | 'ball' | 'isLate'>) => ({
  id: String(event),
  type: 'ball',
  data: { ball, isLate },
});

/** Tells whoever has a lesson open what comes into it. */
@Injectable()
export class LiveStream implements OnApplicationShutdown {
  private readonly ended = new Subject<void>();

  constructor(
    private readonly store: Store,
    private readonly bays: BaysRepository,
    private readonly lessons: LessonsRepository,
    private readonly events: LiveEvents,
  ) {}

  onApplicationShutdown(): void {
    this.ended.next();
  }

  /** Returns what comes into a lesson from now on, and first what came after the last event that was heard. */
  async of(scope: Scope, lessonId: string, last: string | null): Promise<Observable<MessageEvent>> {
    await this.store.read((db) => this.lessons.require(scope, db, lessonId));
    const after = last !== null && /^\d{1,15}$/.test(last) ? Number(last) : null;
    const coming = this.events.came.pipe(
      filter((one) => one.academyId === scope.academyId && one.lessonId === lessonId),
    );
    const own = new Observable<MessageEvent>((listener) => {
      let heard = after ?? 0;
      const held: LiveEvent[] = [];
      let isCaughtUp = false;
      const tell = (event: LiveEvent): void => {
        if (event.event <= heard) return;
        heard = event.event;
        listener.next(messageOf(event));
      };
      const line = coming.subscribe((event) => (isCaughtUp ? tell(event) : held.push(event)));
      // What comes meanwhile is held until what was missed is told.
      void this.missed(scope, lessonId, after).then(
        (missed) => {
          for (const event of [...missed, ...held]) tell(event);
          isCaughtUp = true;
        },
        (error: unknown) => listener.error(error),
      );
      return line;
    });
    const open: MessageEvent = { type: 'open', data: '', retry: 1000 };
    const pings = timer(0, PING_MS).pipe(
      map((n): MessageEvent => (n === 0 ? open : { type: 'ping', data: '' })),
    );
    return merge(own, pings).pipe(takeUntil(merge(interval(LINE_MS), this.ended)));
  }

  private async missed(scope: Scope, lessonId: string, after: number | null): Promise<LiveEvent[]> {
    if (after === null) return [];
    const rows = await this.store.read((db) =>
      this.bays.after(scope, db, lessonId, after, MOST_REPLAYED),
    );
    return rows
      .filter(({ ball }) => ball.deletedAt === null)
      .map(({ event, ball }) => ({
        ...{ academyId: scope.academyId, lessonId, event },
        ball: toBall(ball),
        // Where any were missed, where they stand may have been missed too.
        isLate: true,
      }));
  }
}
