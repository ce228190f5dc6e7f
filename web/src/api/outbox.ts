import { EMPTY_BALL } from '@loxos/core';
import { create } from 'zustand';
import { persist } from 'zustand/middleware';
import type { Ball, CreateBall, Lesson, UpdateBall } from './client.ts';

/** A change to a ball that the server has not acknowledged; kept in the browser until it has. */
export type Pending =
  | {
      readonly op: 'add';
      readonly lessonId: string;
      readonly ballId: string;
      readonly body: CreateBall;
    }
  | {
      readonly op: 'change';
      readonly lessonId: string;
      readonly ballId: string;
      readonly body: UpdateBall;
    }
  | {
      readonly op: 'remove';
      readonly lessonId: string;
      readonly ballId: string;
      readonly ball: Ball;
    }
  | {
      readonly op: 'restore';
      readonly lessonId: string;
      readonly ballId: string;
      readonly ball: Ball;
    };

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

function applyOne(balls: readonly Ball[], entry: Pending): Ball[] {
  const others = balls.filter((ball) => ball.id !== entry.ballId);
  switch (entry.op) {
    case 'add': {
      const ordinal = Math.max(0, ...others.map((ball) => ball.ordinal)) + 1;
      const base = { ...EMPTY_BALL, keep: 'auto', launchFileId: null, line: null } as const;
      return [
        ...others,
        { ...base, ...entry.body, id: entry.ballId, lessonId: entry.lessonId, ordinal },
      ];
    }
    case 'change':
      return balls.map((ball) => (ball.id === entry.ballId ? { ...ball, ...entry.body } : ball));
    case 'remove':
      return others;
    case 'restore':
      return byOrdinal([...others, entry.ball]);
  }
}

/** The lesson with every pending change to its balls made. */
export function applyPending(lesson: Lesson, entries: readonly Pending[]): Lesson {
  const own = entries.filter((entry) => entry.lessonId === lesson.id);
  if (own.length === 0) return lesson;
  return { ...lesson, balls: own.reduce<Ball[]>(applyOne, lesson.balls) };
}
