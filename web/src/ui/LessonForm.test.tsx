import { act, fireEvent, screen, waitFor } from '@testing-library/react';
import { format } from 'date-fns';
import { PLAIN_WANTED } from '@loxos/core';
import { useLocation } from 'react-router';
import type { Player } from '../api/client.ts';
import { show } from '../testing/render.tsx';
import { answering } from '../testing/server.ts';
import type { Asked } from '../testing/server.ts';
import { LessonForm } from './LessonForm.tsx';

const ada = { id: 'ada', name: 'Ada Reed', wanted: { all: PLAIN_WANTED } } as unknown as Player;
const DAY = new Date(2026, 2, 4);

function Where() {
  return <p>at {useLocation().pathname}</p>;
}
async function open(players: readonly Player[], taken: readonly string[] = []) {
  show(
    <>
      <LessonForm open day={DAY} onClose={() => undefined} />
      <Where />
    </>,
    { players },
  );
  const asked = answering({
    'GET /api/lessons': taken.map((startsAt) => ({ startsAt })),
    'GET /api/players': [...players],
    'POST /api/players': ({ body }) => body as object,
    'POST /api/lessons': { id: 'made' },
  });
  await screen.findByRole('button', { name: 'Open the lesson' });
  return asked;
}
const submit = async (): Promise<void> => {
  await act(async () => {
    fireEvent.click(screen.getByRole('button', { name: 'Open the lesson' }));
    await Promise.resolve();
  });
};
const posted = (asked: readonly Asked[], path: string) =>
  asked.find((one) => one.method === 'POST' && one.path === path)?.body as
    Record<string, string> | undefined;

describe('a new lesson', () => {
  it('begins with a name and a hand where nobody is known yet', async () => {
    const asked = await open([]);
    expect(screen.queryByLabelText('Player')).toBeNull();
    fireEvent.change(screen.getByLabelText('Name'), { target: { value: 'Bo Lind' } });
    fireEvent.click(screen.getByLabelText('Left-handed'));
    await submit();
    await screen.findByText('at /lessons/made/watch');
    expect(posted(asked, '/api/players')).toMatchObject({ name: 'Bo Lind', hand: 'left' });
    expect(posted(asked, '/api/lessons')!['playerId']).toBe(posted(asked, '/api/players')!['id']);
  });

  it('asks for the name before it makes anybody', async () => {
    const asked = await open([]);
    await submit();
    expect(await screen.findByText('Write the name.')).toBeInTheDocument();
    expect(posted(asked, '/api/players')).toBeUndefined();
  });

  it('chooses among the players, and asks which', async () => {
    const asked = await open([ada]);
    await submit();
    expect(await screen.findByText('Choose the player.')).toBeInTheDocument();
    fireEvent.change(screen.getByLabelText('Player'), { target: { value: 'ada' } });
    fireEvent.change(screen.getByLabelText('What the player asks for'), {
      target: { value: 'Straighter' },
    });
    await submit();
    await waitFor(() =>
      expect(posted(asked, '/api/lessons')).toMatchObject({ playerId: 'ada', asked: 'Straighter' }),
    );
    expect(posted(asked, '/api/players')).toBeUndefined();
  });

  it('is at the time said, on the day said', async () => {
    const asked = await open([ada]);
    fireEvent.change(screen.getByLabelText('Player'), { target: { value: 'ada' } });
    fireEvent.change(screen.getByLabelText('Time'), { target: { value: '14:30' } });
    await submit();
    await waitFor(() => expect(posted(asked, '/api/lessons')).toBeDefined());
    const at = new Date(posted(asked, '/api/lessons')!['startsAt']!);
    expect(format(at, 'yyyy-MM-dd HH:mm')).toBe('2026-03-04 14:30');
  });

  it('takes no time that is none', async () => {
    const asked = await open([ada]);
    fireEvent.change(screen.getByLabelText('Player'), { target: { value: 'ada' } });
    fireEvent.change(screen.getByLabelText('Time'), { target: { value: 'noon' } });
    await submit();
    expect(await screen.findByRole('alert')).toBeInTheDocument();
    expect(posted(asked, '/api/lessons')).toBeUndefined();
  });
});
