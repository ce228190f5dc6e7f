import type { Bands } from '../reading/bands.ts';
import type { Hand } from '../line/hand.ts';
import type { DisplayUnits } from './format.ts';

/** A piece of a sentence: plain words, or a figure with the balls behind it. */
export type SentencePart =
  | { readonly kind: 'text'; readonly text: string }
  | { readonly kind: 'figure'; readonly text: string; readonly ballIds: readonly string[] };

/** What a sentence is about: what the balls do, why, what to do, and what is asked for or folded away. */
export const TOPICS = [
  'flight',
  'clubs',
  'cause',
  'strike',
  'plan',
  'next',
  'sure',
  'start',
] as const;
export type Topic = (typeof TOPICS)[number];

export interface Sentence {
  readonly topic: Topic;
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

export function sentence(topic: Topic, ...pieces: readonly Piece[]): Sentence {
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

const SMALL = ['No', 'One', 'Two', 'Three', 'Four', 'Five', 'Six', 'Seven', 'Eight', 'Nine'];
/** Returns a number that begins a sentence: `Three`, `12`. */
export const numberWord = (count: number): string => SMALL[count] ?? String(count);

/** `all 12`, `7 of 12`. */
export const shareText = (count: number, of: number): string =>
  count === of ? `all ${of}` : `${count} of ${of}`;

export const listOf = (items: readonly string[]): string =>
  items.length < 2 ? items.join('') : `${items.slice(0, -1).join(', ')} and ${items.at(-1)!}`;

export const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);
export const aOrAn = (word: string): string => (/^[aeiou]/.test(word) ? 'an' : 'a');
export const sideWord = (value: number): 'left' | 'right' => (value < 0 ? 'left' : 'right');
