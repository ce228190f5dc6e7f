import { clubSentences, keyOfClub, readingSentences } from '@loxos/core';
import type { LessonReading, Sentence, Wording } from '@loxos/core';
import { useMemo } from 'react';
import { useLessonScreen } from '../lesson-store.ts';

function SentenceText({ sentence }: { sentence: Sentence }) {
  const showBehind = useLessonScreen((state) => state.showBehind);
  return sentence.parts.map((part, index) =>
    part.kind === 'text' ? (
      <span key={index}>{part.text}</span>
    ) : (
      <a
        key={index}
        href="#balls"
        title={`From ${part.ballIds.length} ${part.ballIds.length === 1 ? 'ball' : 'balls'}: show which`}
        onClick={(event) => {
          event.preventDefault();
          showBehind(part.ballIds);
        }}
        className="font-semibold underline decoration-line decoration-2 underline-offset-4 hover:decoration-look"
      >
        {part.text}
      </a>
    ),
  );
}

/** Returns the sentences of the chosen club, or of all. */
export function sentencesOf(
  reading: LessonReading,
  club: string | null,
  wording: Wording,
): readonly Sentence[] {
  const shown = reading.clubs.find((one) => keyOfClub(one, reading) === club);
  return club === null || shown === undefined
    ? readingSentences(reading, wording)
    : clubSentences(shown, reading.views, wording);
}

const LEAD = new Set<Sentence['topic']>(['flight']);
const DONE = new Set<Sentence['topic']>(['plan']);

/** One tap away: how sure it is, and what the face makes of the start. */
const FOLDED = [
  ['sure', 'How sure'],
  ['start', 'Start rule'],
] as const;

const lookOf = (topic: Sentence['topic']): string =>
  LEAD.has(topic)
    ? 'text-[1.35rem] leading-snug font-semibold'
    : DONE.has(topic)
      ? 'text-[1.15rem] leading-snug font-semibold'
      : 'text-[1.05rem] leading-snug';

/** The reading: what the balls do first and large, then why, then what to do. */
export function ReadingWords({ reading, wording }: { reading: LessonReading; wording: Wording }) {
  const club = useLessonScreen((state) => state.club);
  const sentences = useMemo(() => sentencesOf(reading, club, wording), [reading, club, wording]);
  const folds = new Set<Sentence['topic']>(FOLDED.map(([topic]) => topic));
  return (
    <section aria-label="Reading" aria-live="polite" className="space-y-2">
      {sentences
        .filter(({ topic }) => !folds.has(topic))
        .map((sentence, index) => (
          <p key={index} className={lookOf(sentence.topic)}>
            <SentenceText sentence={sentence} />
          </p>
        ))}
      {FOLDED.map(([topic, name]) => {
        const own = sentences.filter((sentence) => sentence.topic === topic);
        return own.length === 0 ? null : (
          <details key={topic}>
            <summary className="min-h-9 cursor-pointer text-soft">{name}</summary>
            {own.map((sentence, index) => (
              <p key={index}>
                <SentenceText sentence={sentence} />
              </p>
            ))}
          </details>
        );
      })}
    </section>
  );
}
