import { askOfStage, handSign } from '@loxos/core';
import type { Hand, Stage } from '@loxos/core';
import type { StationAsk, WorkValue } from './parts.ts';

/** What a station asks for where neither the coach nor a plan says. */
const PLAIN_ASK: StationAsk = { pathDeg: 4, faceDeg: 2, startDeg: 0 };

/** What the station of a drill asks for: as it was laid in this lesson, else the way of the change. */
export const askOf = (
  work: WorkValue,
  drillId: string,
  stage: Stage | null,
  hand: Hand,
): StationAsk =>
  work.stations[drillId] ?? (stage === null ? PLAIN_ASK : askOfStage(stage, handSign(hand)));
