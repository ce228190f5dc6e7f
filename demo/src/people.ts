import type { DialectName } from './dialects.ts';
import type { Block, Striker, Swing } from './shots.ts';

/** A visit: how long ago, when, what for, and what was hit (nothing yet for a lesson to come). */
export interface Visit {
  readonly daysAgo: number;
  /** Minutes after midnight. */
  readonly at: number;
  readonly asked: string;
  readonly blocks: readonly Block[];
}

export interface Person extends Striker {
  readonly name: string;
  readonly lengthUnit: 'yd' | 'm';
  readonly speedUnit: 'mph' | 'km/h' | 'm/s';
  readonly aims: string;
  readonly bodyNotes: string;
  readonly dialect: DialectName;
  readonly visits: readonly Visit[];
}

const swing = (pathDeg: number, faceDeg: number, loose = 1): Swing => ({
  pathDeg,
  faceDeg,
  pathSpreadDeg: 0.9 * loose,
  faceSpreadDeg: 1.3 * loose,
  strikeSpreadMm: 5 * loose,
});
const block = (club: string, balls: number, of: Swing): Block => ({ club, balls, swing: of });
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
    visits: [
      {
        daysAgo: 28,
        at: clock(9),
        asked: 'Everything goes left',
        blocks: [block('7-iron', 14, swing(-7.6, -7.4))],
      },
      {
        daysAgo: 14,
        at: clock(9),
        asked: 'Still left, but less',
        blocks: [block('7-iron', 16, swing(-6.4, -6.2))],
      },
      {
        daysAgo: 0,
        at: clock(9),
        asked: 'Left again under pressure',
        blocks: [block('7-iron', 15, swing(-5.6, -5.7))],
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
      { daysAgo: 14, at: clock(11), asked: '', blocks: [block('5-iron', 16, swing(5.6, 1.9))] },
      {
        daysAgo: 0,
        at: clock(11, 30),
        asked: 'Two hooks cost me the round',
        blocks: [block('5-iron', 15, swing(5.9, 1.7, 1.2))],
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
    dialect: 'lettered',
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
        blocks: [block('6-iron', 14, swing(4.1, 1.2))],
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
        blocks: [
          block('7-iron', 12, swing(0.8, 0.3, 0.7)),
          block('driver', 10, swing(1.2, 0.6, 0.7)),
        ],
      },
      { daysAgo: 0, at: clock(16), asked: 'Yearly check', blocks: [] },
    ],
  },
];
