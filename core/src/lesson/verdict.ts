/** Whether it happened: two blocks of a lesson on what was named for them. */
import type { Plan } from '../plan/plan.ts';
import { targetsOf } from '../plan/off.ts';
import type { Stage } from '../plan/stages.ts';
import { judgeReadBlocks } from '../proof/blocks.ts';
import type { ReadBlock } from '../proof/blocks.ts';
import type { BlockVerdict, PerFigure } from '../proof/judge.ts';
import type { Bands } from '../reading/bands.ts';

/** Windows of the figures a stage is judged on. */
function windowsOfPlan(plan: Plan, bands: Bands): PerFigure {
  const targets = targetsOf(plan.wanted, bands, plan.now.carryM);
  return Object.fromEntries(
    Object.entries(targets).map(([figure, [, window]]) => [figure, window]),
  );
}

export interface JudgedWork {
  readonly before: ReadBlock;
  readonly after: ReadBlock;
  readonly isOtherVisit: boolean;
  readonly judged: BlockVerdict;
}

type Judged = Pick<Stage, 'judged' | 'targets'>;

/** Where nothing is to be changed, two blocks are still compared: on face to path and the start, or what an eye sees of them. */
const keepOf = ({ wanted, isByEye }: Plan): Judged => ({
  judged: isByEye ? ['startDirectionDeg', 'curveM'] : ['faceToPathDeg', 'startDirectionDeg'],
  targets: {
    faceToPathDeg: wanted.faceToPathDeg,
    startDirectionDeg: wanted.startDeg,
    curveM: wanted.curveM,
  },
});
/** A two-way miss is judged by how it scatters. */
const STEADY: Judged = { judged: ['startDirectionDeg', 'offlineM'], targets: {} };

export interface JudgeWorkOptions {
  readonly plan: Plan;
  /** What was named before the balls were hit, or the stage worked on; null where nothing is to be changed. */
  readonly stage: Judged | null;
  readonly bands: Bands;
  readonly isOpen?: boolean;
  readonly isOtherVisit?: boolean;
}

/** One block against another on the figures of the stage that was worked on. */
export function judgeWork(
  [before, after]: readonly [ReadBlock, ReadBlock],
  { plan, stage, bands, isOpen = false, isOtherVisit = false }: JudgeWorkOptions,
): JudgedWork {
  const isSteadied = stage === null && plan.answer === 'steady';
  const judged = judgeReadBlocks(before, after, {
    stage: stage ?? (isSteadied ? STEADY : keepOf(plan)),
    windows: windowsOfPlan(plan, bands),
    spans: plan.spans,
    isSteadied,
    isOpen,
    isOtherVisit,
  });
  return { before, after, isOtherVisit, judged };
}
