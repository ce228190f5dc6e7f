/**
 * The page a player takes home: two points at most, numbers before and after, the station, homework and
 * the next look, in plain words made from the lesson's plan. Dates come in as parameters.
 */
import type { CauseLinkId } from '../causes/links.ts';
import type { CauseTrace } from '../causes/trace.ts';
import type { Drill } from '../drills/drill.ts';
import { DOSE } from '../drills/drill.ts';
import { asRightHanded } from '../line/hand.ts';
import type { Hand } from '../line/hand.ts';
import { PLAN_DEFAULTS } from '../plan/defaults.ts';
import type { Plan } from '../plan/plan.ts';
import type { Stage } from '../plan/stages.ts';
import type { BlockVerdict, NamedChange, Verdict } from '../proof/judge.ts';
import { addDaysIso } from '../units/days.ts';
import type { DisplayUnits } from './format.ts';
import { PLAIN_FIGURES, figureText } from './labels.ts';
import { expectForPlayer } from './plan.ts';

export interface PageNumber {
  readonly label: string;
  readonly before: string;
  readonly after: string;
  /** How it stands, in the player's words. */
  readonly verdict: string;
}

export interface HomeworkDay {
  /** ISO date. */
  readonly date: string;
  readonly what: string;
}

export interface LessonPage {
  readonly points: readonly string[];
  /** What to expect for now; empty where there is nothing to warn of. */
  readonly expect: string;
  readonly numbers: readonly PageNumber[];
  readonly drillIds: readonly string[];
  readonly homework: readonly HomeworkDay[];
  /** ISO date of the next look. */
  readonly nextLook: string;
}

export interface PageInput {
  readonly hand: Hand;
  /** What is decided, and the stage that is worked on; null where nothing is. */
  readonly plan: Plan | null;
  readonly stage: Stage | null;
  readonly trace: CauseTrace | null;
  readonly drills: readonly Drill[];
  readonly judged: BlockVerdict | null;
  readonly units: DisplayUnits;
  /** ISO date of the lesson. */
  readonly date: string;
  readonly daysToNextLook?: number;
  readonly homeworkEveryDays?: number;
}

/** Two weeks to the next look, practice every third day (common practice, no source). */
export const PAGE_DEFAULTS = { daysToNextLook: 14, homeworkEveryDays: 3, points: 2 } as const;

const PAGE_VERDICTS: Readonly<Record<Verdict, string>> = {
  'on plan': 'on plan',
  there: 'there',
  'no real change': 'as before',
  'away from plan': 'not yet: keep to the drill',
  'not yet clear': 'too early to say',
};

const numberOf = (change: NamedChange, units: DisplayUnits): PageNumber => ({
  label: PLAIN_FIGURES[change.figure],
  before: figureText(change.figure, change.beforeMean, units),
  after: figureText(change.figure, change.afterMean, units),
  verdict: PAGE_VERDICTS[change.verdict],
});

/** The change as a player is told it. */
function movePoint(stage: Stage, toeMm: number, hand: Hand): string {
  const side = (byDeg: number): 'left' | 'right' => (byDeg < 0 ? 'left' : 'right');
  switch (stage.move) {
    case 'path':
      return asRightHanded(stage.pathByDeg, hand) > 0
        ? `Swing the club more from the inside: the path goes further ${side(stage.pathByDeg)}.`
        : `Swing the club less from the inside: the path goes further ${side(stage.pathByDeg)}.`;
    case 'face':
      return `Bring the clubface to the ball a little more ${asRightHanded(stage.faceByDeg, hand) > 0 ? 'open' : 'closed'}.`;
    case 'together':
      return `Turn body line and clubface together a little to the ${side(stage.pathByDeg)}.`;
    case 'aim':
      return `Aim the whole body a little further ${side(stage.pathByDeg)}.`;
    case 'strike':
      return `Strike it nearer the middle: you have been off the ${toeMm > 0 ? 'toe' : 'heel'}.`;
  }
}

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

/** What a player is told who is to change nothing. */
function leavePoints({ leaveReason, ballIds }: Plan): string[] {
  // The coach has a file to settle first: the player is told nothing of it.
  const isTooFew = leaveReason === 'cannot tell' && ballIds.length < PLAN_DEFAULTS.tellsFrom;
  if (leaveReason === 'check the file' || isTooFew) return [];
  if (leaveReason === 'two-way')
    return ['Start every ball on the same line: that comes before any change of direction.'];
  return ['Nothing to change now: keep it as it is.'];
}

function pointsOf({ hand, plan, stage, trace, drills }: PageInput): string[] {
  const points: string[] = [];
  if (plan !== null && stage === null) points.push(...leavePoints(plan));
  if (stage !== null) points.push(movePoint(stage, plan?.strikeToeMm ?? 0, hand));
  const cause = trace?.cause ?? null;
  if (cause !== null && cause.value !== null && cause.value !== 0) {
    const cure = PLAIN_CURES[cause.link.id];
    if (cure !== undefined)
      points.push(typeof cure === 'string' ? cure : cure[cause.value < 0 ? 0 : 1]);
  }
  const [drill] = drills;
  if (points.length < PAGE_DEFAULTS.points && drill !== undefined) points.push(drill.how);
  return points.slice(0, PAGE_DEFAULTS.points);
}

/** The page as the lesson says it; the coach may change any of it. */
export function composePage(input: PageInput): LessonPage {
  const { plan, stage, drills, judged, units, date } = input;
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
    expect: plan === null || stage === null ? '' : expectForPlayer(plan, stage, units),
    numbers: (judged?.named ?? []).map((change) => numberOf(change, units)),
    drillIds: drills.map(({ id }) => id),
    homework,
    nextLook: addDaysIso(date, days),
  };
}
