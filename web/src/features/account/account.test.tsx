import { act, fireEvent, screen, waitFor } from '@testing-library/react';
import { keepAccount, keptAccount, storeName } from '../../api/who.ts';
import type { Entry } from '../../sync/entry.ts';
import { useLog } from '../../sync/log.ts';
import { accountOf, show } from '../../testing/render.tsx';
import { answering } from '../../testing/server.ts';
import { AccountPage } from './AccountPage.tsx';
import { browserWords } from '../../ui/browser-words.ts';

const AT = '2026-05-04T09:00:00.000Z';
const BROWSERS = [
  { id: 'a', device: 'Firefox/140.0', createdAt: AT, seenAt: AT, isThis: true },
  { id: 'b', device: 'iPhone CriOS/140', createdAt: AT, seenAt: AT, isThis: false },
];

function open(more: Record<string, object> = {}) {
  localStorage.clear();
  keepAccount(accountOf('owner'));
  useLog.setState({ entries: [] });
  const asked = answering({ 'GET /api/account/sessions': BROWSERS, ...more });
  show(<AccountPage />, { isAnswered: true });
  return asked;
}
const sent = (asked: readonly { method: string }[]) => asked.filter((a) => a.method !== 'GET');

describe('one’s account', () => {
  it('lists the browsers signed in, and signs another out', async () => {
    const asked = open({ 'DELETE /api/account/sessions/b': { status: 204 } });
    expect(await screen.findByText('Chrome on an iPhone')).toBeInTheDocument();
    fireEvent.click(screen.getByRole('button', { name: 'Sign it out' }));
    await waitFor(() => expect(sent(asked)[0]).toMatchObject({ path: '/api/account/sessions/b' }));
  });

  it('signs in on another device by a code', async () => {
    open({ 'POST /api/account/keys': { status: 201, id: 'k', token: 'once', expiresAt: AT } });
    fireEvent.click(screen.getByRole('button', { name: 'Sign in on another device' }));
    const link = await screen.findByRole('link', { name: /enter#once/ });
    expect(link).toHaveAttribute('href', 'http://localhost/enter#once');
  });

  it('has an address for one’s own calendar, shown once, and ends it', async () => {
    const feed = { whose: 'mine', createdAt: AT, readAt: null };
    const asked = open({
      'GET /api/account/calendar': { feed },
      'POST /api/account/calendar': { status: 201, ...feed, path: '/api/calendar/secret.ics' },
      'DELETE /api/account/calendar': { status: 204 },
    });
    expect(await screen.findByText(/no calendar has read it yet/)).toBeInTheDocument();
    fireEvent.click(screen.getByRole('radio', { name: 'All lessons' }));
    fireEvent.click(screen.getByRole('button', { name: /^Make another/ }));
    const link = await screen.findByRole('link', { name: /secret\.ics$/ });
    expect(link).toHaveAttribute('href', 'http://localhost/api/calendar/secret.ics');
    expect(sent(asked)[0]).toMatchObject({ body: { whose: 'all' } });
    fireEvent.click(screen.getByRole('button', { name: 'End the address' }));
    await waitFor(() => expect(sent(asked)[1]).toMatchObject({ method: 'DELETE' }));
    expect(screen.queryByRole('link', { name: /secret/ })).toBeNull();
  });

  it('changes the password, and says what is wrong with one', async () => {
    const asked = open({ 'POST /api/account/password': accountOf('owner') });
    const now = screen.getByLabelText('Password until now');
    const next = screen.getByLabelText(/New password/);
    fireEvent.change(next, { target: { value: 'short' } });
    fireEvent.click(screen.getByRole('button', { name: 'Change the password' }));
    expect(await screen.findByText(/at least 10 characters; a few/)).toBeInTheDocument();
    fireEvent.change(now, { target: { value: 'nine red kites' } });
    fireEvent.change(next, { target: { value: 'four tall pines' } });
    fireEvent.click(screen.getByRole('button', { name: 'Change the password' }));
    await waitFor(() => expect(next).toHaveValue(''));
    expect(sent(asked)[0]).toMatchObject({
      body: { password: 'nine red kites', next: 'four tall pines' },
    });
  });

  it('offers to save a name once it is another', async () => {
    const asked = open({ 'PATCH /api/academy': accountOf('owner') });
    expect(screen.queryByRole('button', { name: 'Save' })).toBeNull();
    const name = screen.getByLabelText('The academy’s name');
    fireEvent.change(name, { target: { value: 'Dune Golf' } });
    fireEvent.click(await screen.findByRole('button', { name: 'Save' }));
    await waitFor(() => expect(sent(asked)[0]).toMatchObject({ body: { name: 'Dune Golf' } }));
  });
});

describe('signing out', () => {
  it('asks first where something is not stored', async () => {
    const asked = open({ 'DELETE /api/sessions/this': { status: 204 } });
    act(() => useLog.setState({ entries: [{ id: 'e', refusal: null } as Entry] }));
    fireEvent.click(await screen.findByRole('button', { name: 'Sign out' }));
    expect(screen.getByText(/One change made here never reached/)).toBeInTheDocument();
    fireEvent.click(screen.getByRole('button', { name: 'Stay signed in' }));
    expect(sent(asked)).toEqual([]);
    expect(keptAccount()).not.toBeNull();
  });

  it('forgets who it was', async () => {
    open({ 'DELETE /api/sessions/this': { status: 204 } });
    fireEvent.click(screen.getByRole('button', { name: 'Sign out' }));
    await waitFor(() => expect(keptAccount()).toBeNull());
  });

  it('waits for the server where it does not answer', async () => {
    open({ 'DELETE /api/sessions/this': { status: 503, message: 'Not just now.' } });
    fireEvent.click(screen.getByRole('button', { name: 'Sign out' }));
    expect(await screen.findByText('Not just now.')).toBeInTheDocument();
    expect(keptAccount()).not.toBeNull();
  });
});

it('each account’s changes are kept in a store of its own; the first has the one from before', () => {
  localStorage.clear();
  expect(storeName()).toBe('loxos');
  keepAccount({ ...accountOf('owner'), id: 'first' });
  expect(storeName()).toBe('loxos');
  keepAccount({ ...accountOf('coach'), id: 'second' });
  expect(storeName()).toBe('loxos second');
  localStorage.setItem('loxos.account', '{torn');
  expect(keptAccount()).toBeNull();
});

it.each([
  ['Mozilla/5.0 (Windows NT 10.0) AppleWebKit Chrome/140 Safari/537 Edg/140', 'Edge on Windows'],
  ['Mozilla/5.0 (Macintosh; Intel Mac OS X 10_15) Version/18 Safari/605', 'Safari on a Mac'],
  ['Mozilla/5.0 (Linux; Android 15) Chrome/140 Mobile Safari/537', 'Chrome on Android'],
  ['', 'A browser'],
])('%s is %s', (userAgent, words) => {
  expect(browserWords(userAgent)).toBe(words);
});
