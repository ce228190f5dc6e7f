import { LIVE_JUDGED_BALLS, readLive } from '@loxos/core';
import type { Hand, LiveRead } from '@loxos/core';
import { Injectable, UnauthorizedException } from '@nestjs/common';
import { Mutex } from 'async-mutex';
import { BallsRepository, toBall } from '../balls/balls.repository.ts';
import { BlocksRepository } from '../blocks/blocks.repository.ts';
import { Clock } from '../common/clock.ts';
import type { Scope } from '../common/scope.ts';
import { hashOf, isToken } from '../common/token.ts';
import { Store } from '../db/store.ts';
import type { Handle } from '../db/handle.ts';
import { LessonsRepository } from '../lessons/lessons.repository.ts';
import type { LiveAnswer, LiveFate, LiveMessage, LiveNow } from './bay.dto.ts';
import { BaysRepository } from './bays.repository.ts';
import type { BayRow } from './bays.repository.ts';
import { LiveBalls, answersOf, readSaid } from './live-balls.ts';
import { LiveEvents } from './live-events.ts';
import type { LiveEvent } from './live-events.ts';
import { formedBall, quantitiesOf } from './live.logic.ts';
import type { PutIn } from './live-balls.ts';
import type { SaidBall } from './live.logic.ts';

/** A ball of right form, and what it comes to. */
interface Fresh {
  readonly sequence: number;
  readonly said: SaidBall;
  readonly read: LiveRead;
}

/** Where the balls of a message go. */
interface Into {
  readonly scope: Scope;
  readonly row: BayRow;
  readonly source: string;
  /** Null where they wait in the bay. */
  readonly lessonId: string | null;
  readonly at: string;
}

type Became = Pick<LiveFate, 'fate' | 'reason'> & {
  /** Of a ball that is in the lesson: where, and what listeners hear. */
  readonly put?: PutIn;
  readonly event?: LiveEvent;
};

const scopeOf = ({ academyId }: BayRow): Scope => ({ academyId, userId: null, role: 'bay' });

/** Takes the messages of senders, each ball once, and puts balls into the lesson its bay points at. */
@Injectable()
export class LiveService {
  /** What comes to one bay comes one after the other. */
  private readonly turns = new Map<string, Mutex>();

  constructor(
    private readonly store: Store,
    private readonly bays: BaysRepository,
    private readonly balls: BallsRepository,
    private readonly blocks: BlocksRepository,
    private readonly lessons: LessonsRepository,
    private readonly live: LiveBalls,
    private readonly events: LiveEvents,
    private readonly clock: Clock,
  ) {}

  /** Takes a message; what became of each of its balls, in their order. Throws 401 for a token of no bay. */
  async take(token: string, { source, quantities: said, balls }: LiveMessage): Promise<LiveAnswer> {
    const { id } = await this.bayOf(token);
    const quantities = quantitiesOf(said);
    const formed = await Promise.all(balls.map(formedBall));
    const turn = this.turns.get(id) ?? new Mutex();
    this.turns.set(id, turn);
    return turn.runExclusive(async () => {
      // As it is now: it may have been pointed elsewhere while this message waited.
      const row = await this.bayOf(token);
      this.events.hears(id, this.clock.text());
      const own = formed.flatMap(({ sequence, ball }) =>
        ball === null ? [] : [{ sequence, said: { v: 1 as const, quantities, ball } }],
      );
      const fates = await this.arrive(row, source, own);
      await this.judge(row);
      return {
        fates: formed.map(({ sequence, ball, reason }): LiveFate =>
          ball === null ? { sequence, fate: 'refused', reason } : fates.get(sequence)!,
        ),
        now: await this.now(row),
      };
    });
  }

  private async bayOf(token: string): Promise<BayRow> {
    const row = isToken(token)
      ? await this.store.read((db) => this.bays.findByHash(db, hashOf(token)))
      : null;
    if (row === null)
      throw new UnauthorizedException('This token is of no bay: make a new one in Settings.');
    return row;
  }

  /** Returns what is under way in a bay. */
  private now(row: BayRow): Promise<LiveNow> {
    const scope = scopeOf(row);
    return this.store.read(async (db) => {
      const found = await this.lessonOf(row, db);
      const underWay =
        found === null ? null : await this.blocks.underWay(scope, db, found.lesson.id);
      const block = underWay === null ? null : await this.blocks.find(scope, db, underWay);
      return {
        bay: row.name,
        isOn: row.isOn,
        hand: found?.player.hand ?? null,
        block: block === null ? null : { kind: block.kind, drillId: block.drillId },
      };
    });
  }

  private lessonOf(row: BayRow, db: Handle) {
    const { lessonId } = row;
    return lessonId === null
      ? Promise.resolve(null)
      : this.lessons.find(scopeOf(row), db, lessonId);
  }

  /** Stores what of a message is new, and tells who listens; what became of each, by its number. */
  private async arrive(
    row: BayRow,
    source: string,
    own: readonly Omit<Fresh, 'read'>[],
  ): Promise<ReadonlyMap<number, LiveFate>> {
    // That a sender is there is no reason to write.
    if (own.length === 0) return new Map();
    const scope = scopeOf(row);
    const found = await this.store.read((db) => this.lessonOf(row, db));
    const reads = readSaid(
      own.map(({ said }) => said),
      found?.player.hand ?? 'right',
      row.answers,
    );
    const fresh = own
      .map((one, n): Fresh => ({ ...one, read: reads[n]! }))
      .sort((a, b) => a.sequence - b.sequence);
    const lessonId = row.isOn ? (found?.lesson.id ?? null) : null;
    const into = { scope, row, source, lessonId, at: this.clock.text() };
    const became = await this.store.write((tx) => this.put(tx, into, fresh));
    for (const { event } of became.values()) if (event !== undefined) this.events.came.next(event);
    return new Map(
      [...became].map(([sequence, { fate, reason }]) => [sequence, { sequence, fate, reason }]),
    );
  }

  private async put(tx: Handle, into: Into, fresh: readonly Fresh[]): Promise<Map<number, Became>> {
    const { scope, row, source, lessonId } = into;
    const sequences = fresh.map(({ sequence }) => sequence);
    const known = await this.bays.known(scope, tx, row.id, source, sequences);
    const became = new Map<number, Became>();
    for (const one of fresh) {
      // The first of a number counts, in one message as in two.
      if (became.has(one.sequence)) continue;
      const isKnown = known.has(one.sequence);
      const now: Became = isKnown ? { fate: 'known', reason: '' } : await this.keep(tx, into, one);
      became.set(one.sequence, now);
    }
    const put = [...became.values()].flatMap((one) => one.put ?? []);
    const writer = { id: null, device: row.id, who: row.name };
    if (lessonId !== null) await this.live.noteAll(scope, tx, lessonId, put, row.name, writer);
    return became;
  }

  private async keep(tx: Handle, into: Into, { sequence, said, read }: Fresh): Promise<Became> {
    const { scope, row, source, lessonId, at } = into;
    const kept = {
      ...{ bayId: row.id, source, sequence, lessonId, receivedAt: at },
      said: JSON.stringify(said),
    };
    if (read.outcome === 'refused') {
      const { reason } = read;
      await this.bays.keep(scope, tx, { ...kept, fate: 'refused', reason });
      return { fate: 'refused', reason };
    }
    if (lessonId === null) {
      await this.bays.keep(scope, tx, { ...kept, fate: 'waiting' });
      return { fate: 'waiting', reason: '' };
    }
    const coming = { bayId: row.id, source, sequence, measured: read.ball };
    const put = await this.live.putIn(scope, tx, lessonId, coming, at);
    const { ballId, isLate } = put;
    const event = await this.bays.keep(scope, tx, { ...kept, fate: 'taken', ballId });
    const ball = toBall((await this.balls.find(scope, tx, ballId))!);
    const { academyId } = row;
    return {
      ...{ fate: 'taken', reason: '', put },
      event: { academyId, lessonId, event, ball, isLate },
    };
  }

  /** Holds the first balls of a bay against each other once there are enough, and keeps what they contradict to be asked. */
  private async judge(row: BayRow): Promise<void> {
    if (row.judgedAt !== null) return;
    const scope = scopeOf(row);
    const { first, hand } = await this.store.read(async (db) => ({
      first: await this.bays.firstOf(scope, db, row.id, LIVE_JUDGED_BALLS),
      hand: (await this.lessonOf(row, db))?.player.hand ?? ('right' satisfies Hand),
    }));
    const [one] = first;
    if (one === undefined || first.length < LIVE_JUDGED_BALLS) return;
    const balls = first.map(({ said }) => said.ball);
    const answered = answersOf(row.answers);
    const { questions } = readLive(one.said.quantities, balls, { hand, answered });
    const doubts = questions.length === 0 ? null : JSON.stringify(questions);
    const judged = { judgedAt: this.clock.text(), doubts };
    await this.store.write((tx) => this.bays.update(scope, tx, row.id, judged));
  }
}
