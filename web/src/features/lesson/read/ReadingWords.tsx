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

/** For those who ask for it. */
const FOLDED = new Set<Sentence['topic']>(['start']);

/** The reading: what the balls do first and large, why and how sure below it. */
export function ReadingWords({ reading }: { reading: LessonReading }) {
  const club = useLessonScreen((state) => state.club);
  const sentences = sentencesOf(reading, club);
  const shown = sentences.filter(({ topic }) => !FOLDED.has(topic));
  const folded = sentences.filter(({ topic }) => FOLDED.has(topic));
  return (
    <section aria-label="Reading" aria-live="polite" className="space-y-2">
      {shown.map((sentence, index) => (
        <p
          key={index}
          className={
            LEAD.has(sentence.topic)
              ? 'text-[1.35rem] leading-snug font-semibold'
              : 'text-[1.05rem] leading-snug'
          }
        >
          <SentenceText sentence={sentence} />
        </p>
      ))}
      {folded.length > 0 && (
        <details>
          <summary className="min-h-9 cursor-pointer text-soft">
            What the face owns of the start
          </summary>
          {folded.map((sentence, index) => (
            <p key={index}>
              <SentenceText sentence={sentence} />
            </p>
          ))}
        </details>
      )}
    </section>
  );
}
