import type { ButtonHTMLAttributes } from 'react';

type Look = 'main' | 'plain' | 'quiet';

const LOOKS: Readonly<Record<Look, string>> = {
  main: 'bg-ink text-paper hover:opacity-90',
  plain: 'border border-line bg-sheet hover:border-ink',
  quiet: 'hover:bg-line/40',
};

interface ButtonProps extends ButtonHTMLAttributes<HTMLButtonElement> {
  readonly look?: Look;
}

/** A button at least 44 px tall, for thumbs. */
export function Button({ look = 'plain', className = '', ...rest }: ButtonProps) {
  const base =
    'inline-flex min-h-11 items-center justify-center gap-2 rounded-lg px-4 font-semibold disabled:opacity-50';
  return <button type="button" {...rest} className={`${base} ${LOOKS[look]} ${className}`} />;
}
