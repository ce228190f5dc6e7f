import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { answerOf, api, saidAgain } from './client.ts';

const KEY = ['account', 'codes'] as const;

/** Returns whether one's sign-in asks for a code of a phone, and how many recovery codes are left. */
export const useCodes = () =>
  useQuery({ queryKey: KEY, queryFn: () => answerOf(api.GET('/api/account/codes')) });

function useCodesChange<In, Out>(send: (body: In) => Promise<Out>) {
  const client = useQueryClient();
  return useMutation({
    mutationFn: send,
    onSuccess: () => client.invalidateQueries({ queryKey: KEY }),
  });
}

export const useOfferCodes = () =>
  useMutation({
    mutationFn: (password: string | undefined) =>
      answerOf(api.POST('/api/account/codes/offer', { body: saidAgain(password) })),
  });
export const useConfirmCodes = () =>
  useCodesChange((code: string) => answerOf(api.POST('/api/account/codes', { body: { code } })));
export const useEndCodes = () =>
  useCodesChange((password: string) =>
    answerOf(api.POST('/api/account/codes/end', { body: { password } })),
  );
