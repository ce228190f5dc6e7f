import type { DisplayUnits } from '../line/format.ts';
import { formatLength, formatNumber, formatSideAngle, formatSideLength } from '../line/format.ts';
import type { Hand } from '../line/hand.ts';
import { fromSi } from '../units/units.ts';
import type { StartSchool } from './schools.ts';
import { faceWord, pathWord, sideOf } from '../line/words.ts';
import type { Bands } from './bands.ts';
import type { FigureSummary, GroupReading } from './group.ts';

/** A piece of a sentence: plain words, or a figure with the balls behind it. */
export type SentencePart =
  | { readonly kind: 'text'; readonly text: string }
  | { readonly kind: 'figure'; readonly text: string; readonly ballIds: readonly string[] };

export interface Sentence {
  /** What it is about: what the balls do, why, what it costs, how sure it is, what to look at. */
  readonly topic: 'flight' | 'cause' | 'inferred' | 'cost' | 'sure' | 'start' | 'next' | 'clubs';
  readonly text: string;
  readonly parts: readonly SentencePart[];
}

export interface Wording {
  readonly hand: Hand;
  readonly bands: Bands;
  readonly units: DisplayUnits;
}

type Piece = string | SentencePart;

export function sentence(topic: Sentence['topic'], ...pieces: readonly Piece[]): Sentence {
  const parts = pieces
    .map((piece): SentencePart =>
      typeof piece === 'string' ? { kind: 'text', text: piece } : piece,
    )
    .filter((part) => part.text !== '');
  return { topic, parts, text: parts.map((part) => part.text).join('') };
}

export const figure = (text: string, ballIds: readonly string[]): SentencePart => ({
  kind: 'figure',
  text,
  ballIds,
});

export const countOf = (count: number, word: string): string =>
  `${count} ${word}${count === 1 ? '' : 's'}`;

const aOrAn = (word: string): string => (/^[aeiou]/.test(word) ? 'an' : 'a');

/** ` ± 1.2°`, or nothing for one ball. */
const spread = (summary: FigureSummary): string =>
  summary.count < 2 ? '' : ` ± ${formatNumber(summary.sd)}°`;

const angle = (summary: FigureSummary, w: Wording): SentencePart =>
  figure(`${formatSideAngle(summary.mean, w.units.angle)}${spread(summary)}`, summary.ballIds);

/** How they start and bend: `They start 3.1° R and bend 17 m right: a push-slice, 6 of 8.` */
export function flightSentence(group: GroupReading, w: Wording): Sentence | null {
  const { startDirectionDeg: start, curveM: curve, carryM: carry } = group.figures;
  const { pattern } = group;
  if (start === undefined || pattern === null) return null;
  const one = start.count === 1;
  const straight = Math.abs(start.mean) <= w.bands.startStraightDeg;
  const startText = straight
    ? [one ? 'The ball starts on line (' : 'The balls start on line (', angle(start, w), ')']
    : [one ? 'The ball starts ' : 'The balls start ', angle(start, w)];
  const bent =
    curve !== undefined &&
    carry !== undefined &&
    Math.abs(curve.mean) >= w.bands.bendNoneShare * carry.mean;
  const bend = !bent
    ? [one ? ' and flies straight' : ' and fly straight']
    : [
        one ? ' and bends ' : ' and bend ',
        figure(bendText(curve, start, straight, w), curve.ballIds),
      ];
  return sentence('flight', ...startText, ...bend, ...patternText(group), '.');
}

function bendText(
  curve: FigureSummary,
  start: FigureSummary,
  straight: boolean,
  w: Wording,
): string {
  const amount = formatLength(Math.abs(curve.mean), w.units.length);
  const side = sideOf(curve.mean);
  if (straight) return `${amount} ${side}`;
  return side === sideOf(start.mean)
    ? `${amount} further ${side}`
    : `${amount} back to the ${side}`;
}

function patternText(group: GroupReading): Piece[] {
  const pattern = group.pattern!;
  const name =
    pattern.name === 'straight' ? 'a straight ball' : `${aOrAn(pattern.name)} ${pattern.name}`;
  if (pattern.of === 1) return [`: ${name}`];
  const share = figure(`${pattern.count} of ${pattern.of}`, pattern.ballIds);
  return pattern.count * 2 > pattern.of
    ? [`: ${name}, `, share]
    : [`: most often ${name}, but only `, share];
}

/** Face, path and what lies between them. */
export function causeSentence(group: GroupReading, w: Wording): Sentence | null {
  const { faceAngleDeg: face, clubPathDeg: path, faceToPathDeg: gap } = group.figures;
  if (face === undefined || path === undefined || gap === undefined) return null;
  const { bands, hand } = w;
  const facing = faceWord(face.mean, hand, bands.faceSquareDeg);
  const going = pathWord(path.mean, hand, bands.pathNeutralDeg);
  const start: Piece[] = [
    'The face is ',
    angle(face, w),
    ` (${facing}) and the path `,
    angle(path, w),
    ` (${going})`,
  ];
  const toPath = faceWord(gap.mean, hand, bands.faceToPathSquareDeg);
  if (toPath !== 'square') {
    const amount = `${formatNumber(Math.abs(gap.mean))}°${spread(gap)} ${toPath} to the path`;
    return sentence(
      'cause',
      ...start,
      ': ',
      figure(amount, gap.ballIds),
      `, and that gap bends ${gap.count === 1 ? 'it' : 'them'} ${sideOf(gap.mean)}.`,
    );
  }
  const agree: Piece[] = [
    ...start,
    ': face and path agree (',
    angle(gap, w),
    ' apart), so the ball flies straight along both',
  ];
  const offLine = Math.abs(path.mean) > bands.pathAcceptableDeg;
  if (!offLine) return sentence('cause', ...agree, '.');
  return sentence(
    'cause',
    ...agree,
    '. That is a path fault with the face square to it, not a face fault.',
  );
}

/** `14 m right`, or `14 ± 3 m right` where the error shows. */
function costText(metres: number, half95M: number, unit: DisplayUnits['length']): string {
  const half = formatNumber(fromSi(half95M, unit), 0);
  const text = formatSideLength(metres, unit);
  return half === '0' ? text : text.replace(' ', ` ± ${half} `);
}

/** Which angle does it: what face and path cost at landing, by the model. */
export function costSentence(group: GroupReading, w: Wording): Sentence | null {
  const { split, splitHalf95, countedIds, figures } = group;
  if (split === null) return null;
  const unit = w.units.length;
  const total = formatSideLength(split.totalM, unit);
  const costs = (
    [
      ['the face', split.faceM, splitHalf95?.faceM ?? 0],
      ['the path', split.pathM, splitHalf95?.pathM ?? 0],
      ['the strike', split.strikeM, 0],
    ] as const
  ).filter(([, metres]) => Math.abs(metres) >= SMALLEST_COST_M);
  if (costs.length === 0) {
    return sentence('cost', 'Nothing in face, path or strike costs this player distance sideways.');
  }
  const gap = figures.faceToPathDeg?.mean ?? Infinity;
  const cancels = Math.abs(split.totalM) < SMALLEST_COST_M;
  if (!cancels && Math.abs(gap) <= w.bands.faceToPathSquareDeg) {
    // The parts of a straight pull or push pull apart and mislead: it takes both to mend it.
    return sentence(
      'cost',
      'Together they cost ',
      figure(total, countedIds),
      ' at landing, by the model. Move both: one without the other would bend the ball.',
    );
  }
  const against = [...costs].sort((a, b) => Math.abs(b[1]) - Math.abs(a[1]));
  const list = against.map(([what, metres, half95M], index) => {
    const joint = index === 0 ? '' : index === against.length - 1 ? ' and ' : ', ';
    return `${joint}${what} ${costText(metres, half95M, unit)}`;
  });
  const whole = cancels ? 'Left and right cancel here' : `Of ${total} at landing, by the model`;
  const most = `. ${capital(against[0]![0])} costs the most.`;
  return sentence('cost', whole, ': ', figure(list.join(''), countedIds), most);
}

const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);

/** Costs below this are noise, m. */
const SMALLEST_COST_M = 1;

/** How sure: whether the gap's side is settled, or how many balls are wanted. */
export function sureSentence(group: GroupReading, w: Wording): Sentence | null {
  const gap = group.figures.faceToPathDeg;
  if (gap === undefined) return null;
  const balls = countOf(gap.count, 'ball');
  if (gap.count < 3)
    return sentence(
      'sure',
      `Not yet clear from ${balls}: hit at least five before changing anything.`,
    );
  const range = `${formatSideAngle(gap.low, w.units.angle)} to ${formatSideAngle(gap.high, w.units.angle)}`;
  const within = figure(`${range} (95 %, ${balls})`, gap.ballIds);
  const settled = gap.low > 0 || gap.high < 0;
  const near = Math.max(Math.abs(gap.low), Math.abs(gap.high)) <= SETTLED_NEAR_ZERO_DEG;
  if (settled || near) {
    const pattern =
      group.pattern?.isPattern === true
        ? 'a pattern, not one ball'
        : 'clear on average, though the balls differ';
    return sentence('sure', 'Face to path lies from ', within, `: ${pattern}.`);
  }
  return sentence('sure', 'Face to path lies from ', within, ': which side is not yet clear.');
}

/** A gap whose whole interval lies this close to 0 is settled as square, degrees. */
const SETTLED_NEAR_ZERO_DEG = 2;

/** The balls set aside, and why. */
export function suspectSentence(
  group: GroupReading,
  noteOf: (id: string) => string,
): Sentence | null {
  const { suspectIds } = group;
  if (suspectIds.length === 0) return null;
  const notes = [...new Set(suspectIds.map(noteOf))];
  const out = suspectIds.filter((id) => !group.countedIds.includes(id)).length;
  const verb = suspectIds.length === 1 ? 'does' : 'do';
  const kept = out === 0 ? 'kept in by you' : 'left out of the averages';
  const reason = notes.length === 1 ? `: ${notes[0]}` : '';
  return sentence(
    'next',
    figure(countOf(suspectIds.length, 'ball'), suspectIds),
    ` ${verb} not fit face and path${reason}; ${kept}.`,
  );
}

/** Face and path that no monitor measured: said to be inferred, with how sure and what was assumed. */
export function inferredSentence({ inferred }: GroupReading): Sentence | null {
  if (inferred === null) return null;
  const { ballIds, faceHalf95Deg, pathHalf95Deg, assumed, byEye } = inferred;
  const taken = assumed.length === 0 ? '' : `, taking ${assumed.join(' and ')} for granted`;
  return sentence(
    'inferred',
    'Face and path are inferred from ',
    figure(countOf(ballIds.length, 'ball'), ballIds),
    `${byEye ? ' seen by eye' : ''}, not measured: the face within ± ${formatNumber(faceHalf95Deg)}°, the path within ± ${formatNumber(pathHalf95Deg)}°${taken}.`,
  );
}

const SCHOOL_WORDS: Readonly<Record<StartSchool, string>> = {
  impact: 'impact physics',
  'fixed-split': 'the fixed split',
  'face-only': 'face only',
  'path-only': 'path only',
};
export const schoolWords = (school: StartSchool): string => SCHOOL_WORDS[school];

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
