import { Minus, Plus, X } from 'lucide-react';

interface StepperProps {
  readonly label: string;
  readonly hint?: string;
  readonly value: number | null;
  readonly start: number;
  readonly step: number;
  readonly min: number;
  readonly max: number;
  readonly show: (value: number) => string;
  /** What stands where there is no figure. */
  readonly blank?: string;
  /** What was said of it instead of a figure. */
  readonly word?: string | undefined;
  readonly onChange: (value: number | null) => void;
}

const BIG =
  'inline-flex size-12 items-center justify-center rounded-lg border border-line bg-sheet hover:border-ink disabled:opacity-40';

/** A figure for one thumb: less, more, and "not looked at". */
export function Stepper({
  label,
  hint,
  value,
  start,
  step,
  min,
  max,
  show,
  blank = 'not looked at',
  word,
  onChange,
}: StepperProps) {
  const move = (by: number) => () =>
    onChange(value === null ? start : Math.min(max, Math.max(min, value + by)));
  return (
    <div role="group" aria-label={label} className="flex items-center gap-2">
      <div className="min-w-0 flex-1">
        <p className="font-semibold">{label}</p>
        {hint !== undefined && <p className="text-sm text-soft">{hint}</p>}
      </div>
      <button
        type="button"
        aria-label={`${label}: less`}
        className={BIG}
        onClick={move(-step)}
        disabled={value !== null && value <= min}
      >
        <Minus aria-hidden />
      </button>
      <output
        className={`w-24 text-center ${value !== null ? 'font-mono font-semibold' : word === undefined ? 'text-sm text-soft' : 'text-sm font-semibold'}`}
      >
        {value === null ? (word ?? blank) : show(value)}
      </output>
      <button
        type="button"
        aria-label={`${label}: more`}
        className={BIG}
        onClick={move(step)}
        disabled={value !== null && value >= max}
      >
        <Plus aria-hidden />
      </button>
      <button
        type="button"
        aria-label={`${label}: ${blank}`}
        className="inline-flex size-11 items-center justify-center rounded-lg text-soft hover:bg-line/40 disabled:invisible"
        disabled={value === null && word === undefined}
        onClick={() => onChange(null)}
      >
        <X aria-hidden size={18} />
      </button>
    </div>
  );
}
