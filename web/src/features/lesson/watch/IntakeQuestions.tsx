import { QUANTITY_NAMES, infoOf } from '@loxos/core';
import type { ColumnMeaning, SignRule, Unit } from '@loxos/core';
import { useState } from 'react';
import type { IntakeAnswers, IntakeColumn, IntakeResult } from '../../../api/client.ts';
import { Button } from '../../../ui/Button.tsx';
import { SelectField } from '../../../ui/Field.tsx';
import { Segments } from '../../../ui/Segments.tsx';

interface IntakeQuestionsProps {
  readonly fileName: string;
  readonly result: IntakeResult;
  readonly onAnswer: (answers: IntakeAnswers) => void;
  readonly onLeaveOut: () => void;
}

const MEANINGS: readonly (readonly [string, string])[] = [
  ['', 'leave out'],
  ['club', 'Club'],
  ['hitAt', 'Time'],
  ...QUANTITY_NAMES.map((name) => [name, infoOf(name).label] as const),
];

const SIGN_CHOICES: readonly (readonly [SignRule, string])[] = [
  ['target', 'Plus is right of the target, for everything'],
  ['hand-club', 'Face and path turn with the hand: plus is in-to-out and open'],
  ['hand-all', 'Everything turns with the hand'],
];

type Answered = Readonly<Record<number, { meaning: ColumnMeaning | null; unit: Unit | null }>>;

const isQuantity = (meaning: ColumnMeaning | null): boolean =>
  meaning !== null && meaning !== 'club' && meaning !== 'hitAt';

function ColumnRow({
  column,
  answer,
  onChange,
}: {
  column: IntakeColumn;
  answer: Answered[number];
  onChange: (answer: Answered[number]) => void;
}) {
  const { meaning, unit } = answer;
  const units = isQuantity(meaning) ? infoOf(meaning as never).units : [];
  return (
    <li className="grid items-end gap-2 border-b border-line py-2 sm:grid-cols-[1fr_1fr_8rem]">
      <div>
        <p className="font-semibold">
          {column.header === '' ? `Column ${column.index + 1}` : column.header}
        </p>
        <p className="font-mono text-sm text-soft">{column.examples.join(' · ')}</p>
      </div>
      <SelectField
        label={`What “${column.header}” holds`}
        options={MEANINGS}
        value={meaning ?? ''}
        onChange={(event) =>
          onChange({
            meaning: event.target.value === '' ? null : (event.target.value as ColumnMeaning),
            unit: null,
          })
        }
      />
      {units.length > 0 && (
        <SelectField
          label="Unit"
          options={[['', 'choose'] as const, ...units.map((u) => [u, u] as const)]}
          value={unit ?? ''}
          onChange={(event) =>
            onChange({
              meaning,
              unit: event.target.value === '' ? null : (event.target.value as Unit),
            })
          }
        />
      )}
    </li>
  );
}

/** What the file leaves open, asked before any of its balls count; kept for the source's next file. */
export function IntakeQuestions({ fileName, result, onAnswer, onLeaveOut }: IntakeQuestionsProps) {
  const [columns, setColumns] = useState<Answered>(() =>
    Object.fromEntries(
      result.columns.map(({ index, meaning, unit }) => [index, { meaning, unit }]),
    ),
  );
  const asked = new Set(result.questions.map(({ kind }) => kind));
  const [signs, setSigns] = useState<SignRule>('target');
  const [decimal, setDecimal] = useState<'dot' | 'comma'>('dot');
  const send = (): void =>
    onAnswer({
      columns: result.columns.map(({ index, header }) => ({ header, ...columns[index]! })),
      ...(asked.has('signs') && { signs }),
      ...(asked.has('decimal') && { decimal }),
    });
  const openColumns = asked.has('unit') || asked.has('columns');
  return (
    <section
      aria-label="Questions about the file"
      className="rounded-xl border-2 border-look bg-sheet p-4"
    >
      <h2 className="text-xl">“{fileName}” leaves something open</h2>
      <ul className="my-2 list-disc space-y-1 pl-5">
        {result.questions.map((question, index) => (
          <li key={index}>{question.text}</li>
        ))}
      </ul>
      {asked.has('signs') && (
        <Segments
          legend="Plus and minus"
          value={signs}
          options={SIGN_CHOICES}
          onChange={setSigns}
        />
      )}
      {asked.has('decimal') && (
        <Segments
          legend="The comma is"
          value={decimal}
          options={[
            ['comma', 'a decimal comma'],
            ['dot', 'a thousands comma'],
          ]}
          onChange={setDecimal}
        />
      )}
      <details open={openColumns} className="mt-3">
        <summary className="min-h-9 cursor-pointer py-1 font-semibold">Columns of the file</summary>
        <ul>
          {result.columns.map((column) => (
            <ColumnRow
              key={column.index}
              column={column}
              answer={columns[column.index]!}
              onChange={(answer) => setColumns((all) => ({ ...all, [column.index]: answer }))}
            />
          ))}
        </ul>
      </details>
      <p className="mt-3 text-sm text-soft">
        Your answer is kept for the next file with these columns.
      </p>
      <div className="mt-2 flex flex-wrap gap-2">
        <Button look="main" onClick={send}>
          Bring the file in
        </Button>
        <Button onClick={onLeaveOut}>Leave the file out</Button>
      </div>
    </section>
  );
}
