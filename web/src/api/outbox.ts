import { EMPTY_BALL } from '@loxos/core';
import { create } from 'zustand';
import { persist } from 'zustand/middleware';
import type {
  AddRepetition,
  Ball,
  CreateBall,
  Lesson,
  LessonPartName,
  StartBlock,
  UpdateBall,
  UpdateBlock,
} from './client.ts';

type BallChange =
  | { readonly op: 'add'; readonly body: CreateBall }
  | { readonly op: 'change'; readonly body: UpdateBall }
  | { readonly op: 'remove'; readonly ball: Ball }
  | { readonly op: 'restore'; readonly ball: Ball };
type LessonChange =
  | { readonly op: 'begin'; readonly body: StartBlock }
  | { readonly op: 'block'; readonly blockId: string; readonly body: UpdateBlock }
  | { readonly op: 'unblock'; readonly blockId: string }
  | { readonly op: 'move'; readonly ballIds: readonly string[]; readonly blockId: string | null }
  | { readonly op: 'part'; readonly part: LessonPartName; readonly value: Record<string, unknown> }
  | { readonly op: 'repeat'; readonly body: AddRepetition }
  | { readonly op: 'unrepeat'; readonly repetitionId: string };

/** A change that the server has not acknowledged; kept in the browser until it has. */
export type Pending = { readonly lessonId: string } & (
  ({ readonly ballId: string } & BallChange) | LessonChange
);

interface Outbox {
  readonly entries: readonly Pending[];
  readonly push: (entry: Pending) => void;
  readonly shift: () => void;
}

/** Changes on their way, oldest first; they outlive the page. */
export const useOutbox = create<Outbox>()(
  persist(
    (set) => ({
      entries: [],
      push: (entry) => set(({ entries }) => ({ entries: [...entries, entry] })),
      shift: () => set(({ entries }) => ({ entries: entries.slice(1) })),
    }),
    { name: 'loxos-outbox', partialize: ({ entries }) => ({ entries }) },
  ),
);

const byOrdinal = (balls: readonly Ball[]): Ball[] =>
  [...balls].sort((a, b) => a.ordinal - b.ordinal);

type PendingBall = Extract<Pending, { readonly ballId: string }>;

function applyToBalls({ balls, blocks }: Lesson, entry: PendingBall): Ball[] {
  const underWay = blocks.at(-1);
  const others = balls.filter((ball) => ball.id !== entry.ballId);
  switch (entry.op) {
    case 'add': {
      const ordinal = Math.max(0, ...others.map((ball) => ball.ordinal)) + 1;
      const base = {
        ...EMPTY_BALL,
        keep: 'auto',
        seen: 'monitor',
        blockId: underWay?.id ?? null,
        launchFileId: null,
        line: null,
      } as const;
      const { lessonId } = entry;
      return [...others, { ...base, ...entry.body, id: entry.ballId, lessonId, ordinal }];
    }
    case 'change':
      return balls.map((ball) => (ball.id === entry.ballId ? { ...ball, ...entry.body } : ball));
    case 'remove':
      return others;
    case 'restore':
      return byOrdinal([...others, entry.ball]);
  }
}

const NOT_YET = '9999';

function applyOne(lesson: Lesson, entry: Pending): Lesson {
  switch (entry.op) {
    case 'begin': {
      if (lesson.blocks.some(({ id }) => id === entry.body.id)) return lesson;
      const { drillId = null, doseStep = null, note = '', aim = null, ...rest } = entry.body;
      const begun = { ...rest, drillId, doseStep, note, aim, startedAt: NOT_YET };
      return { ...lesson, blocks: [...lesson.blocks, begun] };
    }
    case 'block': {
      const blocks = lesson.blocks.map((block) =>
        block.id === entry.blockId ? { ...block, ...entry.body } : block,
      );
      return { ...lesson, blocks };
    }
    case 'unblock':
      return { ...lesson, blocks: lesson.blocks.filter(({ id }) => id !== entry.blockId) };
    case 'move': {
      const { ballIds, blockId } = entry;
      const moved = (ball: Ball): Ball => (ballIds.includes(ball.id) ? { ...ball, blockId } : ball);
      return { ...lesson, balls: lesson.balls.map(moved) };
    }
    case 'part': {
      const others = lesson.parts.filter(({ part }) => part !== entry.part);
      const { part, value } = entry;
      return {
        ...lesson,
        parts: [...others, { part, value, updatedAt: NOT_YET, updatedBy: 'coach' }],
      };
    }
    case 'repeat': {
      if (lesson.repetitions.some(({ id }) => id === entry.body.id)) return lesson;
      const { miss = '', feltDeg = null, measuredDeg = null, ...rest } = entry.body;
      const made = { ...rest, miss, feltDeg, measuredDeg, at: NOT_YET, byPlayer: false };
      return { ...lesson, repetitions: [...lesson.repetitions, made] };
    }
    case 'unrepeat': {
      const kept = lesson.repetitions.filter(({ id }) => id !== entry.repetitionId);
      return { ...lesson, repetitions: kept };
    }
    default:
      return { ...lesson, balls: applyToBalls(lesson, entry) };
  }
}

/** The lesson with every pending change made. */
export function applyPending(lesson: Lesson, entries: readonly Pending[]): Lesson {
  return entries.filter((entry) => entry.lessonId === lesson.id).reduce(applyOne, lesson);
}
