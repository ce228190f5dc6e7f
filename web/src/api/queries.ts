import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { format } from 'date-fns';
import { useMemo } from 'react';
import { answerOf, api } from './client.ts';
import type {
  AddRepetition,
  CreateLesson,
  CreateOwnDrill,
  CreatePlayer,
  IntakeAnswers,
  Lesson,
  PageContent,
  PlayerPage,
  Settings,
  UpdateLesson,
  UpdatePlayer,
} from './client.ts';
import { applyPending, useOutbox } from './outbox.ts';

export const keys = {
  players: ['players'] as const,
  lessons: ['lessons'] as const,
  lesson: (id: string) => ['lesson', id] as const,
  settings: ['settings'] as const,
  health: ['health'] as const,
  drills: ['drills'] as const,
  effects: (playerId: string) => ['effects', playerId] as const,
  page: (token: string) => ['page', token] as const,
};

export const usePlayers = () =>
  useQuery({ queryKey: keys.players, queryFn: () => answerOf(api.GET('/api/players')) });

export const usePlayer = (id: string) =>
  useQuery({
    queryKey: [...keys.players, id],
    queryFn: () => answerOf(api.GET('/api/players/{id}', { params: { path: { id } } })),
  });

interface LessonFilter {
  readonly from?: string;
  readonly to?: string;
  readonly playerId?: string;
}

export const useLessons = (filter: LessonFilter) =>
  useQuery({
    queryKey: [...keys.lessons, filter],
    queryFn: () => answerOf(api.GET('/api/lessons', { params: { query: filter } })),
  });

/** Today, as the server is told it: days are the coach's own. */
const todayText = (): string => format(new Date(), 'yyyy-MM-dd');

/** What each player was last given. */
export const useGiven = () =>
  useQuery({
    queryKey: [...keys.lessons, 'given', todayText()],
    queryFn: () => answerOf(api.GET('/api/given', { params: { query: { today: todayText() } } })),
  });

/** What a player was given, lesson by lesson. */
export const useGivenTo = (id: string) =>
  useQuery({
    queryKey: [...keys.lessons, 'given', id, todayText()],
    queryFn: () =>
      answerOf(
        api.GET('/api/players/{id}/given', {
          params: { path: { id }, query: { today: todayText() } },
        }),
      ),
  });

/** Changes, takes away and brings back lessons; whatever shows them is asked anew. */
export function useLessonChanges() {
  const client = useQueryClient();
  const onSuccess = () => client.invalidateQueries();
  const change = useMutation({
    mutationFn: ({ id, body }: { id: string; body: UpdateLesson }) =>
      answerOf(api.PATCH('/api/lessons/{id}', { params: { path: { id } }, body })),
    onSuccess,
  });
  const remove = useMutation({
    mutationFn: (id: string) =>
      answerOf(api.DELETE('/api/lessons/{id}', { params: { path: { id } } })),
    onSuccess,
  });
  const restore = useMutation({
    mutationFn: (id: string) =>
      answerOf(api.POST('/api/lessons/{id}/restore', { params: { path: { id } } })),
    onSuccess,
  });
  return { change, remove, restore };
}

/** Takes away and brings back players with their lessons. */
export function usePlayerChanges() {
  const client = useQueryClient();
  const onSuccess = () => client.invalidateQueries();
  const remove = useMutation({
    mutationFn: (id: string) =>
      answerOf(api.DELETE('/api/players/{id}', { params: { path: { id } } })),
    onSuccess,
  });
  const restore = useMutation({
    mutationFn: (id: string) =>
      answerOf(api.POST('/api/players/{id}/restore', { params: { path: { id } } })),
    onSuccess,
  });
  return { remove, restore };
}

/** A lesson as it will be once everything not yet stored is. */
export function useLesson(id: string): { lesson: Lesson | null; error: Error | null } {
  const query = useQuery({
    queryKey: keys.lesson(id),
    queryFn: () => answerOf(api.GET('/api/lessons/{id}', { params: { path: { id } } })),
    enabled: id !== '',
  });
  const entries = useOutbox((state) => state.entries);
  const lesson = useMemo(
    () => (query.data === undefined ? null : applyPending(query.data, entries)),
    [query.data, entries],
  );
  return { lesson, error: query.error };
}

export const useSettings = () =>
  useQuery({ queryKey: keys.settings, queryFn: () => answerOf(api.GET('/api/settings')) });

/** Whether the server answers, asked every few seconds. */
export const useHealth = () =>
  useQuery({
    queryKey: keys.health,
    queryFn: () => answerOf(api.GET('/api/health')),
    refetchInterval: 10_000,
    retry: false,
  });

export function useSaveSettings() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (body: Settings) => answerOf(api.PUT('/api/settings', { body })),
    onSuccess: (saved) => client.setQueryData(keys.settings, saved),
  });
}

export function useCreatePlayer() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (body: CreatePlayer) => answerOf(api.POST('/api/players', { body })),
    onSuccess: () => client.invalidateQueries({ queryKey: keys.players }),
  });
}

export function useUpdatePlayer(id: string) {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (body: UpdatePlayer) =>
      answerOf(api.PATCH('/api/players/{id}', { params: { path: { id } }, body })),
    onSuccess: () => client.invalidateQueries(),
  });
}

export function useCreateLesson() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (body: CreateLesson) => answerOf(api.POST('/api/lessons', { body })),
    onSuccess: () => client.invalidateQueries({ queryKey: keys.lessons }),
  });
}

export function useBringIn(lessonId: string) {
  const client = useQueryClient();
  return useMutation({
    mutationFn: ({ file, answers }: { file: File; answers?: IntakeAnswers }) => {
      const form = new FormData();
      form.append('file', file, file.name);
      if (answers !== undefined) form.append('answers', JSON.stringify(answers));
      const path = { lessonId };
      const request = api.POST('/api/lessons/{lessonId}/files', {
        params: { path },
        body: form as unknown as { file: string },
        bodySerializer: (body) => body as unknown as FormData,
      });
      return answerOf(request);
    },
    onSuccess: () => client.invalidateQueries({ queryKey: keys.lesson(lessonId) }),
  });
}

export function useTakeBackFile(lessonId: string) {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (id: string) =>
      answerOf(api.DELETE('/api/files/{id}', { params: { path: { id } } })),
    onSuccess: () => client.invalidateQueries({ queryKey: keys.lesson(lessonId) }),
  });
}

/** What each drill has moved for a player before. */
export const useEffects = (playerId: string) =>
  useQuery({
    queryKey: keys.effects(playerId),
    queryFn: () =>
      answerOf(api.GET('/api/players/{id}/effects', { params: { path: { id: playerId } } })),
  });

export const useOwnDrills = () =>
  useQuery({ queryKey: keys.drills, queryFn: () => answerOf(api.GET('/api/drills')) });

export function useCreateDrill() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (body: CreateOwnDrill) => answerOf(api.POST('/api/drills', { body })),
    onSuccess: () => client.invalidateQueries({ queryKey: keys.drills }),
  });
}

export function useRemoveDrill() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (id: string) =>
      answerOf(api.DELETE('/api/drills/{id}', { params: { path: { id } } })),
    onSuccess: () => client.invalidateQueries({ queryKey: keys.drills }),
  });
}

export function useSharePage(lessonId: string) {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (body: { content: PageContent; days: number }) =>
      answerOf(api.POST('/api/lessons/{lessonId}/pages', { params: { path: { lessonId } }, body })),
    onSuccess: () => client.invalidateQueries({ queryKey: keys.lesson(lessonId) }),
  });
}

export function useWithdrawPage(lessonId: string) {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (id: string) =>
      answerOf(api.DELETE('/api/pages/{id}', { params: { path: { id } } })),
    onSuccess: () => client.invalidateQueries({ queryKey: keys.lesson(lessonId) }),
  });
}

export function useRepeatLesson(lessonId: string) {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (startsAt: string) =>
      answerOf(
        api.POST('/api/lessons/{id}/repeat', {
          params: { path: { id: lessonId } },
          body: { startsAt },
        }),
      ),
    onSuccess: () => client.invalidateQueries({ queryKey: keys.lessons }),
  });
}

/** The page behind a player's link. */
export const usePage = (token: string) =>
  useQuery({
    queryKey: keys.page(token),
    queryFn: () => answerOf(api.GET('/api/p/{token}', { params: { path: { token } } })),
  });

export function usePageTick(token: string) {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (body: { date: string; done: boolean }) =>
      answerOf(api.POST('/api/p/{token}/ticks', { params: { path: { token } }, body })),
    // The tick shows at once; what the server says comes after.
    onMutate: ({ date, done }) => {
      client.setQueryData<PlayerPage>(keys.page(token), (page) => {
        if (page === undefined) return page;
        const others = page.ticked.filter((day) => day !== date);
        return { ...page, ticked: done ? [...others, date] : others };
      });
    },
    onSettled: () => client.invalidateQueries({ queryKey: keys.page(token) }),
  });
}

export function usePageRepetition(token: string) {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (body: AddRepetition) =>
      answerOf(api.POST('/api/p/{token}/repetitions', { params: { path: { token } }, body })),
    onSettled: () => client.invalidateQueries({ queryKey: keys.page(token) }),
  });
}

/** Everything changed in a lesson: what, who, when; the newest first. */
export const useChanges = (lessonId: string) =>
  useQuery({
    queryKey: [...keys.lesson(lessonId), 'changes'],
    queryFn: () =>
      answerOf(api.GET('/api/lessons/{lessonId}/changes', { params: { path: { lessonId } } })),
  });
