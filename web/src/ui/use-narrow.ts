import { useSyncExternalStore } from 'react';

/** A phone held upright, and what is less wide than three columns. */
const WIDTHS = { phone: '(max-width: 639px)', 'one column': '(max-width: 1023px)' } as const;

/** A browser that cannot tell is taken for a desk. */
const queryOf = (width: keyof typeof WIDTHS): MediaQueryList | null =>
  typeof window.matchMedia === 'function' ? window.matchMedia(WIDTHS[width]) : null;

/** Returns whether the window is no wider than this, and follows it. */
export function useIsNarrow(width: keyof typeof WIDTHS): boolean {
  return useSyncExternalStore(
    (onChange) => {
      const query = queryOf(width);
      query?.addEventListener('change', onChange);
      return () => query?.removeEventListener('change', onChange);
    },
    () => queryOf(width)?.matches ?? false,
  );
}
