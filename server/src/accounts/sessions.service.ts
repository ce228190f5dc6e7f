import { randomUUID } from 'node:crypto';
import type { PersonalReaders } from '@loxos/core';
import { Injectable } from '@nestjs/common';
import { Clock } from '../common/clock.ts';
import { hashOf, newToken } from '../common/token.ts';
import type { Scope } from '../common/scope.ts';
import { Store } from '../db/store.ts';
import type { Handle } from '../db/handle.ts';
import type { UserRow } from './accounts.repository.ts';
import type { Browser } from './browser.ts';
import { idleMs } from './cookie.ts';
import { SessionsRepository } from './sessions.repository.ts';

/** A session ends at the latest this long after signing in, days. */
export const SESSION_DAYS = 180;
const LONGEST_MS = SESSION_DAYS * 24 * 3600 * 1000;
/** A token is renewed when it is this old, ms. */
const ROTATE_MS = 24 * 3600 * 1000;
/** Requests under way while a token is renewed still carry the old one, ms. */
const GRACE_MS = 60_000;
/** The time last seen is kept to this, ms, so that reading writes little. */
const SEEN_MS = 5 * 60_000;
const DEVICE_LENGTH = 200;

export interface Signed {
  readonly sessionId: string;
  readonly signedInAt: string;
  readonly user: UserRow;
  readonly personalFor: PersonalReaders;
  /** A new token for the browser to keep, where the one it sent is old. */
  readonly renewed: string | null;
}

/** Browsers that are signed in. */
@Injectable()
export class SessionsService {
  constructor(
    private readonly store: Store,
    private readonly sessions: SessionsRepository,
    private readonly clock: Clock,
  ) {}

  /** Signs a browser in; the token is for its cookie. */
  async open(tx: Handle, { id: userId, academyId }: UserRow, device: string): Promise<string> {
    const token = newToken();
    const at = this.clock.text();
    await this.sessions.insert(tx, {
      id: randomUUID(),
      academyId,
      userId,
      tokenHash: hashOf(token),
      formerHash: null,
      rotatedAt: at,
      createdAt: at,
      seenAt: at,
      device: device.slice(0, DEVICE_LENGTH),
    });
    return token;
  }

  /** Ends the session a browser is signed in with. */
  async leave(tx: Handle, { sessionToken }: Browser): Promise<void> {
    if (sessionToken !== null) await this.sessions.endBehind(tx, hashOf(sessionToken));
  }

  /** Returns whether somebody signed in with this browser before. */
  isKnown(user: UserRow, browser: Browser): Promise<boolean> {
    return this.store.read((db) => this.isKnownIn(db, user, browser));
  }

  private isKnownIn(
    db: Handle,
    { id, academyId }: UserRow,
    { deviceToken }: Browser,
  ): Promise<boolean> {
    if (deviceToken === null) return Promise.resolve(false);
    const row = { userId: id, academyId, tokenHash: hashOf(deviceToken) };
    return this.sessions.isKnown(db, row);
  }

  /** Returns whether somebody signed in before, and not with this browser. */
  async isNewTo(db: Handle, user: UserRow, browser: Browser): Promise<boolean> {
    if (!(await this.sessions.knowsAny(db, user.id))) return false;
    return !(await this.isKnownIn(db, user, browser));
  }

  /** Keeps that somebody has signed in with this browser; what it is known by. */
  async know(tx: Handle, { id, academyId }: UserRow, { deviceToken }: Browser): Promise<string> {
    const token = deviceToken ?? newToken();
    const row = { userId: id, academyId, tokenHash: hashOf(token), createdAt: this.clock.text() };
    await this.sessions.know(tx, row);
    return token;
  }

  /** Whose token this is; null where it is nobody's, has ended or they have left. */
  async find(token: string): Promise<Signed | null> {
    const hash = hashOf(token);
    const found = await this.store.read((db) => this.sessions.behind(db, hash));
    if (found === null || found.user.endedAt !== null) return null;
    const { session, user, academy } = found;
    const now = this.clock.now().getTime();
    const since = (text: string): number => now - Date.parse(text);
    // Ahead of now: written by a clock that has been set back since.
    const away = (text: string): number => Math.abs(since(text));
    if (since(session.seenAt) > idleMs(academy.idleHours) || since(session.createdAt) > LONGEST_MS)
      return null;
    const isFormer = session.formerHash === hash;
    const { personalFor } = academy;
    const signed = { sessionId: session.id, signedInAt: session.createdAt, user, personalFor };
    if (isFormer ? away(session.rotatedAt) > GRACE_MS : away(session.rotatedAt) > ROTATE_MS)
      return { ...signed, renewed: await this.renew(session.id, hash) };
    const hasBeenUsed = !isFormer && session.formerHash !== null;
    if (hasBeenUsed || away(session.seenAt) > SEEN_MS) {
      const seen = { seenAt: this.clock.text(), ...(hasBeenUsed && { formerHash: null }) };
      await this.store.write((tx) => this.sessions.update(tx, session.id, seen));
    }
    return { ...signed, renewed: null };
  }

  /** Somebody's sessions that have not ended. */
  list(scope: Scope, userId: string) {
    return this.store.read(async (db) => {
      const idle = idleMs(await this.sessions.idleHours(scope, db));
      const since = new Date(this.clock.now().getTime() - idle).toISOString();
      return this.sessions.ofUser(scope, db, userId, since);
    });
  }

  /** Ends one of somebody's sessions; whether there was one. */
  end(scope: Scope, userId: string, id: string): Promise<boolean> {
    return this.store.write((tx) => this.sessions.end(scope, tx, userId, id));
  }

  endAll(scope: Scope, tx: Handle, userId: string): Promise<void> {
    return this.sessions.endAll(scope, tx, userId);
  }

  /** Returns a new token in place of the one sent, which is good until the new one has been used. */
  private async renew(id: string, formerHash: string): Promise<string> {
    const token = newToken();
    const at = this.clock.text();
    const changes = { tokenHash: hashOf(token), formerHash, rotatedAt: at, seenAt: at };
    await this.store.write((tx) => this.sessions.update(tx, id, changes));
    return token;
  }
}
