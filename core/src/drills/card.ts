/** A station as a page keeps it: its words and its layout, so that later changes to a drill do not change it. */
import type { Hand } from '../line/hand.ts';
import type { Drill } from './drill.ts';
import type { Layout } from './layout.ts';
import { layoutFor } from './ask.ts';
import type { StationFor } from './ask.ts';
import { doseOf } from './dose.ts';

export interface StationCard {
  readonly drillId: string;
  readonly name: string;
  readonly how: string;
  readonly good: string;
  readonly misses: readonly string[];
  readonly cautions: readonly string[];
  /** A checklist instead of balls; empty for most. */
  readonly steps: readonly string[];
  /** How much of it, step by step. */
  readonly dose: readonly string[];
  readonly hand: Hand;
  readonly layout: Layout;
}

/** `gently`: for a body that must not overdo it at full speed. */
export const stationCard = (drill: Drill, station: StationFor, gently: boolean): StationCard => ({
  drillId: drill.id,
  name: drill.name,
  how: drill.how,
  good: drill.good,
  misses: drill.misses,
  cautions: drill.cautions,
  steps: drill.steps ?? [],
  dose: doseOf(drill, gently).map(({ words }) => words),
  hand: station.hand,
  layout: layoutFor(drill, station),
});
