import { dayIn, isMinorOn, isSame, mayOn } from '@loxos/core';
import type { ConsentKind } from '@loxos/core';
import { ConflictException, Injectable, NotFoundException } from '@nestjs/common';
import { AccountsRepository } from '../accounts/accounts.repository.ts';
import { Clock } from '../common/clock.ts';
import type { Scope } from '../common/scope.ts';
import { invalid } from '../common/validation.ts';
import { Store } from '../db/store.ts';
import type { Handle } from '../db/handle.ts';
import type { Writer } from '../history/history.service.ts';
import { HistoryService } from '../history/history.service.ts';
import { PlayersRepository } from '../players/players.repository.ts';
import type { NoteConsent, PlayerConsent } from './consent.dto.ts';
import { ConsentRepository } from './consent.repository.ts';

/** How old a player is, who speaks for them, and what was agreed to: noted, and kept to. */
@Injectable()
export class ConsentService {
  constructor(
    private readonly store: Store,
    private readonly consent: ConsentRepository,
    private readonly players: PlayersRepository,
    private readonly accounts: AccountsRepository,
    private readonly history: HistoryService,
    private readonly clock: Clock,
  ) {}

  get(scope: Scope, playerId: string): Promise<PlayerConsent> {
    return this.store.read(async (db) => {
      await this.nameOf(scope, db, playerId);
      return this.consent.of(scope, db, playerId);
    });
  }

  /** Notes what is said now in place of what was; a consent that stays keeps who noted it, and when. */
  note(
    scope: Scope,
    playerId: string,
    { bornOn = null, isMinor, guardian, consents }: NoteConsent,
    writer: Writer,
  ): Promise<PlayerConsent> {
    return this.store.write(async (tx) => {
      await this.nameOf(scope, tx, playerId);
      const before = await this.consent.of(scope, tx, playerId);
      const today = await this.today(tx, scope);
      if (bornOn !== null && bornOn > today)
        throw invalid([{ field: 'bornOn', reason: 'bornOn: that day is still to come' }]);
      const noted = consents.map(({ kind, until }) => {
        const same = before.consents.find((one) => one.kind === kind && one.until === until);
        return same ?? { kind, until, notedBy: writer.who, notedOn: today };
      });
      const after = { bornOn, isMinor, guardian, consents: noted };
      if (noted.length > 0 && isMinorOn(after, today) && guardian === '')
        throw invalid([{ field: 'guardian', reason: 'guardian: write who agreed' }]);
      if (isSame(before, after)) return before;
      await this.consent.put(scope, tx, playerId, after, this.clock.text());
      const of = { thing: 'consent', id: playerId, version: 0, playerId } as const;
      // What was noted stands here alone: history says that it was, and by whom.
      const nothing = { before: {}, after: {} };
      await this.history.note(scope, tx, [{ ...of, ...nothing }], 'age and consent noted', writer);
      return after;
    });
  }

  /** Returns whether something may be done of a player today. */
  async may(scope: Scope, db: Handle, playerId: string, kind: ConsentKind): Promise<boolean> {
    const noted = await this.consent.of(scope, db, playerId);
    return mayOn(noted, kind, await this.today(db, scope));
  }

  /** Throws 409 where a minor's page may not be given. */
  async requireForPages(scope: Scope, db: Handle, playerId: string): Promise<void> {
    if (await this.may(scope, db, playerId, 'pages')) return;
    const name = await this.nameOf(scope, db, playerId);
    throw new ConflictException(
      `${name} is a minor: first note a parent’s or guardian’s consent to pages, where the player is, under Age and consent.`,
    );
  }

  private async today(db: Handle, { academyId }: Scope): Promise<string> {
    return dayIn(this.clock.text(), await this.accounts.zone(db, academyId));
  }

  private async nameOf(scope: Scope, db: Handle, playerId: string): Promise<string> {
    const found = await this.players.find(scope, db, playerId);
    if (found === null || found.deletedAt !== null)
      throw new NotFoundException('There is no such player in this academy.');
    return found.name;
  }
}
