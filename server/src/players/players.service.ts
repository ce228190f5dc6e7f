import { randomUUID } from 'node:crypto';
import { DEFAULT_DISPLAY_UNITS, PLAIN_WANTED, drillEffects, resolveContext } from '@loxos/core';
import { Injectable, NotFoundException } from '@nestjs/common';
import { BallsRepository } from '../balls/balls.repository.ts';
import { nowText } from '../common/clock.ts';
import { Store } from '../db/store.ts';
import type { Handle } from '../db/store.ts';
import { SettingsService } from '../settings/settings.service.ts';
import type { CreatePlayer, Player, PlayerEffect, UpdatePlayer } from './player.dto.ts';
import { PlayersRepository } from './players.repository.ts';
import type { PlayerRow } from './players.repository.ts';

const NO_PLAYER = 'There is no such player in this academy.';

export const toPlayer = (row: PlayerRow): Player => ({
  id: row.id,
  name: row.name,
  hand: row.hand,
  lengthUnit: row.lengthUnit,
  speedUnit: row.speedUnit,
  angleStyle: row.angleStyle,
  aims: row.aims,
  bodyNotes: row.bodyNotes,
  wanted: JSON.parse(row.wanted) as Player['wanted'],
});

@Injectable()
export class PlayersService {
  constructor(
    private readonly store: Store,
    private readonly players: PlayersRepository,
    private readonly balls: BallsRepository,
    private readonly settings: SettingsService,
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
        wanted: JSON.stringify(dto.wanted ?? { all: PLAIN_WANTED }),
        createdAt: at,
        updatedAt: at,
        deletedAt: null,
      });
      return toPlayer(await this.require(tx, id));
    });
  }

  update(id: string, dto: UpdatePlayer): Promise<Player> {
    return this.store.write(async (tx) => {
      await this.require(tx, id);
      const { wanted, ...rest } = dto;
      const changes = { ...rest, ...(wanted && { wanted: JSON.stringify(wanted) }) };
      await this.players.update(tx, id, { ...changes, updatedAt: nowText() });
      return toPlayer(await this.require(tx, id));
    });
  }

  /** Takes a player away with their lessons and pages; `restore` brings all back. */
  async remove(id: string): Promise<void> {
    await this.store.write(async (tx) => {
      await this.require(tx, id);
      await this.players.update(tx, id, { deletedAt: nowText() });
    });
  }

  restore(id: string): Promise<Player> {
    return this.store.write(async (tx) => {
      const row = await this.players.find(tx, id);
      if (row === null) throw new NotFoundException(NO_PLAYER);
      await this.players.update(tx, id, { deletedAt: null });
      return toPlayer(row);
    });
  }

  /** What each drill has moved for this player, lesson by lesson, read and counted as every screen does. */
  async effects(id: string): Promise<PlayerEffect[]> {
    const { bands, naming, accuracy } = await this.settings.get();
    const [player, balls] = await this.store.read(async (db) => [
      await this.require(db, id),
      await this.balls.drilledOf(db, id),
    ]);
    const context = resolveContext({ hand: player.hand, bands, naming, accuracy });
    const lessons = new Map<string, (typeof balls)[number][]>();
    for (const ball of balls)
      lessons.set(ball.lessonId, [...(lessons.get(ball.lessonId) ?? []), ball]);
    return [...lessons.values()].flatMap((own) => drillEffects(own, context));
  }

  private async require(db: Handle, id: string): Promise<PlayerRow> {
    const row = await this.players.find(db, id);
    if (row === null || row.deletedAt !== null) throw new NotFoundException(NO_PLAYER);
    return row;
  }
}
