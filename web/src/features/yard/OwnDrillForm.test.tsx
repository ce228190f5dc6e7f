import { act, fireEvent, screen, waitFor, within } from '@testing-library/react';
import { show } from '../../testing/render.tsx';
import { answering } from '../../testing/server.ts';
import type { Asked } from '../../testing/server.ts';
import { OwnDrillForm } from './OwnDrillForm.tsx';

function open(answer: object = { id: 'own-1' }): {
  asked: readonly Asked[];
  made: string[];
} {
  const made: string[] = [];
  show(<OwnDrillForm open hand="left" onClose={() => {}} onMade={(id) => made.push(id)} />);
  return { asked: answering({ 'POST /api/drills': answer, 'GET /api/drills': [] }), made };
}
const type = (label: RegExp | string, value: string) =>
  fireEvent.change(screen.getByLabelText(label), { target: { value } });
const keep = async (): Promise<void> => {
  await act(async () => {
    fireEvent.click(screen.getByRole('button', { name: 'Keep the drill' }));
    await Promise.resolve();
  });
};
const posts = (asked: readonly Asked[]) => asked.filter(({ method }) => method === 'POST');

describe('a drill of one’s own', () => {
  it('is stored in metres, with what it moves', async () => {
    const { asked, made } = open();
    type('Name', 'Low bench');
    type('How it is done', 'Swing under the bench.');
    type('A good one', 'No touch.');
    fireEvent.change(screen.getByLabelText('Path'), { target: { value: '-1' } });
    type(/^Ahead/, '−30');
    type(/^Out/, '12,5');
    await keep();
    await waitFor(() => expect(made).toEqual(['own-1']));
    expect(posts(asked)[0]!.body).toEqual({
      name: 'Low bench',
      how: 'Swing under the bench.',
      good: 'No touch.',
      movesPath: -1,
      movesFace: 0,
      parts: [{ kind: 'peg', label: 'peg', alongM: -0.3, outM: 0.125, lengthM: 0, angleDeg: 0 }],
    });
  });

  it('is drawn while it is typed, from the player’s side', () => {
    open();
    const drawing = () => screen.getByRole('img', { name: 'The station so far, from above' });
    expect(screen.getByText(/for a left-hander/)).toBeInTheDocument();
    expect(within(drawing()).getByText('peg')).toBeInTheDocument();
    type('Label', 'bench');
    expect(within(drawing()).getByText('bench')).toBeInTheDocument();
    fireEvent.click(screen.getByRole('button', { name: 'Another part' }));
    expect(within(drawing()).getByText('peg')).toBeInTheDocument();
    fireEvent.click(screen.getByRole('button', { name: 'Take part 1 away' }));
    expect(within(drawing()).queryByText('bench')).toBeNull();
  });

  it('says what is missing, at its field, and sends nothing', async () => {
    const { asked } = open();
    type(/^Turned/, 'a bit');
    await keep();
    for (const words of [
      'Name the drill.',
      'Say how it is done.',
      'Say what a good one looks like.',
      'Write a number.',
    ])
      expect(screen.getByText(words)).toBeInTheDocument();
    expect(posts(asked)).toEqual([]);
  });

  it('keeps what was typed when the server refuses it, and says why', async () => {
    const { made } = open({ status: 400, message: 'name: there is one of that name already' });
    type('Name', 'Rails');
    type('How it is done', 'As usual.');
    type('A good one', 'Clean.');
    await keep();
    expect(await screen.findByText('name: there is one of that name already')).toBeInTheDocument();
    expect(screen.getByLabelText('Name')).toHaveValue('Rails');
    expect(made).toEqual([]);
  });
});
