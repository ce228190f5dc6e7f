/** The catalogue. Names are this app's own; effects and numbers are common practice unless geometry. */
import { BODY_DRILLS } from './catalogue/body.ts';
import { SHAPE_DRILLS } from './catalogue/shape.ts';
import { STATIONS } from './catalogue/stations.ts';
import type { Drill } from './drill.ts';

export const DRILLS: readonly Drill[] = [...STATIONS, ...BODY_DRILLS, ...SHAPE_DRILLS];

export const findDrill = (id: string): Drill | null =>
  DRILLS.find((drill) => drill.id === id) ?? null;
