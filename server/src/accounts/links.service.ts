import { randomUUID } from 'node:crypto';
import { passwordTrouble } from '@loxos/core';
import {
  ConflictException,
  GoneException,
  Injectable,
  NotFoundException,
  UnauthorizedException,
} from '@nestjs/common';
import { Clock } from '../common/clock.ts';
import type { Role, Scope } from '../common/scope.ts';
import { hashOf, newToken } from '../common/token.ts';
import { invalid } from '../common/validation.ts';
import { Store } from '../db/store.ts';
import type { Handle } from '../db/handle.ts';
import type { NewLink, OpenLink, TakeLink } from './account.dto.ts';
import { AccountsRepository, NEW_USER } from './accounts.repository.ts';
import type { LinkRow, UserRow } from './accounts.repository.ts';
import { AccountsService } from './accounts.service.ts';
import type { Entered } from './accounts.service.ts';
import type { Browser } from './browser.ts';
import { hashPassword } from './passwords.ts';

/** How long a link lets somebody in, ms. */
const LASTS_MS = { invitation: 14 * 24 * 3600 * 1000, reset: 24 * 3600 * 1000, key: 600_000 };

const NO_LINK = 'There is nothing behind this link. Ask the owner of the academy for a new one.';
const ENDED = 'This link was used or has ended. Ask the owner of the academy for a new one.';

interface FoundLink {
  readonly link: LinkRow;
  readonly user: UserRow | null;
}

/** Returns the scope of somebody who comes in by a link, which is before the door has made one. */
const scopeOf = ({
  academyId,
  id,
  role,
}: Pick<UserRow, 'academyId' | 'role'> & { readonly id: string | null }): Scope => ({
  academyId,
  userId: id,
  role,
});

/** Links that are used once: to join, to choose a new password, to sign in on another device. */
@Injectable()
export class LinksService {
  constructor(
    private readonly store: Store,
    private readonly accounts: AccountsRepository,
    private readonly entrance: AccountsService,
    private readonly clock: Clock,
  ) {}

  /** Returns a new link; its token is told once. */
  async make(
    scope: Scope,
    tx: Handle,
    kind: LinkRow['kind'],
    to: { readonly name: string; readonly role: Role | null; readonly userId: string | null },
  ): Promise<NewLink> {
    const token = newToken();
    const now = this.clock.now().getTime();
    const row = {
      id: randomUUID(),
      academyId: scope.academyId,
      kind,
      tokenHash: hashOf(token),
      ...to,
      createdAt: new Date(now).toISOString(),
      expiresAt: new Date(now + LASTS_MS[kind]).toISOString(),
      endedAt: null,
    };
    await this.accounts.addLink(tx, row);
    return { id: row.id, token, name: row.name, expiresAt: row.expiresAt };
  }

  /** Returns a key that signs the asker in on another device, once. */
  key(scope: Scope): Promise<NewLink> {
    const { userId } = scope;
    return this.store.write((tx) => this.make(scope, tx, 'key', { name: '', role: null, userId }));
  }

  /** Returns a link for a new password, asked for on the machine that holds the data; null where nobody has that e-mail. */
  resetFor(email: string): Promise<string | null> {
    return this.store.write(async (tx) => {
      const user = await this.accounts.byEmail(tx, email);
      if (user === null || user.endedAt !== null) return null;
      const to = { name: user.name, role: null, userId: user.id };
      return (await this.make(scopeOf(user), tx, 'reset', to)).token;
    });
  }

  /** Signs in with a key. */
  useKey(key: string, browser: Browser): Promise<Entered> {
    return this.store.write(async (tx) => {
      const found = await this.accounts.linkBehind(tx, hashOf(key));
      if (found === null || found.link.kind !== 'key' || this.isOver(found))
        throw new UnauthorizedException('This key was used or has ended: sign in with a password.');
      const { link, user } = found;
      await this.accounts.endLink(scopeOf(user!), tx, link.id, this.clock.text());
      return this.entrance.enter(tx, user!, browser, 'with a key from another device');
    });
  }

  /** Returns what a link is for. */
  open(token: string): Promise<OpenLink> {
    return this.store.read(async (db) => {
      const { link, user } = await this.require(db, token);
      const academy = await this.accounts.academy(db, link.academyId);
      return {
        kind: link.kind as OpenLink['kind'],
        academy: academy.name,
        name: user?.name ?? link.name,
        role: user?.role ?? link.role!,
      };
    });
  }

  /** Joins, or chooses a new password; the browser is signed in. */
  async take(token: string, dto: TakeLink, browser: Browser): Promise<Entered> {
    const { link, user } = await this.store.read((db) => this.require(db, token));
    if (user !== null) {
      // Used once: it must still be open when the password is written.
      const first = async (tx: Handle): Promise<void> => {
        const { user: now } = await this.require(tx, token);
        await this.entrance.forgetWaysIn(tx, now!, browser);
      };
      return this.entrance.setPassword(scopeOf(user), user, dto.password, browser, first);
    }
    return this.join(scopeOf({ ...link, id: null, role: link.role! }), token, dto, browser);
  }

  private async join(
    scope: Scope,
    token: string,
    { name, email, password }: TakeLink,
    browser: Browser,
  ): Promise<Entered> {
    if (name === undefined) throw invalid([{ field: 'name', reason: 'name: write your name' }]);
    if (email === undefined)
      throw invalid([{ field: 'email', reason: 'email: write your e-mail address' }]);
    const trouble = passwordTrouble(password, [name, email]);
    if (trouble !== null) throw invalid([{ field: 'password', reason: `password: ${trouble}` }]);
    const passwordHash = await hashPassword(password);
    return this.store.write(async (tx) => {
      const { link } = await this.require(tx, token);
      const at = this.clock.text();
      const there = await this.accounts.byEmail(tx, email);
      const hasLeft = there?.academyId === link.academyId && there.endedAt !== null;
      if (there !== null && !hasLeft)
        throw new ConflictException('Somebody signs in with this e-mail already: use another.');
      const asked = { name, role: link.role!, passwordHash, endedAt: null };
      const user: UserRow = {
        ...NEW_USER,
        ...(there ?? { id: randomUUID(), academyId: link.academyId, email, createdAt: at }),
        ...asked,
      };
      if (there === null) await this.accounts.insert(tx, user);
      else {
        await this.entrance.forgetWaysIn(tx, there, browser);
        await this.accounts.update(scope, tx, user.id, asked);
      }
      await this.accounts.endLink(scope, tx, link.id, at);
      return this.entrance.enter(tx, user, browser, 'by an invitation');
    });
  }

  private async require(db: Handle, token: string): Promise<FoundLink> {
    const found = await this.accounts.linkBehind(db, hashOf(token));
    if (found === null || found.link.kind === 'key') throw new NotFoundException(NO_LINK);
    if (this.isOver(found)) throw new GoneException(ENDED);
    return found;
  }

  /** Returns whether a link was used, has ended, or is for somebody who may no longer enter. */
  private isOver({ link, user }: FoundLink): boolean {
    const hasLeft = link.userId !== null && user?.endedAt !== null;
    return link.endedAt !== null || link.expiresAt <= this.clock.text() || hasLeft;
  }
}
