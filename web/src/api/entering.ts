import { useMutation, useQuery } from '@tanstack/react-query';
import { answerOf, api } from './client.ts';
import { signWithPasskey } from './passkeys.ts';
import type { components } from './schema.gen.ts';
import { keepAccount } from './who.ts';
import type { Account } from './who.ts';

type Schemas = components['schemas'];
export type OpenLink = Schemas['OpenLink'];

/** Returns whether there is an academy to sign in to. */
export const useDoor = () =>
  useQuery({
    queryKey: ['door'],
    queryFn: () => answerOf(api.GET('/api/door')),
    staleTime: 0,
  });

/** Returns what a link to join, or to a new password, is for. */
export const useLink = (token: string) =>
  useQuery({
    queryKey: ['link', token],
    queryFn: () => answerOf(api.GET('/api/links/{token}', { params: { path: { token } } })),
    retry: false,
  });

/** The page is read anew: nothing of who was here before is in it. */
const loadAt = (to: string): void => window.location.replace(to);

/** Within this app alone: an address from outside may say anything. */
const safe = (to: string): string => (/^\/(?![/\\])/.test(to) ? to : '/');

/** Signs in by some way, and goes on where it was meant to. */
function useEntering<In>(enter: (asked: In) => Promise<Account>, to = '/') {
  return useMutation({
    mutationFn: async (asked: In) => {
      keepAccount(await enter(asked));
    },
    onSuccess: () => loadAt(safe(to)),
  });
}

export const useSignIn = (to: string) =>
  useEntering((body: Schemas['SignIn']) => answerOf(api.POST('/api/sessions', { body })), to);
/** Signs in with whichever passkey the device has for this address. */
export const usePasskeyEntry = (to: string) =>
  useEntering(
    async () =>
      answerOf(api.POST('/api/sessions/passkey', { body: { response: await signWithPasskey() } })),
    to,
  );
export const useDemo = (to: string) =>
  useEntering(() => answerOf(api.POST('/api/sessions/demo')), to);
export const useUseKey = () =>
  useEntering((key: string) => answerOf(api.POST('/api/sessions/key', { body: { key } })));
export const useFound = () =>
  useEntering((body: Schemas['Found']) => answerOf(api.POST('/api/academy', { body })));
export const useTakeLink = (token: string) =>
  useEntering((body: Schemas['TakeLink']) =>
    answerOf(api.POST('/api/links/{token}', { params: { path: { token } }, body })),
  );
/** Goes in with the session the browser has already. */
export const useGoIn = (to: string) => useEntering(() => answerOf(api.GET('/api/account')), to);
