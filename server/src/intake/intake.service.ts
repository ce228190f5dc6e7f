import { createHash, randomUUID } from 'node:crypto';
import { tooMuch } from '@loxos/core';
import type { ColumnMapping, Hand, IntakeOptions } from '@loxos/core';
import { BadRequestException, Injectable, NotFoundException } from '@nestjs/common';
import { Clock } from '../common/clock.ts';
import { Store } from '../db/store.ts';
import type { Handle } from '../db/handle.ts';
import type { Change } from '../history/change.ts';
import { HistoryService } from '../history/history.service.ts';
import { LessonsRepository } from '../lessons/lessons.repository.ts';
import { Pool } from '../threads/pool.ts';
import { TASKS } from '../threads/tasks.ts';
import { ArrivalsService } from './arrivals.service.ts';
import type { ReadFile, Upload } from './arrivals.service.ts';
import { decodeText, looksBinary } from './decode.ts';
import { FilesRepository, toLaunchFile } from './files.repository.ts';
import type { FileRow, FileTold } from './files.repository.ts';
import { resultMessage, rowPage, sourceKey } from './intake.logic.ts';
import type { IntakeAnswers, IntakeResult, LaunchFile, Row, RowPage } from './intake.dto.ts';
import type { Scope } from '../common/scope.ts';

/** What is said with a file. */
export interface Said {
  readonly answers: IntakeAnswers;
  /** Whether what was answered for this source before is to be asked anew. */
  readonly isAskedAgain: boolean;
}

/** A file of more characters takes long enough to read that others would wait. */
const LONG_TEXT = 100_000;

const NOT_TEXT =
  'This is not a text file. Export the session as CSV (comma, semicolon or tab separated) and drop that.';

function textOf({ bytes }: Upload): string {
  if (bytes.length === 0) throw new BadRequestException('The file is empty.');
  if (looksBinary(bytes)) throw new BadRequestException(NOT_TEXT);
  const text = decodeText(bytes);
  const trouble = tooMuch(text);
  if (trouble !== null) throw new BadRequestException(trouble);
  return text;
}

function optionsFrom(answers: IntakeAnswers, hand: Hand): IntakeOptions {
  const columns = (answers.columns ?? []).map(
    ({ header, meaning, unit }): [string, ColumnMapping] => [
      header,
      { meaning, unit: unit ?? null },
    ],
  );
  const mapping = Object.fromEntries(columns);
  const { signs, decimal } = answers;
  return { hand, mapping, ...(signs && { signs }), ...(decimal && { decimal }) };
}

@Injectable()
export class IntakeService {
  constructor(
    private readonly store: Store,
    private readonly lessons: LessonsRepository,
    private readonly files: FilesRepository,
    private readonly arrivals: ArrivalsService,
    private readonly pool: Pool,
    private readonly history: HistoryService,
    private readonly clock: Clock,
  ) {}

  /** Adds the balls of a file to a lesson; asks first where the file leaves something open. */
  bringIn(
    scope: Scope,
    lessonId: string,
    upload: Upload,
    said: Said,
    change: Change,
  ): Promise<IntakeResult> {
    const work = () => this.bringInAlone(scope, lessonId, upload, said, change);
    return this.arrivals.inTurn(lessonId, work);
  }

  private async bringInAlone(
    scope: Scope,
    lessonId: string,
    upload: Upload,
    { answers: given, isAskedAgain }: Said,
    change: Change,
  ): Promise<IntakeResult> {
    const text = textOf(upload);
    const sha256 = createHash('sha256').update(upload.bytes).digest('hex');
    const key = sourceKey(text);
    const { hand, kept, before, isTaken } = await this.store.read(async (db) => ({
      hand: (await this.lessons.require(scope, db, lessonId)).player.hand,
      kept: JSON.parse((await this.files.answersFor(scope, db, key)) ?? '{}') as IntakeAnswers,
      before: await this.files.findByHash(scope, db, lessonId, sha256),
      isTaken: await this.history.isTaken(scope, db, change),
    }));
    if (before !== null && isTaken) return added(toLaunchFile(before), rowsOf(before), []);
    const isAnswered = Object.keys(given).length > 0;
    if (before?.deletedAt === null && !isAnswered && !isAskedAgain) return alreadyHere(before);
    const answers = isAskedAgain ? given : { ...kept, ...given };
    const parsed = await this.readFile(text, optionsFrom(answers, hand));
    const { columns, questions } = parsed;
    // A blank row says nothing: a file of line ends alone would make an answer many times its size.
    const rows: Row[] = parsed.rows
      .filter(({ fate }) => fate !== 'blank')
      .map(({ line, fate, reason, problems }) => ({ line, fate, reason, problems }));
    if (questions.length > 0) {
      const message = 'Nothing is added yet: the file leaves something open.';
      const page = rowPage(rows);
      return { outcome: 'questions', message, file: null, rows: page, columns, questions };
    }
    if (isAnswered) await this.store.write((tx) => this.keepAnswers(scope, tx, key, answers));
    const made = await this.arrivals.bringIn(
      scope,
      { lessonId, upload, sha256, sourceKey: key, parsed, rows },
      change,
    );
    return added(made.file, made.rows, columns);
  }

  /** Reads a file; one of many rows in a thread of its own. */
  private async readFile(text: string, options: IntakeOptions): Promise<ReadFile> {
    const asked = { text, options };
    return text.length > LONG_TEXT ? this.pool.run('readFile', asked) : TASKS.readFile(asked);
  }

  /** Takes a file's balls back out of the lesson; dropping it again brings them back. */
  takeBack(scope: Scope, id: string, change: Change): Promise<void> {
    return this.mark(scope, id, true, change);
  }

  /** Takes a file back out of its lesson with its balls, or brings both in again. */
  async mark(scope: Scope, id: string, deleted: boolean, change: Change): Promise<void> {
    await this.store.write(async (tx) => {
      const { lessonId, name, deletedAt } = await this.require(scope, tx, id);
      const of = { thing: 'file', id, version: 1, lessonId } as const;
      const what = `“${name}” ${deleted ? 'taken back' : 'brought in again'}`;
      const current = { deleted: deletedAt !== null };
      if ((await this.history.edit(scope, tx, of, current, { deleted }, what, change)) === null)
        return;
      if (deleted) await this.arrivals.takeOut(scope, tx, id);
      else await this.arrivals.putIn(scope, tx, id);
    });
  }

  /** The files of a lesson, without those taken back. */
  ofLesson(scope: Scope, lessonId: string): Promise<LaunchFile[]> {
    return this.store.read(async (db) => {
      await this.lessons.require(scope, db, lessonId);
      return (await this.files.ofLesson(scope, db, lessonId)).map(toLaunchFile);
    });
  }

  /** What became of a file's rows, from one of them on. */
  rows(scope: Scope, id: string, skip: number): Promise<RowPage> {
    return this.store.read(async (db) => rowPage(rowsOf(await this.require(scope, db, id)), skip));
  }

  async raw(scope: Scope, id: string): Promise<FileRow> {
    return this.store.read((db) => this.require(scope, db, id));
  }

  private async keepAnswers(
    scope: Scope,
    tx: Handle,
    headerKey: string,
    answers: IntakeAnswers,
  ): Promise<void> {
    await this.files.keepAnswers(scope, tx, {
      id: randomUUID(),
      headerKey,
      answers: JSON.stringify(answers),
      updatedAt: this.clock.text(),
    });
  }

  private async require(scope: Scope, db: Handle, id: string): Promise<FileRow> {
    const row = await this.files.find(scope, db, id);
    if (row === null) throw new NotFoundException('There is no such file in this academy.');
    return row;
  }
}

const rowsOf = ({ rows }: Pick<FileTold, 'rows'>): Row[] => JSON.parse(rows) as Row[];

const added = (
  file: LaunchFile,
  rows: readonly Row[],
  columns: IntakeResult['columns'],
): IntakeResult => {
  const message = resultMessage(rows);
  return { outcome: 'added', message, file, rows: rowPage(rows), columns, questions: [] };
};

function alreadyHere(before: FileTold): IntakeResult {
  const message = `This file is already in the lesson as “${before.name}”. Nothing was added.`;
  const rows = rowPage(rowsOf(before));
  return {
    outcome: 'known',
    message,
    file: toLaunchFile(before),
    rows,
    columns: [],
    questions: [],
  };
}
