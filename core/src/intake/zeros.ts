/** Zeros that say nothing was measured. */
import type { Draft } from './row.ts';
import { BALL_QUANTITIES, infoOf } from './quantities.ts';
import type { BallQuantity } from './quantities.ts';

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
const NEVER_ZERO = BALL_QUANTITIES.filter((quantity) => !infoOf(quantity).canBeZero);

/** Why a row is no ball though it has figures: nothing left the club. Null for a ball. */
export function noBall({ ball }: Draft): string | null {
  const seen = OF_BALL.map((quantity) => ball[quantity]).filter((value) => value !== null);
  if (ball.ballSpeedMps === 0) return 'No ball was struck: its speed is 0.';
  const isStill = seen.length > 0 && seen.every((value) => value === 0);
  const canTell = ball.carryM === 0 || ball.totalM === 0 || seen.length > 2;
  return isStill && canTell ? 'No ball was struck: every figure of its flight is 0.' : null;
}

/** Takes out a draft's zeros among some quantities, and counts them. */
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

/**
 * Takes out zeros that cannot be figures, and says which: what a struck ball cannot have none of, a column that is 0 in
 * every row, a club whose sideways figures are all 0, strikes exactly in the middle again and again.
 */
export function withoutZeros(drafts: readonly Draft[]): string[] {
  const notes: string[] = [];
  const label = (quantity: BallQuantity): string => infoOf(quantity).label;
  const unseen = new Set<Draft>();
  for (const draft of drafts) {
    const { ball } = draft;
    if (ball.clubSpeedMps === 0 || ball.dynamicLoftDeg === 0) unseen.add(draft);
  }
  for (const quantity of NEVER_ZERO) {
    const count = takeOut(drafts, quantity);
    if (count > 0) notes.push(`${label(quantity)} is 0 in ${rows(count)}: taken as not measured.`);
  }
  let blind = 0;
  for (const draft of drafts) {
    const seen = OF_CLUB.filter((quantity) => draft.ball[quantity] !== null);
    const enough = seen.length >= ZERO_DEFAULTS.figures || (unseen.has(draft) && seen.length > 0);
    if (!enough || !seen.every((quantity) => isZero(draft.ball[quantity]))) continue;
    for (const quantity of seen) draft.ball[quantity] = null;
    blind += 1;
  }
  if (blind > 0)
    notes.push(`Every figure of the club is 0 in ${rows(blind)}: taken as not measured.`);
  notes.push(...zeroColumns(drafts), ...zeroStrikes(drafts));
  return notes;
}

const rows = (count: number): string => (count === 1 ? '1 row' : `${count} rows`);

function zeroColumns(drafts: readonly Draft[]): string[] {
  return BALL_QUANTITIES.flatMap((quantity) => {
    const seen = drafts.filter(({ ball }) => ball[quantity] !== null);
    if (seen.length < ZERO_DEFAULTS.balls || !seen.every(({ ball }) => isZero(ball[quantity])))
      return [];
    takeOut(seen, quantity);
    return [`${infoOf(quantity).label} is 0 in every row: taken as not measured.`];
  });
}

function zeroStrikes(drafts: readonly Draft[]): string[] {
  const seen = drafts.filter(({ ball }) => ball.strikeToeMm !== null && ball.strikeHighMm !== null);
  const middle = seen.filter(({ ball }) => isZero(ball.strikeToeMm) && isZero(ball.strikeHighMm));
  if (middle.length < ZERO_DEFAULTS.balls || middle.length <= ZERO_DEFAULTS.strikes * seen.length)
    return [];
  for (const { ball } of middle) [ball.strikeToeMm, ball.strikeHighMm] = [null, null];
  return [`The strike is 0 both ways in ${rows(middle.length)}: taken as not measured.`];
}
