import { useId } from 'react';
import type { InputHTMLAttributes, ReactNode, Ref, SelectHTMLAttributes } from 'react';

const BOX = 'min-h-11 w-full rounded-lg border border-faint bg-paper px-3 text-ink';

interface FrameProps {
  readonly id: string;
  readonly label: string;
  readonly hint?: string | undefined;
  readonly error?: string | undefined;
  readonly children: ReactNode;
}

function Frame({ id, label, hint, error, children }: FrameProps) {
  return (
    <div>
      <label htmlFor={id} className="mb-1 block font-semibold">
        {label}
        {hint !== undefined && <span className="ml-1 font-normal text-soft">{hint}</span>}
      </label>
      {children}
      {error !== undefined && (
        <p id={`${id}-error`} role="alert" className="mt-1 font-semibold text-look">
          {error}
        </p>
      )}
    </div>
  );
}

interface Common {
  readonly label: string;
  readonly hint?: string;
  readonly error?: string | undefined;
}

type TextFieldProps = Common &
  InputHTMLAttributes<HTMLInputElement> & { readonly ref?: Ref<HTMLInputElement> };

export function TextField({ label, hint, error, className = '', ...rest }: TextFieldProps) {
  const id = useId();
  return (
    <Frame id={id} label={label} hint={hint} error={error}>
      <input
        id={id}
        {...rest}
        aria-invalid={error !== undefined}
        aria-describedby={error === undefined ? undefined : `${id}-error`}
        className={`${BOX} ${className}`}
      />
    </Frame>
  );
}

type SelectFieldProps = Common &
  SelectHTMLAttributes<HTMLSelectElement> & {
    readonly options: readonly (readonly [value: string, label: string])[];
    readonly ref?: Ref<HTMLSelectElement>;
  };

export function SelectField({ label, hint, error, options, ...rest }: SelectFieldProps) {
  const id = useId();
  return (
    <Frame id={id} label={label} hint={hint} error={error}>
      <select id={id} {...rest} className={BOX}>
        {options.map(([value, text]) => (
          <option key={value} value={value}>
            {text}
          </option>
        ))}
      </select>
    </Frame>
  );
}

interface ChoiceProps<T extends string> {
  readonly legend: string;
  readonly value: T;
  readonly options: readonly (readonly [value: T, label: string])[];
  readonly onChange: (value: T) => void;
}

/** One of a few, all in sight. */
export function Choice<T extends string>({ legend, value, options, onChange }: ChoiceProps<T>) {
  const name = useId();
  return (
    <fieldset>
      <legend className="mb-1 font-semibold">{legend}</legend>
      <div className="flex flex-wrap gap-2">
        {options.map(([option, text]) => (
          <label
            key={option}
            className="flex min-h-11 cursor-pointer items-center gap-2 rounded-lg border border-faint px-3 has-checked:border-ink has-checked:bg-ink has-checked:text-paper has-focus-visible:outline-3 has-focus-visible:outline-look"
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
