import { askOfStage, askWithin, usualAsk } from '@loxos/core';
import type { Drill, Hand, Stage, StationAsk } from '@loxos/core';
import type { WorkValue } from './parts.ts';

/** What the station of a drill asks for: as it was laid in this lesson, else the way of the change. */
export function askOf(
  { stations }: Pick<WorkValue, 'stations'>,
  drill: Drill,
  stage: Stage | null,
  hand: Hand,
): StationAsk {
  const laid = stations[drill.id];
  if (laid !== undefined) return askWithin(drill, laid);
  return stage === null ? usualAsk(drill) : askOfStage(drill, stage, hand);
}
