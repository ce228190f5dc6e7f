/**
 * When many balls of a group disagree with their face and path in the same way, that is not a set of bad balls
 * but one fact about all of them: where they were struck, a sign, the wind. Each candidate is tried on all
 * of them through the same check (impact-check.ts); the one that explains most stands.
 */
import type { Delivery } from '../delivery/delivery.ts';
import { bulgeTurnDeg } from '../delivery/head.ts';
import type { DeviceAccuracy } from '../inverse/accuracy.ts';
import type { AssumedDelivery } from '../inverse/complete.ts';
import { median } from '../maths/statistics.ts';
import { limitsOf } from './agreement.ts';
import { accuracyFor } from './context.ts';
import { STRIKE_SCATTER_MM, checkImpact, showsStrike, withDelivery } from './impact-check.ts';
import type { Departure } from './impact-check.ts';
import type { BallView } from './read-ball.ts';
import { STRIKE_WINDOW_MM, estimateStrike, isOffMiddle } from './strike.ts';

export const GROUP_FACT_KINDS = [
  'struck',
  'speed-lost',
  'face-mirrored',
  'path-mirrored',
  'sides-mirrored',
  'start-mirrored',
  'axis-mirrored',
  'face-at-strike',
  'wind',
  'unexplained',
] as const;
export type GroupFactKind = (typeof GROUP_FACT_KINDS)[number];

export interface GroupFact {
  readonly kind: GroupFactKind;
  /** The balls that disagree. */
  readonly ballIds: readonly string[];
  /** Balls that could be checked. */
  readonly of: number;
  /** For `struck`, and for `speed-lost` where the side is told: how far off the middle, mm, toe positive. */
  readonly strikeToeMm: number | null;
  /** For `speed-lost`: the share of ball speed. */
  readonly speedLost: number | null;
  /** For `wind`: how far it carried them, m, positive right. */
  readonly pushM: number | null;
}

export const FACT_DEFAULTS = {
  /** Share of the balls that must disagree, and how many at least. */
  shareAtLeast: 1 / 3,
  ballsAtLeast: 2,
  /** Share of the disagreeing balls a candidate must explain. */
  explains: 0.75,
  /** Standard errors of the median beyond which a shared push is the wind. */
  windErrors: 3,
  windBallsAtLeast: 4,
} as const;

/** Standard error of a median over that of a mean, for normal scatter. */
const MEDIAN_TO_MEAN = 1.2533;

interface Change {
  readonly delivery?: (assumed: AssumedDelivery) => Partial<Delivery>;
  readonly departure?: (seen: Departure) => Departure;
}
const negated = (value: number | null): number | null => (value === null ? null : -value);

const MIRRORS: Readonly<Partial<Record<GroupFactKind, Change>>> = {
  'face-mirrored': { delivery: (a) => ({ faceAngleDeg: -a.delivery.faceAngleDeg }) },
  'path-mirrored': { delivery: (a) => ({ clubPathDeg: -a.delivery.clubPathDeg }) },
  'sides-mirrored': {
    delivery: (a) => ({
      faceAngleDeg: -a.delivery.faceAngleDeg,
      clubPathDeg: -a.delivery.clubPathDeg,
    }),
  },
  'start-mirrored': { departure: (seen) => ({ ...seen, startDeg: negated(seen.startDeg) }) },
  'axis-mirrored': { departure: (seen) => ({ ...seen, tiltDeg: negated(seen.tiltDeg) }) },
};

/** A face read at the strike point of a bulged head is turned by the bulge there; at the middle it is not. */
const faceAtMiddle = ({ delivery, head }: AssumedDelivery): Partial<Delivery> => ({
  faceAngleDeg: delivery.faceAngleDeg - bulgeTurnDeg(head, delivery.hand, delivery.strikeToeMm),
});

/** Squared distance of a ball under a change; Infinity where it cannot be told. */
function distanceUnder(view: BallView, change: Change, accuracy: DeviceAccuracy): number {
  const { delivery: assumed, agreement } = view;
  if (assumed === null || agreement.departure === null) return Infinity;
  const seen = change.departure?.(agreement.departure) ?? agreement.departure;
  const changed = withDelivery(assumed, change.delivery?.(assumed) ?? {});
  const strikeSdMm = view.ball.strikeToeMm === null ? STRIKE_SCATTER_MM : 0;
  const own = accuracyFor(view.ball, accuracy);
  return checkImpact(changed, seen, own, strikeSdMm)?.distance2 ?? Infinity;
}

const limitOf = ({ agreement: { impact, landing } }: BallView): number =>
  limitsOf(impact, landing)[impact?.figures === 2 ? 2 : 1];

const isAstray = (view: BallView): boolean =>
  view.agreement.impact !== null && view.agreement.impact.distance2 > limitOf(view);

interface Candidate {
  readonly kind: GroupFactKind;
  readonly change: Change;
}

function candidates(astray: readonly BallView[]): Candidate[] {
  const list: Candidate[] = Object.entries(MIRRORS).map(([kind, change]) => ({
    kind: kind as GroupFactKind,
    change,
  }));
  const head = astray[0]!.delivery?.head;
  const isMeasured = astray.every((view) => view.ball.strikeToeMm !== null);
  if (head !== undefined && showsStrike(head) && isMeasured)
    list.push({ kind: 'face-at-strike', change: { delivery: faceAtMiddle } });
  return list;
}

/** Where they were struck, where that is off and explains those that disagree: one fact about all. */
function strikeFact(
  checked: readonly BallView[],
  astray: readonly BallView[],
  accuracy: DeviceAccuracy,
): GroupFact | null {
  const estimate = estimateStrike(checked, accuracy);
  if (estimate === null || !isOffMiddle(estimate)) return null;
  const { toeMm, bySpeed, speedLost, isSideSure } = estimate;
  const change = { delivery: () => ({ strikeToeMm: toeMm }) };
  const explained = astray.filter(
    (view) => distanceUnder(view, change, accuracy) <= limitOf(view),
  ).length;
  if (explained < FACT_DEFAULTS.explains * astray.length) return null;
  const side = Math.sign(toeMm);
  const isOff = ({ agreement: { struck } }: BallView): boolean =>
    struck === null || side * struck.toeMm > STRIKE_WINDOW_MM;
  return {
    kind: bySpeed ? 'speed-lost' : 'struck',
    ballIds: checked.filter(isOff).map(({ id }) => id),
    of: checked.length,
    strikeToeMm: isSideSure ? toeMm : null,
    speedLost: bySpeed ? speedLost : null,
    pushM: null,
  };
}

function impactFact(views: readonly BallView[], accuracy: DeviceAccuracy): GroupFact | null {
  const checked = views.filter(({ agreement }) => agreement.impact !== null);
  const astray = checked.filter(isAstray);
  const { shareAtLeast, ballsAtLeast, explains } = FACT_DEFAULTS;
  const struck = strikeFact(checked, astray, accuracy);
  if (struck !== null) return struck;
  const alone = checked.length === 1 && astray.length === 1;
  if (!alone && (astray.length < ballsAtLeast || astray.length < shareAtLeast * checked.length)) {
    return null;
  }
  const base = {
    ballIds: astray.map(({ id }) => id),
    of: checked.length,
    strikeToeMm: null,
    speedLost: null,
    pushM: null,
  };
  const scored = candidates(astray).map((candidate) => {
    const distances = astray.map((view) => distanceUnder(view, candidate.change, accuracy));
    const explained = distances.filter((d, i) => d <= limitOf(astray[i]!)).length;
    return { candidate, explained, total: distances.reduce((sum, d) => sum + Math.min(d, 50), 0) };
  });
  const [best] = scored.sort((a, b) => b.explained - a.explained || a.total - b.total);
  const found =
    best !== undefined &&
    astray.length >= ballsAtLeast &&
    best.explained >= explains * astray.length;
  return {
    ...base,
    kind: found ? best.candidate.kind : 'unexplained',
  };
}

/** Returns how far the wind pushed the balls, m, when their landings share an offset their launches do not explain. */
function windFact(views: readonly BallView[]): GroupFact | null {
  const known = views.filter(({ agreement }) => agreement.landing !== null);
  if (known.length < FACT_DEFAULTS.windBallsAtLeast) return null;
  const lefts = known.map(({ agreement }) => agreement.landing!.leftM);
  const sds = known.map(({ agreement }) => agreement.landing!.leftM / agreement.landing!.sds);
  const pushM = median(lefts);
  const scatterM = Math.max(
    median(sds.map((sd) => (Number.isFinite(sd) ? Math.abs(sd) : 0))),
    1.4826 * median(lefts.map((left) => Math.abs(left - pushM))),
  );
  const error = (MEDIAN_TO_MEAN * scatterM) / Math.sqrt(known.length);
  if (!(Math.abs(pushM) > FACT_DEFAULTS.windErrors * error)) return null;
  return {
    kind: 'wind',
    ballIds: known.map(({ id }) => id),
    of: known.length,
    strikeToeMm: null,
    speedLost: null,
    pushM,
  };
}

/** Returns what is true of the balls of one club as a whole; at most one of the departure and one of the landing. */
export function factsOf(
  views: readonly BallView[],
  accuracy: DeviceAccuracy,
): readonly GroupFact[] {
  const looked = views.filter(({ leftOut }) => leftOut !== 'coach' && leftOut !== 'demonstration');
  const impact = impactFact(looked, accuracy);
  // A mirrored axis sends the modelled flight the wrong way: that is no wind.
  const isMirrored = impact?.kind === 'axis-mirrored' || impact?.kind === 'start-mirrored';
  return [impact, isMirrored ? null : windFact(looked)].filter((fact) => fact !== null);
}
