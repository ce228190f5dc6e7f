import { createHash } from 'node:crypto';
import { HANDS, RECORD_LAYOUT, readingFingerprint } from '@loxos/core';
import type { DrillEffect, Hand, ReadingContext } from '@loxos/core';
import { Injectable, NotFoundException } from '@nestjs/common';
import type { Scope } from '../common/scope.ts';
import { Store } from '../db/store.ts';
import { PlayersRepository } from '../players/players.repository.ts';
import type { PlayerRow } from '../players/players.repository.ts';
import { SettingsService } from '../settings/settings.service.ts';
import { Pool } from '../threads/pool.ts';
import { READ_LESSONS } from './read-lessons.ts';
import { ReadingsRepository } from './readings.repository.ts';
import { markOf } from './readings.repository.ts';
import type { KeptLesson, KnownPlayer, Read } from './readings.repository.ts';

/** Balls read in one go, and lessons: so much that a thread is worth it, so little that writing it down is short. */
const BALLS_AT_ONCE = 2000;
const LESSONS_AT_ONCE = 25;

const hashOf = (value: unknown): string =>
  createHash('sha256').update(JSON.stringify(value)).digest('base64url').slice(0, 16);

/** Rules that the balls of players of a hand are read by, and how what was read by them is marked. */
export interface Rules {
  readonly context: ReadingContext;
  /** After the version of the balls and what is known of the player. */
  readonly stampRest: string;
}

/** Returns the rules of one player. */
const rulesFor = ({ context, stampRest }: Rules, known: KnownPlayer): Rules => {
  const { playerKind, driverSpeedMps } = known;
  return {
    context: { ...context, playerKind, driverSpeedMps },
    stampRest: `${markOf(known)}${stampRest}`,
  };
};

/** Lessons whose reading is of other balls, rules or model. */
const outOfDate = (
  lessons: readonly Pick<KeptLesson, 'lessonId' | 'ballsVersion' | 'stamp'>[],
  { stampRest }: Rules,
): string[] =>
  lessons
    .filter(({ stamp, ballsVersion }) => stamp !== `${ballsVersion}${stampRest}`)
    .map(({ lessonId }) => lessonId);

/** Readings of lessons: kept, and computed anew in a thread where balls, rules or the model are others since. */
@Injectable()
export class ReadingsService {
  private readonly model = `${readingFingerprint()}.${RECORD_LAYOUT}`;

  constructor(
    private readonly store: Store,
    private readonly readings: ReadingsRepository,
    private readonly players: PlayersRepository,
    private readonly settings: SettingsService,
    private readonly pool: Pool,
  ) {}

  /** Returns what each drill has moved for a player, lesson by lesson, read and counted as every screen does. */
  async effectsOf(scope: Scope, playerId: string): Promise<DrillEffect[]> {
    const player = await this.require(scope, playerId);
    const lessons = await this.store.read((db) => this.readings.hit(scope, db, playerId));
    const rules = rulesFor(await this.rulesOf(scope, player.hand), player);
    const fresh = await this.read(scope, outOfDate(lessons, rules), rules);
    const read = new Map(fresh.map((one) => [one.lessonId, one.record.effects]));
    return lessons.flatMap(
      ({ lessonId, effects }) =>
        read.get(lessonId) ?? (effects === null ? [] : (JSON.parse(effects) as DrillEffect[])),
    );
  }

  /** Brings the readings of all of a player's lessons up to date; the player, and the rules they were read by. */
  async bringUp(
    scope: Scope,
    playerId: string,
  ): Promise<{ readonly player: PlayerRow; readonly context: ReadingContext }> {
    const player = await this.require(scope, playerId);
    const rules = rulesFor(await this.rulesOf(scope, player.hand), player);
    const lessons = await this.store.read((db) => this.readings.hit(scope, db, playerId));
    const old = outOfDate(lessons, rules);
    for (let at = 0; at < old.length; at += LESSONS_AT_ONCE)
      await this.read(scope, old.slice(at, at + LESSONS_AT_ONCE), rules);
    return { player, context: rules.context };
  }

  /** Reads some of the lessons that are out of date; how many it found. */
  async catchUp(scope: Scope): Promise<number> {
    let found = 0;
    for (const hand of HANDS) {
      const rules = await this.rulesOf(scope, hand);
      const old = await this.store.read((db) =>
        this.readings.outOfDate(scope, db, hand, rules.stampRest, LESSONS_AT_ONCE),
      );
      let balls = 0;
      const some = old.filter(
        ({ ballCount }, n) => (balls += ballCount) <= BALLS_AT_ONCE || n === 0,
      );
      for (const known of new Map(some.map((one) => [markOf(one), one])).values()) {
        const own = some.filter((one) => markOf(one) === markOf(known));
        const ids = own.map(({ lessonId }) => lessonId);
        await this.read(scope, ids, rulesFor(rules, known));
      }
      found += old.length;
    }
    return found;
  }

  private async require(scope: Scope, playerId: string): Promise<PlayerRow> {
    const player = await this.store.read((db) => this.players.find(scope, db, playerId));
    if (player === null || player.deletedAt !== null)
      throw new NotFoundException('There is no such player in this academy.');
    return player;
  }

  /** Returns what the balls of players of a hand are read by, now. */
  async rulesOf(scope: Scope, hand: Hand): Promise<Rules> {
    const { bands, naming, accuracy } = await this.settings.get(scope);
    const context: ReadingContext = { hand, bands, naming, accuracy };
    return { context, stampRest: `.${hashOf(context)}.${this.model}` };
  }

  private async read(
    scope: Scope,
    lessonIds: readonly string[],
    { context, stampRest }: Rules,
  ): Promise<Read[]> {
    if (lessonIds.length === 0) return [];
    const { url, authToken } = this.store;
    const found = await this.pool.run(READ_LESSONS, { url, authToken, scope, lessonIds, context });
    const read = found.map(({ lessonId, ballsVersion, record }) => ({
      lessonId,
      stamp: `${ballsVersion}${stampRest}`,
      record,
    }));
    await this.store.write(async (tx) => {
      for (const one of read) await this.readings.keep(scope, tx, one);
    });
    return read;
  }
}
