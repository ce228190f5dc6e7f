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
import { checkImpact, showsStrike, withDelivery } from './impact-check.ts';
import type { Departure } from './impact-check.ts';
import type { BallView } from './read-ball.ts';

export const GROUP_FACT_KINDS = [
  'struck',
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
  /** For `struck`: how far off the middle, mm, toe positive. */
  readonly strikeToeMm: number | null;
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
  return checkImpact(changed, seen, accuracyFor(view.ball, accuracy))?.distance2 ?? Infinity;
}

const limitOf = ({ agreement: { impact, landing } }: BallView): number =>
  limitsOf(impact, landing)[impact?.figures === 2 ? 2 : 1];

const isAstray = (view: BallView): boolean =>
  view.agreement.impact !== null && view.agreement.impact.distance2 > limitOf(view);

/** The common strike across the face that explains the balls best, mm. */
function commonStrikeMm(views: readonly BallView[], accuracy: DeviceAccuracy): number {
  const total = (strikeToeMm: number): number =>
    views.reduce(
      (sum, view) =>
        sum + Math.min(50, distanceUnder(view, { delivery: () => ({ strikeToeMm }) }, accuracy)),
      0,
    );
  let best = 0;
  for (let mm = -28; mm <= 28; mm += 4) if (total(mm) < total(best)) best = mm;
  for (const mm of [best - 2, best + 2]) if (total(mm) < total(best)) best = mm;
  return best;
}

interface Candidate {
  readonly kind: GroupFactKind;
  readonly change: Change;
  readonly strikeToeMm: number | null;
}

function candidates(astray: readonly BallView[], accuracy: DeviceAccuracy): Candidate[] {
  const first = astray[0]!;
  const measured = astray.every((view) => view.ball.strikeToeMm !== null);
  const list: Candidate[] = Object.entries(MIRRORS).map(([kind, change]) => ({
    kind: kind as GroupFactKind,
    change,
    strikeToeMm: null,
  }));
  const head = first.delivery?.head;
  if (head === undefined || !showsStrike(head)) return list;
  if (measured) {
    list.push({ kind: 'face-at-strike', change: { delivery: faceAtMiddle }, strikeToeMm: null });
  } else {
    const strikeToeMm = commonStrikeMm(astray, accuracy);
    list.push({ kind: 'struck', change: { delivery: () => ({ strikeToeMm }) }, strikeToeMm });
  }
  return list;
}

/** Whether each ball has a strike of its own that explains it, all to one side. */
function ownStrikes(astray: readonly BallView[]): number | null {
  const own = astray.flatMap(({ agreement }) => agreement.strikeToeMm ?? []);
  if (own.length < FACT_DEFAULTS.explains * astray.length) return null;
  const toe = own.filter((mm) => mm > 0).length;
  return toe === own.length || toe === 0 ? median(own) : null;
}

function impactFact(views: readonly BallView[], accuracy: DeviceAccuracy): GroupFact | null {
  const checked = views.filter(({ agreement }) => agreement.impact !== null);
  const astray = checked.filter(isAstray);
  const { shareAtLeast, ballsAtLeast, explains } = FACT_DEFAULTS;
  const alone = checked.length === 1 && astray.length === 1;
  if (!alone && (astray.length < ballsAtLeast || astray.length < shareAtLeast * checked.length)) {
    return null;
  }
  const base = { ballIds: astray.map(({ id }) => id), of: checked.length, pushM: null };
  const struck = ownStrikes(astray);
  if (struck !== null) return { ...base, kind: 'struck', strikeToeMm: struck };
  const scored = candidates(astray, accuracy).map((candidate) => {
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
    strikeToeMm: found ? best.candidate.strikeToeMm : null,
  };
}

/** How far the wind pushed the balls, m, when their landings share an offset their launches do not explain. */
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
    pushM,
  };
}

/** What is true of the balls of one club as a whole; at most one of the departure and one of the landing. */
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
