/**
 * A goal: where a number is to be by a day. It says where the number stands, and what is to be expected by then only
 * where the visits since it was set move along a line: players mostly change in steps, and a step says nothing of the next.
 */
import type { ClubKind } from '../delivery/head.ts';
import { fittedLine } from '../maths/fitted-line.ts';
import type { FittedLine } from '../maths/fitted-line.ts';
import { mean } from '../maths/statistics.ts';
import { tQuantile } from '../maths/student.ts';
import { standsAt } from './follow.ts';
import type { Followed, Now } from './follow.ts';
import type { PlayerRecord } from './player-record.ts';
import { outsideOf } from './points.ts';
import type { FollowedFigure, VisitPoint } from './points.ts';

export interface Goal {
  readonly id: string;
  readonly kind: ClubKind;
  readonly figure: FollowedFigure;
  /** Degrees, m or mm, positive right and to the toe, and how far to each side is within. */
  readonly wanted: number;
  readonly window: number;
  /** ISO days: by when, and when it was set. */
  readonly by: string;
  readonly setOn: string;
}

/** Goals a player has at most: more are none. */
export const GOALS_AT_MOST = 6;
/** What a goal may ask for, in the figure's unit: the wanted value to each side, and the window. */
export const GOAL_LIMITS = {
  faceToPathDeg: { wanted: 15, window: [0.5, 10] },
  clubPathDeg: { wanted: 15, window: [0.5, 10] },
  faceAngleDeg: { wanted: 15, window: [0.5, 10] },
  startDirectionDeg: { wanted: 15, window: [0.5, 10] },
  curveM: { wanted: 60, window: [1, 60] },
  offlineM: { wanted: 60, window: [1, 60] },
  strikeToeMm: { wanted: 25, window: [2, 20] },
} as const satisfies Readonly<
  Record<FollowedFigure, { readonly wanted: number; readonly window: readonly [number, number] }>
>;

/** Visits since a goal was set from which a forecast is thought of. */
export const FORECAST_FROM = 5;

export type NoForecast = 'few visits' | 'no clear movement' | 'in steps' | 'too far ahead' | 'past';

export type Forecast =
  | {
      readonly kind: 'line';
      /** Between what a visit on the day lies, nine times in ten: whether it goes on like this, or has stopped or will. */
      readonly value: number;
      readonly half90: number;
      /** As a visit would be judged. */
      readonly state: Now['state'];
    }
  | { readonly kind: 'none'; readonly why: NoForecast };

export interface GoalProgress {
  readonly goal: Goal;
  /** Where the number stands; null where there is no visit with it. */
  readonly now: Now | null;
  /** By how much it is outside the goal; 0 within. */
  readonly beyond: number;
  /** By how much it was outside when the goal was set, where a visit before says. */
  readonly beyondAtFirst: number | null;
  /** Null once it is reached. */
  readonly forecast: Forecast | null;
}

const DAY_MS = 24 * 3600 * 1000;
const dayNumber = (day: string): number => Date.parse(day) / DAY_MS;

/** Returns what is left over round the levels these visits stood at, with the unknowns taken off; null where nothing is left to tell by. */
function leftOverInSteps({ levels, points }: Followed, from: number): number | null {
  const own = levels.filter(({ to }) => to > from);
  const degrees = points.length - from - own.length;
  if (degrees < 1) return null;
  const squares = own.reduce((sum, level) => {
    const values = points.slice(Math.max(from, level.from), level.to).map(({ middle }) => middle);
    const middle = mean(values);
    return sum + values.reduce((total, value) => total + (value - middle) ** 2, 0);
  }, 0);
  return squares / degrees;
}

/** Returns whether visits move along a line rather than from one level to another. */
function isAlongALine(followed: Followed, from: number, line: FittedLine): boolean {
  const inSteps = followed.changes.some(({ at }) => at > from)
    ? leftOverInSteps(followed, from)
    : null;
  return inSteps === null || line.leftOver <= inSteps;
}

/** Visits that say where somebody is now, whatever came before. */
const NOW_VISITS = 3;

/**
 * Returns a trend that may go on, stop, or have stopped unseen (a damped trend; Gardner & McKenzie 1985, Management Science 31:1237, from
 * memory): from where the last visits lie to where the line leads, each end wide enough for one more visit.
 */
function dampedAt(
  own: readonly VisitPoint[],
  line: FittedLine,
  by: number,
): { readonly low: number; readonly high: number } {
  const recent = mean(own.slice(-NOW_VISITS).map(({ middle }) => middle));
  const sd = Math.sqrt(line.leftOver * (1 + 1 / NOW_VISITS));
  const held = tQuantile(0.95, own.length - 2) * sd;
  const on = line.half90At(by);
  const led = line.at(by);
  return {
    low: Math.min(recent - held, led - on),
    high: Math.max(recent + held, led + on),
  };
}

function forecastOf(followed: Followed, goal: Goal, today: string): Forecast {
  const none = (why: NoForecast): Forecast => ({ kind: 'none', why });
  if (goal.by < today) return none('past');
  const { points } = followed;
  const first = points.findIndex(({ day }) => day >= goal.setOn);
  const own: readonly VisitPoint[] = first < 0 ? [] : points.slice(first);
  if (own.length < FORECAST_FROM) return none('few visits');
  const days = own.map(({ day }) => dayNumber(day));
  const line = fittedLine(
    days,
    own.map(({ middle }) => middle),
  );
  if (line === null || Math.abs(line.slope) <= line.slopeHalf95) return none('no clear movement');
  if (!isAlongALine(followed, first, line)) return none('in steps');
  const [start, end, by] = [days[0]!, days.at(-1)!, dayNumber(goal.by)];
  // Further ahead than has been seen, a line is a wish.
  if (by - end > end - start) return none('too far ahead');
  const { low, high } = dampedAt(own, line, by);
  const [value, half90] = [(low + high) / 2, (high - low) / 2];
  return { kind: 'line', value, half90, state: standsAt(value, half90, goal) };
}

/** Returns the level a number stood at when the goal was set; null before the first visit. */
function valueWhenSet({ points, levels }: Followed, { setOn }: Goal): number | null {
  const later = points.findIndex(({ day }) => day > setOn);
  const last = (later < 0 ? points.length : later) - 1;
  return levels.find(({ from, to }) => from <= last && last < to)?.value ?? null;
}

/** Returns how a goal goes; `today` is an ISO day. `followed` is the goal's figure, followed with its kind of club; null where it is not known. */
export function goalProgress(goal: Goal, followed: Followed | null, today: string): GoalProgress {
  if (followed?.now == null)
    return { goal, now: null, beyond: 0, beyondAtFirst: null, forecast: null };
  const { value, half95 } = followed.now;
  const state = standsAt(value, half95, goal);
  const atFirst = valueWhenSet(followed, goal);
  return {
    goal,
    now: { value, half95, state },
    beyond: outsideOf(value, goal),
    beyondAtFirst: atFirst === null ? null : outsideOf(atFirst, goal),
    forecast: state === 'within' ? null : forecastOf(followed, goal, today),
  };
}

/** Returns how a player's goals with the record's kind of club go, today (ISO day). */
export const goalsOf = (
  goals: readonly Goal[],
  { kind, followed }: PlayerRecord,
  today: string,
): GoalProgress[] =>
  goals
    .filter((goal) => goal.kind === kind)
    .map((goal) =>
      goalProgress(goal, followed.find(({ figure }) => figure === goal.figure) ?? null, today),
    );
