import { saidWith } from '@loxos/core';
import type { IntakeAnswers } from '../../../../api/client.ts';
import { bringFile } from '../../../../sync/arrivals.ts';
import { meetPlayer, openLesson } from '../../../../sync/things.ts';
import type { Elsewhere } from './Mapping.tsx';

const ISO_DAY = /^\d{4}-\d{2}-\d{2}/;

/** The moment of a new lesson for a part: noon of its day where the file says it plainly, else now. */
export const momentOf = (day: string, now: Date): string =>
  ISO_DAY.test(day) ? new Date(`${day.slice(0, 10)}T12:00:00`).toISOString() : now.toISOString();

/** Brings parts of a file into new lessons of those they belong to: read as the rest of it was. */
export async function giveElsewhere(
  file: File,
  answers: IntakeAnswers,
  elsewhere: readonly Elsewhere[],
  now: Date,
): Promise<void> {
  const met = new Map<string, string>();
  for (const { part, place } of elsewhere) {
    let playerId = place;
    if (place === 'new') {
      playerId =
        met.get(part.player) ?? meetPlayer({ name: part.player, hand: part.hand ?? 'right' });
      met.set(part.player, playerId);
    }
    const lessonId = openLesson({ playerId, startsAt: momentOf(part.day, now), asked: '' });
    // What signs mean for one hand says nothing of the other's.
    const { signs: _, ...rest } = answers;
    await bringFile(lessonId, file, {
      answers: saidWith(rest, { parts: [part.key] }),
      isAskedAgain: false,
    });
  }
}
