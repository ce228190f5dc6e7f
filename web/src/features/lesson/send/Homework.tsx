import { addDaysIso } from '@loxos/core';
import { Plus, Trash2 } from 'lucide-react';
import type { PageContent } from '@loxos/core';
import { Button } from '../../../ui/Button.tsx';
import { DateField } from '../../../ui/DateField.tsx';
import { LiveText } from '../../../ui/LiveText.tsx';
import { today } from '../../../ui/academy-time.ts';

type Lines = PageContent['homework'];
/** Between two days of homework, unless another is picked. */
const DAYS_BETWEEN = 2;

/** What is to be done on which day. */
export function Homework({ lines, onChange }: { lines: Lines; onChange: (lines: Lines) => void }) {
  const change = (index: number, line: Lines[number]): void =>
    onChange(lines.map((old, i) => (i === index ? line : old)));
  const add = (): void => {
    const last = lines.at(-1)?.date ?? today();
    onChange([...lines, { date: addDaysIso(last, DAYS_BETWEEN), what: '' }]);
  };
  return (
    <fieldset className="space-y-2">
      <legend className="mb-1 font-semibold">Homework</legend>
      {lines.map((line, index) => (
        <div
          key={index}
          className="grid grid-cols-[1fr_2.75rem] items-start gap-2 sm:grid-cols-[14rem_1fr_2.75rem]"
        >
          <DateField
            label={`Day of homework ${index + 1}`}
            isLabelHidden
            value={line.date}
            onChange={(date) => change(index, { ...line, date })}
          />
          <div className="order-3 col-span-2 sm:order-none sm:col-span-1">
            <LiveText
              label={`Homework ${index + 1}`}
              isLabelHidden
              value={line.what}
              onChange={(what) => change(index, { ...line, what })}
            />
          </div>
          <button
            type="button"
            aria-label={`Take homework ${index + 1} away`}
            onClick={() => onChange(lines.filter((_, i) => i !== index))}
            className="inline-flex size-11 items-center justify-center rounded-lg hover:bg-line/40"
          >
            <Trash2 aria-hidden size={18} />
          </button>
        </div>
      ))}
      <Button onClick={add}>
        <Plus aria-hidden size={16} /> A day
      </Button>
    </fieldset>
  );
}
