import type { ClubKind, FollowedFigure, Wanted } from '@loxos/core';
import type { DialectName } from './dialects.ts';
import { LATER_MONITOR, SEASONS } from './seasons.ts';
import type { Block, Striker, Swing } from './shots.ts';
import type { Visit } from './visit.ts';

/** Where a number is to be, in days from now; as the API keeps it but for the days. */
export interface DemoGoal {
  readonly kind: ClubKind;
  readonly figure: FollowedFigure;
  readonly wanted: number;
  readonly window: number;
  readonly setDaysAgo: number;
  readonly byInDays: number;
}

export interface Person extends Striker {
  readonly name: string;
  readonly lengthUnit: 'yd' | 'm';
  readonly speedUnit: 'mph' | 'km/h' | 'm/s';
  readonly aims: string;
  readonly bodyNotes: string;
  /** The flight wanted, where it is not straight. */
  readonly wanted?: Wanted;
  readonly dialect: DialectName;
  readonly goals?: readonly DemoGoal[];
  readonly visits: readonly Visit[];
}

const swing = (pathDeg: number, faceDeg: number, loose = 1): Swing => ({
  pathDeg,
  faceDeg,
  pathSpreadDeg: 0.9 * loose,
  faceSpreadDeg: 1.3 * loose,
  strikeSpreadMm: 5 * loose,
});
const block = (club: string, balls: number, of: Swing, tag?: Block['tag']): Block => ({
  club,
  balls,
  swing: of,
  ...(tag !== undefined && { tag }),
});
const BASELINE = { block: 'baseline' } as const;
const drill = (drillId: string) => ({ block: 'drill', drillId }) as const;
const clock = (hours: number, minutes = 0): number => hours * 60 + minutes;

/** Everyone at the invented Saltmarsh Golf School. The faults are typical, the people are not real. */
export const PEOPLE: readonly Person[] = [
  {
    name: 'Ines Marrow',
    hand: 'right',
    driverSpeedMps: 39,
    lengthUnit: 'm',
    speedUnit: 'mph',
    aims: 'Stop missing left with the irons',
    bodyNotes: 'Stiff lower back in the mornings',
    dialect: 'plain',
    goals: [
      {
        kind: 'iron',
        figure: 'clubPathDeg',
        wanted: 0,
        window: 3,
        setDaysAgo: 160,
        byInDays: 60,
      },
    ],
    visits: [
      {
        daysAgo: 28,
        at: clock(9),
        asked: 'Everything goes left',
        blocks: [
          block('7-iron', 8, swing(-7.6, -7.4), BASELINE),
          block('7-iron', 8, swing(-7.2, -9.6), drill('preset-close')),
        ],
        done: {
          setup: { feetDeg: -3, shoulderDeg: -5, ballCm: -8, knuckles: 2, body: 'stiff back' },
          observations: { 'lead-hip': 1 },
          route: 'gap-first',
          drillIds: ['preset-close'],
          repetitions: '+-++-+++++',
          pageTicks: 3,
        },
      },
      {
        daysAgo: 14,
        at: clock(9),
        asked: 'Still left, but less',
        blocks: [
          block('7-iron', 8, swing(-6.4, -6.6), BASELINE),
          block('7-iron', 9, swing(-3.4, -5.2), drill('hip-stay')),
        ],
        done: {
          observations: { 'lead-hip': 1, chest: 0 },
          route: 'path-then-face',
          drillIds: ['hip-stay'],
          repetitions: '-+--++-+++',
          pageTicks: 2,
        },
      },
      {
        daysAgo: 0,
        at: clock(9),
        asked: 'Left again under pressure',
        blocks: [block('7-iron', 15, swing(-5.6, -5.7))],
        done: { setup: { feetDeg: -2, shoulderDeg: -6, ballCm: -7, knuckles: 2 } },
      },
    ],
  },
  {
    name: 'Tobias Penhale',
    hand: 'right',
    driverSpeedMps: 43,
    lengthUnit: 'yd',
    speedUnit: 'mph',
    aims: 'Find the fairway with the driver',
    bodyNotes: '',
    dialect: 'plain',
    visits: [
      {
        daysAgo: 21,
        at: clock(10),
        asked: 'I slice only the driver',
        blocks: [block('driver', 12, swing(-4.2, 1.2)), block('8-iron', 10, swing(-4, 0.4))],
      },
      {
        daysAgo: 0,
        at: clock(10, 30),
        asked: 'Is it the club?',
        blocks: [block('driver', 14, swing(-3.8, 1.1)), block('8-iron', 10, swing(-3.6, 0.3))],
      },
    ],
  },
  {
    name: 'Odile Farrant',
    hand: 'right',
    driverSpeedMps: 41,
    lengthUnit: 'm',
    speedUnit: 'km/h',
    aims: 'Take the hook out of the long irons',
    bodyNotes: 'Right wrist was broken years ago',
    dialect: 'lettered',
    visits: [
      {
        daysAgo: 35,
        at: clock(11),
        asked: 'My draw turns into a hook',
        blocks: [block('5-iron', 14, swing(6.8, 1.6))],
      },
      {
        daysAgo: 14,
        at: clock(11),
        asked: '',
        blocks: [
          block('5-iron', 8, swing(6.2, 1.8), BASELINE),
          block('5-iron', 9, swing(3.1, 1.5), drill('far-peg')),
        ],
        done: {
          observations: { chest: -1 },
          drillIds: ['far-peg'],
          pathDeg: -4,
          repetitions: '++-++-++++',
          pageTicks: 4,
        },
      },
      {
        daysAgo: 0,
        at: clock(11, 30),
        asked: 'Two hooks cost me the round',
        blocks: [block('5-iron', 15, swing(5.9, 1.7, 1.2))],
        done: { observations: { chest: -1 }, drillIds: ['inside-guard'], repetitions: '-+-' },
      },
    ],
  },
  {
    name: 'Wren Castellan',
    hand: 'left',
    driverSpeedMps: 44,
    lengthUnit: 'yd',
    speedUnit: 'mph',
    aims: 'A fade that holds its line',
    bodyNotes: '',
    wanted: { shape: 'fade', startDeg: 1, ruledOut: 'never right' },
    dialect: 'lettered',
    goals: [
      {
        kind: 'iron',
        figure: 'clubPathDeg',
        wanted: 3,
        window: 2,
        setDaysAgo: 210,
        byInDays: 30,
      },
    ],
    visits: [
      {
        daysAgo: 30,
        at: clock(14),
        asked: 'My fade is too big',
        blocks: [block('6-iron', 12, swing(5.2, 1.4))],
      },
      {
        daysAgo: 0,
        at: clock(14),
        asked: 'Keep the fade, lose the slice',
        blocks: [
          block('6-iron', 8, swing(5.4, -0.8), BASELINE),
          block('6-iron', 9, swing(2.2, 0.2), drill('stepping-pegs')),
        ],
        done: {
          setup: { feetDeg: 5, shoulderDeg: 4, ballCm: -9, knuckles: 2 },
          observations: { 'ball-position': 1 },
          route: 'path-then-face',
          drillIds: ['stepping-pegs'],
          pathDeg: 4,
          repetitions: '+++-++++-+',
        },
      },
    ],
  },
  {
    name: 'Hollis Quay',
    hand: 'right',
    driverSpeedMps: 46,
    lengthUnit: 'yd',
    speedUnit: 'mph',
    aims: 'Stay as steady as this',
    bodyNotes: '',
    dialect: 'plain',
    visits: [
      {
        daysAgo: 42,
        at: clock(16),
        asked: 'A check before the season',
        monitors: LATER_MONITOR,
        blocks: [
          block('7-iron', 12, swing(0.8, 0.3, 0.7)),
          block('driver', 10, swing(1.2, 0.6, 0.7)),
        ],
      },
      { daysAgo: 0, at: clock(16), asked: 'Yearly check', blocks: [] },
    ],
  },
  {
    name: 'Bram Ostler',
    hand: 'right',
    driverSpeedMps: 42,
    lengthUnit: 'm',
    speedUnit: 'km/h',
    aims: 'More length',
    bodyNotes: '',
    dialect: 'lettered',
    visits: [
      {
        daysAgo: 0,
        at: clock(13),
        asked: 'It feels dead off the face',
        blocks: [
          block('driver', 10, { ...swing(0.6, 0.4, 0.8), strikeToeMm: 19, strikeSpreadMm: 3 }),
        ],
      },
    ],
  },
  {
    name: 'Sela Wick',
    hand: 'right',
    driverSpeedMps: 40,
    lengthUnit: 'm',
    speedUnit: 'mph',
    aims: 'Know which way it will go',
    bodyNotes: '',
    dialect: 'plain',
    visits: [
      {
        daysAgo: 0,
        at: clock(15),
        asked: 'Left, then right, then left',
        blocks: [
          block('driver', 16, { ...swing(0.3, 0.2), faceSpreadDeg: 4.6, strikeSpreadMm: 2 }),
        ],
      },
    ],
  },
];

/** Everything a person came for, the seasons before first. */
export const allVisits = ({ name, visits }: Person): readonly Visit[] => [
  ...(SEASONS[name] ?? []),
  ...visits,
];

/** A straight pull of fourteen balls, for the files to drop. */
export const STRAIGHT_PULL: readonly Block[] = [block('7-iron', 14, swing(-7.6, -7.4))];
