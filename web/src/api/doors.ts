import { useInfiniteQuery, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { answerOf, api } from './client.ts';
import type { components } from './schema.gen.ts';

export type DoorEvent = components['schemas']['DoorEvent'];

const KEYS = { record: ['doors'], news: ['doors', 'news'] } as const;

/** Returns the record of doors, a part at a time, the newest first. */
export const useDoorRecord = () =>
  useInfiniteQuery({
    queryKey: KEYS.record,
    queryFn: ({ pageParam }) =>
      answerOf(
        api.GET('/api/doors', {
          params: { query: pageParam === null ? {} : { before: pageParam } },
        }),
      ),
    initialPageParam: null as string | null,
    getNextPageParam: ({ next }) => next,
  });

/** Returns what an owner should know of since they last looked. */
export const useDoorNews = (isOwner: boolean) =>
  useQuery({
    queryKey: KEYS.news,
    queryFn: () => answerOf(api.GET('/api/doors/news')),
    enabled: isOwner,
  });

/** Says that the news were seen. */
export function useSeenDoors() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: () => answerOf(api.POST('/api/doors/seen')),
    onSuccess: () => client.setQueryData(KEYS.news, []),
  });
}
