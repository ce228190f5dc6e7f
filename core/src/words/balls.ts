/** What the balls of a club do and why, in sentences. */
import { faceWord, pathWord } from '../line/words.ts';
import type { FigureSummary, GroupPattern, GroupReading } from '../reading/group.ts';
import type { GroupFact } from '../reading/facts.ts';
import type { BallView, LeftOut } from '../reading/read-ball.ts';
import { STRIKE_WINDOW_MM } from '../plan/off.ts';
import { formatLength, formatNumber } from './format.ts';
import { schoolWords, sureAngle, sureDegrees } from './labels.ts';
import { aOrAn, countOf, figure, sentence, sideWord } from './sentence.ts';
import type { Piece, Sentence, SentencePart, Wording } from './sentence.ts';

const angle = (summary: FigureSummary, w: Wording): SentencePart =>
  figure(sureAngle(summary.mean, halfOf(summary), w.units), summary.ballIds);
/** One ball is as sure as its monitor. */
const halfOf = ({ half95, sharedSd }: FigureSummary): number =>
  Number.isFinite(half95) ? half95 : 2 * sharedSd;

const isBent = ({ figures }: GroupReading, w: Wording): boolean => {
  const { curveM: curve, carryM: carry } = figures;
  return (
    curve !== undefined &&
    carry !== undefined &&
    Math.abs(curve.mean) >= w.bands.bendNoneShare * carry.mean
  );
};

/** How they start and bend: `The balls start 3° R and bend 17 m back to the left: a push-draw, 6 of 8.` */
export function flightSentence(group: GroupReading, w: Wording): Sentence | null {
  const { startDirectionDeg: start, curveM: curve } = group.figures;
  const { pattern } = group;
  if (start === undefined || pattern === null) return null;
  const one = start.count === 1;
  const who = one ? 'The ball' : 'The balls';
  const isStraight = Math.abs(start.mean) <= w.bands.startStraightDeg;
  const startText: Piece[] = isStraight
    ? [`${who} ${one ? 'starts' : 'start'} on line (`, angle(start, w), ')']
    : [`${who} ${one ? 'starts' : 'start'} `, angle(start, w)];
  const bend: Piece[] =
    !isBent(group, w) || curve === undefined
      ? [one ? ' and does not bend to speak of' : ' and do not bend to speak of']
      : [
          one ? ' and bends ' : ' and bend ',
          figure(bendText(curve, start, isStraight, w), curve.ballIds),
        ];
  return sentence('flight', ...startText, ...bend, ...patternText(group), '.');
}

function bendText(
  curve: FigureSummary,
  start: FigureSummary,
  isStraight: boolean,
  w: Wording,
): string {
  const amount = formatLength(Math.abs(curve.mean), w.units.length);
  const side = sideWord(curve.mean);
  if (isStraight) return `${amount} ${side}`;
  return side === sideWord(start.mean)
    ? `${amount} further ${side}`
    : `${amount} back to the ${side}`;
}

const shotWords = (name: string): string =>
  name === 'straight' ? 'a straight ball' : `${aOrAn(name)} ${name}`;

function patternText(group: GroupReading): Piece[] {
  const { name, of, count, ballIds, others } = group.pattern!;
  if (of === 1) return [`: ${shotWords(name)}`];
  const share = [figure(`${count} of ${of}`, ballIds), ...othersText(others)];
  if (count * 2 > of) return [`: ${shotWords(name)}, `, ...share];
  if (count === 1) return [': no two alike'];
  return [', but they differ: the commonest is ', `${shotWords(name)}, `, ...share];
}

/** Those that go the same way and bear another name, so that the sentence and the list agree: `, counting 7 slices`. */
function othersText(others: GroupPattern['others']): Piece[] {
  if (others === null) return [];
  const { name, ballIds } = others;
  const words = ballIds.length === 1 ? shotWords(name) : `${ballIds.length} ${name}s`;
  return [', counting ', figure(words, ballIds)];
}

/** Face, path and what lies between them. */
export function causeSentence(group: GroupReading, w: Wording): Sentence | null {
  const { faceAngleDeg: face, clubPathDeg: path, faceToPathDeg: gap } = group.figures;
  if (face === undefined || path === undefined || gap === undefined) return null;
  const { bands, hand } = w;
  const start: Piece[] = [
    'The face is ',
    angle(face, w),
    ` (${faceWord(face.mean, hand, bands.faceSquareDeg)}) and the path `,
    angle(path, w),
    ` (${pathWord(path.mean, hand, bands.pathNeutralDeg)})`,
  ];
  const toPath = faceWord(gap.mean, hand, bands.faceToPathSquareDeg);
  if (toPath === 'square') {
    const isOff = Math.abs(path.mean) > bands.pathAcceptableDeg;
    return sentence(
      'cause',
      ...start,
      isOff
        ? ': the face is square to the path, so the ball flies along both.'
        : ': the face is about square to the path.',
    );
  }
  const amount = figure(`${sureDegrees(gap.mean, halfOf(gap))} ${toPath} to the path`, gap.ballIds);
  if (gap.count >= TELLING && !isSideSettled(gap)) {
    const end = ', though which side is not yet clear.';
    return sentence('cause', ...start, ': on average the face is ', amount, end);
  }
  return sentence('cause', ...start, ': the face is ', amount, gapEnd(group, gap, w), '.');
}

/** Balls from which on an interval says anything. */
const TELLING = 3;

/** Whether the interval of a mean lies on one side of nothing. */
const isSideSettled = ({ low, high }: FigureSummary): boolean => low > 0 || high < 0;

/** That the gap bends them, where the balls show it. */
function gapEnd(group: GroupReading, gap: FigureSummary, w: Wording): string {
  const curve = group.figures.curveM;
  if (curve === undefined) return '';
  if (!isBent(group, w)) return ', too little to show with this club';
  const them = gap.count === 1 ? 'it' : 'them';
  return curve.mean * gap.mean > 0 ? `, which bends ${them} ${sideWord(gap.mean)}` : '';
}

/** Where they are struck, when it was measured or seen and is off, or when all were struck alike. */
export function strikeSentence(group: GroupReading): Sentence | null {
  const strike = group.figures.strikeToeMm;
  const struck = group.facts.find(({ kind }) => kind === 'struck');
  if (struck !== undefined) return factSentence(struck, group);
  if (strike === undefined || Math.abs(strike.mean) <= STRIKE_WINDOW_MM) return null;
  const where = figure(
    `${formatNumber(Math.abs(strike.mean), 0)} mm towards the ${strike.mean > 0 ? 'toe' : 'heel'}`,
    strike.ballIds,
  );
  return sentence('strike', 'They are struck ', where, ' on average: ball speed is lost there.');
}

const MIRRORED = {
  'face-mirrored': 'the face angles',
  'path-mirrored': 'the path angles',
  'sides-mirrored': 'face and path',
  'start-mirrored': 'the start directions',
  'axis-mirrored': 'the spin axes',
} as const;

/** One fact about all of them, said once. */
export function factSentence(fact: GroupFact, group: GroupReading): Sentence {
  const who = figure(`${fact.ballIds.length} of ${fact.of}`, fact.ballIds);
  switch (fact.kind) {
    case 'struck': {
      const side = fact.strikeToeMm! > 0 ? 'toe' : 'heel';
      // How far is said where it is to be changed: from other balls it would be another number.
      return sentence(
        'strike',
        who,
        ` start and bend as if struck towards the ${side}: that is one fact about the strike, and they count.`,
      );
    }
    case 'wind':
      return sentence(
        'next',
        'The balls come down to one side of where their launch sends them: wind, most likely. Face and path are not to blame for it.',
      );
    case 'face-at-strike':
      return sentence(
        'next',
        who,
        ' fit only if the monitor gives the face where it was struck, not in its middle: check how it is set.',
      );
    case 'unexplained':
      return sentence(
        'next',
        who,
        ` ${fact.ballIds.length === 1 ? 'does' : 'do'} not start or bend as face and path say, and no one thing explains it: check the monitor’s alignment${group.club === null ? '' : ' and the club'} before changing anything.`,
      );
    default:
      return sentence(
        'next',
        who,
        ` fit only with ${MIRRORED[fact.kind]} the other way round: a sign in the file looks mirrored. Settle that first.`,
      );
  }
}

const LEFT_OUT_WORDS: Readonly<Record<LeftOut, string>> = {
  coach: 'by you',
  demonstration: 'shown, not hit for the record',
  mishit: 'mishit, under half the usual carry',
  strike: 'struck far off the middle',
  disagrees: 'not flown as face and path say: wind or a bad reading',
};
export const leftOutWords = (why: LeftOut): string => LEFT_OUT_WORDS[why];

/** The balls set aside, and why. */
export function leftOutSentence(group: GroupReading, views: readonly BallView[]): Sentence | null {
  const out = views.filter(
    (view) => group.leftOutIds.includes(view.id) && view.leftOut !== 'demonstration',
  );
  if (out.length === 0) return null;
  const reasons = [...new Set(out.map(({ leftOut }) => leftOutWords(leftOut!)))];
  const who = figure(
    countOf(out.length, 'ball'),
    out.map(({ id }) => id),
  );
  return sentence(
    'next',
    who,
    ` ${out.length === 1 ? 'is' : 'are'} left out of the averages: ${reasons.join('; ')}.`,
  );
}

/** How sure: whether the gap's side is settled, or how many balls are wanted. */
export function sureSentence(group: GroupReading, w: Wording): Sentence | null {
  const gap = group.figures.faceToPathDeg;
  if (gap === undefined) return null;
  const balls = countOf(gap.count, 'ball');
  if (gap.count < TELLING) {
    return sentence(
      'sure',
      `Not yet clear from ${balls}: hit at least five before changing anything.`,
    );
  }
  const ends = [gap.low, gap.high].map((end) => sureAngle(end, gap.half95, w.units));
  const range = figure(`${ends.join(' to ')} (95 %, ${balls})`, gap.ballIds);
  const scatter = `; most lie within ${formatNumber(gap.sd, 0) === '0' ? 'a degree' : `${formatNumber(gap.sd, 0)}°`} of their middle`;
  const isNear = Math.max(Math.abs(gap.low), Math.abs(gap.high)) <= 2 * w.bands.faceToPathSquareDeg;
  if (isSideSettled(gap) || isNear) {
    return sentence('sure', 'On average face to path lies from ', range, scatter, '.');
  }
  // With a face that is not about square to the path the cause has said so already.
  const isSquare = faceWord(gap.mean, w.hand, w.bands.faceToPathSquareDeg) === 'square';
  const end = isSquare ? ': which side is not yet clear.' : '.';
  return sentence('sure', 'On average face to path lies from ', range, end);
}

/** Face and path that no monitor measured: said to be inferred, with how sure and what was assumed. */
export function inferredSentence({ inferred }: GroupReading): Sentence | null {
  if (inferred === null) return null;
  const { ballIds, faceHalf95Deg, pathHalf95Deg, assumed, byEye } = inferred;
  const taken = assumed.length === 0 ? '' : `, taking ${listOf(assumed)} for granted`;
  return sentence(
    'inferred',
    'Face and path are inferred from ',
    figure(countOf(ballIds.length, 'ball'), ballIds),
    `${byEye ? ' seen by eye' : ''}, not measured: the face within ${formatNumber(faceHalf95Deg, 0)}°, the path within ${formatNumber(pathHalf95Deg, 0)}°${taken}.`,
  );
}

const listOf = (items: readonly string[]): string =>
  items.length < 2 ? items.join('') : `${items.slice(0, -1).join(', ')} and ${items.at(-1)!}`;

/** What share of the start the face owns in the player's own balls, and which start rules that leaves. */
export function shareSentence({ share, countedIds }: GroupReading): Sentence | null {
  if (share.share === null) return null;
  const percent = (value: number): string => formatNumber(100 * value, 0);
  const kept = share.schools
    .filter(({ ruledOut }) => !ruledOut)
    .map(({ school }) => schoolWords(school));
  const range = `${percent(share.share)} % (${percent(share.low)} to ${percent(share.high)} %)`;
  const fits = kept.length === 0 ? 'no start rule fits them' : `that fits ${kept.join(' and ')}`;
  return sentence(
    'start',
    'In these balls the face owns ',
    figure(range, countedIds),
    ` of the start: ${fits}.`,
  );
}

const AGREEMENT_WORDS = {
  'bent-more': 'bent more than its face and path explain',
  'bent-less': 'bent less than its face and path explain',
  'bent-otherwise': 'bent the other way than its face and path explain',
  'started-elsewhere': 'started where its face and path do not point',
  'landed-elsewhere': 'came down where its launch does not send it',
} as const;

/** What is odd about one ball, for its row; empty where nothing is. */
export function ballNote(view: BallView): string {
  const { verdict, strikeToeMm } = view.agreement;
  if (view.leftOut === 'mishit') return leftOutWords('mishit');
  if (view.leftOut === 'demonstration') return leftOutWords('demonstration');
  if (verdict === 'agrees' || verdict === 'cannot-tell') return '';
  if (strikeToeMm !== null) {
    const mm = Math.round(Math.abs(strikeToeMm) / 2) * 2;
    return `as if struck about ${mm} mm towards the ${strikeToeMm > 0 ? 'toe' : 'heel'}`;
  }
  const why = verdict === 'landed-elsewhere' ? 'wind or a bad reading' : 'a bad reading, perhaps';
  return `${AGREEMENT_WORDS[verdict]}: ${why}`;
}
