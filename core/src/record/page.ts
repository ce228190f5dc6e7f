/**
 * The page a player takes home: two points at most, numbers before and after, the station, homework and
 * the next look, in plain words made from the lesson. Dates come in as parameters.
 */
import type { CauseTrace } from '../causes/trace.ts';
import { valueWords } from '../causes/trace.ts';
import type { FirstChoice } from '../causes/first.ts';
import type { Drill } from '../drills/drill.ts';
import { DOSE } from '../drills/drill.ts';
import { formatLength, formatSideAngle, formatSideLength } from '../line/format.ts';
import type { DisplayUnits } from '../line/format.ts';
import type { FigureProof, ProofFigure } from '../proof/compare.ts';

export interface PageNumber {
  readonly label: string;
  readonly before: string;
  readonly after: string;
  readonly verdict: FigureProof['verdict'];
}

export interface HomeworkDay {
  /** ISO date. */
  readonly date: string;
  readonly what: string;
}

export interface LessonPage {
  readonly points: readonly string[];
  readonly numbers: readonly PageNumber[];
  readonly drillIds: readonly string[];
  readonly homework: readonly HomeworkDay[];
  /** ISO date of the next look. */
  readonly nextLook: string;
}

export interface PageInput {
  readonly firstChoice: FirstChoice | null;
  readonly trace: CauseTrace | null;
  readonly drills: readonly Drill[];
  readonly proofs: readonly FigureProof[];
  readonly units: DisplayUnits;
  /** ISO date of the lesson. */
  readonly date: string;
  readonly daysToNextLook?: number;
  readonly homeworkEveryDays?: number;
}

/** Two weeks to the next look, practice every third day (common practice, no source). */
export const PAGE_DEFAULTS = { daysToNextLook: 14, homeworkEveryDays: 3, points: 2 } as const;

/** Plain names: each bit of jargon with its word. */
export const PLAIN_FIGURES: Readonly<Record<ProofFigure, string>> = {
  clubPathDeg: 'Path (the way the club travels)',
  faceAngleDeg: 'Face (where the clubface points)',
  faceToPathDeg: 'Face to path (what bends the ball)',
  startDirectionDeg: 'Start (where the ball sets off)',
  curveM: 'Bend',
  offlineM: 'From the target line',
  carryM: 'Carry (how far it flies)',
  clubSpeedMps: 'Club speed',
};

function numberOf(proof: FigureProof, units: DisplayUnits): PageNumber {
  const { figure, beforeMean, afterMean, verdict } = proof;
  const text = (value: number): string =>
    figure.endsWith('Deg')
      ? formatSideAngle(value, units.angle)
      : figure === 'carryM'
        ? formatLength(value, units.length)
        : formatSideLength(value, units.length);
  return {
    label: PLAIN_FIGURES[figure],
    before: text(beforeMean),
    after: text(afterMean),
    verdict,
  };
}

/** Days from an ISO date, as an ISO date. */
export function addDaysIso(date: string, days: number): string {
  const [year = 0, month = 1, day = 1] = date.slice(0, 10).split('-').map(Number);
  return new Date(Date.UTC(year, month - 1, day + days)).toISOString().slice(0, 10);
}

const MOVES: Readonly<Record<FirstChoice['target'], readonly [string, string]>> = {
  path: [
    'Swing the club less from the inside: the path comes back towards the line.',
    'Swing the club less across: the path comes back from the inside.',
  ],
  face: [
    'Bring the clubface to impact a little more closed.',
    'Bring the clubface to impact a little less closed.',
  ],
  strike: [
    'Strike it nearer the middle: you have been off the toe.',
    'Strike it nearer the middle: you have been off the heel.',
  ],
  aim: ['Aim the body along the line.', 'Aim the body along the line.'],
  none: ['Nothing to change: keep it as it is.', 'Nothing to change: keep it as it is.'],
};

function pointsOf({ firstChoice, trace, drills }: PageInput): string[] {
  const points: string[] = [];
  if (firstChoice !== null) points.push(MOVES[firstChoice.target][firstChoice.move < 0 ? 0 : 1]);
  if (trace?.cause != null) {
    const { link, value } = trace.cause;
    points.push(
      `${link.label} was ${valueWords(link, value!)}: bring it to “${valueWords(link, 0)}”.`,
    );
  }
  const [drill] = drills;
  if (points.length < PAGE_DEFAULTS.points && drill !== undefined) points.push(drill.how);
  return points.slice(0, PAGE_DEFAULTS.points);
}

/** The page as the lesson says it; the coach may change any of it. */
export function composePage(input: PageInput): LessonPage {
  const { drills, proofs, units, date } = input;
  const days = input.daysToNextLook ?? PAGE_DEFAULTS.daysToNextLook;
  const every = input.homeworkEveryDays ?? PAGE_DEFAULTS.homeworkEveryDays;
  const what = drills.map((drill) => drill.name).join(', then ');
  const homework: HomeworkDay[] = [];
  for (let day = every; drills.length > 0 && day < days; day += every) {
    const step = DOSE.steps[Math.min(DOSE.steps.length - 1, homework.length)]!;
    homework.push({
      date: addDaysIso(date, day),
      what: `${what}: ${step.charAt(0).toLowerCase()}${step.slice(1)}`,
    });
  }
  return {
    points: pointsOf(input),
    numbers: proofs
      .filter(({ figure }) => figure !== 'clubSpeedMps')
      .map((proof) => numberOf(proof, units)),
    drillIds: drills.map(({ id }) => id),
    homework,
    nextLook: addDaysIso(date, days),
  };
}
