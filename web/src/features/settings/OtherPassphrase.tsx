import { useState } from 'react';
import { Button } from '../../ui/Button.tsx';
import { TextField } from '../../ui/Field.tsx';

interface OtherPassphraseProps {
  readonly isBusy: boolean;
  readonly onSend: (passphrase: string) => void;
}

/** Asks for the passphrase of a copy that was sealed with another than is kept here. */
export function OtherPassphrase({ isBusy, onSend }: OtherPassphraseProps) {
  const [passphrase, setPassphrase] = useState('');
  return (
    <form
      aria-label="Passphrase of the copy"
      className="mb-3 flex flex-wrap items-end gap-2"
      onSubmit={(event) => {
        event.preventDefault();
        onSend(passphrase);
      }}
    >
      <div className="min-w-0 flex-1 basis-60">
        <TextField
          label="The passphrase it was sealed with"
          type="password"
          autoComplete="off"
          value={passphrase}
          onChange={({ target }) => setPassphrase(target.value)}
        />
      </div>
      <Button type="submit" look="main" disabled={isBusy || passphrase === ''}>
        Put it back
      </Button>
    </form>
  );
}
