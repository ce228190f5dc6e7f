import { useState } from 'react';
import { useRename, useRenameAcademy } from '../../api/account.ts';
import { Button } from '../../ui/Button.tsx';
import { TextField } from '../../ui/Field.tsx';

interface NameFieldProps {
  readonly of: 'account' | 'academy';
  readonly label: string;
  readonly value: string;
}

/** A name, and a button once it is another. */
export function NameField({ of, label, value }: NameFieldProps) {
  const rename = useRename();
  const renameAcademy = useRenameAcademy();
  const { mutate, error, isPending } = of === 'account' ? rename : renameAcademy;
  const [text, setText] = useState(value);
  return (
    <form
      noValidate
      className="flex items-end gap-2"
      onSubmit={(event) => {
        event.preventDefault();
        mutate(text);
      }}
    >
      <div className="min-w-0 flex-1">
        <TextField
          label={label}
          value={text}
          maxLength={80}
          error={error?.message}
          onChange={(event) => setText(event.target.value)}
        />
      </div>
      {text.trim() !== value && (
        <Button type="submit" look="main" disabled={isPending || text.trim() === ''}>
          Save
        </Button>
      )}
    </form>
  );
}
