/**
 * What is kept of a lesson's balls as read: enough for everything that follows a player through the months, in columns,
 * 75 bytes a ball. A figure is a 32-bit float, which tells a thousandth of a degree apart at any angle; NaN is none.
 */
import type { DrillEffect } from '../drills/effect.ts';
import { effectsOfClubs } from '../proof/effects.ts';
import { isByEye } from '../reading/ball.ts';
import type { BlockKind, LessonBall } from '../reading/ball.ts';
import { clubKeyOf } from '../reading/blocks.ts';
import { countedClubs } from '../reading/clubs.ts';
import type { ResolvedContext } from '../reading/context.ts';
import type { SourcedFigure } from '../reading/figure.ts';
import { figureOf } from '../reading/group.ts';
import type { LeftOut } from '../reading/read-ball.ts';
import { isUnsaid, sideOnlyFigures } from '../reading/side-only.ts';

/** The figures of a ball that are kept, as read: face, path and face to path measured or read backwards; the landing with where it is from. */
export const RECORD_FIGURES = [
  'faceAngleDeg',
  'clubPathDeg',
  'faceToPathDeg',
  'startDirectionDeg',
  'carryM',
  'offlineM',
  'curveM',
  'strikeToeMm',
  'strikeHighMm',
  'clubSpeedMps',
  'attackAngleDeg',
  'dynamicLoftDeg',
  'ballSpeedMps',
  'launchAngleDeg',
  'spinRateRpm',
  'spinAxisTiltDeg',
] as const;
export type RecordFigure = (typeof RECORD_FIGURES)[number];

/** Figures that may be flown or modelled where they were not measured. */
const SOURCED = ['start', 'carry', 'offline', 'curve'] as const;
export type Sourced = (typeof SOURCED)[number];
const SOURCES = ['none', 'measured', 'flight', 'model'] as const;
export type Source = (typeof SOURCES)[number];
const LEFT_OUT: readonly (LeftOut | null)[] = [
  null,
  'coach',
  'demonstration',
  'mishit',
  'strike',
  'disagrees',
];

const FLOAT_BYTES = 4;
/** Of a ball beside its figures: its place in the lesson (4), club and block (2 each), what is measured of it, state and source (1 each). */
const BYTES_A_BALL = RECORD_FIGURES.length * FLOAT_BYTES + 11;
/** Changes with what is kept of a ball: what was kept before is out of date then. */
export const RECORD_LAYOUT = 3;
/** Sources told apart in a lesson; the last stands for any more. */
const SOURCES_AT_MOST = 255;
const IS_INFERRED = 1;
const IS_SEEN = 2;
const LEFT_OUT_AT = 4;

/** A block of a lesson, as its balls are kept in it. */
export interface RecordBlock {
  /** Its id as begun; null for balls that are in none. */
  readonly id: string | null;
  readonly kind: BlockKind | null;
  readonly drillId: string | null;
}

export interface LessonRecord {
  readonly count: number;
  /** Clubs of the balls: of the standard bag, or `text:` and what the file called it. */
  readonly clubs: readonly string[];
  readonly blocks: readonly RecordBlock[];
  /** What wrote figures down, as keys; null where nobody said. */
  readonly sources: readonly (string | null)[];
  readonly columns: Uint8Array;
  readonly effects: readonly DrillEffect[];
}

const sourceOf = (figure: SourcedFigure | null): number =>
  SOURCES.indexOf(figure === null ? 'none' : figure.from);

/** Returns the place of a thing in a list, where it is put when it is new. */
function placeIn<T>(list: T[], keys: Map<string, number>, key: string, thing: () => T): number {
  const known = keys.get(key);
  if (known !== undefined) return known;
  keys.set(key, list.length);
  return list.push(thing()) - 1;
}

/** Returns the memory of `count` balls, column after column; the widest first, so that each begins where its width asks. */
function columnsOf(bytes: Uint8Array, count: number) {
  const { buffer, byteOffset } = bytes;
  let at = byteOffset;
  const take = <T>(Kind: new (b: ArrayBufferLike, o: number, n: number) => T, width: number): T => {
    const column = new Kind(buffer, at, count);
    at += width * count;
    return column;
  };
  const figures = Object.fromEntries(
    RECORD_FIGURES.map((figure) => [figure, take(Float32Array, FLOAT_BYTES)]),
  ) as Record<RecordFigure, Float32Array>;
  const ordinals = take(Uint32Array, 4);
  const clubs = take(Uint16Array, 2);
  const blocks = take(Uint16Array, 2);
  const measured = take(Uint8Array, 1);
  const states = take(Uint8Array, 1);
  const writers = take(Uint8Array, 1);
  return { figures, ordinals, clubs, blocks, measured, states, writers };
}

/** Reads the balls of a lesson, in the order hit, each with its block. Never throws for a ball. */
export function recordOfLesson(
  balls: readonly (LessonBall & { readonly ordinal?: number })[],
  context: ResolvedContext,
): LessonRecord {
  const clubViews = countedClubs(balls, context);
  const views = new Map(clubViews.flatMap((own) => own.map((view) => [view.id, view])));
  const columns = new Uint8Array(balls.length * BYTES_A_BALL);
  const made = columnsOf(columns, balls.length);
  const { figures, ordinals, clubs, blocks, measured, states, writers } = made;
  const sideOnly = sideOnlyFigures(balls);
  const names: string[] = [];
  const begun: RecordBlock[] = [];
  const sources: (string | null)[] = [];
  const [nameKeys, blockKeys, sourceKeys] = [0, 1, 2].map(() => new Map<string, number>()) as [
    Map<string, number>,
    Map<string, number>,
    Map<string, number>,
  ];
  balls.forEach((ball, n) => {
    const view = views.get(ball.id ?? String(n + 1))!;
    for (const figure of RECORD_FIGURES)
      figures[figure][n] = isUnsaid(ball, figure, sideOnly) ? NaN : (figureOf(view, figure) ?? NaN);
    ordinals[n] = ball.ordinal ?? n;
    const club = clubKeyOf(view.ball);
    clubs[n] = placeIn(names, nameKeys, club, () => club);
    const { blockId = null, block = null, drillId = null } = view.ball;
    const own = { id: blockId, kind: block, drillId };
    blocks[n] = placeIn(begun, blockKeys, JSON.stringify(own), () => own);
    const { source = null } = view.ball;
    const writer = placeIn(sources, sourceKeys, source ?? '', () => source);
    writers[n] = Math.min(SOURCES_AT_MOST, writer);
    measured[n] = SOURCED.reduce((bits, name, i) => bits | (sourceOf(view[name]) << (2 * i)), 0);
    states[n] =
      (view.inferred ? IS_INFERRED : 0) |
      (isByEye(view.ball) ? IS_SEEN : 0) |
      (LEFT_OUT.indexOf(view.leftOut) * LEFT_OUT_AT);
  });
  const effects = effectsOfClubs(clubViews, context);
  return { count: balls.length, clubs: names, blocks: begun, sources, columns, effects };
}

/** A kept lesson opened: each ball by its place, 0 for the first hit. */
export interface RecordBalls {
  readonly count: number;
  /** NaN where a ball has none. */
  readonly figures: Readonly<Record<RecordFigure, Float32Array>>;
  readonly ordinals: Uint32Array;
  readonly clubOf: (n: number) => string;
  readonly blockOf: (n: number) => RecordBlock;
  readonly sourceOf: (n: number, figure: Sourced) => Source;
  /** What wrote its figures down, as a key; null where nobody said. */
  readonly writtenBy: (n: number) => string | null;
  readonly isInferred: (n: number) => boolean;
  readonly isSeen: (n: number) => boolean;
  /** Why it is not averaged; null where it counts. */
  readonly leftOut: (n: number) => LeftOut | null;
}

/** Opens what was kept; throws RangeError where it is not the columns of so many balls. */
export function openRecord(record: Omit<LessonRecord, 'effects'>): RecordBalls {
  const { count, clubs: names, blocks: begun, sources: keys } = record;
  if (record.columns.byteLength !== count * BYTES_A_BALL)
    throw new RangeError(
      `${count} balls take ${count * BYTES_A_BALL} bytes, not ${record.columns.byteLength}`,
    );
  // A copy begins at its memory's start, as its columns ask.
  const opened = columnsOf(record.columns.slice(), count);
  const { figures, ordinals, clubs, blocks, measured, states, writers } = opened;
  return {
    count,
    figures,
    ordinals,
    clubOf: (n) => names[clubs[n]!]!,
    blockOf: (n) => begun[blocks[n]!]!,
    sourceOf: (n, figure) => SOURCES[(measured[n]! >> (2 * SOURCED.indexOf(figure))) & 3]!,
    writtenBy: (n) => keys[writers[n]!] ?? null,
    isInferred: (n) => (states[n]! & IS_INFERRED) !== 0,
    isSeen: (n) => (states[n]! & IS_SEEN) !== 0,
    leftOut: (n) => LEFT_OUT[states[n]! >> 2]!,
  };
}
