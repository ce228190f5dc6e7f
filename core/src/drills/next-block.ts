/** What the next balls are hit as: a baseline, then the drill that was given a dose step at a time, then play. */
import type { BlockKind } from '../reading/ball.ts';
import { DOSE, doseOf } from './dose.ts';
import type { Drill } from './drill.ts';
import { scoreStation } from './score.ts';
import type { Repetition } from './score.ts';

export interface NextBlock {
  readonly kind: BlockKind;
  readonly drillId: string | null;
  /** Step of the drill's dose, from 0. */
  readonly doseStep: number | null;
  readonly note: string;
}

export interface SoFar {
  /** In the order begun. */
  readonly blocks: readonly Pick<NextBlock, 'kind' | 'drillId' | 'doseStep'>[];
  readonly repetitions: readonly (Repetition & { readonly drillId: string })[];
  /** Whether balls were hit before any block: they are the baseline. */
  readonly hasLoose?: boolean;
  /** The drill that was given last. */
  readonly drill: Pick<Drill, 'id' | 'dose'> | null;
}

export const isDrilled = (kind: BlockKind): boolean => kind === 'drill' || kind === 'toned';
const LAST_STEP = DOSE.steps - 1;

export function nextBlock({ blocks, repetitions, drill, hasLoose = false }: SoFar): NextBlock {
  const note = '';
  const last = blocks.at(-1);
  const plain = (kind: BlockKind): NextBlock => ({ kind, drillId: null, doseStep: null, note });
  const hasBaseline = blocks.some(({ kind }) => kind === 'baseline');
  if (!hasBaseline && (!hasLoose || drill === null)) return plain('baseline');
  if (drill === null) return plain('play');
  const steps = doseOf(drill);
  const { id: drillId } = drill;
  const first = steps.findIndex(({ hasBalls }) => hasBalls);
  if (last === undefined || !isDrilled(last.kind) || last.drillId !== drillId) {
    return { kind: 'drill', drillId, doseStep: first, note };
  }
  const { advice } = scoreStation(repetitions.filter((one) => one.drillId === drillId));
  const step = last.doseStep ?? first;
  if (advice === 'step back') {
    return { kind: 'drill', drillId, doseStep: Math.max(0, step - 1), note };
  }
  if (step >= LAST_STEP) return plain('play');
  const next = step + 1;
  return { kind: steps[next]!.isToned ? 'toned' : 'drill', drillId, doseStep: next, note };
}
