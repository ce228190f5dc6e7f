/** A station as a page keeps it: its words and its layout, so that later changes to a drill do not change it. */
import type { Hand } from '../line/hand.ts';
import type { Drill } from './drill.ts';
import type { Layout } from './layout.ts';
import { layoutFor } from './own.ts';
import type { StationFor } from './own.ts';

export interface StationCard {
  readonly drillId: string;
  readonly name: string;
  readonly how: string;
  readonly good: string;
  readonly misses: readonly string[];
  readonly cautions: readonly string[];
  /** A checklist instead of balls; empty for most. */
  readonly steps: readonly string[];
  readonly hand: Hand;
  readonly layout: Layout;
}

export const stationCard = (drill: Drill, station: StationFor): StationCard => ({
  drillId: drill.id,
  name: drill.name,
  how: drill.how,
  good: drill.good,
  misses: drill.misses,
  cautions: drill.cautions,
  steps: drill.steps ?? [],
  hand: station.hand,
  layout: layoutFor(drill, station),
});
