/** Angles in golf's words: `6° closed`, `4° out-to-in`, `7° left`; and from one to another. */
import type { Hand } from '../line/hand.ts';
import { faceWord, pathWord } from '../line/words.ts';
import type { Bands } from '../reading/bands.ts';
import { formatNumber } from './format.ts';
import { sideWord } from './sentence.ts';

/** Whole degrees, a tenth below one: `6°`, `0.6°`. */
export function degrees(value: number): string {
  const size = Math.abs(value);
  return `${formatNumber(size, size < 1 ? 1 : 0)}°`;
}

/** An angle as its size and the word for its side; a size of null needs none: it is square, or along the line. */
export interface AngleWords {
  readonly size: string | null;
  readonly word: string;
}
const within = (value: number, band: number): boolean => Math.abs(value) <= band;

export const faceWords = (value: number, hand: Hand, bandDeg: number): AngleWords =>
  within(value, bandDeg)
    ? { size: null, word: 'square' }
    : { size: degrees(value), word: faceWord(value, hand) };
export const pathWords = (value: number, hand: Hand, bandDeg: number): AngleWords =>
  within(value, bandDeg)
    ? { size: null, word: 'down the line' }
    : { size: degrees(value), word: pathWord(value, hand) };
export const startWords = (value: number, bandDeg: number): AngleWords =>
  within(value, bandDeg)
    ? { size: null, word: 'on line' }
    : { size: degrees(value), word: sideWord(value) };

export const angleText = ({ size, word }: AngleWords): string =>
  size === null ? word : `${size} ${word}`;

export type AngleName = 'faceAngleDeg' | 'clubPathDeg' | 'faceToPathDeg' | 'startDirectionDeg';

/** Returns the words of one of the four angles. */
export function wordsOf(name: AngleName, value: number, hand: Hand, bands: Bands): AngleWords {
  switch (name) {
    case 'faceAngleDeg':
      return faceWords(value, hand, bands.faceSquareDeg);
    case 'faceToPathDeg':
      return faceWords(value, hand, bands.faceToPathSquareDeg);
    case 'clubPathDeg':
      return pathWords(value, hand, bands.pathNeutralDeg);
    case 'startDirectionDeg':
      return startWords(value, bands.startStraightDeg);
  }
}

/** From one to another, the word said once where it is the same: `6° → 2° out-to-in`, `6° out-to-in → square`. */
export function fromTo(a: AngleWords, b: AngleWords): string {
  if (a.size !== null && b.size !== null && a.word === b.word)
    return `${a.size} → ${b.size} ${b.word}`;
  return `${angleText(a)} → ${angleText(b)}`;
}
