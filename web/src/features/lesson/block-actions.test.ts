import type { BlockKind } from '@loxos/core';
import type { Block } from '../../api/client.ts';
import { useLog } from '../../sync/log.ts';
import { pending } from '../../testing/render.tsx';
import { useUndo } from '../../app/undo.ts';
import { lessonOf } from '../../testing/lesson.ts';
import { beginBlock, moveBalls, removeBlock } from './block-actions.ts';

const block = (kind: BlockKind, drillId: string | null = null, doseStep: number | null = null) =>
  ({ id: `${kind} ${doseStep}`, kind, drillId, doseStep, note: '', aim: null }) as unknown as Block;

describe('a block', () => {
  beforeEach(() => {
    useLog.setState({ entries: [] });
    useUndo.setState({ steps: [] });
  });
  const stage = {
    move: 'path',
    judged: ['clubPathDeg', 'faceToPathDeg'],
    targets: { clubPathDeg: 0, faceToPathDeg: 0 },
  } as never;

  it('keeps what it is judged on, named as it is begun; a baseline is judged on nothing', () => {
    const next = { kind: 'drill', drillId: 'rails', doseStep: 1, note: '' } as const;
    beginBlock('lesson', next, stage);
    beginBlock('lesson', { ...next, kind: 'baseline' }, stage);
    expect(pending()).toMatchObject([
      { name: 'block.add', fields: { drillId: 'rails', aim: { move: 'path' } } },
      { name: 'block.add', fields: { drillId: null, doseStep: null, aim: null } },
    ]);
  });

  it('is ended by undo, and one taken away is begun again by it', () => {
    const id = beginBlock(
      'lesson',
      { kind: 'play', drillId: null, doseStep: null, note: '' },
      null,
    );
    useUndo.getState().undoLast();
    removeBlock('lesson', block('drill', 'rails', 1));
    useUndo.getState().undoLast();
    expect(pending().slice(1)).toMatchObject([
      { name: 'block.remove', id },
      { name: 'block.remove', id: 'drill 1' },
      { name: 'block.restore', id: 'drill 1', fields: { kind: 'drill', drillId: 'rails' } },
    ]);
  });

  it('gets balls, and undo puts each back where it was', () => {
    const { balls } = lessonOf([
      { pathDeg: 0, faceDeg: 0, block: 'baseline' },
      { pathDeg: 0, faceDeg: 0 },
    ]);
    moveBalls('lesson', [balls[0]!, balls[8]!], 'other');
    useUndo.getState().undoLast();
    expect(pending()).toMatchObject([
      { name: 'ball.set', id: 'ball-1', fields: { blockId: 'other' } },
      { name: 'ball.set', id: 'ball-9', fields: { blockId: 'other' } },
      { name: 'ball.set', id: 'ball-1', fields: { blockId: 'block-0' } },
      { name: 'ball.set', id: 'ball-9', fields: { blockId: null } },
    ]);
  });
});
