import { useQuery } from '@tanstack/react-query';
import { ApiError, answerOf, api } from './client.ts';

const LOOK_MS = 500;
const path = (id: string) => ({ params: { path: { id } } });
const isGone = (error: unknown): boolean => error instanceof ApiError && error.status === 404;

/** Returns how far the file of a change is, looked at again and again; null before the server has begun with it and after. */
export const useUnderWay = (changeId: string) =>
  useQuery({
    queryKey: ['file-under-way', changeId],
    queryFn: () =>
      answerOf(api.GET('/api/files-under-way/{id}', path(changeId))).catch((error: unknown) => {
        if (isGone(error)) return null;
        throw error;
      }),
    refetchInterval: LOOK_MS,
    retry: false,
    gcTime: 0,
  });

/** Tells the server to stop with the file of a change; one that has come in meanwhile stays. */
export const stopFile = (changeId: string): Promise<void> =>
  answerOf(api.DELETE('/api/files-under-way/{id}', path(changeId))).then(
    () => undefined,
    () => undefined,
  );
