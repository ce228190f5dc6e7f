import { FACE, PATH, START, DELIVERED, ALL, lines, letters, base } from './balls.ts';
import type { WrittenFile } from './balls.ts';

/** What plus stands for, and sides in words. */
export const SIGNS: readonly WrittenFile[] = [
  {
    name: 'path as out-in plus',
    text: base('Club,Face Angle,Club Path (out-in +),Launch Direction'),
    want: { clubPathDeg: [3.4, -0.8, -4.5], faceAngleDeg: FACE },
  },
  {
    name: 'start as L+ R-',
    text: base('Club,Face,Path,Launch Direction (L+ R-)'),
    want: { startDirectionDeg: [-0.3, 1.5, -3.3] },
  },
  { name: 'start as R+ L-', text: base('Club,Face,Path,Launch Direction (R+/L-)'), want: ALL },
  {
    name: 'strike as heel plus',
    text: lines('Club,Face,Impact Offset (heel +)', '7i,1.2,6', '7i,1,-4'),
    want: { strikeToeMm: [-6, 4] },
  },
  {
    name: 'strike with unit and sign in one bracket',
    text: lines('Club,Face,Impact Offset (mm; toe +)', '7i,1.2,6'),
    want: { strikeToeMm: [6] },
  },
  {
    name: 'an axis that is positive left',
    text: lines('Club,Face,Spin Axis (+ = left)', '7i,1.2,6', '7i,1,-4'),
    want: { spinAxisTiltDeg: [-6, 4] },
  },
  {
    name: 'positive in words',
    text: base('Club,Face (open is positive),Path (in-to-out positive),Start (right positive)'),
    want: ALL,
  },
  {
    name: 'both signs with their words',
    text: base('Club,Face (open +; closed -),Path (in-out +; out-in -),Start'),
    want: ALL,
  },
  { name: 'signs first', text: base('Club,Face [+R/-L],Path [+R/-L],Start [+R/-L]'), want: ALL },
  {
    name: 'closed plus',
    text: base('Club,Face (closed +),Path,Start'),
    want: { faceAngleDeg: [-1.2, 2.1, -3], clubPathDeg: PATH },
  },
  {
    name: 'in-to-out plus turns with a left-hander',
    text: base('Club,Face (open +),Path (in-out +),Start (R+)'),
    options: { hand: 'left' },
    want: {
      faceAngleDeg: [-1.2, 2.1, -3],
      clubPathDeg: [3.4, -0.8, -4.5],
      startDirectionDeg: START,
    },
  },
  {
    name: 'signs that cannot be made out',
    text: base('Club,Face,Path (L+ R+),Start'),
    asks: ['plus'],
  },
  {
    name: 'of a left-hander, signs that cannot be made out and signs that are explained',
    text: base('Club,Face (R+),Path (L+ R+),Start (R+)'),
    options: { hand: 'left' },
    asks: ['plus'],
  },
  {
    name: 'a sign of another kind of column',
    text: base('Club,Face,Path (toe +),Start'),
    asks: ['plus'],
  },
  { name: 'letters behind', text: base('Club,Face,Path,Start', letters('R', 'L')), want: ALL },
  {
    name: 'letters without a space',
    text: base('Club,Face,Path,Start', (v) => `${Math.abs(v)}${v > 0 ? 'R' : 'L'}`),
    want: ALL,
  },
  {
    name: 'letters in front',
    text: base('Club,Face,Path,Start', (v) => `${v > 0 ? 'R' : 'L'}${Math.abs(v)}`),
    want: ALL,
  },
  {
    name: 'words in front',
    text: base('Club,Face,Path,Start', (v) => `${v > 0 ? 'right' : 'left'} ${Math.abs(v)}`),
    want: ALL,
  },
  {
    name: 'letters named in the head',
    text: base('Club,Face (L/R),Path (L/R),Start (L/R)', letters('R', 'L')),
    want: ALL,
  },
  {
    name: 'I-O and O-I',
    text: lines(
      'Club,Face,Path',
      ...FACE.map((f, i) => `7i,${f},${Math.abs(PATH[i]!)} ${PATH[i]! > 0 ? 'I-O' : 'O-I'}`),
    ),
    want: DELIVERED,
  },
  {
    name: 'in to out, in words',
    text: lines('Club,Face,Path', '7i,1.2 open,3.4 out to in', '7i,2.1 closed,0.8 in to out'),
    want: { faceAngleDeg: [1.2, -2.1], clubPathDeg: [-3.4, 0.8] },
  },
  {
    name: 'in to out of a left-hander',
    text: lines('Club,Face,Path', '7i,1.2 open,3.4 out-in'),
    options: { hand: 'left' },
    want: { faceAngleDeg: [-1.2], clubPathDeg: [3.4] },
  },
  {
    name: 'plain signs of a left-hander',
    text: base('Club,Face,Path,Start'),
    options: { hand: 'left' },
    asks: ['signs'],
  },
  {
    name: 'a sign and a side at once',
    text: lines('Club,Face,Path', '7i,-1.2 R,2', '7i,1,2'),
    want: { faceAngleDeg: [1] },
    fates: { rejected: 1 },
  },
  {
    name: 'draws and fades',
    text: lines('Club,Face,Curve (yd)', '7i,1,12 draw', '7i,1,10 fade'),
    want: { curveM: [-10.9728, 9.144] },
  },
  {
    name: 'attack named down',
    text: lines('Club,Face,Attack Angle', '7i,1,4.1 down', 'Driver,1,2 up'),
    want: { attackAngleDeg: [-4.1, 2] },
  },
];
