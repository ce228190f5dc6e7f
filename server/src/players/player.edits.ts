import { blankPlayer } from '@loxos/core';
import type { Fields } from '@loxos/core';
import { ForbiddenException, Injectable, NotFoundException } from '@nestjs/common';
import { REFUSALS } from '../door/abilities.ts';
import { Edits } from '../history/edits.ts';
import type { Checking, Found, Making, Saving } from '../history/edits.ts';
import { columnsOf } from '../history/columns.ts';
import type { Scope } from '../common/scope.ts';
import type { Handle } from '../db/handle.ts';
import { Nudge } from '../common/nudge.ts';
import { maySayWhose, readsPersonal } from './personal.ts';
import { CreatePlayer, UpdatePlayer } from './player.dto.ts';
import type { Player } from './player.dto.ts';
import { NO_PLAYER, toPlayer } from './players.service.ts';
import { PlayersRepository } from './players.repository.ts';
import type { PlayerRow } from './players.repository.ts';

interface FoundPlayer extends Found {
  readonly row: PlayerRow;
}

/** Fields that are kept as JSON. */
const JSON_FIELDS = ['wanted', 'goals', 'report'];

/** Returns the columns that fields of a player are kept in. */
const playerColumns = (fields: Fields): Partial<PlayerRow> =>
  Object.fromEntries(
    Object.entries(fields).map(([name, value]) => [
      name,
      JSON_FIELDS.includes(name) && value !== null ? JSON.stringify(value) : value,
    ]),
  );

/** Throws 403 where fields are changed that the writer may not read, that say who may, or that are the owner's. */
function refuseHidden(scope: Scope, row: PlayerRow, fields: Fields): void {
  const { bodyNotes, coachId, keepUntil } = fields;
  if (keepUntil !== undefined && scope.role !== 'owner') throw new ForbiddenException(REFUSALS.own);
  if (bodyNotes !== undefined && !readsPersonal(scope, row))
    throw new ForbiddenException(
      'bodyNotes: these are for the player’s own coach. Ask them, or the owner, to make you it.',
    );
  if (coachId !== undefined && coachId !== row.coachId && !maySayWhose(scope, row))
    throw new ForbiddenException(
      'coachId: whose player this is, their coach or the owner changes. Ask one of them.',
    );
}

/** Players taken in, changed, and taken away with their lessons and pages. */
@Injectable()
export class PlayerEdits extends Edits<FoundPlayer, CreatePlayer> {
  readonly thing = 'player';
  override readonly fieldsOf = { add: CreatePlayer, set: UpdatePlayer };

  constructor(
    private readonly players: PlayersRepository,
    private readonly nudge: Nudge,
  ) {
    super();
  }

  async find(scope: Scope, db: Handle, id: string): Promise<FoundPlayer | null> {
    const row = await this.players.find(scope, db, id);
    if (row === null) return null;
    const { keepUntil, deletedAt, version } = row;
    const fields = { ...toPlayer(scope, row), keepUntil, deleted: deletedAt !== null };
    return { id, of: '', label: 'player', fields, version, playerId: id, row };
  }

  override async make(
    scope: Scope,
    tx: Handle,
    { id, fields, at }: Making<CreatePlayer>,
  ): Promise<void> {
    const whose = { coachId: scope.userId ?? '' };
    const said = { ...blankPlayer({ ...fields }), ...whose, ...fields };
    await this.players.insert(scope, tx, {
      ...(playerColumns({ ...said }) as PlayerRow),
      id,
      version: 1,
      createdAt: at,
      updatedAt: at,
      keepUntil: null,
      deletedAt: null,
    });
  }

  override check({ scope, found: { row }, verb, fields }: Checking<FoundPlayer>): Promise<Fields> {
    if (row.deletedAt !== null && verb === 'set') throw new NotFoundException(NO_PLAYER);
    refuseHidden(scope, row, fields);
    return Promise.resolve(fields);
  }

  async save(scope: Scope, tx: Handle, { id }: Found, saving: Saving): Promise<void> {
    const { fields, version, at } = saving;
    const columns = playerColumns(columnsOf(fields, at));
    await this.players.update(scope, tx, id, { ...columns, version, updatedAt: at });
    // What is wanted says where they stand.
    this.nudge.now();
  }

  async read(scope: Scope, db: Handle, id: string): Promise<Player | null> {
    const row = await this.players.find(scope, db, id);
    return row === null || row.deletedAt !== null ? null : toPlayer(scope, row);
  }
}
