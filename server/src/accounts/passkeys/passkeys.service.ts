import type {
  AuthenticationResponseJSON,
  AuthenticatorTransport,
  RegistrationResponseJSON,
  WebAuthnCredential,
} from '@simplewebauthn/server';
import { BadRequestException, Injectable, NotFoundException } from '@nestjs/common';
import { UnauthorizedException } from '@nestjs/common';
import { Clock } from '../../common/clock.ts';
import type { Scope } from '../../common/scope.ts';
import { Store } from '../../db/store.ts';
import { AccountsRepository } from '../accounts.repository.ts';
import { AccountsService } from '../accounts.service.ts';
import type { Entered } from '../accounts.service.ts';
import type { Browser } from '../browser.ts';
import { DoorRecordService } from '../record/door-record.service.ts';
import { Challenges } from './challenges.ts';
import type { Passkey, PasskeyQuestion } from './passkey.dto.ts';
import { PasskeysRepository } from './passkeys.repository.ts';
import type { PasskeyRow } from './passkeys.repository.ts';
import type { Site } from './site.ts';

/** More than anybody has devices. */
const MOST = 20;
const DEVICE_LENGTH = 200;
const NOT_TAKEN =
  'The device’s answer was not taken: it is too old, or for another address. Try again.';
/** Returns what checks keys and answers; read when the first passkey is used, so that a start does not wait for it. */
const webAuthn = () => import('@simplewebauthn/server');

const NOT_KNOWN =
  'This passkey signs nobody in here: it was taken away, or is another academy’s. Sign in with your password.';

const toPasskey = ({ id, device, site, createdAt, usedAt }: PasskeyRow): Passkey => ({
  id,
  device,
  site,
  createdAt,
  usedAt,
});

const transportsOf = ({ transports }: PasskeyRow) =>
  JSON.parse(transports) as AuthenticatorTransport[];

const credentialOf = (row: PasskeyRow): WebAuthnCredential => ({
  id: row.id,
  publicKey: new Uint8Array(row.publicKey),
  counter: row.counter,
  transports: transportsOf(row),
});

/** Returns what the package throws is said of what came, and may repeat it: the caller is told what to do. */
async function taken<T extends { readonly verified: boolean }>(
  work: Promise<T>,
): Promise<T | null> {
  try {
    const done = await work;
    return done.verified ? done : null;
  } catch {
    return null;
  }
}

/** Passkeys: a device signs what it is asked, after it has made sure who holds it (WebAuthn level 3). */
@Injectable()
export class PasskeysService {
  constructor(
    private readonly store: Store,
    private readonly passkeys: PasskeysRepository,
    private readonly accounts: AccountsRepository,
    private readonly entrance: AccountsService,
    private readonly challenges: Challenges,
    private readonly doors: DoorRecordService,
    private readonly clock: Clock,
  ) {}

  async list(scope: Scope): Promise<Passkey[]> {
    const rows = await this.store.read((db) => this.passkeys.ofUser(scope, db, scope.userId!));
    return rows.map(toPasskey);
  }

  /** Returns what a device is asked so that it makes a passkey. */
  async offer(scope: Scope, site: Site): Promise<PasskeyQuestion> {
    const { user, academy, own } = await this.store.read(async (db) => ({
      user: (await this.accounts.find(scope, db, scope.userId!))!,
      academy: await this.accounts.academy(db, scope.academyId),
      own: await this.passkeys.ofUser(scope, db, scope.userId!),
    }));
    if (own.length >= MOST)
      throw new BadRequestException(`You have ${MOST} passkeys: take one away first.`);
    const options = await (
      await webAuthn()
    ).generateRegistrationOptions({
      rpName: academy.name,
      rpID: site.name,
      userID: new TextEncoder().encode(user.id),
      userName: user.email,
      userDisplayName: user.name,
      attestationType: 'none',
      excludeCredentials: own.map((row) => ({ id: row.id, transports: transportsOf(row) })),
      authenticatorSelection: { residentKey: 'required', userVerification: 'required' },
    });
    this.challenges.ask(options.challenge, user.id);
    return { options: { ...options } };
  }

  /** Keeps the passkey that a device has made. */
  async add(
    scope: Scope,
    site: Site,
    response: Record<string, unknown>,
    browser: Browser,
  ): Promise<Passkey> {
    const made = await taken(
      (await webAuthn()).verifyRegistrationResponse({
        response: response as unknown as RegistrationResponseJSON,
        expectedChallenge: (challenge) => this.challenges.answer(challenge, scope.userId),
        expectedOrigin: site.origin,
        expectedRPID: site.name,
        requireUserVerification: true,
      }),
    );
    if (made?.registrationInfo === undefined) throw new BadRequestException(NOT_TAKEN);
    const { id, publicKey, counter, transports = [] } = made.registrationInfo.credential;
    const row = {
      id,
      academyId: scope.academyId,
      userId: scope.userId!,
      publicKey: Buffer.from(publicKey),
      counter,
      transports: JSON.stringify(transports),
      site: site.name,
      device: browser.name.slice(0, DEVICE_LENGTH),
      createdAt: this.clock.text(),
      usedAt: null,
    };
    return this.store.write(async (tx) => {
      if ((await this.passkeys.find(tx, id)) !== null) throw new BadRequestException(NOT_TAKEN);
      const { name: who } = (await this.accounts.find(scope, tx, row.userId))!;
      await this.passkeys.insert(tx, row);
      const { academyId, userId } = row;
      await this.doors.note(tx, { academyId, kind: 'passkey-added', userId, who }, browser);
      return toPasskey(row);
    });
  }

  async remove(scope: Scope, id: string, browser: Browser): Promise<void> {
    await this.store.write(async (tx) => {
      const userId = scope.userId!;
      if (!(await this.passkeys.remove(scope, tx, userId, id)))
        throw new NotFoundException('You have no such passkey.');
      const { name: who } = (await this.accounts.find(scope, tx, userId))!;
      const of = { academyId: scope.academyId, kind: 'passkey-removed', userId, who } as const;
      await this.doors.note(tx, of, browser);
    });
  }

  /** Returns what a device is asked so that it signs somebody in: whichever passkey it has for the address. */
  async ask(site: Site): Promise<PasskeyQuestion> {
    const options = await (
      await webAuthn()
    ).generateAuthenticationOptions({
      rpID: site.name,
      userVerification: 'required',
    });
    this.challenges.ask(options.challenge, null);
    return { options: { ...options } };
  }

  /** Signs in with what a device has signed. */
  async enter(site: Site, response: Record<string, unknown>, browser: Browser): Promise<Entered> {
    const id = typeof response['id'] === 'string' ? response['id'] : '';
    const found = await this.store.read((db) => this.passkeys.find(db, id));
    if (found === null || found.user.endedAt !== null) throw new UnauthorizedException(NOT_KNOWN);
    const signed = await taken(
      (await webAuthn()).verifyAuthenticationResponse({
        response: response as unknown as AuthenticationResponseJSON,
        expectedChallenge: (challenge) => this.challenges.answer(challenge, null),
        expectedOrigin: site.origin,
        expectedRPID: site.name,
        credential: credentialOf(found.passkey),
        requireUserVerification: true,
      }),
    );
    if (signed === null) throw new UnauthorizedException(NOT_TAKEN);
    return this.store.write(async (tx) => {
      // It may have been taken away, or its owner sent away, while the device was asked.
      const still = await this.passkeys.find(tx, id);
      if (still === null || still.user.endedAt !== null) throw new UnauthorizedException(NOT_KNOWN);
      await this.passkeys.used(tx, id, signed.authenticationInfo.newCounter, this.clock.text());
      return this.entrance.enter(tx, still.user, browser, 'with a passkey');
    });
  }
}
