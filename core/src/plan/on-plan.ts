/** Whether a ball did what the plan asks, and how near it came: by the spans the plan itself judges by. */
import { isBendOpen } from '../reading/ball.ts';
import { figureOf } from '../reading/group.ts';
import type { BallView } from '../reading/read-ball.ts';
import type { Answer } from './answer.ts';
import type { Plan } from './plan.ts';
import type { FlightFact } from './seen.ts';

/** What of a flight a player is told of one ball. */
const TOLD: ReadonlySet<FlightFact> = new Set(['startDirectionDeg', 'curveM']);

/** Answers under which nothing is decided: there is no plan to be on. */
const UNDECIDED: ReadonlySet<Answer> = new Set(['look', 'ask']);

/** Returns how far beyond its span each judged figure of a ball is, in halves of the span; 0 inside it. Null where nothing is judged. */
function beyondOf(view: BallView, plan: Plan | null): number[] | null {
  if (plan === null || UNDECIDED.has(plan.answer) || !view.counts) return null;
  const judged = plan.seen.flatMap(({ figure, span: [from, to], off }) => {
    const value = TOLD.has(figure) || off !== 0 ? figureOf(view, figure) : null;
    // A bend of which only the side was told may be inside or not.
    if (value === null || (figure === 'curveM' && isBendOpen(view.ball))) return [];
    return [Math.max(0, from - value, value - to) / ((to - from) / 2)];
  });
  return judged.length === 0 ? null : judged;
}

/**
 * Returns whether a ball did what the plan asks of it: how it started and bent, and whatever else the balls so far are off in. Null
 * where nothing is decided yet, or nothing tells.
 */
export function isOnPlan(view: BallView, plan: Plan | null): boolean | null {
  const beyond = beyondOf(view, plan);
  return beyond === null ? null : beyond.every((by) => by === 0);
}

/** Returns how near a ball came to the plan: 1 on it, a half where it is beyond a span by as much as half of that is wide, towards 0 far off. */
export function nearnessOf(view: BallView, plan: Plan | null): number | null {
  const beyond = beyondOf(view, plan);
  return beyond === null ? null : 1 / (1 + Math.max(...beyond));
}
