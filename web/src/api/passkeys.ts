import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import type {
  PublicKeyCredentialCreationOptionsJSON,
  PublicKeyCredentialRequestOptionsJSON,
} from '@simplewebauthn/browser';
import { ApiError, answerOf, api, saidAgain } from './client.ts';

const KEY = ['account', 'passkeys'] as const;

/** Fetched when somebody asks for a passkey: nobody else needs it. */
const device = () => import('@simplewebauthn/browser');

/** Returns whether this browser can have a passkey for this address: one with a name, by https or on this machine. */
export function canHavePasskey({ hostname } = window.location): boolean {
  const isAddress = /^[\d.]+$|^\[/.test(hostname);
  return !isAddress && typeof PublicKeyCredential === 'function' && window.isSecureContext;
}

/** Returns whether this device makes sure itself who holds it, by a finger, a face or a PIN, and could hold a passkey. */
export const hasLock = async (): Promise<boolean> =>
  canHavePasskey() && (await PublicKeyCredential.isUserVerifyingPlatformAuthenticatorAvailable());

const REFUSED: Readonly<Record<string, string>> = {
  NotAllowedError: 'Nothing was signed: it was called off, or took too long. Try again.',
  InvalidStateError: 'This device has a passkey of yours already.',
  SecurityError: 'This address can have no passkey: use your password.',
};

/** Asks the device; its refusals in our words. */
async function asked<T>(work: Promise<T>): Promise<T> {
  try {
    return await work;
  } catch (error) {
    const name = error instanceof Error ? error.name : '';
    throw new ApiError(0, REFUSED[name] ?? 'The device did not answer. Try again.');
  }
}

/** Has the device sign in with whichever passkey it has; what it answers. */
export async function signWithPasskey(): Promise<Record<string, unknown>> {
  const { options } = await answerOf(api.POST('/api/sessions/passkey/question'));
  const { startAuthentication } = await device();
  const optionsJSON = options as unknown as PublicKeyCredentialRequestOptionsJSON;
  return { ...(await asked(startAuthentication({ optionsJSON }))) };
}

export const usePasskeys = () =>
  useQuery({ queryKey: KEY, queryFn: () => answerOf(api.GET('/api/account/passkeys')) });

function usePasskeyChange<In>(send: (body: In) => Promise<unknown>) {
  const client = useQueryClient();
  return useMutation({
    mutationFn: send,
    onSuccess: () => client.invalidateQueries({ queryKey: KEY }),
  });
}

/** Makes a passkey on this device; the password is asked of who signed in a while ago. */
export const useMakePasskey = () =>
  usePasskeyChange(async (password: string | undefined) => {
    const body = saidAgain(password);
    const { options } = await answerOf(api.POST('/api/account/passkeys/question', { body }));
    const { startRegistration } = await device();
    const optionsJSON = options as unknown as PublicKeyCredentialCreationOptionsJSON;
    const response = { ...(await asked(startRegistration({ optionsJSON }))) };
    await answerOf(api.POST('/api/account/passkeys', { body: { response } }));
  });

export const useRemovePasskey = () =>
  usePasskeyChange((id: string) =>
    answerOf(api.DELETE('/api/account/passkeys/{id}', { params: { path: { id } } })),
  );
