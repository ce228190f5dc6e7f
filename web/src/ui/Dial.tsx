import { typedNumber } from '@loxos/core';
import { Slider } from 'radix-ui';
import { useId, useState } from 'react';

export interface DialProps {
  readonly label: string;
  readonly value: number;
  readonly min: number;
  readonly max: number;
  readonly step: number;
  readonly unit: string;
  /** What the figure means, in a word, such as `open`. */
  readonly word?: string;
  /** Each figure on the way, as it is dragged. */
  readonly onChange: (value: number) => void;
  /** The figure it is let go at; each that is typed. */
  readonly onCommit?: (value: number) => void;
}

/** Returns what was typed, NaN where it is no number. */
const numberOf = (text: string): number => typedNumber(text) ?? NaN;

/** A figure to turn by slider, by typing, or by keys. */
export function Dial({ label, value, min, max, step, unit, word, onChange, onCommit }: DialProps) {
  const id = useId();
  const digits = step < 1 ? 1 : 0;
  const [draft, setDraft] = useState<string | null>(null);
  const shown = draft ?? value.toFixed(digits).replace(/^-(0(?:\.0)?)$/, '$1');
  const wrong = draft !== null && !(numberOf(draft) >= min && numberOf(draft) <= max);
  const type = (text: string): void => {
    setDraft(text);
    const typed = numberOf(text);
    if (!(typed >= min && typed <= max)) return;
    onChange(typed);
    // What is typed is there at once: a page closed before the field is left loses nothing.
    onCommit?.(typed);
  };
  return (
    <div>
      <div className="flex items-baseline justify-between gap-2">
        <label htmlFor={id} className="font-semibold">
          {label} <span className="font-normal text-soft">{word}</span>
        </label>
        <span className="flex items-baseline gap-1">
          <input
            id={id}
            inputMode="decimal"
            value={shown}
            aria-invalid={wrong}
            onChange={(event) => type(event.target.value)}
            onBlur={() => setDraft(null)}
            className="min-h-8 w-18 rounded-md border border-faint bg-paper px-1.5 text-right font-mono aria-invalid:border-look"
          />
          <span className="min-w-9 text-sm whitespace-nowrap text-soft">{unit}</span>
        </span>
      </div>
      {wrong && (
        <p role="alert" className="text-sm font-semibold text-look">
          From {min.toFixed(digits)} to {max.toFixed(digits)}.
        </p>
      )}
      <Slider.Root
        value={[Math.min(max, Math.max(min, value))]}
        min={min}
        max={max}
        step={step}
        onValueChange={([next]) => next !== undefined && onChange(next)}
        onValueCommit={([next]) => next !== undefined && onCommit?.(next)}
        className="relative flex h-7 touch-none items-center select-none"
      >
        <Slider.Track className="relative h-1.5 grow rounded-full bg-line">
          <Slider.Range className="absolute h-full rounded-full bg-faint" />
        </Slider.Track>
        <Slider.Thumb
          aria-label={`${label}, slider`}
          className="block size-6 rounded-full border-2 border-ink bg-sheet"
        />
      </Slider.Root>
    </div>
  );
}
