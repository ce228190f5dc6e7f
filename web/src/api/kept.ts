import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { answerOf, api } from './client.ts';
import type { components } from './schema.gen.ts';

export type GonePlayer = components['schemas']['GonePlayer'];

const KEYS = { kept: ['kept'], gone: ['kept', 'gone'] } as const;

/** Returns what is kept of people, who reads it and for how long. */
export const useKept = () =>
  useQuery({ queryKey: KEYS.kept, queryFn: () => answerOf(api.GET('/api/kept')) });

/** Players who have had no lesson for as long as the academy said. */
export const useGone = (isOwner: boolean) =>
  useQuery({
    queryKey: KEYS.gone,
    queryFn: () => answerOf(api.GET('/api/kept/gone')),
    enabled: isOwner,
  });

/** Keeps a player who is long gone, for another year. */
export function useKeepPlayer() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (id: string) =>
      answerOf(api.POST('/api/players/{id}/keep', { params: { path: { id } } })),
    onSuccess: () => client.invalidateQueries({ queryKey: KEYS.gone }),
  });
}
