import { lines } from './balls.ts';
import type { WrittenFile } from './balls.ts';

/** Whose balls they are. */
export const PARTS: readonly WrittenFile[] = [
  {
    name: 'two players',
    text: lines('Player,Club,Face,Path', 'Ada Reed,7i,1.2,-3.4', 'Ben Stone,7i,-2.1,0.8'),
    options: { hand: 'right', player: 'Ada Reed' },
    asks: ['parts'],
  },
  {
    name: 'one of two players, answered',
    text: lines('Player,Club,Face,Path', 'Ada Reed,7i,1.2,-3.4', 'Ben Stone,7i,-2.1,0.8'),
    options: { hand: 'right', player: 'Ada Reed', parts: ['adareed||'] },
    want: { faceAngleDeg: [1.2] },
    fates: { other: 1 },
  },
  {
    name: 'a part that is not in the file',
    text: lines('Player,Club,Face,Path', 'Ada Reed,7i,1.2,-3.4', 'Ben Stone,7i,-2.1,0.8'),
    options: { hand: 'right', player: 'Ada Reed', parts: ['adareed||', 'cymoss||'] },
    asks: ['parts'],
  },
  {
    name: 'two hands',
    text: lines('Hand,Club,Face,Path', 'R,7i,1.2,-3.4', 'L,7i,-2.1,0.8'),
    asks: ['parts'],
  },
  {
    name: 'a hand that cannot be made out beside one that can',
    text: lines('Hand,Club,Face,Path', 'R,7i,1.2,-3.4', 'both,7i,-2.1,0.8'),
    asks: ['parts'],
  },
  {
    name: 'two days',
    text: lines(
      'Time,Club,Face,Path',
      '2026-11-02 10:05,7i,1.2,-3.4',
      '2026-11-03 10:05,7i,-2.1,0.8',
    ),
    asks: ['parts'],
  },
  {
    name: 'one day written in two ways',
    text: lines('Time,Club,Face,Path', '2026-11-02,7i,1.2,-3.4', '2 November 2026,7i,-2.1,0.8'),
    want: { faceAngleDeg: [1.2, -2.1] },
  },
  {
    name: 'a session over midnight in Greenwich',
    text: lines(
      'Time,Club,Face,Path',
      '2026-11-02T23:55:10Z,7i,1.2,-3.4',
      '2026-11-03T00:01:30Z,7i,-2.1,0.8',
      '1793664150,7i,0.5,0.8',
    ),
    want: { faceAngleDeg: [1.2, -2.1, 0.5] },
  },
  {
    name: 'two evenings in the west, by a clock in Greenwich',
    text: lines(
      'Time,Club,Face,Path',
      '2026-11-02T23:55:10Z,7i,1.2,-3.4',
      '2026-11-03T01:01:30Z,7i,-2.1,0.8',
      '2026-11-03T23:50:00Z,7i,0.5,0.8',
      '2026-11-04T00:20:00Z,7i,0.5,0.9',
    ),
    asks: ['parts'],
  },
  {
    name: 'two days above times alone',
    text: lines(
      'Time,Club,Face,Path',
      'Date: 2 November 2026,,,',
      '10:05,7i,1.2,-3.4',
      'Date: 3 November 2026,,,',
      '10:05,7i,-2.1,0.8',
    ),
    asks: ['parts'],
  },
  {
    name: 'days that could be either way round',
    text: lines('Time,Club,Face,Path', '03/04/2026,7i,1.2,-3.4', '05/04/2026,7i,-2.1,0.8'),
    asks: ['days', 'parts'],
  },
  {
    name: 'days of which one says what stands first',
    text: lines('Time,Club,Face,Path', '03/04/2026,7i,1.2,-3.4', '25/04/2026,7i,-2.1,0.8'),
    asks: ['parts'],
  },
  {
    name: 'somebody else’s',
    text: lines('Player,Club,Face,Path', 'Ben Stone,7i,1.2,-3.4'),
    options: { hand: 'right', player: 'Ada Reed' },
    asks: ['parts'],
  },
  {
    name: 'the other hand',
    text: lines('Player: Ada Reed', 'Hand: left', 'Club,Face (R+),Path (R+)', '7i,1.2,-3.4'),
    options: { hand: 'right', player: 'Ada Reed' },
    asks: ['parts'],
  },
  {
    name: 'the player by surname',
    text: lines('Player,Club,Face,Path', 'REED A.,7i,1.2,-3.4'),
    options: { hand: 'right', player: 'Ada Reed' },
    want: { faceAngleDeg: [1.2] },
  },
];
