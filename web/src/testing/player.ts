import { PLAIN_WANTED } from '@loxos/core';
import type { Player } from '../api/client.ts';

/** A player, plain but for what a test says of them. */
export const playerWith = (said: Partial<Player> = {}): Player => ({
  id: 'ada',
  name: 'Ada Reed',
  hand: 'right',
  lengthUnit: 'm',
  speedUnit: 'mph',
  angleStyle: 'letters',
  playerKind: null,
  driverSpeedMps: null,
  aims: '',
  bodyNotes: '',
  isPersonalRead: true,
  coachId: '',
  wanted: { all: PLAIN_WANTED },
  goals: [],
  report: null,
  version: 1,
  ...said,
});
