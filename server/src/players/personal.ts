import { mindedIn } from '@loxos/core';
import type { Fields } from '@loxos/core';
import type { Scope } from '../common/scope.ts';

/** Whose player somebody is; empty for nobody's. */
interface OfCoach {
  readonly coachId: string;
}

/**
 * Returns whether somebody reads what is personal of a player: body notes, and what the player writes back. An assistant never;
 * where the academy keeps it to a player's own coach, nobody else. Of nobody's player every coach reads it.
 */
export function readsPersonal(scope: Scope, { coachId }: OfCoach): boolean {
  if (scope.role !== 'owner' && scope.role !== 'coach') return false;
  return scope.readsPersonalOfAll === true || coachId === '' || coachId === scope.userId;
}

/** Returns whether somebody may say whose player this is: who reads what is personal, and an owner. */
export const maySayWhose = (scope: Scope, player: OfCoach): boolean =>
  scope.role === 'owner' || readsPersonal(scope, player);

/** Body notes as somebody may read them: whole, or the parts to mind. */
export const bodyNotesFor = (notes: string, isRead: boolean): string =>
  isRead ? notes : mindedIn(notes);

/** The field that holds what is said of the body, by the thing it is in. */
const BODY_FIELDS: Readonly<Record<string, string>> = { player: 'bodyNotes', part: 'body' };

/** Returns a change's fields as somebody may read them who does not read what is personal; null where nothing in it is. */
export function withoutPersonal(thing: string, fields: Fields): Fields | null {
  const name = BODY_FIELDS[thing];
  const text = name === undefined ? undefined : fields[name];
  return typeof text === 'string' && text !== '' ? { ...fields, [name!]: mindedIn(text) } : null;
}
