import { randomUUID } from 'node:crypto';
import { isDeepStrictEqual } from 'node:util';
import { Injectable } from '@nestjs/common';
import { Mutex } from 'async-mutex';
import { v7 as orderedId } from 'uuid';
import { BallsRepository } from '../balls/balls.repository.ts';
import type { KnownBall, Reread } from '../balls/balls.repository.ts';
import { BlocksRepository } from '../blocks/blocks.repository.ts';
import { Clock } from '../common/clock.ts';
import type { Scope } from '../common/scope.ts';
import { Store } from '../db/store.ts';
import type { Handle } from '../db/handle.ts';
import type { Writer } from '../history/history.service.ts';
import { HistoryService } from '../history/history.service.ts';
import { FilesRepository, toLaunchFile } from './files.repository.ts';
import type { FileRow } from './files.repository.ts';
import { DELETED, byPrint, markKnown, rowPage } from './intake.logic.ts';
import type { Marked } from './intake.logic.ts';
import type { ChangedFigure, LaunchFile, Row } from './intake.dto.ts';
import { changedFigures } from './changed.ts';
import type { FileRead } from './read-launch-file.ts';
import type { UploadUnderWay } from './uploads-under-way.ts';

export interface Upload {
  readonly name: string;
  readonly bytes: Buffer;
}

export interface Incoming {
  readonly lessonId: string;
  readonly upload: Upload;
  readonly sha256: string;
  readonly parsed: FileRead;
  readonly rows: readonly Row[];
}

/** What becomes of a file's rows in its lesson, settled before any of them is stored. */
interface Settled {
  readonly id: string;
  readonly at: string;
  readonly before: FileRow | null;
  readonly marked: Marked;
  /** What becomes of each row. */
  readonly rows: readonly Row[];
  readonly blockId: string | null;
  /** Ordinal of the first new ball; the others follow without a gap. */
  readonly first: number;
  /** Places of the new balls among the file's, and the lines they stand on. */
  readonly fresh: readonly { readonly ball: number; readonly line: number }[];
  /** Ids of balls that were taken back with this very file, and come back as they were. */
  readonly back: readonly string[];
  /** Balls the lesson has whose lines read otherwise now, and what changed in them. */
  readonly reread: readonly Reread[];
  /** How many of them are there: what was deleted by hand reads anew and stays deleted. */
  readonly rereadCount: number;
  readonly changed: readonly ChangedFigure[];
}

/** The file as it is listed, and what became of its rows. */
export interface Arrived {
  readonly file: LaunchFile;
  readonly rows: readonly Row[];
  /** How many of its balls were there and read otherwise now, and the first figures that do. */
  readonly rereadCount: number;
  /** Whether it was there, and reads as it did. */
  readonly isSame: boolean;
  readonly changed: readonly ChangedFigure[];
}

/** So many balls are stored in one go: more come by steps, between which other requests have their turn. */
const STEP = 200;

/** Takes the first ball of a print that will do. */
function takeFrom(
  left: Map<string, KnownBall[]>,
  print: string,
  willDo: (ball: KnownBall) => boolean,
): KnownBall | undefined {
  const balls = left.get(print) ?? [];
  const at = balls.findIndex(willDo);
  return at < 0 ? undefined : balls.splice(at, 1)[0];
}

/** Puts launch files into lessons, takes them back out, and puts them in again. */
@Injectable()
export class ArrivalsService {
  /** The files of a lesson come one after the other: one by steps is not met half way. */
  private readonly turns = new Map<string, Mutex>();

  constructor(
    private readonly store: Store,
    private readonly files: FilesRepository,
    private readonly balls: BallsRepository,
    private readonly blocks: BlocksRepository,
    private readonly history: HistoryService,
    private readonly clock: Clock,
  ) {}

  /** Does something with a lesson's files once what was begun with them before has ended. */
  async inTurn<T>(lessonId: string, work: () => Promise<T>): Promise<T> {
    const turn = this.turns.get(lessonId) ?? new Mutex();
    this.turns.set(lessonId, turn);
    try {
      return await turn.runExclusive(work);
    } finally {
      if (!turn.isLocked()) this.turns.delete(lessonId);
    }
  }

  /**
   * Puts a file's rows into its lesson. A row the lesson already has is known, and its ball is held by both files; a
   * ball of this very file that was taken back with it comes back as it was; the rest are new. Many new balls come by
   * steps, as those of a file that is taken back, and show all at once at the end: cut short, nothing shows. A ball whose
   * line reads otherwise than before is changed, and stays the ball it was.
   */
  async bringIn(
    scope: Scope,
    incoming: Incoming,
    writer: Writer,
    underWay: UploadUnderWay,
  ): Promise<Arrived> {
    underWay.stage = 'storing';
    const settled = await this.store.write(async (tx) => {
      const found = await this.settle(scope, tx, incoming);
      const count = found.fresh.length;
      const isFew = count <= STEP && found.reread.length <= STEP;
      await this.putHead(scope, tx, incoming, found, isFew ? null : found.at);
      // The last first: a ball added meanwhile stands after all of them.
      const last = [Math.max(0, count - STEP), count] as const;
      await this.putBalls(scope, tx, incoming, found, last, !isFew);
      if (isFew) {
        await this.balls.reread(scope, tx, incoming.lessonId, found.reread, found.at);
        await this.finish(scope, tx, incoming, found, writer);
      }
      return found;
    });
    const { id, fresh, rows, reread, changed } = settled;
    if (fresh.length > STEP || reread.length > STEP) {
      // What was in the lesson, or reads anew, is changed already.
      underWay.canStop = settled.before?.deletedAt !== null && reread.length === 0;
      for (let from = 0; from < reread.length; from += STEP) {
        const some = reread.slice(from, from + STEP);
        await this.store.step((tx) =>
          this.balls.reread(scope, tx, incoming.lessonId, some, settled.at),
        );
      }
      for (let to = fresh.length - STEP; to > 0; to -= STEP) {
        underWay.share = 1 - to / fresh.length;
        underWay.goOn();
        const step: readonly [number, number] = [Math.max(0, to - STEP), to];
        await this.store.step((tx) => this.putBalls(scope, tx, incoming, settled, step, true));
      }
      underWay.goOn();
      underWay.canStop = false;
      await this.store.write(async (tx) => {
        await this.files.mark(scope, tx, id, null);
        const run: readonly [number, number] = [settled.first, settled.first + fresh.length - 1];
        await this.balls.showRun(scope, tx, { lessonId: incoming.lessonId, launchFileId: id }, run);
        await this.finish(scope, tx, incoming, settled, writer);
      });
    }
    const file = await this.store.read((db) => this.files.find(scope, db, id));
    return {
      file: toLaunchFile(file!),
      rows,
      rereadCount: settled.rereadCount,
      isSame: settled.before?.deletedAt === null && fresh.length + reread.length === 0,
      changed,
    };
  }

  async takeOut(scope: Scope, tx: Handle, id: string): Promise<void> {
    const at = this.clock.text();
    await this.files.mark(scope, tx, id, at);
    await this.balls.takeFile(scope, tx, id, at);
  }

  async putIn(scope: Scope, tx: Handle, id: string): Promise<void> {
    await this.files.mark(scope, tx, id, null);
    await this.balls.bringFile(scope, tx, id);
  }

  /** Settles what becomes of each row; a file that is there is taken out first, to be put in as it reads now. */
  private async settle(scope: Scope, tx: Handle, incoming: Incoming): Promise<Settled> {
    const { lessonId, sha256, parsed, rows } = incoming;
    const before = await this.files.findByHash(scope, tx, lessonId, sha256);
    const id = before?.id ?? randomUUID();
    if (before?.deletedAt === null) await this.takeOut(scope, tx, id);
    const gone = before === null ? [] : await this.balls.goneWith(scope, tx, id);
    const prints = new Map(
      parsed.rows.flatMap((row) =>
        row.ball === null ? [] : [[row.line, parsed.balls[row.ball]!.print] as const],
      ),
    );
    const known = await this.balls.known(scope, tx, lessonId);
    const marked = markKnown(rows, prints, known);
    const taken = new Set(marked.held);
    // What went with this file comes back before what another file holds as well.
    const left = byPrint([...gone, ...known.filter(({ id: ballId }) => !taken.has(ballId))]);
    const was = new Map(parsed.before);
    const fresh: { ball: number; line: number }[] = [];
    const back: string[] = [];
    const reread: Reread[] = [];
    const deleted = new Set<number>();
    const changed: ChangedFigure[] = [];
    const isGone = new Set(gone.map((ball) => ball.id));
    for (const { ball, line } of parsed.rows) {
      if (ball === null || !marked.isNew(line)) continue;
      const now = parsed.balls[ball]!;
      const earlier = was.get(line);
      const same = takeFrom(left, now.print, ({ id: ballId }) => isGone.has(ballId));
      const other =
        same ?? (earlier === undefined ? undefined : takeFrom(left, earlier.print, () => true));
      // A ball deleted by hand reads anew as well, and stays deleted.
      const isDeleted = other !== undefined && other.isDeleted && !isGone.has(other.id);
      if (isDeleted) deleted.add(line);
      else if (other === undefined) fresh.push({ ball, line });
      else back.push(other.id);
      if (other === undefined || earlier === undefined) continue;
      // The same line may be another club's, by what was said of it.
      if (same !== undefined && isDeepStrictEqual(now.figures, earlier.figures)) continue;
      reread.push({ id: other.id, print: now.print, was: earlier.figures, figures: now.figures });
      if (!isDeleted) changed.push(...changedFigures(line, earlier.figures, now.figures));
    }
    return {
      id,
      at: this.clock.text(),
      before,
      marked,
      rows: marked.rows.map((row) =>
        deleted.has(row.line) ? { ...row, fate: 'known', reason: DELETED } : row,
      ),
      blockId: await this.blocks.underWay(scope, tx, lessonId),
      first: await this.balls.nextOrdinal(scope, tx, lessonId),
      fresh,
      back,
      reread,
      rereadCount: reread.length - deleted.size,
      changed,
    };
  }

  /** Writes the file's own row: as one that is taken back while its balls still come. */
  private async putHead(
    scope: Scope,
    tx: Handle,
    { lessonId, upload, sha256, parsed }: Incoming,
    { id, at, before, rows: told, fresh, back }: Settled,
    deletedAt: string | null,
  ): Promise<void> {
    const { refused: refusedCount } = rowPage(told);
    const ballCount = fresh.length + back.length;
    const rows = JSON.stringify(told);
    const { name: _, ...said } = parsed.answers;
    const answers = JSON.stringify(said);
    const made = { rows, answers, ballCount, refusedCount, receivedAt: at, deletedAt };
    if (before !== null) return this.files.replace(scope, tx, id, made);
    const { length: sizeBytes } = upload.bytes;
    const { sourceKey } = parsed;
    const head = { id, lessonId, name: upload.name, sha256, sourceKey, sizeBytes };
    return this.files.insert(scope, tx, { ...head, ...made }, upload.bytes);
  }

  /** Stores some of the new balls; `isHidden` as if they had gone with their file. */
  private async putBalls(
    scope: Scope,
    tx: Handle,
    { lessonId, parsed }: Incoming,
    { id, at, blockId, first, fresh }: Settled,
    [from, to]: readonly [number, number],
    isHidden: boolean,
  ): Promise<void> {
    const of = { lessonId, launchFileId: id, blockId, at, isHidden };
    const balls = fresh.slice(from, to).map(({ ball, line }, n) => ({
      // In the order made: rows that come together stand together in the file.
      id: orderedId(),
      ordinal: first + from + n,
      line,
      told: parsed.told[ball]!,
      ...parsed.balls[ball]!,
    }));
    await this.balls.insertRead(scope, tx, of, balls);
  }

  private async finish(
    scope: Scope,
    tx: Handle,
    { lessonId, upload }: Incoming,
    { id, marked, fresh, back, rereadCount }: Settled,
    writer: Writer,
  ): Promise<void> {
    await this.balls.revive(scope, tx, lessonId, back);
    await this.balls.hold(scope, tx, id, [...back, ...marked.held]);
    const words =
      rereadCount > 0
        ? `“${upload.name}” read again, ${rereadCount} balls changed`
        : `“${upload.name}” brought in, ${fresh.length + back.length} balls`;
    await this.history.made(scope, tx, { thing: 'file', id, lessonId }, words, writer);
  }
}
