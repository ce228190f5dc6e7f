import { findDrill, mean } from '@loxos/core';
import type { BallView, ProofBall } from '@loxos/core';
import type { Ball } from '../../api/client.ts';

/** Balls of one block, with what each drill of it was. */
export interface Block {
  readonly key: string;
  readonly label: string;
  readonly balls: readonly ProofBall[];
  readonly views: readonly BallView[];
  /** Balls of it that do not count, for the strike or by the coach. */
  readonly leftOut: number;
}

const BLOCK_WORDS = {
  baseline: 'Baseline',
  drill: 'Drill',
  toned: 'Toned down',
  play: 'Play',
} as const;
export const BLOCK_OPTIONS = Object.entries(BLOCK_WORDS) as (readonly [
  keyof typeof BLOCK_WORDS,
  string,
])[];

export const proofBall = (view: BallView): ProofBall => ({
  clubPathDeg: view.clubPathDeg,
  faceAngleDeg: view.faceAngleDeg,
  faceToPathDeg: view.faceToPathDeg,
  startDirectionDeg: view.start?.value ?? null,
  curveM: view.curve?.value ?? null,
  offlineM: view.offline?.value ?? null,
  carryM: view.carry?.value ?? null,
  clubSpeedMps: view.ball.clubSpeedMps,
});

function labelOf(ball: Ball): string {
  if (ball.block === null) return 'Not tagged';
  const drill = ball.drillId === null ? '' : `: ${findDrill(ball.drillId)?.name ?? 'own drill'}`;
  return `${BLOCK_WORDS[ball.block]}${drill}`;
}

/** The blocks of a lesson in the order first hit. */
export function blocksOf(balls: readonly Ball[], views: readonly BallView[], prefix = ''): Block[] {
  const byId = new Map(views.map((view) => [view.id, view]));
  const groups = new Map<string, { label: string; views: BallView[]; leftOut: number }>();
  for (const ball of balls) {
    const view = byId.get(ball.id);
    if (view === undefined) continue;
    const key = `${prefix}${ball.block ?? ''}/${ball.drillId ?? ''}`;
    const group = groups.get(key) ?? { label: `${prefix}${labelOf(ball)}`, views: [], leftOut: 0 };
    if (view.counts) group.views.push(view);
    else group.leftOut += 1;
    groups.set(key, group);
  }
  return [...groups].map(([key, { label, views: own, leftOut }]) => ({
    key,
    label,
    views: own,
    balls: own.map(proofBall),
    leftOut,
  }));
}

/** The blocks to compare when nobody chose: baseline, or the first, against the last other one. */
export function usualPair(blocks: readonly Block[]): readonly [Block, Block] | null {
  const tagged = blocks.filter(({ label }) => !label.endsWith('Not tagged'));
  const before = tagged.find(({ label }) => label.startsWith('Baseline')) ?? tagged[0];
  const after = [...tagged].reverse().find((block) => block !== before && block.balls.length > 0);
  return before === undefined || after === undefined ? null : [before, after];
}

/** Mean face, path and start of a block, degrees; null where no ball has one. */
export function meanSlant({ balls }: Block) {
  const meanOf = (pick: 'faceAngleDeg' | 'clubPathDeg' | 'startDirectionDeg'): number | null => {
    const known = balls.map((ball) => ball[pick]).filter((value) => value !== null);
    return known.length === 0 ? null : mean(known);
  };
  return {
    faceAngleDeg: meanOf('faceAngleDeg'),
    clubPathDeg: meanOf('clubPathDeg'),
    startDirectionDeg: meanOf('startDirectionDeg'),
  };
}
