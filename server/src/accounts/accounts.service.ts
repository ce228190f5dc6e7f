import { randomUUID } from 'node:crypto';
import { passwordTrouble } from '@loxos/core';
import { ConflictException, Injectable, UnauthorizedException } from '@nestjs/common';
import { Clock } from '../common/clock.ts';
import type { Scope } from '../common/scope.ts';
import { hashOf } from '../common/token.ts';
import { invalid } from '../common/validation.ts';
import { Store } from '../db/store.ts';
import type { Handle } from '../db/handle.ts';
import type { Writer } from '../history/history.service.ts';
import { HistoryService } from '../history/history.service.ts';
import type {
  Account,
  ChangeAcademy,
  ChangePassword,
  DoorState,
  Found,
  SignIn,
} from './account.dto.ts';
import { CAN } from '../door/abilities.ts';
import { AccountsRepository, NEW_USER } from './accounts.repository.ts';
import type { AcademyRow, UserRow } from './accounts.repository.ts';
import { MOST_IDLE_HOURS } from './cookie.ts';
import { CodesService } from './codes/codes.service.ts';
import { PasskeysRepository } from './passkeys/passkeys.repository.ts';
import { hashPassword, isPassword } from './passwords.ts';
import type { Browser } from './browser.ts';
import { DoorRecordService } from './record/door-record.service.ts';
import { SessionsService } from './sessions.service.ts';
import { SlowDoor } from './slow-door.ts';

/** The same whether the e-mail or the password is wrong. */
const NOT_SIGNED_IN = 'That e-mail and password do not belong together. Check both, and try again.';

const CODE_ASKED = 'Write the six figures your phone’s app shows, or a recovery code.';
const CODE_WRONG =
  'That code was not taken: it is used up or not of now. Write the next one the app shows.';

const codeAsked = (message: string): UnauthorizedException =>
  new UnauthorizedException({ message, fields: [{ field: 'code', reason: message }] });

/** What history says of a change of the academy, by its field. */
const ACADEMY_CHANGES = [
  ['name', 'academy renamed'],
  ['zone', 'time zone changed'],
  ['idleHours', 'how long browsers stay signed in'],
  ['personalFor', 'who reads body notes and words back'],
  ['goneMonths', 'when players are long gone'],
] as const;

/** A browser that has just been signed in: its cookie's token, and who it is. */
export interface Entered {
  readonly token: string;
  /** What it is known by from now on, also when it is signed out. */
  readonly deviceToken: string;
  readonly account: Account;
}

/** How the server was started. */
export class Opening {
  constructor(readonly isDemo: boolean) {}
}

/** Founding the academy, signing in, and one's own account. */
@Injectable()
export class AccountsService {
  constructor(
    private readonly store: Store,
    private readonly accounts: AccountsRepository,
    private readonly sessions: SessionsService,
    private readonly history: HistoryService,
    private readonly slow: SlowDoor,
    private readonly codes: CodesService,
    private readonly passkeys: PasskeysRepository,
    private readonly doors: DoorRecordService,
    private readonly opening: Opening,
    private readonly clock: Clock,
  ) {}

  door(): Promise<DoorState> {
    return this.store.read(async (db) => ({
      isFounded: await this.accounts.hasOwner(db),
      isDemo: this.opening.isDemo && ((await this.accounts.first(db))?.isDemo ?? false),
    }));
  }

  /** Founds the academy, or gives the one that is here its owner; only while it has none. */
  async found({ academy, name, email, password, zone }: Found, browser: Browser): Promise<Entered> {
    const trouble = passwordTrouble(password, [name, email, academy]);
    if (trouble !== null) throw invalid([{ field: 'password', reason: `password: ${trouble}` }]);
    const passwordHash = await hashPassword(password);
    return this.store.write(async (tx) => {
      if (await this.accounts.hasOwner(tx))
        throw new ConflictException('This academy is founded already: sign in, or ask its owner.');
      const createdAt = this.clock.text();
      const there = await this.accounts.first(tx);
      const { isDemo } = this.opening;
      const row = {
        id: there?.id ?? randomUUID(),
        name: academy,
        createdAt: there?.createdAt ?? createdAt,
        zone: zone ?? there?.zone ?? null,
        idleHours: there?.idleHours ?? null,
        personalFor: there?.personalFor ?? 'coaches',
        goneMonths: there?.goneMonths ?? null,
        isDemo,
      };
      await this.accounts.putAcademy(tx, row);
      const owner = { id: randomUUID(), academyId: row.id, email, name, role: 'owner' as const };
      const user = { ...owner, ...NEW_USER, passwordHash, createdAt };
      await this.accounts.insert(tx, user);
      return this.enter(tx, user, browser, 'as the founder of the academy');
    });
  }

  /** Signs in by e-mail and password. A browser that signed in before waits for its own wrong passwords alone. */
  async signIn({ email, password, code }: SignIn, browser: Browser): Promise<Entered> {
    const user = await this.store.read((db) => this.accounts.byEmail(db, email));
    const kept = user === null || user.endedAt !== null ? null : user.passwordHash;
    const isKnown = user !== null && (await this.sessions.isKnown(user, browser));
    const key = isKnown ? `browser ${hashOf(browser.deviceToken!)}` : `e-mail ${email}`;
    const how = await this.slow.try(key, async () => {
      if (await isPassword(kept, password)) return this.withCode(user!, code, browser);
      await this.refused(user, 'a wrong password', browser);
      throw new UnauthorizedException(NOT_SIGNED_IN);
    });
    return this.store.write((tx) => this.enter(tx, user!, browser, how));
  }

  /** Signs in to the demo as its owner. */
  enterDemo(browser: Browser): Promise<Entered> {
    return this.store.write(async (tx) => {
      const academy = await this.accounts.first(tx);
      const isDemo = this.opening.isDemo && academy?.isDemo === true;
      const owner = isDemo ? await this.accounts.firstOwner(tx, academy.id) : null;
      if (owner === null) throw new UnauthorizedException('This is no demo: sign in.');
      return this.enter(tx, owner, browser, 'to the demo');
    });
  }

  async account(scope: Scope): Promise<Account> {
    return this.store.read(async (db) => {
      const user = await this.accounts.find(scope, db, scope.userId!);
      return this.toAccount(db, user!);
    });
  }

  rename(scope: Scope, name: string, writer: Writer): Promise<Account> {
    return this.store.write(async (tx) => {
      const user = (await this.accounts.find(scope, tx, scope.userId!))!;
      if (user.name !== name) {
        await this.accounts.update(scope, tx, user.id, { name });
        const values = { before: { name: user.name }, after: { name } };
        const of = { thing: 'person', id: user.id, version: 0 } as const;
        await this.history.note(scope, tx, [{ ...of, ...values }], 'name changed', writer);
      }
      return this.toAccount(tx, { ...user, name });
    });
  }

  /** Changes what is said of the academy as a whole: its name, the zone of its days, who reads what and for how long. */
  changeAcademy(scope: Scope, asked: ChangeAcademy, writer: Writer): Promise<Account> {
    return this.store.write(async (tx) => {
      const academy = await this.accounts.academy(tx, scope.academyId);
      const given = Object.entries(asked).filter(([, value]) => value !== undefined);
      const next = { ...academy, ...(Object.fromEntries(given) as Partial<AcademyRow>) };
      await this.accounts.putAcademy(tx, next);
      const of = { thing: 'academy', id: academy.id, version: 0 } as const;
      const changed = ACADEMY_CHANGES.filter(([field]) => academy[field] !== next[field]);
      const noted = changed.map(([field]) => ({
        ...of,
        before: { [field]: academy[field] },
        after: { [field]: next[field] },
      }));
      const what = changed.map(([, words]) => words).join(', ');
      await this.history.note(scope, tx, noted, what, writer);
      return this.toAccount(tx, (await this.accounts.find(scope, tx, scope.userId!))!);
    });
  }

  /** Changes one's own password: every other browser is signed out, and this one gets a new token. */
  async changePassword(
    scope: Scope,
    { password, next }: ChangePassword,
    browser: Browser,
  ): Promise<Entered> {
    const user = await this.store.read((db) => this.accounts.find(scope, db, scope.userId!));
    await this.slow.try(`own ${user!.id}`, async () => {
      if (!(await isPassword(user!.passwordHash, password)))
        throw invalid([{ field: 'password', reason: 'password: that is not your password' }]);
    });
    return this.setPassword(scope, user!, next, browser);
  }

  /** By what somebody signs in whose password is right: where codes are on, by one of them too. */
  private async withCode(
    user: UserRow,
    code: string | undefined,
    browser: Browser,
  ): Promise<string> {
    if (user.codeSecret === null) return 'with a password';
    if (code === undefined || code.trim() === '') throw codeAsked(CODE_ASKED);
    const tried = await this.codes.try(user, code);
    if (tried === 'right') return 'with a password and a code';
    if (tried === 'recovery') return 'with a password and a recovery code';
    await this.refused(user, 'a wrong one-time code', browser);
    throw codeAsked(CODE_WRONG);
  }

  /** Writes down that somebody was refused: an e-mail that nobody has is not kept, it may be a password. */
  private refused(user: UserRow | null, detail: string, browser: Browser): Promise<void> {
    return this.store.write(async (tx) => {
      const academyId = user?.academyId ?? (await this.accounts.first(tx))?.id;
      if (academyId === undefined) return;
      const of = { academyId, userId: user?.id ?? null, who: user?.name ?? '' };
      await this.doors.note(tx, { ...of, kind: 'refused', detail }, browser);
    });
  }

  /**
   * Gives somebody a new password, signs out every browser of theirs and signs this one in. `first`: what must hold when it is
   * written, and throws where it does not.
   */
  async setPassword(
    scope: Scope,
    user: UserRow,
    password: string,
    browser: Browser,
    first: (tx: Handle) => Promise<unknown> = () => Promise.resolve(),
  ): Promise<Entered> {
    const trouble = passwordTrouble(password, [user.name, user.email]);
    if (trouble !== null) throw invalid([{ field: 'password', reason: `password: ${trouble}` }]);
    const passwordHash = await hashPassword(password);
    return this.store.write(async (tx) => {
      await first(tx);
      await this.accounts.update(scope, tx, user.id, { passwordHash });
      await this.accounts.endLinksOf(scope, tx, user.id, this.clock.text());
      await this.sessions.endAll(scope, tx, user.id);
      const { id: userId, academyId, name: who } = user;
      await this.doors.note(tx, { academyId, kind: 'password-changed', userId, who }, browser);
      return this.enter(tx, user, browser, 'with the new password');
    });
  }

  /** Takes away every other way in that somebody has: whoever gives them a new password cannot know whose those are. */
  async forgetWaysIn(tx: Handle, user: UserRow, browser: Browser): Promise<void> {
    await this.passkeys.removeAll(tx, user.id);
    await this.codes.forget(tx, user, 'by a link to a new password', browser);
  }

  /** Signs a browser in. `how`: by what, for the record of doors. */
  async enter(tx: Handle, user: UserRow, browser: Browser, how: string): Promise<Entered> {
    const isNewBrowser = await this.sessions.isNewTo(tx, user, browser);
    const { id: userId, academyId, name: who } = user;
    const of = { academyId, kind: 'signed-in', userId, who, detail: how, isNewBrowser } as const;
    await this.doors.note(tx, of, browser);
    // One browser, one session: the one before would stay open unseen.
    await this.sessions.leave(tx, browser);
    const token = await this.sessions.open(tx, user, browser.name);
    const deviceToken = await this.sessions.know(tx, user, browser);
    return { token, deviceToken, account: await this.toAccount(tx, user) };
  }

  private async toAccount(db: Handle, user: UserRow): Promise<Account> {
    const { id, name, email, role, academyId } = user;
    const academy = await this.accounts.academy(db, academyId);
    const { name: academyName, zone, personalFor, goneMonths } = academy;
    const idleHours = academy.idleHours ?? MOST_IDLE_HOURS;
    const may = [...CAN[role]];
    const rules = { zone, idleHours, personalFor, goneMonths };
    return { id, name, email, role, may, academyId, academy: academyName, ...rules };
  }
}
