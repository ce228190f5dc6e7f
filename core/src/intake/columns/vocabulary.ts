/** The dialects, laid out for looking words up. */
import type { Unit } from '../../units/units.ts';
import { DIALECTS } from './dialects/index.ts';
import type { Dialect } from './dialects/dialect.ts';
import type { ColumnMeaning } from './meaning.ts';
import type { Side } from '../side.ts';

/** Returns a text as one form: full width as half width, one kind of dash, space and apostrophe. */
export const plainText = (text: string): string =>
  text
    // The ordinal mark is meant as a degree, and would become a letter.
    .replace(/º/g, '°')
    .normalize('NFKC')
    .replace(/[‐‑‒–—−]/g, '-')
    .replace(/[’‘´`]/g, "'")
    .replace(/\s+/g, ' ')
    .trim();

/** Returns a name without case, accents, spaces and marks. */
export const nameKey = (text: string): string =>
  text
    .normalize('NFKC')
    .toLowerCase()
    .normalize('NFD')
    .replace(/[^\p{L}\p{N}]/gu, '')
    .normalize('NFC');

/** Returns a unit without case, spaces, points and brackets. */
const unitKey = (text: string): string =>
  plainText(text)
    .toLowerCase()
    .replace(/[\s[\](){}.]/g, '');

const listed = (words: string): string[] =>
  words
    .split(',')
    .map((word) => word.trim())
    .filter((word) => word !== '');

export interface KnownName {
  readonly meaning: ColumnMeaning;
  /** Whether another column that says the same more plainly goes before it. */
  readonly isVague: boolean;
  /** The languages that name it so: a short word may be of several. */
  readonly languages: readonly string[];
}

function keyed<T>(entries: Iterable<readonly [string, T]>): ReadonlyMap<string, T> {
  const map = new Map<string, T>();
  for (const [key, value] of entries) if (key !== '' && !map.has(key)) map.set(key, value);
  return map;
}

/** Longest word that is looked up: what is longer is none of these. */
const LONGEST_KEY = 60;

function namesOfAll(): ReadonlyMap<string, KnownName> {
  const map = new Map<string, KnownName>();
  for (const { language, names } of DIALECTS) {
    for (const [meaning, words] of Object.entries(names)) {
      for (const word of listed(words)) {
        const key = nameKey(word);
        const known = map.get(key);
        const isVague = word.startsWith('~');
        if (known === undefined)
          map.set(key, { meaning: meaning as ColumnMeaning, isVague, languages: [language] });
        else if (known.meaning === meaning && !known.languages.includes(language))
          map.set(key, { ...known, languages: [...known.languages, language] });
      }
    }
  }
  return map;
}

export const NAMES: ReadonlyMap<string, KnownName> = namesOfAll();

/** The language most of some names are in; of equals, the one that is not English, as its words are in others too. */
export function languageOf(names: readonly (KnownName | undefined)[]): string {
  const votes = new Map<string, number>();
  for (const name of names)
    for (const language of name?.languages ?? [])
      votes.set(language, (votes.get(language) ?? 0) + 1);
  let best = 'English';
  for (const [language, count] of votes) if (count > (votes.get(best) ?? 0)) best = language;
  return best;
}

const UNITS: ReadonlyMap<string, Unit> = keyed(
  DIALECTS.flatMap(({ units }) =>
    Object.entries(units).flatMap(([unit, words]) =>
      [...listed(words), unit].map((word) => [unitKey(word), unit as Unit] as const),
    ),
  ),
);

/** Returns the unit a text means (`[mph]`, `(°)`, `yds`, `U/min`), or null. */
export function recogniseUnit(text: string): Unit | null {
  if (text.length > LONGEST_KEY) return null;
  return UNITS.get(unitKey(text)) ?? null;
}

const sidesIn = ({ sides }: Dialect): (readonly [string, Side])[] =>
  Object.entries(sides).flatMap(([side, words]) =>
    listed(words).map((word) => [word, side as Side] as const),
  );

/** Words of all languages hold everywhere; single letters only in their own, which goes before English. */
function sidesFor(language: string): (readonly [string, Side])[] {
  const own = DIALECTS.filter((dialect) => dialect.language === language);
  const rest = DIALECTS.filter((dialect) => dialect.language !== language);
  const isWord = (word: string): boolean => nameKey(word).length > 1 || /[^\p{ASCII}]/u.test(word);
  return [
    ...own.flatMap(sidesIn),
    ...sidesIn(DIALECTS[0]!),
    ...rest.flatMap(sidesIn).filter(([word]) => isWord(word)),
  ];
}

const SIDE_WORDS: ReadonlyMap<string, readonly (readonly [string, Side])[]> = new Map(
  DIALECTS.map(({ language }) => [language, sidesFor(language)]),
);
const SIDES_BY_KEY: ReadonlyMap<string, ReadonlyMap<string, Side>> = new Map(
  [...SIDE_WORDS].map(([language, words]) => [
    language,
    keyed(words.map(([word, side]) => [nameKey(word), side] as const)),
  ]),
);

/** Words for sides in files of a language, with what they stand for. */
export const sideWords = (language: string): readonly (readonly [string, Side])[] =>
  SIDE_WORDS.get(language) ?? SIDE_WORDS.get('English')!;

/** Returns what a word for a side stands for (`L`, `links`, `in-out`), or null. */
export function recogniseSide(text: string, language: string): Side | null {
  if (text.length > LONGEST_KEY) return null;
  const known = SIDES_BY_KEY.get(language) ?? SIDES_BY_KEY.get('English')!;
  return known.get(nameKey(text)) ?? null;
}

type WordList = 'averages' | 'summaries' | 'unused' | 'notThisBall' | 'atRest' | 'missing';
const setOf = (list: WordList): ReadonlySet<string> =>
  new Set(DIALECTS.flatMap((dialect) => listed(dialect[list]).map(nameKey)));

export const AVERAGES = setOf('averages');
export const SUMMARIES = setOf('summaries');
export const UNUSED = setOf('unused');
export const NOT_THIS_BALL = setOf('notThisBall');
export const AT_REST = setOf('atRest');
const MISSING = setOf('missing');

const signsOf = (sign: 'plus' | 'minus'): readonly string[] =>
  DIALECTS.flatMap((dialect) => listed(dialect[sign])).filter((word) => /\p{L}/u.test(word));
export const PLUS_WORDS = signsOf('plus');
export const MINUS_WORDS = signsOf('minus');

/** Marks that stand for no figure. */
const EMPTY = /^[-‐‑‒–—−.…_*?/\\]*$/;

/** Returns whether a cell says "no figure" rather than something unreadable. */
export function isMissing(cell: string): boolean {
  if (cell === '') return true;
  const first = cell.charCodeAt(0);
  // A digit, or a letter and then a digit, is something.
  if (first >= 48 && first <= 57) return false;
  const text = cell.trim();
  if (text.length > 20) return false;
  return EMPTY.test(text) || (!/\d/.test(text) && MISSING.has(nameKey(text)));
}
