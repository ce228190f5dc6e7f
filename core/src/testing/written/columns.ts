import { ALL, lines, base } from './balls.ts';
import type { WrittenFile } from './balls.ts';

/** Which of the columns is which. */
export const COLUMNS: readonly WrittenFile[] = [
  {
    name: 'an average face beside the real one',
    text: lines('Club,Face (avg),Face Angle,Path', '7i,9,1.2,-3.4'),
    want: { faceAngleDeg: [1.2] },
  },
  {
    name: 'a total’s side before the carry’s',
    text: lines(
      'Club,Face,Total (yd),Side (yd),Carry (yd),Carry Side (yd)',
      '7i,1.2,160,12,150,10',
    ),
    want: { offlineM: [9.144], carryM: [137.16] },
  },
  {
    name: 'a side that is a total’s by name',
    text: lines('Club,Face,Total Side (yd),Carry (yd)', '7i,1.2,12,150'),
    want: { offlineM: [null], carryM: [137.16] },
  },
  {
    name: 'carry in two units',
    text: lines('Club,Face,Carry (m),Carry (yd)', '7i,1.2,137.2,150'),
    want: { carryM: [137.2] },
  },
  {
    name: 'two faces that differ',
    text: lines('Club,Face Angle,Face to Target,Path', '7i,1.2,4.4,-3.4', '7i,1,6,2'),
    asks: ['column'],
  },
  {
    name: 'a date and a time',
    text: lines('Date,Time,Club,Face', '2026-11-02,10:05,7i,1.2'),
    want: { faceAngleDeg: [1.2] },
  },
  {
    name: 'back and side spin',
    text: lines('Club,Face,Back Spin,Side Spin', '7i,1,3000,-4000'),
    want: { spinRateRpm: [5000] },
  },
  {
    name: 'a name that is only like one',
    text: lines('Club,Face,Ball Sped (mph)', '7i,1,100'),
    asks: ['column'],
  },
  {
    name: 'a name with a word nobody knows',
    text: lines('Club,Face,Club Path (lead edge)', '7i,1,2'),
    asks: ['column'],
  },
  {
    name: 'strike in centimetres',
    text: lines('Club,Face,Impact X (cm),Impact Y (mm)', '7i,1,0.6 T,3', '7i,1,1.2 H,-4'),
    want: { strikeToeMm: [6, -12], strikeHighMm: [3, -4] },
  },
  {
    name: 'words run together',
    text: lines('clubType,faceAngle,clubPath,launchDirection', '7i,1.2,-3.4,0.3'),
    want: { faceAngleDeg: [1.2], clubPathDeg: [-3.4], startDirectionDeg: [0.3] },
  },
  {
    name: 'a head in capitals',
    text: base('CLUB,FACE ANGLE,CLUB PATH,LAUNCH DIRECTION'),
    want: ALL,
  },
  { name: 'nothing that is known', text: lines('Alpha,Beta', '1,2'), asks: ['columns'] },
];
