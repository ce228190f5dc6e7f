import { fireEvent, screen, waitFor } from '@testing-library/react';
import type { Person } from '../../api/account.ts';
import { show } from '../../testing/render.tsx';
import { answering } from '../../testing/server.ts';
import { PeoplePage } from './PeoplePage.tsx';

const people: readonly Person[] = [
  { id: 'bea', name: 'Bea Strand', email: 'bea@a.example', role: 'assistant', mayEnter: true },
  { id: 'ivo', name: 'Ivo Lark', email: 'ivo@a.example', role: 'coach', mayEnter: false },
  { id: 'olga', name: 'Olga Ower', email: 'olga@a.example', role: 'owner', mayEnter: true },
];
const INVITED = { id: 'i', name: 'Kit', role: 'coach', expiresAt: '2026-06-01T00:00:00.000Z' };
const LINK = { status: 201, id: 'l', token: 'secret', expiresAt: '2026-06-01T00:00:00.000Z' };

function open(more: Record<string, object> = {}, role: 'owner' | 'coach' = 'owner') {
  const asked = answering({
    'GET /api/people': [...people],
    'GET /api/invitations': [INVITED],
    'GET /api/academy/history': [],
    ...more,
  });
  show(<PeoplePage />, { isAnswered: true, people, role });
  return asked;
}
const sent = (asked: readonly { method: string }[]) => asked.filter((a) => a.method !== 'GET');

describe('people', () => {
  it('shows a coach the names and roles, and nothing to change', () => {
    open({}, 'coach');
    expect(screen.getByText('Bea Strand')).toBeInTheDocument();
    expect(screen.queryByRole('button')).toBeNull();
    expect(screen.queryByRole('combobox')).toBeNull();
  });

  it('changes what somebody is', async () => {
    const asked = open({ 'PATCH /api/people/bea': people[0]! });
    const choice = screen.getByLabelText('Bea Strand is');
    fireEvent.change(choice, { target: { value: 'coach' } });
    await waitFor(() => expect(sent(asked)).toHaveLength(1));
    expect(sent(asked)[0]).toMatchObject({ path: '/api/people/bea', body: { role: 'coach' } });
  });

  it('asks before somebody is sent away, and lets them in again', async () => {
    const asked = open({
      'PATCH /api/people/bea': people[0]!,
      'PATCH /api/people/ivo': people[1]!,
    });
    fireEvent.click(screen.getByRole('button', { name: 'Send Bea Strand away' }));
    expect(screen.getByText(/signed out everywhere at once/)).toBeInTheDocument();
    expect(sent(asked)).toEqual([]);
    fireEvent.click(screen.getByRole('button', { name: 'Send away' }));
    await waitFor(() => expect(sent(asked)).toHaveLength(1));
    expect(sent(asked)[0]).toMatchObject({ body: { mayEnter: false } });
    expect(screen.getByText(/may not sign in/)).toBeInTheDocument();
    fireEvent.click(screen.getByRole('button', { name: 'Let Ivo Lark in again' }));
    await waitFor(() => expect(sent(asked)).toHaveLength(2));
    expect(sent(asked)[1]).toMatchObject({ path: '/api/people/ivo', body: { mayEnter: true } });
  });

  it('offers no sending away of oneself', () => {
    open();
    expect(screen.queryByRole('button', { name: 'Send Olga Ower away' })).toBeNull();
  });

  it('says why a change was refused', async () => {
    const message = 'An academy needs an owner: make somebody else one first.';
    open({ 'PATCH /api/people/olga': { status: 409, message } });
    fireEvent.change(screen.getByLabelText('Olga Ower is'), { target: { value: 'coach' } });
    expect(await screen.findByText(message)).toBeInTheDocument();
  });

  it('makes a link to join by, shown once, and one to a new password', async () => {
    open({ 'POST /api/invitations': LINK, 'POST /api/people/bea/reset': LINK });
    fireEvent.change(screen.getByRole('textbox', { name: /Invite somebody/ }), {
      target: { value: 'Kit' },
    });
    fireEvent.click(screen.getByRole('button', { name: 'Make the link' }));
    expect(await screen.findByText(/For Kit, to join within two weeks/)).toBeInTheDocument();
    expect(screen.getByRole('link', { name: /join#/ })).toHaveAttribute(
      'href',
      'http://localhost/join#secret',
    );
    fireEvent.click(screen.getByRole('button', { name: 'New password for Bea Strand' }));
    expect(await screen.findByText(/For Bea Strand, to choose a new password/)).toBeInTheDocument();
  });

  it('takes an invitation back', async () => {
    const asked = open({ 'DELETE /api/invitations/i': { status: 204 } });
    fireEvent.click(await screen.findByRole('button', { name: 'Take back' }));
    await waitFor(() => expect(sent(asked)[0]).toMatchObject({ path: '/api/invitations/i' }));
  });
});
