import { CLUBS, ALL, lines, plain, comma, base } from './balls.ts';
import type { WrittenFile } from './balls.ts';

/** Units, delimiters, decimal marks, thousands. */
export const LAYOUTS: readonly WrittenFile[] = [
  {
    name: 'commas',
    text: base('Club,Face Angle,Club Path,Launch Direction'),
    want: ALL,
    clubs: CLUBS,
  },
  {
    name: 'semicolons and decimal commas',
    text: base('Club;Face Angle;Club Path;Launch Direction', comma, ';'),
    want: ALL,
  },
  {
    name: 'tabs',
    text: base('Club\tFace Angle\tClub Path\tLaunch Direction', plain, '\t'),
    want: ALL,
  },
  {
    name: 'pipes',
    text: base('Club|Face Angle|Club Path|Launch Direction', plain, '|'),
    want: ALL,
  },
  { name: 'sep= line', text: lines('sep=;', base('Club;Face;Path;Start', plain, ';')), want: ALL },
  {
    name: 'carriage returns alone',
    text: base('Club,Face,Path,Start').replaceAll('\n', '\r'),
    want: ALL,
  },
  {
    name: 'quoted decimal commas between commas',
    text: base('Club,Face,Path,Start', (v) => `"${comma(v)}"`),
    want: ALL,
  },
  { name: 'a byte-order mark', text: `\ufeff${base('Club,Face,Path,Start')}`, want: ALL },
  {
    name: 'degree signs in the cells',
    text: base('Club,Face,Path,Start', (v) => `${v}°`),
    want: ALL,
  },
  {
    name: 'ordinal marks for degrees',
    text: base('Club,Face,Path,Start', (v) => `${v}º`),
    want: ALL,
  },
  {
    name: 'long minus signs',
    text: base('Club,Face,Path,Start', (v) => String(v).replace('-', '−')),
    want: ALL,
  },
  {
    name: 'trailing minus signs',
    text: base('Club,Face,Path,Start', (v) => (v < 0 ? `${-v}-` : `${v}`)),
    want: ALL,
  },
  {
    name: 'bracketed minus',
    text: base('Club,Face,Path,Start', (v) => (v < 0 ? `(${-v})` : `${v}`)),
    want: ALL,
  },
  {
    name: 'plus signs',
    text: base('Club,Face,Path,Start', (v) => (v > 0 ? `+${v}` : `${v}`)),
    want: ALL,
  },
  { name: 'stars for estimates', text: base('Club,Face,Path,Start', (v) => `${v}*`), want: ALL },
  {
    name: '"est." beside the figure',
    text: base('Club,Face,Path,Start', (v) => `${v} est.`),
    want: ALL,
  },
  {
    name: 'a row of units',
    text: lines('Club,Face,Path,Ball Speed', ',deg,deg,mph', '7i,1.2,-3.4,100'),
    want: { ballSpeedMps: [44.704] },
  },
  {
    name: 'units after the name',
    text: lines('club,face_angle_deg,ball_speed_mph,carry_yds', '7i,1.2,100,150'),
    want: { ballSpeedMps: [44.704], carryM: [137.16] },
  },
  {
    name: 'units in the cells',
    text: lines('Club,Face,Ball Speed,Carry', '7i,1.2,100 mph,150 yds', '7i,-2,101mph,151yds'),
    want: { ballSpeedMps: [44.704, 45.15104], carryM: [137.16, 138.0744] },
  },
  {
    name: 'thousands by comma',
    text: lines('Club,Face,Spin Rate', '7i,1.2,"6,480"', '7i,1.5,"6,210"'),
    want: { spinRateRpm: [6480, 6210] },
  },
  {
    name: 'thousands by point under decimal commas',
    text: lines('Club;Face;Spin Rate', '7i;1,2;6.480', '7i;1,5;6.210'),
    want: { spinRateRpm: [6480, 6210] },
  },
  {
    name: 'thousands by space',
    text: lines('Club;Face;Spin Rate', '7i;1.2;6 480', '7i;1.5;6\u202f210'),
    want: { spinRateRpm: [6480, 6210] },
  },
  {
    name: 'thousands by apostrophe',
    text: lines('Club;Face;Spin Rate', "7i;1.2;6'480", '7i;1.5;6’210'),
    want: { spinRateRpm: [6480, 6210] },
  },
  {
    name: 'a point that could part thousands',
    text: lines('Club;Spin Rate', '7i;6.480', '7i;6.210'),
    asks: ['decimal'],
  },
  {
    name: 'a speed without its unit',
    text: lines('Club,Face,Ball Speed', '7i,1.2,52'),
    asks: ['unit'],
  },
];
