/** A ball just hit as it is read across the bay: two or three words, at most two figures, and how many in a row were on plan. */
import type { BlockAim } from '../lesson/work.ts';
import { isOnPlan } from '../plan/on-plan.ts';
import type { Plan } from '../plan/plan.ts';
import { figureOf } from '../reading/group.ts';
import type { BallView } from '../reading/read-ball.ts';
import { sideOnlyFigures } from '../reading/side-only.ts';
import { justHitOf } from './just-hit.ts';
import type { JustHit } from './just-hit.ts';
import { shortFigure, toldText } from './labels.ts';
import { capital } from './sentence.ts';
import type { Wording } from './sentence.ts';

export interface AcrossTheBay {
  /** `Left, bends right`; empty where nothing tells how it flew. */
  readonly words: string;
  /** What the block is judged on, else how it started and bent: two at most. */
  readonly figures: readonly { readonly name: string; readonly text: string }[];
  readonly isOnPlan: boolean | null;
}

const MOST_FIGURES = 2;

type Figures = AcrossTheBay['figures'];

/** Returns how a ball started and bent. */
function flightOf({ start, bend }: JustHit): Figures {
  return [
    ...(start === null ? [] : [{ name: shortFigure('startDirectionDeg'), text: start }]),
    ...(bend === null ? [] : [{ name: shortFigure('curveM'), text: bend }]),
  ];
}

/** Returns what a block is judged on, of one ball. */
function judgedOf(view: BallView, { judged }: BlockAim, w: Wording): Figures {
  // Of what an eye told the side alone there is no figure.
  const sideOnly = sideOnlyFigures([view.ball]);
  return judged.slice(0, MOST_FIGURES).flatMap((figure) => {
    const value = sideOnly.has(figure) ? null : figureOf(view, figure);
    if (value === null) return [];
    return [{ name: shortFigure(figure), text: toldText(figure, value, w) }];
  });
}

/** Returns which way a ball started and bent, without a figure. */
function wordsOf({ start, bend }: JustHit): string {
  const way = (text: string): string => text.replace(/^.* (?=left$|right$)/, '');
  const began = start === null ? [] : [way(start)];
  const bent = bend === null ? [] : [bend === 'no bend' ? bend : `bends ${way(bend)}`];
  return capital([...began, ...bent].join(', '));
}

/** Returns a ball for whoever looks from afar. `aim`: what its block is judged on; null where nothing was named. */
export function acrossTheBay(
  view: BallView,
  plan: Plan | null,
  aim: BlockAim | null,
  w: Wording,
): AcrossTheBay {
  const hit = justHitOf(view, plan, w);
  const figures = aim === null || aim.judged.length === 0 ? flightOf(hit) : judgedOf(view, aim, w);
  return { words: wordsOf(hit), figures, isOnPlan: hit.isOnPlan };
}

/** Returns how many of the last balls in a row were on plan; one that does not count is passed over. */
export function streakOf(views: readonly BallView[], plan: Plan | null): number {
  let streak = 0;
  for (const view of [...views].reverse()) {
    const was = isOnPlan(view, plan);
    if (was === false) return streak;
    if (was === true) streak++;
  }
  return streak;
}
