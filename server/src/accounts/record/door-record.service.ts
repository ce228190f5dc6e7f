import { randomUUID } from 'node:crypto';
import { Injectable } from '@nestjs/common';
import type { Browser } from '../browser.ts';
import { Clock } from '../../common/clock.ts';
import type { Scope } from '../../common/scope.ts';
import type { DoorEventKind } from '../../db/schema/door-event.ts';
import { Store } from '../../db/store.ts';
import type { Handle } from '../../db/handle.ts';
import type { DoorEvent, DoorPage } from './door-event.dto.ts';
import { DoorRecordRepository } from './door-record.repository.ts';
import type { ToldEvent } from './door-record.repository.ts';

const DAY_MS = 24 * 3600 * 1000;
const HOUR_MS = 3600 * 1000;
/** How long the record is kept. */
export const DOOR_RECORD_DAYS = 365;
const KEPT_MS = DOOR_RECORD_DAYS * DAY_MS;
/** Rows of refused tries in an hour: whoever asks from everywhere fills the record with one more. */
export const MOST_TRIES = 200;
const EVERYWHERE = 'many addresses';
const DETAIL_LENGTH = 200;
const DEVICE_LENGTH = 200;
const PAGE = 100;
const NEWS = 20;
/** Before any moment there is. */
const END = '9999';

/** What an owner is told of when somebody else did it. */
const NOTEWORTHY: readonly DoorEventKind[] = [
  'refused',
  'role-changed',
  'invited',
  'reset-link',
  'archive-taken',
  'archive-brought',
  'copy-taken',
  'copy-put-back',
  'erased',
  'copy-tried',
  'copies-unsealed',
];
/** Wrong passwords in an hour that are no slip of the finger. */
const MANY_TRIES = 5;

/** What is written down. */
export interface Happening {
  readonly academyId: string;
  readonly kind: DoorEventKind;
  readonly userId: string | null;
  readonly who: string;
  readonly detail?: string;
  readonly isNewBrowser?: boolean;
  readonly playerId?: string;
  readonly lessonId?: string;
}

const toEvent = ({ event, player }: ToldEvent): DoorEvent => {
  const { id, kind, at, lastAt, times, who, address, device, detail, isNewBrowser } = event;
  return { id, kind, at, lastAt, times, who, address, device, detail, isNewBrowser, player };
};

const isNews = ({ event, player: _ }: ToldEvent, me: string | null): boolean => {
  if (event.kind === 'refused') return event.times >= MANY_TRIES;
  if (event.kind === 'copy-tried') return event.detail !== '';
  return event.userId !== me || event.isNewBrowser;
};

/** The record of doors: who came in or tried to, and what was carried out of the academy. */
@Injectable()
export class DoorRecordService {
  constructor(
    private readonly store: Store,
    private readonly events: DoorRecordRepository,
    private readonly clock: Clock,
  ) {}

  /** Writes down what happened, in the transaction of what it is about. */
  async note(
    tx: Handle,
    { detail = '', isNewBrowser = false, playerId, lessonId, ...of }: Happening,
    { address, name }: Pick<Browser, 'address' | 'name'>,
  ): Promise<void> {
    const at = this.clock.text();
    await this.events.forget(tx, of.academyId, this.ago(KEPT_MS));
    const row = {
      ...of,
      id: randomUUID(),
      at,
      lastAt: at,
      times: 1,
      address,
      device: name.slice(0, DEVICE_LENGTH),
      detail: detail.slice(0, DETAIL_LENGTH),
      isNewBrowser,
      playerId: playerId ?? null,
      lessonId: lessonId ?? null,
    };
    if (of.kind !== 'refused') return this.events.add(tx, row);
    const hour = this.ago(HOUR_MS);
    const isFull = (await this.events.tries(tx, of.academyId, hour)) >= MOST_TRIES;
    const tried = isFull ? { ...row, userId: null, who: '', address: EVERYWHERE } : row;
    const before =
      (await this.events.sameTry(tx, row, hour)) ?? (await this.events.sameTry(tx, tried, hour));
    return before === null ? this.events.add(tx, tried) : this.events.again(tx, before, at);
  }

  /** Writes down what happened by itself. */
  write(happening: Happening, browser: Pick<Browser, 'address' | 'name'>): Promise<void> {
    return this.store.write((tx) => this.note(tx, happening, browser));
  }

  /** Writes down what the server did by itself, where there is an academy. */
  writeOwn(kind: DoorEventKind, detail: string): Promise<void> {
    return this.store.write(async (tx) => {
      const academyId = await this.events.firstAcademy(tx);
      if (academyId === null) return;
      const of = { academyId, kind, userId: null, who: '', detail };
      await this.note(tx, of, { address: '', name: '' });
    });
  }

  /** Returns the last thing of a kind; null where there was none. */
  async last(kind: DoorEventKind): Promise<{ at: string; detail: string } | null> {
    return this.store.read((db) => this.events.lastOf(db, kind));
  }

  /** Returns a part of the record, the newest first. */
  async page(scope: Scope, before = END): Promise<DoorPage> {
    const rows = await this.store.read((db) => this.events.before(scope, db, before, PAGE + 1));
    const events = rows.slice(0, PAGE).map(toEvent);
    return { events, next: rows.length > PAGE ? events.at(-1)!.lastAt : null };
  }

  /** Returns what an owner should know of since they last said that they had seen it. */
  async news(scope: Scope): Promise<DoorEvent[]> {
    const rows = await this.store.read(async (db) => {
      const since = await this.events.seenUntil(scope, db);
      return this.events.since(scope, db, since, NOTEWORTHY);
    });
    return rows
      .filter((row) => isNews(row, scope.userId))
      .slice(0, NEWS)
      .map(toEvent);
  }

  seen(scope: Scope): Promise<void> {
    return this.store.write((tx) => this.events.seen(scope, tx, this.clock.text()));
  }

  private ago(ms: number): string {
    return new Date(this.clock.now().getTime() - ms).toISOString();
  }
}
