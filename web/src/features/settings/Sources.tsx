import type { ColumnSaid } from '@loxos/core';
import { useState } from 'react';
import type { FileSource } from '../../api/client.ts';
import { useChangeSource, useSources } from '../../api/sources.ts';
import type { SourceChange } from '../../api/sources.ts';
import { didUndoably } from '../../app/undo.ts';
import { Button } from '../../ui/Button.tsx';
import { ColumnSelects } from '../../ui/ColumnSelects.tsx';
import { TextField } from '../../ui/Field.tsx';
import { Notice } from '../../ui/Notice.tsx';
import { momentText } from '../../ui/day-text.ts';

type Column = ColumnSaid;

const SIGNS = {
  target: 'For a left-hander plus is right of the target, for everything.',
  'hand-club': 'For a left-hander face and path turn with the hand.',
  'hand-all': 'For a left-hander everything turns with the hand.',
} as const;
const DAYS = { 'day-first': 'Days before months.', 'month-first': 'Months before days.' } as const;
const DECIMAL = { comma: 'Decimal commas.', dot: 'Decimal points.' } as const;

/** What was said of one column, to be said otherwise. */
function OneColumn({ column, onSay }: { column: Column; onSay: (said: Column) => void }) {
  const { header, turned = null, atStrike = null } = column;
  return (
    <li className="grid items-center gap-2 py-1 sm:grid-cols-[minmax(0,12rem)_minmax(0,1fr)]">
      <span className="font-semibold break-words">
        {header}
        {turned === true && <span className="block text-sm font-normal">signs turned</span>}
        {atStrike === true && (
          <span className="block text-sm font-normal">given where it was struck</span>
        )}
      </span>
      <ColumnSelects name={header} said={column} noUnit="as the file says" onSay={onSay} />
    </li>
  );
}

function Source({ source, onChange }: { source: FileSource; onChange: (c: SourceChange) => void }) {
  const { answers } = source;
  const columns = answers.columns ?? [];
  const unnamed =
    columns.length === 0
      ? 'A source without a name'
      : `Files with ${columns.map((c) => c.header).join(', ')}`;
  const called = source.name === '' ? unnamed : source.name;
  const [name, setName] = useState(source.name);
  const say = (said: Column): void =>
    onChange({
      answers: { ...answers, columns: columns.map((c) => (c.header === said.header ? said : c)) },
    });
  const forget = (): void => {
    onChange({ isForgotten: true });
    didUndoably(`${called} forgotten: its next file asks anew`, () =>
      onChange({ isForgotten: false }),
    );
  };
  return (
    <li className="border-t border-line py-3">
      <details>
        <summary className="min-h-9 cursor-pointer py-1">
          <span className="font-semibold">{called}</span>{' '}
          <span className="text-soft">told {momentText(source.updatedAt)}</span>
        </summary>
        <form
          className="my-2 flex max-w-md items-end gap-2"
          onSubmit={(event) => {
            event.preventDefault();
            onChange({ name: name.trim() });
          }}
        >
          <TextField
            label="Called"
            value={name}
            maxLength={80}
            onChange={({ target }) => setName(target.value)}
          />
          <Button type="submit">Rename</Button>
        </form>
        {answers.signs !== undefined && <p>{SIGNS[answers.signs]}</p>}
        {answers.decimal !== undefined && <p>{DECIMAL[answers.decimal]}</p>}
        {answers.dayOrder !== undefined && <p>{DAYS[answers.dayOrder]}</p>}
        <ul>
          {columns.map((column) => (
            <OneColumn key={column.header} column={column} onSay={say} />
          ))}
        </ul>
        <p className="text-sm text-soft">
          What is changed here holds for the next files. Balls that are stored stay as they are: a
          file of a lesson is read again there.
        </p>
      </details>
      <Button look="quiet" onClick={forget}>
        Forget it
      </Button>
    </li>
  );
}

/** Sources of launch files: what was said of their columns, so that their next files come in unasked. */
export function Sources() {
  const sources = useSources();
  const change = useChangeSource();
  const trouble = sources.error ?? change.error;
  return (
    <section aria-label="Sources of launch files" className="mt-8 border-t border-line pt-4">
      <h2 className="text-xl">Sources of launch files</h2>
      <p className="mb-3 text-soft">
        What you said of a file’s columns, signs and units is kept by its column names, and its next
        files are read the same way.
      </p>
      {trouble !== null && <Notice>{trouble.message}</Notice>}
      {sources.data?.length === 0 && <p>No file has left anything open so far.</p>}
      <ul>
        {sources.data?.map((source) => (
          <Source
            key={source.id}
            source={source}
            onChange={(changed) => change.mutate({ source, change: changed })}
          />
        ))}
      </ul>
    </section>
  );
}
