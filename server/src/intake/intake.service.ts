import { createHash, randomUUID } from 'node:crypto';
import { parseLaunchFile, tooMuch } from '@loxos/core';
import type { ColumnMapping, Hand, IntakeOptions, ParsedLaunchFile } from '@loxos/core';
import { BadRequestException, Injectable, NotFoundException } from '@nestjs/common';
import { BallsRepository } from '../balls/balls.repository.ts';
import type { NewBall } from '../balls/balls.repository.ts';
import { BlocksRepository } from '../blocks/blocks.repository.ts';
import { Clock } from '../common/clock.ts';
import { Store } from '../db/store.ts';
import type { Handle } from '../db/store.ts';
import type { Change } from '../history/change.ts';
import { HistoryService } from '../history/history.service.ts';
import { LessonsRepository } from '../lessons/lessons.repository.ts';
import { decodeText, looksBinary } from './decode.ts';
import { FilesRepository, toLaunchFile } from './files.repository.ts';
import type { FileRow, FileTold } from './files.repository.ts';
import { fingerprintOf, markKnown, resultMessage, rowPage, sourceKey } from './intake.logic.ts';
import type { IntakeAnswers, IntakeResult, LaunchFile, Row, RowPage } from './intake.dto.ts';
import type { Scope } from '../common/scope.ts';

export interface Upload {
  readonly name: string;
  readonly bytes: Buffer;
}

/** What is said with a file. */
export interface Said {
  readonly answers: IntakeAnswers;
  /** Whether what was answered for this source before is to be asked anew. */
  readonly isAskedAgain: boolean;
}

interface Incoming {
  readonly lessonId: string;
  readonly upload: Upload;
  readonly sha256: string;
  readonly parsed: ParsedLaunchFile;
  readonly rows: readonly Row[];
}

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
    private readonly balls: BallsRepository,
    private readonly blocks: BlocksRepository,
    private readonly history: HistoryService,
    private readonly clock: Clock,
  ) {}

  /** Adds the balls of a file to a lesson; asks first where the file leaves something open. */
  async bringIn(
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
    const parsed = parseLaunchFile(text, optionsFrom(answers, hand));
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
    const incoming = { lessonId, upload, sha256, parsed, rows };
    const made = await this.store.write(async (tx) => {
      if (isAnswered) await this.keepAnswers(scope, tx, key, answers);
      return this.keep(scope, tx, incoming, change);
    });
    return added(made.file, made.rows, columns);
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
      if (deleted) await this.takeOut(scope, tx, id);
      else await this.putIn(scope, tx, id);
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

  private async takeOut(scope: Scope, tx: Handle, id: string): Promise<void> {
    const at = this.clock.text();
    await this.files.mark(scope, tx, id, at);
    await this.balls.takeFile(scope, tx, id, at);
  }

  private async putIn(scope: Scope, tx: Handle, id: string): Promise<void> {
    await this.files.mark(scope, tx, id, null);
    await this.balls.bringFile(scope, tx, id);
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

  /**
   * Puts a file's rows into its lesson. A row the lesson already has is known, and its ball is held by both files; a
   * ball of this very file that was taken back with it comes back as it was; the rest are new.
   */
  private async keep(scope: Scope, tx: Handle, incoming: Incoming, change: Change) {
    const { lessonId, upload, sha256, parsed, rows } = incoming;
    const at = this.clock.text();
    const before = await this.files.findByHash(scope, tx, lessonId, sha256);
    const id = before?.id ?? randomUUID();
    if (before?.deletedAt === null) await this.takeOut(scope, tx, id);
    const gone = before === null ? [] : await this.balls.goneWith(scope, tx, id);
    const prints = new Map(
      parsed.rows.flatMap((row) =>
        row.ball === null ? [] : [[row.line, fingerprintOf(parsed.balls[row.ball]!)] as const],
      ),
    );
    const marked = markKnown(rows, prints, await this.balls.known(scope, tx, lessonId));
    const first = await this.balls.nextOrdinal(scope, tx, lessonId);
    const blockId = await this.blocks.underWay(scope, tx, lessonId);
    const fresh: NewBall[] = [];
    const back: string[] = [];
    for (const row of parsed.rows) {
      const print = prints.get(row.line);
      if (row.ball === null || print === undefined || !marked.isNew(row.line)) continue;
      const old = gone.find((ball) => ball.print === print && !back.includes(ball.id));
      if (old !== undefined) back.push(old.id);
      else {
        const place = { ordinal: first + fresh.length, line: row.line, blockId };
        const kind = { id: randomUUID(), lessonId, launchFileId: id, keep: 'auto' as const };
        const times = { createdAt: at, updatedAt: at };
        fresh.push({ ...parsed.balls[row.ball]!, ...kind, ...place, ...times, fingerprint: print });
      }
    }
    const head = { id, lessonId, name: upload.name, sha256, sizeBytes: upload.bytes.length };
    const ballCount = fresh.length + back.length;
    const { refused: refusedCount } = rowPage(marked.rows);
    const text = JSON.stringify(marked.rows);
    const made = { rows: text, ballCount, refusedCount, receivedAt: at, deletedAt: null };
    const file = { ...head, ...made, content: upload.bytes };
    if (before === null) await this.files.insert(scope, tx, file);
    else await this.files.replace(scope, tx, id, made);
    await this.balls.insert(scope, tx, fresh);
    await this.balls.revive(scope, tx, lessonId, back);
    await this.balls.hold(scope, tx, id, [
      ...fresh.map((ball) => ball.id),
      ...back,
      ...marked.held,
    ]);
    const words = `“${head.name}” brought in, ${ballCount} balls`;
    await this.history.made(scope, tx, { thing: 'file', id, lessonId }, words, change);
    return { file: toLaunchFile({ ...file, academyId: '' }), rows: marked.rows };
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
