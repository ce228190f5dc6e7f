import { Injectable, NotFoundException } from '@nestjs/common';
import { Clock } from '../common/clock.ts';
import { invalid } from '../common/validation.ts';
import { Store } from '../db/store.ts';
import type { Handle } from '../db/handle.ts';
import type { Fields } from '@loxos/core';
import type { Change } from '../history/change.ts';
import { columnsOf } from '../history/columns.ts';
import { HistoryService } from '../history/history.service.ts';
import { LessonsRepository } from '../lessons/lessons.repository.ts';
import type { Block, MoveBalls, StartBlock, UpdateBlock } from './block.dto.ts';
import { BlocksRepository, toBlock } from './blocks.repository.ts';
import type { BlockRow } from './blocks.repository.ts';
import type { Scope } from '../common/scope.ts';

/** What the next balls are hit as; begun before they are hit. */
@Injectable()
export class BlocksService {
  constructor(
    private readonly store: Store,
    private readonly blocks: BlocksRepository,
    private readonly lessons: LessonsRepository,
    private readonly history: HistoryService,
    private readonly clock: Clock,
  ) {}

  /** A lesson's blocks in the order begun. */
  ofLesson(scope: Scope, lessonId: string): Promise<Block[]> {
    return this.store.read(async (db) => {
      await this.lessons.require(scope, db, lessonId);
      return (await this.blocks.ofLesson(scope, db, lessonId)).map(toBlock);
    });
  }

  /** Begins a block; sent twice with one id it is one, and one taken away is brought back. */
  start(scope: Scope, lessonId: string, dto: StartBlock, change: Change): Promise<Block> {
    return this.store.write(async (tx) => {
      await this.lessons.require(scope, tx, lessonId);
      const known = await this.blocks.find(scope, tx, dto.id);
      if (known !== null) {
        if (known.lessonId !== lessonId)
          throw invalid([{ field: 'id', reason: 'this id is another block’s' }]);
        return this.editIn(scope, tx, dto.id, { deleted: false }, 'brought back', change);
      }
      const row = {
        id: dto.id,
        lessonId,
        kind: dto.kind,
        drillId: dto.drillId ?? null,
        doseStep: dto.doseStep ?? null,
        note: dto.note ?? '',
        aim: dto.aim == null ? null : JSON.stringify(dto.aim),
        version: 1,
        startedAt: this.clock.text(),
        deletedAt: null,
      };
      await this.blocks.insert(scope, tx, row);
      const of = { thing: 'block', id: dto.id, lessonId } as const;
      await this.history.made(scope, tx, of, `${dto.kind} begun`, change);
      return toBlock({ ...row, academyId: '' });
    });
  }

  change(scope: Scope, id: string, dto: UpdateBlock, change: Change): Promise<Block> {
    return this.edit(scope, id, { ...dto }, 'changed', change);
  }

  /** Takes a block away; its balls are then in none. */
  async remove(scope: Scope, id: string, change: Change): Promise<void> {
    await this.edit(scope, id, { deleted: true }, 'taken away', change);
  }

  /** Changes fields of a block, and writes down what they were. */
  edit(scope: Scope, id: string, wanted: Fields, what: string, change: Change): Promise<Block> {
    return this.store.write((tx) => this.editIn(scope, tx, id, wanted, what, change));
  }

  private async editIn(
    scope: Scope,
    tx: Handle,
    id: string,
    wanted: Fields,
    what: string,
    change: Change,
  ): Promise<Block> {
    const row = await this.require(scope, tx, id);
    const { version, lessonId, kind } = row;
    const current = { ...toBlock(row), deleted: row.deletedAt !== null };
    const of = { thing: 'block', id, version, lessonId } as const;
    const edit = await this.history.edit(scope, tx, of, current, wanted, `${kind} ${what}`, change);
    if (edit === null) return toBlock(row);
    await this.blocks.update(scope, tx, row, {
      ...columnsOf(edit.fields, this.clock.text()),
      version: edit.version,
    });
    return toBlock(await this.require(scope, tx, id));
  }

  move(
    scope: Scope,
    lessonId: string,
    { ballIds, blockId }: MoveBalls,
    change: Change,
  ): Promise<void> {
    const places = Object.fromEntries(ballIds.map((id) => [id, blockId]));
    return this.place(scope, lessonId, places, null, change);
  }

  /** Puts balls of a lesson into blocks, each into its own, and writes down where they were. */
  place(
    scope: Scope,
    lessonId: string,
    places: Readonly<Record<string, string | null>>,
    what: string | null,
    change: Change,
  ): Promise<void> {
    return this.store.write(async (tx) => {
      await this.lessons.require(scope, tx, lessonId);
      if (await this.history.isTaken(scope, tx, change)) return;
      const kinds = await this.kindsOf(scope, tx, lessonId, Object.values(places));
      const before = await this.blocks.places(scope, tx, lessonId, Object.keys(places));
      if (change.expects !== null) this.history.refuseUnexpected(before, change.expects, 0);
      const at = this.clock.text();
      for (const blockId of new Set(Object.values(places))) {
        const ids = Object.keys(places).filter((id) => places[id] === blockId);
        await this.blocks.move(scope, tx, lessonId, ids, { blockId, updatedAt: at });
      }
      const words = what ?? `${Object.keys(before).length} balls put into ${kinds}`;
      const after = Object.fromEntries(Object.keys(before).map((id) => [id, places[id] ?? null]));
      const of = { thing: 'balls', id: lessonId, version: 0, lessonId } as const;
      await this.history.note(scope, tx, of, words, change, { before, after });
    });
  }

  /** What the blocks are hit as, in words; throws where one is not of this lesson. */
  private async kindsOf(
    scope: Scope,
    db: Handle,
    lessonId: string,
    ids: readonly (string | null)[],
  ): Promise<string> {
    const kinds = new Set<string>();
    for (const id of new Set(ids)) {
      const found = id === null ? null : await this.blocks.find(scope, db, id);
      if (id !== null && found?.lessonId !== lessonId)
        throw invalid([{ field: 'blockId', reason: 'choose a block of this lesson' }]);
      kinds.add(found?.kind ?? 'no block');
    }
    return [...kinds].join(', ');
  }

  private async require(scope: Scope, db: Handle, id: string): Promise<BlockRow> {
    const row = await this.blocks.find(scope, db, id);
    if (row === null) throw new NotFoundException('There is no such block in this academy.');
    return row;
  }
}
