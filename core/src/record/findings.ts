/** What a record has to say, the most important first; words are made of it elsewhere. */
import { isClearBy } from '../maths/pooled.ts';
import type { Pooled } from '../maths/pooled.ts';
import type { Change, Drift, Followed, Now } from './follow.ts';
import type { PlayerRecord } from './player-record.ts';
import { outsideOf } from './points.ts';
import type { FollowedFigure } from './points.ts';
import { changedOf, toldOf } from './standing.ts';

/** Said at once. */
export const FINDINGS_AT_MOST = 3;
/** Visits from which it is said that nothing changed. */
export const STEADY_FROM = 5;
/** What is said of warming up and of visits apart: half the smallest change of an angle that matters, degrees; and never one whose interval shows as from 0.0. */
const WORTH_SAYING_DEG = 0.5;
const CLEAR_OF_DEG = 0.05;

interface Of {
  readonly figure: FollowedFigure;
}
export type RecordFinding = Of &
  (
    | {
        readonly kind: 'standing';
        readonly now: Now;
        readonly wanted: number | null;
        /** By how much it is outside the wanted; 0 within. */
        readonly beyond: number;
        readonly visits: number;
      }
    | {
        readonly kind: 'changed';
        readonly change: Change;
        readonly at: string;
        readonly visitsSince: number;
      }
    | { readonly kind: 'steady'; readonly visits: number; readonly since: string }
    | { readonly kind: 'drifted'; readonly drift: Drift; readonly at: string }
    | { readonly kind: 'leans'; readonly side: -1 | 1 }
    | { readonly kind: 'slips'; readonly pooled: Pooled }
    | { readonly kind: 'warms up'; readonly pooled: Pooled }
  );

const standing = ({ figure, now, target, levels }: Followed): RecordFinding[] => {
  const last = levels.at(-1);
  if (now === null || last === undefined) return [];
  const beyond = target === null ? 0 : outsideOf(now.value, target);
  return [
    {
      kind: 'standing',
      figure,
      now,
      wanted: target?.wanted ?? null,
      beyond,
      visits: last.to - last.from,
    },
  ];
};

/** Returns the last change of a figure. */
function changed({ figure, changes, points }: Followed): RecordFinding[] {
  const change = changes.at(-1)!;
  const { at } = points[change.at]!;
  return [{ kind: 'changed', figure, change, at, visitsSince: points.length - change.at }];
}

/** That there was none, of enough visits. */
function steady({ figure, points }: Followed): RecordFinding[] {
  if (points.length < STEADY_FROM) return [];
  return [{ kind: 'steady', figure, visits: points.length, since: points[0]!.at }];
}

/** Returns what the last visits do to the level that was held. */
function latest({ figure, drift, chart, points, changes }: Followed): RecordFinding[] {
  const isNewLevel = changes.at(-1)?.at === points.length - 1;
  if (drift !== null && !isNewLevel && (drift.state === 'away' || drift.state === 'nearer'))
    return [{ kind: 'drifted', figure, drift, at: points.at(-1)!.at }];
  const side = chart.at(-1)?.signal ?? 0;
  return side === 0 ? [] : [{ kind: 'leans', figure, side }];
}

const isWorthSaying = (pooled: Pooled | null): pooled is Pooled =>
  pooled !== null && isClearBy(pooled, CLEAR_OF_DEG) && Math.abs(pooled.value) >= WORTH_SAYING_DEG;

/** Returns the findings of a record, the most important first; at most three. */
export function findingsOf(record: PlayerRecord): RecordFinding[] {
  const [main] = record.followed;
  const told = toldOf(record.followed);
  if (main === undefined || told === undefined) return [];
  const { figure } = main;
  const pooled = (kind: 'slips' | 'warms up', of: Pooled | null): RecordFinding[] =>
    isWorthSaying(of) ? [{ kind, figure, pooled: of }] : [];
  const moved = changedOf(record.followed);
  const found: RecordFinding[] = [
    ...(moved === null ? [] : changed(moved)),
    ...standing(main),
    ...(told === main ? [] : standing(told)),
    ...latest(told),
    ...(moved === null ? steady(told) : []),
    ...pooled('slips', record.kept),
    ...pooled('warms up', record.warmUp),
  ];
  return found.slice(0, FINDINGS_AT_MOST);
}
