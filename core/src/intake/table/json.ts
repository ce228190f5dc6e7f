import { BALLS_FORMAT, TOLD_COLUMNS, keyOf } from '../ball-file.ts';
import { INTAKE_LIMITS, tooManyRows } from './limits.ts';
import { ownName } from '../write-file.ts';
import { BALL_QUANTITIES } from '../quantities.ts';
import type { RawRow, RawTable } from './raw.ts';

/** A table, or why there is none, in a sentence that says what to do. */
export type Reading =
  | { readonly outcome: 'table'; readonly table: RawTable }
  | { readonly outcome: 'refused'; readonly reason: string };

const refuse = (reason: string): Reading => ({ outcome: 'refused', reason });

type Plain = Readonly<Record<string, unknown>>;
const isPlain = (value: unknown): value is Plain =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

/** Returns whether a text is likely JSON: it begins as an object or a list. */
export const looksLikeJson = (text: string): boolean => /^\ufeff?\s*[[{]/.test(text);

const textOf = (value: unknown): string =>
  typeof value === 'string' || typeof value === 'number' || typeof value === 'boolean'
    ? String(value)
    : '';

/** How deep figures may lie within a ball: `ball.launch.direction`. */
const DEEPEST = 3;

/** Returns the figures of a ball by name, what lies deeper under the names on the way to it. */
function* flat(value: Plain, before = '', depth = 0): Generator<readonly [string, string]> {
  for (const name of Object.keys(value)) {
    const inner = value[name];
    const whole = before === '' ? name : `${before} ${name}`;
    if (isPlain(inner)) {
      if (depth < DEEPEST) yield* flat(inner, whole, depth + 1);
    } else if (!Array.isArray(inner)) yield [whole, textOf(inner)];
  }
}

const MOST = INTAKE_LIMITS.columns;
const TOO_WIDE = refuse(
  `The balls name more than ${MOST} figures, the most taken. Export fewer columns.`,
);

/** Balls as objects: a row each, under the names any of them has. */
function fromObjects(list: readonly Plain[], above: readonly string[][]): Reading {
  const names = new Set<string>();
  const balls: Map<string, string>[] = [];
  for (const one of list) {
    const ball = new Map<string, string>();
    for (const [name, text] of flat(one)) {
      names.add(name);
      if (names.size > MOST) return TOO_WIDE;
      ball.set(name, text);
    }
    balls.push(ball);
  }
  const head = [...names];
  const rows = balls.map((ball) => head.map((name) => ball.get(name) ?? ''));
  return { outcome: 'table', table: tableOf([...above, head, ...rows]) };
}

/** Balls as columns: a list for each name. */
function fromColumns(
  columns: readonly (readonly [string, readonly unknown[]])[],
  above: string[][],
): Reading {
  if (columns.length > MOST) return TOO_WIDE;
  const length = Math.max(...columns.map(([, values]) => values.length));
  if (length > INTAKE_LIMITS.lines) return refuse(tooManyRows());
  const rows = Array.from({ length }, (_, at) => columns.map(([, values]) => textOf(values[at])));
  return { outcome: 'table', table: tableOf([...above, columns.map(([name]) => name), ...rows]) };
}

function tableOf(cells: readonly string[][]): RawTable {
  const rows = cells.map((row, at): RawRow => ({ line: at + 1, cells: row, trouble: null }));
  return { rows, delimiter: null, decimal: 'dot', sheets: [] };
}

const NO_BALLS =
  'This JSON holds no list of balls. It can be a list of objects, an object with such a list, or an object with a list for each column.';

/** Returns the longest list of objects in an object, however deep it lies. */
function longestList(value: Plain, depth = 0): readonly Plain[] {
  let best: readonly Plain[] = [];
  for (const inner of Object.values(value)) {
    const found = Array.isArray(inner)
      ? inner.filter(isPlain)
      : isPlain(inner) && depth < DEEPEST
        ? longestList(inner, depth + 1)
        : [];
    if (found.length > best.length) best = found;
  }
  return best;
}

/** Balls as Loxos writes them: their names are known, and their signs need no asking. */
function ownBalls(value: Plain): RawTable {
  const list = Array.isArray(value['balls']) ? value['balls'].filter(isPlain) : [];
  const names: readonly (readonly [string, string])[] = [
    ['club', 'Club'],
    ['hitAt', 'Time'],
    ...Object.values(TOLD_COLUMNS).map((name) => [keyOf(name), name] as const),
    ...BALL_QUANTITIES.map((quantity) => [quantity, ownName(quantity)] as const),
  ];
  const about = ['player', 'hand'].map((name) => [name, textOf(value[name])]);
  const rows = list.map((ball) => names.map(([key]) => textOf(ball[key])));
  return tableOf([...about, names.map(([, name]) => name), ...rows]);
}

/** Returns what stands beside a list of balls, each with its name. */
function* besides(value: Plain): Generator<string[]> {
  for (const name of Object.keys(value)) {
    const inner = value[name];
    if (!isPlain(inner) && !Array.isArray(inner)) yield [name, textOf(inner)];
  }
}

function takeFirst<T>(all: Iterable<T>, most: number): T[] {
  const taken: T[] = [];
  for (const one of all) {
    if (taken.length === most) break;
    taken.push(one);
  }
  return taken;
}

/** Launch data from JSON: a list of balls, an object that holds one, or a list for each column. */
export function readJson(text: string): Reading {
  let value: unknown;
  try {
    value = JSON.parse(text.replace(/^\ufeff/, ''));
  } catch (error) {
    const where = error instanceof Error ? error.message : String(error);
    return refuse(`This looks like JSON and is not whole: ${where}. Export the file again.`);
  }
  if (Array.isArray(value)) {
    if (value.length > 0 && value.every(Array.isArray)) {
      return { outcome: 'table', table: tableOf(value.map((row: unknown[]) => row.map(textOf))) };
    }
    const balls = value.filter(isPlain);
    if (balls.length === 0 || balls.length < value.length) return refuse(NO_BALLS);
    return fromObjects(balls, []);
  }
  if (!isPlain(value)) return refuse(NO_BALLS);
  const own = value['format'] === BALLS_FORMAT ? ownBalls(value) : null;
  if (own !== null) return { outcome: 'table', table: own };
  // What stands beside the balls says something of all of them: `"player": "Ada Reed"`.
  const above = takeFirst(besides(value), MOST);
  const list = longestList(value);
  if (list.length > 0) return fromObjects(list, above);
  const columns = Object.entries(value).filter((entry): entry is [string, unknown[]] =>
    Array.isArray(entry[1]),
  );
  if (columns.length < 2) return refuse(NO_BALLS);
  return fromColumns(columns, above);
}
