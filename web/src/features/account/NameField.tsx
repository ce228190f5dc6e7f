import { classValidatorResolver } from '../../ui/class-resolver.ts';
import { IsNotEmpty, MaxLength } from 'class-validator';
import { useForm } from 'react-hook-form';
import { useChangeAcademy, useRename } from '../../api/account.ts';
import { Button } from '../../ui/Button.tsx';
import { TextField } from '../../ui/Field.tsx';

class NameValues {
  @IsNotEmpty({ message: 'Write the name.' })
  @MaxLength(80, { message: 'At most 80 letters.' })
  name = '';
}

interface NameFieldProps {
  readonly of: 'account' | 'academy';
  readonly label: string;
  readonly value: string;
}

/** A name, and a button once it is another. */
export function NameField({ of, label, value }: NameFieldProps) {
  const rename = useRename();
  const change = useChangeAcademy();
  const { error, isPending } = of === 'account' ? rename : change;
  const save = (name: string): void => {
    if (of === 'account') rename.mutate(name);
    else change.mutate({ name });
  };
  const { register, handleSubmit, formState } = useForm<NameValues>({
    resolver: classValidatorResolver(NameValues),
    values: { name: value },
  });
  return (
    <form
      noValidate
      className="flex items-end gap-2"
      onSubmit={(event) => void handleSubmit(({ name }) => save(name.trim()))(event)}
    >
      <div className="min-w-0 flex-1">
        <TextField
          label={label}
          error={formState.errors.name?.message ?? error?.message}
          {...register('name')}
        />
      </div>
      {formState.isDirty && (
        <Button type="submit" look="main" disabled={isPending}>
          Save
        </Button>
      )}
    </form>
  );
}
