import { useMutation, useQueryClient } from '@tanstack/react-query';
import { newId } from '../sync/new-id.ts';
import { answerOf, api } from './client.ts';

/** Brings an archive in beside what is here. */
export function useBringInArchive() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (file: File) => {
      const form = new FormData();
      form.append('file', file, file.name);
      return answerOf(
        api.POST('/api/archive', {
          headers: { 'x-loxos-change': newId() },
          body: form as unknown as { file: string },
          bodySerializer: (body) => body as unknown as FormData,
        }),
      );
    },
    onSuccess: () => client.invalidateQueries(),
  });
}

/** Takes everything of a player out of the academy for good. */
export function useErasePlayer(id: string) {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (name: string) =>
      answerOf(api.POST('/api/players/{id}/erase', { params: { path: { id } }, body: { name } })),
    onSuccess: () => client.invalidateQueries(),
  });
}
