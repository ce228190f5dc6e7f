import { useState } from 'react';
import { ApiError } from '../api/client.ts';
import { Button } from './Button.tsx';
import { TextField } from './Field.tsx';

/** Returns whether the server wants to be sure who asks: they signed in a while ago. */
export const isAskedAgain = (error: Error | null): boolean =>
  error instanceof ApiError && error.fields.some(({ field }) => field === 'password');

interface SayAgainProps {
  readonly error: Error | null;
  readonly isBusy: boolean;
  readonly onSay: (password: string) => void;
}

/** Asks for the password where the server wants to be sure who it is. */
export function SayAgain({ error, isBusy, onSay }: SayAgainProps) {
  const [password, setPassword] = useState('');
  return (
    <form
      noValidate
      aria-label="Your password again"
      className="flex max-w-sm flex-col items-start gap-2"
      onSubmit={(event) => {
        event.preventDefault();
        onSay(password);
      }}
    >
      <TextField
        label="Your password"
        type="password"
        autoComplete="current-password"
        error={error?.message}
        value={password}
        onChange={({ target }) => setPassword(target.value)}
      />
      <Button type="submit" look="main" disabled={isBusy || password === ''}>
        Go on
      </Button>
    </form>
  );
}
