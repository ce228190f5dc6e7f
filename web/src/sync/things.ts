import { changedFields, fieldsOf } from '@loxos/core';
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
import { didUndoably, remember } from '../app/undo.ts';
import { push } from './log.ts';
import { newId } from './new-id.ts';

/** Opens a lesson; it is there at once. Returns its id. */
export function openLesson(body: CreateLesson): string {
  const lessonId = newId();
  void push({ op: 'open', lessonId, body });
  return lessonId;
}

export function changeLesson({ id, startsAt, asked }: LessonSummary, body: UpdateLesson): void {
  const changes = changedFields({ startsAt, asked }, { startsAt, asked, ...body }) as UpdateLesson;
  if (Object.keys(changes).length === 0) return;
  const before = changedFields({ startsAt, asked, ...body }, { startsAt, asked }) as UpdateLesson;
  void push({ op: 'lesson', lessonId: id, body: changes });
  remember('the lesson', () => void push({ op: 'lesson', lessonId: id, body: before }));
}

/** Moves a lesson to another time, which `when` says; undo brings it back where it was. */
export function moveLesson(
  { id, startsAt: before, player }: LessonSummary,
  startsAt: string,
  when: string,
): void {
  if (startsAt === before) return;
  void push({ op: 'lesson', lessonId: id, body: { startsAt } });
  didUndoably(
    `${player.name} moved to ${when}`,
    () => void push({ op: 'lesson', lessonId: id, body: { startsAt: before } }),
  );
}

/** Takes a lesson away with all that is in it; undo brings it back. */
export function closeLesson({ id }: LessonSummary): void {
  void push({ op: 'close', lessonId: id });
  didUndoably('The lesson taken away', () => void push({ op: 'reopen', lessonId: id }));
}

/** Takes a new player in; they are there at once. Returns their id. */
export function meetPlayer(body: CreatePlayer): string {
  const playerId = newId();
  void push({ op: 'meet', playerId, body });
  return playerId;
}

/** Changes what differs of a player, and nothing else. */
export function changePlayer(player: Player, body: UpdatePlayer): void {
  const after = { ...player, ...body };
  const changes = changedFields({ ...player }, after) as UpdatePlayer;
  if (Object.keys(changes).length === 0) return;
  const before = changedFields(after, { ...player }) as UpdatePlayer;
  const playerId = player.id;
  void push({ op: 'player', playerId, body: changes });
  remember(player.name, () => void push({ op: 'player', playerId, body: before }));
}

/** Takes a player away with their lessons and pages; undo brings all back. */
export function partWithPlayer({ id, name }: Player): void {
  void push({ op: 'part-with', playerId: id });
  didUndoably(`${name} taken away`, () => void push({ op: 'take-back', playerId: id }));
}

/** Makes a drill of the academy's own; it is there at once. Returns its id. */
export function inventDrill(body: CreateOwnDrill): string {
  const drillId = `own-${newId()}`;
  void push({ op: 'invent', drillId, body });
  return drillId;
}

/** Takes a drill of the academy's own away; undo brings it back. */
export function forgetDrill(drill: OwnDrill): void {
  const drillId = drill.id;
  void push({ op: 'forget', drillId });
  didUndoably(`${drill.name} taken away`, () => void push({ op: 'recall', drillId, drill }));
}

/** Changes what differs of the academy's rules; says whether anything did. */
export function changeRules(now: Settings, next: Omit<Settings, 'version'>): boolean {
  const { version: _version, ...rules } = now;
  const before = fieldsOf('setting', rules);
  const changes = changedFields(before, fieldsOf('setting', { ...next }));
  if (Object.keys(changes).length === 0) return false;
  const back = changedFields({ ...before, ...changes }, before);
  void push({ op: 'rules', changes });
  remember('the settings', () => void push({ op: 'rules', changes: back }));
  return true;
}
