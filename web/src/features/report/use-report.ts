import {
  FINDINGS_AT_MOST,
  PAGE_DEFAULTS,
  addDaysIso,
  addMonthsIso,
  homeworkWords,
  recordForPlayer,
  reportNumbers,
  reportSlants,
} from '@loxos/core';
import type { ClubKind, PageRecord, PlayerRecord } from '@loxos/core';
import { useMemo } from 'react';
import type { Given, PageContent, Player, RecordAnswer, ReportDraft } from '../../api/client.ts';
import { useGivenTo, useRecord } from '../../api/queries.ts';
import { today } from '../../ui/academy-time.ts';
import { shortDay } from '../../ui/day-text.ts';
import { goalsOf } from '../../ui/goals.ts';
import { unitsOf } from '../../ui/units-of.ts';
import { asJson } from '../../ui/use-page-record.ts';

/** A report is of so long back unless the coach says otherwise. */
const MONTHS_BACK = 6;

/** The period a report is of, ISO days: as chosen, or the last half year. */
export function periodOf({ from, to }: ReportDraft): {
  readonly from: string;
  readonly to: string;
} {
  return { from: from ?? addMonthsIso(today(), -MONTHS_BACK), to: to ?? today() };
}

type Made = Omit<PageContent, 'homework' | 'stations'>;

function homeworkOf({ homework }: Pick<RecordAnswer, 'homework'>): string {
  const done = homework.filter(({ isDone }) => isDone).length;
  return homework.length === 0 ? '' : homeworkWords(done, homework.length);
}

/** The report as the record makes it. */
function madeOf(
  player: Player,
  record: PlayerRecord,
  answer: Omit<RecordAnswer, 'record'>,
  given: Given | undefined,
  period: { readonly from: string; readonly to: string },
): Made {
  const wording = { hand: player.hand, units: unitsOf(player), dayText: shortDay };
  const said = recordForPlayer(record, goalsOf(player, record), wording);
  const agreed = given?.nextLook.slice(0, 10) ?? '';
  return {
    period,
    record: asJson<PageRecord | null>(said) as PageContent['record'],
    expect: homeworkOf(answer),
    numbers: [...reportNumbers(record, wording)],
    slants: [...reportSlants(record)],
    points: given?.points ?? [],
    nextLook: agreed > today() ? agreed : addDaysIso(today(), PAGE_DEFAULTS.daysToNextLook),
  };
}

/** What the coach wrote over a text, or the text as made. */
const written = (
  over: readonly (string | null)[] | undefined,
  made: readonly string[],
  count: number,
): string[] => Array.from({ length: count }, (_, n) => over?.[n] ?? made[n] ?? '');

export interface Report {
  readonly content: PageContent;
  readonly findings: readonly string[];
  readonly points: readonly string[];
  readonly nextLook: string;
  readonly kinds: readonly ClubKind[];
  readonly kind: ClubKind;
}

/** The report of a player over a period, with what the coach wrote over it. */
export function useReport(player: Player, kindAsked: ClubKind | null) {
  const draft = player.report ?? {};
  const period = periodOf(draft);
  const { from, to } = period;
  const kind = draft.kind ?? kindAsked;
  const asked = useRecord(player.id, { from, to, ...(kind !== null && { kind }) });
  const given = useGivenTo(player.id).data?.at(-1);
  const { data } = asked;
  const made = useMemo(() => {
    if (data === undefined || data.record === null) return null;
    return madeOf(player, data.record, data, given, { from, to });
  }, [player, data, given, from, to]);
  // What is fetched of another period or club is not given for this one.
  const isPaused = asked.fetchStatus === 'paused';
  const isAsking = asked.isPending || asked.isPlaceholderData;
  if (isAsking || made === null || data === undefined || data.record === null)
    return { report: null, draft, period, isAsking, isPaused, error: asked.error };
  const findings = written(draft.findings, made.record?.words ?? [], FINDINGS_AT_MOST);
  const points = written(draft.points, made.points, PAGE_DEFAULTS.points);
  const nextLook = draft.nextLook ?? made.nextLook;
  const isSaid = (text: string): boolean => text.trim() !== '';
  const content: PageContent = {
    ...made,
    record: made.record == null ? null : { ...made.record, words: findings.filter(isSaid) },
    points: points.filter(isSaid),
    nextLook,
    words: draft.words ?? null,
    stations: [],
    homework: [],
  };
  const { kinds, kind: shown } = data.record;
  const report: Report = { content, findings, points, nextLook, kinds, kind: shown };
  return { report, draft, period, isAsking, isPaused, error: asked.error };
}
