import { randomUUID } from 'node:crypto';
import { readLive } from '@loxos/core';
import type { Hand, LiveRead, MeasuredBall } from '@loxos/core';
import { Injectable } from '@nestjs/common';
import { v7 as orderedId } from 'uuid';
import { BallsRepository } from '../balls/balls.repository.ts';
import { BlocksRepository } from '../blocks/blocks.repository.ts';
import type { Scope } from '../common/scope.ts';
import type { Handle } from '../db/handle.ts';
import type { Writer } from '../history/history.service.ts';
import { HistoryService } from '../history/history.service.ts';
import type { IntakeAnswers } from '../intake/intake.dto.ts';
import { BaysRepository } from './bays.repository.ts';
import { isBefore, placeOf } from './live.logic.ts';
import type { SaidBall } from './live.logic.ts';

/** A ball on its way into a lesson. */
export interface Coming {
  readonly bayId: string;
  readonly source: string;
  readonly sequence: number;
  readonly measured: MeasuredBall;
}

/** Returns what was answered of a bay’s figures. */
export const answersOf = (json: string | null): IntakeAnswers =>
  json === null ? {} : (JSON.parse(json) as IntakeAnswers);

/** Returns what balls come to, each by what its own message said of its figures. */
export const readSaid = (
  all: readonly SaidBall[],
  hand: Hand,
  answers: string | null,
): LiveRead[] => {
  const answered = answersOf(answers);
  return all.map(({ quantities, ball }) => {
    const { balls } = readLive(quantities, [ball], { hand, answered });
    return balls[0]!;
  });
};

/** A ball that was put into its lesson. */
export interface PutIn {
  readonly ballId: string;
  readonly ordinal: number;
  /** Whether others moved on for it. */
  readonly isLate: boolean;
}

/** Puts balls of a bay into a lesson, in the order they were hit. */
@Injectable()
export class LiveBalls {
  constructor(
    private readonly balls: BallsRepository,
    private readonly blocks: BlocksRepository,
    private readonly bays: BaysRepository,
    private readonly history: HistoryService,
  ) {}

  /** Writes down that balls of a bay came into a lesson, as one change: put back, the balls are taken out. */
  async noteAll(
    scope: Scope,
    tx: Handle,
    lessonId: string,
    balls: readonly PutIn[],
    bayName: string,
    writer: Writer,
  ): Promise<void> {
    const [first, ...rest] = balls;
    if (first === undefined) return;
    const what = rest.length === 0 ? `ball ${first.ordinal}` : `${balls.length} balls`;
    const noted = balls.map(({ ballId: id }) => ({
      ...{ thing: 'ball' as const, id, version: 0, lessonId },
      ...{ before: { deleted: true }, after: { deleted: false } },
    }));
    // Named, so that all of them are one change.
    const named = { ...writer, id: writer.id ?? randomUUID() };
    await this.history.note(scope, tx, noted, `${what} from ${bayName}`, named);
  }

  /** Puts a ball in its place: the id of what it is now, and whether others moved on for it. */
  async putIn(
    scope: Scope,
    tx: Handle,
    lessonId: string,
    { bayId, source, sequence, measured: own }: Coming,
    at: string,
  ): Promise<PutIn> {
    const when = { source, sequence, hitAt: own.hitAt };
    const [last] = await this.bays.placed(scope, tx, lessonId, bayId, 1);
    const isLate = last !== undefined && isBefore(when, last);
    const there = isLate ? await this.bays.placed(scope, tx, lessonId, bayId) : [];
    const next = await this.balls.nextOrdinal(scope, tx, lessonId);
    const place = placeOf(when, there, next);
    for (const { ballId, ordinal } of place.moves)
      await this.balls.update(scope, tx, { id: ballId, lessonId }, { ordinal });
    const ballId = orderedId();
    await this.balls.insert(scope, tx, {
      ...own,
      // Who does not say the club goes on with the one before.
      club:
        own.club ?? (own.clubText === null ? await this.balls.lastClub(scope, tx, lessonId) : null),
      id: ballId,
      lessonId,
      ordinal: place.ordinal,
      blockId:
        place.blockId === undefined
          ? await this.blocks.underWay(scope, tx, lessonId)
          : place.blockId,
      keep: 'auto',
      seen: 'monitor',
      createdAt: at,
      updatedAt: at,
    });
    return { ballId, ordinal: place.ordinal, isLate };
  }
}
