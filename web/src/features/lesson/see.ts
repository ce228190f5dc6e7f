import { partOf, usualBallIn, withFigures, withWord } from '@loxos/core';
import type { CauseLinkId, LinkValue, SetUpPart } from '@loxos/core';
import type { Lesson } from '../../api/client.ts';
import { saveParts } from './parts.ts';

/** Returns what both parts of a lesson hold of what was seen. */
const seenIn = (lesson: Lesson) => ({
  setup: partOf(lesson, 'setup'),
  causes: partOf(lesson, 'causes'),
});

/** Puts down what was seen of a link; the same again takes it back. */
export function see(lesson: Lesson, id: CauseLinkId, value: LinkValue, club: string | null): void {
  const from = { hand: lesson.player.hand, usualCm: usualBallIn(lesson, club) };
  saveParts(lesson, withWord(seenIn(lesson), id, value, from), 'what was seen');
}

/** Puts down figures of the set-up: each takes the place of a word that was said of it. */
export const setUp = (lesson: Lesson, changes: Partial<SetUpPart>): void =>
  saveParts(lesson, withFigures(seenIn(lesson), changes), 'set-up');
