import { usePeople } from '../api/account.ts';
import type { Player } from '../api/client.ts';

/** What is to be minded of a player's body: the notes, or for who may not read them the parts alone. */
export function BodyNotes({ player: { bodyNotes, isPersonalRead, coachId } }: { player: Player }) {
  const coach = (usePeople().data ?? []).find(({ id }) => id === coachId)?.name;
  if (bodyNotes === '') return null;
  if (isPersonalRead) return <p>▲ Body notes: {bodyNotes}</p>;
  return (
    <p>
      ▲ To mind: {bodyNotes}.{' '}
      <span className="text-soft">The notes are for {coach ?? 'the player’s coach'}.</span>
    </p>
  );
}
