/**
 * The page a player takes home: two points at most, numbers before and after, the station, homework and
 * the next look, in plain words made from the lesson's findings. Dates come in as parameters.
 */
import type { CauseLinkId } from '../causes/links.ts';
import type { Drill } from '../drills/drill.ts';
import { doseOf } from '../drills/dose.ts';
import { asRightHanded } from '../line/hand.ts';
import type { LessonFindings } from '../lesson/findings.ts';
import { POINTS_AT_MOST, pagePoints } from '../lesson/page-points.ts';
import type { PagePoint } from '../lesson/page-points.ts';
import type { HomeworkDay } from '../lesson/parts.ts';
import type { Stage } from '../plan/stages.ts';
import type { CountChange } from '../proof/counts.ts';
import type { BlockVerdict, NamedChange } from '../proof/judge.ts';
import type { Verdict } from '../proof/verdict.ts';
import { addDaysIso } from '../units/days.ts';
import { angleText, wordsOf } from './angles.ts';
import type { AngleName } from './angles.ts';
import { PLAIN_FIGURES, figureText } from './labels.ts';
import { BASICS_FOR_PLAYER, lookForPlayer } from './looks.ts';
import { expectForPlayer, stopForPlayer } from './plan.ts';
import { sideWord } from './sentence.ts';
import type { Wording } from './sentence.ts';

export interface PageNumber {
  readonly label: string;
  readonly before: string;
  readonly after: string;
  /** How it stands, in the player's words. */
  readonly verdict: string;
}

export interface LessonPage {
  readonly points: readonly string[];
  /** What to expect for now, and when to stop; empty where there is nothing to warn of. */
  readonly expect: string;
  readonly numbers: readonly PageNumber[];
  readonly drillIds: readonly string[];
  readonly homework: readonly HomeworkDay[];
  /** ISO date of the next look. */
  readonly nextLook: string;
}

export interface PageInput {
  /** What the lesson found; null where nothing is decided. */
  readonly findings: LessonFindings | null;
  /** The drills given, where nothing is decided: those of the findings that fit otherwise. */
  readonly drills?: readonly Drill[];
  /** Whether nothing is to be overdone at full speed. */
  readonly gently: boolean;
  readonly wording: Wording;
  /** ISO date of the lesson. */
  readonly date: string;
  readonly daysToNextLook?: number;
  readonly homeworkEveryDays?: number;
}

/** Two weeks to the next look, practice every third day (common practice, no source). */
export const PAGE_DEFAULTS = {
  daysToNextLook: 14,
  homeworkEveryDays: 3,
  points: POINTS_AT_MOST,
} as const;

const PAGE_VERDICTS: Readonly<Record<Verdict, string>> = {
  'on plan': 'on the way',
  there: 'there',
  'past it': 'too far: ease off',
  'no real change': 'as before',
  'away from plan': 'not yet: keep to the drill',
  'not yet clear': 'too early to say',
};

const IN_WORDS: ReadonlySet<string> = new Set([
  'faceAngleDeg',
  'clubPathDeg',
  'faceToPathDeg',
  'startDirectionDeg',
]);

function numberOf(change: NamedChange, w: Wording): PageNumber {
  const { figure } = change;
  const text = (value: number): string =>
    IN_WORDS.has(figure)
      ? angleText(wordsOf(figure as AngleName, value, w.hand, w.bands))
      : figureText(figure, value, w.units);
  return {
    label: PLAIN_FIGURES[figure],
    before: text(change.beforeMean),
    after: text(change.afterMean),
    verdict: PAGE_VERDICTS[change.verdict],
  };
}

const COUNT_LABELS = {
  startDirectionDeg: 'Balls that start off line',
  curveM: 'Balls that bend too much',
  offlineM: 'Balls that finish wide',
  strikeToeMm: 'Balls off the middle',
} as const;

/** Returns what an eye counted, as a label. */
export const countLabel = ({ figure, isSideOnly }: CountChange): string =>
  isSideOnly ? 'Balls that bend' : COUNT_LABELS[figure];

/** Returns the numbers it was judged on: counts, where an eye saw the balls. */
function numbersOf(judged: BlockVerdict | null, w: Wording): PageNumber[] {
  if (judged === null) return [];
  if (judged.counts.length === 0) return judged.named.map((change) => numberOf(change, w));
  return judged.counts.map((count) => ({
    label: countLabel(count),
    before: `${count.before.had} of ${count.before.of}`,
    after: `${count.after.had} of ${count.after.of}`,
    verdict: PAGE_VERDICTS[count.verdict],
  }));
}

/** Turns below it are a little, degrees. */
const LITTLE_DEG = 4;
const little = (byDeg: number): string => (Math.abs(byDeg) < LITTLE_DEG ? 'a little ' : '');

/** Returns the change as a player is told it. */
function movePoint(stage: Stage, toeMm: number, { hand }: Wording): string {
  switch (stage.move) {
    case 'path':
      return asRightHanded(stage.pathByDeg, hand) > 0
        ? 'Swing the club more from the inside.'
        : 'Swing the club less from the inside.';
    case 'face':
      return `Bring the clubface to the ball ${little(stage.faceByDeg)}more ${asRightHanded(stage.faceByDeg, hand) > 0 ? 'open' : 'closed'}.`;
    case 'together':
      return `Turn body line and clubface together ${little(stage.pathByDeg)}to the ${sideWord(stage.pathByDeg)}.`;
    case 'aim':
      return `Aim the whole body ${little(stage.pathByDeg)}further ${sideWord(stage.pathByDeg)}.`;
    case 'strike':
      return `Strike it nearer the middle. You come off the ${toeMm > 0 ? 'toe' : 'heel'}.`;
  }
}

const lowerFirst = (text: string): string => text.charAt(0).toLowerCase() + text.slice(1);

/** What cures a link seen off to the minus or the plus side; one line where both are cured alike. */
const PLAIN_CURES: Readonly<
  Partial<Record<CauseLinkId, string | readonly [minus: string, plus: string]>>
> = {
  'ball-position': ['Put the ball further forward.', 'Bring the ball back a little.'],
  aim: 'Aim the body at the target, not to the side.',
  'shoulder-line': [
    'Set the shoulders a little more open.',
    'Set the shoulders a little more closed.',
  ],
  'feet-line': ['Open the stance a little.', 'Close the stance a little.'],
  'hip-line': ['Open the hips a little at address.', 'Close the hips a little at address.'],
  'grip-strength': [
    'Turn the lead hand until two knuckles show.',
    'Turn the lead hand back until two knuckles show.',
  ],
  'grip-hold': ['Hold the grip in the fingers.', 'Hold the grip in the fingers, not in the palm.'],
  distance: ['Stand a little further from the ball.', 'Stand a little nearer to the ball.'],
  'leading-edge': 'Half-way back, let the leading edge match the tilt of your back.',
  forearms: 'Keep the forearms level going back.',
  'lead-wrist': [
    'Keep the lead wrist flat at the top, not bowed.',
    'Keep the lead wrist flat at the top, not cupped.',
  ],
  'toe-at-top': [
    'At the top let the toe hang half-way down.',
    'At the top keep the toe from hanging straight down.',
  ],
  'back-turn': ['Turn back a little less.', 'Make a full turn going back.'],
  chest: [
    'Let the chest open in time, not late.',
    'Keep the chest back a little longer coming down.',
  ],
  'lead-hip': ['Let the lead hip hold, not drive past.', 'Keep the lead hip from backing away.'],
  'eye-line': 'Keep the eyes still through the ball.',
  'side-bend': [
    'Keep your side bend through the ball.',
    'Stay a little more upright through the ball.',
  ],
  'lead-elbow': [
    'Let the lead elbow fold after the ball.',
    'Let the arms run out after the ball: the elbow does not pull back.',
  ],
};

function cureWords({ link, value }: Extract<PagePoint, { kind: 'cure' }>): string | null {
  const cure = PLAIN_CURES[link.id as CauseLinkId];
  if (cure === undefined) return null;
  return typeof cure === 'string' ? cure : cure[value < 0 ? 0 : 1];
}

/** Returns a point as a player is told it; null where there are no plain words for it. */
function pointWords(point: PagePoint, w: Wording): string | null {
  switch (point.kind) {
    case 'move': {
      const words = movePoint(point.stage, point.toeMm, w);
      return point.isTry ? `Try this: ${lowerFirst(words)}` : words;
    }
    case 'cure':
      return cureWords(point);
    case 'drill':
      return point.drill.how;
    case 'basics':
      return BASICS_FOR_PLAYER;
    case 'look':
      return lookForPlayer(point.look);
    case 'steady':
      return 'Start every ball on the same line. The direction comes later.';
    case 'keep':
      return point.why === 'unproven'
        ? 'Change nothing for now: no change is proven to help.'
        : 'Nothing to change: keep it as it is.';
  }
}

/** Practice from day to day, a step of the dose at a time, until the next look. */
function homeworkOf(input: PageInput, drills: readonly Drill[], days: number): HomeworkDay[] {
  const every = input.homeworkEveryDays ?? PAGE_DEFAULTS.homeworkEveryDays;
  const [first] = drills;
  if (first === undefined) return [];
  const steps = doseOf(first, input.gently);
  const what = drills.map((drill) => drill.name).join(', then ');
  const homework: HomeworkDay[] = [];
  for (let day = every; day < days; day += every) {
    const step = steps[Math.min(steps.length - 1, homework.length)]!;
    homework.push({
      date: addDaysIso(input.date, day),
      what: `${what}: ${lowerFirst(step.words)}`,
    });
  }
  return homework;
}

/** Returns the page as the lesson says it; the coach may change any of it. */
export function composePage(input: PageInput): LessonPage {
  const { findings, wording, date } = input;
  const { hand, units } = wording;
  const drills = findings?.pageDrills ?? input.drills ?? [];
  const points = findings?.points ?? pagePoints(null, null, drills);
  const days = input.daysToNextLook ?? PAGE_DEFAULTS.daysToNextLook;
  const stage = findings?.work.stage ?? null;
  const expect =
    findings === null || stage === null
      ? ''
      : [expectForPlayer(findings.plan, stage, units), stopForPlayer(findings.plan, hand)]
          .filter(Boolean)
          .join(' ');
  return {
    points: points.flatMap((point) => pointWords(point, wording) ?? []),
    expect,
    numbers: numbersOf(findings?.verdict?.judged ?? null, wording),
    drillIds: drills.map(({ id }) => id),
    homework: homeworkOf(input, drills, days),
    nextLook: addDaysIso(date, days),
  };
}
