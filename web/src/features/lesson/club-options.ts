import { STANDARD_BAG } from '@loxos/core';

/** Returns the clubs to choose from, after a first line that stands for none. */
export const clubOptions = (none: string): readonly (readonly [id: string, label: string])[] => [
  ['', none],
  ...STANDARD_BAG.map(({ id, label }) => [id, label] as const),
];
