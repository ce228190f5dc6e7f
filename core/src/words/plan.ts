/** A plan in words: what to change, what to expect, or why to leave it alone. Every screen says it from here. */
import { asRightHanded } from '../line/hand.ts';
import type { Hand } from '../line/hand.ts';
import { PLAN_DEFAULTS } from '../plan/defaults.ts';
import type { Plan } from '../plan/plan.ts';
import type { Route, Stage } from '../plan/stages.ts';
import type { Shape, Wanted } from '../plan/wanted.ts';
import { formatLength, formatNumber } from './format.ts';
import type { DisplayUnits } from './format.ts';
import { strikeText } from './labels.ts';
import { capital, countOf, figure, sentence, sideWord } from './sentence.ts';
import type { Sentence, Wording } from './sentence.ts';

/** Which way a number moves, by what it is now: less of what it is, or more of the other where it is called neither. */
function wayWords(
  nowDeg: number,
  byDeg: number,
  neitherDeg: number,
  hand: Hand,
  [minus, plus]: readonly [string, string],
): string {
  const [now, by] = [asRightHanded(nowDeg, hand), asRightHanded(byDeg, hand)];
  if (by === 0) return '';
  if (now * by < 0 && Math.abs(now) > neitherDeg) return `less ${now < 0 ? minus : plus}`;
  return `more ${by < 0 ? minus : plus}`;
}

const PATH_WORDS = ['out-to-in', 'in-to-out'] as const;
const FACE_WORDS = ['closed', 'open'] as const;

/** How far something turns, in whole degrees: `6° right`. */
const turnWords = (byDeg: number): string =>
  `${formatNumber(Math.max(1, Math.abs(byDeg)), 0)}° ${sideWord(byDeg)}`;

/** The move alone, as an instruction: `Move the path 6° right`. */
export function stageWords({ move, pathByDeg, faceByDeg }: Stage, toeMm: number): string {
  switch (move) {
    case 'path':
      return `Move the path ${turnWords(pathByDeg)}`;
    case 'face':
      return `Turn the face ${turnWords(faceByDeg)}`;
    case 'together':
      return `Turn face and path together, ${turnWords(pathByDeg)}`;
    case 'aim':
      return `Turn the whole set-up ${turnWords(pathByDeg)}`;
    case 'strike':
      return `Strike it nearer the middle: now ${strikeText(toeMm)}`;
  }
}

/** The move, and what that makes of what it is now: `Move the path 6° right: less out-to-in`. */
function moveWords(stage: Stage, toeMm: number, { hand, bands }: Wording): string {
  const { move, pathDeg, faceDeg, pathByDeg, faceByDeg } = stage;
  const words = stageWords(stage, toeMm);
  if (move === 'path')
    return `${words}: ${wayWords(pathDeg - pathByDeg, pathByDeg, bands.pathNeutralDeg, hand, PATH_WORDS)}`;
  if (move === 'face')
    return `${words}: ${wayWords(faceDeg - faceByDeg, faceByDeg, bands.faceSquareDeg, hand, FACE_WORDS)}`;
  return words;
}

/** An average miss: no balls miss by nothing. */
export function missText(missM: number, { length }: Pick<DisplayUnits, 'length'>): string {
  const text = formatLength(missM, length);
  return text.startsWith('0 ') ? `under 1 ${length}` : text;
}

/** `16 m right of where they should`; empty where they finish about on it. */
function finishWords(offM: number, units: DisplayUnits): string {
  if (Math.abs(offM) < 1) return 'about where they should';
  return `${formatLength(Math.abs(offM), units.length)} ${sideWord(offM)} of where they should`;
}

/** What the next balls would do, as computed, and that worse is right where it is worse for now. */
export function expectWords(plan: Plan, stage: Stage, units: DisplayUnits): string {
  const { expected, worseForNow } = stage;
  const finish = finishWords(expected.offlineM - plan.wanted.finishM, units);
  if (worseForNow) {
    const by = expected.offlineM - plan.now.offlineM;
    const further =
      Math.abs(by) < 1
        ? `expect the average miss to grow to ${missText(expected.missM, units)}`
        : `expect them ${formatLength(Math.abs(by), units.length)} further ${sideWord(by)}`;
    return `For now ${further}: that is as planned.`;
  }
  return `Expect them to finish ${finish}, on average ${missText(expected.missM, units)} off (computed).`;
}

/** What the player is told of it, without the model's figures. */
export function expectForPlayer(plan: Plan, stage: Stage, units: DisplayUnits): string {
  if (!stage.worseForNow) return '';
  const by = stage.expected.offlineM - plan.now.offlineM;
  if (Math.abs(by) < 1) return 'For now the ball may miss by more than before: that is as planned.';
  return `For now the ball may finish about ${formatLength(Math.abs(by), units.length)} further ${sideWord(by)}: that is as planned.`;
}

/** Straight pulls and pushes share one warning: watch the gap. Where nothing is changed there is nothing to watch. */
export function gapWarning(plan: Plan, hand: Hand): string | null {
  if (plan.straightMiss === null || plan.leaveAlone) return null;
  const away = plan.straightMiss === 'pull' ? 1 : -1;
  const side = sideWord(asRightHanded(away, hand));
  const turn = plan.straightMiss === 'pull' ? 'close' : 'open';
  return `A straight ${plan.straightMiss}: watch the gap. If balls begin to bend ${side}, ${turn} the face to the path before moving the path further.`;
}

const LEAVE_WORDS = {
  'all within': 'Face, path and the gap between them are where they are wanted: leave it alone.',
  'two-way':
    'A two-way miss: about as many finish left as right, so no one direction cures it. Work on starting every ball on the same line.',
  'check the file': 'Until that is settled these balls do not say what to change.',
  'not wanted of this club':
    'No face and path of this club give the wanted flight: change what is wanted.',
} as const;

/** Why nothing is to be changed. */
function leaveWords(plan: Plan, units: DisplayUnits): string {
  switch (plan.leaveReason) {
    case null:
      return '';
    case 'cannot tell':
      if (plan.ballIds.length < PLAN_DEFAULTS.tellsFrom)
        return 'Too few balls yet to say what to change.';
      return plan.ballsMore === null
        ? 'Nothing is clearly off: leave it alone.'
        : `Nothing is clearly off yet: leave it alone, or hit ${countOf(plan.ballsMore, 'more ball')} to be sure.`;
    case 'no route is better':
      return `Leave it alone: these balls finish about as near as their scatter allows, ${missText(plan.now.missM, units)} off on average (computed).`;
    default:
      return LEAVE_WORDS[plan.leaveReason];
  }
}

export const chosenRoute = (plan: Plan): Route | null => plan.routes[plan.chosen] ?? null;

/** What to change first, or to leave it alone: the one line every screen repeats. */
export function planWords(plan: Plan, route: Route | null, w: Wording): string {
  if (route === null) return leaveWords(plan, w.units);
  const [first, ...later] = route.stages;
  const next = later.map((stage) => `, then ${laterWords(stage)}`).join('');
  return `${moveWords(first!, plan.strikeToeMm, w)}${next}.`;
}

const laterWords = ({ move }: Stage): string =>
  move === 'together' ? 'face and path together back to the line' : `the ${move}`;

/** Less carry than this is no gain to speak of, m. */
const LEAST_GAIN_M = 1;

/** The computed gain: `Average miss 35 m → 8 m (computed).`; of a strike, the carry it gives back. */
export function gainWords(plan: Plan, route: Route, units: DisplayUnits): string {
  const length = (m: number): string => formatLength(m, units.length);
  if (route.id === 'strike') {
    // The gain alone: the carries it lies between are computed, and the monitor's own stand beside it.
    const gainM = route.stages[0]!.expected.carryM - plan.now.carryM;
    if (gainM < LEAST_GAIN_M) return 'The carry stays about what it is (computed).';
    return `About ${length(gainM)} more carry with the same swing (computed).`;
  }
  const misses = [plan.now, ...route.stages.map(({ expected }) => expected)];
  return `Average miss ${misses.map(({ missM }) => missText(missM, units)).join(' → ')} (computed).`;
}

export function planSentence(plan: Plan, w: Wording): Sentence {
  const route = chosenRoute(plan);
  if (route === null) return sentence('plan', planWords(plan, null, w));
  return sentence(
    'plan',
    `${planWords(plan, route, w)} `,
    figure(gainWords(plan, route, w.units), plan.ballIds),
  );
}

const SHAPE_WORDS: Readonly<Record<Shape, string>> = {
  straight: 'straight at the target',
  draw: 'a draw',
  fade: 'a fade',
};

/** What is wanted, in a line: `A fade, never left.` */
export function wantedWords(wanted: Wanted): string {
  const ruled =
    wanted.ruledOut === undefined || wanted.ruledOut === 'either' ? '' : `, ${wanted.ruledOut}`;
  return `${capital(SHAPE_WORDS[wanted.shape])}${ruled}`;
}
