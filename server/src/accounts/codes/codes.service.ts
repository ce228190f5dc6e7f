import { BadRequestException, ConflictException, Injectable } from '@nestjs/common';
import { Clock } from '../../common/clock.ts';
import type { Scope } from '../../common/scope.ts';
import { hashOf } from '../../common/token.ts';
import { invalid } from '../../common/validation.ts';
import { Store } from '../../db/store.ts';
import type { Handle } from '../../db/handle.ts';
import { AccountsRepository } from '../accounts.repository.ts';
import type { UserRow } from '../accounts.repository.ts';
import type { Browser } from '../browser.ts';
import { isPassword } from '../passwords.ts';
import { DoorRecordService } from '../record/door-record.service.ts';
import { SlowDoor } from '../slow-door.ts';
import type { CodesOffer, CodesState, RecoveryCodes } from './code.dto.ts';
import { CodesRepository } from './codes.repository.ts';
import { newRecoveryCodes, newSecret, plainRecoveryCode, stepOf } from './one-time.ts';

/** How long a new secret waits for its first code, ms. */
const OFFERED_MS = 15 * 60_000;

/** What a try of a code was. */
export type CodeTry = 'right' | 'wrong' | 'recovery';

/** One-time codes of a phone besides the password, and the recovery codes for when it is lost. */
@Injectable()
export class CodesService {
  /** Secrets that no code of has come yet, by whom they were made for. */
  private readonly offered = new Map<string, { secret: string; until: number }>();

  constructor(
    private readonly store: Store,
    private readonly accounts: AccountsRepository,
    private readonly codes: CodesRepository,
    private readonly slow: SlowDoor,
    private readonly doors: DoorRecordService,
    private readonly clock: Clock,
  ) {}

  state(scope: Scope): Promise<CodesState> {
    return this.store.read(async (db) => {
      const user = await this.me(scope, db);
      const isOn = user.codeSecret !== null;
      return { isOn, left: isOn ? await this.codes.left(db, user.id) : 0 };
    });
  }

  /** Returns a secret for a phone's app; nothing changes until a code of it comes. */
  async offer(scope: Scope): Promise<CodesOffer> {
    const { user, academy } = await this.store.read(async (db) => ({
      user: await this.me(scope, db),
      academy: await this.accounts.academy(db, scope.academyId),
    }));
    if (user.codeSecret !== null)
      throw new ConflictException('One-time codes are on already: turn them off first.');
    const offer = newSecret(`Loxos ${academy.name}`, user.email);
    const until = this.clock.now().getTime() + OFFERED_MS;
    this.offered.set(user.id, { secret: offer.secret, until });
    return offer;
  }

  /** Turns codes on with the first of them; the recovery codes are told once. */
  async confirm(scope: Scope, code: string, browser: Browser): Promise<RecoveryCodes> {
    const at = this.clock.now().getTime();
    const offer = this.offered.get(scope.userId!);
    if (offer === undefined || offer.until < at)
      throw new BadRequestException('Too long ago: begin again, and scan the new code.');
    const codeStep = await this.slow.try(`codes ${scope.userId}`, async () => {
      const step = await stepOf(code, { secret: offer.secret, after: null, at });
      if (step === null)
        throw invalid([
          { field: 'code', reason: 'code: that is not what the app shows. Is its clock right?' },
        ]);
      return step;
    });
    const codes = newRecoveryCodes();
    await this.store.write(async (tx) => {
      const user = await this.me(scope, tx);
      await this.accounts.update(scope, tx, user.id, { codeSecret: offer.secret, codeStep });
      const hashes = codes.map((text) => hashOf(plainRecoveryCode(text)));
      await this.codes.renew(tx, user, hashes);
      await this.note(tx, user, 'codes-on', '', browser);
    });
    this.offered.delete(scope.userId!);
    return { codes };
  }

  /** Turns codes off. */
  async end(scope: Scope, password: string, browser: Browser): Promise<void> {
    const user = await this.store.read((db) => this.me(scope, db));
    await this.slow.try(`own ${user.id}`, async () => {
      if (!(await isPassword(user.passwordHash, password)))
        throw invalid([{ field: 'password', reason: 'password: that is not your password' }]);
    });
    await this.store.write((tx) => this.forget(tx, user, '', browser));
  }

  /** Turns somebody’s codes off where they are on. `why`: for the record of doors. */
  async forget(tx: Handle, user: UserRow, why: string, browser: Browser): Promise<void> {
    if (user.codeSecret === null) return;
    const scope: Scope = { academyId: user.academyId, userId: user.id, role: user.role };
    await this.accounts.update(scope, tx, user.id, { codeSecret: null, codeStep: null });
    await this.codes.removeAll(tx, user.id);
    await this.note(tx, user, 'codes-off', why, browser);
  }

  /** Tries a code that came with a password: each is taken once, also of two that come together. */
  async try({ id, academyId, role }: UserRow, code: string): Promise<CodeTry> {
    const scope: Scope = { academyId, userId: id, role };
    const now = this.clock.now();
    return this.store.write(async (tx): Promise<CodeTry> => {
      const { codeSecret, codeStep } = await this.me(scope, tx);
      if (codeSecret === null) return 'right';
      const from = { secret: codeSecret, after: codeStep, at: now.getTime() };
      const step = await stepOf(code, from);
      if (step !== null) {
        await this.accounts.update(scope, tx, id, { codeStep: step });
        return 'right';
      }
      const hash = hashOf(plainRecoveryCode(code));
      return (await this.codes.use(tx, id, hash, now.toISOString())) ? 'recovery' : 'wrong';
    });
  }

  private note(
    tx: Handle,
    { id: userId, academyId, name: who }: UserRow,
    kind: 'codes-on' | 'codes-off',
    detail: string,
    browser: Browser,
  ): Promise<void> {
    return this.doors.note(tx, { academyId, kind, userId, who, detail }, browser);
  }

  private async me(scope: Scope, db: Handle): Promise<UserRow> {
    return (await this.accounts.find(scope, db, scope.userId!))!;
  }
}
