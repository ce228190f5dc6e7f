import { useId, useState } from 'react';
import type { PlayerPage } from '../api/client.ts';
import { Button } from '../ui/Button.tsx';
import { dayText } from '../ui/day-text.ts';

const MOST_LETTERS = 500;

interface WordBackProps {
  readonly said: PlayerPage['said'];
  readonly onSay: (text: string) => void;
}

/** A word back to the coach, and what was written so far. */
export function WordBack({ said, onSay }: WordBackProps) {
  const [text, setText] = useState('');
  const id = useId();
  return (
    <form
      aria-label="A word back"
      className="mt-5"
      onSubmit={(event) => {
        event.preventDefault();
        onSay(text.trim());
        setText('');
      }}
    >
      <h2 className="text-xl">
        <label htmlFor={id}>A word back to your coach</label>
      </h2>
      <ul className="my-1">
        {said.map(({ id: key, text: words, at }) => (
          <li key={key}>
            “{words}” <span className="text-soft">{dayText(at)}</span>
          </li>
        ))}
      </ul>
      <textarea
        id={id}
        rows={2}
        maxLength={MOST_LETTERS}
        value={text}
        placeholder="How it goes, what you feel"
        className="w-full rounded-lg border border-faint bg-paper p-3"
        onChange={(event) => setText(event.target.value)}
      />
      <Button type="submit" disabled={text.trim() === ''}>
        Send it
      </Button>
    </form>
  );
}
