import { act, fireEvent, screen, waitFor } from '@testing-library/react';
import { PLAIN_WANTED } from '@loxos/core';
import { useLocation } from 'react-router';
import type { Player } from '../api/client.ts';
import { useLog } from '../sync/log.ts';
import { pending, show } from '../testing/render.tsx';
import { answering } from '../testing/server.ts';
import { dayOf, timeOf } from './academy-time.ts';
import { LessonForm } from './LessonForm.tsx';

const ada = { id: 'ada', name: 'Ada Reed', wanted: { all: PLAIN_WANTED } } as unknown as Player;
const DAY = '2026-03-04';

function Where() {
  return <p>at {useLocation().pathname}</p>;
}
async function open(players: readonly Player[], taken: readonly string[] = []): Promise<void> {
  useLog.setState({ entries: [] });
  show(
    <>
      <LessonForm open day={DAY} onClose={() => undefined} />
      <Where />
    </>,
    { players },
  );
  answering({
    'GET /api/lessons': taken.map((startsAt) => ({ startsAt })),
    'GET /api/players': [...players],
  });
  await screen.findByRole('button', { name: 'Open the lesson' });
}
const submit = async (): Promise<void> => {
  await act(async () => {
    fireEvent.click(screen.getByRole('button', { name: 'Open the lesson' }));
    await Promise.resolve();
  });
};
/** The player met and the lesson opened, as they are on their way. */
const met = () => pending().find(({ name }) => name === 'player.add');
const opened = () => pending().find(({ name }) => name === 'lesson.add');

describe('a new lesson', () => {
  it('begins with a name and a hand where nobody is known yet', async () => {
    await open([]);
    expect(screen.queryByLabelText('Player')).toBeNull();
    fireEvent.change(screen.getByLabelText('Name'), { target: { value: 'Bo Lind' } });
    fireEvent.click(screen.getByLabelText('Left-handed'));
    await submit();
    expect(met()).toMatchObject({ fields: { name: 'Bo Lind', hand: 'left' } });
    expect(opened()!.of).toBe(met()!.id);
    expect(screen.getByText(`at /lessons/${opened()!.id}/watch`)).toBeInTheDocument();
  });

  it('asks for the name before it makes anybody', async () => {
    await open([]);
    await submit();
    expect(await screen.findByText('Write the name.')).toBeInTheDocument();
    expect(met()).toBeUndefined();
  });

  it('chooses among the players, and asks which', async () => {
    await open([ada]);
    await submit();
    expect(await screen.findByText('Choose the player.')).toBeInTheDocument();
    fireEvent.change(screen.getByLabelText('Player'), { target: { value: 'ada' } });
    fireEvent.change(screen.getByLabelText('What the player asks for'), {
      target: { value: 'Straighter' },
    });
    await submit();
    await waitFor(() =>
      expect(opened()).toMatchObject({ of: 'ada', fields: { asked: 'Straighter' } }),
    );
    expect(met()).toBeUndefined();
  });

  it('is at the time said, on the day said', async () => {
    await open([ada]);
    fireEvent.change(screen.getByLabelText('Player'), { target: { value: 'ada' } });
    fireEvent.change(screen.getByLabelText('Time'), { target: { value: '14:30' } });
    await submit();
    await waitFor(() => expect(opened()).toBeDefined());
    const { startsAt } = opened()!.fields as { startsAt: string };
    expect(`${dayOf(startsAt)} ${timeOf(startsAt)}`).toBe('2026-03-04 14:30');
  });

  it('takes no time that is none', async () => {
    await open([ada]);
    fireEvent.change(screen.getByLabelText('Player'), { target: { value: 'ada' } });
    fireEvent.change(screen.getByLabelText('Time'), { target: { value: 'noon' } });
    await submit();
    expect(await screen.findByRole('alert')).toBeInTheDocument();
    expect(opened()).toBeUndefined();
  });
});
