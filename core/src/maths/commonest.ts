/** Returns the value that stands most often among some, and how often; null of none. Of several the one that came first. */
export function commonest<T>(
  values: readonly T[],
): { readonly value: T; readonly count: number } | null {
  const counts = new Map<T, number>();
  for (const value of values) counts.set(value, (counts.get(value) ?? 0) + 1);
  const [most] = [...counts].sort(([, a], [, b]) => b - a);
  return most === undefined ? null : { value: most[0], count: most[1] };
}
