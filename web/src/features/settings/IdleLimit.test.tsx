import { fireEvent, screen, waitFor } from '@testing-library/react';
import { accountOf, show } from '../../testing/render.tsx';
import { answering } from '../../testing/server.ts';
import { IdleLimit } from './IdleLimit.tsx';

const LABEL = /signed out after/;

it('lets the owner say how long a browser that nobody uses stays signed in', async () => {
  const asked = answering({ 'PATCH /api/academy': { ...accountOf('owner'), idleHours: 8 } });
  show(<IdleLimit />, { isAnswered: true });
  expect(screen.getByLabelText(LABEL)).toHaveValue('720');
  fireEvent.change(screen.getByLabelText(LABEL), { target: { value: '8' } });
  await waitFor(() =>
    expect(asked).toContainEqual({
      method: 'PATCH',
      path: '/api/academy',
      body: { idleHours: 8 },
    }),
  );
});

it('is not a coach’s to say', () => {
  answering({});
  show(<IdleLimit />, { isAnswered: true, role: 'coach' });
  expect(screen.queryByLabelText(LABEL)).toBeNull();
});
