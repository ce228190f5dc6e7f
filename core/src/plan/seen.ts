/**
 * What the balls did, as a monitor or an eye reported it, and whether that is off: by its mean, or, of an eye's taps, by how many
 * went to one side. Nothing that had to be assumed has a part in it.
 */
import type { Hand } from '../line/hand.ts';
import { handSign } from '../line/hand.ts';
import { RATES } from '../maths/rates.ts';
import { mean } from '../maths/statistics.ts';
import { degToRad } from '../units/units.ts';
import { tailOfHalf } from '../maths/proportion.ts';
import { EYE_AMOUNTS, POST_HALF_DEG } from '../inverse/eye.ts';
import type { Bands } from '../reading/bands.ts';
import { isBendOpen, isByEye, isStartOpen, isStartReadOff } from '../reading/ball.ts';
import type { LessonBall } from '../reading/ball.ts';
import type { ProofFigure } from '../reading/figure.ts';
import { figureOf } from '../reading/group.ts';
import type { ReadGroup } from '../reading/group.ts';
import type { BallView } from '../reading/read-ball.ts';
import { STRIKE_WINDOW_MM } from '../reading/strike.ts';
import { WANTED_DEFAULTS } from './wanted.ts';
import type { WantedNumbers } from './wanted.ts';

export const FLIGHT_FACTS = [
  'startDirectionDeg',
  'curveM',
  'offlineM',
  'strikeToeMm',
] as const satisfies readonly ProofFigure[];
export type FlightFact = (typeof FLIGHT_FACTS)[number];

/** From where to where a figure is as it should be, in its unit, positive right and to the toe. */
export type Span = readonly [from: number, to: number];

export interface SeenFact {
  readonly figure: FlightFact;
  readonly value: number;
  readonly half95: number;
  readonly span: Span;
  /** Beyond which end it is off; 0 where it is not, or cannot be told. */
  readonly off: -1 | 0 | 1;
  /** Balls beyond either end, and how many were seen. */
  readonly below: readonly string[];
  readonly above: readonly string[];
  readonly of: number;
  /** Off by how many, not by how far: an eye's taps. */
  readonly isCounted: boolean;
  /** To which side most surely go, where nobody said how far and it may be fine or off; 0 where that is known. */
  readonly open: -1 | 0 | 1;
}

/**
 * Half of the step an eye's tap comes in: start, degrees; bend, share of carry; strike, mm. A tap is beyond only as a whole. One whose
 * size was left open begins where an eye sees it off line at all.
 */
const TAP_HALF = { startDeg: 1.5, bendShare: 0.0249, strikeMm: 6.9 } as const;
const openHalf = (of: 'startDeg' | 'bendShare'): number =>
  EYE_AMOUNTS[of].open - (EYE_AMOUNTS[of][1] - TAP_HALF[of]);

/** Returns what of a flight is as it should be. A flight nobody asked to be straight may be a draw or a fade that comes back. */
export function seenSpans(
  wanted: WantedNumbers,
  isSaid: boolean,
  { curveM, carryM }: { readonly curveM: number; readonly carryM: number },
  hand: Hand,
  bands: Bands,
): Readonly<Record<FlightFact, Span>> {
  const { startDeg, finishM, halfWidthM, windows, shape } = wanted;
  const [none, strong] = [bands.bendNoneShare * carryM, bands.bendStrongShare * carryM];
  const offlineM: Span = [finishM - halfWidthM, finishM + halfWidthM];
  const strikeToeMm: Span = [-STRIKE_WINDOW_MM, STRIKE_WINDOW_MM];
  const start: Span = [startDeg - windows.startDeg, startDeg + windows.startDeg];
  if (shape !== 'straight') {
    const side = handSign(hand) * (shape === 'draw' ? -1 : 1);
    const curve: Span = side < 0 ? [-strong, -none] : [none, strong];
    return { startDirectionDeg: start, curveM: curve, offlineM, strikeToeMm };
  }
  if (isSaid) return { startDirectionDeg: start, curveM: [-none, none], offlineM, strikeToeMm };
  // A ball that bends back may start as far to the other side as such a shape usually does.
  const room = Math.abs(curveM) < none ? 0 : WANTED_DEFAULTS.shapeStartDeg;
  const [from, to] = start;
  const startDirectionDeg: Span = curveM > 0 ? [from - room, to] : [from, to + room];
  return { startDirectionDeg, curveM: [-strong, strong], offlineM, strikeToeMm };
}

/** Returns half of the step a start was tapped in, degrees; one that was read off a post is finer. */
function startHalfDeg(ball: LessonBall): number {
  if (isStartOpen(ball)) return openHalf('startDeg');
  return isStartReadOff(ball) ? POST_HALF_DEG : TAP_HALF.startDeg;
}

/** Returns half of the step a ball was tapped in, in the figure's unit. */
function tapHalf(figure: FlightFact, ball: LessonBall, carryM: number): number {
  if (figure === 'strikeToeMm') return TAP_HALF.strikeMm;
  const startDeg = startHalfDeg(ball);
  if (figure === 'startDirectionDeg') return startDeg;
  const bendM = (isBendOpen(ball) ? openHalf('bendShare') : TAP_HALF.bendShare) * carryM;
  // A finish follows from start and bend.
  const isFinishOpen = figure === 'offlineM' && ball.offlineM === null && isStartOpen(ball);
  return isFinishOpen ? bendM + degToRad(startDeg) * carryM : bendM;
}

/** Returns whether so many of some are more than half of the player's balls, surely. */
const isMost = (count: number, of: number): boolean => tailOfHalf(count, of) < 1 - RATES.countSure;

/** Balls beyond either end of what is as it should be. */
interface Beyond {
  readonly below: readonly string[];
  readonly above: readonly string[];
  readonly of: number;
}
/** The same as numbers. */
export interface SeenSide {
  readonly below: number;
  readonly above: number;
  readonly of: number;
}

/** Sorts balls by a flight fact; `carryM`: what an eye's tap of a bend is a share of. */
function beyondOf(
  figure: FlightFact,
  views: readonly BallView[],
  [from, to]: Span,
  carryM: number,
  pushM: number,
): Beyond {
  const isTapped = views.every(({ ball }) => isByEye(ball));
  const known = views.flatMap((view) => {
    const value = figureOf(view, figure);
    const half = isTapped ? tapHalf(figure, view.ball, carryM) : 0;
    return value === null ? [] : [{ id: view.id, value: value - pushM, half }];
  });
  const below = known.filter(({ value, half }) => value + half <= from && value < from);
  const above = known.filter(({ value, half }) => value - half >= to && value > to);
  return {
    below: below.map(({ id }) => id),
    above: above.map(({ id }) => id),
    of: known.length,
  };
}

/** Returns how many balls of a block are beyond either end of a flight fact. */
export function seenSides(figure: FlightFact, views: readonly BallView[], span: Span): SeenSide {
  const carries = views.flatMap(({ carry }) => carry?.value ?? []);
  const carryM = carries.length === 0 ? 0 : mean(carries);
  const { below, above, of } = beyondOf(figure, views, span, carryM, 0);
  return { below: below.length, above: above.length, of };
}

/** Returns to which side most balls surely start, or bend, of which only that was told; 0 where it was told how far, or they do not. */
function openSide(figure: FlightFact, views: readonly BallView[]): -1 | 0 | 1 {
  if (figure !== 'curveM' && figure !== 'startDirectionDeg') return 0;
  const isOpen = figure === 'curveM' ? isBendOpen : isStartOpen;
  const open = views.filter(({ ball }) => isOpen(ball));
  const isTo = (side: -1 | 1): boolean =>
    isMost(open.filter((view) => side * (figureOf(view, figure) ?? 0) > 0).length, views.length);
  return isTo(-1) ? -1 : isTo(1) ? 1 : 0;
}

function factOf(
  figure: FlightFact,
  views: readonly BallView[],
  read: ReadGroup,
  span: Span,
  pushM: number,
): SeenFact | null {
  const summary = read.group.figures[figure];
  if (summary === undefined) return null;
  const carryM = read.group.figures.carryM?.mean ?? 0;
  const { below, above, of } = beyondOf(figure, views, span, carryM, pushM);
  const isTapped = views.every(({ ball }) => isByEye(ball));
  const [from, to] = span;
  const value = summary.mean - pushM;
  const { half95 } = summary;
  const byMean = value + half95 < from ? -1 : value - half95 > to ? 1 : 0;
  const byCount = isMost(below.length, of) ? -1 : isMost(above.length, of) ? 1 : 0;
  const isCounted = isTapped && byCount !== 0 && byMean === 0;
  const off = isCounted ? byCount : byMean;
  return {
    figure,
    value,
    half95,
    span,
    off,
    below,
    above,
    of,
    isCounted,
    open: off === 0 ? openSide(figure, views) : 0,
  };
}

/** Returns what of the flights of some balls is as it should be. */
export function spansOf(
  { group: { figures } }: ReadGroup,
  wanted: WantedNumbers,
  isSaid: boolean,
  hand: Hand,
  bands: Bands,
): Readonly<Record<FlightFact, Span>> {
  const bend = { curveM: figures.curveM?.mean ?? 0, carryM: figures.carryM?.mean ?? 0 };
  return seenSpans(wanted, isSaid, bend, hand, bands);
}

/** Returns the flight facts of the counted balls; of the finish, what the wind did is taken off. */
export function seenOf(read: ReadGroup, spans: Readonly<Record<FlightFact, Span>>): SeenFact[] {
  const { facts, countedIds } = read.group;
  const counted = new Set(countedIds);
  const views = read.views.filter(({ id }) => counted.has(id));
  const windM = facts.find(({ kind }) => kind === 'wind')?.pushM ?? 0;
  return FLIGHT_FACTS.flatMap((figure) => {
    // Where nothing told how it flew, the model's flight of face and path is no fact.
    const isSeen = (view: BallView): boolean => {
      if (figure === 'startDirectionDeg') return view.start?.from !== 'model';
      if (figure === 'curveM') return view.curve?.from !== 'model';
      return figure !== 'offlineM' || view.offline?.from !== 'model';
    };
    const pushM = figure === 'offlineM' || figure === 'curveM' ? windM : 0;
    const fact = factOf(figure, views.filter(isSeen), read, spans[figure], pushM);
    return fact === null || fact.of === 0 ? [] : [fact];
  });
}
