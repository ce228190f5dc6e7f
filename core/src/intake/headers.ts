import type { Unit } from '../units/units.ts';
import { INTAKE_LIMITS } from './limits.ts';
import type { Quantity } from './quantities.ts';

/** What a column holds: a quantity, a text the app uses, or nothing it knows. */
export type ColumnMeaning = Quantity | 'club' | 'hitAt';

/** Names columns go by, without units, spaces and case; from plain field usage. */
const NAMES: Readonly<Record<ColumnMeaning, string>> = {
  club: 'club clubname clubtype clubused',
  hitAt: 'time date timestamp datetime shottime hitat',
  clubSpeedMps: 'clubspeed clubheadspeed headspeed swingspeed clubvelocity',
  attackAngleDeg: 'attackangle angleofattack aoa attack attackang',
  clubPathDeg: 'clubpath path swingpath clubpathangle pathangle',
  faceAngleDeg:
    'faceangle face clubface clubfaceangle facetotarget faceang faceangletotarget clubfacetotarget',
  faceToPathDeg: 'facetopath facepath ftp f2p facetopathangle clubfacetopath faceangletopath',
  dynamicLoftDeg: 'dynamicloft dynloft deliveredloft loftatimpact',
  spinLoftDeg: 'spinloft',
  swingDirectionDeg: 'swingdirection swingdir swingdirectionangle',
  swingPlaneDeg: 'swingplane swingplaneangle planeangle',
  strikeToeMm:
    'striketowardsthetoe striketoe strikex impacttoe impactx horizontalimpact impacthorizontal toe toeheel faceimpacthorizontal impactoffset strikehorizontal',
  strikeHighMm:
    'strikeabovethemiddle strikehigh strikey impacty impactheight verticalimpact impactvertical highlow faceimpactvertical impacthigh strikevertical',
  ballSpeedMps: 'ballspeed ballvelocity initialballspeed ballspd',
  launchAngleDeg:
    'launchangle launch verticallaunch verticallaunchangle vla launchv vertlaunch launchang',
  startDirectionDeg:
    'launchdirection startdirection startline horizontallaunch horizontallaunchangle hla azimuth launchh direction startdir launchdir sideangle start',
  spinRateRpm: 'spinrate totalspin spin ballspin spinratetotal',
  spinAxisTiltDeg: 'spinaxis spinaxistilt axis axistilt spintilt spinaxisangle',
  backSpinRpm: 'backspin backspinrate',
  sideSpinRpm: 'sidespin sidespinrate',
  carryM: 'carry carrydistance carrydist carrylength carryflat',
  totalM: 'total totaldistance totaldist totallength',
  offlineM:
    'offline side carryside sidecarry lateral deviation offlinedistance carryoffline sidedistance offlinecarry',
  curveM: 'curve curvature bend curvedistance',
  apexM: 'apex height maxheight peakheight apexheight maximumheight',
  descentAngleDeg: 'descentangle landingangle landangle angleofdescent descent landang',
  flightTimeS: 'flighttime hangtime airtime timeofflight carrytime',
};

const BY_NAME: ReadonlyMap<string, ColumnMeaning> = new Map(
  Object.entries(NAMES).flatMap(([meaning, names]) =>
    names.split(' ').map((name) => [name, meaning as ColumnMeaning] as const),
  ),
);

const UNIT_NAMES: Readonly<Record<Unit, string>> = {
  m: 'm metre metres meter meters mtr',
  cm: 'cm',
  mm: 'mm',
  yd: 'yd yds yard yards y',
  ft: 'ft feet foot',
  in: 'in inch inches',
  'm/s': 'm/s mps ms-1 m·s-1',
  mph: 'mph mi/h',
  'km/h': 'km/h kph kmh',
  deg: 'deg degree degrees ° º degs',
  rad: 'rad radians',
  rpm: 'rpm rev/min r/min 1/min',
  'rev/s': 'rev/s rps',
  'rad/s': 'rad/s',
  s: 's sec secs second seconds',
  ms: 'ms msec',
};

const UNIT_BY_NAME: ReadonlyMap<string, Unit> = new Map(
  Object.entries(UNIT_NAMES).flatMap(([unit, names]) =>
    names.split(' ').map((name) => [name, unit as Unit] as const),
  ),
);

/** The unit a text means (`[mph]`, `(°)`, `yds`), or null. */
export const recogniseUnit = (text: string): Unit | null =>
  UNIT_BY_NAME.get(text.toLowerCase().replace(/[\s[\](){}.]/g, '')) ?? null;

export interface RecognisedHeader {
  readonly meaning: ColumnMeaning | null;
  readonly unit: Unit | null;
}

const BRACKETED = /[([{]([^)\]}]*)[)\]}]/;
const TRAILING_UNIT =
  /^(.*?)[\s,_-]+(mph|kph|km\/h|m\/s|mps|yds?|yards|feet|ft|met(?:re|er)s?|m|deg|°|rpm|mm|cm|in|sec|s)\s*$/i;

const nameKey = (text: string): string => text.toLowerCase().replace(/[^a-z0-9]/g, '');

/** What a header means and the unit it states: `Club Path (deg)`, `ball speed [mph]`, `Carry yds`. */
export function recogniseHeader(header: string): RecognisedHeader {
  if (header.length > INTAKE_LIMITS.headerLetters) return { meaning: null, unit: null };
  const bracketed = BRACKETED.exec(header);
  const bare = bracketed === null ? header : header.replace(BRACKETED, ' ');
  const bracketUnit = bracketed === null ? null : recogniseUnit(bracketed[1] ?? '');
  const whole = BY_NAME.get(nameKey(bare));
  if (whole !== undefined) return { meaning: whole, unit: bracketUnit };
  const trailing = TRAILING_UNIT.exec(bare.trim());
  const meaning = trailing === null ? undefined : BY_NAME.get(nameKey(trailing[1] ?? ''));
  if (meaning === undefined) return { meaning: null, unit: bracketUnit };
  return { meaning, unit: bracketUnit ?? recogniseUnit(trailing?.[2] ?? '') };
}
