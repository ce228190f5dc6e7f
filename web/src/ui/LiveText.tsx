import { useEffect, useId, useRef, useState } from 'react';
import { dropTyped, keepTyped, leftTyped, onHide } from './typed.ts';

interface LiveTextProps {
  readonly label: string;
  readonly hint?: string;
  readonly isLabelHidden?: boolean;
  readonly value: string;
  /** From two on it is as many lines tall. */
  readonly rows?: number;
  readonly maxLength?: number;
  readonly onChange: (value: string) => void;
}

/** How long after the last letter it is kept, ms: typing is not a hundred changes. */
const REST_MS = 400;

/** A text that is kept as it is typed, and at once when it is left; what was typed last is there after the page was closed. */
export function LiveText({
  label,
  hint,
  isLabelHidden = false,
  value,
  rows = 1,
  maxLength = 400,
  onChange,
}: LiveTextProps) {
  const id = useId();
  const [typed, setTyped] = useState<string | null>(() => leftTyped(label, value));
  const latest = useRef({ typed, value, onChange });
  useEffect(() => {
    latest.current = { typed, value, onChange };
  });
  const keep = useRef((): void => {
    const { typed: text, value: known, onChange: tell } = latest.current;
    if (text !== null && text !== known) tell(text);
  });
  useEffect(() => {
    if (typed === null) return undefined;
    const timer = setTimeout(keep.current, REST_MS);
    return () => clearTimeout(timer);
  }, [typed]);
  // A step left in the middle of a word keeps the word, and so does a page.
  useEffect(() => keep.current, []);
  useEffect(() => onHide(() => keep.current()), []);
  const isKept = typed === null || typed === value;
  useEffect(() => {
    if (isKept) dropTyped(label);
  }, [isKept, label]);
  const box = {
    id,
    maxLength,
    value: typed ?? value,
    onChange: ({ target }: { target: { value: string } }) => {
      keepTyped(label, value, target.value);
      setTyped(target.value);
    },
    onBlur: () => {
      keep.current();
      setTyped(null);
    },
    className: 'min-h-11 w-full rounded-lg border border-faint bg-paper px-3 py-2 text-ink',
  };
  return (
    <div>
      <label htmlFor={id} className={isLabelHidden ? 'sr-only' : 'mb-1 block font-semibold'}>
        {label}
        {hint !== undefined && <span className="ml-1 font-normal text-soft">{hint}</span>}
      </label>
      {rows > 1 ? <textarea rows={rows} {...box} /> : <input {...box} />}
    </div>
  );
}
