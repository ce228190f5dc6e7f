import { CLUBS, DELIVERED, ALL, lines, base } from './balls.ts';
import type { WrittenFile } from './balls.ts';

/** What stands around the balls. */
export const AROUND: readonly WrittenFile[] = [
  {
    name: 'an average named by its club',
    text: lines(base('Club,Face,Path,Start'), 'Driver Avg,1,1,1'),
    want: ALL,
    fates: { summary: 1 },
  },
  {
    name: 'an average in a later column',
    text: lines('No,Club,Face,Path', '1,7i,1.2,-3.4', '2,7i,-2.1,0.8', ',Average,-0.5,-1.3'),
    want: { faceAngleDeg: [1.2, -2.1] },
    fates: { summary: 1 },
  },
  {
    name: 'an average in the column of numbers',
    text: lines('Shot,Face,Path', '1,1.2,-3.4', 'Mean,1.2,-3.4', 'Std. Dev.,0,0'),
    want: { faceAngleDeg: [1.2] },
    fates: { summary: 2 },
  },
  {
    name: 'Durchschnitt',
    text: lines(
      'Schläger;Schlagflächenwinkel;Schlägerpfad',
      'Eisen 7;1,2;-3,4',
      'Durchschnitt;1,2;-3,4',
    ),
    want: { faceAngleDeg: [1.2] },
    fates: { summary: 1 },
  },
  {
    name: 'a tour average',
    text: lines(base('Club,Face,Path,Start'), 'Tour Average,0,0,0'),
    want: ALL,
    fates: { summary: 1 },
  },
  {
    name: 'a target row',
    text: lines(base('Club,Face,Path,Start'), 'Target,0,2,0'),
    want: ALL,
    fates: { summary: 1 },
  },
  {
    name: 'a word that may be a summary, elsewhere',
    text: lines('Club,Face,Path,Remark', '7i,1.2,-3.4,', '7i,0,2,target'),
    want: { faceAngleDeg: [1.2] },
    fates: { rejected: 1 },
  },
  {
    name: 'an average without a word',
    text: lines(
      'Club,Face,Path,Launch,Spin,Attack',
      '7i,1.2,-3.4,18.1,6100,-3.1',
      '7i,-2.1,0.8,19.3,6500,-4.2',
      '7i,3,4.5,17.2,5900,-2.7',
      '7i,0.4,1.3,18.8,6900,-5.1',
      '7i,0.6,0.8,18.4,6350,-3.8',
    ),
    want: { faceAngleDeg: [1.2, -2.1, 3, 0.4] },
    fates: { summary: 1 },
  },
  {
    name: 'a column of targets',
    text: lines(
      'Club,Face,Path,Aim',
      '7i,1.2,-3.4,Target 1',
      '7i,-2.1,0.8,Target 2',
      'Driver,3,4.5,Target 1',
    ),
    want: DELIVERED,
  },
  {
    name: 'a player called Max',
    text: lines('Player,Club,Face,Path', 'Max,7i,1.2,-3.4', 'Max,7i,-2.1,0.8'),
    want: { faceAngleDeg: [1.2, -2.1] },
  },
  {
    name: 'a head that comes again',
    text: lines('Club,Face,Path', '7i,1.2,-3.4', 'Club,Face,Path', '7i,-2.1,0.8'),
    want: { faceAngleDeg: [1.2, -2.1], clubPathDeg: [-3.4, 0.8] },
  },
  {
    name: 'a head that comes again in another order',
    text: lines('Club,Face,Path', '7i,1.2,-3.4', 'Club,Path,Face', '7i,0.8,-2.1'),
    want: { faceAngleDeg: [1.2, -2.1], clubPathDeg: [-3.4, 0.8] },
  },
  {
    name: 'units that hold for a head that comes again',
    text: lines('Club,Ball Speed', ',mph', '7i,100', 'Club,Ball Speed', '7i,100'),
    want: { ballSpeedMps: [44.704, 44.704] },
  },
  {
    name: 'names over two rows, in groups',
    text: lines(
      ',Club,,Ball,',
      'Type,Speed,Path,Speed,Direction',
      ',mph,deg,mph,deg',
      '7i,80,-3.4,100,0.3',
    ),
    want: {
      clubSpeedMps: [35.7632],
      clubPathDeg: [-3.4],
      ballSpeedMps: [44.704],
      startDirectionDeg: [0.3],
    },
  },
  {
    name: 'names over two rows, one under the other',
    text: lines('Club,Face,Club,Launch', 'Type,Angle,Path,Direction', '7i,1.2,-3.4,0.3'),
    want: { faceAngleDeg: [1.2], clubPathDeg: [-3.4], startDirectionDeg: [0.3] },
  },
  {
    name: 'clubs as titles',
    text: lines('Face,Path', '7 Iron,', '1.2,-3.4', '-2.1,0.8', 'Driver,', '3,4.5'),
    want: DELIVERED,
    clubs: CLUBS,
    fates: { title: 2 },
  },
  {
    name: 'a preamble that names the club',
    text: lines('Session 4', 'Club: 7 Iron', '', 'Face,Path', '1.2,-3.4'),
    want: { faceAngleDeg: [1.2] },
    clubs: ['7-iron'],
  },
  {
    name: 'notes below',
    text: lines(base('Club,Face,Path,Start'), '', 'Exported for the coach'),
    want: ALL,
    fates: { note: 1 },
  },
  {
    name: 'a practice swing',
    text: lines('Club,Face,Path,Ball Speed (mph),Carry (yd)', '7i,1.2,-3.4,100,150', '7i,0,0,0,0'),
    want: { faceAngleDeg: [1.2] },
    fates: { rejected: 1 },
  },
  {
    name: 'a swing with no ball',
    text: lines(
      'Club,Face,Path,Ball Speed (mph),Carry (yd)',
      '7i,1.2,-3.4,100,150',
      '7i,2.2,1.1,0,0',
    ),
    want: { faceAngleDeg: [1.2] },
    fates: { rejected: 1 },
  },
  {
    name: 'a column that is 0 throughout',
    text: lines('Club,Face,Path,Offline (m)', '7i,1.2,-3.4,0', '7i,-2.1,0.8,0', 'Driver,3,4.5,0'),
    want: { ...DELIVERED, offlineM: [null, null, null] },
  },
  {
    name: 'a spin of 0',
    text: lines('Club,Face,Path,Spin Rate', '7i,1.2,-3.4,0', '7i,-2.1,0.8,6400'),
    want: { spinRateRpm: [null, 6400] },
  },
  {
    name: 'a club that was not seen',
    text: lines('Club,Face,Path,Attack,Launch Direction', '7i,0,0,0,0.3', '7i,-2.1,0.8,-4,-1.5'),
    want: { faceAngleDeg: [null, -2.1], clubPathDeg: [null, 0.8], startDirectionDeg: [0.3, -1.5] },
  },
  {
    name: 'an unclosed quotation mark',
    text: lines('Club,Face,Path', '7i,1.2,-3.4', '7i,"2,1', '7i,-2.1,0.8'),
    want: { faceAngleDeg: [1.2, -2.1] },
    fates: { rejected: 1 },
  },
  {
    name: 'decimal commas between commas, unquoted',
    text: lines('Club,Face,Path', '7i,1,2,-3,4', '7i,-2,1,0,8'),
    want: {},
    fates: { rejected: 2 },
  },
];
