import { resolveAccuracy } from './accuracy.ts';
import type { DeviceAccuracy } from './accuracy.ts';
import type { FlightOptions } from '../flight/options.ts';
import { DEFAULT_DISPLAY_UNITS, formatLength } from '../line/format.ts';
import type { DisplayUnits } from '../line/format.ts';
import { HANDS } from '../line/hand.ts';
import type { Hand } from '../line/hand.ts';
import { RangeMisuse } from '../units/require.ts';
import type { LessonBall } from './ball.ts';
import { resolveBands } from './bands.ts';
import type { Bands } from './bands.ts';
import { readGroup } from './group.ts';
import type { GroupReading } from './group.ts';
import { NAMING_SCHOOLS } from './names.ts';
import type { NamingSchool } from './names.ts';
import {
  causeSentence,
  costSentence,
  countOf,
  figure,
  flightSentence,
  inferredSentence,
  sentence,
  shareSentence,
  sureSentence,
  suspectSentence,
} from './sentences.ts';
import type { Sentence, Wording } from './sentences.ts';
import { viewBall } from './view.ts';
import type { BallView } from './view.ts';

export interface ReadingContext {
  readonly hand: Hand;
  readonly bands?: Partial<Bands>;
  readonly naming?: NamingSchool;
  readonly units?: DisplayUnits;
  /** Air, wind and coefficients of the flights computed. */
  readonly flight?: FlightOptions;
  /** How far the monitor's figures may be off. */
  readonly accuracy?: Partial<DeviceAccuracy>;
}

/** What the balls say, in words, with the figures the words use. */
export interface Reading {
  readonly sentences: readonly Sentence[];
  /** One for each club, in the order first hit. */
  readonly groups: readonly GroupReading[];
  readonly views: readonly BallView[];
}

/** One club read on its own, in sentences. */
export function groupSentences(
  group: GroupReading,
  views: readonly BallView[],
  wording: Wording,
): Sentence[] {
  if (group.countedIds.length === 0) {
    return [sentence('sure', 'Every ball is left out: keep one in to read it.')];
  }
  const noteOf = (id: string): string => views.find((view) => view.id === id)?.agreement.note ?? '';
  const all = [
    flightSentence(group, wording),
    causeSentence(group, wording),
    inferredSentence(group),
    costSentence(group, wording),
    sureSentence(group, wording),
    shareSentence(group),
    suspectSentence(group, noteOf),
  ].filter((s) => s !== null);
  return all.length > 0 ? all : [sentence('sure', missingWords(group))];
}

const missingWords = (group: GroupReading): string =>
  `${countOf(group.countedIds.length, 'ball')} without a start direction or face and path: nothing to read yet.`;

/** Each club in a line, and what the difference between them is. */
function acrossClubs(groups: readonly GroupReading[], wording: Wording): Sentence[] {
  const lines = groups.flatMap((group) => {
    const flight = flightSentence(group, wording);
    if (flight === null) return [];
    return [
      sentence(
        'flight',
        `${group.clubLabel}, `,
        figure(countOf(group.countedIds.length, 'ball'), group.countedIds),
        ': ',
        ...lowerFirst(flight),
      ),
    ];
  });
  const difference = clubDifference(groups, wording);
  return difference === null ? lines : [...lines, difference];
}

const lowerFirst = ({ parts }: Sentence): Sentence['parts'] =>
  parts.map((part, index) =>
    index === 0 ? { ...part, text: part.text.charAt(0).toLowerCase() + part.text.slice(1) } : part,
  );

/** Gaps within this of each other are one delivery through two clubs, degrees. */
const SAME_GAP_DEG = 1.5;
/** Bends that differ by more than this factor are worth a word. */
const BEND_RATIO = 1.5;

/** The same gap bends a long club more: say so, lest the coach change a swing for its driver. */
function clubDifference(groups: readonly GroupReading[], w: Wording): Sentence | null {
  const known = groups.filter((g) => g.figures.faceToPathDeg && g.figures.curveM);
  const byBend = [...known].sort(
    (a, b) => Math.abs(b.figures.curveM!.mean) - Math.abs(a.figures.curveM!.mean),
  );
  const [most, least] = [byBend[0], byBend.at(-1)];
  if (most === undefined || least === undefined || most === least) return null;
  const [mostGap, leastGap] = [most.figures.faceToPathDeg!, least.figures.faceToPathDeg!];
  const [mostCurve, leastCurve] = [most.figures.curveM!, least.figures.curveM!];
  if (Math.abs(mostCurve.mean) < BEND_RATIO * Math.abs(leastCurve.mean)) return null;
  const names = `the ${most.clubLabel.toLowerCase()} bends ${formatLength(Math.abs(mostCurve.mean), w.units.length)} and the ${least.clubLabel.toLowerCase()} ${formatLength(Math.abs(leastCurve.mean), w.units.length)}`;
  const both = [...mostGap.ballIds, ...leastGap.ballIds];
  if (Math.abs(mostGap.mean - leastGap.mean) <= SAME_GAP_DEG) {
    return sentence(
      'clubs',
      'Face to path is much the same with both, yet ',
      figure(names, both),
      ': less loft bends the same gap more.',
    );
  }
  return sentence('clubs', 'Face to path differs between the clubs: ', figure(names, both), '.');
}

/**
 * Reads a set of balls. With one club its sentences; with several a line for each club and what
 * differs (each club's own sentences: `groupSentences`). `onBall` hears how many are done. Throws RangeMisuse for a bad context.
 */
export function readBalls(
  balls: readonly LessonBall[],
  context: ReadingContext,
  onBall?: (done: number) => void,
): Reading {
  if (!HANDS.includes(context.hand)) {
    throw new RangeMisuse('context.hand', context.hand, "'right' or 'left'");
  }
  const naming = context.naming ?? 'start-and-bend';
  if (!NAMING_SCHOOLS.includes(naming)) {
    throw new RangeMisuse('context.naming', naming, `one of ${NAMING_SCHOOLS.join(', ')}`);
  }
  const bands = resolveBands(context.bands);
  const inner = {
    hand: context.hand,
    bands,
    naming,
    flight: context.flight ?? {},
    accuracy: resolveAccuracy(context.accuracy),
  };
  const wording = { hand: context.hand, bands, units: context.units ?? DEFAULT_DISPLAY_UNITS };
  const views = balls.map((ball, index) => {
    onBall?.(index);
    return viewBall(ball, ball.id ?? String(index + 1), inner);
  });
  const byClub = new Map<string, BallView[]>();
  for (const view of views) {
    const key = view.ball.club ?? `text:${view.ball.clubText ?? ''}`;
    byClub.set(key, [...(byClub.get(key) ?? []), view]);
  }
  const groups = [...byClub.values()].map((group) => readGroup(group, inner));
  const [only] = groups;
  const sentences =
    only === undefined
      ? [sentence('next', 'No balls yet: drop a launch file here, or type a ball in.')]
      : groups.length === 1
        ? groupSentences(only, views, wording)
        : acrossClubs(groups, wording);
  return { sentences, groups, views };
}
