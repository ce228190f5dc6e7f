import { CONFIDENCE, QUANTITY_NAMES, infoOf, isQuantity, sidesOf } from '@loxos/core';
import type { ColumnMeaning, FileColumn, Side, TextMeaning } from '@loxos/core';

const TEXTS: Readonly<Record<TextMeaning, string>> = {
  club: 'Club',
  hitAt: 'Time',
  player: 'Player',
  hand: 'Hand',
};

/** What a column may hold, to choose from. */
export const MEANINGS: readonly (readonly [string, string])[] = [
  ['', 'leave out'],
  ...Object.entries(TEXTS),
  ...QUANTITY_NAMES.map((name) => [name, infoOf(name).label] as const),
];

const SIDES: Readonly<Record<Side, string>> = {
  right: 'right',
  left: 'left',
  out: 'in-to-out, open',
  in: 'out-to-in, closed',
  toe: 'toe',
  heel: 'heel',
  up: 'up',
  down: 'down',
};

/** Returns what plus may stand for in a column, to choose from; none where its figures have no sides. */
export function plusOptions(meaning: ColumnMeaning | null): readonly (readonly [string, string])[] {
  const sides = isQuantity(meaning) ? sidesOf(infoOf(meaning).side) : [];
  if (sides.length === 0) return [];
  return [['', 'as read'], ...sides.map((side) => [side, SIDES[side]] as const)];
}

/** Returns how sure the reading of a column is, in words. */
export function sureWords({ meaning, confidence, reason, turned, atStrike }: FileColumn): string {
  if (meaning === null) return reason;
  const words =
    confidence > CONFIDENCE.vague ? 'Sure' : confidence >= CONFIDENCE.ask ? 'Likely' : '▲ Unsure';
  const turnedWords = turned === true ? ' Its signs are turned.' : '';
  const strikeWords = atStrike === true ? ' Turned back to the middle of the face.' : '';
  return `${words}: ${reason}${turnedWords}${strikeWords}`;
}
