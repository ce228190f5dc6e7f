import type { BallView } from '@loxos/core';
import type { Ball, CreateBall, UpdateBall } from '../../api/client.ts';
import { didUndoably } from '../../app/undo.ts';
import { push as toLog } from '../../sync/log.ts';
import { newId } from '../../sync/new-id.ts';
import type { Pending } from '../../sync/pending.ts';

const push = (change: Pending): void => void toLog(change);

export const ballName = (ball: Ball): string => `Ball ${ball.ordinal}`;

export function addBall(lessonId: string, body: CreateBall): string {
  const ballId = newId();
  push({ op: 'add', lessonId, ballId, body });
  const made = { ...body, id: ballId, lessonId, ordinal: 0 } as Ball;
  didUndoably('Ball added', () => push({ op: 'remove', lessonId, ballId, ball: made }));
  return ballId;
}

/** Only what differs is sent, and undo puts back what was. */
export function changeBall(ball: Ball, changes: UpdateBall, label: string): void {
  const names = Object.keys(changes) as (keyof UpdateBall)[];
  const before = Object.fromEntries(names.map((name) => [name, ball[name] ?? null])) as UpdateBall;
  const { id: ballId, lessonId } = ball;
  push({ op: 'change', lessonId, ballId, body: changes });
  didUndoably(label, () => push({ op: 'change', lessonId, ballId, body: before }));
}

/** Several balls changed as one: one toast, one undo. */
export function changeBalls(
  list: readonly { readonly ball: Ball; readonly changes: UpdateBall }[],
  label: string,
): void {
  const before = list.map(({ ball, changes }) => {
    const names = Object.keys(changes) as (keyof UpdateBall)[];
    return Object.fromEntries(names.map((name) => [name, ball[name] ?? null]));
  });
  const send = (bodies: readonly UpdateBall[]): void =>
    list.forEach(({ ball: { id: ballId, lessonId } }, index) =>
      push({ op: 'change', lessonId, ballId, body: bodies[index]! }),
    );
  send(list.map(({ changes }) => changes));
  didUndoably(`${list.length} balls: ${label}`, () => send(before));
}

export function removeBall(ball: Ball): void {
  const { id: ballId, lessonId } = ball;
  push({ op: 'remove', lessonId, ballId, ball });
  didUndoably(`${ballName(ball)} deleted`, () => push({ op: 'restore', lessonId, ballId, ball }));
}

/** Leaves a ball out of the averages, or keeps it in: the other of what it is now. */
export function toggleKeep(ball: Ball, view: BallView): void {
  const keep = view.counts ? 'out' : 'in';
  const words = keep === 'out' ? 'left out' : 'kept in';
  changeBall(ball, { keep }, `${ballName(ball)} ${words}`);
}
