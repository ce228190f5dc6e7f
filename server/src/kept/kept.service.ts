import { addMonthsIso, dayIn, ownZone } from '@loxos/core';
import { Injectable, NotFoundException } from '@nestjs/common';
import { AccountsRepository } from '../accounts/accounts.repository.ts';
import { MOST_IDLE_HOURS } from '../accounts/cookie.ts';
import { DOOR_RECORD_DAYS } from '../accounts/record/door-record.service.ts';
import { SESSION_DAYS } from '../accounts/sessions.service.ts';
import { KEPT } from '../backups/copies.ts';
import { Clock } from '../common/clock.ts';
import type { Scope } from '../common/scope.ts';
import { Store } from '../db/store.ts';
import { HistoryService } from '../history/history.service.ts';
import type { Writer } from '../history/history.service.ts';
import { MOST_PAGE_DAYS } from '../pages/page.dto.ts';
import { PlayersRepository } from '../players/players.repository.ts';
import { NO_PLAYER } from '../players/players.service.ts';
import type { GonePlayer, Kept } from './kept.dto.ts';
import { KeptRepository } from './kept.repository.ts';

/** Who is kept though long gone, is asked about again after so long. */
const KEPT_MONTHS = 12;

/** What is kept of people and for how long, and who has long been gone. Nobody is erased but by a person. */
@Injectable()
export class KeptService {
  constructor(
    private readonly store: Store,
    private readonly accounts: AccountsRepository,
    private readonly kept: KeptRepository,
    private readonly players: PlayersRepository,
    private readonly history: HistoryService,
    private readonly clock: Clock,
  ) {}

  /** Returns what is in force. */
  async inForce({ academyId }: Scope): Promise<Kept> {
    const academy = await this.store.read((db) => this.accounts.academy(db, academyId));
    return {
      academy: academy.name,
      personalFor: academy.personalFor,
      goneMonths: academy.goneMonths,
      copies: {
        daily: KEPT.daily,
        asked: KEPT.asked,
        beforeUpdate: KEPT['before-update'],
        beforeRestore: KEPT['before-restore'],
      },
      doorRecordDays: DOOR_RECORD_DAYS,
      idleHours: academy.idleHours ?? MOST_IDLE_HOURS,
      sessionDays: SESSION_DAYS,
      pageDays: MOST_PAGE_DAYS,
    };
  }

  /** Players who have had no lesson for as long as the academy said, and are not kept for now; the longest gone first. */
  gone(scope: Scope): Promise<GonePlayer[]> {
    return this.store.read(async (db) => {
      const academy = await this.accounts.academy(db, scope.academyId);
      if (academy.goneMonths === null) return [];
      const zone = academy.zone ?? ownZone();
      const today = dayIn(this.clock.text(), zone);
      const since = addMonthsIso(today, -academy.goneMonths);
      const all = (await this.kept.lastHere(scope, db)).map(({ lastAt, ...one }) => ({
        ...one,
        lastOn: dayIn(lastAt, zone),
      }));
      return all
        .filter(({ lastOn, keepUntil }) => lastOn < since && (keepUntil ?? '') < today)
        .sort((a, b) => a.lastOn.localeCompare(b.lastOn))
        .map(({ id, name, lastOn, isTakenAway }) => ({ id, name, lastOn, isTakenAway }));
    });
  }

  /** Keeps a player who is long gone: they are asked about again in a year. */
  async keep(scope: Scope, playerId: string, writer: Writer): Promise<void> {
    await this.store.write(async (tx) => {
      const row = await this.players.find(scope, tx, playerId);
      if (row === null) throw new NotFoundException(NO_PLAYER);
      const zone = await this.accounts.zone(tx, scope.academyId);
      const keepUntil = addMonthsIso(dayIn(this.clock.text(), zone), KEPT_MONTHS);
      if (row.keepUntil === keepUntil) return;
      const version = row.version + 1;
      await this.players.update(scope, tx, playerId, { keepUntil, version });
      const fromTo = { before: { keepUntil: row.keepUntil }, after: { keepUntil } };
      const of = { thing: 'player', id: playerId, playerId, version: row.version } as const;
      await this.history.note(scope, tx, [{ ...of, ...fromTo }], 'player kept', writer);
    });
  }
}
