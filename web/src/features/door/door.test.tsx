import { ownZone } from '@loxos/core';
import { fireEvent, screen, waitFor } from '@testing-library/react';
import { keptAccount } from '../../api/who.ts';
import { accountOf, show } from '../../testing/render.tsx';
import { answering } from '../../testing/server.ts';
import { EnterPage } from './EnterPage.tsx';
import { JoinPage } from './JoinPage.tsx';

const OUT = { status: 401, kind: 'signed-out', message: 'You are signed out.' };
const DOOR = { isFounded: true, isDemo: false };
const OWNER = accountOf('owner');

beforeEach(() => localStorage.clear());

function enter(answers: Record<string, object>, at = '/enter') {
  const asked = answering({ 'GET /api/account': OUT, 'GET /api/door': DOOR, ...answers });
  show(<EnterPage />, { isAnswered: true, isNobody: true }, at);
  return asked;
}
const write = (label: RegExp, value: string): void =>
  void fireEvent.change(screen.getByLabelText(label), { target: { value } });
const press = (name: string): void => void fireEvent.click(screen.getByRole('button', { name }));

describe('the door', () => {
  it('signs in with e-mail and password, and keeps who it is', async () => {
    const asked = enter({ 'POST /api/sessions': { status: 201, ...OWNER } });
    await screen.findByRole('heading', { name: 'Sign in' });
    write(/E-mail/, 'olga@academy.example');
    write(/Password/, 'nine red kites');
    press('Sign in');
    await waitFor(() => expect(keptAccount()).toMatchObject({ id: 'olga' }));
    expect(asked.at(-1)).toEqual({
      method: 'POST',
      path: '/api/sessions',
      body: { email: 'olga@academy.example', password: 'nine red kites' },
    });
  });

  it('says in the server’s words why not, and keeps what was typed', async () => {
    const message = 'That e-mail and password do not belong together.';
    enter({ 'POST /api/sessions': { status: 401, kind: 'signed-out', message } });
    await screen.findByRole('heading', { name: 'Sign in' });
    write(/E-mail/, 'olga@academy.example');
    write(/Password/, 'a guess');
    press('Sign in');
    expect(await screen.findByText(message)).toBeInTheDocument();
    expect(screen.getByLabelText(/E-mail/)).toHaveValue('olga@academy.example');
    expect(keptAccount()).toBeNull();
  });

  it('asks for a code where they are on, and keeps what was typed', async () => {
    const message = 'Write the six figures your phone’s app shows, or a recovery code.';
    const fields = [{ field: 'code', reason: message }];
    const asked = enter({
      'POST /api/sessions': { status: 401, kind: 'signed-out', message, fields },
    });
    await screen.findByRole('heading', { name: 'Sign in' });
    expect(screen.queryByLabelText(/Code/)).toBeNull();
    write(/E-mail/, 'olga@academy.example');
    write(/Password/, 'nine red kites');
    press('Sign in');
    await screen.findByText(message);
    write(/Code/, '123456');
    press('Sign in');
    await waitFor(() =>
      expect(asked.at(-1)?.body).toEqual({
        email: 'olga@academy.example',
        password: 'nine red kites',
        code: '123456',
      }),
    );
  });

  it('says how long to wait where there were too many wrong passwords', async () => {
    const message = 'Too many wrong passwords. Wait 4 seconds, or sign in from a browser that …';
    enter({ 'POST /api/sessions': { status: 429, kind: 'too-many', message } });
    await screen.findByRole('heading', { name: 'Sign in' });
    write(/E-mail/, 'olga@academy.example');
    write(/Password/, 'a guess');
    press('Sign in');
    expect(await screen.findByText(message)).toBeInTheDocument();
    expect(screen.getByLabelText(/E-mail/)).toHaveValue('olga@academy.example');
  });

  it('asks nothing of the server for what is no address', async () => {
    const asked = enter({});
    await screen.findByRole('heading', { name: 'Sign in' });
    write(/E-mail/, 'olga');
    press('Sign in');
    expect(await screen.findByText(/Write an e-mail address/)).toBeInTheDocument();
    expect(screen.getByText('Write your password.')).toBeInTheDocument();
    expect(asked.filter(({ method }) => method === 'POST')).toEqual([]);
  });

  it('has one button in the demo', async () => {
    enter({
      'GET /api/door': { isFounded: true, isDemo: true },
      'POST /api/sessions/demo': { status: 201, ...OWNER },
    });
    fireEvent.click(await screen.findByRole('button', { name: 'Go in as the owner of the demo' }));
    await waitFor(() => expect(keptAccount()).toMatchObject({ academy: 'Test academy' }));
  });

  it('founds the academy the first time', async () => {
    const asked = enter({
      'GET /api/door': { isFounded: false, isDemo: false },
      'POST /api/academy': { status: 201, ...OWNER },
    });
    await screen.findByRole('heading', { name: 'Found your academy' });
    write(/Name of the academy/, 'Test academy');
    write(/Your name/, 'Olga Ower');
    write(/E-mail/, 'olga@academy.example');
    write(/Password/, 'short');
    press('Found the academy');
    expect(await screen.findByText(/at least 10 characters; a few words/)).toBeInTheDocument();
    write(/Password/, 'nine red kites');
    press('Found the academy');
    await waitFor(() => expect(keptAccount()).not.toBeNull());
    expect(asked.at(-1)?.body).toEqual({
      academy: 'Test academy',
      name: 'Olga Ower',
      email: 'olga@academy.example',
      password: 'nine red kites',
      zone: ownZone(),
    });
  });

  it('lets a browser in that is signed in already', async () => {
    enter({ 'GET /api/account': OWNER });
    await waitFor(() => expect(keptAccount()).toMatchObject({ id: 'olga' }));
  });

  it('signs in by the key in the address; a used one leads to the form', async () => {
    const message = 'This key was used or has ended: sign in with a password.';
    const asked = enter(
      { 'POST /api/sessions/key': { status: 401, kind: 'signed-out', message } },
      '/enter#a-key',
    );
    expect(await screen.findByText(message)).toBeInTheDocument();
    expect(asked[0]).toMatchObject({ path: '/api/sessions/key', body: { key: 'a-key' } });
    press('To the sign-in');
    expect(await screen.findByRole('heading', { name: 'Sign in' })).toBeInTheDocument();
  });

  it('says so where the server does not answer', async () => {
    globalThis.fetch = () => Promise.reject(new TypeError('no network'));
    show(<EnterPage />, { isAnswered: true, isNobody: true }, '/enter');
    expect(await screen.findByText(/The server does not answer/)).toBeInTheDocument();
  });
});

describe('a link', () => {
  function join(answers: Record<string, object>) {
    const asked = answering(answers);
    show(<JoinPage />, { isAnswered: true, isNobody: true }, '/join#token');
    return asked;
  }
  const LINK = { kind: 'invitation', academy: 'Test academy', name: 'Kit', role: 'assistant' };

  it('says who is invited as what, and joins', async () => {
    const asked = join({
      'GET /api/links/token': LINK,
      'POST /api/links/token': { status: 201, ...accountOf('assistant') },
    });
    await screen.findByRole('heading', { name: 'Join Test academy' });
    expect(screen.getByText('Kit, you are invited as an assistant.')).toBeInTheDocument();
    expect(screen.getByLabelText('Your name')).toHaveValue('Kit');
    write(/Your name/, 'Kit Dunmore');
    write(/E-mail/, 'kit@academy.example');
    write(/Password/, 'seven grey herons');
    press('Join');
    await waitFor(() => expect(keptAccount()).toMatchObject({ role: 'assistant' }));
    expect(asked.at(-1)?.body).toMatchObject({ name: 'Kit Dunmore' });
  });

  it('for a new password asks for that alone', async () => {
    const asked = join({
      'GET /api/links/token': { ...LINK, kind: 'reset' },
      'POST /api/links/token': { status: 201, ...OWNER },
    });
    await screen.findByRole('heading', { name: 'Choose a new password' });
    write(/New password/, 'four tall pines');
    press('Take this password');
    await waitFor(() => expect(asked.at(-1)?.body).toEqual({ password: 'four tall pines' }));
  });

  it('that was used says so', async () => {
    join({ 'GET /api/links/token': { status: 410, message: 'This link was used or has ended.' } });
    expect(await screen.findByText('This link was used or has ended.')).toBeInTheDocument();
  });
});
