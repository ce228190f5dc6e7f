import { EMPTY_BALL } from '../intake/quantities.ts';
import { PLAIN_WANTED } from '../plan/wanted.ts';
import { DEFAULT_DISPLAY_UNITS, USUAL_SPEED_UNIT } from '../words/format.ts';
import type { Fields } from './fields.ts';

// What a new thing holds where nothing was said of it; the server stores it so, and a screen shows it so before.

/** Returns what is taken of a new player: speeds go with the distances that were said. */
export function blankPlayer({ lengthUnit = DEFAULT_DISPLAY_UNITS.length }: Fields) {
  return {
    lengthUnit: DEFAULT_DISPLAY_UNITS.length,
    speedUnit: lengthUnit === 'yd' ? USUAL_SPEED_UNIT.yd : USUAL_SPEED_UNIT.m,
    angleStyle: DEFAULT_DISPLAY_UNITS.angle,
    playerKind: null,
    driverSpeedMps: null,
    aims: '',
    bodyNotes: '',
    coachId: '',
    wanted: { all: PLAIN_WANTED },
    goals: [],
    report: null,
  } as const;
}

export const BLANK_LESSON = { asked: '', ballCount: 0 } as const;

/** Letters of a ball's note: a few words beside its figures. */
export const BALL_NOTE_AT_MOST = 120;

/** Said by a coach, and counted as the balls say. */
export const BLANK_BALL = {
  ...EMPTY_BALL,
  keep: 'auto',
  seen: 'monitor',
  openAmount: null,
  contact: null,
  note: '',
  launchFileId: null,
  line: null,
} as const;

export const BLANK_BLOCK = { drillId: null, doseStep: null, note: '', aim: null } as const;

/** Listens, and points at no lesson. */
export const BLANK_BAY = {
  lessonId: null,
  playerName: null,
  isOn: true,
  tokenAt: null,
  heardAt: null,
  isHeard: false,
  waiting: 0,
  doubts: [],
} as const;

export const BLANK_REPETITION = {
  miss: '',
  doseStep: null,
  feltDeg: null,
  measuredDeg: null,
} as const;
