/** Which columns are in another unit than they are read in: sizes tried against the forward model. */
import { median } from '../../maths/statistics.ts';
import { UNIT_FACTORS } from '../../units/units.ts';
import type { Unit } from '../../units/units.ts';
import { UNKNOWN_PLAYER } from '../../delivery/usual.ts';
import type { PhysicsRow } from './measured-rows.ts';
import { USUAL_SMASH, struck } from './measured-rows.ts';

export const SCALE_DEFAULTS = {
  /** So few balls tell nothing. */
  balls: 5,
  /** Natural logarithms by which sizes may miss what the model gives: speeds of players, smash, heights, sides. */
  speedSd: 0.3,
  smashSd: 0.08,
  apexSd: 0.15,
  sideSd: 0.3,
  spinSd: 0.5,
  totalSd: 0.12,
  /** Price of each unit changed, and what a change must gain. */
  price: 2,
  gain: 5,
  /** What still misses so much in the other unit, in squared errors halved, is not mended by it. */
  leaves: 4,
  /** A miss costs no more than this, in squared errors halved: six of them. */
  mostCost: 18,
  /** Carry misses by less than this in ordinary air; another unit must fit within the second. Yards against metres are 0.089. */
  carryMiss: 0.0465,
  carryFit: 0.04,
  /** Share of a driver's speed a club is swung at that is not known. */
  unknownSpeedShare: 0.85,
  /** Total over carry of a usual full shot (common practice, no source). */
  usualRoll: 1.07,
  /** Club speed a smash factor is told at, m/s: it hardly changes with speed. */
  smashAtMps: 35,
  /** Balls that miss by less than this on the whole are wind and error, which have no unit to tell; m. */
  leastSideM: 5,
  /** Natural logarithm by which an angle's usual size may miss: radians for degrees are 4. */
  angleSd: 0.75,
  /** What one must gain where another is in radians already: a file seldom has both. */
  angleGain: 1,
} as const;

/** Usual sizes of angles, degrees: root mean squares of players' figures (common practice, no source). */
const USUAL_ANGLES = {
  clubPathDeg: 4,
  faceAngleDeg: 3,
  faceToPathDeg: 4,
  attackAngleDeg: 4,
  dynamicLoftDeg: 20,
  spinLoftDeg: 22,
  swingDirectionDeg: 5,
  swingPlaneDeg: 55,
  launchAngleDeg: 16,
  startDirectionDeg: 3,
  spinAxisTiltDeg: 8,
  descentAngleDeg: 42,
} as const;
type Angle = keyof typeof USUAL_ANGLES;
export const ANGLES = Object.keys(USUAL_ANGLES) as readonly Angle[];

/** Figures whose size can be tried. */
export const SCALED = [
  ...ANGLES,
  'clubSpeedMps',
  'ballSpeedMps',
  'carryM',
  'totalM',
  'offlineM',
  'apexM',
  'spinRateRpm',
] as const;
export type Scaled = (typeof SCALED)[number];

/** A column with the units it could be in. */
export interface ScaledColumn {
  readonly quantity: Scaled;
  readonly unit: Unit;
  readonly units: readonly Unit[];
}

/** A column that would fit in another unit. */
export interface OtherUnit {
  readonly quantity: Scaled;
  readonly unit: Unit;
}

interface Option {
  readonly unit: Unit;
  /** Logarithm of what its figures must be multiplied by. */
  readonly log: number;
}

const optionsOf = (column: ScaledColumn | undefined): readonly Option[] =>
  column === undefined
    ? [{ unit: 'm', log: 0 }]
    : column.units.map((unit) => ({
        unit,
        log: Math.log(UNIT_FACTORS[unit] / UNIT_FACTORS[column.unit]),
      }));

/** Returns the middle of what balls give, where enough give anything. */
function middle(values: readonly (number | null)[]): number | null {
  const some = values.filter((value): value is number => value !== null && Number.isFinite(value));
  return some.length < SCALE_DEFAULTS.balls ? null : median(some);
}

const miss = (value: number | null, sd: number): number =>
  value === null ? 0 : -Math.min(SCALE_DEFAULTS.mostCost, (value / sd) ** 2 / 2);
const logRatio = (value: number | null, usual: number): number | null =>
  value === null || value <= 0 || usual <= 0 ? null : Math.log(value / usual);

/** Returns what a club is swung at by a player about whom nothing is known, m/s. */
const usualSpeedMps = ({ club }: PhysicsRow): number =>
  UNKNOWN_PLAYER.driverSpeedMps * (club?.speedShare ?? SCALE_DEFAULTS.unknownSpeedShare);

/** Club and ball speed, against each other and against what players swing. */
function speeds(
  rows: readonly PhysicsRow[],
  club?: ScaledColumn,
  ball?: ScaledColumn,
): OtherUnit[] {
  const smash = middle(
    rows.map((row) => {
      const { ballSpeedMps, clubSpeedMps } = row.ball;
      if (ballSpeedMps === null || clubSpeedMps === null || clubSpeedMps <= 0) return null;
      const sane = { ...row, plain: { ...row.plain, clubSpeedMps: SCALE_DEFAULTS.smashAtMps } };
      const { faceAngleDeg, clubPathDeg } = row.plain;
      return logRatio(
        ballSpeedMps / clubSpeedMps,
        struck(sane, faceAngleDeg, clubPathDeg).smashFactor,
      );
    }),
  );
  const clubOff = middle(rows.map((row) => logRatio(row.ball.clubSpeedMps, usualSpeedMps(row))));
  const ballOff = middle(
    rows.map((row) => logRatio(row.ball.ballSpeedMps, USUAL_SMASH * usualSpeedMps(row))),
  );
  const { speedSd, smashSd, price, gain, leaves } = SCALE_DEFAULTS;
  const choices = optionsOf(club).flatMap((c) =>
    optionsOf(ball).map((b) => {
      const changed = Number(c.log !== 0) + Number(b.log !== 0);
      const at = (value: number | null, by: number): number | null =>
        value === null ? null : value + by;
      const score =
        miss(at(smash, b.log - c.log), smashSd) +
        miss(at(clubOff, c.log), speedSd) +
        miss(at(ballOff, b.log), speedSd) -
        price * changed;
      return { c, b, changed, score };
    }),
  );
  const asWritten = choices.find(({ changed }) => changed === 0)!;
  const best = choices.reduce((a, b) => (b.score > a.score ? b : a));
  const isMended =
    best.score - asWritten.score >= gain && -best.score <= leaves + price * best.changed;
  if (!isMended) return [];
  const found: OtherUnit[] = [];
  if (best.c.log !== 0) found.push({ quantity: 'clubSpeedMps', unit: best.c.unit });
  if (best.b.log !== 0) found.push({ quantity: 'ballSpeedMps', unit: best.b.unit });
  return found;
}

/** Returns the unit of one column under which its miss is likeliest; none where that is the one it is read in. */
function better(
  column: ScaledColumn | undefined,
  off: number | null,
  sd: number,
  gain: number = SCALE_DEFAULTS.gain,
): OtherUnit[] {
  if (column === undefined || off === null) return [];
  const { price, leaves } = SCALE_DEFAULTS;
  const scored = optionsOf(column).map((option) => ({
    option,
    score: miss(off + option.log, sd) - (option.log === 0 ? 0 : price),
  }));
  const asWritten = scored.find(({ option }) => option.log === 0)!.score;
  const best = scored.reduce((a, b) => (b.score > a.score ? b : a));
  const isMended = best.score - asWritten >= gain && -best.score <= leaves + price;
  return !isMended ? [] : [{ quantity: column.quantity, unit: best.option.unit }];
}

/** Angles that are far too small for degrees. */
function angles(
  rows: readonly PhysicsRow[],
  of: (quantity: Scaled) => ScaledColumn | undefined,
): OtherUnit[] {
  const sizes = ANGLES.map((quantity) => {
    const values = rows.flatMap(({ ball }) => ball[quantity] ?? []);
    const size = Math.sqrt(values.reduce((sum, value) => sum + value * value, 0) / values.length);
    const off =
      values.length < SCALE_DEFAULTS.balls ? null : logRatio(size, USUAL_ANGLES[quantity]);
    return { quantity, off };
  });
  const small = (gain: number): OtherUnit[] =>
    sizes.flatMap(({ quantity, off }) => better(of(quantity), off, SCALE_DEFAULTS.angleSd, gain));
  return small(SCALE_DEFAULTS.gain).length === 0 ? [] : small(SCALE_DEFAULTS.angleGain);
}

function carry(column: ScaledColumn | undefined, off: number | null): OtherUnit[] {
  const { carryMiss, carryFit } = SCALE_DEFAULTS;
  if (column === undefined || off === null || Math.abs(off) < carryMiss) return [];
  const fits = optionsOf(column)
    .filter(({ log }) => log !== 0 && Math.abs(off + log) < carryFit)
    .sort((a, b) => Math.abs(off + a.log) - Math.abs(off + b.log));
  return fits.slice(0, 1).map(({ unit }) => ({ quantity: 'carryM', unit }));
}

/**
 * Columns that fit what the others say in another unit and not in the one they are read in. Yards and metres are told
 * apart by carry alone, and only where the launch says how far it flies.
 */
export function otherUnits(
  rows: readonly PhysicsRow[],
  columns: readonly ScaledColumn[],
): OtherUnit[] {
  if (rows.length < SCALE_DEFAULTS.balls) return [];
  const of = (quantity: Scaled) => columns.find((column) => column.quantity === quantity);
  const found = [...angles(rows, of), ...speeds(rows, of('clubSpeedMps'), of('ballSpeedMps'))];
  const spin = better(
    of('spinRateRpm'),
    middle(rows.map((row) => logRatio(row.ball.spinRateRpm, usualSpinRpm(row)))),
    SCALE_DEFAULTS.spinSd,
  );
  found.push(...spin);
  // What flies with a speed or a spin in doubt tells nothing of the rest.
  if (found.length > 0) return found;
  const flights = rows.map((row) => {
    const { startDirectionDeg } = row.ball;
    return row.flies(startDirectionDeg ?? 0, row.axisDeg ?? 0);
  });
  const against = (key: 'carryM' | 'apexM'): number | null =>
    middle(rows.map(({ ball }, i) => logRatio(ball[key], flights[i]?.[key] ?? 0)));
  found.push(...carry(of('carryM'), against('carryM')));
  found.push(...better(of('apexM'), against('apexM'), SCALE_DEFAULTS.apexSd));
  const roll = middle(
    rows.map(({ ball }) => logRatio(ball.totalM, (ball.carryM ?? 0) * SCALE_DEFAULTS.usualRoll)),
  );
  if (found.length === 0) found.push(...better(of('totalM'), roll, SCALE_DEFAULTS.totalSd));
  const sides = rows.flatMap(({ ball }, i) => {
    const flight = flights[i];
    return ball.offlineM === null || flight == null
      ? []
      : [[ball.offlineM, flight.offlineM] as const];
  });
  const size = (at: 0 | 1): number =>
    Math.sqrt(sides.reduce((sum, one) => sum + one[at] ** 2, 0) / sides.length);
  if (sides.length >= SCALE_DEFAULTS.balls && size(1) > SCALE_DEFAULTS.leastSideM)
    found.push(...better(of('offlineM'), logRatio(size(0), size(1)), SCALE_DEFAULTS.sideSd));
  return found;
}

/** Sizes the balls can tell of: speeds against each other, spin by the club, lengths by the launch. */
export function sizesTold(rows: readonly PhysicsRow[]): ReadonlySet<Scaled> {
  const has = (...quantities: readonly Scaled[]): boolean =>
    rows.filter(({ ball }) => quantities.every((quantity) => ball[quantity] !== null)).length >=
    SCALE_DEFAULTS.balls;
  const flies = rows.filter((row) => row.flies(0, 0) !== null).length >= SCALE_DEFAULTS.balls;
  const told: Scaled[] = has('clubSpeedMps', 'ballSpeedMps')
    ? ['clubSpeedMps', 'ballSpeedMps']
    : [];
  if (has('spinRateRpm') && rows.some(({ club }) => club !== null)) told.push('spinRateRpm');
  if (flies) told.push(...(['carryM', 'apexM'] as const).filter((quantity) => has(quantity)));
  if (has('carryM', 'totalM')) told.push('totalM');
  return new Set(told);
}

/** Returns the spin of a usual full shot with the row's club and loft, rev/min. */
function usualSpinRpm(row: PhysicsRow): number {
  const plain = { ...row.plain, clubSpeedMps: usualSpeedMps(row) };
  return struck({ ...row, plain }, 0, 0).spinRateRpm;
}
