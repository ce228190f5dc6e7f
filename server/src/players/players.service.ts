import { DEFAULT_DISPLAY_UNITS, PLAIN_WANTED, USUAL_SPEED_UNIT } from '@loxos/core';
import { ForbiddenException, Injectable, NotFoundException } from '@nestjs/common';
import { Clock } from '../common/clock.ts';
import { Store } from '../db/store.ts';
import type { Handle } from '../db/handle.ts';
import type { Change } from '../history/change.ts';
import { columnsOf } from '../history/columns.ts';
import { HistoryService } from '../history/history.service.ts';
import type { Edit } from '../history/history.service.ts';
import type { Fields } from '@loxos/core';
import type { CreatePlayer, Player, UpdatePlayer } from './player.dto.ts';
import { bodyNotesFor, maySayWhose, readsPersonal } from './personal.ts';
import { CatchUp } from '../readings/catch-up.ts';
import { PlayersRepository } from './players.repository.ts';
import type { PlayerRow } from './players.repository.ts';
import type { Scope } from '../common/scope.ts';

const NO_PLAYER = 'There is no such player in this academy.';

/** A player as somebody may read them. */
export const toPlayer = (scope: Scope, row: PlayerRow): Player => ({
  id: row.id,
  name: row.name,
  hand: row.hand,
  lengthUnit: row.lengthUnit,
  speedUnit: row.speedUnit,
  angleStyle: row.angleStyle,
  playerKind: row.playerKind,
  driverSpeedMps: row.driverSpeedMps,
  aims: row.aims,
  bodyNotes: bodyNotesFor(row.bodyNotes, readsPersonal(scope, row)),
  isPersonalRead: readsPersonal(scope, row),
  coachId: row.coachId,
  wanted: JSON.parse(row.wanted) as Player['wanted'],
  goals: JSON.parse(row.goals) as Player['goals'],
  report: row.report === null ? null : (JSON.parse(row.report) as Player['report']),
  version: row.version,
});

/** The columns that an edit's fields are kept in. */
function playerColumns({ fields, version }: Edit, at: string): Partial<PlayerRow> {
  const { wanted, goals, report, ...rest } = columnsOf(fields, at);
  return {
    ...(rest as Partial<PlayerRow>),
    ...(wanted !== undefined && { wanted: JSON.stringify(wanted) }),
    ...(goals !== undefined && { goals: JSON.stringify(goals) }),
    ...(report !== undefined && { report: report === null ? null : JSON.stringify(report) }),
    version,
    updatedAt: at,
  };
}

/** Throws 403 where fields are changed that the writer may not read, or that say who may. */
function refuseHidden(scope: Scope, row: PlayerRow, { bodyNotes, coachId }: Fields): void {
  if (bodyNotes !== undefined && !readsPersonal(scope, row))
    throw new ForbiddenException(
      'bodyNotes: these are for the player’s own coach. Ask them, or the owner, to make you it.',
    );
  if (coachId !== undefined && coachId !== row.coachId && !maySayWhose(scope, row))
    throw new ForbiddenException(
      'coachId: whose player this is, their coach or the owner changes. Ask one of them.',
    );
}

@Injectable()
export class PlayersService {
  constructor(
    private readonly store: Store,
    private readonly players: PlayersRepository,
    private readonly history: HistoryService,
    private readonly clock: Clock,
    private readonly catchUp: CatchUp,
  ) {}

  async list(scope: Scope): Promise<Player[]> {
    const rows = await this.store.read((db) => this.players.list(scope, db));
    return rows.map((row) => toPlayer(scope, row));
  }

  async get(scope: Scope, id: string): Promise<Player> {
    return toPlayer(scope, await this.store.read((db) => this.require(scope, db, id)));
  }

  create(scope: Scope, dto: CreatePlayer, change: Change): Promise<Player> {
    const at = this.clock.text();
    return this.store.write(async (tx) => {
      const id = await this.history.idFor(scope, tx, change, dto.id);
      const known = await this.players.find(scope, tx, id);
      if (known !== null) return toPlayer(scope, known);
      await this.players.insert(scope, tx, {
        id,
        name: dto.name,
        hand: dto.hand,
        lengthUnit: dto.lengthUnit ?? DEFAULT_DISPLAY_UNITS.length,
        speedUnit:
          dto.speedUnit ?? USUAL_SPEED_UNIT[dto.lengthUnit ?? DEFAULT_DISPLAY_UNITS.length],
        angleStyle: dto.angleStyle ?? DEFAULT_DISPLAY_UNITS.angle,
        playerKind: dto.playerKind ?? null,
        driverSpeedMps: dto.driverSpeedMps ?? null,
        aims: dto.aims ?? '',
        bodyNotes: dto.bodyNotes ?? '',
        coachId: dto.coachId ?? scope.userId ?? '',
        wanted: JSON.stringify(dto.wanted ?? { all: PLAIN_WANTED }),
        goals: JSON.stringify(dto.goals ?? []),
        report: dto.report == null ? null : JSON.stringify(dto.report),
        version: 1,
        createdAt: at,
        updatedAt: at,
        keepUntil: null,
        deletedAt: null,
      });
      await this.history.made(
        scope,
        tx,
        { thing: 'player', id, playerId: id },
        'player made',
        change,
      );
      return toPlayer(scope, await this.require(scope, tx, id));
    });
  }

  update(scope: Scope, id: string, dto: UpdatePlayer, change: Change): Promise<Player> {
    return this.edit(scope, id, { ...dto }, 'player changed', change);
  }

  /** Takes a player away with their lessons and pages; `restore` brings all back. */
  async remove(scope: Scope, id: string, change: Change): Promise<void> {
    await this.edit(scope, id, { deleted: true }, 'player taken away', change);
  }

  restore(scope: Scope, id: string, change: Change): Promise<Player> {
    return this.edit(scope, id, { deleted: false }, 'player brought back', change);
  }

  /** Changes fields of a player, and writes down what they were. */
  edit(scope: Scope, id: string, wanted: Fields, what: string, change: Change): Promise<Player> {
    return this.store.write(async (tx) => {
      const row = await this.players.find(scope, tx, id);
      if (row === null || (row.deletedAt !== null && !('deleted' in wanted)))
        throw new NotFoundException(NO_PLAYER);
      refuseHidden(scope, row, wanted);
      const { keepUntil, deletedAt } = row;
      const current = { ...toPlayer(scope, row), keepUntil, deleted: deletedAt !== null };
      const of = { thing: 'player', id, version: row.version, playerId: id } as const;
      const edit = await this.history.edit(scope, tx, of, current, wanted, what, change);
      if (edit === null) return toPlayer(scope, row);
      await this.players.update(scope, tx, id, playerColumns(edit, this.clock.text()));
      // What is wanted says where they stand.
      this.catchUp.nudge();
      return toPlayer(scope, (await this.players.find(scope, tx, id))!);
    });
  }

  private async require(scope: Scope, db: Handle, id: string): Promise<PlayerRow> {
    const row = await this.players.find(scope, db, id);
    if (row === null || row.deletedAt !== null) throw new NotFoundException(NO_PLAYER);
    return row;
  }
}
