import { randomUUID } from 'node:crypto';
import { changedFields, clashing, isSame } from '@loxos/core';
import type { Fields } from '@loxos/core';
import { ConflictException, Injectable } from '@nestjs/common';
import { Clock } from '../common/clock.ts';
import type { HistoryThing } from '../db/schema/history.ts';
import type { Handle } from '../db/handle.ts';
import { HistoryRepository } from './history.repository.ts';
import type { Scope } from '../common/scope.ts';

/** Who writes, as history names them. */
export interface Writer {
  /** Chosen by the writer, so that a write that comes twice is taken once; null where it says none. */
  readonly id: string | null;
  /** The device it was made on; empty where it says none. A device never conflicts with itself. */
  readonly device: string;
  /** The name of who made it. */
  readonly who: string;
}

/** A thing that is changed, at its version before the change. */
export interface Changed {
  readonly thing: HistoryThing;
  readonly id: string;
  readonly version: number;
  readonly lessonId?: string | null | undefined;
  readonly playerId?: string | null | undefined;
}

/** Fields as they were before a change and as they are after. */
export interface FromTo {
  readonly before: Fields;
  readonly after: Fields;
}

/** What history keeps of one thing that a change changed. */
export type Noted = Changed & FromTo;

/** What a writer takes for granted: the version seen, and what fields must still be; null where that does not matter. */
export interface Expected {
  readonly seen: number | null;
  readonly was: Fields | null;
}

const read = (json: string | null): Fields => (json === null ? {} : (JSON.parse(json) as Fields));

type Standing = Changed & { readonly fields: Fields };

/** Throws 409 with the thing's id and its fields as they are, where there are any. */
function refuse(fields: readonly string[], { id, version, fields: current }: Standing): void {
  if (fields.length === 0) return;
  throw new ConflictException({
    message: `Somebody else changed ${fields.join(', ')} meanwhile.`,
    fields: fields.map((field) => ({ field, reason: 'changed by somebody else meanwhile' })),
    current: { id, version, ...Object.fromEntries(fields.map((f) => [f, current[f] ?? null])) },
  });
}

/** Writes down every change, takes each once, and keeps two writers from undoing each other unseen. */
@Injectable()
export class HistoryService {
  constructor(
    private readonly history: HistoryRepository,
    private readonly clock: Clock,
  ) {}

  /** Returns whether a write of this name was taken before: sent again since its answer was lost. */
  async isTaken(scope: Scope, tx: Handle, changeId: string | null): Promise<boolean> {
    return changeId !== null && (await this.history.isTaken(scope, tx, changeId));
  }

  /** Returns the last change of anything in a lesson that another device made; null where there was none. */
  lastOf(
    scope: Scope,
    db: Handle,
    lessonId: string,
    device: string,
  ): ReturnType<HistoryRepository['lastOf']> {
    return this.history.lastOf(scope, db, lessonId, device);
  }

  /**
   * Returns what a change of fields comes to beside what the thing is now; null where nothing is left to write.
   * Throws 409 with the thing as it is where somebody else changed the same fields since the writer looked.
   */
  async settle(
    scope: Scope,
    tx: Handle,
    of: Standing,
    wanted: Fields,
    { seen, was }: Expected,
    { device }: Pick<Writer, 'device'>,
  ): Promise<FromTo | null> {
    const { thing, id, version, fields: current } = of;
    const unexpected = Object.keys(was ?? {}).filter((name) => !isSame(current[name], was?.[name]));
    refuse(unexpected, of);
    if (seen !== null && seen < version) {
      const rows = await this.history.since(scope, tx, thing, id, seen);
      const since = rows.map((row) => ({ device: row.device, after: read(row.after) }));
      refuse(clashing(wanted, current, since, device), of);
    }
    const names = Object.keys(wanted);
    const before = Object.fromEntries(names.map((name) => [name, current[name] ?? null]));
    const after = changedFields(before, wanted);
    const changed = Object.keys(after);
    if (changed.length === 0) return null;
    return { before: Object.fromEntries(changed.map((name) => [name, before[name]])), after };
  }

  /** Writes down that a thing was made. */
  made(
    scope: Scope,
    tx: Handle,
    of: Omit<Changed, 'version'>,
    what: string,
    writer: Writer,
  ): Promise<void> {
    const noted = { ...of, version: 0, before: { deleted: true }, after: { deleted: false } };
    return this.note(scope, tx, [noted], what, writer);
  }

  /** Writes a change down: what it did to each thing, in one sentence for all of it. */
  async note(
    scope: Scope,
    tx: Handle,
    all: readonly Noted[],
    what: string,
    { id: changeId, device, who }: Writer,
  ): Promise<void> {
    const at = this.clock.text();
    for (const [step, { thing, id, version, lessonId, playerId, before, after }] of all.entries())
      await this.history.insert(scope, tx, {
        id: randomUUID(),
        thing,
        thingId: id,
        lessonId: lessonId ?? null,
        playerId: playerId ?? null,
        version: version + 1,
        at,
        who,
        userId: scope.userId,
        device,
        changeId,
        step,
        what,
        before: JSON.stringify(before),
        after: JSON.stringify(after),
      });
  }
}
