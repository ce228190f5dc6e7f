/** What a stage asks of a drill, and what the player must not be given: read off the plan, in words of the hand. */
import { asRightHanded, handSign } from '../line/hand.ts';
import type { Hand } from '../line/hand.ts';
import type { CauseLinkId } from '../causes/links.ts';
import type { Bands } from '../reading/bands.ts';
import type { Plan } from '../plan/plan.ts';
import type { Stage } from '../plan/stages.ts';
import type { JudgedNumber } from '../plan/off.ts';
import type { Outcome } from '../plan/outcome.ts';
import type { Move } from '../plan/routes.ts';
import type { Tendency } from './drill.ts';
import type { DrillCredit } from './effect.ts';

type Way = -1 | 0 | 1;

export interface DrillWish {
  /** The stage's; null where none is worked on. */
  readonly move: Move | null;
  /** Which way the stage moves the path (1 in-to-out) and the face (1 open); 0 where it is not the move's. */
  readonly pathWay: Way;
  readonly faceWay: Way;
  /** On which side each number lies outside its window; 0 where it is not off. */
  readonly outside: { readonly path: Way; readonly face: Way; readonly faceToPath: Way };
  readonly tendencies: readonly Tendency[];
  /** What the next balls would do more than now. */
  readonly after: readonly Tendency[];
  readonly bodyNotes: string;
  readonly causes: readonly CauseLinkId[];
  /** What each drill is credited with on this move, degrees towards it; missing when never tried. */
  readonly credited: Readonly<Record<string, number>>;
}

/** Changes below this have no direction, degrees. */
const NO_WAY_DEG = 0.1;
const wayOf = (value: number): Way => (Math.abs(value) < NO_WAY_DEG ? 0 : value > 0 ? 1 : -1);

/** Returns which way the balls were seen to start off: an eye's balls show it where no number does. */
const startOff = (plan: Plan, hand: Hand): Way => {
  const fact = plan.seen.find(({ figure }) => figure === 'startDirectionDeg');
  return fact === undefined ? 0 : wayOf(asRightHanded(fact.off, hand));
};

const sideOff = (plan: Plan, figure: JudgedNumber, hand: Hand): Way => {
  const number = plan.off.find((one) => one.figure === figure);
  return number === undefined ? 0 : wayOf(asRightHanded(number.value - number.wanted, hand));
};

/** Hook or slice of a flight, where it is one. */
function bendOf({ curveM, carryM }: Outcome, hand: Hand, bands: Bands): Tendency[] {
  if (Math.abs(curveM) <= bands.bendStrongShare * carryM) return [];
  return [asRightHanded(curveM, hand) > 0 ? 'slice' : 'hook'];
}

export function tendenciesOf(plan: Plan, hand: Hand, bands: Bands): Tendency[] {
  const either = (way: Way, minus: Tendency, plus: Tendency): Tendency[] =>
    way === 0 ? [] : [way > 0 ? plus : minus];
  return [
    ...either(sideOff(plan, 'clubPathDeg', hand), 'out-to-in', 'in-to-out'),
    ...either(sideOff(plan, 'faceToPathDeg', hand), 'closed', 'open'),
    ...either(startOff(plan, hand), 'pull', 'push'),
    ...bendOf(plan.now, hand, bands),
  ];
}

/** Credit towards the move, from what was measured before; degrees. */
function creditOf(
  ranks: readonly DrillCredit[],
  wish: { readonly pathWay: Way; readonly faceWay: Way },
  hand: Hand,
): Record<string, number> {
  const credit: Record<string, number> = {};
  for (const { drillId, figure, creditedDeg, isClear } of ranks) {
    const way = figure === 'clubPathDeg' ? wish.pathWay : wish.faceWay;
    if (way === 0 || !isClear) continue;
    credit[drillId] = (credit[drillId] ?? 0) + creditedDeg * way * handSign(hand);
  }
  return credit;
}

export interface WishInput {
  readonly plan: Plan;
  readonly stage: Stage | null;
  readonly hand: Hand;
  readonly bands: Bands;
  readonly bodyNotes: string;
  readonly causes: readonly CauseLinkId[];
  readonly ranks: readonly DrillCredit[];
}

export function wishOf({ plan, stage, hand, bands, ...rest }: WishInput): DrillWish {
  const move = stage?.move ?? null;
  const movesPath = move === 'path' || move === 'together';
  const movesFace = move === 'face' || move === 'together';
  const pathWay = movesPath ? wayOf(asRightHanded(stage!.pathByDeg, hand)) : 0;
  const faceWay = movesFace ? wayOf(asRightHanded(stage!.faceByDeg, hand)) : 0;
  const tendencies = tendenciesOf(plan, hand, bands);
  return {
    move,
    pathWay,
    faceWay,
    outside: {
      path: sideOff(plan, 'clubPathDeg', hand),
      face: sideOff(plan, 'faceAngleDeg', hand),
      faceToPath: sideOff(plan, 'faceToPathDeg', hand),
    },
    tendencies,
    after:
      stage === null
        ? []
        : bendOf(stage.expected, hand, bands).filter((bend) => !tendencies.includes(bend)),
    bodyNotes: rest.bodyNotes,
    causes: rest.causes,
    credited: creditOf(rest.ranks, { pathWay, faceWay }, hand),
  };
}
