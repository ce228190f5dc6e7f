import { aimOfStage, drillBy, isDrilled, nextBlock, partOf } from '@loxos/core';
import type { NextBlock, OwnDrillFacts, Stage } from '@loxos/core';
import type { Ball, Block, Lesson, UpdateBlock } from '../../api/client.ts';
import { didUndoably } from '../../app/undo.ts';
import { newId } from '../../sync/new-id.ts';
import { push } from '../../sync/push.ts';
import { step } from '../../sync/step.ts';

/** Returns what usually comes next in a lesson. */
export function usualNext(lesson: Lesson, own: readonly OwnDrillFacts[]): NextBlock {
  const last = partOf(lesson, 'work').drillIds.at(-1);
  const hasLoose = lesson.balls.some(({ blockId }) => blockId === null);
  return nextBlock({ ...lesson, hasLoose, drill: last === undefined ? null : drillBy(last, own) });
}

/** Begins a block: every ball from now on is hit in it. What it is judged on is named now. */
export function beginBlock(lessonId: string, next: NextBlock, stage: Stage | null): string {
  const id = newId();
  const { kind } = next;
  const isJudged = stage !== null && kind !== 'baseline' && kind !== 'demonstration';
  const aim = isJudged ? aimOfStage(stage) : null;
  const at = { id, of: lessonId };
  const body = {
    ...next,
    drillId: isDrilled(kind) ? next.drillId : null,
    doseStep: isDrilled(kind) ? next.doseStep : null,
    aim: aim === null ? null : { ...aim, judged: [...aim.judged], targets: { ...aim.targets } },
  };
  void push(step('block.add', at, body));
  didUndoably('A block begun', () => void push(step('block.remove', at)));
  return id;
}

export function changeBlock(lessonId: string, block: Block, body: UpdateBlock): void {
  const at = { id: block.id, of: lessonId };
  const names = Object.keys(body) as (keyof UpdateBlock)[];
  const before = Object.fromEntries(names.map((name) => [name, block[name]])) as UpdateBlock;
  void push(step('block.set', at, body));
  didUndoably('The block changed', () => void push(step('block.set', at, before)));
}

/** Takes a block away; its balls stay, in none. */
export function removeBlock(lessonId: string, block: Block): void {
  const at = { id: block.id, of: lessonId };
  void push(step('block.remove', at));
  didUndoably('The block taken away', () => void push(step('block.restore', at, { ...block })));
}

/** Puts balls into a block, or into none; undo puts each back where it was. */
export function moveBalls(lessonId: string, balls: readonly Ball[], blockId: string | null): void {
  const into = (id: string, to: string | null) =>
    step('ball.set', { id, of: lessonId }, { blockId: to });
  void push(...balls.map(({ id }) => into(id, blockId)));
  const back = balls.map((ball) => into(ball.id, ball.blockId));
  didUndoably(
    `${balls.length} ${balls.length === 1 ? 'ball' : 'balls'} moved`,
    () => void push(...back),
  );
}
