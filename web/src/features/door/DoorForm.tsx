import { classValidatorResolver } from '../../ui/class-resolver.ts';
import { useForm } from 'react-hook-form';
import type { DefaultValues, Path } from 'react-hook-form';
import { Button } from '../../ui/Button.tsx';
import { TextField } from '../../ui/Field.tsx';
import { Notice } from '../../ui/Notice.tsx';

interface DoorField<T> {
  readonly name: Path<T>;
  readonly label: string;
  readonly hint?: string;
  readonly type?: 'text' | 'email' | 'password';
  /** What a password keeper knows it by. */
  readonly autoComplete: string;
}

interface DoorFormProps<T extends object> {
  readonly values: new () => T;
  /** What is written there already. */
  readonly start?: Partial<T>;
  readonly fields: readonly DoorField<T>[];
  readonly label: string;
  /** Plain where another way is the usual one. */
  readonly look?: 'main' | 'plain';
  readonly isBusy: boolean;
  readonly trouble: Error | null;
  readonly onSend: (values: T) => void;
}

/** A few fields and one button. */
export function DoorForm<T extends object>({
  values,
  start = {},
  fields,
  label,
  look = 'main',
  isBusy,
  trouble,
  onSend,
}: DoorFormProps<T>) {
  const { register, handleSubmit, formState } = useForm<T>({
    resolver: classValidatorResolver(values),
    defaultValues: { ...new values(), ...start } as DefaultValues<T>,
  });
  const errors = formState.errors as Partial<Record<string, { message?: string }>>;
  return (
    <form
      noValidate
      className="space-y-4"
      onSubmit={(event) => void handleSubmit((given) => onSend(given))(event)}
    >
      {fields.map(({ name, label: text, hint, type = 'text', autoComplete }) => (
        <TextField
          key={name}
          label={text}
          {...(hint !== undefined && { hint })}
          type={type}
          autoComplete={autoComplete}
          error={errors[name]?.message}
          {...register(name)}
        />
      ))}
      {trouble !== null && <Notice>{trouble.message}</Notice>}
      <Button type="submit" look={look} disabled={isBusy} className="w-full">
        {label}
      </Button>
    </form>
  );
}
