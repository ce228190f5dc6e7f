import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import { doorEvent } from '../../testing/doors.ts';
import { show } from '../../testing/render.tsx';
import { answering } from '../../testing/server.ts';
import { doorSentence } from '../../ui/door-words.ts';
import { DoorsPage } from './DoorsPage.tsx';

const TRIES = doorEvent('b', {
  kind: 'refused',
  detail: 'a wrong password',
  times: 7,
  lastAt: '2026-05-04T09:40:00.000Z',
});

describe('the record of doors', () => {
  it('says who, how, when and from where, day by day, and asks for what is before', async () => {
    const asked = answering({
      'GET /api/doors': { events: [TRIES, doorEvent('a')], next: '2026-05-04T09:00:00.000Z' },
    });
    show(<DoorsPage />, { isAnswered: true });
    const day = await screen.findByRole('region', { name: 'Monday 4 May' });
    expect(within(day).getByText('Olga Ower signed in with a password')).toBeInTheDocument();
    expect(
      within(day).getByText(/Somebody as Olga Ower was refused 7 times: a wrong password/),
    ).toBeInTheDocument();
    expect(within(day).getByText('Safari on an iPad, from 10.0.0.9')).toBeInTheDocument();
    expect(within(day).getByText(/from 10\.0\.0\.9, since \d\d:\d\d$/)).toBeInTheDocument();
    fireEvent.click(screen.getByRole('button', { name: 'Earlier' }));
    await waitFor(() => expect(asked.filter(({ path }) => path === '/api/doors')).toHaveLength(2));
  });

  it('says of a new browser that it is one', () => {
    expect(doorSentence(doorEvent('d', { isNewBrowser: true }))).toBe(
      'Olga Ower signed in with a password, in a new browser',
    );
  });

  it('shows a coach nothing', () => {
    answering({ 'GET /api/doors': { status: 403, message: 'This is for the owner.' } });
    show(<DoorsPage />, { isAnswered: true, role: 'coach' });
    expect(screen.getByText('This is for the owner of the academy.')).toBeInTheDocument();
  });

  it('names a player who is there, and says so of one who is gone', () => {
    const taken = doorEvent('c', { kind: 'exported', detail: 'balls as CSV', player: 'Ida Moor' });
    expect(doorSentence(taken)).toBe('Olga Ower took out balls as CSV of Ida Moor');
    expect(doorSentence({ ...taken, player: null })).toBe(
      'Olga Ower took out balls as CSV of somebody who was erased',
    );
    const archive = { ...taken, kind: 'archive-taken', detail: 'the whole academy' } as const;
    expect(doorSentence({ ...archive, player: null })).toBe('Olga Ower took out the whole academy');
  });
});
