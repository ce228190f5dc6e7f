/** What a column's name says of its sign: `(out-in +)`, `L+ R-`, `+ = right`, `positive is toe`. */
import { oppositeOf } from '../side.ts';
import type { Side } from '../side.ts';
import {
  MINUS_WORDS,
  PLUS_WORDS,
  nameKey,
  plainText,
  recogniseSide,
  sideWords,
} from './vocabulary.ts';

/** A side with its sign, or what the name says cannot be made out. */
export type Convention = Side | 'unclear';

interface OfSide {
  readonly side: Side;
}
interface OfSign {
  readonly sign: 1 | -1;
}
type Mark = OfSide | OfSign;
const isSide = (mark: Mark): mark is OfSide => 'side' in mark;
const isSign = (mark: Mark): mark is OfSign => 'sign' in mark;

/** Words that join a side to its sign and say nothing themselves. */
const FILLER =
  /^(?:is|are|to|the|of|for|ve|value|values|means|sign|deg|degrees|°|mm|m|yd|ft|ist|est|es|är)$/i;

const escaped = (text: string): string => text.replace(/[.*+?^${}()|[\]\\]/g, '\\$&');
/** Returns whether the letters around a word in a text are not its own. */
const bounded = (pattern: string): string => `(?<![\\p{L}\\p{N}])(?:${pattern})(?![\\p{L}\\p{N}])`;

interface Matcher {
  readonly pattern: RegExp;
  readonly side: ReadonlyMap<string, Side>;
}
const MATCHERS = new Map<string, Matcher>();

/** Returns a pattern of all words for sides and signs in a language, the longest first. */
function matcherFor(language: string): Matcher {
  const known = MATCHERS.get(language);
  if (known !== undefined) return known;
  const side = new Map<string, Side>();
  for (const [word, of] of sideWords(language)) {
    const key = nameKey(word);
    if (!side.has(key)) side.set(key, of);
  }
  const words = [...sideWords(language).map(([word]) => word), ...PLUS_WORDS, ...MINUS_WORDS]
    .map((word) => plainText(word).toLowerCase())
    .sort((a, b) => b.length - a.length)
    // Words of more than one part are written with any mark between.
    .map((word) =>
      word
        .split(/[\s-]+/)
        .map(escaped)
        .join('[\\s\\-/>]*'),
    );
  const pattern = new RegExp(`${bounded(words.join('|'))}|[+\\-]|[\\p{L}\\p{N}°]+`, 'giu');
  const made = { pattern, side };
  MATCHERS.set(language, made);
  return made;
}

const PLUS_KEYS = new Set(PLUS_WORDS.map(nameKey));
const MINUS_KEYS = new Set(MINUS_WORDS.map(nameKey));

/** Returns the sides and signs a text names in their order; null where it says something else as well. */
function marksOf(text: string, language: string): Mark[] | null {
  const { pattern, side } = matcherFor(language);
  const marks: Mark[] = [];
  for (const [word] of plainText(text).toLowerCase().matchAll(pattern)) {
    const key = nameKey(word);
    const of = side.get(key);
    if (word === '+' || PLUS_KEYS.has(key)) marks.push({ sign: 1 });
    else if (word === '-' || MINUS_KEYS.has(key)) marks.push({ sign: -1 });
    else if (of !== undefined) marks.push({ side: of });
    else if (!FILLER.test(word)) return null;
  }
  return marks;
}

/** Sides with their signs, in whatever order they are written; null where they do not pair. */
function paired(marks: readonly Mark[]): (readonly [Side, 1 | -1])[] | null {
  const sides = marks.filter(isSide).map(({ side }) => side);
  const signs = marks.filter(isSign).map(({ sign }) => sign);
  if (sides.length !== signs.length) return null;
  const kinds = marks.map((mark) => (isSide(mark) ? 's' : '+')).join('');
  if (!/^(?:(?:s\+)+|(?:\+s)+|ss\+\+|\+\+ss)$/.test(kinds)) return null;
  return sides.map((side, index) => [side, signs[index]!] as const);
}

/** Returns whether a text may speak of a sign at all: most do not, and need no closer look. */
function mayHoldSign(text: string): boolean {
  if (/[+\-−–]/.test(text)) return true;
  const words = plainText(text).toLowerCase();
  return [...PLUS_WORDS, ...MINUS_WORDS].some((word) => words.includes(word.toLowerCase()));
}

/**
 * Returns what plus stands for, as a piece of a column's name says it; `unclear` where it speaks of sides and signs and
 * cannot be made out; null where it says nothing of a sign.
 */
export function recogniseConvention(text: string, language: string): Convention | null {
  if (text.length > 80 || !mayHoldSign(text)) return null;
  const marks = marksOf(text, language);
  const named = marks?.filter(isSide) ?? [];
  if (marks === null || named.length === 0 || named.length === marks.length) return null;
  // `L-R` names two sides and how they are joined.
  const signs = marks.filter(isSign);
  if (signs.length === 1 && named.length === 2 && signs[0]!.sign === -1 && isSide(marks[0]!))
    return null;
  const pairs = paired(marks);
  if (pairs === null) return 'unclear';
  const plus = new Set(pairs.map(([side, sign]) => (sign > 0 ? side : oppositeOf(side))));
  const [only] = plus;
  return plus.size === 1 ? only! : 'unclear';
}

/** Returns whether a piece of a name only names the two sides: `L/R`, `toe/heel`, `in-out`. */
export function namesSides(text: string, language: string): boolean {
  if (text.length > 40) return false;
  const isSideWord = (word: string): boolean => recogniseSide(word, language) !== null;
  return isSideWord(text) || text.split(/[/|,]|\s-\s|(?<=^\p{L})-(?=\p{L}$)/u).every(isSideWord);
}
