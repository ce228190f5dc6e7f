/** What the name of a column means, with how sure that is and why. */
import type { Unit } from '../../units/units.ts';
import { namesSides, recogniseConvention } from './convention.ts';
import type { Convention } from './convention.ts';
import { INTAKE_LIMITS } from '../table/limits.ts';
import { isQuantity } from './meaning.ts';
import type { ColumnMeaning } from './meaning.ts';
import { infoOf } from '../quantities.ts';
import { sidesOf } from '../side.ts';
import {
  AT_REST,
  NAMES,
  NOT_THIS_BALL,
  UNUSED,
  nameKey,
  plainText,
  recogniseUnit,
} from './vocabulary.ts';
import type { KnownName } from './vocabulary.ts';

/** How sure a guess is, from 0 to 1; below `ask` the coach is asked. */
export const CONFIDENCE = { plain: 1, vague: 0.8, unread: 0.5, like: 0.4, ask: 0.7 } as const;

export interface RecognisedHeader {
  /** What it means, or most likely does; null where nothing is known by that name. */
  readonly meaning: ColumnMeaning | null;
  readonly unit: Unit | null;
  /** What plus stands for; null where the name says nothing of it. */
  readonly plus: Convention | null;
  readonly confidence: number;
  /** Why it is read so, or why it is left out. */
  readonly reason: string;
  /** The name it goes by; null where none is known. */
  readonly name: KnownName | null;
}

const UNKNOWN: RecognisedHeader = {
  meaning: null,
  unit: null,
  plus: null,
  confidence: 1,
  reason: 'No quantity is known by this name.',
  name: null,
};

const BRACKETS = /[([{]([^()[\]{}]*)[)\]}]/g;

/** What the pieces beside a name say. */
interface Beside {
  readonly unit: Unit | null;
  readonly plus: Convention | null;
  /** Whether a piece makes it another figure than the ball's own. */
  readonly isOther: boolean;
  readonly isAtRest: boolean;
  /** Pieces nothing could be made of. */
  readonly unread: readonly string[];
}

/** Words that may stand with any name and change nothing. */
const IDLE = /^(?:measured|data|value|at impact|impact|the|shot|club|ball|angle|avg\.?\s*of)$/i;

function readBeside(pieces: readonly string[], name: KnownName, language: string): Beside {
  let unit: Unit | null = null;
  let plus: Convention | null = null;
  let isOther = false;
  let isAtRest = false;
  const unread: string[] = [];
  for (const piece of pieces) {
    const key = nameKey(piece);
    const found = recogniseUnit(piece);
    const convention = found === null ? recogniseConvention(piece, language) : null;
    if (found !== null) unit ??= found;
    else if (convention !== null)
      plus = plus === null || plus === convention ? convention : 'unclear';
    else if (NOT_THIS_BALL.has(key)) isOther = true;
    else if (AT_REST.has(key)) isAtRest = true;
    else if (key === '' && !/[+]/.test(piece)) continue;
    else if (namesSides(piece, language) || IDLE.test(piece)) continue;
    else if (NAMES.get(key)?.meaning === name.meaning) continue;
    else unread.push(piece);
  }
  return { unit, plus, isOther, isAtRest, unread };
}

/** Returns a name's words: `ballSpeed_mph` → ball, Speed, mph. */
const wordsOf = (text: string): string[] =>
  text
    .replace(/(\p{Ll})(\p{Lu})/gu, '$1 $2')
    .split(/[\s_]+/)
    .filter((word) => word !== '');

/** Most words of a name: what has more is a sentence. */
const MOST_WORDS = 12;

/** Known names among the words of a text with what is left of it, the longest first. */
function namesWithin(text: string): { name: KnownName; rest: string[] }[] {
  const words = wordsOf(text);
  if (words.length > MOST_WORDS) return [];
  const found: { name: KnownName; rest: string[] }[] = [];
  for (let count = words.length - 1; count > 0; count--) {
    for (let from = 0; from + count <= words.length; from++) {
      const name = NAMES.get(nameKey(words.slice(from, from + count).join(' ')));
      const after = words.slice(from + count).join(' ');
      if (name !== undefined) found.push({ name, rest: [...words.slice(0, from), after] });
    }
  }
  return found;
}

/** Shortest known name that a longer one is taken to be like. */
const LIKE_LETTERS = 6;

/** Returns whether two texts differ in one letter at most: left out, put in, or another. */
function isNear(a: string, b: string): boolean {
  if (Math.abs(a.length - b.length) > 1) return false;
  let from = 0;
  while (from < a.length && a[from] === b[from]) from++;
  let end = 0;
  const most = Math.min(a.length, b.length) - from;
  while (end < most && a[a.length - 1 - end] === b[b.length - 1 - end]) end++;
  return Math.max(a.length, b.length) - from - end <= 1;
}

/** Returns a name that a text is like: it holds it, or differs in a letter. */
function nameLike(text: string): KnownName | null {
  const key = nameKey(text);
  let best: KnownName | null = null;
  let length = LIKE_LETTERS - 1;
  for (const [known, name] of NAMES) {
    if (name.isVague || known.length <= length || !isQuantity(name.meaning)) continue;
    if (key.includes(known) || isNear(key, known)) [best, length] = [name, known.length];
  }
  return best;
}

const OTHER_FIGURE = 'Not this ball’s own figure: an average, a target or a measure of quality.';
const AT_REST_REASON = 'Where the ball came to rest; Loxos keeps where it landed.';

/** Returns a name with what stands beside it, judged. */
function judged(
  name: KnownName,
  { unit, plus, isOther, isAtRest, unread }: Beside,
): RecognisedHeader {
  const { meaning } = name;
  const base = { unit, plus: null };
  if (isOther) return { ...UNKNOWN, ...base, reason: OTHER_FIGURE };
  if (isAtRest && (meaning === 'offlineM' || meaning === 'curveM'))
    return { ...UNKNOWN, ...base, reason: AT_REST_REASON };
  const sides = isQuantity(meaning) ? sidesOf(infoOf(meaning).side) : [];
  const fits = plus === null || plus === 'unclear' || sides.includes(plus);
  const found = { meaning, name, unit, plus: fits ? plus : ('unclear' as const) };
  if (unread.length > 0 || (isAtRest && meaning !== 'totalM')) {
    const reason = `The name is like one of ${labelOf(meaning)}, but “${unread.join(' ')}” could not be made out.`;
    return { ...found, confidence: CONFIDENCE.unread, reason };
  }
  return name.isVague
    ? { ...found, confidence: CONFIDENCE.vague, reason: `A short name for ${labelOf(meaning)}.` }
    : { ...found, confidence: CONFIDENCE.plain, reason: `A usual name for ${labelOf(meaning)}.` };
}

const TEXT_LABELS = { club: 'the club', hitAt: 'the time', player: 'the player', hand: 'the hand' };
const labelOf = (meaning: ColumnMeaning): string =>
  isQuantity(meaning) ? infoOf(meaning).label.toLowerCase() : TEXT_LABELS[meaning];

/** A name, and what stands beside it: in brackets, behind a comma or a dash. */
interface Pieces {
  readonly bare: string;
  readonly beside: readonly string[];
}

function piecesOf(text: string): Pieces {
  const bracketed = [...text.matchAll(BRACKETS)].flatMap(([, inner = '']) => inner.split(/[,;]/));
  const [bare = '', ...after] = text
    .replace(BRACKETS, ' ')
    .split(/[,;]|(?<=\s)-(?=\s*(?:\S+)$)|\s\/\s|:/)
    .map((piece) => piece.trim());
  return { bare, beside: [...bracketed, ...after].map((piece) => piece.trim()) };
}

const isName = (text: string): boolean => text !== '' && text.length <= INTAKE_LIMITS.headerLetters;

/**
 * Returns what a header that holds a known name means, the unit and the sign it states: `Club Path (deg)`, `Club Path (out-in
 * +)`, `Launch Direction (L+ R-)`, `Carry yds`, `ballSpeed_mph`, `Schlägerpfad [Grad]`; null where it holds none.
 * `language` is that of the file: `t` is a toe in one and a heel in another.
 */
export function recogniseName(header: string, language: string): RecognisedHeader | null {
  const text = plainText(header);
  if (!isName(text)) return null;
  const whole = NAMES.get(nameKey(text));
  if (whole !== undefined && !text.includes('+'))
    return judged(whole, readBeside([], whole, language));
  const { bare, beside } = piecesOf(text);
  const key = nameKey(bare);
  const named = NAMES.get(key);
  if (named !== undefined) return judged(named, readBeside(beside, named, language));
  if (UNUSED.has(key)) return { ...UNKNOWN, reason: 'Known, and not needed.' };
  // A bracket may be part of the name: `打点（横）`.
  const part = beside.findIndex((piece) => NAMES.has(nameKey(`${bare} ${piece}`)));
  if (part >= 0) {
    const name = NAMES.get(nameKey(`${bare} ${beside[part]!}`))!;
    const rest = beside.filter((_, index) => index !== part);
    return judged(name, readBeside(rest, name, language));
  }
  const within = namesWithin(bare).map(({ name, rest }) =>
    judged(name, readBeside([...rest, ...beside], name, language)),
  );
  const surest = Math.max(...within.map(({ confidence }) => confidence));
  return within.find(({ confidence }) => confidence === surest) ?? null;
}

/** Returns what a header means, or may mean where it is only like a known name. */
export function recogniseHeader(header: string, language: string): RecognisedHeader {
  const named = recogniseName(header, language);
  if (named !== null) return named;
  const text = plainText(header);
  return isName(text) ? likely(piecesOf(text), language) : UNKNOWN;
}

/** Returns what an unknown name may be, to be asked about. */
function likely({ bare, beside }: Pieces, language: string): RecognisedHeader {
  if ([bare, ...beside].some((piece) => NOT_THIS_BALL.has(nameKey(piece)))) return UNKNOWN;
  const like = nameLike(bare);
  if (like === null) return UNKNOWN;
  const { unit, plus } = readBeside(beside, like, language);
  const reason = `The name is like one of ${labelOf(like.meaning)}.`;
  const { meaning } = like;
  return { ...UNKNOWN, meaning, unit, plus, confidence: CONFIDENCE.like, reason };
}
