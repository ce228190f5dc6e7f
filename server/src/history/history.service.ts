import { randomUUID } from 'node:crypto';
import { changedFields, clashing, isSame } from '@loxos/core';
import type { Fields } from '@loxos/core';
import { ConflictException, Injectable } from '@nestjs/common';
import { Clock } from '../common/clock.ts';
import type { HistoryThing } from '../db/schema/history.ts';
import type { Handle } from '../db/handle.ts';
import type { Change } from './change.ts';
import { HistoryRepository } from './history.repository.ts';
import type { Scope } from '../common/scope.ts';

/** A thing that is changed, at its version before the change. */
export interface Changed {
  readonly thing: HistoryThing;
  readonly id: string;
  readonly version: number;
  readonly lessonId?: string | null;
  readonly playerId?: string | null;
}

/** What a change comes to: the fields to write, and the version they make. */
export interface Edit {
  readonly fields: Fields;
  readonly version: number;
}

const read = (json: string | null): Fields => (json === null ? {} : (JSON.parse(json) as Fields));

/** Throws 409 with the fields as they are, where there are any. */
function refuse(fields: readonly string[], current: Fields, version: number): void {
  if (fields.length === 0) return;
  throw new ConflictException({
    message: `Somebody else changed ${fields.join(', ')} meanwhile.`,
    fields: fields.map((field) => ({ field, reason: 'changed by somebody else meanwhile' })),
    current: { version, ...Object.fromEntries(fields.map((f) => [f, current[f] ?? null])) },
  });
}

/** Writes down every change, takes each once, and keeps two writers from undoing each other unseen. */
@Injectable()
export class HistoryService {
  constructor(
    private readonly history: HistoryRepository,
    private readonly clock: Clock,
  ) {}

  /** Whether this write was taken before: sent again since its answer was lost. */
  async isTaken(scope: Scope, tx: Handle, change: Change): Promise<boolean> {
    return change.id !== null && (await this.history.ofChange(scope, tx, change.id)) !== null;
  }

  /** The id of what is made: the one asked for, the one it got when this very write was taken before, or a new one. */
  async idFor(
    scope: Scope,
    tx: Handle,
    change: Change,
    asked?: string,
    fresh: () => string = randomUUID,
  ): Promise<string> {
    if (asked !== undefined) return asked;
    const taken = change.id === null ? null : await this.history.ofChange(scope, tx, change.id);
    return taken?.thingId ?? fresh();
  }

  /** The last change of anything in a lesson that another device made; null where there was none. */
  lastOf(
    scope: Scope,
    db: Handle,
    lessonId: string,
    device: string,
  ): ReturnType<HistoryRepository['lastOf']> {
    return this.history.lastOf(scope, db, lessonId, device);
  }

  /**
   * What a change of fields comes to beside what the thing is now; null where nothing is left to write.
   * Throws 409 with the thing as it is where somebody else changed the same fields since the writer looked.
   */
  async edit(
    scope: Scope,
    tx: Handle,
    of: Changed,
    current: Fields,
    wanted: Fields,
    what: string,
    change: Change,
  ): Promise<Edit | null> {
    if (await this.isTaken(scope, tx, change)) return null;
    const asked = Object.fromEntries(
      Object.entries(wanted).filter(([, value]) => value !== undefined),
    );
    await this.refuseClash(scope, tx, of, current, asked, change);
    const kept = Object.fromEntries(Object.keys(asked).map((name) => [name, current[name]]));
    const fields = changedFields(kept, asked);
    if (Object.keys(fields).length === 0) return null;
    const before = Object.fromEntries(
      Object.keys(fields).map((name) => [name, current[name] ?? null]),
    );
    await this.note(scope, tx, of, what, change, { before, after: fields });
    return { fields, version: of.version + 1 };
  }

  /** Writes down that a thing was made. */
  made(
    scope: Scope,
    tx: Handle,
    of: Omit<Changed, 'version'>,
    what: string,
    change: Change,
  ): Promise<void> {
    return this.note(scope, tx, { ...of, version: 0 }, what, change, {
      before: { deleted: true },
      after: { deleted: false },
    });
  }

  private async refuseClash(
    scope: Scope,
    tx: Handle,
    { thing, id, version }: Changed,
    current: Fields,
    wanted: Fields,
    { seen, device, expects }: Change,
  ): Promise<void> {
    if (expects !== null) this.refuseUnexpected(current, expects, version);
    if (seen === null || seen >= version) return;
    const rows = await this.history.since(scope, tx, thing, id, seen);
    const since = rows.map((row) => ({ device: row.device, after: read(row.after) }));
    refuse(clashing(wanted, current, since, device), current, version);
  }

  /** Throws 409 where fields are no longer as a writer left them. */
  refuseUnexpected(current: Fields, expects: Fields, version: number): void {
    const names = Object.keys(expects);
    refuse(
      names.filter((name) => !isSame(current[name], expects[name])),
      current,
      version,
    );
  }

  /** Writes a change down. */
  async note(
    scope: Scope,
    tx: Handle,
    of: Changed,
    what: string,
    change: Change,
    values: { readonly before: Fields; readonly after: Fields },
  ): Promise<void> {
    await this.history.insert(scope, tx, {
      id: randomUUID(),
      thing: of.thing,
      thingId: of.id,
      lessonId: of.lessonId ?? null,
      playerId: of.playerId ?? null,
      version: of.version + 1,
      at: this.clock.text(),
      who: change.who,
      userId: scope.userId,
      device: change.device,
      changeId: change.id,
      what,
      before: JSON.stringify(values.before),
      after: JSON.stringify(values.after),
    });
  }
}
