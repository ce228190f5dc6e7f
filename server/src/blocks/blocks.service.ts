import { Injectable, NotFoundException } from '@nestjs/common';
import { nowText } from '../common/clock.ts';
import { invalid } from '../common/validation.ts';
import { Store } from '../db/store.ts';
import type { Handle } from '../db/store.ts';
import type { Fields } from '@loxos/core';
import type { Change } from '../history/change.ts';
import { columnsOf } from '../history/columns.ts';
import { HistoryService } from '../history/history.service.ts';
import { LessonsRepository } from '../lessons/lessons.repository.ts';
import type { Block, MoveBalls, StartBlock, UpdateBlock } from './block.dto.ts';
import { BlocksRepository, toBlock } from './blocks.repository.ts';
import type { BlockRow } from './blocks.repository.ts';

/** What the next balls are hit as; begun before they are hit. */
@Injectable()
export class BlocksService {
  constructor(
    private readonly store: Store,
    private readonly blocks: BlocksRepository,
    private readonly lessons: LessonsRepository,
    private readonly history: HistoryService,
  ) {}

  /** Begins a block; sent twice with one id it is one, and one taken away is brought back. */
  start(lessonId: string, dto: StartBlock, change: Change): Promise<Block> {
    return this.store.write(async (tx) => {
      await this.lessons.require(tx, lessonId);
      const known = await this.blocks.find(tx, dto.id);
      if (known !== null) {
        if (known.lessonId !== lessonId)
          throw invalid([{ field: 'id', reason: 'this id is another block’s' }]);
        return this.editIn(tx, dto.id, { deleted: false }, 'brought back', change);
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
        startedAt: nowText(),
        deletedAt: null,
      };
      await this.blocks.insert(tx, row);
      const of = { thing: 'block', id: dto.id, lessonId } as const;
      await this.history.made(tx, of, `${dto.kind} begun`, change);
      return toBlock({ ...row, academyId: '' });
    });
  }

  change(id: string, dto: UpdateBlock, change: Change): Promise<Block> {
    return this.edit(id, { ...dto }, 'changed', change);
  }

  /** Takes a block away; its balls are then in none. */
  async remove(id: string, change: Change): Promise<void> {
    await this.edit(id, { deleted: true }, 'taken away', change);
  }

  /** Changes fields of a block, and writes down what they were. */
  edit(id: string, wanted: Fields, what: string, change: Change): Promise<Block> {
    return this.store.write((tx) => this.editIn(tx, id, wanted, what, change));
  }

  private async editIn(
    tx: Handle,
    id: string,
    wanted: Fields,
    what: string,
    change: Change,
  ): Promise<Block> {
    const row = await this.require(tx, id);
    const { version, lessonId, kind } = row;
    const current = { ...toBlock(row), deleted: row.deletedAt !== null };
    const of = { thing: 'block', id, version, lessonId } as const;
    const edit = await this.history.edit(tx, of, current, wanted, `${kind} ${what}`, change);
    if (edit === null) return toBlock(row);
    await this.blocks.update(tx, id, { ...columnsOf(edit.fields), version: edit.version });
    return toBlock(await this.require(tx, id));
  }

  move(lessonId: string, { ballIds, blockId }: MoveBalls, change: Change): Promise<void> {
    const places = Object.fromEntries(ballIds.map((id) => [id, blockId]));
    return this.place(lessonId, places, null, change);
  }

  /** Puts balls of a lesson into blocks, each into its own, and writes down where they were. */
  place(
    lessonId: string,
    places: Readonly<Record<string, string | null>>,
    what: string | null,
    change: Change,
  ): Promise<void> {
    return this.store.write(async (tx) => {
      await this.lessons.require(tx, lessonId);
      if (await this.history.isTaken(tx, change)) return;
      const kinds = await this.kindsOf(tx, lessonId, Object.values(places));
      const before = await this.blocks.places(tx, lessonId, Object.keys(places));
      if (change.expects !== null) this.history.refuseUnexpected(before, change.expects, 0);
      const at = nowText();
      for (const blockId of new Set(Object.values(places))) {
        const ids = Object.keys(places).filter((id) => places[id] === blockId);
        await this.blocks.move(tx, lessonId, ids, { blockId, updatedAt: at });
      }
      const words = what ?? `${Object.keys(before).length} balls put into ${kinds}`;
      const after = Object.fromEntries(Object.keys(before).map((id) => [id, places[id] ?? null]));
      const of = { thing: 'balls', id: lessonId, version: 0, lessonId } as const;
      await this.history.note(tx, of, words, change, { before, after });
    });
  }

  /** What the blocks are hit as, in words; throws where one is not of this lesson. */
  private async kindsOf(
    db: Handle,
    lessonId: string,
    ids: readonly (string | null)[],
  ): Promise<string> {
    const kinds = new Set<string>();
    for (const id of new Set(ids)) {
      const found = id === null ? null : await this.blocks.find(db, id);
      if (id !== null && found?.lessonId !== lessonId)
        throw invalid([{ field: 'blockId', reason: 'choose a block of this lesson' }]);
      kinds.add(found?.kind ?? 'no block');
    }
    return [...kinds].join(', ');
  }

  private async require(db: Handle, id: string): Promise<BlockRow> {
    const row = await this.blocks.find(db, id);
    if (row === null) throw new NotFoundException('There is no such block in this academy.');
    return row;
  }
}
