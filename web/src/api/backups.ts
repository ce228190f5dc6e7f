import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { ApiError, answerOf, api } from './client.ts';

const KEY = ['backups'] as const;
const STATE = ['backups', 'state'] as const;

/** Returns the copies of the whole database, the newest first. */
export const useCopies = () =>
  useQuery({ queryKey: KEY, queryFn: () => answerOf(api.GET('/api/backups')) });

/** Returns whether copies are sealed, and how the last one that was tried out did. */
export const useCopiesState = () =>
  useQuery({ queryKey: STATE, queryFn: () => answerOf(api.GET('/api/backups/state')) });

function useCopiesChange<In, Out>(send: (body: In) => Promise<Out>) {
  const client = useQueryClient();
  return useMutation({
    mutationFn: send,
    onSuccess: () => client.invalidateQueries({ queryKey: KEY }),
  });
}

export const useMakeCopy = () => useCopiesChange(() => answerOf(api.POST('/api/backups')));
export const useTryCopy = () => useCopiesChange(() => answerOf(api.POST('/api/backups/tried')));
export const useSealCopies = () =>
  useCopiesChange((passphrase: string) =>
    answerOf(api.POST('/api/backups/seal', { body: { passphrase } })),
  );
export const useUnsealCopies = () =>
  useCopiesChange(() => answerOf(api.DELETE('/api/backups/seal')));

/** A copy to put back: one that is there, by name, or one that was kept elsewhere; with its passphrase where that is asked for. */
export interface PutBack {
  readonly copy: string | File;
  readonly passphrase?: string;
}

/** Puts a copy in place of everything. */
export const usePutBack = () =>
  useMutation({
    mutationFn: ({ copy, passphrase }: PutBack) => {
      const said = passphrase === undefined ? {} : { passphrase };
      if (typeof copy === 'string')
        return answerOf(
          api.POST('/api/backups/{name}/restore', {
            params: { path: { name: copy } },
            body: said,
          }),
        );
      const form = new FormData();
      form.append('file', copy, copy.name);
      if (passphrase !== undefined) form.append('passphrase', passphrase);
      return answerOf(
        api.POST('/api/backups/restore', {
          body: form as unknown as { file: string },
          bodySerializer: (body) => body as unknown as FormData,
        }),
      );
    },
  });

/** Returns whether a copy was not put back since its passphrase is another. */
export const needsPassphrase = (error: Error | null): boolean =>
  error instanceof ApiError && error.fields.some(({ field }) => field === 'passphrase');
