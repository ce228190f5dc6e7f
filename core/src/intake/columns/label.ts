/** What the words of a row say it is, when it is no ball. */
import { recogniseClub } from '../../delivery/recognise.ts';
import { remembered } from '../remembered.ts';
import { AVERAGES, SUMMARIES, nameKey, plainText } from './vocabulary.ts';

/** `average` sums other rows up wherever it stands; `summary` only where it labels its row. */
export type Label = 'average' | 'summary' | null;

/** Most words of a label: what is longer is a remark. */
const MOST_WORDS = 6;

function judge(text: string): Label {
  const plain = plainText(text).replace(/[.:]/g, '');
  if (plain === '' || plain.length > 60 || !/[\p{L}Ø]/u.test(plain)) return null;
  if (AVERAGES.has(nameKey(plain)) || plain === 'Ø') return 'average';
  const words = plain.split(/[\s,;/()[\]_-]+/).filter((word) => /[\p{L}Ø]/u.test(word));
  if (words.length === 0 || words.length > MOST_WORDS) return null;
  const isAverage = (word: string): boolean => AVERAGES.has(nameKey(word)) || word === 'Ø';
  const isSummary = (word: string): boolean => isAverage(word) || SUMMARIES.has(nameKey(word));
  if (!words.some(isSummary)) return null;
  // `Driver Avg`, `Average (7 iron)`: what is left must be a club.
  const left = plain.replace(/[\p{L}Ø]+/gu, (word) => (isSummary(word) ? ' ' : word));
  const hasRest = /\p{L}/u.test(left);
  if (hasRest && recogniseClub(left.replace(/[()[\]]/g, ' ')) === null) return null;
  return words.some(isAverage) ? 'average' : 'summary';
}

/** What a cell says of its row. */
export const labelOf = remembered(judge);
