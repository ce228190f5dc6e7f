/**
 * What happens within a visit and between two: the first five balls against the last five (warming up), and the end of a
 * visit against the beginning of the next (what is kept). One visit says little: they are pooled.
 */
import type { ClubKind } from '../delivery/head.ts';
import { pooledOf } from '../maths/pooled.ts';
import type { Estimate, Pooled } from '../maths/pooled.ts';
import { mean, standardDeviation } from '../maths/statistics.ts';
import { valuesAt } from './points.ts';
import type { FollowedFigure } from './points.ts';
import { countedOf, ownOf } from './visit.ts';
import type { Visit } from './visit.ts';

/** Balls at each end of a visit that are compared; a visit has twice as many. */
export const END_BALLS = 5;

const first = (values: readonly number[]): number[] => values.slice(0, END_BALLS);
const last = (values: readonly number[]): number[] => values.slice(-END_BALLS);

/** Mean of `after` less mean of `before`, with the scatter of both; null where there is none or too few. */
function stepOf(before: readonly number[], after: readonly number[]): Estimate | null {
  if (Math.min(before.length, after.length) < END_BALLS) return null;
  const [b, a] = [standardDeviation(before), standardDeviation(after)];
  const error = Math.sqrt((a * a + b * b) / END_BALLS);
  return error > 0 ? { value: mean(after) - mean(before), error } : null;
}

const ofVisits = (estimates: readonly (Estimate | null)[]): Pooled | null =>
  pooledOf(estimates.flatMap((one) => one ?? []));

/** Returns the last five own balls less the first five, over the visits with ten or more; null for none. */
export const warmUpOf = (
  visits: readonly Visit[],
  kind: ClubKind,
  figure: FollowedFigure,
): Pooled | null =>
  ofVisits(
    visits.map((visit) => {
      const values = valuesAt(visit.balls, ownOf(visit, kind), figure);
      return values.length < 2 * END_BALLS ? null : stepOf(first(values), last(values));
    }),
  );

/** Returns the first five balls of a visit less the last five of the one before, drills and all; null for none. */
export function keptOf(
  visits: readonly Visit[],
  kind: ClubKind,
  figure: FollowedFigure,
): Pooled | null {
  const values = visits.map((visit) => valuesAt(visit.balls, countedOf(visit, kind), figure));
  const hit = values.filter((own) => own.length >= END_BALLS);
  return ofVisits(hit.slice(1).map((own, n) => stepOf(last(hit[n]!), first(own))));
}
