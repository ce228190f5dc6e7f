/**
 * Files in invented dialects, each with what must be read of it. All hold the same three balls unless they say so:
 * a 7 iron that starts 0.3 right, one that starts 1.5 left, and a driver that starts 3.3 right.
 */
import type { IntakeOptions } from '../intake/parse.ts';
import type { BallQuantity } from '../intake/quantities.ts';

export interface WrittenFile {
  readonly name: string;
  readonly text: string;
  readonly options?: IntakeOptions;
  /** Figures of its balls in their order, in Loxos' units and signs; null where it must not be read. */
  readonly want?: Readonly<Partial<Record<BallQuantity, readonly (number | null)[]>>>;
  readonly clubs?: readonly (string | null)[];
  /** Kinds of the questions it must ask; none where it is to be read at once. */
  readonly asks?: readonly string[];
  /** Fates other than of balls, blanks and heads that rows must have, with how many. */
  readonly fates?: Readonly<Record<string, number>>;
}

export const FACE = [1.2, -2.1, 3] as const;
export const PATH = [-3.4, 0.8, 4.5] as const;
export const START = [0.3, -1.5, 3.3] as const;
const CLUBS = ['7-iron', '7-iron', 'driver'] as const;
const DELIVERED = { faceAngleDeg: FACE, clubPathDeg: PATH } as const;
const ALL = { ...DELIVERED, startDirectionDeg: START } as const;

const lines = (...rows: string[]): string => rows.join('\n');
/** The balls' rows in one notation: club, face, path, start. */
const rows = (
  cell: (value: number) => string,
  by = ',',
  clubs: readonly string[] = ['7 Iron', '7 Iron', 'Driver'],
): string[] =>
  FACE.map((face, i) => [clubs[i], cell(face), cell(PATH[i]!), cell(START[i]!)].join(by));
const plain = (value: number): string => String(value);
const comma = (value: number): string => String(value).replace('.', ',');
const letters =
  (right: string, left: string) =>
  (value: number): string =>
    `${Math.abs(value)} ${value > 0 ? right : left}`;
const base = (head: string, cell = plain, by = ','): string => lines(head, ...rows(cell, by));

/** Units, delimiters, decimal marks, thousands. */
const LAYOUTS: readonly WrittenFile[] = [
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

/** What plus stands for, and sides in words. */
const SIGNS: readonly WrittenFile[] = [
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

/** What stands around the balls. */
const AROUND: readonly WrittenFile[] = [
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

/** Which of the columns is which. */
const COLUMNS: readonly WrittenFile[] = [
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

/** Whose balls they are. */
const PARTS: readonly WrittenFile[] = [
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
    name: 'two hands',
    text: lines('Hand,Club,Face,Path', 'R,7i,1.2,-3.4', 'L,7i,-2.1,0.8'),
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

/** Other languages. */
const LANGUAGES: readonly WrittenFile[] = [
  {
    name: 'German',
    text: base('Schläger;Schlagflächenwinkel;Schlägerpfad;Startrichtung', comma, ';').replaceAll(
      '7 Iron',
      'Eisen 7',
    ),
    want: ALL,
    clubs: CLUBS,
  },
  {
    name: 'German sides',
    text: base(
      'Schläger;Schlagflächenwinkel (links +);Schlägerpfad (Grad);Startrichtung',
      comma,
      ';',
    ),
    want: { faceAngleDeg: [-1.2, 2.1, -3], clubPathDeg: PATH },
  },
  {
    name: 'German words',
    text: lines(
      'Schläger;Schlägerpfad;Ballgeschwindigkeit (km/h);Spinrate (U/min)',
      'Eisen 7;3,4 links;180,0;6.480',
    ),
    want: { clubPathDeg: [-3.4], ballSpeedMps: [50], spinRateRpm: [6480] },
  },
  {
    name: 'French',
    text: base('Club;Angle de face;Chemin du club;Direction de départ', comma, ';'),
    want: ALL,
  },
  {
    name: 'French letters',
    text: lines(
      'Club;Angle de face;Chemin du club;Impact horizontal (mm)',
      'Fer 7;1,2 D;3,4 G;6 T',
    ),
    want: { faceAngleDeg: [1.2], clubPathDeg: [-3.4], strikeToeMm: [-6] },
  },
  {
    name: 'French averages',
    text: lines('Club;Angle de face;Vitesse de balle (km/h)', 'Fer 7;1,2;180', 'Moyenne;1,2;180'),
    want: { ballSpeedMps: [50] },
    fates: { summary: 1 },
  },
  {
    name: 'Spanish',
    text: base('Palo;Ángulo de la cara;Trayectoria del palo;Dirección de salida', comma, ';'),
    want: ALL,
  },
  {
    name: 'Spanish sides',
    text: lines(
      'Palo;Ángulo de la cara (izq +);Trayectoria del palo',
      'Hierro 7;1,2;3,4 izquierda',
    ),
    want: { faceAngleDeg: [-1.2], clubPathDeg: [-3.4] },
  },
  {
    name: 'Swedish',
    text: base('Klubba;Bladvinkel;Klubbana;Startriktning', comma, ';'),
    want: ALL,
  },
  {
    name: 'Swedish letters',
    text: lines('Klubba;Bladvinkel;Klubbana (V+/H-)', '7i;1,2 H;3,4'),
    want: { faceAngleDeg: [1.2], clubPathDeg: [-3.4] },
  },
  { name: 'Japanese', text: base('クラブ,フェース角,クラブパス,打ち出し方向'), want: ALL },
  {
    name: 'Japanese sides and units',
    text: lines(
      'クラブ,フェース角（右+）,クラブパス（度）,ボール初速（m/s）,キャリー（ヤード）',
      '7I,1.2,左 3.4,52,150',
    ),
    want: { faceAngleDeg: [1.2], clubPathDeg: [-3.4], ballSpeedMps: [52], carryM: [137.16] },
  },
  {
    name: 'Japanese averages',
    text: lines('クラブ,フェース角', '7I,1.2', '平均,1.2'),
    want: { faceAngleDeg: [1.2] },
    fates: { summary: 1 },
  },
  { name: 'Korean', text: base('클럽,페이스 앵글,클럽 패스,발사 방향'), want: ALL },
  {
    name: 'Korean sides',
    text: lines('클럽,페이스 각도(우+),클럽 패스,캐리(미터)', '7I,1.2,좌 3.4,140'),
    want: { faceAngleDeg: [1.2], clubPathDeg: [-3.4], carryM: [140] },
  },
];

export const WRITTEN_FILES: readonly WrittenFile[] = [
  ...LAYOUTS,
  ...SIGNS,
  ...AROUND,
  ...COLUMNS,
  ...PARTS,
  ...LANGUAGES,
];
