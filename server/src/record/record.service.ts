import type { ClubKind, WantedByClub } from '@loxos/core';
import { Injectable } from '@nestjs/common';
import type { Scope } from '../common/scope.ts';
import { Store } from '../db/store.ts';
import { ReadingsService } from '../readings/readings.service.ts';
import { Pool } from '../threads/pool.ts';
import type { RecordAnswer } from './record.dto.ts';
import { RecordRepository } from './record.repository.ts';

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
}
