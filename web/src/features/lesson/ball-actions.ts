import type { BallView } from '@loxos/core';
import type { Ball, CreateBall, UpdateBall } from '../../api/client.ts';
import { didUndoably } from '../../app/undo.ts';
import type { Tell } from '../../app/undo.ts';
import { newId } from '../../sync/new-id.ts';
import { push } from '../../sync/push.ts';
import { step } from '../../sync/step.ts';

export const ballName = (ball: Ball): string => `Ball ${ball.ordinal}`;

const at = ({ id, lessonId }: Ball) => ({ id, of: lessonId });

/** Returns what fields of a ball are now. */
const fieldsNow = (ball: Ball, changes: UpdateBall): UpdateBall =>
  Object.fromEntries(
    (Object.keys(changes) as (keyof UpdateBall)[]).map((name) => [name, ball[name] ?? null]),
  );

/** Puts a ball down; `tell` says so, or only remembers how to undo it. */
export function addBall(lessonId: string, body: CreateBall, tell: Tell = didUndoably): string {
  const id = newId();
  void push(step('ball.add', { id, of: lessonId }, body));
  tell('Ball added', () => void push(step('ball.remove', { id, of: lessonId })));
  return id;
}

/** Only what differs is sent, and undo puts back what was. */
export function changeBall(
  ball: Ball,
  changes: UpdateBall,
  label: string,
  tell: Tell = didUndoably,
): void {
  const before = fieldsNow(ball, changes);
  void push(step('ball.set', at(ball), changes));
  tell(label, () => void push(step('ball.set', at(ball), before)));
}

/** Several balls changed as one: one toast, one undo. */
export function changeBalls(
  list: readonly { readonly ball: Ball; readonly changes: UpdateBall }[],
  label: string,
): void {
  const back = list.map(({ ball, changes }) =>
    step('ball.set', at(ball), fieldsNow(ball, changes)),
  );
  void push(...list.map(({ ball, changes }) => step('ball.set', at(ball), changes)));
  didUndoably(`${list.length} balls: ${label}`, () => void push(...back));
}

export function removeBall(ball: Ball, tell: Tell = didUndoably): void {
  void push(step('ball.remove', at(ball)));
  tell(`${ballName(ball)} deleted`, () => void push(step('ball.restore', at(ball), { ...ball })));
}

/** Marks a ball as shown, a rehearsal or a demonstration, which never counts; or as hit after all. */
export const toggleShown = (ball: Ball): void =>
  changeBall(
    ball,
    { keep: ball.keep === 'shown' ? 'auto' : 'shown' },
    `${ballName(ball)} ${ball.keep === 'shown' ? 'counts again' : 'does not count'}`,
  );

/** Leaves a ball out of the averages, or keeps it in: the other of what it is now. */
export function toggleKeep(ball: Ball, view: BallView): void {
  const keep = view.counts ? 'out' : 'in';
  const words = keep === 'out' ? 'left out' : 'kept in';
  changeBall(ball, { keep }, `${ballName(ball)} ${words}`);
}
