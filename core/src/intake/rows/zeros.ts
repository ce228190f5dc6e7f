/** Zeros that say nothing was measured. */
import type { Draft } from './row.ts';
import { infoOf } from '../quantities.ts';
import type { BallQuantity } from '../quantities.ts';

export const ZERO_DEFAULTS = {
  /** A column of so many balls that is 0 throughout was not measured. */
  balls: 3,
  /** Sideways figures of the club that are all 0 in one row: so many say it was not seen. */
  figures: 3,
  /** A strike exactly in the middle, both ways, in more than this share of the balls is none. */
  strikes: 0.5,
} as const;

const OF_BALL: readonly BallQuantity[] = [
  'ballSpeedMps',
  'launchAngleDeg',
  'startDirectionDeg',
  'spinRateRpm',
  'carryM',
  'totalM',
  'offlineM',
  'apexM',
  'flightTimeS',
];
const OF_CLUB: readonly BallQuantity[] = [
  'clubPathDeg',
  'faceAngleDeg',
  'faceToPathDeg',
  'attackAngleDeg',
  'swingDirectionDeg',
];

/** Why a row is no ball though it has figures: nothing left the club. Null for a ball. */
export function noBall({ ball }: Draft): string | null {
  if (ball.ballSpeedMps === 0) return 'No ball was struck: its speed is 0.';
  let seen = 0;
  for (const quantity of OF_BALL) {
    const value = ball[quantity];
    if (value === null) continue;
    if (value !== 0) return null;
    seen += 1;
  }
  const canTell = ball.carryM === 0 || ball.totalM === 0 || seen > 2;
  return seen > 0 && canTell ? 'No ball was struck: every figure of its flight is 0.' : null;
}

/** Takes out the zeros of a quantity, and counts them. */
function takeOut(drafts: readonly Draft[], quantity: BallQuantity): number {
  let count = 0;
  for (const { ball } of drafts) {
    if (ball[quantity] !== 0) continue;
    ball[quantity] = null;
    count += 1;
  }
  return count;
}

const isZero = (value: number | null): boolean => value === 0;
const rows = (count: number): string => (count === 1 ? '1 row' : `${count} rows`);

/** Returns whether the club was not seen in a row: its sideways figures are all 0, and they are several or it has no speed. */
function isBlind({ ball }: Draft, quantities: readonly BallQuantity[], hasNone: boolean): boolean {
  let seen = 0;
  for (const quantity of quantities) {
    const value = ball[quantity];
    if (value === null) continue;
    if (value !== 0) return false;
    seen += 1;
  }
  return seen >= ZERO_DEFAULTS.figures || (hasNone && seen > 0);
}

/**
 * Takes out zeros that cannot be figures, and says which: what a struck ball cannot have none of, a column that is 0 in
 * every row, a club whose sideways figures are all 0, strikes exactly in the middle again and again. `zeros` are the
 * quantities that are 0 somewhere, of those the file has.
 */
export function withoutZeros(
  drafts: readonly Draft[],
  zeros: readonly BallQuantity[],
  has: readonly BallQuantity[],
): string[] {
  const notes: string[] = [];
  const ofClub = OF_CLUB.filter((quantity) => has.includes(quantity));
  let blind = 0;
  for (const draft of drafts) {
    const { ball } = draft;
    const hasNone = ball.clubSpeedMps === 0 || ball.dynamicLoftDeg === 0;
    if (!isBlind(draft, ofClub, hasNone)) continue;
    for (const quantity of ofClub) ball[quantity] = null;
    blind += 1;
  }
  for (const quantity of zeros) {
    if (infoOf(quantity).canBeZero) continue;
    const count = takeOut(drafts, quantity);
    if (count > 0)
      notes.push(`${infoOf(quantity).label} is 0 in ${rows(count)}: taken as not measured.`);
  }
  if (blind > 0)
    notes.push(`Every figure of the club is 0 in ${rows(blind)}: taken as not measured.`);
  return [...notes, ...zeroColumns(drafts, zeros), ...zeroStrikes(drafts, zeros)];
}

/** Returns whether a quantity is 0 wherever it is given, in several rows. */
function isZeroThroughout(drafts: readonly Draft[], quantity: BallQuantity): boolean {
  let seen = 0;
  for (const { ball } of drafts) {
    const value = ball[quantity];
    if (value === null) continue;
    if (value !== 0) return false;
    seen += 1;
  }
  return seen >= ZERO_DEFAULTS.balls;
}

const zeroColumns = (drafts: readonly Draft[], has: readonly BallQuantity[]): string[] =>
  has.flatMap((quantity) => {
    if (!isZeroThroughout(drafts, quantity)) return [];
    takeOut(drafts, quantity);
    return [`${infoOf(quantity).label} is 0 in every row: taken as not measured.`];
  });

function zeroStrikes(drafts: readonly Draft[], has: readonly BallQuantity[]): string[] {
  if (!has.includes('strikeToeMm') || !has.includes('strikeHighMm')) return [];
  const seen = drafts.filter(({ ball }) => ball.strikeToeMm !== null && ball.strikeHighMm !== null);
  const middle = seen.filter(({ ball }) => isZero(ball.strikeToeMm) && isZero(ball.strikeHighMm));
  if (middle.length < ZERO_DEFAULTS.balls || middle.length <= ZERO_DEFAULTS.strikes * seen.length)
    return [];
  for (const { ball } of middle) [ball.strikeToeMm, ball.strikeHighMm] = [null, null];
  return [`The strike is 0 both ways in ${rows(middle.length)}: taken as not measured.`];
}
