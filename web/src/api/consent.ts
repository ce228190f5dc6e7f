import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { answerOf, api } from './client.ts';
import type { components } from './schema.gen.ts';

export type PlayerConsent = components['schemas']['PlayerConsent'];
export type NoteConsent = components['schemas']['NoteConsent'];

const keyOf = (playerId: string) => ['players', playerId, 'consent'] as const;
const at = (id: string) => ({ params: { path: { id } } });

/** Returns how old a player is, who speaks for them, and what was agreed to. */
export const useConsent = (playerId: string) =>
  useQuery({
    queryKey: keyOf(playerId),
    queryFn: () => answerOf(api.GET('/api/players/{id}/consent', at(playerId))),
  });

export function useNoteConsent(playerId: string) {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (body: NoteConsent) =>
      answerOf(api.PUT('/api/players/{id}/consent', { ...at(playerId), body })),
    onSuccess: (noted) => client.setQueryData(keyOf(playerId), noted),
  });
}
