import { format, parseISO, subYears } from 'date-fns';
import { CalendarDays } from 'lucide-react';
import { Popover } from 'radix-ui';
import { useState } from 'react';
import { DayPicker } from 'react-day-picker';
import 'react-day-picker/style.css';
import { TextField } from './Field.tsx';
import { today } from './academy-time.ts';
import { shortDay, typedDay } from './day-text.ts';

interface DateFieldProps {
  readonly label: string;
  readonly isLabelHidden?: boolean;
  readonly hint?: string;
  /** ISO date; empty for none, where that may be. */
  readonly value: string;
  readonly isOptional?: boolean;
  /** How many years before today it may be; then year and month are chosen from lists too. */
  readonly yearsBack?: number;
  readonly onChange: (iso: string) => void;
}

interface PickDayProps {
  readonly label: string;
  readonly value: string;
  readonly yearsBack: number | undefined;
  readonly onPick: (iso: string) => void;
}

/** A calendar to pick a day from. */
function PickDay({ label, value, yearsBack, onPick }: PickDayProps) {
  const [isOpen, setOpen] = useState(false);
  const shown = parseISO(value === '' ? today() : value);
  const far = yearsBack !== undefined && {
    captionLayout: 'dropdown' as const,
    startMonth: subYears(parseISO(today()), yearsBack),
    endMonth: parseISO(today()),
  };
  const pick = (date: Date | undefined): void => {
    if (date === undefined) return;
    setOpen(false);
    onPick(format(date, 'yyyy-MM-dd'));
  };
  return (
    <Popover.Root open={isOpen} onOpenChange={setOpen}>
      <Popover.Trigger
        aria-label={`Pick ${label.toLowerCase()}`}
        className="inline-flex size-11 shrink-0 items-center justify-center rounded-lg border border-faint hover:border-ink"
      >
        <CalendarDays aria-hidden size={18} />
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          align="end"
          sideOffset={4}
          collisionPadding={8}
          className="z-50 panel p-3 text-ink shadow-xl"
        >
          <DayPicker
            mode="single"
            weekStartsOn={1}
            defaultMonth={shown}
            selected={value === '' ? undefined : shown}
            {...far}
            onSelect={pick}
          />
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}

/** A day, typed or picked; written as everywhere else. */
export function DateField({
  label,
  isLabelHidden = false,
  hint,
  value,
  isOptional = false,
  yearsBack,
  onChange,
}: DateFieldProps) {
  const [typed, setTyped] = useState<string | null>(null);
  const read = (text: string): string | null =>
    isOptional && text.trim() === '' ? '' : typedDay(text, today(), yearsBack);
  const day = typed === null ? value : read(typed);
  const type = (text: string): void => {
    setTyped(text);
    const next = read(text);
    if (next !== null && next !== value) onChange(next);
  };
  return (
    <div className="flex items-end gap-1">
      <div className="min-w-0 flex-1">
        <TextField
          label={label}
          isLabelHidden={isLabelHidden}
          {...(hint !== undefined && { hint })}
          value={typed ?? (value === '' ? '' : shortDay(value))}
          error={day === null ? 'Write a day, such as 3 Dec 2026.' : undefined}
          onChange={(event) => type(event.target.value)}
          onBlur={() => setTyped(null)}
        />
      </div>
      <PickDay
        label={label}
        value={value}
        yearsBack={yearsBack}
        onPick={(next) => {
          setTyped(null);
          onChange(next);
        }}
      />
    </div>
  );
}
