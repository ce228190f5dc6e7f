import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { answerOf, api, saidAgain } from './client.ts';
import type { components } from './schema.gen.ts';
import { keepAccount, keptAccount } from './who.ts';
import type { Account } from './who.ts';

export type Person = components['schemas']['Person'];
type ChangeAcademy = components['schemas']['ChangeAcademy'];
export type Ability = Account['may'][number];
export type Role = Account['role'];

const KEYS = {
  account: ['account'],
  browsers: ['account', 'browsers'],
  people: ['people'],
  invitations: ['people', 'invitations'],
} as const;

/** Returns who is signed in: what the browser keeps at once, and what the server says once it answers. */
export function useAccount(): Account | null {
  const { data } = useQuery({
    queryKey: KEYS.account,
    queryFn: async () => {
      const account = await answerOf(api.GET('/api/account'));
      keepAccount(account);
      return account;
    },
    placeholderData: keptAccount() ?? undefined,
  });
  return data ?? null;
}

/** Returns whether whoever is signed in may do something; the server refuses what they may not. */
export const useMay = (ability: Ability): boolean => useAccount()?.may.includes(ability) ?? true;

/** Returns who works at the academy. */
export const usePeople = () =>
  useQuery({ queryKey: KEYS.people, queryFn: () => answerOf(api.GET('/api/people')) });

export const useInvitations = (isAsked: boolean) =>
  useQuery({
    queryKey: KEYS.invitations,
    queryFn: () => answerOf(api.GET('/api/invitations')),
    enabled: isAsked,
  });

export const useBrowsers = () =>
  useQuery({ queryKey: KEYS.browsers, queryFn: () => answerOf(api.GET('/api/account/sessions')) });

/** Returns a change of the academy's people or of one's own account; the lists are asked for anew. */
function useAccountChange<In, Out>(send: (body: In) => Promise<Out>) {
  const client = useQueryClient();
  return useMutation({
    mutationFn: send,
    onSuccess: () =>
      Promise.all([
        client.invalidateQueries({ queryKey: KEYS.people }),
        client.invalidateQueries({ queryKey: KEYS.account }),
      ]),
  });
}

export const useInvite = () =>
  useAccountChange((body: { name: string; role: Role }) =>
    answerOf(api.POST('/api/invitations', { body })),
  );
export const useWithdrawInvitation = () =>
  useAccountChange((id: string) =>
    answerOf(api.DELETE('/api/invitations/{id}', { params: { path: { id } } })),
  );
export const useChangePerson = () =>
  useAccountChange(({ id, ...body }: { id: string; role?: Role; mayEnter?: boolean }) =>
    answerOf(api.PATCH('/api/people/{id}', { params: { path: { id } }, body })),
  );
export const useReset = () =>
  useAccountChange((id: string) =>
    answerOf(api.POST('/api/people/{id}/reset', { params: { path: { id } } })),
  );
export const useRename = () =>
  useAccountChange((name: string) => answerOf(api.PATCH('/api/account', { body: { name } })));
/** Changes what is said of the academy as a whole: what is kept of it in this browser is the new one at once. */
export const useChangeAcademy = () =>
  useAccountChange(async (body: ChangeAcademy) => {
    const account = await answerOf(api.PATCH('/api/academy', { body }));
    keepAccount(account);
    return account;
  });
export const useChangePassword = () =>
  useAccountChange((body: { password: string; next: string }) =>
    answerOf(api.POST('/api/account/password', { body })),
  );
export const useEndBrowser = () =>
  useAccountChange((id: string) =>
    answerOf(api.DELETE('/api/account/sessions/{id}', { params: { path: { id } } })),
  );
export const useKey = () =>
  useAccountChange((password: string | undefined) =>
    answerOf(api.POST('/api/account/keys', { body: saidAgain(password) })),
  );

/** Returns the address one's own calendar reads lessons at, as far as there is one; never the address itself. */
export const useCalendarFeed = () =>
  useQuery({
    queryKey: [...KEYS.account, 'calendar'],
    queryFn: () => answerOf(api.GET('/api/account/calendar')),
  });
export const useMakeFeed = () =>
  useAccountChange((whose: 'mine' | 'all') =>
    answerOf(api.POST('/api/account/calendar', { body: { whose } })),
  );
export const useEndFeed = () =>
  useAccountChange(() => answerOf(api.DELETE('/api/account/calendar')));
