import { changedFields, fieldsOf } from '@loxos/core';
import type { Fields } from '@loxos/core';
import type {
  CreateLesson,
  CreateOwnDrill,
  CreatePlayer,
  LessonSummary,
  OwnDrill,
  Player,
  Settings,
  UpdateLesson,
  UpdatePlayer,
} from '../api/client.ts';
import { keptAccount } from '../api/who.ts';
import { didUndoably, remember } from '../app/undo.ts';
import { newId } from './new-id.ts';
import { push } from './push.ts';
import { step } from './step.ts';

/** Opens a lesson; it is there at once. Returns its id. */
export function addLesson({
  playerId,
  ...body
}: CreateLesson & { readonly playerId: string }): string {
  const lessonId = newId();
  void push(step('lesson.add', { id: lessonId, of: playerId }, body));
  return lessonId;
}

export function changeLesson(lesson: LessonSummary, body: UpdateLesson): void {
  const { id, startsAt, asked } = lesson;
  const at = { id, of: lesson.player.id };
  const changes = changedFields({ startsAt, asked }, { startsAt, asked, ...body }) as UpdateLesson;
  if (Object.keys(changes).length === 0) return;
  const before = changedFields({ startsAt, asked, ...body }, { startsAt, asked }) as UpdateLesson;
  void push(step('lesson.set', at, changes));
  remember('the lesson', () => void push(step('lesson.set', at, before)));
}

/** Moves a lesson to another time, which `when` says; undo brings it back where it was. */
export function moveLesson(
  { id, startsAt: before, player }: LessonSummary,
  startsAt: string,
  when: string,
): void {
  if (startsAt === before) return;
  const at = { id, of: player.id };
  void push(step('lesson.set', at, { startsAt }));
  didUndoably(
    `${player.name} moved to ${when}`,
    () => void push(step('lesson.set', at, { startsAt: before })),
  );
}

/** Takes a lesson away with all that is in it; undo brings it back. */
export function removeLesson({
  id,
  startsAt,
  asked,
  ballCount,
  player,
  version,
}: LessonSummary): void {
  const at = { id, of: player.id };
  const was = { startsAt, asked, ballCount, player, version };
  void push(step('lesson.remove', at));
  didUndoably('The lesson taken away', () => void push(step('lesson.restore', at, was)));
}

/** Takes a new player in; they are there at once. Returns their id. */
export function addPlayer(body: CreatePlayer): string {
  const playerId = newId();
  void push(step('player.add', { id: playerId }, { coachId: keptAccount()?.id ?? '', ...body }));
  return playerId;
}

/** Changes what differs of a player, and nothing else. */
export function changePlayer(player: Player, body: UpdatePlayer): void {
  const after = { ...player, ...body };
  const changes = changedFields({ ...player }, after) as UpdatePlayer;
  if (Object.keys(changes).length === 0) return;
  const before = changedFields(after, { ...player }) as UpdatePlayer;
  void push(step('player.set', { id: player.id }, changes));
  remember(player.name, () => void push(step('player.set', { id: player.id }, before)));
}

/** Takes a player away with their lessons and pages; undo brings all back. */
export function removePlayer(player: Player): void {
  const { id, name } = player;
  void push(step('player.remove', { id }));
  didUndoably(`${name} taken away`, () => void push(step('player.restore', { id }, player)));
}

/** Makes a drill of the academy's own; it is there at once. Returns its id. */
export function addDrill(body: CreateOwnDrill): string {
  const drillId = `own-${newId()}`;
  void push(step('drill.add', { id: drillId }, body));
  return drillId;
}

/** Takes a drill of the academy's own away; undo brings it back. */
export function removeDrill(drill: OwnDrill): void {
  const { id } = drill;
  void push(step('drill.remove', { id }));
  didUndoably(`${drill.name} taken away`, () => void push(step('drill.restore', { id }, drill)));
}

/** Changes what differs of the academy's rules; says whether anything did. */
export function changeSettings(now: Settings, next: Omit<Settings, 'version'>): boolean {
  const { version: _version, ...rules } = now;
  const before = fieldsOf('setting', rules);
  const changes = changedFields(before, fieldsOf('setting', { ...next }));
  if (Object.keys(changes).length === 0) return false;
  const back = changedFields({ ...before, ...changes }, before);
  const rulesStep = (fields: Fields) => step('setting.set', { id: 'academy' }, fields);
  void push(rulesStep(changes));
  remember('the settings', () => void push(rulesStep(back)));
  return true;
}
