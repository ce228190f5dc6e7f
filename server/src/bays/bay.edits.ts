import type { Fields } from '@loxos/core';
import { Injectable } from '@nestjs/common';
import { BallsRepository } from '../balls/balls.repository.ts';
import { figuresOf } from '../balls/measured.ts';
import { Edits } from '../history/edits.ts';
import type { Checking, Found, Making, Saving } from '../history/edits.ts';
import { columnsOf } from '../history/columns.ts';
import type { Scope } from '../common/scope.ts';
import type { Handle } from '../db/handle.ts';
import { LessonsRepository } from '../lessons/lessons.repository.ts';
import { CreateBay, UpdateBay } from './bay.dto.ts';
import { BaysRepository } from './bays.repository.ts';
import type { BayRow } from './bays.repository.ts';
import { answersOf, readSaid } from './live-balls.ts';

interface FoundBay extends Found {
  readonly row: BayRow;
}

/** Bays made, named, pointed at lessons, held, told what their figures are, and taken away. */
@Injectable()
export class BayEdits extends Edits<FoundBay, CreateBay> {
  readonly thing = 'bay';
  override readonly fieldsOf = { add: CreateBay, set: UpdateBay };

  constructor(
    private readonly bays: BaysRepository,
    private readonly balls: BallsRepository,
    private readonly lessons: LessonsRepository,
  ) {
    super();
  }

  async find(scope: Scope, db: Handle, id: string): Promise<FoundBay | null> {
    const row = await this.bays.find(scope, db, id);
    if (row === null) return null;
    const { name, lessonId, isOn, version, deletedAt } = row;
    const answers = row.answers === null ? null : answersOf(row.answers);
    const fields = { name, lessonId, isOn, answers, deleted: deletedAt !== null };
    return { id, of: '', label: name, fields, version, row };
  }

  override async make(
    scope: Scope,
    tx: Handle,
    { id, fields: { name }, at }: Making<CreateBay>,
  ): Promise<void> {
    await this.bays.insert(scope, tx, { id, name, createdAt: at, updatedAt: at });
  }

  override async check({ scope, tx, fields }: Checking<FoundBay>): Promise<Fields> {
    const { lessonId } = fields;
    if (typeof lessonId === 'string') await this.lessons.require(scope, tx, lessonId);
    return fields;
  }

  override did(_scope: Scope, _tx: Handle, fields: Fields): Promise<string | undefined> {
    const { lessonId, isOn, answers } = fields;
    const what =
      answers !== undefined
        ? 'told what its figures are'
        : lessonId !== undefined
          ? lessonId === null
            ? 'pointed at no lesson'
            : 'pointed at a lesson'
          : isOn === undefined
            ? undefined
            : isOn === true
              ? 'listens'
              : 'held';
    return Promise.resolve(what);
  }

  async save(scope: Scope, tx: Handle, { id, row }: FoundBay, saving: Saving): Promise<void> {
    const { fields, version, at } = saving;
    const { answers, ...others } = columnsOf(fields, at);
    const isAnswered = answers !== undefined;
    const json = isAnswered && answers !== null ? JSON.stringify(answers) : null;
    await this.bays.update(scope, tx, id, {
      ...others,
      ...(isAnswered && { answers: json, doubts: null }),
      // Taken back, it is asked again with the next ball.
      ...(isAnswered && json === null && { judgedAt: null }),
      // Whoever holds the token of a bay that is no more sends to nobody.
      ...(fields['deleted'] === true && { tokenHash: null, tokenAt: null, lessonId: null }),
      version,
      updatedAt: at,
    });
    if (isAnswered) await this.rereadAll(scope, tx, row, json, at);
  }

  /** Reads the balls of a bay that are in lessons by what is said of its figures now. What was changed by hand since stays. */
  private async rereadAll(
    scope: Scope,
    tx: Handle,
    { id, answers: before }: BayRow,
    after: string | null,
    at: string,
  ): Promise<void> {
    for (const { said, ballId } of await this.bays.inLessons(scope, tx, id)) {
      const ball = await this.balls.find(scope, tx, ballId!);
      const found = ball === null ? null : await this.lessons.find(scope, tx, ball.lessonId);
      if (ball === null || found === null) continue;
      const { hand } = found.player;
      const [was, now] = [before, after].map((json) => readSaid([said], hand, json)[0]!);
      if (was?.outcome !== 'ball' || now?.outcome !== 'ball') continue;
      const lines = { was: figuresOf(was.ball), figures: figuresOf(now.ball) };
      const reread = { id: ball.id, print: ball.fingerprint ?? '', ...lines };
      await this.balls.reread(scope, tx, ball.lessonId, [reread], at);
    }
  }

  /** A bay is read with what waits in it; whoever changed it asks for that. */
  read(): Promise<null> {
    return Promise.resolve(null);
  }
}
