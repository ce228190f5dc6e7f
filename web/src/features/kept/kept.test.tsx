import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import { accountOf, show } from '../../testing/render.tsx';
import { playerWith } from '../../testing/player.ts';
import { answering } from '../../testing/server.ts';
import { KeptPage } from './KeptPage.tsx';

const KEPT = {
  academy: 'Saltmarsh',
  personalFor: 'own-coach',
  goneMonths: 24,
  copies: { daily: 14, asked: 20, beforeUpdate: 5, beforeRestore: 5 },
  doorRecordDays: 365,
  idleHours: 8,
  sessionDays: 180,
  pageDays: 180,
};
const GONE = { id: 'lena', name: 'Lena Rood', lastOn: '2024-03-02', isTakenAway: false };
const AWAY = { id: 'otto', name: 'Otto Berg', lastOn: '2023-03-02', isTakenAway: true };

function open(role: 'owner' | 'coach' | 'assistant', player = playerWith()) {
  const asked = answering({
    'GET /api/kept': KEPT,
    'GET /api/kept/gone': [GONE, AWAY],
    'POST /api/players/lena/keep': { status: 204 },
    'POST /api/players/otto/erase': { status: 204 },
    'PATCH /api/academy': { ...accountOf('owner'), goneMonths: 36 },
  });
  show(<KeptPage />, { isAnswered: true, role, players: [player] });
  return asked;
}

it('says what is kept, who reads it and for how long, as it is in force', async () => {
  open('assistant');
  expect(await screen.findByRole('heading', { name: 'What Saltmarsh keeps' })).toBeVisible();
  expect(screen.getByText(/signed out after 8 hours/)).toBeVisible();
  expect(screen.getByText(/own coach alone/)).toBeVisible();
  expect(screen.queryByLabelText('Player')).toBeNull();
});

it('gives what a player may ask for where it is told', async () => {
  open('owner');
  fireEvent.change(await screen.findByLabelText('Player'), { target: { value: 'ada' } });
  expect(screen.getByRole('link', { name: /Take it out/ })).toHaveAttribute(
    'href',
    '/api/players/ada/archive',
  );
  fireEvent.click(screen.getByRole('button', { name: /Erase Ada Reed/ }));
  expect(screen.getByText(/Nothing brings it back/)).toBeVisible();
});

it('tells a coach whom to ask, and keeps from them what is another’s', async () => {
  open('coach', playerWith({ isPersonalRead: false }));
  fireEvent.change(await screen.findByLabelText('Player'), { target: { value: 'ada' } });
  expect(screen.queryByRole('link', { name: /Take it out/ })).toBeNull();
  expect(screen.getByText(/Only an owner erases/)).toBeVisible();
  expect(screen.queryByRole('region', { name: 'Players long gone' })).toBeNull();
});

it('names who is long gone, to keep or erase; one taken away cannot be kept', async () => {
  const asked = open('owner');
  const gone = await screen.findByRole('region', { name: 'Players long gone' });
  await within(gone).findByText(/last here Sat 2 Mar 2024/);
  expect(within(gone).queryByRole('button', { name: 'Keep Otto Berg' })).toBeNull();
  fireEvent.click(within(gone).getByRole('button', { name: 'Keep Lena Rood' }));
  await waitFor(() =>
    expect(asked).toContainEqual(expect.objectContaining({ path: '/api/players/lena/keep' })),
  );
  fireEvent.click(within(gone).getByRole('button', { name: /Erase Otto Berg/ }));
  fireEvent.change(screen.getByLabelText(/write the name/), { target: { value: 'Otto Berg' } });
  fireEvent.click(screen.getByRole('button', { name: 'Erase for good' }));
  await waitFor(() =>
    expect(asked).toContainEqual(expect.objectContaining({ path: '/api/players/otto/erase' })),
  );
});

it('lets an owner say when a player is long gone', async () => {
  const asked = open('owner');
  const months = await screen.findByLabelText(/without a lesson for/);
  fireEvent.change(months, { target: { value: '36' } });
  const body = { goneMonths: 36 };
  await waitFor(() =>
    expect(asked).toContainEqual({ method: 'PATCH', path: '/api/academy', body }),
  );
});
