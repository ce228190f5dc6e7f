/** A ball just hit, in words short enough to be taken in while the next is teed up, and its block so far against its aim. */
import type { BlockAim } from '../lesson/work.ts';
import { isOnPlan } from '../plan/on-plan.ts';
import type { Plan } from '../plan/plan.ts';
import type { ReadBlock } from '../proof/blocks.ts';
import { isBendOpen, isStartOpen } from '../reading/ball.ts';
import type { BallView } from '../reading/read-ball.ts';
import { sideOnlyFigures } from '../reading/side-only.ts';
import { angleText, startWords } from './angles.ts';
import { formatLength } from './format.ts';
import { shortFigure, toldText } from './labels.ts';
import { capital, countOf, sideWord } from './sentence.ts';
import type { Wording } from './sentence.ts';

export interface JustHit {
  /** `3° left`, `on line`; null where nothing tells. */
  readonly start: string | null;
  /** `8 m right`, `no bend`. */
  readonly bend: string | null;
  /** `152 m`. */
  readonly carry: string | null;
  /** Whether it did what the plan asks; null where nothing is decided yet, or it does not count. */
  readonly isOnPlan: boolean | null;
}

/** Returns a ball just hit in two or three words each. */
export function justHitOf(view: BallView, plan: Plan | null, { bands, units }: Wording): JustHit {
  const { start, curve, carry, ball } = view;
  const none = bands.bendNoneShare * (carry?.value ?? 0);
  const began = startWords(start?.value ?? 0, bands.startStraightDeg);
  const bend =
    curve === null
      ? null
      : Math.abs(curve.value) <= none
        ? 'no bend'
        : isBendOpen(ball)
          ? sideWord(curve.value)
          : `${formatLength(Math.abs(curve.value), units.length)} ${sideWord(curve.value)}`;
  return {
    start: start === null ? null : isStartOpen(ball) ? began.word : angleText(began),
    bend,
    carry: carry === null ? null : formatLength(carry.value, units.length),
    isOnPlan: isOnPlan(view, plan),
  };
}

/** Returns whether a ball was on plan, in words. */
export const onPlanWords = (isOnPlan: boolean): string => (isOnPlan ? 'On plan' : 'Off plan');

/** Returns a ball just hit as one sentence: `Starts 3° left and bends 8 m right.` */
export function justHitWords({ start, bend }: JustHit): string {
  const started =
    start === null ? null : start === 'on line' ? 'Starts on line' : `Starts ${start}`;
  const bent = bend === null ? null : bend === 'no bend' ? 'does not bend' : `bends ${bend}`;
  if (started === null && bent === null) return 'Nothing tells how it flew.';
  return `${[started, bent]
    .filter((part) => part !== null)
    .map((part, n) => (n === 0 ? capital(part) : part))
    .join(' and ')}.`;
}

/** Returns a block so far against what it is judged on: `5 balls: path 3° out-to-in; the aim is down the line.`; null without balls. */
export function soFarWords(block: ReadBlock, aim: BlockAim | null, w: Wording): string | null {
  const count = block.counted.length;
  if (count === 0) return null;
  const [figure] = aim?.judged ?? (['startDirectionDeg'] as const);
  const sideOnly = sideOnlyFigures(block.counted.map(({ ball }) => ball));
  const mean = figure === undefined || sideOnly.has(figure) ? undefined : block.figures[figure];
  if (figure === undefined || mean === undefined) return `${countOf(count, 'ball')} so far.`;
  const target = aim?.targets[figure];
  const told = `${countOf(count, 'ball')}: ${shortFigure(figure).toLowerCase()} ${toldText(figure, mean.mean, w)}${count > 1 ? ' on average' : ''}`;
  return target === undefined ? `${told}.` : `${told}; the aim is ${toldText(figure, target, w)}.`;
}
