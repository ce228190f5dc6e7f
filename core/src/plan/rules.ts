/** What an academy decides once for all its readings, with the defaults every form, server and help reads. */
import { DEVICE_ACCURACY } from '../inverse/accuracy.ts';
import type { SetAccuracy } from '../inverse/accuracy.ts';
import { DEFAULT_BANDS } from '../reading/bands.ts';
import type { Bands } from '../reading/bands.ts';
import type { NamingSchool } from '../reading/names.ts';

/** Which route comes first where it is open: the one of the lowest computed miss, or a school's. */
export const FIRST_ROUTES = [
  'lowest-miss',
  'face-then-path',
  'path-then-face',
  'gap-first',
] as const;
export type FirstRoute = (typeof FIRST_ROUTES)[number];

export interface AcademyRules {
  readonly naming: NamingSchool;
  readonly firstRoute: FirstRoute;
  readonly bands: Bands;
  readonly accuracy: SetAccuracy;
}

export const DEFAULT_RULES: AcademyRules = {
  naming: 'start-and-bend',
  firstRoute: 'lowest-miss',
  bands: DEFAULT_BANDS,
  accuracy: {
    faceAngleDeg: DEVICE_ACCURACY.faceAngleDeg,
    clubPathDeg: DEVICE_ACCURACY.clubPathDeg,
    spinAxisTiltDeg: DEVICE_ACCURACY.spinAxisTiltDeg,
  },
};
