import { ConflictException, Injectable, NotFoundException } from '@nestjs/common';
import { Clock } from '../common/clock.ts';
import type { Scope } from '../common/scope.ts';
import { Store } from '../db/store.ts';
import type { Handle } from '../db/handle.ts';
import type { Writer } from '../history/history.service.ts';
import { HistoryService } from '../history/history.service.ts';
import type { ChangePerson, Invitation, Invite, NewLink, Person } from './account.dto.ts';
import { AccountsRepository } from './accounts.repository.ts';
import type { UserRow } from './accounts.repository.ts';
import { LinksService } from './links.service.ts';
import { SessionsService } from './sessions.service.ts';

const toPerson = (scope: Scope, { id, name, email, role, endedAt }: UserRow): Person => ({
  id,
  name,
  role,
  mayEnter: endedAt === null,
  ...(scope.role === 'owner' && { email }),
});

/** Who works at the academy: invited, given a role, let in again, sent away. */
@Injectable()
export class PeopleService {
  constructor(
    private readonly store: Store,
    private readonly accounts: AccountsRepository,
    private readonly links: LinksService,
    private readonly sessions: SessionsService,
    private readonly history: HistoryService,
    private readonly clock: Clock,
  ) {}

  async list(scope: Scope): Promise<Person[]> {
    const rows = await this.store.read((db) => this.accounts.list(scope, db));
    return rows.map((row) => toPerson(scope, row));
  }

  /** Changes what somebody may do. The last owner stays one. */
  change(scope: Scope, id: string, asked: ChangePerson, writer: Writer): Promise<Person> {
    return this.store.write(async (tx) => {
      const user = await this.require(scope, tx, id);
      const role = asked.role ?? user.role;
      const mayEnter = asked.mayEnter ?? user.endedAt === null;
      await this.keepAnOwner(scope, tx, user, role === 'owner' && mayEnter);
      const endedAt = mayEnter ? null : (user.endedAt ?? this.clock.text());
      await this.accounts.update(scope, tx, id, { role, endedAt });
      if (!mayEnter) {
        await this.sessions.endAll(scope, tx, id);
        await this.accounts.endLinksOf(scope, tx, id, this.clock.text());
      }
      const values = {
        before: { role: user.role, mayEnter: user.endedAt === null },
        after: { role, mayEnter },
      };
      const of = { thing: 'person', id, version: 0 } as const;
      await this.history.note(
        scope,
        tx,
        [{ ...of, ...values }],
        `${user.name}: what they may do`,
        writer,
      );
      return toPerson(scope, { ...user, role, endedAt });
    });
  }

  /** Returns a link for somebody to choose a new password. */
  reset(scope: Scope, id: string, writer: Writer): Promise<NewLink> {
    return this.store.write(async (tx) => {
      const { name, endedAt } = await this.require(scope, tx, id);
      if (endedAt !== null)
        throw new ConflictException(`${name} may not sign in: let them in again first.`);
      await this.accounts.endLinksOf(scope, tx, id, this.clock.text());
      const of = { thing: 'person', id, version: 0 } as const;
      const nothing = { before: {}, after: {} };
      await this.history.note(
        scope,
        tx,
        [{ ...of, ...nothing }],
        `new password for ${name}`,
        writer,
      );
      return this.links.make(scope, tx, 'reset', { name, role: null, userId: id });
    });
  }

  async invitations(scope: Scope): Promise<Invitation[]> {
    const rows = await this.store.read((db) =>
      this.accounts.invitations(scope, db, this.clock.text()),
    );
    return rows.map(({ id, name, role, expiresAt }) => ({ id, name, role: role!, expiresAt }));
  }

  invite(scope: Scope, { name, role }: Invite, writer: Writer): Promise<NewLink> {
    return this.store.write(async (tx) => {
      const link = await this.links.make(scope, tx, 'invitation', { name, role, userId: null });
      const of = { thing: 'person', id: link.id } as const;
      await this.history.made(scope, tx, of, `${name} invited as ${role}`, writer);
      return link;
    });
  }

  async withdraw(scope: Scope, id: string): Promise<void> {
    const isEnded = await this.store.write((tx) =>
      this.accounts.endLink(scope, tx, id, this.clock.text()),
    );
    if (!isEnded) throw new NotFoundException('There is no such invitation in this academy.');
  }

  private async require(scope: Scope, db: Handle, id: string): Promise<UserRow> {
    const user = await this.accounts.find(scope, db, id);
    if (user === null) throw new NotFoundException('There is nobody like that in this academy.');
    return user;
  }

  private async keepAnOwner(
    scope: Scope,
    db: Handle,
    user: UserRow,
    staysOwner: boolean,
  ): Promise<void> {
    if (staysOwner) return;
    const owners = (await this.accounts.list(scope, db)).filter(
      ({ role, endedAt, id }) => role === 'owner' && endedAt === null && id !== user.id,
    );
    if (owners.length === 0)
      throw new ConflictException('An academy needs an owner: make somebody else one first.');
  }
}
