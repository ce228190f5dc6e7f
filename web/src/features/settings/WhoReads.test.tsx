import { fireEvent, screen, waitFor } from '@testing-library/react';
import { accountOf, show } from '../../testing/render.tsx';
import { answering } from '../../testing/server.ts';
import { WhoReads } from './WhoReads.tsx';

const LABEL = /are read by/;

it('lets the owner keep what is personal to a player’s own coach', async () => {
  const kept = { ...accountOf('owner'), personalFor: 'own-coach' as const };
  const asked = answering({ 'PATCH /api/academy': kept });
  show(<WhoReads />, { isAnswered: true });
  expect(screen.getByLabelText(LABEL)).toHaveValue('coaches');
  fireEvent.change(screen.getByLabelText(LABEL), { target: { value: 'own-coach' } });
  const body = { personalFor: 'own-coach' };
  await waitFor(() =>
    expect(asked).toContainEqual({ method: 'PATCH', path: '/api/academy', body }),
  );
});

it('is not a coach’s to say', () => {
  show(<WhoReads />, { role: 'coach' });
  expect(screen.queryByLabelText(LABEL)).toBeNull();
});
