import { fireEvent, screen, waitFor } from '@testing-library/react';
import { show } from '../../testing/render.tsx';
import { answering } from '../../testing/server.ts';
import { PasskeyInvitation } from './PasskeyInvitation.tsx';

const KEY = { id: 'k', device: '', site: 'localhost', createdAt: '2026-05-04', usedAt: null };

/** A device that makes sure who holds it, or does not. */
const deviceThat = (isUserVerifyingPlatformAuthenticatorAvailable: () => Promise<boolean>) => {
  const PublicKeyCredential = () => undefined;
  Object.assign(PublicKeyCredential, { isUserVerifyingPlatformAuthenticatorAvailable });
  Object.assign(window, { isSecureContext: true, PublicKeyCredential });
};
const invitation = () => screen.queryByRole('group', { name: 'Passkey' });

beforeEach(() => deviceThat(() => Promise.resolve(true)));
afterEach(() => {
  localStorage.clear();
  Reflect.deleteProperty(window, 'PublicKeyCredential');
});

it('invites who has none, once: a no stands in this browser', async () => {
  answering({ 'GET /api/account/passkeys': [] });
  const { unmount } = show(<PasskeyInvitation />, { isAnswered: true });
  fireEvent.click(await screen.findByRole('button', { name: 'Not here' }));
  expect(invitation()).toBeNull();
  unmount();
  show(<PasskeyInvitation />, { isAnswered: true });
  await Promise.resolve();
  expect(invitation()).toBeNull();
});

it.each([
  ['who has one', true, [KEY]],
  ['a device that makes sure of nobody', false, []],
])('does not invite %s', async (_who, isSure, keys) => {
  deviceThat(() => Promise.resolve(isSure));
  const asked = answering({ 'GET /api/account/passkeys': keys });
  show(<PasskeyInvitation />, { isAnswered: true });
  if (isSure) await waitFor(() => expect(asked).not.toEqual([]));
  else await Promise.resolve();
  expect(invitation()).toBeNull();
});

it('says what the device or the server answers, with the way to one’s account', async () => {
  const trouble = { status: 400, message: 'You signed in a while ago.' };
  answering({
    'GET /api/account/passkeys': [],
    'POST /api/account/passkeys/question': trouble,
  });
  show(<PasskeyInvitation />, { isAnswered: true });
  fireEvent.click(await screen.findByRole('button', { name: 'Make a passkey' }));
  expect(await screen.findByText(/You signed in a while ago/)).toBeInTheDocument();
  expect(screen.getByRole('link', { name: 'Your account' })).toHaveAttribute('href', '/account');
});
