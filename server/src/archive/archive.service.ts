import { createHash, randomUUID } from 'node:crypto';
import {
  BadRequestException,
  ForbiddenException,
  Injectable,
  NotFoundException,
} from '@nestjs/common';
import { AccountsRepository } from '../accounts/accounts.repository.ts';
import { BackupsService } from '../backups/backups.service.ts';
import { Clock } from '../common/clock.ts';
import type { Scope } from '../common/scope.ts';
import { hashOf, newToken } from '../common/token.ts';
import { invalid } from '../common/validation.ts';
import type { Handle } from '../db/handle.ts';
import { Store } from '../db/store.ts';
import type { Row as IntakeRow } from '../intake/intake.dto.ts';
import { rowPage } from '../intake/intake.logic.ts';
import type { Writer } from '../history/history.service.ts';
import { HistoryService } from '../history/history.service.ts';
import { LessonBalls } from '../lessons/lesson-balls.ts';
import { maySayWhose } from '../players/personal.ts';
import { PlayersRepository } from '../players/players.repository.ts';
import type { BroughtIn } from './archive.dto.ts';
import { ArchiveRepository } from './archive.repository.ts';
import { packed, unpacked } from './format.ts';
import type { Archive, ArchivedRow, Row } from './format.ts';
import { withNewIds } from './new-ids.ts';
import { othersParts, ownParts } from './parted-files.ts';
import type { InPlace } from './parted-files.ts';
import { TABLE_NAMES, hasColumn } from './tables.ts';

/** An academy, or a player of one, out into a file that any Loxos reads, and in again; a player erased. */
@Injectable()
export class ArchiveService {
  constructor(
    private readonly store: Store,
    private readonly archive: ArchiveRepository,
    private readonly accounts: AccountsRepository,
    private readonly players: PlayersRepository,
    private readonly lessonBalls: LessonBalls,
    private readonly backups: BackupsService,
    private readonly history: HistoryService,
    private readonly clock: Clock,
  ) {
    // Here and not once the module is up: copies are looked at before it is.
    backups.afterRestore(() => this.eraseAgain());
  }

  /** Returns the whole academy as a file. */
  takeOut(scope: Scope): Promise<Buffer> {
    return this.pack(scope, null);
  }

  /** Everything of a player as a file. */
  async takeOutPlayer(scope: Scope, id: string): Promise<Buffer> {
    const player = await this.requirePlayer(scope, id);
    if (!maySayWhose(scope, player))
      throw new ForbiddenException(
        'Everything of a player is taken out by their own coach or by the owner. Ask one of them.',
      );
    return this.pack(scope, id);
  }

  /** Brings an archive in beside what is here, under new ids: all of it, or nothing. */
  async bringIn(scope: Scope, bytes: Buffer, writer: Writer): Promise<BroughtIn> {
    const archive = await unpacked(bytes);
    const trouble = filesTrouble(archive);
    if (trouble !== null) throw new BadRequestException(`${trouble} Nothing was brought in.`);
    const { rows } = withNewIds(archive.rows);
    const tables = TABLE_NAMES.map((name) => ({
      name,
      rows: rows.filter((row) => row.in === name).map((row) => placed(scope, row)),
    }));
    const countOf = (name: string): number => rows.filter((row) => row.in === name).length;
    const count = {
      players: countOf('player'),
      lessons: countOf('lesson'),
      balls: countOf('ball'),
    };
    await this.store.write(async (tx) => {
      if (await this.history.isTaken(scope, tx, writer.id)) return;
      await this.archive.keepFiles(scope, tx, [...archive.files.values()]);
      for (const { name, rows: some } of tables) await this.archive.insert(tx, name, some);
      const lessons = tables.find(({ name }) => name === 'lesson')?.rows ?? [];
      await this.lessonBalls.changed(
        scope,
        tx,
        lessons.map(({ id }) => String(id)),
      );
      const of = { thing: 'academy', id: scope.academyId, version: 0 } as const;
      const what = `an archive of ${archive.academy} brought in`;
      await this.history.note(scope, tx, [{ ...of, before: {}, after: count }], what, writer);
    });
    return { academy: archive.academy, ...count };
  }

  /**
   * Takes everything of a player out of the store for good, and out of the copies beside it: they are replaced by one made
   * now. The name must be written out, since nothing brings it back.
   */
  async erase(scope: Scope, id: string, name: string, writer: Writer): Promise<void> {
    const player = await this.requirePlayer(scope, id);
    if (player.name !== name)
      throw invalid([{ field: 'name', reason: `name: write “${player.name}” as it stands` }]);
    await this.eraseAll(scope, id, async (tx) => {
      await this.archive.keepErased(scope, tx, id, this.clock.text());
      const of = { thing: 'academy', id: scope.academyId, version: 0 } as const;
      const nothing = { before: {}, after: {} };
      await this.history.note(scope, tx, [{ ...of, ...nothing }], 'a player erased', writer);
    });
    await this.backups.forget();
  }

  /** Erases players again whom a copy brought back. */
  private async eraseAgain(): Promise<void> {
    const back = await this.store.read((db) => this.archive.erasedThatAreHere(db));
    if (back.length === 0) return;
    for (const { academyId, id } of back)
      await this.eraseAll({ academyId, userId: null, role: 'owner' }, id);
    await this.backups.shred();
  }

  /** Everything of a player, and their balls out of files that hold others' as well; `then` within the same transaction. */
  private async eraseAll(
    scope: Scope,
    id: string,
    then: (tx: Handle) => Promise<void> = () => Promise.resolve(),
  ): Promise<void> {
    const shared = await this.store.read((db) => this.archive.sharedFiles(scope, db, id));
    const stays = await othersParts(shared, id);
    await this.store.write(async (tx) => {
      for (const [fileId, file] of stays) await this.archive.replaceFile(scope, tx, fileId, file);
      await this.archive.erase(scope, tx, id);
      await then(tx);
    });
  }

  private async pack(scope: Scope, playerId: string | null): Promise<Buffer> {
    const archive = await this.store.read(async (db) => ({
      academy: (await this.accounts.academy(db, scope.academyId)).name,
      at: this.clock.text(),
      rows: await this.archive.rows(scope, db, playerId),
      files: await this.archive.files(scope, db, playerId),
      shared: playerId === null ? [] : await this.archive.sharedFiles(scope, db, playerId),
    }));
    const parts: InPlace = playerId === null ? new Map() : await ownParts(archive.shared, playerId);
    return packed(withoutOthers(archive, parts));
  }

  private async requirePlayer(scope: Scope, id: string) {
    const player = await this.store.read((db) => this.players.find(scope, db, id));
    if (player === null) throw new NotFoundException('There is no such player in this academy.');
    return player;
  }
}

/** Returns an archive with files in the place of those that hold the balls of others as well. */
function withoutOthers(archive: Archive, inPlace: InPlace): Archive {
  const files = new Map(archive.files);
  for (const [id, { content }] of inPlace) files.set(id, content);
  const rows = archive.rows.map((one): ArchivedRow => {
    const made = one.in === 'launchFile' ? inPlace.get(String(one.row['id'])) : undefined;
    if (made === undefined) return one;
    const { content: _, ...fields } = made;
    return { ...one, row: { ...one.row, ...fields } };
  });
  return { ...archive, rows, files };
}

/** Why the launch files do not go with the rows, or null. */
function filesTrouble({ rows, files }: Archive): string | null {
  for (const { in: name, row } of rows) {
    if (name !== 'launchFile') continue;
    const content = files.get(String(row['id']));
    const told = `“${String(row['name'])}”`;
    if (content === undefined) return `The launch file ${told} is not in the archive.`;
    const sha256 = createHash('sha256').update(content).digest('hex');
    if (sha256 !== row['sha256']) return `The launch file ${told} is not as it was put in.`;
  }
  return null;
}

/** Returns a row as it stands in this academy: a page's old link does not open it. */
function placed(scope: Scope, { in: name, row }: ArchivedRow): Row {
  return {
    ...row,
    academyId: scope.academyId,
    ...(hasColumn(name, 'tokenHash') && { tokenHash: hashOf(newToken()) }),
    ...(name === 'launchFile' && {
      refusedCount: rowPage(JSON.parse(String(row['rows'])) as IntakeRow[]).refused,
    }),
    ...(name === 'player' && { coachId: scope.userId ?? '' }),
    ...(hasColumn(name, 'id') && { id: row['id'] ?? randomUUID() }),
  };
}
