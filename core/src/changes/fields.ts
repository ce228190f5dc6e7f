/**
 * A record field by field, so that two people who change different fields of it do not undo each other.
 * A field is named by its path: `target`, or `observations.chest` where a field holds fields of its own.
 */
export type Fields = Readonly<Record<string, unknown>>;

/** Which fields of a record hold fields of their own, by the record's name. */
const NESTED: Readonly<Record<string, readonly string[]>> = {
  causes: ['observations'],
  work: ['stations'],
  setting: ['bands', 'accuracy'],
};

const hasValue = (value: unknown): boolean => value !== null && value !== undefined;

const isRecord = (value: unknown): value is Record<string, unknown> =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

/** Returns the fields of a record, one level deep where its name says so. */
export function fieldsOf(name: string, value: Fields): Fields {
  const nested = NESTED[name] ?? [];
  return Object.fromEntries(
    Object.entries(value).flatMap(([key, held]): [string, unknown][] =>
      nested.includes(key) && isRecord(held)
        ? Object.entries(held).map(([inner, v]) => [`${key}.${inner}`, v])
        : [[key, held]],
    ),
  );
}

/** Returns the record that has these fields; one without a value (null or undefined) is left out. */
export function recordOf(name: string, fields: Fields): Record<string, unknown> {
  const made: Record<string, unknown> = {};
  for (const key of NESTED[name] ?? []) {
    const inner = Object.entries(fields).filter(([path]) => path.startsWith(`${key}.`));
    if (inner.length === 0) continue;
    const held = inner.filter(([, value]) => hasValue(value));
    made[key] = Object.fromEntries(held.map(([path, v]) => [path.slice(key.length + 1), v]));
  }
  const isInner = (path: string): boolean =>
    (NESTED[name] ?? []).some((key) => path.startsWith(`${key}.`));
  const own = Object.entries(fields).filter(([path, value]) => hasValue(value) && !isInner(path));
  // What is said of the whole comes before what is said of its fields: a check then sees it.
  return { ...made, ...Object.fromEntries(own) };
}

/** Returns whether two values of a field are the same; nothing (undefined) is the same as no value (null). */
export function isSame(a: unknown, b: unknown): boolean {
  if (a === b || (a ?? null) === (b ?? null)) return true;
  if (Array.isArray(a) && Array.isArray(b))
    return a.length === b.length && a.every((item, index) => isSame(item, b[index]));
  if (!isRecord(a) || !isRecord(b)) return false;
  return [...new Set([...Object.keys(a), ...Object.keys(b)])].every((key) =>
    isSame(a[key], b[key]),
  );
}

/** Returns the fields that differ, as they are after; one that is gone is null. */
export function changedFields(before: Fields, after: Fields): Record<string, unknown> {
  const names = [...new Set([...Object.keys(before), ...Object.keys(after)])];
  return Object.fromEntries(
    names
      .filter((name) => !isSame(before[name], after[name]))
      .map((name) => [name, after[name] ?? null]),
  );
}

/** What somebody else changed since a writer looked: the fields, as they are since. */
export interface ChangeSince {
  readonly device: string;
  readonly after: Fields;
}

/**
 * Returns the fields that cannot be merged: others changed them since the writer looked, and to something else
 * than the writer wants. A device never clashes with itself.
 */
export function clashing(
  wanted: Fields,
  current: Fields,
  since: readonly ChangeSince[],
  device: string,
): string[] {
  const others = since.filter((change) => change.device !== device);
  return Object.keys(wanted).filter(
    (name) => others.some(({ after }) => name in after) && !isSame(wanted[name], current[name]),
  );
}
