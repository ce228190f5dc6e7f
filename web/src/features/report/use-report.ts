import { periodOf, reportOf, unitsOf } from '@loxos/core';
import type { ClubKind, Report as Made } from '@loxos/core';
import { useMemo } from 'react';
import type { Player } from '../../api/client.ts';
import { useGivenTo, useRecord } from '../../api/queries.ts';
import { today } from '../../ui/academy-time.ts';
import { shortDay } from '../../ui/day-text.ts';

export interface Report extends Made {
  readonly kinds: readonly ClubKind[];
  readonly kind: ClubKind;
}

/** Returns the report of a player over a period, as the server will make it of what is there now. */
export function useReport(player: Player, kindAsked: ClubKind | null) {
  const draft = player.report;
  const period = periodOf(draft ?? {}, today());
  const { from, to } = period;
  const kind = draft?.kind ?? kindAsked;
  const asked = useRecord(player.id, { from, to, ...(kind !== null && { kind }) });
  const last = useGivenTo(player.id).data?.at(-1) ?? null;
  const { data } = asked;
  // What is fetched of another period or club is not given for this one.
  const isPaused = asked.fetchStatus === 'paused';
  const isAsking = asked.isPending || asked.isPlaceholderData;
  const report = useMemo((): Report | null => {
    if (isAsking || data === undefined || data.record === null) return null;
    const { record, homework } = data;
    const wording = { hand: player.hand, units: unitsOf(player), dayText: shortDay };
    const given = { record, homework, last, draft: draft ?? {}, today: today(), wording };
    return { ...reportOf(player, given), kinds: record.kinds, kind: record.kind };
  }, [player, data, last, draft, isAsking]);
  return { report, draft: draft ?? {}, period, isAsking, isPaused, error: asked.error };
}
