import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { answerOf, api } from './client.ts';

const KEY = ['backups'] as const;

/** The copies of the whole database, the newest first. */
export const useCopies = () =>
  useQuery({ queryKey: KEY, queryFn: () => answerOf(api.GET('/api/backups')) });

export function useMakeCopy() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: () => answerOf(api.POST('/api/backups')),
    onSuccess: () => client.invalidateQueries({ queryKey: KEY }),
  });
}

/** Puts a copy in place of everything: one that is there, by name, or one that was kept elsewhere. */
export const usePutBack = () =>
  useMutation({
    mutationFn: (copy: string | File) => {
      if (typeof copy === 'string')
        return answerOf(
          api.POST('/api/backups/{name}/restore', { params: { path: { name: copy } } }),
        );
      const form = new FormData();
      form.append('file', copy, copy.name);
      return answerOf(
        api.POST('/api/backups/restore', {
          body: form as unknown as { file: string },
          bodySerializer: (body) => body as unknown as FormData,
        }),
      );
    },
  });
