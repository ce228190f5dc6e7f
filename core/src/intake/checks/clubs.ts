/**
 * Clubs whose balls are another club's: how they launch, spin and leave the face, against a usual full shot of each club of
 * the bag. A monitor stays set to the club before, mostly.
 */
import { STANDARD_BAG, headOf } from '../../delivery/club.ts';
import type { Club } from '../../delivery/club.ts';
import { UNKNOWN_PLAYER, plainDelivery } from '../../delivery/usual.ts';
import { strike } from '../../impact/strike.ts';
import { median } from '../../maths/statistics.ts';
import type { Draft } from '../rows/row.ts';
import { USUAL_SMASH, someOf } from './measured-rows.ts';

export const CLUB_DEFAULTS = {
  /** So few balls of a club tell nothing, and more than so many no more: they are spread over them. */
  balls: 5,
  looked: 40,
  /** How far medians of players are from the usual shot of their club (common practice, no source): degrees, */
  launchSdDeg: 4,
  loftSdDeg: 5,
  /** and natural logarithms. */
  spinSd: 0.3,
  smashSd: 0.06,
  speedSd: 0.25,
  /** What the club as written must miss at least, what another may at most, and by how much it must be better: squared errors halved. */
  misses: 5.5,
  fits: 4,
  gain: 5.5,
  /** Clubs this near to the best are told beside it, so many at most. */
  near: 1.5,
  told: 3,
  /** Speeds of drivers that players are taken to swing, m/s. */
  slowestMps: 30,
  fastestMps: 58,
} as const;

/** What is told of a group of balls by its medians; null where too few say it. */
interface Middle {
  readonly launchDeg: number | null;
  readonly loftDeg: number | null;
  readonly spinRpm: number | null;
  readonly ballMps: number | null;
  readonly clubMps: number | null;
}

function middleOf(drafts: readonly Draft[]): Middle {
  const of = (quantity: keyof Draft['ball']): number | null => {
    const values = drafts.flatMap(({ ball }) => ball[quantity] ?? []) as number[];
    return values.length < CLUB_DEFAULTS.balls ? null : median(values);
  };
  return {
    launchDeg: of('launchAngleDeg'),
    loftDeg: of('dynamicLoftDeg'),
    spinRpm: of('spinRateRpm'),
    ballMps: of('ballSpeedMps'),
    clubMps: of('clubSpeedMps'),
  };
}

const square = (miss: number, sd: number): number => (miss / sd) ** 2 / 2;

/** Returns how far a group is from a club's usual full shot by a player of the speed it shows, in squared errors halved. */
function costOf(middle: Middle, club: Club): number {
  const { launchDeg, loftDeg, spinRpm, ballMps, clubMps } = middle;
  const { launchSdDeg, loftSdDeg, spinSd, smashSd, speedSd, slowestMps, fastestMps } =
    CLUB_DEFAULTS;
  const swung = clubMps ?? (ballMps === null ? null : ballMps / USUAL_SMASH);
  const driverMps = swung === null ? UNKNOWN_PLAYER.driverSpeedMps : swung / club.speedShare;
  const player = Math.min(fastestMps, Math.max(slowestMps, driverMps));
  const usual = plainDelivery(club, 'right', player);
  const launch = strike(usual, headOf(club));
  const log = (value: number | null, by: number, sd: number): number =>
    value === null || value <= 0 ? 0 : square(Math.log(value / by), sd);
  const plain = (value: number | null, by: number, sd: number): number =>
    value === null ? 0 : square(value - by, sd);
  const smash = ballMps === null || clubMps === null ? null : ballMps / clubMps;
  return (
    plain(launchDeg, launch.launchAngleDeg, launchSdDeg) +
    plain(loftDeg, usual.dynamicLoftDeg, loftSdDeg) +
    log(spinRpm, launch.spinRateRpm, spinSd) +
    log(smash, launch.smashFactor, smashSd) +
    log(driverMps, UNKNOWN_PLAYER.driverSpeedMps, speedSd)
  );
}

/** Balls that the file gives to one club and that are another's. */
export interface OtherClub {
  /** The club as the file writes it. */
  readonly text: string;
  readonly ballCount: number;
  readonly written: Club;
  /** The likeliest first. */
  readonly rather: readonly Club[];
}

/** Balls by what the file calls their club, where it is one of the bag. */
function byClub(drafts: readonly Draft[]): Map<string, Draft[]> {
  const groups = new Map<string, Draft[]>();
  for (const draft of drafts) {
    const { club, clubText } = draft.ball;
    if (club === null || clubText === null) continue;
    const group = groups.get(clubText);
    if (group === undefined) groups.set(clubText, [draft]);
    else group.push(draft);
  }
  return groups;
}

/** Clubs of a file whose balls are another club's; none where they do not say enough to tell. */
export function otherClubs(drafts: readonly Draft[]): OtherClub[] {
  const groups = byClub(drafts);
  return [...groups].flatMap(([text, group]) => {
    const written = STANDARD_BAG.find(({ id }) => id === group[0]!.ball.club);
    if (written === undefined || group.length < CLUB_DEFAULTS.balls) return [];
    const middle = middleOf(someOf(group, CLUB_DEFAULTS.looked));
    const told = [middle.launchDeg ?? middle.loftDeg, middle.spinRpm ?? middle.ballMps];
    if (told.includes(null)) return [];
    const own = costOf(middle, written);
    if (own < CLUB_DEFAULTS.misses) return [];
    const costs = STANDARD_BAG.map((club) => ({ club, cost: costOf(middle, club) }));
    const sorted = costs.sort((a, b) => a.cost - b.cost);
    const best = sorted[0]!.cost;
    if (best > CLUB_DEFAULTS.fits || own - best < CLUB_DEFAULTS.gain) return [];
    const rather = sorted
      .filter(({ cost }) => cost - best < CLUB_DEFAULTS.near)
      .slice(0, CLUB_DEFAULTS.told)
      .map(({ club }) => club);
    return [{ text, ballCount: group.length, written, rather }];
  });
}
