import { clubKeyOf } from '@loxos/core';
import type { Sentence } from '@loxos/core';
import type { LessonReading } from '../../../workers/reading.worker.ts';
import { useLessonScreen } from '../lesson-store.ts';

function SentenceText({ sentence }: { sentence: Sentence }) {
  const showBehind = useLessonScreen((state) => state.showBehind);
  return sentence.parts.map((part, index) =>
    part.kind === 'text' ? (
      <span key={index}>{part.text}</span>
    ) : (
      <button
        key={index}
        type="button"
        title={`From ${part.ballIds.length} ${part.ballIds.length === 1 ? 'ball' : 'balls'}: show which`}
        onClick={() => showBehind(part.ballIds)}
        className="font-semibold underline decoration-line decoration-2 underline-offset-4 hover:decoration-look"
      >
        {part.text}
      </button>
    ),
  );
}

/** The sentences of the chosen club, or of all. */
export function sentencesOf(
  { reading, clubSentences }: LessonReading,
  club: string | null,
): readonly Sentence[] {
  if (club === null) return reading.sentences;
  const index = reading.groups.findIndex((group) => {
    const first = reading.views.find(({ id }) => id === group.ballIds[0]);
    return first !== undefined && clubKeyOf(first.ball) === club;
  });
  return clubSentences[index] ?? reading.sentences;
}

const LEAD = new Set<Sentence['topic']>(['flight']);

/** The reading: what the balls do first and large, why and how sure below it. */
export function ReadingWords({ reading }: { reading: LessonReading }) {
  const club = useLessonScreen((state) => state.club);
  const sentences = sentencesOf(reading, club);
  return (
    <section aria-label="Reading" aria-live="polite" className="max-w-[78rem] space-y-1">
      {sentences.map((sentence, index) => (
        <p
          key={index}
          className={
            LEAD.has(sentence.topic) ? 'text-[1.35rem] leading-snug' : 'text-lg leading-snug'
          }
        >
          <SentenceText sentence={sentence} />
        </p>
      ))}
    </section>
  );
}
