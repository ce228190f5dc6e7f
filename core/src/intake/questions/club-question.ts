/** Clubs whose balls are another's, each as one question. */
import type { Club } from '../../delivery/club.ts';
import { otherClubs } from '../checks/clubs.ts';
import type { ClubSaid, IntakeChoice, IntakeQuestion } from './questions.ts';
import type { Draft } from '../rows/row.ts';

export function askClubs(drafts: readonly Draft[], said: readonly ClubSaid[]): IntakeQuestion[] {
  return otherClubs(drafts)
    .filter(({ text }) => !said.some((one) => one.text === text))
    .map(({ text, ballCount, written, rather }) => {
      const choice = (label: string, { id }: Club, isLikely: boolean): IntakeChoice => ({
        label,
        says: { clubs: [{ text, club: id }] },
        isLikely,
      });
      const likely = rather.map((club) => choice(club.label, club, rather.length === 1));
      return {
        kind: 'clubs',
        headers: [text],
        text: `The ${ballCount} balls of “${text}” launch, spin and leave the face as those of another club do. Which was it?`,
        choices: [...likely, choice(`${written.label}, as the file says`, written, false)],
      };
    });
}
