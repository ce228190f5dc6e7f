/** Whether a number is off, within its window, or cannot be told yet from these balls. */
import { NORMAL_975 } from '../maths/statistics.ts';
import { tQuantile } from '../maths/student.ts';
import { MOST_BALLS } from '../reading/error.ts';
import type { ProofFigure } from '../reading/figure.ts';
import type { FigureSummary, Figures } from '../reading/group.ts';
import type { Bands } from '../reading/bands.ts';
import type { WantedNumbers } from './wanted.ts';

/** The numbers a plan looks at. */
export const JUDGED_NUMBERS = [
  'clubPathDeg',
  'faceAngleDeg',
  'faceToPathDeg',
  'startDirectionDeg',
  'curveM',
  'offlineM',
  'strikeToeMm',
] as const satisfies readonly ProofFigure[];
export type JudgedNumber = (typeof JUDGED_NUMBERS)[number];

/** Half-width of the middle of the face, mm (common practice, no source). */
export const STRIKE_WINDOW_MM = 8;
/** A number whose whole interval lies inside so many windows is within: it is not off by more than its window. */
export const CLOSE_WINDOWS = 2;
/** Balls from which their own scatter is known, and what is taken before, in degrees, m or mm (common practice). */
const KNOWS_SCATTER = 5;
const USUAL_SCATTER = 2;

export interface NumberState {
  readonly figure: JudgedNumber;
  readonly state: 'off' | 'within' | 'cannot tell';
  /** Mean of the balls, and what is wanted, in the figure's unit, positive right. */
  readonly value: number;
  readonly wanted: number;
  readonly window: number;
  /** 95 % half-width of the mean, shared errors in it. */
  readonly half95: number;
  readonly sd: number;
  readonly ballIds: readonly string[];
  /** More balls that would settle it; null when it is settled, or when more would not. */
  readonly ballsMore: number | null;
}

/** Wanted value and window of each number. */
export function targetsOf(
  wanted: WantedNumbers,
  bands: Bands,
  carryM: number,
): Readonly<Record<JudgedNumber, readonly [wanted: number, window: number]>> {
  const { windows } = wanted;
  return {
    clubPathDeg: [wanted.pathDeg, windows.pathDeg],
    faceAngleDeg: [wanted.faceDeg, windows.faceDeg],
    faceToPathDeg: [wanted.gapDeg, windows.gapDeg],
    startDirectionDeg: [wanted.startDeg, windows.startDeg],
    curveM: [wanted.curveM, Math.max(1, bands.bendNoneShare * carryM)],
    offlineM: [wanted.finishM, wanted.halfWidthM],
    strikeToeMm: [0, STRIKE_WINDOW_MM],
  };
}

/** Balls in all at which the interval of a mean is narrower than `room`; null when none would be. */
function ballsForHalf(room: number, sd: number, sharedSd: number, from: number): number | null {
  const shared = NORMAL_975 * sharedSd;
  if (!(room > shared)) return null;
  for (let n = Math.max(3, from + 1); n <= MOST_BALLS; n++) {
    if (Math.hypot((tQuantile(0.975, n - 1) * sd) / Math.sqrt(n), shared) <= room) return n;
  }
  return null;
}

function stateOf(
  figure: JudgedNumber,
  summary: FigureSummary,
  [wanted, window]: readonly [number, number],
): NumberState {
  const { mean: value, half95, sd, sharedSd, count, ballIds } = summary;
  const away = Math.abs(value - wanted);
  const beyond = away - window;
  const isClose = away + half95 <= CLOSE_WINDOWS * window;
  const state = beyond > half95 ? 'off' : isClose ? 'within' : 'cannot tell';
  const room = Math.max(beyond, CLOSE_WINDOWS * window - away);
  const scatter = count < KNOWS_SCATTER ? Math.max(sd, USUAL_SCATTER) : sd;
  const needed = state === 'cannot tell' ? ballsForHalf(room, scatter, sharedSd, count) : null;
  return {
    figure,
    state,
    value,
    wanted,
    window,
    half95,
    sd,
    ballIds,
    ballsMore: needed === null ? null : Math.max(needed, KNOWS_SCATTER) - count,
  };
}

/** Every number these balls hold, against what is wanted. */
export function numberStates(figures: Figures, wanted: WantedNumbers, bands: Bands): NumberState[] {
  const targets = targetsOf(wanted, bands, figures.carryM?.mean ?? 0);
  return JUDGED_NUMBERS.flatMap((figure) => {
    const summary = figures[figure];
    return summary === undefined ? [] : [stateOf(figure, summary, targets[figure])];
  });
}
