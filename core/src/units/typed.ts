/**
 * Returns a number as a person types it into a field: with a decimal point or comma, and a minus of any kind.
 * @returns the number, or null where there is none or it is not one (letters, two points, nothing).
 */
export function typedNumber(text: string): number | null {
  const plain = text
    .trim()
    .replace(/[−–]/g, '-')
    .replace(/^(\S+),(\S+)$/, '$1.$2');
  if (!/^[+-]?(?:\d+\.?\d*|\.\d+)$/.test(plain)) return null;
  return Number(plain) + 0;
}
