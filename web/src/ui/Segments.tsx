import { useId } from 'react';
import type { ReactNode } from 'react';

interface SegmentsProps<T extends string> {
  readonly legend: string;
  readonly value: T;
  readonly options: readonly (readonly [value: T, label: ReactNode])[];
  readonly onChange: (value: T) => void;
  /** Whether the legend is only for those who cannot see what it stands by. */
  readonly isLegendHidden?: boolean;
}

/** One of a few, all in sight. */
export function Segments<T extends string>({
  legend,
  value,
  options,
  onChange,
  isLegendHidden = false,
}: SegmentsProps<T>) {
  const name = useId();
  return (
    <fieldset className="min-w-0">
      <legend className={isLegendHidden ? 'sr-only' : 'mb-1 font-semibold'}>{legend}</legend>
      <div className="flex flex-wrap gap-1.5">
        {options.map(([option, text]) => (
          <label
            key={option}
            className="flex min-h-11 cursor-pointer items-center gap-2 rounded-lg border border-faint bg-sheet px-3 has-checked:border-ink has-checked:bg-ink has-checked:text-paper has-focus-visible:outline-3 has-focus-visible:outline-look"
          >
            <input
              type="radio"
              name={name}
              value={option}
              checked={value === option}
              onChange={() => onChange(option)}
              className="sr-only"
            />
            {text}
          </label>
        ))}
      </div>
    </fieldset>
  );
}
