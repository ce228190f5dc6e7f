import type { IntakeQuestion, IntakeSays } from '@loxos/core';
import { useId } from 'react';

const BETWEEN = '\u0000';

/** Returns what a question is known by from one reading of the file to the next. */
export const questionKey = ({ kind, headers }: IntakeQuestion): string =>
  [kind, ...headers].join(BETWEEN);

/** Returns whether a question known by this is about a column or club of that name. */
export const isAbout = (key: string, name: string): boolean =>
  key.split(BETWEEN).slice(1).includes(name);

interface QuestionFieldProps {
  readonly question: IntakeQuestion;
  /** Place of the chosen answer; null where none is. */
  readonly chosen: number | null;
  readonly onChoose: (place: number, says: IntakeSays) => void;
}

/** One thing a file leaves open, with its answers. */
function QuestionField({ question, chosen, onChoose }: QuestionFieldProps) {
  const name = useId();
  const { text, choices } = question;
  return (
    <fieldset className="border-t border-line py-3">
      <legend className="float-left mb-2 w-full font-semibold">
        {chosen === null ? '▲ ' : ''}
        {text}
      </legend>
      <div className="clear-both flex flex-wrap gap-1.5">
        {choices.map(({ label, says, isLikely }, place) => (
          <label
            key={label}
            className="flex min-h-11 cursor-pointer items-center gap-2 rounded-lg border border-faint bg-sheet px-3 py-1.5 has-checked:border-ink has-checked:bg-ink has-checked:text-paper has-focus-visible:outline-3 has-focus-visible:outline-look"
          >
            <input
              type="radio"
              name={name}
              checked={chosen === place}
              onChange={() => onChoose(place, says)}
              className="sr-only"
            />
            {label}
            {isLikely && <span className="text-sm opacity-80">· most likely</span>}
          </label>
        ))}
      </div>
    </fieldset>
  );
}

interface QuestionsProps {
  readonly questions: readonly IntakeQuestion[];
  readonly chosen: Readonly<Record<string, number>>;
  readonly onChoose: (question: IntakeQuestion, place: number, says: IntakeSays) => void;
}

/** Everything a file leaves open; what has no answers to choose from is said, and answered at the columns. */
export function Questions({ questions, chosen, onChoose }: QuestionsProps) {
  return (
    <>
      {questions.map((question) =>
        question.choices.length === 0 ? (
          <p key={questionKey(question)} className="border-t border-line py-3 font-semibold">
            ▲ {question.text}
          </p>
        ) : (
          <QuestionField
            key={questionKey(question)}
            question={question}
            chosen={chosen[questionKey(question)] ?? null}
            onChoose={(place, says) => onChoose(question, place, says)}
          />
        ),
      )}
    </>
  );
}
