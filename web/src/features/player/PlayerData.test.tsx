import { fireEvent, screen, waitFor } from '@testing-library/react';
import { playerWith } from '../../testing/player.ts';
import { show } from '../../testing/render.tsx';
import { answering } from '../../testing/server.ts';
import { PlayerData } from './PlayerData.tsx';

const ada = playerWith();

function open(role: 'owner' | 'coach' = 'owner') {
  const asked = answering({ 'POST /api/players/ada/erase': { status: 204 } });
  show(<PlayerData player={ada} />, { isAnswered: true, role });
  return asked;
}
const posts = (asked: readonly { method: string }[]) => asked.filter((a) => a.method === 'POST');

describe('a player’s data', () => {
  it('is taken out as a file by any coach; only an owner erases', () => {
    open('coach');
    expect(screen.getByRole('link', { name: /Take it out/, hidden: true })).toHaveAttribute(
      'href',
      '/api/players/ada/archive',
    );
    expect(screen.queryByRole('button', { name: /Erase/, hidden: true })).toBeNull();
  });

  it('is erased once the name is written out, and not before', async () => {
    const asked = open();
    fireEvent.click(screen.getByRole('button', { name: /Erase Ada Reed/, hidden: true }));
    const erase = screen.getByRole('button', { name: 'Erase for good' });
    expect(erase).toBeDisabled();
    fireEvent.change(screen.getByLabelText(/To be sure/), { target: { value: 'Ada' } });
    expect(erase).toBeDisabled();
    fireEvent.change(screen.getByLabelText(/To be sure/), { target: { value: 'Ada Reed' } });
    fireEvent.click(erase);
    await waitFor(() => expect(posts(asked)).toHaveLength(1));
    expect(posts(asked)[0]).toMatchObject({ body: { name: 'Ada Reed' } });
  });

  it('stays where the owner thinks better of it', () => {
    const asked = open();
    fireEvent.click(screen.getByRole('button', { name: /Erase Ada Reed/, hidden: true }));
    fireEvent.click(screen.getByRole('button', { name: 'Keep everything' }));
    expect(screen.queryByText(/Nothing brings it back/)).toBeNull();
    expect(posts(asked)).toEqual([]);
  });
});
