import type { Quantity } from '../quantities.ts';

/** Texts a column may hold that Loxos uses: whose ball, with what, when. */
export const TEXT_MEANINGS = ['club', 'hitAt', 'player', 'hand'] as const;
export type TextMeaning = (typeof TEXT_MEANINGS)[number];
/** What a column holds: a quantity, or a text the app uses. */
export type ColumnMeaning = Quantity | TextMeaning;

const TEXTS: ReadonlySet<string> = new Set(TEXT_MEANINGS);
export const isText = (meaning: ColumnMeaning | null): meaning is TextMeaning =>
  meaning !== null && TEXTS.has(meaning);
export const isQuantity = (meaning: ColumnMeaning | null): meaning is Quantity =>
  meaning !== null && !TEXTS.has(meaning);
