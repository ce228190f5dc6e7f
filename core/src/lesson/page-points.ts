/** The one or two things a player is told: what to change, try, look at or keep, and the cure of what was seen. */
import type { CauseTrace } from '../causes/trace.ts';
import type { CauseLink, LinkValue } from '../causes/links.ts';
import type { Drill } from '../drills/drill.ts';
import { leaveReason } from '../plan/leave.ts';
import type { LeaveReason } from '../plan/leave.ts';
import type { Look } from '../plan/looks.ts';
import type { Plan } from '../plan/plan.ts';
import type { Stage } from '../plan/stages.ts';
import type { LessonWork } from './work.ts';

export type PagePoint =
  | {
      readonly kind: 'move';
      readonly stage: Stage;
      readonly toeMm: number;
      readonly isTry: boolean;
    }
  | { readonly kind: 'cure'; readonly link: CauseLink; readonly value: LinkValue }
  | { readonly kind: 'drill'; readonly drill: Drill }
  | { readonly kind: 'basics' }
  | { readonly kind: 'look'; readonly look: Look }
  | { readonly kind: 'steady' }
  | { readonly kind: 'keep'; readonly why: LeaveReason };

/** More than two are not remembered. */
export const POINTS_AT_MOST = 2;

/** Returns what is said where no stage is worked on. */
function withoutStage(plan: Plan, basicsFirst: boolean): PagePoint[] {
  switch (plan.answer) {
    case 'steady':
      return [{ kind: 'steady' }];
    case 'leave':
      return [{ kind: 'keep', why: leaveReason(plan) }];
    case 'look': {
      const { look } = plan;
      // A handful of balls that are looked at by hitting more: the basics are all there is to say.
      if (look === null || (look.kind === 'balls' && basicsFirst)) return [{ kind: 'basics' }];
      return basicsFirst ? [{ kind: 'basics' }, { kind: 'look', look }] : [{ kind: 'look', look }];
    }
    default:
      // The coach has a file or a wish to settle first: the player is told nothing of it.
      return [];
  }
}

function cureOf(trace: CauseTrace | null): PagePoint[] {
  const cause = trace?.cause ?? null;
  if (cause === null || cause.value === null || cause.value === 0) return [];
  return [{ kind: 'cure', link: cause.link, value: cause.value }];
}

/** Returns the points of a page, the first first. `drills`: those that are used and fit. */
export function pagePoints(
  plan: Plan | null,
  work: Pick<LessonWork, 'stage' | 'trace' | 'basicsFirst'> | null,
  drills: readonly Drill[],
): PagePoint[] {
  const [drill] = drills;
  const byDrill: PagePoint[] = drill === undefined ? [] : [{ kind: 'drill', drill }];
  if (plan === null || work === null) return byDrill.slice(0, POINTS_AT_MOST);
  const { stage, trace, basicsFirst } = work;
  const { strikeToeMm: toeMm, answer, chosenBy } = plan;
  const isTry = answer !== 'do' || chosenBy !== 'balls';
  const first: PagePoint[] =
    stage === null
      ? withoutStage(plan, basicsFirst)
      : [
          { kind: 'move', stage, toeMm, isTry },
          ...(basicsFirst ? [{ kind: 'basics' } as const] : []),
        ];
  return [...first, ...cureOf(trace), ...byDrill].slice(0, POINTS_AT_MOST);
}
