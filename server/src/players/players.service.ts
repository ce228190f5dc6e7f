import { Injectable, NotFoundException } from '@nestjs/common';
import type { Scope } from '../common/scope.ts';
import type { Handle } from '../db/handle.ts';
import { Store } from '../db/store.ts';
import { bodyNotesFor, readsPersonal } from './personal.ts';
import type { Player } from './player.dto.ts';
import { PlayersRepository } from './players.repository.ts';
import type { PlayerRow } from './players.repository.ts';

export const NO_PLAYER = 'There is no such player in this academy.';

/** Returns a player as somebody may read them. */
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

@Injectable()
export class PlayersService {
  constructor(
    private readonly store: Store,
    private readonly players: PlayersRepository,
  ) {}

  async list(scope: Scope): Promise<Player[]> {
    const rows = await this.store.read((db) => this.players.list(scope, db));
    return rows.map((row) => toPlayer(scope, row));
  }

  async get(scope: Scope, id: string): Promise<Player> {
    return toPlayer(scope, await this.store.read((db) => this.require(scope, db, id)));
  }

  private async require(scope: Scope, db: Handle, id: string): Promise<PlayerRow> {
    const row = await this.players.find(scope, db, id);
    if (row === null || row.deletedAt !== null) throw new NotFoundException(NO_PLAYER);
    return row;
  }
}
