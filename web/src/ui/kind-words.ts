import type { ClubKind } from '@loxos/core';

/** Kinds of club as they are spoken of. */
export const KIND_WORDS: Readonly<Record<ClubKind, string>> = {
  driver: 'Driver',
  fairway: 'Fairway woods',
  hybrid: 'Hybrids',
  iron: 'Irons',
  wedge: 'Wedges',
};
