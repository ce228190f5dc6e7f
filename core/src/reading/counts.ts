/** Which balls of a group count: each by itself first, then among its fellows. */
import type { DeviceAccuracy } from '../inverse/accuracy.ts';
import { median } from '../maths/statistics.ts';
import { AGREEMENT_LIMITS } from './agreement.ts';
import { blocksOf } from './blocks.ts';
import { factsOf } from './facts.ts';
import type { GroupFact } from './facts.ts';
import { withDelivery } from './impact-check.ts';
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

/** Whether a landing that its launch does not explain is explained once the wind is taken out of it. */
function isBlown({ agreement }: BallView, wind: GroupFact | undefined): boolean {
  const { landing, verdict } = agreement;
  if (wind === undefined || landing === null || verdict !== 'landed-elsewhere') return false;
  const sdM = landing.leftM / landing.sds;
  return ((landing.leftM - wind.pushM!) / sdM) ** 2 <= AGREEMENT_LIMITS.both[1];
}

/** A ball in the light of what is true of all: wind taken out of its landing, a shared fact forgiven. */
function leftOutAmong(
  view: BallView,
  short: ReadonlySet<string>,
  facts: readonly GroupFact[],
): LeftOut | null {
  const { leftOut, ball, id } = view;
  if (leftOut === 'coach' || leftOut === 'demonstration' || ball.keep === 'in') return leftOut;
  if (short.has(id)) return 'mishit';
  const shared = facts.find(({ kind }) => kind !== 'wind');
  if (shared?.ballIds.includes(id) === true) return null;
  return isBlown(
    view,
    facts.find(({ kind }) => kind === 'wind'),
  )
    ? null
    : leftOut;
}

/** The ball with the strike that explains it in its delivery, where one does. */
function struckAs(view: BallView, facts: readonly GroupFact[]): BallView {
  if (view.delivery === null || view.ball.strikeToeMm !== null) return view;
  const struck = facts.find(({ kind, ballIds }) => kind === 'struck' && ballIds.includes(view.id));
  const strikeToeMm = view.agreement.strikeToeMm ?? struck?.strikeToeMm ?? null;
  if (strikeToeMm === null) return view;
  return { ...view, delivery: withDelivery(view.delivery, { strikeToeMm }) };
}

export interface CountedBalls {
  readonly views: readonly BallView[];
  readonly facts: readonly GroupFact[];
}

/** The views of one club with what counts decided among them. Never leaves out every ball of a monitor's own accord. */
export function countAmong(views: readonly BallView[], accuracy: DeviceAccuracy): CountedBalls {
  const short = mishits(views);
  const facts = factsOf(
    views.filter(({ id }) => !short.has(id)),
    accuracy,
  );
  const decided = views.map((view) => {
    const leftOut = leftOutAmong(view, short, facts);
    return { ...struckAs(view, facts), leftOut, counts: leftOut === null };
  });
  return { views: decided, facts };
}

/** The same, block by block: what is short, and what is true of all, is so within the balls hit as one thing. */
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
