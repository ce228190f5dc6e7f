import { doseOf, drillBy, kindOfHead, stationCard } from '@loxos/core';
import type { Hand, OwnDrillFacts, StationCard } from '@loxos/core';

/** A station as pages kept it before they held its words and layout: which drill, and what it asked for. */
interface DrillOnly {
  readonly drillId: string;
  readonly headLengthM: number;
  readonly pathDeg: number;
  readonly faceDeg: number;
  readonly startDeg: number;
}

/** A station as pages kept it before each drill had a dose of its own. */
type WithoutDose = Omit<StationCard, 'dose'>;

/** Returns the stations of a page, whenever it was given; a drill since taken away has none. */
export const stationsOf = (
  stations: readonly (StationCard | WithoutDose | DrillOnly)[],
  hand: Hand,
  own: readonly OwnDrillFacts[],
): StationCard[] =>
  stations.flatMap((station) => {
    if ('dose' in station) return [station];
    if ('layout' in station) {
      const drill = drillBy(station.drillId, own);
      const dose = drill === null ? [] : doseOf(drill).map(({ words }) => words);
      return [{ ...station, dose }];
    }
    const { drillId, headLengthM, ...asked } = station;
    const drill = drillBy(drillId, own);
    return drill === null
      ? []
      : [stationCard(drill, { hand, kind: kindOfHead(headLengthM), ...asked }, false)];
  });
