/** What a player's page and report say of their record: sentences, a picture's numbers, and what became of each number. */
import { shareGrew } from '../maths/proportion.ts';
import { NORMAL_975 } from '../maths/statistics.ts';
import type { Share } from '../maths/proportion.ts';
import { findingsOf } from '../record/findings.ts';
import type { Followed } from '../record/follow.ts';
import type { GoalProgress } from '../record/goal.ts';
import type { PlayerRecord } from '../record/player-record.ts';
import { PLAIN } from '../record/plain-score.ts';
import type { PlainScore } from '../record/plain-score.ts';
import { awayFrom } from '../record/points.ts';
import type { FollowedFigure, Target } from '../record/points.ts';
import { sourcesDiffer } from '../record/marks.ts';
import { toldOf } from '../record/standing.ts';
import { PLAIN_FIGURES } from './labels.ts';
import type { PageNumber } from './page.ts';
import { standText } from './record.ts';
import type { RecordWording } from './record.ts';
import { findingForPlayer, goalProgressWords, goalWords } from './record-for-player.ts';

/** Visits drawn at most: the last ones. */
export const PAGE_POINTS = 60;
/** Visits from which there is something to draw. */
const DRAWN_FROM = 2;

/** A record as it stands on a page: what was given stays as it was given. */
export interface PageRecord {
  /** What the picture is of. */
  readonly figure: FollowedFigure;
  readonly words: readonly string[];
  readonly goals: readonly string[];
  readonly points: readonly {
    readonly at: string;
    readonly middle: number;
    readonly half95: number;
  }[];
  /** What it stood at, from one point to before another. */
  readonly levels: readonly {
    readonly from: number;
    readonly to: number;
    readonly value: number;
  }[];
  readonly target: Target | null;
}

function drawnOf({ points, levels }: Followed): Pick<PageRecord, 'points' | 'levels'> {
  if (points.length < DRAWN_FROM) return { points: [], levels: [] };
  const skipped = Math.max(0, points.length - PAGE_POINTS);
  return {
    points: points.slice(skipped).map(({ at, middle, half95 }) => ({ at, middle, half95 })),
    levels: levels.flatMap(({ from, to, value }) =>
      to > skipped ? [{ from: Math.max(0, from - skipped), to: to - skipped, value }] : [],
    ),
  };
}

/** Returns the record as the player is shown it; null where it has nothing to say. */
export function recordForPlayer(
  record: PlayerRecord,
  goals: readonly GoalProgress[],
  wording: RecordWording,
): PageRecord | null {
  const told = toldOf(record.followed);
  if (told === undefined) return null;
  const { figure, target } = told;
  const words = findingsOf(record).flatMap((finding) => findingForPlayer(finding, wording) ?? []);
  if (words.length === 0 && goals.length === 0) return null;
  return {
    figure,
    words,
    goals: goals.map((one) => `${goalWords(one, wording)}. ${goalProgressWords(one, wording)}`),
    ...drawnOf(told),
    target,
  };
}

/** Returns what became of a number: nearer or further only where that is clear of what both ends are unsure by. */
function becameOf({ levels, points, now, target }: Followed): string {
  if (now?.state === 'within') return 'as wanted';
  if (points.length < 2) return now?.state === 'off' ? 'outside the window' : 'too early to say';
  const [first, last] = [levels[0]!, levels.at(-1)!];
  if (first === last) return 'no clear change';
  const unsure = NORMAL_975 * Math.hypot(first.error, last.error);
  if (target === null)
    return Math.abs(last.value - first.value) > unsure ? 'changed' : 'back where it was';
  const nearer = awayFrom(first.value, target) - awayFrom(last.value, target);
  if (Math.abs(nearer) <= unsure) return 'back where it was';
  return nearer > 0 ? 'nearer' : 'further off';
}

function numberOf(followed: Followed, wording: RecordWording): PageNumber[] {
  const { figure, levels, now } = followed;
  const first = levels[0];
  if (first === undefined || now === null) return [];
  return [
    {
      label: PLAIN_FIGURES[figure],
      before:
        followed.points.length < 2 ? '–' : standText(figure, first.value, now.half95, wording),
      after: standText(figure, now.value, now.half95, wording),
      verdict: becameOf(followed),
    },
  ];
}

const shareText = ({ had, of }: Share): string => `${had} of ${of}`;

/** Returns what the plain score is of, as far as anything says: `face, path and speed`. */
function plainNames(score: PlainScore): string {
  const names = PLAIN.filter((name) => score[name].of > 0);
  return names.length < 2 ? names.join('') : `${names.slice(0, -1).join(', ')} and ${names.at(-1)}`;
}

/** Returns whether a share grew, where its interval is clear of nothing and one source wrote both down. */
function grewWords(record: PlayerRecord, before: Share, after: Share): string {
  const by = shareGrew(before, after);
  if (by === null || (by.low <= 0 && by.high >= 0)) return 'no clear change';
  if (sourcesDiffer(record)) return 'measured differently since';
  return by.low > 0 ? 'more often' : 'less often';
}

/** Face and path as a page draws them, degrees, positive right. */
export interface PageSlant {
  readonly label: string;
  readonly faceAngleDeg: number;
  readonly clubPathDeg: number;
}

/** Face and path as they stood at first and as they stand; none where they are not known or did not change. */
export function reportSlants({ followed }: PlayerRecord): PageSlant[] {
  const of = (figure: FollowedFigure) =>
    followed.find((one) => one.figure === figure)?.levels ?? [];
  const [face, path] = [of('faceAngleDeg'), of('clubPathDeg')];
  if (face.length === 0 || path.length === 0 || face.length + path.length < 3) return [];
  const slant = (label: string, which: 0 | -1): PageSlant => ({
    label,
    faceAngleDeg: face.at(which)!.value,
    clubPathDeg: path.at(which)!.value,
  });
  return [slant('At first', 0), slant('Now', -1)];
}

/** Balls from which a share is said. */
const SHARE_FROM = 10;

/** Returns what became of each number over the visits, at first and now; and of the shares, in the record's two parts. */
export function reportNumbers(record: PlayerRecord, wording: RecordWording): PageNumber[] {
  const numbers = record.followed.flatMap((one) => numberOf(one, wording));
  const [before, after] = record.periods;
  if (before === undefined || after === undefined) return numbers;
  const [had, has] = [before.score?.all, after.score?.all];
  if (had !== undefined && has !== undefined && Math.min(had.of, has.of) >= SHARE_FROM)
    numbers.push({
      label: `Balls with ${plainNames(before.score!)} right`,
      before: shareText(had),
      after: shareText(has),
      verdict: grewWords(record, had, has),
    });
  const [missed, misses] = [before.ruledOut, after.ruledOut];
  if (missed !== null && misses !== null && Math.min(missed.of, misses.of) >= SHARE_FROM)
    numbers.push({
      label: `Balls too far ${record.wanted?.ruledOut === 'never left' ? 'left' : 'right'}, the side you rule out`,
      before: shareText(missed),
      after: shareText(misses),
      verdict: grewWords(record, missed, misses),
    });
  const [was, is] = [before.fairway, after.fairway];
  if (was !== null && is !== null && Math.min(was.of, is.of) >= SHARE_FROM)
    numbers.push({
      label: 'Balls within the width you accept',
      before: shareText(was),
      after: shareText(is),
      verdict: grewWords(record, was, is),
    });
  return numbers;
}
