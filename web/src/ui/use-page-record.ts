import { pageRecord, unitsOf } from '@loxos/core';
import type { ClubKind, PageRecord } from '@loxos/core';
import { useMemo } from 'react';
import type { Player } from '../api/client.ts';
import { useRecord } from '../api/queries.ts';
import { today } from './academy-time.ts';
import { shortDay } from './day-text.ts';

/** Returns a player's record with a kind of club as it stands on their page; null where there is nothing to say, or no network to ask. */
export function usePageRecord(player: Player, kind: ClubKind): PageRecord | null {
  const { data, isPlaceholderData } = useRecord(player.id, { kind });
  // What is fetched of other clubs meanwhile is not given for these.
  const record = isPlaceholderData ? null : (data?.record ?? null);
  return useMemo(() => {
    const wording = { hand: player.hand, units: unitsOf(player), dayText: shortDay };
    return pageRecord(record, kind, player, today(), wording);
  }, [record, kind, player]);
}
