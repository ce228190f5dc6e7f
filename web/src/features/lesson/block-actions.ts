import { aimOfStage, drillBy, isDrilled, nextBlock } from '@loxos/core';
import type { NextBlock, OwnDrillFacts, Stage } from '@loxos/core';
import type { Ball, Block, Lesson, UpdateBlock } from '../../api/client.ts';
import { didUndoably } from '../../app/undo.ts';
import { push as toLog } from '../../sync/log.ts';
import { newId } from '../../sync/new-id.ts';
import type { Pending } from '../../sync/pending.ts';
import { partOf } from './parts.ts';

const push = (change: Pending): void => void toLog(change);

/** What usually comes next in a lesson. */
export function usualNext(lesson: Lesson, own: readonly OwnDrillFacts[]): NextBlock {
  const last = partOf(lesson, 'work').drillIds.at(-1);
  return nextBlock({ ...lesson, drill: last === undefined ? null : drillBy(last, own) });
}

/** Begins a block: every ball from now on is hit in it. What it is judged on is named now. */
export function beginBlock(lessonId: string, next: NextBlock, stage: Stage | null): string {
  const id = newId();
  const { kind } = next;
  const isJudged = stage !== null && kind !== 'baseline' && kind !== 'demonstration';
  const aim = isJudged ? aimOfStage(stage) : null;
  push({
    op: 'begin',
    lessonId,
    body: {
      id,
      ...next,
      drillId: isDrilled(kind) ? next.drillId : null,
      doseStep: isDrilled(kind) ? next.doseStep : null,
      aim: aim === null ? null : { ...aim, judged: [...aim.judged], targets: { ...aim.targets } },
    },
  });
  didUndoably('A block begun', () => push({ op: 'unblock', lessonId, blockId: id }));
  return id;
}

export function changeBlock(lessonId: string, block: Block, body: UpdateBlock): void {
  const names = Object.keys(body) as (keyof UpdateBlock)[];
  const before = Object.fromEntries(names.map((name) => [name, block[name]])) as UpdateBlock;
  push({ op: 'block', lessonId, blockId: block.id, body });
  didUndoably('The block changed', () =>
    push({ op: 'block', lessonId, blockId: block.id, body: before }),
  );
}

/** Takes a block away; its balls stay, in none. */
export function removeBlock(lessonId: string, block: Block): void {
  push({ op: 'unblock', lessonId, blockId: block.id });
  const { id, kind, drillId, doseStep, note, aim } = block;
  didUndoably('The block taken away', () =>
    push({ op: 'begin', lessonId, body: { id, kind, drillId, doseStep, note, aim } }),
  );
}

/** Puts balls into a block, or into none; undo puts each back where it was. */
export function moveBalls(lessonId: string, balls: readonly Ball[], blockId: string | null): void {
  const before = new Map<string | null, string[]>();
  for (const ball of balls) {
    before.set(ball.blockId, [...(before.get(ball.blockId) ?? []), ball.id]);
  }
  push({ op: 'move', lessonId, ballIds: balls.map(({ id }) => id), blockId });
  didUndoably(`${balls.length} ${balls.length === 1 ? 'ball' : 'balls'} moved`, () => {
    for (const [from, ballIds] of before) push({ op: 'move', lessonId, ballIds, blockId: from });
  });
}
