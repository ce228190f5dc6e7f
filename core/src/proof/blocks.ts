/** Blocks of a lesson as read: which balls of each count, and what they average. */
import { DOSE } from '../drills/dose.ts';
import type { Drill } from '../drills/drill.ts';
import { mean } from '../maths/statistics.ts';
import type { Stage } from '../plan/stages.ts';
import { blocksOf } from '../reading/blocks.ts';
import type { Block } from '../reading/blocks.ts';
import type { BlockKind } from '../reading/ball.ts';
import type { ResolvedContext } from '../reading/context.ts';
import { PROOF_FIGURES } from '../reading/figure.ts';
import type { ProofBall, ProofFigure } from '../reading/figure.ts';
import { figureOf, figuresOf } from '../reading/group.ts';
import type { Figures } from '../reading/group.ts';
import type { BallView } from '../reading/read-ball.ts';
import { isUnsaid, sideOnlyFigures } from '../reading/side-only.ts';
import { FLIGHT_FACTS, seenSides } from '../plan/seen.ts';
import type { FlightFact, Span } from '../plan/seen.ts';
import { isByEye } from '../reading/ball.ts';
import { judgeCounts } from './counts.ts';
import { headlineOf, judgeBlocks } from './judge.ts';
import type { BlockVerdict, PerFigure } from './judge.ts';

export interface ReadBlock extends Block<BallView> {
  /** The balls that count. */
  readonly counted: readonly BallView[];
  readonly figures: Figures;
}

/** Returns the figures two blocks are compared by; none of which these balls tell the side alone. */
const proofBallOf = (view: BallView, sideOnly: ReadonlySet<ProofFigure>): ProofBall =>
  Object.fromEntries(
    PROOF_FIGURES.map((figure) => [
      figure,
      isUnsaid(view.ball, figure, sideOnly) ? null : figureOf(view, figure),
    ]),
  );

/** Returns the blocks in the order hit, each read for itself. */
export const readBlocks = (views: readonly BallView[], context: ResolvedContext): ReadBlock[] =>
  blocksOf(views, ({ ball }) => ball).map((block) => {
    const counted = block.balls.filter((view) => view.counts);
    return { ...block, counted, figures: figuresOf(counted, context, null) };
  });

const BEFORE: readonly (BlockKind | null)[] = ['baseline', null];

/**
 * Returns what is compared when nobody chose: the first baseline, and the last block of its club after it; without
 * such a pair the last block of the visit before, and the first of this one.
 */
export function usualPair(
  blocks: readonly ReadBlock[],
  earlier: readonly ReadBlock[] = [],
): readonly [ReadBlock, ReadBlock] | null {
  const worked = blocks.filter(({ counted }) => counted.length > 0);
  for (const kind of BEFORE) {
    const at = worked.findIndex((block) => block.kind === kind);
    const before = worked[at];
    if (before === undefined) continue;
    const [after] = worked
      .slice(at + 1)
      .filter((block) => block.club === before.club && block.kind !== before.kind)
      .reverse();
    if (after !== undefined) return [before, after];
  }
  const [first] = blocks;
  const last = earlier.at(-1);
  return first === undefined || last === undefined ? null : [last, first];
}

/**
 * Returns whether a block is still being hit: nothing was hit after it, and its set of ten is not whole. It is looked at
 * after every ball, which a plain interval does not stand. `hit`: every ball of the lesson, in order.
 */
export const isUnderWay = (block: ReadBlock, hit: readonly BallView[]): boolean =>
  block.balls.length < DOSE.setOf && block.balls.at(-1)?.id === hit.at(-1)?.id;

const isFlightFact = (figure: ProofFigure): figure is FlightFact =>
  FLIGHT_FACTS.some((one) => one === figure);

/** Shared errors of the figures two blocks are judged on; of both, the greater. */
function sharedOf(blocks: readonly ReadBlock[]): PerFigure {
  return Object.fromEntries(
    PROOF_FIGURES.flatMap((figure) => {
      const known = blocks.flatMap((block) => block.figures[figure]?.sharedSd ?? []);
      return known.length === 0 ? [] : [[figure, Math.max(...known)]];
    }),
  );
}

const sourceOf = (block: ReadBlock): string =>
  [...new Set(block.counted.map(({ ball, inferred }) => `${ball.seen ?? 'monitor'} ${inferred}`))]
    .sort()
    .join();

/** What a block is judged by: the stage that was worked on, with where each figure is to be. */
export interface JudgedBy {
  /** From where to where each flight fact is as it should be: what an eye's balls are counted against. */
  readonly spans?: Readonly<Record<FlightFact, Span>>;
  /** Whether it is the spread that was worked on. */
  readonly isSteadied?: boolean;
  readonly stage: Pick<Stage, 'judged' | 'targets'>;
  readonly windows: PerFigure;
  readonly smallest?: PerFigure;
  /** Whether the second block is still being hit. */
  readonly isOpen?: boolean;
  /** Whether the blocks are of two visits: a monitor is lined up anew each time, and its alignment is not shared. */
  readonly isOtherVisit?: boolean;
}

/** Of balls of which nobody said how much they bend, those that bend at all are counted. */
const NO_BEND: Span = [0, 0];
const isRoundZero = ([from, to]: Span): boolean => from < 0 && to > 0;

/** One block against another on the figures its stage named. */
export const judgeReadBlocks = (
  before: ReadBlock,
  after: ReadBlock,
  { stage, windows, spans, smallest = {}, ...how }: JudgedBy,
): BlockVerdict => {
  const { isOpen = false, isOtherVisit = false, isSteadied = false } = how;
  const sideOnly = sideOnlyFigures([...before.counted, ...after.counted].map(({ ball }) => ball));
  const ballsOf = ({ counted }: ReadBlock): ProofBall[] =>
    counted.map((view) => proofBallOf(view, sideOnly));
  const judged = judgeBlocks(ballsOf(before), ballsOf(after), {
    figures: stage.judged,
    wanted: stage.targets,
    windows,
    smallest,
    sharedSd: sharedOf([before, after]),
    isSameSource: !isOtherVisit && sourceOf(before) === sourceOf(after),
    isOpen,
    isSteadied,
  });
  const isByEyeAlone = [...before.counted, ...after.counted].every(({ ball }) => isByEye(ball));
  if (!isByEyeAlone || spans === undefined || isSteadied) return judged;
  const counts = stage.judged.filter(isFlightFact).flatMap((figure) => {
    const isSideOnly = figure === 'curveM' && sideOnly.has(figure) && isRoundZero(spans[figure]);
    const span = isSideOnly ? NO_BEND : spans[figure];
    const sides = [before, after].map(({ counted }) => seenSides(figure, counted, span));
    return judgeCounts(figure, sides[0]!, sides[1]!, { isOpen, isSideOnly }) ?? [];
  });
  // What no ball had, before or after, is nothing that was worked on.
  const had = counts.filter((count) => count.before.had + count.after.had > 0);
  const told = had.length === 0 ? counts : had;
  return told.length === 0 ? judged : { ...judged, counts: told, verdict: headlineOf(told) };
};

/** What the launch data of a station is told by: what its drill trains. */
type StationFigure = Extract<ProofFigure, 'clubPathDeg' | 'faceAngleDeg' | 'strikeToeMm'>;

/** The launch data that belongs to a station: of the balls hit with its drill, else the last one measured. */
export interface StationBalls {
  readonly figure: StationFigure;
  readonly count: number;
  /** Positive right, or to the toe; null where no ball was hit with its drill. */
  readonly mean: number | null;
  readonly last: number;
}

const trainedBy = ({ serves, movesPath, movesFace }: Drill): StationFigure => {
  if (serves.includes('strike')) return 'strikeToeMm';
  return movesPath === 0 && movesFace !== 0 ? 'faceAngleDeg' : 'clubPathDeg';
};

/** Null where what the drill trains was not measured. */
export function stationBalls(views: readonly BallView[], drill: Drill): StationBalls | null {
  const figure = trainedBy(drill);
  const measured = views.flatMap((view) => {
    const value = figureOf(view, figure);
    return view.inferred || value === null ? [] : [{ value, drillId: view.ball.drillId }];
  });
  const own = measured.filter(({ drillId }) => drillId === drill.id);
  const last = own.at(-1) ?? measured.at(-1);
  if (last === undefined) return null;
  const meanOwn = own.length === 0 ? null : mean(own.map(({ value }) => value));
  return { figure, count: own.length, mean: meanOwn, last: last.value };
}
