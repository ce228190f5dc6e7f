import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import { doorEvent } from '../../testing/doors.ts';
import type { DoorEvent } from '../../api/doors.ts';
import { show } from '../../testing/render.tsx';
import { answering } from '../../testing/server.ts';
import { DoorNews } from './DoorNews.tsx';

const TRIES = doorEvent('b', { kind: 'refused', detail: 'a wrong password', times: 7 });

describe('the news of the doors', () => {
  const open = (news: readonly DoorEvent[], role: 'owner' | 'coach' = 'owner') => {
    const asked = answering({
      'GET /api/doors/news': [...news],
      'POST /api/doors/seen': { status: 204 },
    });
    show(<DoorNews />, { isAnswered: true, role });
    return asked;
  };

  it('tell an owner three at most, until they say that they have seen them', async () => {
    const asked = open([TRIES, ...['x', 'y', 'z'].map((id) => doorEvent(id))]);
    const news = await screen.findByRole('region', { name: 'At the doors' });
    expect(within(news).getByText('and 1 more')).toBeInTheDocument();
    fireEvent.click(within(news).getByRole('button', { name: 'Seen' }));
    await waitFor(() => expect(screen.queryByRole('region', { name: 'At the doors' })).toBeNull());
    expect(asked.at(-1)).toMatchObject({ method: 'POST', path: '/api/doors/seen' });
  });

  it('are not there where there are none, and asked for by no coach', async () => {
    const asked = open([TRIES], 'coach');
    await Promise.resolve();
    expect(asked).toEqual([]);
    expect(screen.queryByRole('region')).toBeNull();
  });
});
