import { HANDS, wentAway } from '@loxos/core';
import type { ClubKind, Standing, WantedByClub } from '@loxos/core';
import { Injectable } from '@nestjs/common';
import type { Scope } from '../common/scope.ts';
import { Store } from '../db/store.ts';
import { ReadingsService } from '../readings/readings.service.ts';
import { Pool } from '../threads/pool.ts';
import type { AcademyMoved, PlayerStandings, RecordAnswer } from './record.dto.ts';
import { RecordRepository } from './record.repository.ts';

/** Players whose standing is made in one go. */
const PLAYERS_AT_ONCE = 10;

/** Lists need no more than this, and there are as many as players. */
const DIGITS = 3;
const rounded = (_key: string, value: unknown): unknown =>
  typeof value === 'number' ? Number(value.toFixed(DIGITS)) : value;

/** What became of a player over the months: made from the kept readings, which are brought up to date first. */
@Injectable()
export class RecordService {
  constructor(
    private readonly store: Store,
    private readonly readings: ReadingsService,
    private readonly records: RecordRepository,
    private readonly pool: Pool,
  ) {}

  async ofPlayer(
    scope: Scope,
    playerId: string,
    kind: ClubKind | undefined,
  ): Promise<RecordAnswer> {
    const { player, context } = await this.readings.bringUp(scope, playerId);
    const { url, authToken } = this.store;
    const wanted = JSON.parse(player.wanted) as WantedByClub;
    const asked = { url, authToken, scope, playerId, context, wanted, kind };
    const record = await this.pool.run('makeRecord', asked);
    return this.store.read(async (db) => ({
      record,
      stations: await this.records.stations(scope, db, playerId),
      homework: await this.records.homework(scope, db, playerId),
    }));
  }

  /** Where players stand, as it was last made: behind what was just hit by a few seconds. With `since` those with news. */
  async standings(scope: Scope, since?: string): Promise<PlayerStandings[]> {
    const rows = await this.store.read((db) => this.records.standings(scope, db));
    const all = rows.map(({ playerId, value }) => ({
      playerId,
      standings: (JSON.parse(value) as { standings: Standing[] }).standings,
    }));
    return since === undefined
      ? all
      : all.filter(({ standings }) => standings.some((one) => wentAway(one, since) > 0));
  }

  /** What drills moved with a kind of club over all players, as their lessons were last read. */
  async moved(scope: Scope, kind: ClubKind): Promise<AcademyMoved> {
    const { url, authToken } = this.store;
    return { moved: await this.pool.run('makeMoved', { url, authToken, scope, kind }) };
  }

  /** Makes the standings of some players that are out of date, once their readings are not; how many it found. */
  async catchUp(scope: Scope): Promise<number> {
    let found = 0;
    for (const hand of HANDS) {
      const { context, stampRest } = await this.readings.rulesOf(scope, hand);
      const old = await this.store.read((db) =>
        this.records.outOfDate(scope, db, hand, stampRest, PLAYERS_AT_ONCE),
      );
      found += old.length;
      if (old.length === 0) continue;
      const { url, authToken } = this.store;
      const players = old.map(({ playerId, wanted }) => ({
        playerId,
        wanted: JSON.parse(wanted) as WantedByClub,
      }));
      const made = await this.pool.run('makeStandings', {
        url,
        authToken,
        scope,
        context,
        players,
      });
      await this.store.write(async (tx) => {
        for (const [n, { playerId, stamp }] of old.entries())
          await this.records.keep(scope, tx, {
            playerId,
            stamp,
            value: JSON.stringify({ v: 1, standings: made[n] }, rounded),
          });
      });
    }
    return found;
  }
}
