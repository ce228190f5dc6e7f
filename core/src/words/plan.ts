/** What is done, in words: the move, how likely it is, what to expect; or why nothing is changed. Every screen says it from here. */
import { asRightHanded } from '../line/hand.ts';
import type { Hand } from '../line/hand.ts';
import { leaveReason } from '../plan/leave.ts';
import type { Middle } from '../plan/outcome.ts';
import type { Plan } from '../plan/plan.ts';
import type { Move } from '../plan/routes.ts';
import type { Route, Stage } from '../plan/stages.ts';
import { shapeOf } from '../plan/wanted.ts';
import type { Shape, Wanted } from '../plan/wanted.ts';
import type { Worth } from '../plan/worth.ts';
import type { Bands } from '../reading/bands.ts';
import { formatLength, formatNumber, formatSideLength } from './format.ts';
import type { DisplayUnits } from './format.ts';
import { convert } from '../units/units.ts';
import { BASICS_FIRST, answersWords, lookWords } from './looks.ts';
import { PLAN_DEFAULTS } from '../plan/defaults.ts';
import { capital, figure, sentence, sideWord } from './sentence.ts';
import type { Sentence, Wording } from './sentence.ts';

/** Returns which way a number moves, by what it is now: less of what it is, or more of the other where it is called neither. */
function wayWords(
  nowDeg: number,
  byDeg: number,
  neitherDeg: number,
  hand: Hand,
  [minus, plus]: readonly [string, string],
): string {
  const [now, by] = [asRightHanded(nowDeg, hand), asRightHanded(byDeg, hand)];
  if (now * by < 0 && Math.abs(now) > neitherDeg) return `less ${now < 0 ? minus : plus}`;
  return `more ${by < 0 ? minus : plus}`;
}

const PATH_WORDS = ['out-to-in', 'in-to-out'] as const;
const FACE_WORDS = ['closed', 'open'] as const;

/** Returns how far something turns, in whole degrees. */
const turnText = (byDeg: number): string => `${formatNumber(Math.max(1, Math.abs(byDeg)), 0)}°`;

const pathWay = (stage: Stage, { hand, bands }: Wording): string =>
  wayWords(
    stage.pathDeg - stage.pathByDeg,
    stage.pathByDeg,
    bands.pathNeutralDeg,
    hand,
    PATH_WORDS,
  );
const faceWay = (stage: Stage, { hand, bands }: Wording): string =>
  wayWords(stage.faceDeg - stage.faceByDeg, stage.faceByDeg, bands.faceSquareDeg, hand, FACE_WORDS);

interface Said {
  /** `Turn everything 6° right`; of a try `turning everything 6° right`. */
  readonly isTry: boolean;
  /** Of an eye's balls no amount is known well enough to be said: `Turn everything right`. */
  readonly isByEye: boolean;
}
const PLAINLY: Said = { isTry: false, isByEye: false };

/** Returns a move alone, as an instruction: `Move the path 6° right: less out-to-in`. */
export function moveWords(
  stage: Stage,
  toeMm: number,
  w: Wording,
  { isTry, isByEye }: Said = PLAINLY,
): string {
  const by = (deg: number): string =>
    isByEye ? sideWord(deg) : `${turnText(deg)} ${sideWord(deg)}`;
  switch (stage.move) {
    case 'path':
      return `${isTry ? 'moving' : 'Move'} the path ${by(stage.pathByDeg)}: ${pathWay(stage, w)}`;
    case 'face':
      return `${isTry ? 'turning' : 'Turn'} the face ${by(stage.faceByDeg)}: ${faceWay(stage, w)}`;
    case 'together':
      return `${isTry ? 'turning' : 'Turn'} everything ${by(stage.pathByDeg)}: face and path together`;
    case 'aim':
      return `${isTry ? 'aiming' : 'Aim'} everything ${by(stage.pathByDeg)}`;
    case 'strike':
      return `${isTry ? 'striking' : 'Strike'} it nearer the middle: they come off the ${toeMm > 0 ? 'toe' : 'heel'}`;
  }
}

/** Returns the first of two moves: `the face: 11° less closed`; by eye `the face: less closed`. */
function firstWords(stage: Stage, w: Wording, isByEye: boolean): string {
  const by = (deg: number): string => (isByEye ? '' : `${turnText(deg)} `);
  switch (stage.move) {
    case 'path':
      return `the path: ${by(stage.pathByDeg)}${pathWay(stage, w)}`;
    case 'face':
      return `the face: ${by(stage.faceByDeg)}${faceWay(stage, w)}`;
    default:
      return `face and path together: ${by(stage.pathByDeg)}${sideWord(stage.pathByDeg)}`;
  }
}
const THEN: Readonly<Record<Move, string>> = {
  path: 'Then the path.',
  face: 'Then the face.',
  together: 'Then both back to the line.',
  aim: 'Then the aim.',
  strike: 'Then the strike.',
};

/** Returns the moves of a route: `Turn everything 6° right: face and path together.`, `First the face: 11° less closed. Then the path.` */
export function routeWords(plan: Plan, route: Route, w: Wording, isTry = false): string {
  const [first, second] = route.stages as readonly [Stage, Stage | undefined];
  const { isByEye } = plan;
  if (second === undefined) {
    const words = moveWords(first, plan.strikeToeMm, w, { isTry, isByEye });
    return isTry ? `Try ${words}.` : `${words}.`;
  }
  const begin = isTry ? 'Try first' : 'First';
  return `${begin} ${firstWords(first, w, isByEye)}. ${THEN[second.move]}`;
}

/** Returns an average miss: no balls miss by nothing. */
export function missText(missM: number, { length }: Pick<DisplayUnits, 'length'>): string {
  const text = formatLength(missM, length);
  return text.startsWith('0 ') ? `under 1 ${length}` : text;
}

/** Returns whether a shape was asked for that the balls do not fly and the route gives: then the gain is the bend. */
function isShapeGained(
  { isSaid, wanted, now }: Plan,
  end: Middle,
  hand: Hand,
  bands: Bands,
): boolean {
  const shape = (of: Middle): Shape => shapeOf(of.curveM, of.carryM, hand, bands);
  return (
    isSaid &&
    wanted.shape !== 'straight' &&
    shape(now) !== wanted.shape &&
    shape(end) === wanted.shape
  );
}

/** Less carry than this is no gain, m. */
const LEAST_GAIN_M = 1;

/** Returns what a strike in the middle gives back. */
function carryWords({ now }: Plan, end: Middle, { length }: DisplayUnits): string {
  const gainM = end.carryM - now.carryM;
  if (gainM < LEAST_GAIN_M) return 'The carry stays about what it is.';
  return `About ${formatLength(gainM, length)} more carry from the same swing.`;
}

/** Returns the computed gain: `Miss 17 m → 4 m.`; of a strike the carry it gives back; of a shape that was asked for, the bend. */
export function gainWords(plan: Plan, route: Route, { hand, bands, units }: Wording): string {
  const end = route.stages.at(-1)!.expected;
  if (route.id === 'strike') return carryWords(plan, end, units);
  if (isShapeGained(plan, end, hand, bands)) {
    const bend = (m: number): string => formatSideLength(m, units.length);
    return `Bend ${bend(plan.now.curveM)} → ${bend(end.curveM)}.`;
  }
  return `Miss ${missText(plan.now.missM, units)} → ${missText(end.missM, units)}.`;
}

/** Where balls come down, under their picture: how far off; where a shape was asked for, how far they bend; where the strike is worked on, the carry. */
export function landingWords(
  { isSaid, wanted, isByEye, isSideOnly, now }: Plan,
  of: Middle,
  units: DisplayUnits,
  gain: 'direction' | 'carry' = 'direction',
): string {
  const near = isByEye ? 'about ' : '';
  // Of balls whose sides alone were told nobody knows how far off they are.
  if (isSideOnly && gain === 'direction')
    return of === now ? 'how far not said' : of.missM > now.missM ? 'farther for now' : 'nearer';
  if (gain === 'carry') return `carry ${near}${formatLength(of.carryM, units.length)}`;
  return isSaid && wanted.shape !== 'straight'
    ? `bend ${near}${formatSideLength(of.curveM, units.length)}`
    : `${near}${missText(of.missM, units)} off`;
}

/** `2 m left of the target`, `on the target`; of a finish that was asked for, of that. */
function finishWords(offlineM: number, { finishM }: Plan['wanted'], units: DisplayUnits): string {
  const off = offlineM - finishM;
  const where = finishM === 0 ? 'the target' : 'the finish';
  if (Math.abs(off) < 1) return `on ${where}`;
  return `${formatLength(Math.abs(off), units.length)} ${sideWord(off)} of ${where}`;
}

const WORSE_FOR_NOW = 'Expect the miss to grow for now; that is right.';

/** Returns what the next balls would do, as computed; and that worse is right where it is worse for now. */
export function expectWords(plan: Plan, stage: Stage, units: DisplayUnits): string {
  const { expected, worseForNow, move } = stage;
  if (move === 'strike') return carryWords(plan, expected, units);
  if (worseForNow) {
    const by = expected.offlineM - plan.now.offlineM;
    if (plan.isSideOnly) return WORSE_FOR_NOW;
    return Math.abs(by) < 1
      ? `Expect the miss to grow to ${missText(expected.missM, units)} for now; that is right.`
      : `Expect ${formatLength(Math.abs(by), units.length)} further ${sideWord(by)} for now; that is right.`;
  }
  if (plan.isSideOnly) return 'Then expect them nearer the target.';
  return `Then expect: ${finishWords(expected.offlineM, plan.wanted, units)}, within ${missText(expected.missM, units)}.`;
}

/** Returns what the player is told of it, without the model's figures. */
export function expectForPlayer(plan: Plan, stage: Stage, units: DisplayUnits): string {
  if (!stage.worseForNow) return '';
  const by = stage.expected.offlineM - plan.now.offlineM;
  if (plan.isSideOnly || Math.abs(by) < 1)
    return 'For now the ball may miss by more. That is right.';
  return `For now the ball may finish about ${formatLength(Math.abs(by), units.length)} further ${sideWord(by)}. That is right.`;
}

const bendsAway = (plan: Plan, hand: Hand): 'left' | 'right' =>
  sideWord(asRightHanded(plan.straightMiss === 'pull' ? 1 : -1, hand));
const isFaceToPathWatched = ({ straightMiss, chosen, routes }: Plan): boolean =>
  straightMiss !== null && chosen >= 0 && routes[chosen]!.id !== 'strike';

/** Straight pulls and pushes share one warning: watch the gap. Where nothing is changed, or the strike alone, there is nothing to watch. */
export function faceToPathWarning(plan: Plan, hand: Hand): string | null {
  if (!isFaceToPathWatched(plan)) return null;
  const turn = plan.straightMiss === 'pull' ? 'close' : 'open';
  return `Watch the gap. If balls begin to bend ${bendsAway(plan, hand)}, ${turn} the face before moving the path further.`;
}
/** Returns the same as a player is told it: when to stop. */
export const stopForPlayer = (plan: Plan, hand: Hand): string =>
  isFaceToPathWatched(plan)
    ? `If balls begin to bend ${bendsAway(plan, hand)}, stop and tell your coach.`
    : '';

/** Half and more of a tenth: `4 in 5` of what is between three in four and 85 %, `9 in 10` above. */
const NINE_IN_TEN_FROM = 0.85;
export const likelyWords = (p: number): string => (p >= NINE_IN_TEN_FROM ? '9 in 10' : '4 in 5');

const PROBABLY: Readonly<Record<Move, string>> = {
  path: 'the path',
  face: 'the face',
  together: 'both face and path',
  aim: 'the aim',
  strike: 'the strike',
};

/** Returns what shows that a try was right, or what the balls do where it was not. */
function checkWords(plan: Plan, { stages }: Route, units: DisplayUnits): string {
  const { ifWrong } = plan;
  if (ifWrong === null) return '';
  const wrong = plan.isSideOnly
    ? `they finish ${sideWord(ifWrong.offlineM - plan.wanted.finishM)}`
    : `expect ${finishWords(ifWrong.offlineM, plan.wanted, units)}`;
  return stages[0]!.move === 'together'
    ? ` If they then start straight, it was; if not, ${wrong}.`
    : ` If it is wrong, ${wrong}.`;
}

const WORTH_LABELS: Readonly<Record<Worth['kind'], string>> = {
  strike: 'strike',
  distance: 'distance control',
  speed: 'speed',
  'start line': 'the start line under pressure',
};
export const worthLabel = ({ kind }: Worth): string => capital(WORTH_LABELS[kind]);

/** Club speed that a season of training gives, in round figures. */
const ROUND_SPEED = { 'm/s': 1, mph: 2, 'km/h': 3 } as const;

/** One thing worth more, with what it would tell. */
export function worthWords(worth: Worth, units: DisplayUnits): string {
  switch (worth.kind) {
    case 'strike':
      return worth.isSeen
        ? 'They come from all over the face.'
        : 'Nobody has looked where on the face they come from. Spray it and hit six.';
    case 'distance':
      return `Most carries lie within ${formatLength(worth.spreadM, units.length)} of their middle.`;
    case 'speed': {
      const by = ROUND_SPEED[units.speed];
      const gainM = (worth.gainM * convert(by, units.speed, 'm/s')) / worth.byMps;
      return `Each ${by} ${units.speed} more club speed carries ${formatLength(gainM, units.length)} further.`;
    }
    case 'start line':
      return 'Start every ball at one mark, and score it.';
  }
}

/** `A 6 m`, `An 11 m`. */
const withArticle = (amount: string): string =>
  `${/^(8|11|18)\b/.test(amount) ? 'An' : 'A'} ${amount}`;

/** Why the direction is left. */
function leaveSentences(plan: Plan, worth: readonly Worth[], { units }: Wording): Sentence[] {
  const [more] = worth;
  const why = {
    asked: `Leave it: that is the ${plan.wanted.shape} that was asked for.`,
    'not off': `Leave it for now: not clearly off the ${plan.wanted.shape} that was asked for.`,
    unproven: 'Leave the direction for now: no change is proven to help.',
    scatter: `Leave the direction. ${withArticle(missText(plan.now.missM, units))} miss is this player’s scatter.`,
  }[leaveReason(plan)];
  const next = more === undefined ? '' : ` Worth more: ${WORTH_LABELS[more.kind]}.`;
  return [sentence('plan', `${why}${next}`)];
}

const ASK_WORDS = {
  'check the file': 'Until that is settled, these balls name no change.',
  'not wanted of this club': 'This club can’t fly that. Change the wanted flight.',
} as const;

export const chosenRoute = (plan: Plan): Route | null => plan.routes[plan.chosen] ?? null;

/** Returns a try: what is probable, what to try, and what the balls do where it is wrong. */
function trySentences(plan: Plan, route: Route, w: Wording): Sentence[] {
  const { move } = route.stages[0]!;
  const isFew = plan.ballIds.length < PLAN_DEFAULTS.fewBalls;
  return [
    ...(isFew ? [sentence('plan', BASICS_FIRST)] : []),
    sentence('plan', `Probably ${PROBABLY[move]} (${likelyWords(plan.p)}).`),
    sentence('plan', `${routeWords(plan, route, w, true)}${checkWords(plan, route, w.units)}`),
  ];
}

/** Returns what to do, as one of the six answers says it. A route that a coach chose is said as chosen. */
export function planSentences(plan: Plan, worth: readonly Worth[], w: Wording): Sentence[] {
  const route = chosenRoute(plan);
  if (route !== null && plan.answer === 'try' && plan.chosen === plan.best)
    return trySentences(plan, route, w);
  if (route !== null)
    return [
      sentence(
        'plan',
        ...(plan.isSideOnly
          ? [routeWords(plan, route, w)]
          : [`${routeWords(plan, route, w)} `, figure(gainWords(plan, route, w), plan.ballIds)]),
      ),
    ];
  switch (plan.answer) {
    case 'steady':
      return [sentence('plan', 'Start every ball on the same line: direction comes after.')];
    case 'look':
      return lookSentences(plan);
    case 'leave':
      return leaveSentences(plan, worth, w);
    default:
      return plan.question === null ? [] : [sentence('plan', ASK_WORDS[plan.question])];
  }
}

function lookSentences(plan: Plan): Sentence[] {
  const { look } = plan;
  if (look === null) return [];
  const leads = answersWords(look);
  return [sentence('plan', lookWords(plan)), ...(leads === '' ? [] : [sentence('plan', leads)])];
}

/** Returns the line of a plan that screens repeat as a heading. */
export const planWords = (plan: Plan, worth: readonly Worth[], w: Wording): string => {
  const route = chosenRoute(plan);
  if (route !== null) return routeWords(plan, route, w, plan.answer === 'try');
  return planSentences(plan, worth, w)[0]?.text ?? '';
};

const SHAPE_WORDS: Readonly<Record<Shape, string>> = {
  straight: 'straight at the target',
  draw: 'a draw',
  fade: 'a fade',
};

/** Returns the wanted flight in a line: `A fade, never left.` */
export function wantedWords(wanted: Wanted): string {
  const ruled =
    wanted.ruledOut === undefined || wanted.ruledOut === 'either' ? '' : `, ${wanted.ruledOut}`;
  return `${capital(SHAPE_WORDS[wanted.shape])}${ruled}`;
}
