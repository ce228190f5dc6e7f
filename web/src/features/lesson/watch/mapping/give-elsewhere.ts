import { saidWith } from '@loxos/core';
import type { IntakeAnswers } from '../../../../api/client.ts';
import { bringFile } from '../../../../sync/arrivals.ts';
import { addPlayer, addLesson } from '../../../../sync/actions.ts';
import { instantAt } from '../../../../ui/academy-time.ts';
import type { Elsewhere } from './Mapping.tsx';

/**
 * Returns the moment of a new lesson for a part: when the file says it begins, by the academy's clock where it says no zone, at noon
 * where it says a day alone; now where it says neither.
 */
export const momentOf = (startsAt: string | null, now: Date): string => {
  if (startsAt === null) return now.toISOString();
  const [day = '', time = '12:00'] = startsAt.split('T');
  // A moment of another zone is what it is.
  return /[Z+]|-\d\d:/.test(time) ? new Date(startsAt).toISOString() : instantAt(day, time);
};

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
        met.get(part.player) ?? addPlayer({ name: part.player, hand: part.hand ?? 'right' });
      met.set(part.player, playerId);
    }
    const lessonId = addLesson({ playerId, startsAt: momentOf(part.startsAt, now), asked: '' });
    // What signs mean for one hand says nothing of the other's.
    const { signs: _, ...rest } = answers;
    await bringFile(lessonId, file, {
      answers: saidWith(rest, { parts: [part.key] }),
      isAskedAgain: false,
    });
  }
}
