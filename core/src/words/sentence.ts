import type { Bands } from '../reading/bands.ts';
import type { Hand } from '../line/hand.ts';
import type { DisplayUnits } from './format.ts';

/** A piece of a sentence: plain words, or a figure with the balls behind it. */
export type SentencePart =
  | { readonly kind: 'text'; readonly text: string }
  | { readonly kind: 'figure'; readonly text: string; readonly ballIds: readonly string[] };

export interface Sentence {
  /** What it is about: what the balls do, why, what to change, how sure it is, what to look at. */
  readonly topic:
    'flight' | 'cause' | 'plan' | 'strike' | 'inferred' | 'sure' | 'start' | 'next' | 'clubs';
  readonly text: string;
  readonly parts: readonly SentencePart[];
}

/** Whose words and units. */
export interface Wording {
  readonly hand: Hand;
  readonly bands: Bands;
  readonly units: DisplayUnits;
}

export type Piece = string | SentencePart;

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

export const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);
export const aOrAn = (word: string): string => (/^[aeiou]/.test(word) ? 'an' : 'a');
export const sideWord = (value: number): 'left' | 'right' => (value < 0 ? 'left' : 'right');
