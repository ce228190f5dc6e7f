import { recordForPlayer } from '@loxos/core';
import type { ClubKind } from '@loxos/core';
import { useMemo } from 'react';
import type { PageContent, Player } from '../api/client.ts';
import { useRecord } from '../api/queries.ts';
import { shortDay } from './day-text.ts';
import { goalsOf } from './goals.ts';
import { unitsOf } from './units-of.ts';

/** A value as it goes into a page: plain JSON. */
export const asJson = <T>(value: unknown): T => JSON.parse(JSON.stringify(value)) as T;

/** A player's record with a kind of club as it stands on their page; null where there is nothing to say, or no network to ask. */
export function usePageRecord(player: Player, kind: ClubKind): PageContent['record'] {
  const { data, isPlaceholderData } = useRecord(player.id, { kind });
  // What is fetched of other clubs meanwhile is not given for these.
  const record = isPlaceholderData ? null : (data?.record ?? null);
  return useMemo(() => {
    // Of another kind where this one was never hit: that is not what the page is about.
    if (record === null || record.kind !== kind) return null;
    const wording = { hand: player.hand, units: unitsOf(player), dayText: shortDay };
    return asJson(recordForPlayer(record, goalsOf(player, record), wording));
  }, [record, kind, player]);
}
