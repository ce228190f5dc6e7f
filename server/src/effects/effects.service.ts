import { createHash } from 'node:crypto';
import { readingFingerprint } from '@loxos/core';
import type { DrillEffect, ReadingContext } from '@loxos/core';
import { Injectable, NotFoundException } from '@nestjs/common';
import type { Scope } from '../common/scope.ts';
import { Store } from '../db/store.ts';
import { PlayersRepository } from '../players/players.repository.ts';
import { SettingsService } from '../settings/settings.service.ts';
import { Pool } from '../threads/pool.ts';
import { EffectsRepository } from './effects.repository.ts';
import type { DrilledBall, DrilledLesson } from './effects.repository.ts';

const hashOf = (value: unknown): string =>
  createHash('sha256').update(JSON.stringify(value)).digest('base64url').slice(0, 16);

/** What drills moved, lesson by lesson: kept, and computed anew where balls, rules or the model are others since. */
@Injectable()
export class EffectsService {
  private readonly model = readingFingerprint();

  constructor(
    private readonly store: Store,
    private readonly effects: EffectsRepository,
    private readonly players: PlayersRepository,
    private readonly settings: SettingsService,
    private readonly pool: Pool,
  ) {}

  /** What each drill has moved for a player, lesson by lesson, read and counted as every screen does. */
  async ofPlayer(scope: Scope, playerId: string): Promise<DrillEffect[]> {
    const { bands, naming, accuracy } = await this.settings.get(scope);
    const [player, lessons] = await this.store.read(async (db) => [
      await this.players.find(scope, db, playerId),
      await this.effects.lessons(scope, db, playerId),
    ]);
    if (player === null || player.deletedAt !== null)
      throw new NotFoundException('There is no such player in this academy.');
    const context: ReadingContext = { hand: player.hand, bands, naming, accuracy };
    const rules = hashOf(context);
    const stampOf = ({ ballsVersion }: DrilledLesson): string =>
      `${ballsVersion}.${rules}.${this.model}`;
    const old = lessons.filter((lesson) => lesson.stamp !== stampOf(lesson));
    const fresh = await this.computed(scope, old, context);
    await this.keep(scope, old, fresh, stampOf);
    return lessons.flatMap(
      ({ lessonId, value }) =>
        fresh.get(lessonId) ?? (value === null ? [] : (JSON.parse(value) as DrillEffect[])),
    );
  }

  private async computed(
    scope: Scope,
    lessons: readonly DrilledLesson[],
    context: ReadingContext,
  ): Promise<ReadonlyMap<string, DrillEffect[]>> {
    if (lessons.length === 0) return new Map();
    const ids = lessons.map(({ lessonId }) => lessonId);
    const balls = await this.store.read((db) => this.effects.balls(scope, db, ids));
    const byLesson = new Map(ids.map((id): [string, DrilledBall[]] => [id, []]));
    for (const ball of balls) byLesson.get(ball.lessonId)!.push(ball);
    const found = await this.pool.run('effects', { lessons: [...byLesson.values()], context });
    return new Map(ids.map((id, n) => [id, found[n]!]));
  }

  private async keep(
    scope: Scope,
    lessons: readonly DrilledLesson[],
    fresh: ReadonlyMap<string, DrillEffect[]>,
    stampOf: (lesson: DrilledLesson) => string,
  ): Promise<void> {
    if (lessons.length === 0) return;
    await this.store.write(async (tx) => {
      for (const lesson of lessons) {
        const { lessonId } = lesson;
        const value = JSON.stringify(fresh.get(lessonId) ?? []);
        await this.effects.keep(scope, tx, { lessonId, stamp: stampOf(lesson), value });
      }
    });
  }
}
