import { inverse } from '@loxos/core';
import type { ClubKind, Done, MovedOverAll, Standing } from '@loxos/core';
import {
  keepPreviousData,
  useInfiniteQuery,
  useMutation,
  useQueries,
  useQuery,
  useQueryClient,
} from '@tanstack/react-query';
import { useMemo } from 'react';
import { today } from '../ui/academy-time.ts';
import { ApiError, answerOf, api } from './client.ts';
import type {
  HistoryEntry,
  IntakeRow,
  LaunchFile,
  Lesson,
  OwnDrill,
  Player,
  Settings,
} from './client.ts';
import {
  applyDrills,
  applyLessons,
  applyPending,
  applyPlayers,
  applyRules,
  lessonOf,
} from '../sync/apply.ts';
import type { LessonFilter } from '../sync/apply.ts';
import { useLog, waiting } from '../sync/log.ts';
import { stepsOf } from '../sync/pending.ts';
import type { Pending } from '../sync/pending.ts';
import { sendNow } from '../sync/send.ts';
import { step } from '../sync/step.ts';
import { PIECES, keys } from './keys.ts';
import { lessonFrom, pieceQueries } from './pieces.ts';

/** Returns what is on its way to the server. */
export function useWaiting(): readonly Pending[] {
  const entries = useLog((state) => state.entries);
  return useMemo(() => waiting(entries).map(({ change }) => change), [entries]);
}

/** Returns the players as they will be once everything on its way is stored. */
export function usePlayers() {
  const query = useQuery({
    queryKey: keys.players,
    queryFn: () => answerOf(api.GET('/api/players')),
  });
  const changes = useWaiting();
  const data = useMemo(
    () => (query.data === undefined ? undefined : applyPlayers(query.data, changes)),
    [query.data, changes],
  );
  return { data, error: data === undefined ? query.error : null };
}

/** Returns a player as they will be once everything on its way is stored. */
export function usePlayer(id: string): { data: Player | undefined; error: Error | null } {
  const query = useQuery({
    queryKey: [...keys.players, id],
    queryFn: () => answerOf(api.GET('/api/players/{id}', { params: { path: { id } } })),
  });
  const changes = useWaiting();
  const known = query.data === undefined ? [] : [query.data];
  const own = changes.filter((change) => stepsOf([change]).some((one) => one.id === id));
  const data = applyPlayers(known, own).find((player) => player.id === id);
  return { data, error: data === undefined ? query.error : null };
}

/** Returns a list of lessons as it will be once everything on its way is stored. */
export function useLessons(filter: LessonFilter) {
  const query = useQuery({
    queryKey: [...keys.lessons, filter],
    queryFn: () => answerOf(api.GET('/api/lessons', { params: { query: filter } })),
  });
  const changes = useWaiting();
  const players = usePlayers().data ?? [];
  const data =
    query.data === undefined ? undefined : applyLessons(query.data, filter, players, changes);
  return { data, error: data === undefined ? query.error : null };
}

/** Returns what each player was last given. */
export const useGiven = () =>
  useQuery({
    queryKey: [...keys.lessons, 'given', today()],
    queryFn: () => answerOf(api.GET('/api/given', { params: { query: { today: today() } } })),
  });

/** Returns what a player was given, lesson by lesson. */
export const useGivenTo = (id: string) =>
  useQuery({
    queryKey: [...keys.lessons, 'given', id, today()],
    queryFn: () =>
      answerOf(
        api.GET('/api/players/{id}/given', {
          params: { path: { id }, query: { today: today() } },
        }),
      ),
  });

interface Asked {
  readonly data: unknown;
  readonly error: Error | null;
}

/** Returns the lesson the answers make, and what went wrong first. */
const together = (answers: readonly Asked[]) => ({
  data: lessonFrom(Object.fromEntries(PIECES.map((piece, n) => [piece, answers[n]?.data]))),
  error: answers.find(({ error }) => error !== null)?.error ?? null,
});

/** Returns a lesson as it will be once everything on its way is stored; one opened here is there at once. */
export function useLesson(id: string): { lesson: Lesson | null; error: Error | null } {
  const query = useQueries({ queries: pieceQueries(id), combine: together });
  const changes = useWaiting();
  const players = usePlayers().data;
  const lesson = useMemo(() => {
    const base = query.data ?? lessonOf(id, players ?? [], changes);
    return base === null ? null : applyPending(base, changes);
  }, [query.data, id, players, changes]);
  // With the network gone the bar says so; what is not stored yet is not missing.
  const isLost = query.error instanceof ApiError && query.error.status === 0;
  const isOpening = query.data === null && lesson !== null;
  const error = lesson !== null && (isLost || isOpening) ? null : query.error;
  return { lesson, error };
}

/** What became of a file's rows, some at a time; asked for once somebody looks. */
/** Rows of a file with what became of each: all, or those of one fate. */
export const useRows = (
  file: LaunchFile,
  fate: IntakeRow['fate'] | undefined,
  isLooking: boolean,
) =>
  useInfiniteQuery({
    queryKey: keys.rows(file, fate),
    queryFn: ({ pageParam: skip }) =>
      answerOf(
        api.GET('/api/files/{id}/rows', {
          params: { path: { id: file.id }, query: { skip, ...(fate && { fate }) } },
        }),
      ),
    initialPageParam: 0,
    getNextPageParam: ({ count }, pages) => {
      const shown = pages.reduce((sum, { rows }) => sum + rows.length, 0);
      return shown < count ? shown : null;
    },
    enabled: isLooking,
  });

/** Returns the academy's rules as they will be once everything on its way is stored. */
export function useSettings(): { data: Settings | undefined; error: Error | null } {
  const query = useQuery({
    queryKey: keys.settings,
    queryFn: () => answerOf(api.GET('/api/settings')),
  });
  const changes = useWaiting();
  const data = useMemo(
    () => (query.data === undefined ? undefined : applyRules(query.data, changes)),
    [query.data, changes],
  );
  return { data, error: data === undefined ? query.error : null };
}

/** Returns whether the server answers, asked every few seconds. */
export const useHealth = () =>
  useQuery({
    queryKey: keys.health,
    queryFn: () => answerOf(api.GET('/api/health')),
    refetchInterval: 10_000,
    retry: false,
  });

/** Returns what each drill has moved for a player before. */
export const useEffects = (playerId: string) =>
  useQuery({
    queryKey: keys.effects(playerId),
    queryFn: () =>
      answerOf(api.GET('/api/players/{id}/effects', { params: { path: { id: playerId } } })),
  });

/** Where players stand, by player: everybody, or only those who went away from the wanted since a day (ISO). */
export function useStandings(since?: string): ReadonlyMap<string, readonly Standing[]> {
  const { data } = useQuery({
    queryKey: keys.standings(since),
    queryFn: () =>
      answerOf(
        api.GET('/api/standings', { params: { query: since === undefined ? {} : { since } } }),
      ),
  });
  return useMemo(
    () => new Map(data?.map(({ playerId, standings }) => [playerId, standings])),
    [data],
  );
}

/** Returns what drills moved with a kind of club over all players; asked for once somebody looks. */
export const useMoved = (kind: ClubKind, isLooking: boolean) =>
  useQuery({
    queryKey: keys.moved(kind),
    queryFn: async (): Promise<readonly MovedOverAll[]> =>
      (await answerOf(api.GET('/api/moved', { params: { query: { kind } } }))).moved,
    enabled: isLooking,
    placeholderData: keepPreviousData,
  });

/** Which visits of a player are asked for: with a kind of club, in a period, parted on a day; ISO days. */
export interface RecordOf {
  readonly kind?: ClubKind;
  readonly from?: string;
  readonly to?: string;
  readonly parted?: string;
}

/** Returns what became of a player over the months, with a kind of club; the one hit most where none is asked for. */
export const useRecord = (id: string, of: RecordOf = {}) =>
  useQuery({
    queryKey: keys.record(id, of),
    queryFn: () =>
      answerOf(api.GET('/api/players/{id}/record', { params: { path: { id }, query: of } })),
    // What was shown stays while more of the same player is fetched: another player's never stands in.
    placeholderData: (before, asked) => (asked?.queryKey[1] === id ? before : undefined),
  });

/** Returns the reports given to a player. */
export const useReports = (playerId: string) =>
  useQuery({
    queryKey: keys.reports(playerId),
    queryFn: () =>
      answerOf(api.GET('/api/players/{playerId}/reports', { params: { path: { playerId } } })),
  });

/** Returns the academy's own drills as they will be once everything on its way is stored. */
export function useOwnDrills(): { data: readonly OwnDrill[] | undefined } {
  const { data: known } = useQuery({
    queryKey: keys.drills,
    queryFn: () => answerOf(api.GET('/api/drills')),
  });
  const changes = useWaiting();
  const data = useMemo(
    () => (known === undefined ? undefined : applyDrills(known, changes)),
    [known, changes],
  );
  return { data };
}

/** What a page is given of: a lesson and one of its clubs, or a player's record with a kind of club. */
export type GivenOf =
  | { readonly lessonId: string; readonly playerId: string; readonly club: string | null }
  | { readonly playerId: string; readonly kind: ClubKind };

const givenKey = (of: GivenOf) =>
  'lessonId' in of ? keys.lesson(of.lessonId) : keys.reports(of.playerId);

export function useSharePage(of: GivenOf) {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (days: number) => {
      if ('lessonId' in of) {
        const { lessonId, club } = of;
        const asked = { params: { path: { lessonId } }, body: { days, club } };
        return answerOf(api.POST('/api/lessons/{lessonId}/pages', asked));
      }
      const { playerId, kind } = of;
      const asked = { params: { path: { playerId } }, body: { days, kind } };
      return answerOf(api.POST('/api/players/{playerId}/reports', asked));
    },
    onSuccess: () => client.invalidateQueries({ queryKey: givenKey(of) }),
  });
}

export function useWithdrawPage(of: GivenOf) {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (id: string) => sendNow(step('page.remove', { id })),
    onSuccess: () => client.invalidateQueries({ queryKey: givenKey(of) }),
  });
}

/** Whose history is asked for. */
export type HistoryOf = { readonly lessonId: string } | { readonly playerId: string } | 'academy';

function askHistory(of: HistoryOf) {
  if (of === 'academy') return answerOf(api.GET('/api/academy/history'));
  if ('lessonId' in of)
    return answerOf(
      api.GET('/api/lessons/{id}/history', { params: { path: { id: of.lessonId } } }),
    );
  return answerOf(api.GET('/api/players/{id}/history', { params: { path: { id: of.playerId } } }));
}

function historyKey(of: HistoryOf) {
  if (of === 'academy') return ['people', 'history'];
  return 'lessonId' in of ? keys.history(of.lessonId) : [...keys.players, of.playerId, 'history'];
}

/** Everything changed in a lesson, of a player or at the academy: what, who, when, from what to what; the newest first. */
export const useHistory = (of: HistoryOf) =>
  useQuery({ queryKey: historyKey(of), queryFn: () => askHistory(of) });

/** Takes a change back from history; whatever shows it is asked anew. */
export function useUndoChange() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: ({ steps }: HistoryEntry) => sendNow(...inverse(steps as Done[])),
    onSuccess: () => client.invalidateQueries(),
  });
}
