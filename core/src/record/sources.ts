/**
 * Where a player's figures came from, so that a change of monitor is not told as a change of the player: what two sources
 * read apart is estimated where both were used on one day, and taken off.
 */
import type { ClubKind } from '../delivery/head.ts';
import { commonest } from '../maths/commonest.ts';
import { pooledOf } from '../maths/pooled.ts';
import type { Estimate } from '../maths/pooled.ts';
import { robustOf } from '../maths/robust.ts';
import type { RecordBalls, RecordFigure } from './lesson-record.ts';
import { ownOf } from './visit.ts';
import type { Visit } from './visit.ts';

/** Balls from each of two sources on a day from which they are compared. */
const COMPARED_FROM = 5;

/** What a source reads more than the one used last, in the figure's unit. */
export interface SourceOffset {
  readonly by: number;
  readonly error: number;
  /** Days on which both were used. */
  readonly days: number;
}
export type SourceOffsets = ReadonlyMap<string, SourceOffset>;

/** Returns the source that most of some balls are from; null where nobody said of most of them. */
export function mainSource(balls: RecordBalls, places: readonly number[]): string | null {
  // An eye has an error of its own, and is no monitor.
  const most = commonest(places.map((n) => (balls.isSeen(n) ? null : balls.writtenBy(n))));
  return most === null || 2 * most.count <= places.length ? null : most.value;
}

/** Returns the source used last; null where nobody said of any visit. */
export const lastSource = (visits: readonly Visit[], kind: ClubKind): string | null =>
  visits.reduceRight<string | null>(
    (found, visit) => found ?? mainSource(visit.balls, ownOf(visit, kind)),
    null,
  );

/** Returns the values of a figure that each source wrote of a visit's own balls. */
function bySource(visit: Visit, kind: ClubKind, figure: RecordFigure): Map<string, number[]> {
  const values = new Map<string, number[]>();
  for (const n of ownOf(visit, kind)) {
    const [source, value] = [visit.balls.writtenBy(n), visit.balls.figures[figure][n]!];
    if (source === null || visit.balls.isSeen(n) || Number.isNaN(value)) continue;
    values.set(source, [...(values.get(source) ?? []), value]);
  }
  return values;
}

function apartOf(one: readonly number[], other: readonly number[]): Estimate | null {
  if (Math.min(one.length, other.length) < COMPARED_FROM) return null;
  const [a, b] = [robustOf(one)!, robustOf(other)!];
  const error = Math.hypot(a.error, b.error);
  return error > 0 ? { value: a.middle - b.middle, error } : null;
}

/** Returns what each source reads more than the one used last; only those that were used on one day with it. */
export function offsetsOf(
  visits: readonly Visit[],
  kind: ClubKind,
  figure: RecordFigure,
): SourceOffsets {
  const reference = lastSource(visits, kind);
  if (reference === null) return new Map();
  const apart = new Map<string, Estimate[]>();
  for (const visit of visits) {
    const values = bySource(visit, kind, figure);
    const ofReference = values.get(reference) ?? [];
    for (const [source, own] of values) {
      const estimate = source === reference ? null : apartOf(own, ofReference);
      if (estimate !== null) apart.set(source, [...(apart.get(source) ?? []), estimate]);
    }
  }
  return new Map(
    [...apart].map(([source, estimates]) => {
      const { value: by, error } = pooledOf(estimates)!;
      return [source, { by, error, days: estimates.length }];
    }),
  );
}

/** Returns the balls of a figure as the source used last would have read them, as far as that is known. */
export function asLastSource(
  balls: RecordBalls,
  places: readonly number[],
  figure: RecordFigure,
  offsets: SourceOffsets,
): { readonly values: number[]; readonly error: number } {
  let error = 0;
  const values = places.flatMap((n) => {
    const value = balls.figures[figure][n]!;
    if (Number.isNaN(value)) return [];
    const offset = balls.isSeen(n) ? undefined : offsets.get(balls.writtenBy(n) ?? '');
    if (offset === undefined) return [value];
    error = Math.max(error, offset.error);
    return [value - offset.by];
  });
  return { values, error };
}
