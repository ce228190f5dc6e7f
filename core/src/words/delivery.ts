/** Face, path and what lies between them, in words: measured, or read from the flight and then how surely. */
import type { FigureSummary, GroupReading } from '../reading/group.ts';
import { faceWord } from '../line/words.ts';
import { angleText, degrees, wordsOf } from './angles.ts';
import type { AngleName } from './angles.ts';
import { isBent } from './flight.ts';
import { formatNumber } from './format.ts';
import { schoolWords } from './labels.ts';
import { capital, figure, listOf, sentence, sideWord } from './sentence.ts';
import type { Sentence, SentencePart, Wording } from './sentence.ts';

const said = (name: AngleName, summary: FigureSummary, { hand, bands }: Wording): SentencePart =>
  figure(angleText(wordsOf(name, summary.mean, hand, bands)), summary.ballIds);

/** Returns an angle read from the flight: about how far; of balls whose side alone was told, to which side. */
function inferredText(name: AngleName, summary: FigureSummary, group: GroupReading, w: Wording) {
  const words = wordsOf(name, summary.mean, w.hand, w.bands);
  const text = group.open.length > 0 ? words.word : `about ${angleText(words)}`;
  return figure(text, summary.ballIds);
}

const BEND_NAMES = ['draw', 'hook', 'fade', 'slice'] as const;

/** Returns a draw, a hook, a fade or a slice: as most of the balls are named, else of the mean bend. */
function bendName({ figures, pattern, open }: GroupReading, { hand, bands }: Wording): string {
  if (open.includes('curveM')) return 'bend';
  const named = BEND_NAMES.find((name) => pattern?.name.endsWith(name));
  if (named !== undefined && pattern!.count * 2 > pattern!.of) return named;
  const { curveM: curve, carryM: carry } = figures;
  const isFade = faceWord(curve!.mean, hand) === 'open';
  const isStrong = Math.abs(curve!.mean) > bands.bendStrongShare * carry!.mean;
  return isFade ? (isStrong ? 'slice' : 'fade') : isStrong ? 'hook' : 'draw';
}

/** Returns what the face to path does: the bend, where the balls show it. */
function faceToPathSentence(
  group: GroupReading,
  faceToPath: FigureSummary,
  w: Wording,
  near = '',
): Sentence | null {
  const { hand, bands } = w;
  const { size, word } = wordsOf('faceToPathDeg', faceToPath.mean, hand, bands);
  const { clubPathDeg: path, curveM: curve } = group.figures;
  if (size === null) {
    const isOff = Math.abs(path!.mean) > bands.pathNeutralDeg;
    return isOff && !isBent(group, w)
      ? sentence('cause', `Square to each other, so it flies straight, ${sideWord(path!.mean)}.`)
      : null;
  }
  const amount = figure(
    group.open.length > 0 ? word : `${near}${size} ${word}`,
    faceToPath.ballIds,
  );
  const them = faceToPath.count === 1 ? 'it' : 'they';
  if (curve === undefined) return sentence('cause', 'Face ', amount, ' to the path.');
  if (!isBent(group, w))
    return sentence('cause', 'Face ', amount, ' to the path: too little to show with this club.');
  if (curve.mean * faceToPath.mean <= 0)
    return sentence(
      'cause',
      'Face ',
      amount,
      ` to the path, yet ${them} ${faceToPath.count === 1 ? 'bends' : 'bend'} ${sideWord(curve.mean)}.`,
    );
  return sentence('cause', 'Face ', amount, ` to the path: that is the ${bendName(group, w)}.`);
}

/** Face, path and what lies between them. */
export function deliverySentences(group: GroupReading, w: Wording): Sentence[] {
  const { faceAngleDeg: face, clubPathDeg: path, faceToPathDeg: faceToPath } = group.figures;
  if (face === undefined || path === undefined || faceToPath === undefined) return [];
  if (group.inferred !== null) return inferredSentences(group, face, path, w);
  const first = sentence(
    'cause',
    'Face ',
    said('faceAngleDeg', face, w),
    ', path ',
    said('clubPathDeg', path, w),
    '.',
  );
  const second = faceToPathSentence(group, faceToPath, w);
  return second === null ? [first] : [first, second];
}

/** An angle that is less sure than this many times its size, and than a coach can use, is not said, degrees. */
const UNUSABLE_DEG = 3;
const isSaid = (mean: number, half95: number): boolean =>
  half95 <= Math.max(UNUSABLE_DEG, Math.abs(mean));

/** Face and path that were read from the flight. */
function inferredSentences(
  group: GroupReading,
  face: FigureSummary,
  path: FigureSummary,
  w: Wording,
): Sentence[] {
  const { inferred } = group;
  const { faceHalf95Deg, pathHalf95Deg } = inferred!;
  const isFace = isSaid(face.mean, faceHalf95Deg);
  const isPath = isSaid(path.mean, pathHalf95Deg);
  const told = [
    ...(isFace ? [['face ', inferredText('faceAngleDeg', face, group, w), ''] as const] : []),
    ...(isPath ? [['path ', inferredText('clubPathDeg', path, group, w), ''] as const] : []),
  ];
  const untold = [...(isFace ? [] : ['the face']), ...(isPath ? [] : ['the path'])];
  const faceToPath = knownFaceToPath(group, w);
  if (told.length === 0)
    return [...faceToPath, sentence('cause', 'Face and path: these balls can’t tell.')];
  const pieces = told.flatMap((piece, index) => (index === 0 ? [...piece] : [', ', ...piece]));
  const known = sentence('cause', 'From the flight: ', ...pieces, '.');
  if (untold.length === 0) return [known, ...faceToPath];
  const alone = faceToPath.length > 0 ? ' alone' : '';
  return [
    known,
    ...faceToPath,
    sentence('cause', `${capital(untold[0]!)}${alone} these balls can’t tell.`),
  ];
}

/** Face to path read from the flight, where its interval leaves no doubt of the side and the balls show the bend. */
function knownFaceToPath(group: GroupReading, w: Wording): Sentence[] {
  const { faceToPathDeg: faceToPath, curveM: curve } = group.figures;
  if (faceToPath === undefined || faceToPath.low * faceToPath.high <= 0) return [];
  if (curve === undefined || !isBent(group, w) || curve.mean * faceToPath.mean <= 0) return [];
  const said = faceToPathSentence(group, faceToPath, w, 'about ');
  return said === null ? [] : [said];
}

/** Balls from which on an interval says anything. */
const TELLING = 3;

/** Returns how sure, one tap away: the interval of face to path with its level, how the balls scatter, and what was taken for granted. */
export function sureSentences({ figures, inferred }: GroupReading, w: Wording): Sentence[] {
  const faceToPath = figures.faceToPathDeg;
  if (faceToPath === undefined) return [];
  if (faceToPath.count < TELLING)
    return [sentence('sure', 'Fewer than three balls say nothing of how they scatter.')];
  const ends = [faceToPath.low, faceToPath.high].map((end) =>
    angleText(wordsOf('faceToPathDeg', end, w.hand, w.bands)),
  );
  const found = [
    sentence(
      'sure',
      'Face to path lies between ',
      figure(ends.join(' and '), faceToPath.ballIds),
      '. That is the 95 % interval of the average.',
    ),
    ...(inferred?.byEye === true
      ? []
      : [sentence('sure', `Ball to ball: most within ${degrees(faceToPath.sd)} of it.`)]),
  ];
  if (inferred === null) return found;
  const { faceHalf95Deg, pathHalf95Deg, assumed } = inferred;
  const good = `The face is good to ${degrees(Math.max(1, faceHalf95Deg))}, the path to ${degrees(Math.max(1, pathHalf95Deg))}.`;
  const taken = assumed.length === 0 ? '' : ` Taken for granted: ${listOf(assumed)}.`;
  return [...found, sentence('sure', `${good}${taken}`)];
}

/** Returns what share of the start the face makes in the player's own balls, and which start rules that leaves. */
export function shareSentences({ share, countedIds }: GroupReading): Sentence[] {
  if (share.share === null) return [];
  const percent = (value: number): string => formatNumber(100 * value, 0);
  const kept = share.schools
    .filter(({ ruledOut }) => !ruledOut)
    .map(({ school }) => schoolWords(school));
  return [
    sentence(
      'start',
      'The face makes ',
      figure(`${percent(share.share)} %`, countedIds),
      ` of the start here. The 95 % interval goes from ${percent(Math.max(0, share.low))} to ${percent(Math.min(1, share.high))} %.`,
    ),
    sentence(
      'start',
      kept.length === 0 ? 'No start rule fits that.' : `That fits ${listOf(kept)}.`,
    ),
  ];
}
