import { HANDS, dayIn, wentAway } from '@loxos/core';
import type { ClubKind, PageContent, Standing, WantedByClub } from '@loxos/core';
import { Injectable } from '@nestjs/common';
import { AccountsRepository } from '../accounts/accounts.repository.ts';
import { Clock } from '../common/clock.ts';
import type { Scope } from '../common/scope.ts';
import type { Handle } from '../db/handle.ts';
import { Store } from '../db/store.ts';
import { ReadingsService } from '../readings/readings.service.ts';
import { Pool } from '../threads/pool.ts';
import { MAKE_MOVED, MAKE_RECORD, MAKE_STANDINGS } from './make-record.ts';
import type {
  AcademyMoved,
  HomeworkDay,
  PlayerStandings,
  RecordAnswer,
  RecordQuery,
} from './record.dto.ts';
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
    private readonly accounts: AccountsRepository,
    private readonly pool: Pool,
    private readonly clock: Clock,
  ) {}

  async ofPlayer(scope: Scope, playerId: string, query: RecordQuery): Promise<RecordAnswer> {
    const { player, context } = await this.readings.bringUp(scope, playerId);
    const { url, authToken } = this.store;
    const wanted = JSON.parse(player.wanted) as WantedByClub;
    const { kind, from, to, parted: partedAt } = query;
    const ask = { context, wanted, kind, from, to, partedAt };
    const record = await this.pool.run(MAKE_RECORD, { url, authToken, scope, playerId, ...ask });
    const isAsked = ({ date }: { readonly date: string }): boolean =>
      (from === undefined || date >= from) && (to === undefined || date <= to);
    return this.store.read(async (db) => ({
      record,
      stations: (await this.records.stations(scope, db, playerId)).filter(isAsked),
      homework: (await this.homework(scope, db, playerId)).filter(isAsked),
    }));
  }

  /** The days homework was due on by the last page of each lesson, or done by any, up to today. */
  private async homework(scope: Scope, db: Handle, playerId: string): Promise<HomeworkDay[]> {
    const pages = await this.records.pagesOf(scope, db, playerId);
    const last = new Map(pages.map((page) => [page.lessonId, page]));
    const done = new Set((await this.records.ticks(scope, db, playerId)).map(({ date }) => date));
    const due = [...last.values()].flatMap(({ content }) =>
      (JSON.parse(content) as PageContent).homework.map(({ date }) => date.slice(0, 10)),
    );
    const zone = await this.accounts.zone(db, scope.academyId);
    const today = dayIn(this.clock.text(), zone);
    return [...new Set([...due.filter((date) => date < today), ...done])]
      .sort()
      .map((date) => ({ date, isDone: done.has(date) }));
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

  /** Returns what drills moved with a kind of club over all players, as it was last made of each. */
  async moved(scope: Scope, kind: ClubKind): Promise<AcademyMoved> {
    const players = await this.store.read((db) => this.records.moved(scope, db));
    return { moved: await this.pool.run(MAKE_MOVED, { players, kind }) };
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
      const players = old.map(({ playerId, wanted, playerKind, driverSpeedMps }) => ({
        playerId,
        wanted: JSON.parse(wanted) as WantedByClub,
        known: { playerKind, driverSpeedMps },
      }));
      const made = await this.pool.run(MAKE_STANDINGS, {
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
            value: JSON.stringify({ v: 1, standings: made[n]!.standings }, rounded),
            moved: JSON.stringify(made[n]!.moved, rounded),
          });
      });
    }
    return found;
  }
}
