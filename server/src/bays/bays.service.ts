import { Injectable, NotFoundException } from '@nestjs/common';
import { BallsRepository, toBall } from '../balls/balls.repository.ts';
import { Clock } from '../common/clock.ts';
import type { Scope } from '../common/scope.ts';
import { hashOf, newToken } from '../common/token.ts';
import { Store } from '../db/store.ts';
import type { Handle } from '../db/handle.ts';
import type { Writer } from '../history/history.service.ts';
import { LessonsRepository } from '../lessons/lessons.repository.ts';
import type { Bay, BayQuestion, BayToken, GivenWaiting } from './bay.dto.ts';
import { BaysRepository } from './bays.repository.ts';
import type { BayRow } from './bays.repository.ts';
import { LiveBalls, readSaid } from './live-balls.ts';
import type { PutIn } from './live-balls.ts';
import { LiveEvents } from './live-events.ts';
import type { LiveEvent } from './live-events.ts';

const NO_BAY = 'There is no such bay in this academy.';

/** Bays as screens read them, their tokens, and what waits in them. */
@Injectable()
export class BaysService {
  constructor(
    private readonly store: Store,
    private readonly bays: BaysRepository,
    private readonly balls: BallsRepository,
    private readonly lessons: LessonsRepository,
    private readonly live: LiveBalls,
    private readonly events: LiveEvents,
    private readonly clock: Clock,
  ) {}

  list(scope: Scope): Promise<Bay[]> {
    return this.store.read(async (db) => {
      const waiting = await this.bays.waiting(scope, db);
      const rows = await this.bays.list(scope, db);
      return Promise.all(
        rows.map(async (row): Promise<Bay> => {
          const { id, name, lessonId, isOn, tokenAt, doubts, version } = row;
          const found = lessonId === null ? null : await this.lessons.find(scope, db, lessonId);
          return {
            ...{ id, name, isOn, tokenAt, version },
            lessonId: found?.lesson.id ?? null,
            playerName: found?.player.name ?? null,
            ...this.events.heardOf(id, this.clock.now()),
            waiting: waiting.get(id) ?? 0,
            doubts: doubts === null ? [] : (JSON.parse(doubts) as BayQuestion[]),
          };
        }),
      );
    });
  }

  /** Makes a bay's token; the one before is ended. */
  async makeToken(scope: Scope, id: string): Promise<BayToken> {
    const token = newToken();
    await this.setToken(scope, id, { tokenHash: hashOf(token), tokenAt: this.clock.text() });
    return { token, path: '/api/live' };
  }

  endToken(scope: Scope, id: string): Promise<void> {
    return this.setToken(scope, id, { tokenHash: null, tokenAt: null });
  }

  private setToken(
    scope: Scope,
    id: string,
    changes: Pick<BayRow, 'tokenHash' | 'tokenAt'>,
  ): Promise<void> {
    return this.store.write(async (tx) => {
      await this.require(scope, tx, id);
      await this.bays.update(scope, tx, id, changes);
    });
  }

  /** Gives what waits in a bay to a lesson, or throws it away. */
  async giveWaiting(
    scope: Scope,
    id: string,
    lessonId: string | null,
    writer: Writer,
  ): Promise<GivenWaiting> {
    const events: LiveEvent[] = [];
    const put: PutIn[] = [];
    const given = await this.store.write(async (tx) => {
      const row = await this.require(scope, tx, id);
      const waiting = await this.bays.waitingIn(scope, tx, id);
      if (lessonId === null) {
        for (const ball of waiting) await this.bays.settle(scope, tx, ball.id, { fate: 'dropped' });
        return { taken: 0, left: waiting.length };
      }
      const { player } = await this.lessons.require(scope, tx, lessonId);
      const at = this.clock.text();
      const said = waiting.map((ball) => ball.said);
      const reads = readSaid(said, player.hand, row.answers);
      for (const [n, one] of waiting.entries()) {
        const read = reads[n]!;
        if (read.outcome === 'refused') {
          const { reason } = read;
          await this.bays.settle(scope, tx, one.id, { fate: 'refused', reason, lessonId });
          continue;
        }
        const { source, sequence } = one;
        const coming = { bayId: id, source, sequence, measured: read.ball };
        const own = await this.live.putIn(scope, tx, lessonId, coming, at);
        put.push(own);
        const { ballId, isLate } = own;
        const event = await this.bays.comesNow(scope, tx, one.id, { lessonId, ballId });
        const ball = toBall((await this.balls.find(scope, tx, ballId))!);
        events.push({ academyId: scope.academyId, lessonId, event, ball, isLate });
      }
      await this.live.noteAll(scope, tx, lessonId, put, row.name, writer);
      return { taken: put.length, left: waiting.length - put.length };
    });
    for (const event of events) this.events.came.next(event);
    return given;
  }

  private async require(scope: Scope, db: Handle, id: string): Promise<BayRow> {
    const row = await this.bays.find(scope, db, id);
    if (row === null || row.deletedAt !== null) throw new NotFoundException(NO_BAY);
    return row;
  }
}
