/**
 * Which sideways columns of a file are turned: every choice of signs is tried against what face and path, start and
 * axis, offline and curve owe each other by the forward model. A choice is scored by how much its misses shrink (the
 * profile likelihood of a normal scatter, n·log s for each relation), less a price for each column it turns; one column
 * has to explain much better than the file as it is written before anything is said. Profile likelihood: Pawitan, *In
 * All Likelihood* (2001), ch. 3 (from memory).
 */
import { median } from '../../maths/statistics.ts';
import { degToRad } from '../../units/units.ts';
import type { PhysicsRow } from './measured-rows.ts';

export const TURNABLE = [
  'clubPathDeg',
  'faceAngleDeg',
  'faceToPathDeg',
  'startDirectionDeg',
  'spinAxisTiltDeg',
  'offlineM',
  'curveM',
] as const;
export type Turnable = (typeof TURNABLE)[number];

export const SIGN_DEFAULTS = {
  /** So few balls tell nothing. */
  balls: 5,
  /** Balls a relation counts for at most: more of them share what the model has wrong. */
  counted: 16,
  /** Price of each column turned, and what a choice must gain over the file as written. */
  price: 3,
  gain: 5,
  /** Choices this near to the best are told beside it. */
  near: 2.5,
  /** Share of the balls whose largest misses are left out: odd strikes. */
  trimmed: 0.15,
} as const;

/** One way the columns could be turned, and how well it explains them. */
interface Choice {
  readonly turned: readonly Turnable[];
  readonly score: number;
}

/** Misses of a relation under a choice: one a ball. */
interface Relation {
  readonly columns: readonly Turnable[];
  /** Smallest scatter that is believed, and how large a miss all balls may share: gear effect, wind. */
  readonly floor: number;
  readonly shared: number;
  readonly misses: (sign: (column: Turnable) => 1 | -1) => number[];
}

type Sign = (column: Turnable) => 1 | -1;

/** Face and path of a row under a choice, from whichever two of the three the file has. */
function faceAndPath(
  { ball, faceToPathDeg }: PhysicsRow,
  sign: Sign,
): readonly [number, number] | null {
  const { faceAngleDeg, clubPathDeg } = ball;
  const face = faceAngleDeg === null ? null : faceAngleDeg * sign('faceAngleDeg');
  const path = clubPathDeg === null ? null : clubPathDeg * sign('clubPathDeg');
  const faceToPath = faceToPathDeg === null ? null : faceToPathDeg * sign('faceToPathDeg');
  if (face !== null && path !== null) return [face, path];
  if (faceToPath === null) return null;
  if (path !== null) return [path + faceToPath, path];
  return face === null ? null : [face, face - faceToPath];
}

const DELIVERED = ['faceAngleDeg', 'clubPathDeg', 'faceToPathDeg'] as const;

/** The scatter believed of a relation at least, and what all balls may share of it. */
type Bounds = Pick<Relation, 'floor' | 'shared'>;

/**
 * Bounds of each relation: degrees for the face to path, the start and the axis, metres for the others. An unmeasured strike on
 * a bulged head turns starts and axes of its own, all to one side. Common practice, no source.
 */
const BOUNDS = {
  faceToPath: { floor: 0.15, shared: 0 },
  start: { floor: 0.6, shared: 1 },
  startGeared: { floor: 1.2, shared: 4 },
  axis: { floor: 2.5, shared: 5 },
  axisGeared: { floor: 5, shared: 25 },
  flight: { floor: 1.5, shared: 5 },
  bend: { floor: 2, shared: 0 },
} as const satisfies Readonly<Record<string, Bounds>>;

/** Returns the misses of the balls that can tell. */
const missesOf = <T>(of: readonly T[], miss: (one: T) => number | null): number[] =>
  of.map(miss).filter((value): value is number => value !== null);

/** Returns what the face and the path owe the face to path, the start and the axis. */
function impactRelations(rows: readonly PhysicsRow[]): Relation[] {
  const isGeared = rows.filter((row) => row.mayGear).length * 2 > rows.length;
  return [
    {
      columns: DELIVERED,
      ...BOUNDS.faceToPath,
      misses: (sign) =>
        missesOf(rows, ({ ball, faceToPathDeg }) =>
          ball.faceAngleDeg === null || ball.clubPathDeg === null || faceToPathDeg === null
            ? null
            : faceToPathDeg * sign('faceToPathDeg') -
              ball.faceAngleDeg * sign('faceAngleDeg') +
              ball.clubPathDeg * sign('clubPathDeg'),
        ),
    },
    {
      columns: [...DELIVERED, 'startDirectionDeg'],
      ...(isGeared ? BOUNDS.startGeared : BOUNDS.start),
      misses: (sign) =>
        missesOf(rows, (row) => {
          const delivered = faceAndPath(row, sign);
          if (delivered === null || row.ball.startDirectionDeg === null) return null;
          const { startDirectionDeg } = row.strikes(...delivered);
          return row.ball.startDirectionDeg * sign('startDirectionDeg') - startDirectionDeg;
        }),
    },
    {
      columns: [...DELIVERED, 'spinAxisTiltDeg'],
      ...(isGeared ? BOUNDS.axisGeared : BOUNDS.axis),
      misses: (sign) =>
        missesOf(rows, (row) => {
          const delivered = faceAndPath(row, sign);
          if (delivered === null || row.axisDeg === null) return null;
          return row.axisDeg * sign('spinAxisTiltDeg') - row.strikes(...delivered).spinAxisTiltDeg;
        }),
    },
  ];
}

/** Returns what the start and the axis owe where the ball came down and how it bent. */
function flightRelations(rows: readonly PhysicsRow[]): Relation[] {
  const launched = ({ ball, axisDeg, flies }: PhysicsRow, sign: Sign) => {
    if (ball.startDirectionDeg === null || axisDeg === null) return null;
    const start = ball.startDirectionDeg * sign('startDirectionDeg');
    return flies(start, axisDeg * sign('spinAxisTiltDeg'));
  };
  const landing = (figure: 'offlineM' | 'curveM'): Relation => ({
    columns: ['startDirectionDeg', 'spinAxisTiltDeg', figure],
    ...BOUNDS.flight,
    misses: (sign) =>
      missesOf(rows, (row) => {
        const seen = row.ball[figure];
        const flight = seen === null ? null : launched(row, sign);
        return seen === null || flight === null ? null : seen * sign(figure) - flight[figure];
      }),
  });
  return [landing('offlineM'), landing('curveM')];
}

/** Returns what start, offline and curve owe each other, without the model. */
const bendRelation = (rows: readonly PhysicsRow[]): Relation => ({
  columns: ['startDirectionDeg', 'offlineM', 'curveM'],
  ...BOUNDS.bend,
  misses: (sign) =>
    missesOf(rows, ({ ball }) => {
      const { startDirectionDeg: start, offlineM, curveM, carryM } = ball;
      if (start === null || offlineM === null || curveM === null || carryM === null) return null;
      const straight = carryM * Math.sin(degToRad(start * sign('startDirectionDeg')));
      return offlineM * sign('offlineM') - straight - curveM * sign('curveM');
    }),
});

const relationsOf = (rows: readonly PhysicsRow[]): Relation[] => [
  ...impactRelations(rows),
  ...flightRelations(rows),
  bendRelation(rows),
];

/** Figures whose signs the balls can tell of: those of a relation that enough of them have. */
export const signsTold = (rows: readonly PhysicsRow[]): ReadonlySet<Turnable> =>
  new Set(
    relationsOf(rows)
      .filter(({ misses }) => misses(AS_WRITTEN).length >= SIGN_DEFAULTS.balls)
      .flatMap(({ columns }) => columns),
  );

/** Returns how a relation fares under a choice. */
const scoreOf = (relation: Relation, sign: Sign): number =>
  scatterScore(relation.misses(sign), relation);

/** Returns how misses fare: minus n·log of their scatter. */
export function scatterScore(all: readonly number[], { floor, shared }: Bounds): number {
  if (all.length < SIGN_DEFAULTS.balls) return 0;
  const middle = median(all);
  const offset = Math.max(-shared, Math.min(shared, middle));
  const sizes = all.map((miss) => Math.abs(miss - offset)).sort((a, b) => a - b);
  const kept = sizes.slice(0, Math.ceil(sizes.length * (1 - SIGN_DEFAULTS.trimmed)));
  const square = kept.reduce((sum, size) => sum + size * size, 0) / kept.length;
  return -Math.min(all.length, SIGN_DEFAULTS.counted) * 0.5 * Math.log(square + floor * floor);
}

const AS_WRITTEN: Sign = () => 1;

/** Returns whether turning anything could gain enough: a file that fits as it is written has nothing to gain. */
function couldGain(relations: readonly Relation[]): boolean {
  const most = relations.reduce((sum, relation) => {
    const count = Math.min(SIGN_DEFAULTS.counted, relation.misses(AS_WRITTEN).length);
    if (count < SIGN_DEFAULTS.balls) return sum;
    return sum - count * Math.log(relation.floor) - scoreOf(relation, AS_WRITTEN);
  }, 0);
  return most >= SIGN_DEFAULTS.gain + SIGN_DEFAULTS.price;
}

/** Every set of columns that could be turned. */
function setsOf(columns: readonly Turnable[]): Turnable[][] {
  return columns.reduce<Turnable[][]>(
    (sets, column) => [...sets, ...sets.map((set) => [...set, column])],
    [[]],
  );
}

/**
 * Returns the ways of turning columns that explain the file much better than as it is written, the best first; none where the
 * file agrees with itself, or its balls cannot tell. `columns` are those that may be turned: those whose sign nobody
 * has confirmed, and whose figures carry one.
 */
export function turnedColumns(
  rows: readonly PhysicsRow[],
  columns: readonly Turnable[],
): readonly (readonly Turnable[])[] {
  if (rows.length < SIGN_DEFAULTS.balls || columns.length === 0) return [];
  const relations = relationsOf(rows);
  if (!couldGain(relations)) return [];
  const known = relations.map(() => new Map<string, number>());
  const choices = setsOf(columns).map((turned): Choice => {
    const set = new Set(turned);
    const sign: Sign = (column) => (set.has(column) ? -1 : 1);
    const score = relations.reduce((sum, relation, i) => {
      const key = relation.columns.map(sign).join('');
      const scores = known[i]!;
      if (!scores.has(key)) scores.set(key, scoreOf(relation, sign));
      return sum + scores.get(key)!;
    }, 0);
    return { turned, score: score - SIGN_DEFAULTS.price * turned.length };
  });
  const asWritten = choices[0]!.score;
  const sorted = [...choices].sort((a, b) => b.score - a.score);
  const best = sorted[0]!;
  if (best.turned.length === 0 || best.score - asWritten < SIGN_DEFAULTS.gain) return [];
  return sorted
    .filter(({ score, turned }) => turned.length > 0 && best.score - score < SIGN_DEFAULTS.near)
    .map(({ turned }) => turned)
    .slice(0, 3);
}
