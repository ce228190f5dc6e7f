import { createHash, randomUUID } from 'node:crypto';
import { parseLaunchFile } from '@loxos/core';
import type { ColumnMapping, Hand, IntakeOptions, ParsedLaunchFile } from '@loxos/core';
import { BadRequestException, Injectable, NotFoundException } from '@nestjs/common';
import { BallsRepository } from '../balls/balls.repository.ts';
import type { NewBall } from '../balls/balls.repository.ts';
import { BlocksRepository } from '../blocks/blocks.repository.ts';
import { nowText } from '../common/clock.ts';
import { Store } from '../db/store.ts';
import type { Handle } from '../db/store.ts';
import { LessonsRepository } from '../lessons/lessons.repository.ts';
import { decodeText, looksBinary } from './decode.ts';
import { FilesRepository, toLaunchFile } from './files.repository.ts';
import type { FileHead, FileRow } from './files.repository.ts';
import { fingerprintOf, markKnown, resultMessage, sourceKey } from './intake.logic.ts';
import type { Change } from '../history/change.ts';
import { HistoryService } from '../history/history.service.ts';
import type { IntakeAnswers, IntakeResult, Row } from './intake.dto.ts';

export interface Upload {
  readonly name: string;
  readonly bytes: Buffer;
}

const NOT_TEXT =
  'This is not a text file. Export the session as CSV (comma, semicolon or tab separated) and drop that.';

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
    private readonly history: HistoryService,
    private readonly blocks: BlocksRepository,
  ) {}

  /** Adds the balls of a file to a lesson; asks first where the file leaves something open. */
  async bringIn(
    lessonId: string,
    upload: Upload,
    given: IntakeAnswers,
    change: Change,
  ): Promise<IntakeResult> {
    if (upload.bytes.length === 0) throw new BadRequestException('The file is empty.');
    if (looksBinary(upload.bytes)) throw new BadRequestException(NOT_TEXT);
    const text = decodeText(upload.bytes);
    const sha256 = createHash('sha256').update(upload.bytes).digest('hex');
    return this.store.write(async (tx) => {
      const { player } = await this.lessons.require(tx, lessonId);
      const before = await this.files.findByHash(tx, lessonId, sha256);
      if (before !== null) return this.again(tx, before, change);
      const key = sourceKey(text);
      const kept = JSON.parse((await this.files.answersFor(tx, key)) ?? '{}') as IntakeAnswers;
      const answers = { ...kept, ...given };
      const parsed = parseLaunchFile(text, optionsFrom(answers, player.hand));
      const { columns, questions } = parsed;
      const rows: Row[] = parsed.rows.map(({ line, fate, reason, problems }) => ({
        line,
        fate,
        reason,
        problems,
      }));
      if (questions.length > 0) {
        const message = 'Nothing is added yet: the file leaves something open.';
        return { outcome: 'questions', message, file: null, rows, columns, questions };
      }
      const head = {
        id: randomUUID(),
        lessonId,
        name: upload.name,
        sha256,
        sizeBytes: upload.bytes.length,
        content: upload.bytes,
      };
      const file = await this.keep(tx, head, parsed, rows, change);
      if (Object.keys(given).length > 0) {
        await this.files.keepAnswers(tx, {
          id: randomUUID(),
          headerKey: key,
          answers: JSON.stringify(answers),
          updatedAt: nowText(),
        });
      }
      const message = resultMessage(file.rows);
      return { outcome: 'added', message, file, rows: file.rows, columns, questions };
    });
  }

  /** Takes a file's balls back out of the lesson; dropping it again brings them back. */
  takeBack(id: string, change: Change): Promise<void> {
    return this.mark(id, true, change);
  }

  /** Takes a file back out of its lesson with its balls, or brings both in again. */
  async mark(id: string, deleted: boolean, change: Change): Promise<void> {
    await this.store.write(async (tx) =>
      this.markIn(tx, await this.require(tx, id), deleted, change),
    );
  }

  private async markIn(
    tx: Handle,
    { id, lessonId, name, deletedAt }: FileHead,
    deleted: boolean,
    change: Change,
  ): Promise<void> {
    const of = { thing: 'file', id, version: 1, lessonId } as const;
    const what = `“${name}” ${deleted ? 'taken back' : 'brought in again'}`;
    const current = { deleted: deletedAt !== null };
    if ((await this.history.edit(tx, of, current, { deleted }, what, change)) === null) return;
    const at = deleted ? nowText() : null;
    await this.files.mark(tx, id, at);
    await this.balls.markFile(tx, id, at);
  }

  async raw(id: string): Promise<FileRow> {
    return this.store.read((db) => this.require(db, id));
  }

  private async again(tx: Handle, before: FileHead, change: Change): Promise<IntakeResult> {
    const file = toLaunchFile(before);
    const rest = { file, rows: file.rows, columns: [], questions: [] };
    if (before.deletedAt === null) {
      const message = `This file is already in the lesson as “${before.name}”. Nothing was added.`;
      return { outcome: 'known', message, ...rest };
    }
    await this.markIn(tx, before, false, change);
    return { outcome: 'added', message: resultMessage(file.rows), ...rest };
  }

  private async keep(
    tx: Handle,
    head: Pick<FileRow, 'id' | 'lessonId' | 'name' | 'sha256' | 'sizeBytes' | 'content'>,
    parsed: ParsedLaunchFile,
    rows: readonly Row[],
    change: Change,
  ) {
    const at = nowText();
    const known = await this.balls.fingerprints(tx, head.lessonId);
    const prints = parsed.rows.map((row) =>
      row.ball === null ? null : fingerprintOf(parsed.balls[row.ball]!),
    );
    const marked = markKnown(rows, prints, known);
    const first = await this.balls.nextOrdinal(tx, head.lessonId);
    const blockId = await this.blocks.underWay(tx, head.lessonId);
    const added: NewBall[] = [];
    parsed.rows.forEach((row, index) => {
      if (row.ball === null || marked[index]?.fate !== 'ball') return;
      added.push({
        ...parsed.balls[row.ball]!,
        id: randomUUID(),
        lessonId: head.lessonId,
        launchFileId: head.id,
        line: row.line,
        ordinal: first + added.length,
        keep: 'auto',
        blockId,
        fingerprint: prints[index] ?? null,
        createdAt: at,
        updatedAt: at,
      });
    });
    const file = {
      ...head,
      rows: JSON.stringify(marked),
      ballCount: added.length,
      receivedAt: at,
      deletedAt: null,
    };
    await this.files.insert(tx, file);
    const words = `“${head.name}” brought in, ${added.length} balls`;
    const of = { thing: 'file', id: head.id, lessonId: head.lessonId } as const;
    await this.history.made(tx, of, words, change);
    await this.balls.insert(tx, added);
    return toLaunchFile({ ...file, academyId: '' });
  }

  private async require(db: Handle, id: string): Promise<FileRow> {
    const row = await this.files.find(db, id);
    if (row === null) throw new NotFoundException('There is no such file in this academy.');
    return row;
  }
}
