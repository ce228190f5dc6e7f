import { createHash } from 'node:crypto';
import { BadRequestException, Injectable, NotFoundException } from '@nestjs/common';
import type { Scope } from '../common/scope.ts';
import { Store } from '../db/store.ts';
import type { Handle } from '../db/handle.ts';
import type { Writer } from '../history/history.service.ts';
import { HistoryService } from '../history/history.service.ts';
import { LessonsRepository } from '../lessons/lessons.repository.ts';
import { Pool } from '../threads/pool.ts';
import { TookTooMuch } from '../threads/threads.ts';
import { ArrivalsService } from './arrivals.service.ts';
import type { Upload } from './arrivals.service.ts';
import { FilesRepository, toLaunchFile } from './files.repository.ts';
import type { FileRow, WholeFile } from './files.repository.ts';
import { resultMessage, rowPage } from './intake.logic.ts';
import type { IntakeAnswers, IntakeResult, LaunchFile, Row, RowPage } from './intake.dto.ts';
import { READ_LAUNCH_FILE, ROWS_AS_THEY_CAME } from './read-launch-file.ts';
import type { FileAsked, FileNotRead, FileRead } from './read-launch-file.ts';
import { Stopped, UploadsUnderWay } from './uploads-under-way.ts';
import type { UploadUnderWay } from './uploads-under-way.ts';
import { SourcesRepository } from './sources.repository.ts';
import { SourcesService } from './sources.service.ts';

/** What is said with a file. */
export interface Said {
  readonly answers: IntakeAnswers;
  /** Whether what was answered for this source before is to be asked anew. */
  readonly isAskedAgain: boolean;
}

/** A larger file takes long enough to read that others would wait; bytes. */
const LARGE_BYTES = 100_000;
/** The most changed figures of one answer. */
const MOST_CHANGED = 200;

@Injectable()
export class IntakeService {
  constructor(
    private readonly store: Store,
    private readonly lessons: LessonsRepository,
    private readonly files: FilesRepository,
    private readonly sources: SourcesRepository,
    private readonly told: SourcesService,
    private readonly arrivals: ArrivalsService,
    private readonly uploads: UploadsUnderWay,
    private readonly pool: Pool,
    private readonly history: HistoryService,
  ) {}

  /**
   * Adds the balls of a file to a lesson; asks first where the file leaves something open. `gone`: whoever sent it hung up; it
   * is stopped then, unless some of it shows already.
   */
  bringIn(
    scope: Scope,
    lessonId: string,
    upload: Upload,
    said: Said,
    writer: Writer,
    gone?: AbortSignal,
  ): Promise<IntakeResult> {
    return this.uploads.on(scope, writer, async (underWay) => {
      gone?.addEventListener('abort', () => underWay.stop(), { once: true });
      try {
        return await this.arrivals.inTurn(lessonId, () =>
          this.bringInAlone(scope, lessonId, upload, said, writer, underWay),
        );
      } catch (error) {
        if (error instanceof Stopped) return stoppedAt(upload.name);
        throw error;
      }
    });
  }

  private async bringInAlone(
    scope: Scope,
    lessonId: string,
    upload: Upload,
    { answers: given, isAskedAgain }: Said,
    writer: Writer,
    underWay: UploadUnderWay,
  ): Promise<IntakeResult> {
    underWay.goOn();
    const sha256 = createHash('sha256').update(upload.bytes).digest('hex');
    const { of, kept, before, isTaken } = await this.store.read(async (db) => ({
      of: await this.lessons.require(scope, db, lessonId),
      kept: await this.sources.all(scope, db),
      before: await this.files.findByHash(scope, db, lessonId, sha256),
      isTaken: await this.history.isTaken(scope, db, writer.id),
    }));
    if (before !== null && isTaken) return settled(toLaunchFile(before), rowsOf(before));
    const isAnswered = Object.keys(given).length > 0;
    if (before?.deletedAt === null && !isAnswered && !isAskedAgain) return alreadyHere(before);
    const asked: FileAsked = {
      bytes: upload.bytes,
      given,
      kept: Object.fromEntries(kept.map(({ headerKey, answers }) => [headerKey, answers])),
      isAskedAgain,
      was: readBy(before),
      readFor: { hand: of.player.hand, player: of.player.name, lessonAt: of.lesson.startsAt },
    };
    const read = await this.read(scope, asked, underWay);
    underWay.goOn();
    if (read.outcome === 'refused') throw new BadRequestException(read.reason);
    // A blank row says nothing: a file of line ends alone would make an answer many times its size.
    const rows: Row[] = read.rows
      .filter(({ fate }) => fate !== 'blank')
      .map(({ line, fate, reason, problems }) => ({ line, fate, reason, problems }));
    if (read.questions.length > 0) return asking(read, rows);
    if (isAnswered) await this.store.write((tx) => this.keepAnswers(scope, tx, read, writer));
    const made = await this.arrivals.bringIn(
      scope,
      { lessonId, upload, sha256, parsed: read, rows },
      writer,
      underWay,
    );
    return {
      ...settled(made.file, made.rows, made.rereadCount),
      ...(made.isSame && { message: 'Nothing reads otherwise than before.' }),
      answers: read.answers,
      columns: read.columns,
      parts: read.parts,
      notes: read.notes,
      changed: made.changed.slice(0, MOST_CHANGED),
    };
  }

  /** Reads a file; a large one, or one that has to be unfolded, in a thread of its own. */
  private async read(
    scope: Scope,
    asked: FileAsked,
    underWay: UploadUnderWay,
  ): Promise<FileRead | FileNotRead> {
    const isPacked = asked.bytes[0] === 0x50 && asked.bytes[1] === 0x4b;
    if (asked.bytes.length <= LARGE_BYTES && !isPacked) return READ_LAUNCH_FILE.work(asked);
    try {
      return await this.pool.read(scope, READ_LAUNCH_FILE, asked, underWay.signal);
    } catch (error) {
      if (error instanceof TookTooMuch) return { outcome: 'refused', reason: TAKES_TOO_MUCH };
      throw error;
    }
  }

  /** Returns the files of a lesson, without those taken back. */
  ofLesson(scope: Scope, lessonId: string): Promise<LaunchFile[]> {
    return this.store.read(async (db) => {
      await this.lessons.require(scope, db, lessonId);
      return (await this.files.ofLesson(scope, db, lessonId)).map(toLaunchFile);
    });
  }

  /** Returns what became of a file's rows, from one of them on, each as it came; all, or those of one fate. */
  async rows(scope: Scope, id: string, skip: number, fate?: Row['fate']): Promise<RowPage> {
    const file = await this.raw(scope, id);
    const page = rowPage(rowsOf(file), skip, fate);
    const asked = { bytes: file.content, lines: page.rows.map(({ line }) => line) };
    const texts = await (file.content.length > LARGE_BYTES
      ? this.pool.read(scope, ROWS_AS_THEY_CAME, asked)
      : ROWS_AS_THEY_CAME.work(asked));
    const rows = page.rows.map((row) => ({ ...row, text: texts[row.line] ?? '' }));
    return { ...page, rows };
  }

  async raw(scope: Scope, id: string): Promise<WholeFile> {
    const file = await this.store.read((db) => this.files.whole(scope, db, id));
    if (file === null) throw new NotFoundException(NO_FILE);
    return file;
  }

  /** Keeps what was said of a source for its next file; which parts of this one were meant is no part of that. */
  private async keepAnswers(
    scope: Scope,
    tx: Handle,
    { sourceKey, answers }: FileRead,
    writer: Writer,
  ): Promise<void> {
    const { parts: _, clubs: _clubs, ...kept } = answers;
    if (Object.keys(kept).length > 0) await this.told.keep(scope, tx, sourceKey, kept, writer);
  }
}

/** Returns what a file that is there was read by. */
const readBy = (before: FileRow | null): FileAsked['was'] =>
  before === null
    ? null
    : before.answers === null
      ? 'as its source'
      : (JSON.parse(before.answers) as IntakeAnswers);

const TAKES_TOO_MUCH =
  'This file takes too long to read. Export fewer balls, or as CSV, and drop that.';
const NO_FILE = 'There is no such file in this academy.';
const rowsOf = ({ rows }: Pick<FileRow, 'rows'>): Row[] => JSON.parse(rows) as Row[];
const NOTHING = {
  columns: [],
  questions: [],
  parts: [],
  notes: [],
  changed: [],
  answers: {},
} as const;

const settled = (file: LaunchFile, rows: readonly Row[], rereadCount = 0): IntakeResult => ({
  ...NOTHING,
  outcome: 'added',
  message: resultMessage(rows, rereadCount),
  file,
  rows: rowPage(rows),
});

function asking(read: FileRead, rows: readonly Row[]): IntakeResult {
  const { columns, questions, parts, notes, answers } = read;
  const message = 'Nothing is added yet: the file leaves something open.';
  const page = rowPage(rows);
  const asked = { columns, questions, parts, notes, changed: [], answers };
  return { ...asked, outcome: 'questions', message, file: null, rows: page };
}

const stoppedAt = (name: string): IntakeResult => ({
  ...NOTHING,
  outcome: 'stopped',
  message: `“${name}” was stopped: nothing of it is added. Drop it again to bring it in.`,
  file: null,
  rows: rowPage([]),
});

const alreadyHere = (before: FileRow): IntakeResult => ({
  ...NOTHING,
  outcome: 'known',
  message: `This file is already in the lesson as “${before.name}”. Nothing was added.`,
  file: toLaunchFile(before),
  rows: rowPage(rowsOf(before)),
});
