/** What a sheet takes a text for a formula by: its first letter. */
const FORMULA = /^[=+\-@\t\r]/;

/** Returns a text that no sheet takes for a formula; `withoutGuard` reads it back. */
export const guarded = (text: string): string => (FORMULA.test(text) ? `'${text}` : text);

/** Returns a text as it was before it was guarded. */
export const withoutGuard = (text: string): string =>
  text.startsWith("'") && FORMULA.test(text.slice(1)) ? text.slice(1) : text;
