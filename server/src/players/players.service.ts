import { randomUUID } from 'node:crypto';
import { DEFAULT_DISPLAY_UNITS } from '@loxos/core';
import { Injectable, NotFoundException } from '@nestjs/common';
import { BallsRepository } from '../balls/balls.repository.ts';
import { nowText } from '../common/clock.ts';
import { Store } from '../db/store.ts';
import type { Handle } from '../db/store.ts';
import { effectsOf } from './effects.ts';
import type { CreatePlayer, Player, PlayerEffect, UpdatePlayer } from './player.dto.ts';
import { PlayersRepository } from './players.repository.ts';
import type { PlayerRow } from './players.repository.ts';

export const toPlayer = (row: PlayerRow): Player => ({
  id: row.id,
  name: row.name,
  hand: row.hand,
  lengthUnit: row.lengthUnit,
  speedUnit: row.speedUnit,
  angleStyle: row.angleStyle,
  aims: row.aims,
  bodyNotes: row.bodyNotes,
});

@Injectable()
export class PlayersService {
  constructor(
    private readonly store: Store,
    private readonly players: PlayersRepository,
    private readonly balls: BallsRepository,
  ) {}

  async list(): Promise<Player[]> {
    const rows = await this.store.read((db) => this.players.list(db));
    return rows.map(toPlayer);
  }

  async get(id: string): Promise<Player> {
    return toPlayer(await this.store.read((db) => this.require(db, id)));
  }

  create(dto: CreatePlayer): Promise<Player> {
    const at = nowText();
    const id = dto.id ?? randomUUID();
    return this.store.write(async (tx) => {
      const known = await this.players.find(tx, id);
      if (known !== null) return toPlayer(known);
      await this.players.insert(tx, {
        id,
        name: dto.name,
        hand: dto.hand,
        lengthUnit: dto.lengthUnit ?? DEFAULT_DISPLAY_UNITS.length,
        speedUnit: dto.speedUnit ?? DEFAULT_DISPLAY_UNITS.speed,
        angleStyle: dto.angleStyle ?? DEFAULT_DISPLAY_UNITS.angle,
        aims: dto.aims ?? '',
        bodyNotes: dto.bodyNotes ?? '',
        createdAt: at,
        updatedAt: at,
      });
      return toPlayer(await this.require(tx, id));
    });
  }

  update(id: string, dto: UpdatePlayer): Promise<Player> {
    return this.store.write(async (tx) => {
      await this.require(tx, id);
      await this.players.update(tx, id, { ...dto, updatedAt: nowText() });
      return toPlayer(await this.require(tx, id));
    });
  }

  /** What each drill has moved for this player, lesson by lesson. */
  effects(id: string): Promise<PlayerEffect[]> {
    return this.store.read(async (db) => {
      await this.require(db, id);
      return effectsOf(await this.balls.taggedOf(db, id));
    });
  }

  private async require(db: Handle, id: string): Promise<PlayerRow> {
    const row = await this.players.find(db, id);
    if (row === null) throw new NotFoundException('There is no such player in this academy.');
    return row;
  }
}
