/** Which balls of a group count: each by itself first, then among its fellows. */
import type { DeviceAccuracy } from '../inverse/accuracy.ts';
import { NORMAL_975, median } from '../maths/statistics.ts';
import { AGREEMENT_LIMITS } from './agreement.ts';
import { blocksOf } from './blocks.ts';
import { factsOf } from './facts.ts';
import type { GroupFact } from './facts.ts';
import {
  FURTHEST_STRIKE_MM,
  STRIKE_SCATTER_MM,
  isFarStrike,
  withDelivery,
} from './impact-check.ts';
import { estimateStrike } from './strike.ts';
import type { BallView, LeftOut } from './read-ball.ts';

/** A ball shorter than this share of the median carry is a mishit: listed, not averaged (common practice). */
export const MISHIT_SHARE = 0.5;
/** Balls from which a median says what is short. */
const MISHIT_BALLS = 3;

/** Balls known to be short of half the others' carry. */
function mishits(views: readonly BallView[]): ReadonlySet<string> {
  const carries = views.flatMap(({ carry }) =>
    carry === null || carry.from === 'model' ? [] : [carry.value],
  );
  if (carries.length < MISHIT_BALLS) return new Set();
  const limitM = MISHIT_SHARE * median(carries);
  return new Set(
    views.flatMap(({ id, carry }) =>
      carry !== null && carry.from !== 'model' && carry.value < limitM ? [id] : [],
    ),
  );
}

/** Returns whether a landing that its launch does not explain is explained once the wind is taken out of it. */
function isBlown({ agreement }: BallView, wind: GroupFact | undefined): boolean {
  const { landing, verdict } = agreement;
  if (wind === undefined || landing === null || verdict !== 'landed-elsewhere') return false;
  const sdM = landing.leftM / landing.sds;
  return ((landing.leftM - wind.pushM!) / sdM) ** 2 <= AGREEMENT_LIMITS.both[1];
}

/** Returns a ball in the light of what is true of all: wind taken out of its landing, a shared fact forgiven. */
function leftOutAmong(
  view: BallView,
  short: ReadonlySet<string>,
  facts: readonly GroupFact[],
  middleMm: number,
): LeftOut | null {
  const { leftOut, ball, id } = view;
  if (leftOut === 'coach' || leftOut === 'demonstration' || ball.keep === 'in') return leftOut;
  if (short.has(id)) return 'mishit';
  const shared = facts.find(({ kind }) => kind !== 'wind');
  if (shared?.ballIds.includes(id) === true) return null;
  // A strike is far beside the player's others, not beside the middle of the face.
  const { struck } = view.agreement;
  if (leftOut === 'strike' && struck !== null && !isFarStrike(struck, middleMm)) return null;
  return isBlown(
    view,
    facts.find(({ kind }) => kind === 'wind'),
  )
    ? null
    : leftOut;
}

/** Returns how much a ball's own strike is drawn towards that of all: by how sure it is against how strikes scatter. */
const ownShare = (sdMm: number): number =>
  STRIKE_SCATTER_MM ** 2 / (STRIKE_SCATTER_MM ** 2 + sdMm ** 2);

/**
 * Returns the ball with its strike in its delivery, where its start and axis tell it, or where all were struck alike. `middleMm`: where the
 * balls of the group are struck.
 */
function struckAs(view: BallView, facts: readonly GroupFact[], middleMm: number): BallView {
  const { delivery, ball, agreement } = view;
  if (delivery === null || ball.strikeToeMm !== null) return view;
  const { struck } = agreement;
  const shared = facts.find(
    ({ kind, strikeToeMm }) => kind === 'speed-lost' && strikeToeMm !== null,
  );
  if (struck === null && shared === undefined) return view;
  const strikeToeMm =
    struck === null
      ? shared!.strikeToeMm!
      : middleMm + ownShare(struck.sdMm) * (struck.toeMm - middleMm);
  if (Math.abs(strikeToeMm) >= FURTHEST_STRIKE_MM) return view;
  return { ...view, delivery: withDelivery(delivery, { strikeToeMm }) };
}

/** Where a player strikes it on average is drawn towards the middle of the face by how unsure it is, mm. */
function middleStrikeMm(views: readonly BallView[], accuracy: DeviceAccuracy): number {
  const estimate = estimateStrike(views, accuracy);
  if (estimate === null || estimate.bySpeed) return 0;
  return ownShare(estimate.half95 / NORMAL_975) * estimate.toeMm;
}

export interface CountedBalls {
  readonly views: readonly BallView[];
  readonly facts: readonly GroupFact[];
}

/** Returns the views of one club with what counts decided among them. Never leaves out every ball of a monitor's own accord. */
export function countAmong(views: readonly BallView[], accuracy: DeviceAccuracy): CountedBalls {
  const short = mishits(views);
  const facts = factsOf(
    views.filter(({ id }) => !short.has(id)),
    accuracy,
  );
  const middleMm = middleStrikeMm(
    views.filter(({ id }) => !short.has(id)),
    accuracy,
  );
  const decided = views.map((view) => {
    const leftOut = leftOutAmong(view, short, facts, middleMm);
    return { ...struckAs(view, facts, middleMm), leftOut, counts: leftOut === null };
  });
  return { views: decided, facts };
}

/** Returns the same, block by block: what is short, and what is true of all, is so within the balls hit as one thing. */
export function countByBlock(
  views: readonly BallView[],
  accuracy: DeviceAccuracy,
): CountedBalls & { readonly factsOf: (ids: ReadonlySet<string>) => readonly GroupFact[] } {
  const counted = blocksOf(views, ({ ball }) => ball).map((block) =>
    countAmong(block.balls, accuracy),
  );
  const decided = new Map(counted.flatMap((one) => one.views.map((view) => [view.id, view])));
  return {
    views: views.map((view) => decided.get(view.id) ?? view),
    facts: counted.flatMap((one) => one.facts),
    factsOf: (ids) =>
      counted.flatMap((one) => (one.views.some(({ id }) => ids.has(id)) ? one.facts : [])),
  };
}
