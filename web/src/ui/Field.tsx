import { useId } from 'react';
import type { InputHTMLAttributes, ReactNode, Ref, SelectHTMLAttributes } from 'react';

const BOX = 'min-h-11 w-full rounded-lg border border-faint bg-paper px-3 text-ink';

interface FrameProps {
  readonly id: string;
  readonly label: string;
  readonly hint?: string | undefined;
  readonly error?: string | undefined;
  readonly isLabelHidden?: boolean | undefined;
  readonly children: ReactNode;
}

function Frame({ id, label, hint, error, isLabelHidden = false, children }: FrameProps) {
  return (
    <div>
      <label htmlFor={id} className={isLabelHidden ? 'sr-only' : 'mb-1 block font-semibold'}>
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
  /** Whether the label is only for those who cannot see what it stands by. */
  readonly isLabelHidden?: boolean;
  readonly hint?: string;
  readonly error?: string | undefined;
}

type TextFieldProps = Common &
  InputHTMLAttributes<HTMLInputElement> & { readonly ref?: Ref<HTMLInputElement> };

export function TextField({
  label,
  hint,
  error,
  isLabelHidden,
  className = '',
  ...rest
}: TextFieldProps) {
  const id = useId();
  return (
    <Frame id={id} label={label} hint={hint} error={error} isLabelHidden={isLabelHidden}>
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

export function SelectField({
  label,
  hint,
  error,
  isLabelHidden,
  options,
  ...rest
}: SelectFieldProps) {
  const id = useId();
  return (
    <Frame id={id} label={label} hint={hint} error={error} isLabelHidden={isLabelHidden}>
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
