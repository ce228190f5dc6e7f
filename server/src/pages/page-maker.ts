import { dayIn, pageRecord, partOf, periodOf, reportOf, shortDayIn, unitsOf } from '@loxos/core';
import type { ClubKind, HeldLesson, PageContent, RecordWording } from '@loxos/core';
import { Injectable } from '@nestjs/common';
import { AccountsRepository } from '../accounts/accounts.repository.ts';
import { BallsRepository } from '../balls/balls.repository.ts';
import { BlocksRepository, toBlock } from '../blocks/blocks.repository.ts';
import { Clock } from '../common/clock.ts';
import type { Scope } from '../common/scope.ts';
import { invalid } from '../common/validation.ts';
import type { Handle } from '../db/handle.ts';
import { Store } from '../db/store.ts';
import { DrillsRepository } from '../drills/drills.repository.ts';
import { LessonsRepository } from '../lessons/lessons.repository.ts';
import { toPlayer } from '../players/players.service.ts';
import type { Player } from '../players/player.dto.ts';
import { ReadingsService } from '../readings/readings.service.ts';
import { RecordService } from '../record/record.service.ts';
import { SettingsService } from '../settings/settings.service.ts';
import { StepsService } from '../steps/steps.service.ts';
import { Pool } from '../threads/pool.ts';
import { MAKE_PAGE } from './make-page.ts';
import { PagesRepository } from './pages.repository.ts';

/** Makes what players are given, of what is there: the same functions of core that the coach saw it by. */
@Injectable()
export class PageMaker {
  constructor(
    private readonly store: Store,
    private readonly accounts: AccountsRepository,
    private readonly lessons: LessonsRepository,
    private readonly balls: BallsRepository,
    private readonly blocks: BlocksRepository,
    private readonly drills: DrillsRepository,
    private readonly pages: PagesRepository,
    private readonly steps: StepsService,
    private readonly settings: SettingsService,
    private readonly readings: ReadingsService,
    private readonly records: RecordService,
    private readonly pool: Pool,
    private readonly clock: Clock,
  ) {}

  /** Makes the page of a lesson about a club, as whoever asks may read the lesson. */
  async ofLesson(scope: Scope, lessonId: string, club: string | null): Promise<PageContent> {
    const { lesson, player, previousId, zone, own } = await this.store.read(async (db) => {
      const found = await this.lessons.require(scope, db, lessonId);
      return {
        lesson: found.lesson,
        player: toPlayer(scope, found.player),
        previousId: await this.lessons.before(scope, db, found.lesson),
        zone: await this.accounts.zone(db, scope.academyId),
        own: await this.drills.list(scope, db),
      };
    });
    const held = await this.held(scope, lessonId, player);
    const previous = previousId === null ? null : await this.held(scope, previousId, player);
    const date = dayIn(lesson.startsAt, zone);
    const today = dayIn(this.clock.text(), zone);
    const { content, kind } = await this.pool.run(MAKE_PAGE, {
      ...{ lesson: held, previous, club, own, date },
      rules: await this.settings.get(scope),
      effects: await this.readings.effectsOf(scope, player.id),
      units: unitsOf(player),
      isToday: date === today,
    });
    if (!partOf(held, 'send').isRecordShown) return content;
    const { record } = await this.records.ofPlayer(scope, player.id, { kind });
    const wording = this.wording(player, zone);
    return { ...content, record: pageRecord(record, kind, player, today, wording) };
  }

  /** Makes the report of a player with a kind of club, over the period chosen in it. */
  async report(
    scope: Scope,
    player: Player,
    kindAsked: ClubKind | undefined,
  ): Promise<PageContent> {
    const { zone, last } = await this.store.read(async (db) => ({
      zone: await this.accounts.zone(db, scope.academyId),
      last: await this.pages.lastOf(scope, db, player.id),
    }));
    const today = dayIn(this.clock.text(), zone);
    const draft = player.report ?? {};
    const kind = draft.kind ?? kindAsked;
    const asked = { ...periodOf(draft, today), ...(kind && { kind }) };
    const { record, homework } = await this.records.ofPlayer(scope, player.id, asked);
    if (record === null)
      throw invalid([{ field: 'report', reason: 'no visit with a named club in this period' }]);
    const wording = this.wording(player, zone);
    return reportOf(player, { record, homework, last, draft, today, wording }).content;
  }

  private wording(player: Player, zone: string): RecordWording {
    const dayText = (iso: string): string => shortDayIn(iso, zone);
    return { hand: player.hand, units: unitsOf(player), dayText };
  }

  private async held(scope: Scope, lessonId: string, player: Player): Promise<HeldLesson> {
    const parts = await this.steps.parts(scope, lessonId);
    return this.store.read(async (db: Handle) => ({
      player,
      balls: await this.balls.ofLesson(scope, db, lessonId),
      blocks: (await this.blocks.ofLesson(scope, db, lessonId)).map(toBlock),
      parts,
    }));
  }
}
