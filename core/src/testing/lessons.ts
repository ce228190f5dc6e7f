// Lessons in which nothing was done yet: what tests of findings and of words read.
import { NOTHING_DONE, lessonFindings } from '../lesson/findings.ts';
import type { LessonFacts, LessonFindings } from '../lesson/findings.ts';
import { readLesson } from '../lesson/read.ts';
import type { LessonContext } from '../lesson/read.ts';
import type { Hand } from '../line/hand.ts';
import { DEFAULT_BANDS } from '../reading/bands.ts';
import type { LessonBall } from '../reading/ball.ts';
import { DEFAULT_DISPLAY_UNITS } from '../words/format.ts';
import { readingSentences } from '../words/reading.ts';
import type { Wording } from '../words/sentence.ts';

export const wordingOf = (hand: Hand): Wording => ({
  hand,
  bands: DEFAULT_BANDS,
  units: DEFAULT_DISPLAY_UNITS,
});

export const factsOf = (hand: Hand): LessonFacts => ({ ...NOTHING_DONE, hand });

/** The findings of balls of one club. */
export function findingsOf(
  balls: readonly LessonBall[],
  context: LessonContext,
  facts: Partial<LessonFacts> = {},
): LessonFindings {
  const [club] = readLesson(balls, context).clubs;
  return lessonFindings(club!, { ...factsOf(context.hand), ...facts })!;
}

/** What a lesson says of its balls, the sentences in a row. */
export const readText = (balls: readonly LessonBall[], context: LessonContext): string =>
  readingSentences(readLesson(balls, context), wordingOf(context.hand))
    .map(({ text }) => text)
    .join(' ');
