/** Whether a number is off, within its window, or cannot be told yet from these balls. */
import type { ProofFigure } from '../reading/figure.ts';
import type { FigureSummary, Figures } from '../reading/group.ts';
import type { Bands } from '../reading/bands.ts';
import { STRIKE_WINDOW_MM } from '../reading/strike.ts';
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

/** A number whose whole interval lies inside so many windows is within: it is not off by more than its window. */
export const CLOSE_WINDOWS = 2;

export interface NumberState {
  readonly figure: JudgedNumber;
  readonly state: 'off' | 'within' | 'cannot tell';
  /** Mean of the balls, and the wanted, in the figure's unit, positive right. */
  readonly value: number;
  readonly wanted: number;
  readonly window: number;
  /** 95 % half-width of the mean, shared errors in it. */
  readonly half95: number;
  readonly sd: number;
  readonly ballIds: readonly string[];
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
    faceToPathDeg: [wanted.faceToPathDeg, windows.faceToPathDeg],
    startDirectionDeg: [wanted.startDeg, windows.startDeg],
    curveM: [wanted.curveM, Math.max(1, bands.bendNoneShare * carryM)],
    offlineM: [wanted.finishM, wanted.halfWidthM],
    strikeToeMm: [0, STRIKE_WINDOW_MM],
  };
}

function stateOf(
  figure: JudgedNumber,
  summary: FigureSummary,
  [wanted, window]: readonly [number, number],
): NumberState {
  const { mean: value, half95, sd, ballIds } = summary;
  const away = Math.abs(value - wanted);
  const beyond = away - window;
  const isClose = away + half95 <= CLOSE_WINDOWS * window;
  const state = beyond > half95 ? 'off' : isClose ? 'within' : 'cannot tell';
  return {
    figure,
    state,
    value,
    wanted,
    window,
    half95,
    sd,
    ballIds,
  };
}

/** Every number these balls hold, against the wanted. */
export function numberStates(figures: Figures, wanted: WantedNumbers, bands: Bands): NumberState[] {
  const targets = targetsOf(wanted, bands, figures.carryM?.mean ?? 0);
  return JUDGED_NUMBERS.flatMap((figure) => {
    const summary = figures[figure];
    return summary === undefined ? [] : [stateOf(figure, summary, targets[figure])];
  });
}
